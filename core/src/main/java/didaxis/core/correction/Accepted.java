package didaxis.core.correction;

import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.quantity.Reading;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.style.MarkingStyle;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An answer that is accepted beside the right one.
 *
 * @param text an answer as one would type it, or of amounts a range: 1.4 to 1.6 A
 * @param points what it earns
 */
public record Accepted(String text, int points) {
    private static final Pattern RANGE = Pattern.compile("(.+?)\\s*(?:\\bto\\b|–|\\.\\.\\.?|…)\\s*(.+)");
    private static final Pattern UNIT = Pattern.compile("[^0-9]+$");

    public Accepted {
        text = text.strip();
        if (text.isEmpty()) throw new IllegalArgumentException("an accepted answer is empty");
        if (points < 0) throw new IllegalArgumentException("points (" + points + ") of an accepted answer must be ≥ 0");
    }

    /** The amounts that are accepted, in SI; low and high are one where it is no range. */
    private record Span(double low, double high) {
        boolean has(Reading.Read answer, MarkingStyle style) {
            double value = answer.amount().si();
            if (low == high)
                return style.tolerance().matches(low, value) || Math.abs(value - low) <= style.halfOfLastPlace(answer);
            // The ends count, whatever they are in binary.
            double slack = 1e-9 * Math.max(Math.abs(low), Math.abs(high));
            return value >= low - slack && value <= high + slack;
        }
    }

    /** Whether it can be what is typed into this box: of an amount a number with its unit, or a range of these. */
    public boolean fits(Box box, MarkingStyle style) {
        return amount(box).map(form -> span(form, style).isPresent()).orElse(true);
    }

    /**
     * Whether what was typed is accepted.
     *
     * @param amount what was typed; of lines the amount that is their answer
     */
    public boolean covers(Question question, Box box, String amount, MarkingStyle style) {
        if (amount.isBlank()) return false;
        Optional<Box.Form.Amount> form = amount(box);
        if (form.isEmpty())
            return SameAnswer.key(question, box, amount, style).equals(SameAnswer.key(question, box, text, style));
        Optional<Reading.Read> read = read(form.get(), amount, style);
        return read.isPresent()
                && span(form.get(), style)
                        .filter(span -> span.has(read.get(), style))
                        .isPresent();
    }

    private static Optional<Box.Form.Amount> amount(Box box) {
        return box.form() instanceof Box.Form.Amount form ? Optional.of(form) : Optional.empty();
    }

    private Optional<Span> span(Box.Form.Amount form, MarkingStyle style) {
        Optional<Reading.Read> single = read(form, text, style);
        if (single.isPresent())
            return single.map(one -> new Span(one.amount().si(), one.amount().si()));
        Matcher range = RANGE.matcher(text);
        if (!range.matches()) return Optional.empty();
        Optional<Reading.Read> high = read(form, range.group(2), style);
        Optional<Reading.Read> low =
                read(form, withUnit(range.group(1), range.group(2), form.cell().quantity()), style);
        if (low.isEmpty() || high.isEmpty()) return Optional.empty();
        double from = low.get().amount().si();
        double to = high.get().amount().si();
        return from < to ? Optional.of(new Span(from, to)) : Optional.empty();
    }

    /** In "1.4 to 1.6 mA" both ends are milliamperes. */
    private static String withUnit(String low, String high, Quantity quantity) {
        Matcher unit = UNIT.matcher(high);
        boolean bare = AmountFormat.unitIn(low, quantity) == AmountFormat.UnitForm.NONE;
        return bare && unit.find() ? low + unit.group() : low;
    }

    private static Optional<Reading.Read> read(Box.Form.Amount form, String text, MarkingStyle style) {
        return style.format().read(form.inUnit(text), form.cell().quantity()) instanceof Reading.Read read
                ? Optional.of(read)
                : Optional.empty();
    }
}
