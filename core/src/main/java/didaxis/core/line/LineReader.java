package didaxis.core.line;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.formula.Span;
import didaxis.core.line.Line.Chain;
import didaxis.core.line.Line.Unread;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.Terms;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Reads a line of working as people write it down.
 *
 * <pre>
 * line      := [label] chain {(';' | ', ' | '→' | '∴') chain} [words]
 * chain     := side {('=' | '≈' | 'is') side}                    also: '= side', going on from the line before
 * side      := ['+' | '−'] product {('+' | '−') product}
 * product   := factor {('×' | '·' | '*' | 'x' | '÷' | '/' | '∥' | nothing) factor}
 * factor    := atom ['^' whole number | raised digits]
 * atom      := number [unit] | name | '(' side ')' [unit] | '√' factor
 * </pre>
 *
 * Read: Rp = 1/(1/12 + 1/4) = 3 Ω · I = V/R = 6/3 = 2A · P=I²R · V2 = 16 - 10 · Rt: 3 + 4k7. What cannot be read is told
 * with its place, and what stands before it is kept.
 */
public final class LineReader {
    private static final int LONGEST = 300;
    private static final double CLOSE = 0.01;
    private static final Pattern STROKE = Pattern.compile("[/÷:]");
    private static final Pattern TWO_LETTERS = Pattern.compile("\\p{L}[\\p{L}0-9₀-₉_]+");

    private final LineNames names;
    private final LineNames meters;
    private final LineNames timed;
    private final LineNames energies;
    private final boolean running;
    private final boolean metered;
    private final LineNumbers numbers;

    public LineReader(Circuit circuit, HouseStyle style) {
        this(circuit, style.terms(), style.numbers(), false);
    }

    /**
     * With numbers as they are read elsewhere.
     *
     * @param running whether things run for a time, so that It may be a current for a time, and E an energy
     */
    public LineReader(Circuit circuit, Terms terms, AmountFormat format, boolean running) {
        this.running = running;
        this.metered = Subjects.of(circuit).readings().stream().anyMatch(row -> row.kind() == Subject.Kind.VOLTMETER);
        this.names = new LineNames(circuit, terms, LineNames.Habit.PLAIN);
        this.meters = new LineNames(circuit, terms, LineNames.Habit.METERS);
        this.timed = new LineNames(circuit, terms, LineNames.Habit.TIMED);
        this.energies = new LineNames(circuit, terms, LineNames.Habit.ENERGY);
        this.numbers = new LineNumbers(format);
    }

    /** The line in its plainest reading. */
    public Line read(String typed) {
        return read(typed, LineExpressions.Reading.PLAIN, names);
    }

    /** Every way to read it, the plainest first: what stands under a stroke, whether IR₁ is one name, whether V₁ is a meter, It a product and E an energy, may be in doubt. */
    public List<Line> readings(String typed) {
        Set<Line> readings = new LinkedHashSet<>();
        for (LineExpressions.Reading reading : LineExpressions.Reading.values())
            if (mayDiffer(reading, typed)) readings.add(read(typed, reading, names));
        if (metered) readings.add(read(typed, LineExpressions.Reading.PLAIN, meters));
        if (running) readings.add(read(typed, LineExpressions.Reading.PLAIN, timed));
        if (running && typed.contains("E")) readings.add(read(typed, LineExpressions.Reading.PLAIN, energies));
        return List.copyOf(readings);
    }

    /** Habits differ over what stands beside or under a stroke, and over letters side by side. */
    private static boolean mayDiffer(LineExpressions.Reading reading, String typed) {
        return switch (reading) {
            case PLAIN -> true;
            case ALL_UNDER, LOOSE -> STROKE.matcher(typed).find();
            case PRODUCTS -> TWO_LETTERS.matcher(typed).find();
        };
    }

    /** The reading in which all can be read and numbers that are said to be equal are so; nothing of the circuit is told. */
    public Line likeliest(String typed) {
        return readings(typed).stream()
                .min(Comparator.comparing((Line line) -> line.unread().isPresent())
                        .thenComparingInt(LineReader::falseSteps))
                .orElseThrow();
    }

    private static int falseSteps(Line line) {
        int steps = 0;
        for (Chain chain : line.chains())
            for (int k = 0; k + 1 < chain.sides().size(); k++) {
                double left = alone(chain.sides().get(k));
                double right = alone(chain.sides().get(k + 1));
                if (Math.abs(left - right) > CLOSE * Math.abs(right)) steps++;
            }
        return steps;
    }

    private static double alone(Term side) {
        return side.span(name -> Span.exactly(Double.NaN)).mid();
    }

    private Line read(String typed, LineExpressions.Reading reading, LineNames names) {
        if (typed.length() > LONGEST)
            return new Line(typed, List.of(), Optional.of(new Unread(LONGEST, typed.substring(LONGEST, LONGEST + 1))));
        LineParser parser = new LineParser(LineTokens.of(typed), names, numbers, reading);
        List<Chain> chains = new ArrayList<>();
        Optional<Unread> unread = parser.line(chains);
        return new Line(typed, chains, unread);
    }
}
