package didaxis.server.marking;

import didaxis.core.line.Line;
import didaxis.core.line.LineMathMl;
import didaxis.core.line.Remark;
import didaxis.core.line.WorkingCheck.Checked;
import didaxis.core.marking.BoxFinding;
import didaxis.core.marking.Credit;
import didaxis.core.wording.BoxSentence;
import didaxis.core.wording.WorkingSentence;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A calculation in lines in JSON: what was read and what is to be said of it, and each of its points.
 *
 * @param open whether something in it could not be read that may earn more
 */
public record WorkedView(List<WorkedLineView> lines, List<CreditView> credits, boolean open) {
    /**
     * A line of it.
     *
     * @param read its sides as MathML, those that are said to be equal with the sign before them
     * @param said what is false in it by itself, and what could not be read
     */
    public record WorkedLineView(String typed, List<String> read, List<String> said) {}

    /**
     * A point of it.
     *
     * @param line the line that earned it, from 0; null where none did
     */
    public record CreditView(
            @Schema(allowableValues = {"answer", "formula", "substitution", "step", "cell"})
            String point,

            boolean earned,
            @Schema(types = {"integer", "null"}) Integer line) {}

    static WorkedView of(BoxFinding.OfLines found, BoxSentence sentences) {
        return new WorkedView(
                found.lines().stream()
                        .map(line -> line(line, sentences.lines()))
                        .toList(),
                found.credits().stream().map(WorkedView::credit).toList(),
                found.open());
    }

    private static CreditView credit(Credit credit) {
        return new CreditView(
                credit.point().name().toLowerCase(Locale.ROOT),
                credit.earned(),
                credit.line() < 0 ? null : credit.line());
    }

    /** Values that are wrong are told of the answer, with where they come from; here is told what is false on its own. */
    private static WorkedLineView line(Checked checked, WorkingSentence sentence) {
        Line line = checked.line();
        List<String> said = new ArrayList<>();
        for (Remark remark : checked.remarks())
            if (remark instanceof Remark.FalseStep
                    || remark instanceof Remark.NoLaw
                    || remark instanceof Remark.OtherUnit) said.add(sentence.say(remark));
        line.unread().ifPresent(unread -> said.add(WorkingSentence.say(unread)));
        return new WorkedLineView(line.typed(), LineMathMl.sides(line), said);
    }
}
