package didaxis.core.line;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Outline.Join;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.line.LineNames.Habit;
import didaxis.core.quantity.Quantity;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The cells of a circuit that letters with an index stand for, and labels of parts. */
final class IndexedCells {
    /** What has a column in a chart. */
    static final Set<Quantity> CHARTED =
            Set.of(Quantity.RESISTANCE, Quantity.VOLTAGE, Quantity.CURRENT, Quantity.POWER);

    private static final Set<String> WHOLE =
            Set.of("t", "tot", "total", "eq", "eff", "equivalent", "effective", "equiv", "all", "circuit", "battery");
    private static final Set<String> EQUIVALENT = Set.of("eq", "eff", "equivalent", "effective", "equiv");
    private static final Set<String> SUPPLY = Set.of("s", "supply", "source", "cell", "bat", "batt", "emf");
    private static final Set<String> OUTSIDE = Set.of("ext", "external", "terminal", "term", "tpd", "load");
    private static final Set<String> INSIDE = Set.of("int", "internal", "lost");
    private static final Set<String> BESIDE = Set.of("p", "par", "parallel", "||");
    private static final Set<String> IN_SERIES = Set.of("ser", "series");

    private static final int MOST_GROUPS = 6;
    private static final Pattern BRACKETS = Pattern.compile("[_{}() ]");
    private static final Pattern NO_DIGITS = Pattern.compile("[^0-9]");
    /** Rp1 and Rp2: the groups side by side, in their order. */
    private static final Pattern COUNTED = Pattern.compile("p(?:ar)?([1-9])");

    private final Habit habit;
    private final Subjects subjects;
    private final List<Part> parts;
    private final List<Subject> besides;
    private final Optional<Subject> beside;
    private final Optional<Subject> meant;
    private final Optional<Subject> series;

    /** @param meant the group that Req is, and Rp where there are several side by side */
    IndexedCells(Circuit circuit, Subjects subjects, Habit habit, Optional<Subject> meant) {
        this.habit = habit;
        this.subjects = subjects;
        parts = circuit.parts();
        besides = joined(circuit, subjects, Join.PARALLEL);
        this.meant = meant;
        beside = besides.size() == 1 ? Optional.of(besides.get(0)) : meant.filter(besides::contains);
        List<Subject> inSeries = joined(circuit, subjects, Join.SERIES);
        series = inSeries.size() == 1 ? Optional.of(inSeries.get(0)) : Optional.empty();
    }

    /** The groups that Req and Rp may be, those side by side first. */
    static List<Subject> groups(Circuit circuit, Subjects subjects) {
        return Stream.concat(
                        joined(circuit, subjects, Join.PARALLEL).stream(),
                        joined(circuit, subjects, Join.SERIES).stream())
                .filter(subject -> subject.kind() == Subject.Kind.GROUP)
                .limit(MOST_GROUPS)
                .toList();
    }

    /** The stretches that are joined in this way, be they groups or the whole. */
    private static List<Subject> joined(Circuit circuit, Subjects subjects, Join wanted) {
        Outline outline = circuit.outline();
        return IntStream.range(0, outline.size())
                .filter(node -> outline.join(node) == wanted)
                .mapToObj(subjects::at)
                .flatMap(Optional::stream)
                .filter(subject -> subject.kind() != Subject.Kind.PART)
                .distinct()
                .toList();
    }

    /** Whether an index says that the whole is meant. */
    static boolean isWhole(String index) {
        return WHOLE.contains(index.toLowerCase(Locale.ROOT));
    }

    /** All that is outside the source. */
    Subject whole() {
        return subjects.whole();
    }

    boolean hasInternal() {
        return subjects.has(Subject.INTERNAL);
    }

    /** What the label of a part is: its resistance, or an ammeter's reading. */
    Optional<Cell> labelled(String plain) {
        return parts.stream()
                .filter(part -> part.label().equals(plain))
                .findFirst()
                .map(part -> Subject.part(part.label()))
                .map(part -> plain.startsWith("A") ? Cell.current(part) : Cell.resistance(part));
    }

    /** What a letter with an index is; a letter alone only where there can be no doubt. */
    Optional<Cell> of(String letter, Quantity quantity, String index) {
        String plain = BRACKETS.matcher(index).replaceAll("");
        String lower = plain.toLowerCase(Locale.ROOT);
        boolean resistance = quantity == Quantity.RESISTANCE;
        if (quantity == Quantity.POTENTIAL) return potential(plain);
        if (!CHARTED.contains(quantity)) return Optional.empty();
        if (plain.isEmpty()) return alone(letter);
        // A small r with a number is what R with it is; with anything else it is nothing that is known.
        if (letter.equals("r") && !plain.matches("[0-9]{1,2}")) return Optional.empty();
        boolean called = EQUIVALENT.contains(lower) || habit == Habit.GROUP && WHOLE.contains(lower);
        if (meant.isPresent() && resistance && called) return meant.map(group -> Cell.of(group, quantity));
        if (habit == Habit.TERMINAL && lower.equals("t") && quantity == Quantity.VOLTAGE)
            return Optional.of(Cell.of(subjects.whole(), quantity));
        if (WHOLE.contains(lower)) return Optional.of(Cell.of(Subject.TOTAL, quantity));
        if (SUPPLY.contains(lower) && !resistance) return Optional.of(Cell.of(Subject.TOTAL, quantity));
        if (OUTSIDE.contains(lower)) return Optional.of(Cell.of(subjects.whole(), quantity));
        if ((INSIDE.contains(lower) || plain.equals("r")) && subjects.has(Subject.INTERNAL))
            return Optional.of(Cell.of(Subject.INTERNAL, quantity));
        if (BESIDE.contains(lower)) return beside.map(group -> Cell.of(group, quantity));
        Matcher counted = COUNTED.matcher(lower);
        if (counted.matches()) {
            int place = Integer.parseInt(counted.group(1));
            return besides.stream().skip(place - 1L).findFirst().map(group -> Cell.of(group, quantity));
        }
        if (IN_SERIES.contains(lower) || lower.equals("s") && resistance)
            return series.map(group -> Cell.of(group, quantity));
        Optional<Subject> meter = Optional.of(Subject.voltmeter("V" + plain))
                .filter(one -> quantity == Quantity.VOLTAGE && subjects.has(one));
        Optional<Subject> part = indexed(plain);
        Optional<Subject> subject = habit == Habit.METERS ? meter.or(() -> part) : part.or(() -> meter);
        Optional<Cell> cell = subject.map(one -> Cell.of(one, quantity));
        return quantity == Quantity.VOLTAGE ? cell.or(() -> potential(plain)) : cell;
    }

    /** Of a point: φ(A), and V_A where nothing else has that name. */
    private Optional<Cell> potential(String index) {
        return Optional.of(index)
                .filter(name -> name.matches("[A-Z]"))
                .map(name -> Subject.point(name.charAt(0)))
                .filter(subjects::has)
                .map(point -> Cell.of(point, Quantity.POTENTIAL));
    }

    /** A letter without an index names a cell only where there can be no doubt. */
    private Optional<Cell> alone(String letter) {
        if (letter.equals("E") || letter.equals("ε")) return Optional.of(Cell.voltage(Subject.TOTAL));
        if (!subjects.has(Subject.INTERNAL)) return Optional.empty();
        if (letter.equals("v")) return Optional.of(Cell.voltage(Subject.INTERNAL));
        return letter.equals("r") ? Optional.of(Cell.resistance(Subject.INTERNAL)) : Optional.empty();
    }

    private Optional<Subject> indexed(String index) {
        Optional<Subject> named = subjects.named(index).filter(subject -> subject.kind() != Subject.Kind.POINT);
        if (index.matches("\\p{L}.*")) return named;
        List<String> labels = List.of(index.split(","));
        String each = String.join(",", labels.stream().map(one -> "R" + one).toList());
        return subjects.named(each)
                .or(() -> subjects.named("R" + index))
                .or(() -> numbered(index))
                .or(() -> subjects.named(String.join(
                        ",",
                        Stream.of(index.replace(",", "").split(""))
                                .map(one -> numbered(one).map(Subject::id).orElse("?"))
                                .toList())))
                .or(() -> named);
    }

    /** The one part of this number, whatever its letters. */
    private Optional<Subject> numbered(String number) {
        List<Subject> found = parts.stream()
                .filter(part -> part.kind().resistive()
                        && NO_DIGITS.matcher(part.label()).replaceAll("").equals(number))
                .map(part -> Subject.part(part.label()))
                .toList();
        return found.size() == 1 ? Optional.of(found.get(0)) : Optional.empty();
    }
}
