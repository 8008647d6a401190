package didaxis.server.line;

import didaxis.core.line.Line;
import didaxis.core.line.LineMathMl;
import didaxis.core.line.LineText;
import didaxis.core.line.Remark;
import didaxis.core.line.WorkingCheck.Checked;
import didaxis.core.wording.WorkingSentence;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Checks a working that somebody wrote. */
@RestController
class LinesController {
    /** A circuit and a working of it, line under line. */
    record LinesRequest(
            String notation,
            @Schema(types = {"string", "null"}) String style,
            String working) {}

    /** What a line comes to. */
    enum Holds {
        /** Nothing is said against it. */
        YES,
        NO,
        /** It states nothing: words, or an empty line. */
        WORDS,
        /** It could be held against nothing. */
        OPEN,
        /** Some of it could not be read. */
        UNREAD
    }

    /**
     * A line as it was read.
     *
     * @param typed as it was written
     * @param read each of its chains of equal sides, as MathML
     * @param text the same as one line of text
     * @param said what there is to say of it, in sentences
     */
    record CheckedLineView(String typed, Holds holds, List<String> read, String text, List<String> said) {
        static CheckedLineView of(Checked checked, WorkingSentence sentence) {
            Line line = checked.line();
            List<String> said = new ArrayList<>();
            checked.remarks().forEach(remark -> said.add(sentence.say(remark)));
            line.unread().ifPresent(unread -> said.add(WorkingSentence.say(unread)));
            boolean open = checked.remarks().stream().allMatch(Remark.Unjudged.class::isInstance);
            Holds holds = !checked.remarks().isEmpty()
                    ? open ? Holds.OPEN : Holds.NO
                    : line.unread().isPresent() ? Holds.UNREAD : line.chains().isEmpty() ? Holds.WORDS : Holds.YES;
            List<String> read = line.chains().stream().map(LineMathMl::print).toList();
            return new CheckedLineView(line.typed(), holds, read, LineText.print(line), said);
        }
    }

    private final LinesService lines;

    LinesController(LinesService lines) {
        this.lines = lines;
    }

    @PostMapping("/api/circuits/lines")
    List<CheckedLineView> check(@RequestBody LinesRequest request) {
        return lines.check(request);
    }
}
