package didaxis.core.law;

import didaxis.core.chart.Running;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Formula;
import didaxis.core.quantity.Quantity;
import java.util.List;
import java.util.stream.Stream;

/** What a thing takes in the time for which it runs: Q = I·t, W = P·t, W = Q·V, and what the energy costs. */
final class ChargeAndEnergy {
    private ChargeAndEnergy() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        Running running = structure.chart().running();
        return running.seconds().keySet().stream()
                .flatMap(subject -> of(subject, running.tariff()))
                .toList();
    }

    private static Stream<Relation> of(Subject subject, double tariff) {
        Cell t = Cell.of(subject, Quantity.TIME);
        Cell q = Cell.of(subject, Quantity.CHARGE);
        Cell w = Cell.of(subject, Quantity.ENERGY);
        Cell cost = Cell.of(subject, Quantity.COST);
        Formula price = new Formula.Number(tariff);
        Formula kilowattHour = new Formula.Number(Running.JOULES_A_KILOWATT_HOUR);
        return Stream.of(
                product(q, Cell.current(subject), t),
                product(w, Cell.power(subject), t),
                product(w, q, Cell.voltage(subject)),
                Relation.of(Law.CHARGE_AND_ENERGY)
                        .solved(cost, Formula.over(Formula.times(Formula.of(w), price), kilowattHour))
                        .solved(w, Formula.over(Formula.times(Formula.of(cost), kilowattHour), price))
                        .build());
    }

    private static Relation product(Cell whole, Cell one, Cell other) {
        return Relation.of(Law.CHARGE_AND_ENERGY)
                .solved(whole, Formula.times(Formula.of(one), Formula.of(other)))
                .solved(one, Formula.over(Formula.of(whole), Formula.of(other)))
                .solved(other, Formula.over(Formula.of(whole), Formula.of(one)))
                .build();
    }
}
