package didaxis.server.shelf;

import didaxis.server.account.SignedIn;
import didaxis.server.shelf.ShelfService.KeptCircuit;
import didaxis.server.shelf.ShelfService.ToKeep;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A teacher's shelf of circuits. */
@RestController
class ShelfController {
    record Name(String name) {}

    private final ShelfService shelf;

    ShelfController(ShelfService shelf) {
        this.shelf = shelf;
    }

    @GetMapping("/api/shelf")
    List<KeptCircuit> own(@AuthenticationPrincipal SignedIn me) {
        return shelf.own(me.id());
    }

    @PostMapping("/api/shelf")
    @ResponseStatus(HttpStatus.CREATED)
    KeptCircuit keep(@RequestBody ToKeep circuit, @AuthenticationPrincipal SignedIn me) {
        return shelf.keep(circuit, me.id());
    }

    @GetMapping("/api/shelf/removed")
    List<KeptCircuit> removed(@AuthenticationPrincipal SignedIn me) {
        return shelf.removed(me.id());
    }

    @PutMapping("/api/shelf/{id}/name")
    KeptCircuit rename(@PathVariable long id, @RequestBody Name name, @AuthenticationPrincipal SignedIn me) {
        return shelf.rename(id, name.name(), me.id());
    }

    /** Keeps the same circuit once more under a name of its own. */
    @PostMapping("/api/shelf/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    KeptCircuit copy(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return shelf.copy(id, me.id());
    }

    @DeleteMapping("/api/shelf/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        shelf.remove(id, me.id());
    }

    /** Takes back a removal. */
    @PostMapping("/api/shelf/{id}/restoration")
    KeptCircuit bringBack(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return shelf.bringBack(id, me.id());
    }
}
