package didaxis.core.slip;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Formula;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Resistances that are put together by the rule of another combination, or by half a rule. */
final class CombinedWrongly {
    private CombinedWrongly() {}

    /** R = 1/R1 + 1/R2: the reciprocal is left as it is. */
    static Stream<Twin> reciprocalLeft(Places places) {
        return parallel(places, members -> Formula.sum(reciprocals(members)));
    }

    /** R = R1 + R2 of a parallel; and of all that has some in it, as often as there are any. */
    static Stream<Twin> addedInParallel(Places places) {
        return Stream.concat(
                parallel(places, members -> Formula.sum(Formula.of(members))),
                everywhere(places, parts -> Formula.sum(Formula.of(parts))));
    }

    /** 1/R = 1/R1 + 1/R2 of a series; and of all that has some in it. */
    static Stream<Twin> parallelInSeries(Places places) {
        Stream<Twin> once = places.groups(true)
                .map(group -> places.twin(
                        Cell.resistance(group.whole()),
                        Formula.reciprocal(Formula.sum(reciprocals(group.resistances())))));
        return Stream.concat(once, everywhere(places, parts -> Formula.reciprocal(Formula.sum(reciprocals(parts)))));
    }

    /** R1·R2·R3/(R1 + R2 + R3). */
    static Stream<Twin> productOverSumOfThree(Places places) {
        return places.groups(false)
                .filter(group -> group.members().size() > 2)
                .map(group -> places.twin(
                        Cell.resistance(group.whole()),
                        Formula.over(product(group.resistances()), Formula.sum(Formula.of(group.resistances())))));
    }

    /** (R1 + R2)/(R1·R2). */
    static Stream<Twin> sumOverProduct(Places places) {
        return parallel(places, members -> Formula.over(Formula.sum(Formula.of(members)), product(members)));
    }

    /** One of several members is forgotten, in a resistance or in a sum of powers, voltages or currents. */
    static Stream<Twin> memberLeftOut(Places places) {
        Stream<Twin> parallel = places.groups(false)
                .flatMap(group -> lessOne(group)
                        .flatMap(members -> Stream.of(
                                places.twin(
                                        Cell.resistance(group.whole()),
                                        Formula.reciprocal(Formula.sum(reciprocals(members.resistances())))),
                                places.twin(Cell.current(group.whole()), sum(members, Cell::current)),
                                places.twin(Cell.power(group.whole()), sum(members, Cell::power)))));
        Stream<Twin> series = places.groups(true)
                .flatMap(group -> lessOne(group)
                        .flatMap(members -> Stream.of(
                                places.twin(Cell.resistance(group.whole()), sum(members, Cell::resistance)),
                                places.twin(Cell.voltage(group.whole()), sum(members, Cell::voltage)),
                                places.twin(Cell.power(group.whole()), sum(members, Cell::power)))));
        return Stream.concat(parallel, series);
    }

    /** Of three or more; of two what is left is a row of its own. */
    private static Stream<Places.Group> lessOne(Places.Group group) {
        int count = group.members().size();
        if (count < 3 || !group.isSmall()) return Stream.empty();
        return IntStream.range(0, count)
                .mapToObj(left -> new Places.Group(
                        group.series(),
                        group.whole(),
                        IntStream.range(0, count)
                                .filter(k -> k != left)
                                .mapToObj(group.members()::get)
                                .toList()));
    }

    private static Formula sum(Places.Group group, Function<Subject, Cell> cell) {
        return Formula.sum(Formula.of(group.members().stream().map(cell).toList()));
    }

    /** One rule for all parts of a row, however they are joined. */
    private static Stream<Twin> everywhere(Places places, Function<List<Cell>, Formula> rule) {
        return places.resisting()
                .filter(row -> row.kind() == Subject.Kind.GROUP || row.equals(places.outside()))
                .flatMap(row -> {
                    List<Cell> parts = places.resistances(row);
                    boolean byHand = parts.size() > 2 && parts.size() <= Places.MOST_BY_HAND;
                    return byHand ? Stream.of(places.twin(Cell.resistance(row), rule.apply(parts))) : Stream.empty();
                });
    }

    private static Stream<Twin> parallel(Places places, Function<List<Cell>, Formula> rule) {
        return places.groups(false)
                .map(group -> places.twin(Cell.resistance(group.whole()), rule.apply(group.resistances())));
    }

    private static Formula product(List<Cell> members) {
        return new Formula.Product(Formula.of(members));
    }

    private static List<Formula> reciprocals(List<Cell> members) {
        return members.stream()
                .map(cell -> Formula.reciprocal(Formula.of(cell)))
                .toList();
    }
}
