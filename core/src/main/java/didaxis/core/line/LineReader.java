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
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import java.util.stream.Stream;

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
    /** All read before some unread, and of these fewer false steps before more. */
    static final Comparator<Line> LIKELIER =
            Comparator.comparing((Line line) -> line.unread().isPresent()).thenComparingInt(LineReader::falseSteps);

    private static final Pattern STROKE = Pattern.compile("[/÷:]");
    private static final Pattern EQUIVALENT = Pattern.compile("R[_ ({]{0,2}(?:eq|eff)");
    private static final Pattern TERMINAL = Pattern.compile("[VU][_({]{0,2}t(?!\\p{L})");
    private static final Pattern APART =
            Pattern.compile("=.*(?:[0-9)ΩA-Za-z] +[RVUIPEQW][\\w₀-₉]* ?=|[RVUIPr][\\w₀-₉]* +[0-9])");
    private static final Pattern TOTAL = Pattern.compile("R[_ ({]{0,2}(?:t|T|all)(?![a-su-z])|R[_ ({]{0,2}tot");
    private static final Pattern SMALL =
            Pattern.compile("(?<![\\p{L}0-9])[vireup]{1,2}(?:[0-9]*|t|tot|total)(?![\\p{L}0-9])");
    private static final Pattern LARGE = Pattern.compile("(?<![\\p{L}0-9])[VIREUP]");
    private static final Pattern SQUARES = Pattern.compile("\\)2(?![0-9.,])|[IiVUE]2(?: ?/ ?)?[Rr](?![0-9_₀-₉])");
    private static final Pattern BESIDE =
            Pattern.compile("[RVUIP][_ ({]?(?:p(?:ar(?:allel)?)?(?!\\p{L})|ₚ|//|\\|\\||∥)");
    private static final Pattern TWO_LETTERS = Pattern.compile("\\p{L}[\\p{L}0-9₀-₉_]+");

    private final LineNames names;
    private final LineNames meters;
    private final LineNames timed;
    private final LineNames energies;
    private final LineNames terminals;
    private final List<LineNames> groups;
    private final Function<Subject, LineNames> ofGroup;
    private final Optional<LineNames> group;
    private final boolean running;
    private final boolean metered;
    private final boolean internal;
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
        Subjects subjects = Subjects.of(circuit);
        this.metered = subjects.readings().stream().anyMatch(row -> row.kind() == Subject.Kind.VOLTMETER);
        this.names = new LineNames(circuit, subjects, terms, LineNames.Habit.PLAIN);
        this.meters = new LineNames(circuit, subjects, terms, LineNames.Habit.METERS);
        this.timed = new LineNames(circuit, subjects, terms, LineNames.Habit.TIMED);
        this.energies = new LineNames(circuit, subjects, terms, LineNames.Habit.ENERGY);
        this.terminals = new LineNames(circuit, subjects, terms, LineNames.Habit.TERMINAL);
        this.internal = circuit.source().internalResistance() > 0;
        this.groups = LineNames.ofGroups(circuit, subjects, terms);
        this.ofGroup = asked -> LineNames.ofGroup(asked, circuit, subjects, terms);
        this.group = Optional.empty();
        this.numbers = new LineNumbers(format);
    }

    private LineReader(LineReader other, Optional<LineNames> group) {
        running = other.running;
        metered = other.metered;
        names = other.names;
        meters = other.meters;
        timed = other.timed;
        energies = other.energies;
        terminals = other.terminals;
        internal = other.internal;
        groups = other.groups;
        ofGroup = other.ofGroup;
        this.group = group;
        numbers = other.numbers;
    }

    /** The same where this is worked on: if it is a group, Rt may be that group's. */
    public LineReader asked(Subject asked) {
        boolean isGroup = asked.kind() == Subject.Kind.GROUP;
        return new LineReader(this, Optional.of(asked).filter(one -> isGroup).map(ofGroup));
    }

    /** The line in its plainest reading. */
    public Line read(String typed) {
        return read(typed, tokens(typed), LineExpressions.Reading.PLAIN, names);
    }

    /** Every way to read it, the likeliest first and each only when it is come to: what stands under a stroke, whether IR₁ is one name, whether V₁ is a meter, It a product and E an energy, which group Rp is, may be in doubt. */
    public Stream<Line> readings(String typed) {
        List<Supplier<Line>> readings = new ArrayList<>();
        List<LineTokens.Token> tokens = tokens(typed);
        for (LineExpressions.Reading reading : LineExpressions.Reading.values())
            if (mayDiffer(reading, typed)) readings.add(() -> read(typed, tokens, reading, names));
        List<LineNames> plain = new ArrayList<>();
        if (metered) plain.add(meters);
        if (running) plain.add(timed);
        if (running && typed.contains("E")) plain.add(energies);
        if (BESIDE.matcher(typed).find() || EQUIVALENT.matcher(typed).find()) plain.addAll(groups);
        if (TOTAL.matcher(typed).find()) group.ifPresent(plain::add);
        for (LineNames other : plain) readings.add(() -> read(typed, tokens, LineExpressions.Reading.PLAIN, other));
        if (internal && TERMINAL.matcher(typed).find())
            for (LineExpressions.Reading reading :
                    List.of(LineExpressions.Reading.PLAIN, LineExpressions.Reading.PRODUCTS))
                if (mayDiffer(reading, typed)) readings.add(() -> read(typed, tokens, reading, terminals));
        if (SMALL.matcher(typed).find() && !LARGE.matcher(typed).find()) {
            List<LineTokens.Token> large =
                    tokens(SMALL.matcher(typed).replaceAll(word -> word.group().toUpperCase(Locale.ROOT)));
            for (LineExpressions.Reading reading :
                    List.of(LineExpressions.Reading.PLAIN, LineExpressions.Reading.PRODUCTS))
                readings.add(() -> read(typed, large, reading, names));
        }
        return readings.stream().map(Supplier::get).distinct();
    }

    /** Habits differ over what stands beside or under a stroke, and over letters side by side. */
    private static boolean mayDiffer(LineExpressions.Reading reading, String typed) {
        return switch (reading) {
            case PLAIN -> true;
            case ALL_UNDER, LOOSE -> STROKE.matcher(typed).find();
            case PRODUCTS -> TWO_LETTERS.matcher(typed).find();
            case APART -> APART.matcher(typed).find();
            case SQUARES -> SQUARES.matcher(typed).find();
        };
    }

    /** The reading in which all can be read and numbers that are said to be equal are so; nothing of the circuit is told. */
    public Line likeliest(String typed) {
        Line best = null;
        for (Iterator<Line> readings = readings(typed).iterator(); readings.hasNext(); ) {
            Line reading = readings.next();
            if (best == null || LIKELIER.compare(reading, best) < 0) best = reading;
            if (best.unread().isEmpty() && falseSteps(best) == 0) break;
        }
        return best;
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

    private static List<LineTokens.Token> tokens(String typed) {
        return typed.length() > LONGEST ? List.of() : LineTokens.of(typed);
    }

    private Line read(String typed, List<LineTokens.Token> tokens, LineExpressions.Reading reading, LineNames names) {
        if (typed.length() > LONGEST)
            return new Line(typed, List.of(), Optional.of(new Unread(LONGEST, typed.substring(LONGEST, LONGEST + 1))));
        LineParser parser = new LineParser(tokens, names, numbers, reading);
        List<Chain> chains = new ArrayList<>();
        Optional<Unread> unread = parser.line(chains);
        return new Line(typed, chains, unread);
    }
}
