package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.law.Relations;
import didaxis.core.law.Structure;
import didaxis.core.marking.Sheet.Kind;
import didaxis.core.quantity.Reading;
import didaxis.core.style.MarkingStyle;
import didaxis.core.working.Deduction;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Judges the answers of one sheet. For each the first that fits: right (the true value, or what the learner's
 * own right and rounded values lead to), follow-through (what the learner's own values lead to), wrong.
 *
 * <p>A marker is made once for a question and used for every learner's sheet.
 */
public final class Marker {
    private final Relations relations;
    private final Set<Cell> given;
    private final MarkingStyle style;
    /** What is zero by the way the circuit is joined, such as the current of an open branch: nobody works that out. */
    private final List<Cell> zeros;

    private final Ways ways;
    private Twins twins;

    private Marker(Relations relations, Set<Cell> given, MarkingStyle style) {
        this.relations = relations;
        this.given = given;
        this.style = style;
        this.zeros = relations.all().stream()
                .filter(relation -> relation.enough() == 0)
                .flatMap(relation -> relation.cells().stream())
                .toList();
        Map<Cell, Double> values = new LinkedHashMap<>();
        for (Cell cell : given) values.put(cell, trueValue(cell));
        this.ways = new Ways(
                relations,
                given,
                Deduction.of(relations, values, relations.cells()).steps());
    }

    /**
     * @throws IllegalArgumentException if a given cell has no value
     */
    public static Marker of(Relations relations, Set<Cell> given, MarkingStyle style) {
        return new Marker(relations, new LinkedHashSet<>(given), style);
    }

    private double trueValue(Cell cell) {
        return relations
                .chart()
                .value(cell)
                .orElseThrow(() -> new IllegalArgumentException("cell ("
                        + cell.subject().id() + " " + cell.quantity().word() + ") has no value in this circuit"));
    }

    private synchronized Twins twins() {
        if (twins == null) twins = new Twins(ways, Structure.of(relations.chart(), relations.style()));
        return twins;
    }

    /** Whether a cell is one that can be judged here. */
    boolean knows(Cell cell) {
        return ways.knows(cell) && !Double.isNaN(ways.truth(ways.number(cell)));
    }

    /**
     * A finding for each answer, in the order of the answers.
     *
     * @param answers cell to what was typed
     * @throws IllegalArgumentException if an answered cell is given, or has no value in the circuit
     */
    public List<Finding> mark(Map<Cell, String> answers) {
        return mark(answers, Set.of(), SheetOrder.NONE);
    }

    /**
     * The same, where some of the answers belong to other boxes and are only carried on here: none of them follows from
     * what is written here, so an error in one of them starts there.
     *
     * @param order an error starts as early on the sheet as it can, and where one task asks for several, as early in the
     *     working
     */
    List<Finding> mark(Map<Cell, String> answers, Set<Cell> carried, SheetOrder order) {
        Map<Cell, Finding> findings = new LinkedHashMap<>();
        Map<Integer, Reading.Read> reads = new LinkedHashMap<>();
        answers.forEach((cell, typed) -> {
            double expected = trueValue(cell);
            if (given.contains(cell))
                throw new IllegalArgumentException("answered cell (" + cell + ") must not be given");
            Reading reading = style.format().read(typed, cell.quantity());
            findings.put(
                    cell,
                    reading.match(
                            read -> {
                                reads.put(ways.number(cell), read);
                                return new Finding.Wrong(cell, expected, read);
                            },
                            blank -> new Finding.Blank(cell, expected),
                            unreadable -> new Finding.Unreadable(cell, expected, unreadable)));
        });
        explain(reads, carried, order, findings);
        return List.copyOf(findings.values());
    }

    private void explain(
            Map<Integer, Reading.Read> reads, Set<Cell> carried, SheetOrder order, Map<Cell, Finding> findings) {
        List<Integer> known = Stream.concat(given.stream(), zeros.stream())
                .map(ways::number)
                .filter(number -> !reads.containsKey(number))
                .distinct()
                .toList();
        Sheet sheet = new Sheet(ways, style, known, reads);
        Grounding grounding = new Grounding(sheet);
        List<Integer> wrong = new ArrayList<>();
        Comparator<Integer> onTheSheet = Comparator.comparingInt(number -> order.task(ways.cell(number)));
        for (int number : reads.keySet().stream()
                .sorted(onTheSheet.thenComparing(Comparator.naturalOrder()))
                .toList()) {
            Cell cell = ways.cell(number);
            double expected = ways.truth(number);
            Reading.Read read = reads.get(number);
            if (sheet.kind(number) != Kind.OPEN) findings.put(cell, new Finding.Right(cell, expected, read));
            else if (grounding.holds(number)) {
                Derivation how = derivation(sheet, grounding.how(number).orElseThrow());
                findings.put(cell, new Finding.RoundedEarly(cell, expected, read, how));
            } else wrong.add(number);
        }
        if (!wrong.isEmpty()) followThrough(sheet, grounding, wrong, reads, carried, order, findings);
    }

    private void followThrough(
            Sheet sheet,
            Grounding grounding,
            List<Integer> wrong,
            Map<Integer, Reading.Read> reads,
            Set<Cell> carried,
            SheetOrder order,
            Map<Cell, Finding> findings) {
        Map<Explanation, Worked> found = FollowThrough.explanations(sheet, grounding, wrong);
        Map<Explanation, Derivation> routes = routes(sheet, wrong, reads, order, findings);
        routes.keySet().removeAll(found.keySet());
        // Of several ways the plainest is told: exact, with little in the head, from few answers.
        List<Explanation> all = Stream.concat(found.keySet().stream(), routes.keySet().stream())
                .filter(one -> !carried.contains(ways.cell(wrong.get(one.target()))))
                .filter(one -> one.restsOn().stream()
                        .allMatch(on -> order.mayRest(ways.cell(wrong.get(one.target())), ways.cell(wrong.get(on)))))
                .sorted(Comparator.comparing(Explanation::exactly)
                        .reversed()
                        .thenComparingInt(
                                one -> found.containsKey(one) ? found.get(one).inTheHead() : Integer.MAX_VALUE)
                        .thenComparingInt(one -> one.restsOn().cardinality()))
                .toList();
        SlipSearch slips = new SlipSearch(sheet, twins(), grounding, reads, wrong);
        int[] likeliest = likeliest(wrong, slips, order);
        BitSet origins = Origins.fewest(wrong.size(), all, likeliest);
        Set<Integer> starts = origins.stream().map(wrong::get).boxed().collect(Collectors.toSet());
        starts.forEach(number -> {
            List<NamedSlip> named = slips.named(number, starts, leading(number, wrong, origins, all));
            Cell cell = ways.cell(number);
            if (!named.isEmpty())
                findings.put(cell, new Finding.Slipped(cell, ways.truth(number), reads.get(number), named));
        });
        for (Explanation followed : Origins.followed(wrong.size(), origins, all)) {
            int number = wrong.get(followed.target());
            Map<Cell, Double> from = new LinkedHashMap<>();
            followed.restsOn().stream().map(wrong::get).forEach(own -> from.put(ways.cell(own), sheet.value(own)));
            Derivation how = found.containsKey(followed)
                    ? derivation(sheet, found.get(followed)).from(from)
                    : routes.get(followed);
            Cell cell = ways.cell(number);
            findings.put(cell, new Finding.FollowThrough(cell, ways.truth(number), reads.get(number), how));
        }
    }

    /** Within a task a learner may have begun anywhere, and most likely with an idea that is known to go wrong. */
    private int[] likeliest(List<Integer> wrong, SlipSearch slips, SheetOrder order) {
        BitSet ideas = new BitSet();
        for (int k = 0; k < wrong.size(); k++) ideas.set(k, slips.isIdea(wrong.get(k)));
        return IntStream.range(0, wrong.size())
                .boxed()
                .sorted(Comparator.comparingInt((Integer k) -> order.task(ways.cell(wrong.get(k))))
                        .thenComparing(k -> !ideas.get(k)))
                .mapToInt(Integer::intValue)
                .toArray();
    }

    /** The answers that lead to an origin, each alone and to the figures written. */
    private static List<Integer> leading(int origin, List<Integer> wrong, BitSet origins, List<Explanation> all) {
        return all.stream()
                .filter(one -> one.exactly()
                        && wrong.get(one.target()) == origin
                        && one.restsOn().cardinality() == 1)
                .map(one -> one.restsOn().nextSetBit(0))
                .filter(other -> !origins.get(other))
                .map(wrong::get)
                .toList();
    }

    /** Explanations of wrong answers by the whole working from what stands before them on the sheet. */
    private Map<Explanation, Derivation> routes(
            Sheet sheet,
            List<Integer> wrong,
            Map<Integer, Reading.Read> reads,
            SheetOrder order,
            Map<Cell, Finding> findings) {
        Map<Cell, Double> written = new LinkedHashMap<>();
        reads.keySet().forEach(number -> written.put(ways.cell(number), sheet.value(number)));
        List<Cell> cells = wrong.stream().map(ways::cell).toList();
        Set<Cell> wrongCells = Set.copyOf(cells);
        Map<Explanation, Derivation> routes = new LinkedHashMap<>();
        for (int k = 0; k < Math.min(wrong.size(), order.mostFollowed()); k++)
            if (findings.get(cells.get(k)) instanceof Finding.Wrong answer)
                for (Derivation how : order.followed(answer, written, wrongCells, style)) {
                    BitSet restsOn = new BitSet();
                    how.from().keySet().forEach(cell -> restsOn.set(cells.indexOf(cell)));
                    boolean exactly = sheet.rounds(wrong.get(k), how.value());
                    routes.putIfAbsent(new Explanation(k, restsOn, exactly), how);
                }
        return routes;
    }

    private Derivation derivation(Sheet sheet, Worked worked) {
        Map<Cell, BigDecimal> inputs = new LinkedHashMap<>();
        Map<Cell, Double> own = new LinkedHashMap<>();
        BigDecimal[] numbers = Settling.numbers(sheet, worked);
        for (int k = 0; k < numbers.length; k++) {
            int source = worked.sources()[k];
            inputs.put(ways.cell(worked.way().inputs()[k]), numbers[k]);
            if (source >= 0 && sheet.kind(source) != Kind.GIVEN) own.put(ways.cell(source), sheet.value(source));
        }
        return new Derivation(own, worked.way().relation().law(), worked.way().formula(), inputs);
    }
}
