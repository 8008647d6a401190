package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.line.PutValues;
import didaxis.core.line.Statement;
import didaxis.core.line.Term;
import didaxis.core.marking.WorkedAnswer.Asked;
import didaxis.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Of which cell a statement tells, where its name does not say so: that which its numbers work out.
 *
 * @param said what the lines have said of cells so far, as it is written
 * @param elsewhere what the learner has for cells in other boxes, in SI
 */
record Meant(Asked asked, Map<Cell, Term.Written> said, Map<Cell, List<Double>> elsewhere) {
    private static final double CLOSE = 0.01;
    /** So many cells are tried for what a letter without an index may be. */
    private static final int MOST_CELLS = 24;

    /** The cell that is named, or else understood; empty where none is. */
    Optional<Cell> cell(Statement statement) {
        Optional<Cell> named = statement.named().flatMap(Term.Name::cell);
        if (named.isPresent() || !isUnderstood(statement, asked)) return named;
        Optional<Quantity> quantity = statement
                .named()
                .flatMap(Term.Name::quantity)
                .or(() -> statement.result().flatMap(Term.Written::quantity));
        if (quantity.isEmpty()) return Optional.empty();
        // A letter without an index is rather that of what is asked than that of something else.
        List<Cell> candidates = Stream.concat(asked.onTheWay().stream(), asked.substitution().cells().stream())
                .filter(cell ->
                        cell.quantity() == quantity.get() && !asked.known().test(cell))
                .distinct()
                .sorted(Comparator.comparing(
                        cell -> !cell.subject().equals(asked.cell().subject())))
                .limit(MOST_CELLS)
                .toList();
        return candidates.stream()
                .filter(cell -> works(statement, cell))
                .findFirst()
                .or(() -> candidates.stream()
                        .filter(cell -> has(statement, asked.chart().value(cell).orElse(Double.NaN)))
                        .findFirst())
                .or(() -> asked.onTheWay().stream()
                        .filter(cell -> cell.quantity() == quantity.get() && !said.containsKey(cell))
                        .findFirst());
    }

    /** Whether a letter alone is worked out as that of something on the way, and not as what is asked. */
    boolean isOfAnother(Statement statement) {
        if (!isUnderstood(statement, asked) || works(statement, asked.cell())) return false;
        return asked.onTheWay().stream().anyMatch(cell -> asked.fits(cell.quantity()) && works(statement, cell));
    }

    /**
     * Whether whose value it tells is only understood: R2R3/(R2 + R3) = 12 × 4/16 = 3 Ω is what these make together, and
     * I1 + I2 = 2 A what is asked where that is their sum, while it tells of none of them alone.
     */
    static boolean isUnderstood(Statement statement, Asked asked) {
        if (statement.named().isPresent())
            return statement.named().flatMap(Term.Name::cell).isEmpty();
        Term first = statement.sides().get(0);
        if (first.names().findAny().isEmpty()) return true;
        boolean ofWhatIsAsked =
                first.names().flatMap(name -> name.cell().stream()).anyMatch(asked::isSought);
        int last = statement.sides().size() - 1;
        boolean worked = IntStream.range(1, last)
                .anyMatch(k -> statement.sides().get(k).names().findAny().isEmpty());
        boolean together =
                (worked || isLaw(first, asked)) && statement.reciprocal().isEmpty();
        return together && !ofWhatIsAsked;
    }

    /** Whether letters are what is asked by a law. */
    private static boolean isLaw(Term letters, Asked asked) {
        return asked.substitution()
                .of(Term.Name.of(asked.cell()), letters, asked::isSought, PutValues.NONE)
                .isPresent();
    }

    /**
     * The letters for which 24/(4 + 8) stands, whose amount is on a line of its own or was left in the head; 1/12 + 1/4 is
     * one over a resistance, as is 1/x in a letter of one's own, but 9/18 is no current that is turned round.
     */
    Optional<Term> ofSum(Statement statement) {
        boolean nameless = statement.sides().stream()
                .noneMatch(side -> side.names().findAny().isPresent());
        boolean own = statement
                .reciprocal()
                .or(statement::named)
                .filter(name -> name.cell().isEmpty() && name.quantity().isEmpty())
                .isPresent();
        if (!own && (!nameless || statement.result().isPresent())) return Optional.empty();
        boolean over = statement.reciprocal().isPresent() || statement.sides().get(0) instanceof Term.Sum;
        return Stream.concat(Stream.of(asked.cell()), asked.onTheWay().stream())
                .filter(cell -> !asked.known().test(cell))
                .flatMap(cell -> Stream.<Term>of(Term.Name.of(cell), new Term.Power(Term.Name.of(cell), -1))
                        .limit(over ? 2 : 1)
                        .filter(left -> works(statement, left, cell)))
                .findFirst();
    }

    private boolean works(Statement statement, Cell cell) {
        return works(statement, Term.Name.of(cell), cell);
    }

    private boolean works(Statement statement, Term left, Cell cell) {
        Predicate<Cell> sought =
                one -> asked.substitution().alike(one, cell) && !asked.known().test(one);
        return statement.sides().stream()
                .filter(side -> side.names().findAny().isEmpty())
                .anyMatch(side -> asked.substitution()
                        .of(left, side, sought, worth(sought, said, elsewhere))
                        .isPresent());
    }

    /** Whether its result is near a value. */
    static boolean has(Statement statement, double value) {
        return statement
                .result()
                .filter(result -> Math.abs(result.si() - value) <= CLOSE * Math.abs(value))
                .isPresent();
    }

    /** What a number may be put in for: a learner's own value of a cell, or its true one, but none of what is sought. */
    static PutValues worth(Predicate<Cell> sought, Map<Cell, Term.Written> said, Map<Cell, List<Double>> elsewhere) {
        Map<Cell, List<Double>> own = new HashMap<>(elsewhere);
        said.forEach((cell, written) -> {
            List<Double> values = new ArrayList<>(elsewhere.getOrDefault(cell, List.of()));
            values.add(written.si());
            own.put(cell, values);
        });
        return new PutValues(sought, own);
    }
}
