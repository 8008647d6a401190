package didaxis.server.classroom;

import didaxis.core.style.ClassStyle;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.MarkingStyle;
import didaxis.server.account.SignedIn;
import didaxis.server.circuit.ClassStyleBody;
import didaxis.server.circuit.StyleSample;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A class's own style, and what a style looks like. */
@RestController
class ClassStyleController {
    private final ClassroomService classes;

    ClassStyleController(ClassroomService classes) {
        this.classes = classes;
    }

    @GetMapping("/api/classes/{id}/style")
    ClassStyleBody style(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return ClassStyleBody.of(classes.style(id, me.id()));
    }

    /** What is handed out from now on has it; what was handed out keeps what it had. */
    @PutMapping("/api/classes/{id}/style")
    ClassStyleBody setStyle(
            @PathVariable long id, @RequestBody ClassStyleBody style, @AuthenticationPrincipal SignedIn me) {
        return ClassStyleBody.of(classes.setStyle(id, style.style(), me.id()));
    }

    /** Where a class's style can start from. */
    @GetMapping("/api/styles/presets")
    List<ClassStyleBody> presets() {
        return HouseStyle.PRESETS.stream()
                .map(house -> ClassStyleBody.of(new ClassStyle(house, MarkingStyle.STANDARD)))
                .toList();
    }

    /** One small circuit drawn, worked, asked and marked in a style. */
    @PostMapping("/api/styles/sample")
    StyleSample sample(@RequestBody ClassStyleBody style) {
        return StyleSample.of(style.style());
    }
}
