package didaxis.core.slip;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.formula.Formula;
import didaxis.core.quantity.Quantity;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** A right number that stands in the wrong place. */
final class OtherRow {
    private static final List<Quantity> ELECTRICAL =
            List.of(Quantity.RESISTANCE, Quantity.VOLTAGE, Quantity.CURRENT, Quantity.POWER);
    /** Of longer charts only the rows beside are looked at. */
    private static final int MOST_ROWS = 16;

    private OtherRow() {}

    /** A part's row with the value of a group it belongs to, or of the whole. */
    static Stream<Twin> groupForPart(Places places) {
        return pairs(places)
                .filter(pair -> contains(places, pair.other(), pair.subject()))
                .flatMap(pair -> quantities(places, pair));
    }

    /** Any other row's value of the same quantity. */
    static Stream<Twin> neighbour(Places places) {
        return pairs(places).flatMap(pair -> quantities(places, pair));
    }

    /** Another quantity's value in the same row. */
    static Stream<Twin> otherQuantity(Places places) {
        return places.chart().rows().stream()
                .flatMap(subject -> ELECTRICAL.stream()
                        .flatMap(asked -> ELECTRICAL.stream()
                                .filter(other -> other != asked)
                                .map(other ->
                                        places.twin(Cell.of(subject, asked), Formula.of(Cell.of(subject, other))))));
    }

    private record Pair(Subject subject, Subject other) {}

    private static Stream<Pair> pairs(Places places) {
        List<Subject> rows = places.chart().rows();
        Stream<Pair> all = Stream.of();
        for (int k = 0; k < rows.size(); k++) {
            Subject subject = rows.get(k);
            int from = rows.size() <= MOST_ROWS ? 0 : Math.max(0, k - 1);
            int to = rows.size() <= MOST_ROWS ? rows.size() : Math.min(rows.size(), k + 2);
            all = Stream.concat(
                    all,
                    rows.subList(from, to).stream()
                            .filter(other -> !other.equals(subject))
                            .map(other -> new Pair(subject, other)));
        }
        return all;
    }

    private static Stream<Twin> quantities(Places places, Pair pair) {
        return ELECTRICAL.stream()
                .filter(quantity -> places.differ(Cell.of(pair.subject, quantity), Cell.of(pair.other, quantity)))
                .map(quantity ->
                        places.twin(Cell.of(pair.subject, quantity), Formula.of(Cell.of(pair.other, quantity))));
    }

    private static boolean contains(Places places, Subject group, Subject part) {
        Subjects subjects = places.chart().subjects();
        Set<String> members = new HashSet<>(subjects.membersOf(group));
        List<String> own = subjects.membersOf(part);
        return !own.isEmpty() && members.size() > own.size() && members.containsAll(own);
    }
}
