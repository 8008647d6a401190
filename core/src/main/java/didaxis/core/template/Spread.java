package didaxis.core.template;

import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The values that one thing may have: in steps, of a series of preferred values, or a list.
 *
 * <p>Written "4 to 20 by 2", "E12 from 10 to 1k", "2; 4; 8" (also "2, 4, 8" and "2 or 4"); units and prefixes as in any
 * amount. what is in
 * {@code text} reads as the same spread.
 *
 * @param values in SI, in rising order, all different, 1 to 500 of them
 * @param text as one writes it
 */
public record Spread(List<Double> values, String text) {
    public static final int MOST = 500;
    /** What is expected where nothing of the kind is found. */
    public static final String EXPECTED = "values such as 4 to 20 by 2, E12 from 10 to 100, or 2; 4; 8";

    private static final Pattern STEPS =
            Pattern.compile("(.+?)\\s*(?:\\bto\\b|\\.\\.|–)\\s*(.+?)\\s*\\b(?:by|step)\\b(.+)");
    private static final Pattern SERIES =
            Pattern.compile("(E\\d+)\\s+(?:from\\s+)?(.+?)\\s*(?:\\bto\\b|\\.\\.|–)\\s*(.+)", Pattern.CASE_INSENSITIVE);
    private static final Pattern BETWEEN = Pattern.compile(";|,\\s+|\\bor\\b");

    /** @throws IllegalArgumentException if there are none, or too many */
    public Spread {
        values = values.stream().distinct().sorted().toList();
        if (values.isEmpty() || values.size() > MOST)
            throw new IllegalArgumentException("values (" + values.size() + ") must be 1 to " + MOST);
    }

    /** A list of values. */
    public static Spread of(List<Double> values, Quantity quantity) {
        return new Spread(
                values,
                values.stream()
                        .distinct()
                        .sorted()
                        .map(value -> print(value, quantity))
                        .collect(Collectors.joining("; ")));
    }

    /**
     * What somebody typed; empty if it cannot be read, has no value or more than 500.
     *
     * @param format by which amounts are read
     */
    public static Optional<Spread> parse(String typed, Quantity quantity, AmountFormat format) {
        String text = typed.strip();
        Matcher series = SERIES.matcher(text);
        if (series.matches()) return series(series, quantity, format);
        Matcher steps = STEPS.matcher(text);
        if (steps.matches()) return steps(steps, quantity, format);
        List<Double> values = new ArrayList<>();
        for (String one : BETWEEN.split(text)) {
            OptionalDouble value = amount(one, quantity, format);
            if (value.isEmpty()) return Optional.empty();
            values.add(value.getAsDouble());
        }
        return values.size() > MOST ? Optional.empty() : Optional.of(of(values, quantity));
    }

    private static Optional<Spread> series(Matcher typed, Quantity quantity, AmountFormat format) {
        Optional<PreferredSeries> series = PreferredSeries.named(typed.group(1));
        OptionalDouble from = amount(typed.group(2), quantity, format);
        OptionalDouble to = amount(typed.group(3), quantity, format);
        if (series.isEmpty() || from.isEmpty() || to.isEmpty() || from.getAsDouble() <= 0) return Optional.empty();
        List<Double> values = series.get().between(from.getAsDouble(), to.getAsDouble(), MOST);
        return spread(
                values,
                series.get() + " from " + print(from.getAsDouble(), quantity) + " to "
                        + print(to.getAsDouble(), quantity));
    }

    private static Optional<Spread> steps(Matcher typed, Quantity quantity, AmountFormat format) {
        OptionalDouble from = amount(typed.group(1), quantity, format);
        OptionalDouble to = amount(typed.group(2), quantity, format);
        OptionalDouble by = amount(typed.group(3), quantity, format);
        if (from.isEmpty() || to.isEmpty() || by.isEmpty() || by.getAsDouble() <= 0) return Optional.empty();
        // In decimals, so that ten steps of 0.1 are 1.
        BigDecimal step = BigDecimal.valueOf(by.getAsDouble());
        BigDecimal last = BigDecimal.valueOf(to.getAsDouble());
        List<Double> values = new ArrayList<>();
        for (BigDecimal value = BigDecimal.valueOf(from.getAsDouble());
                value.compareTo(last) <= 0 && values.size() <= MOST;
                value = value.add(step)) values.add(value.doubleValue());
        return spread(
                values,
                print(from.getAsDouble(), quantity) + " to " + print(to.getAsDouble(), quantity) + " by "
                        + print(by.getAsDouble(), quantity));
    }

    private static Optional<Spread> spread(List<Double> values, String text) {
        return values.isEmpty() || values.size() > MOST ? Optional.empty() : Optional.of(new Spread(values, text));
    }

    private static OptionalDouble amount(String typed, Quantity quantity, AmountFormat format) {
        return format.read(typed.strip(), quantity)
                .match(
                        read -> read.amount().si() >= 0
                                ? OptionalDouble.of(read.amount().si())
                                : OptionalDouble.empty(),
                        blank -> OptionalDouble.empty(),
                        unreadable -> OptionalDouble.empty());
    }

    /** A time needs its unit to be read again; of all else the number is enough, as in the circuit notation. */
    private static String print(double si, Quantity quantity) {
        return quantity == Quantity.TIME || quantity == Quantity.COST
                ? AmountFormat.STANDARD.exactly(Amount.of(si, quantity))
                : AmountFormat.exactly(si);
    }
}
