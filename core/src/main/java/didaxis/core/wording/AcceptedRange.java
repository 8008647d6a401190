package didaxis.core.wording;

import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.style.MarkingStyle;
import java.util.Optional;

/** Which amounts are right as well, as a memo says it. */
public record AcceptedRange(MarkingStyle style) {
    /** "2.97 Ω to 3.03 Ω"; empty where only the value itself is right. */
    public Optional<String> of(Box.Form.Amount asked, Question question) {
        double value = question.state(asked.state()).chart().value(asked.cell()).orElse(0);
        double off = Math.abs(value) * style.tolerance().relative();
        return off == 0
                ? Optional.empty()
                : Optional.of(print(value - off, asked) + " to " + print(value + off, asked));
    }

    private String print(double si, Box.Form.Amount asked) {
        AmountFormat format = style.format();
        return format.print(Amount.of(si, asked.cell().quantity()), asked.unit());
    }
}
