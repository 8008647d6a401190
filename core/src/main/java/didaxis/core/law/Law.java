package didaxis.core.law;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * The laws; where several give the same cell, the earlier is the way it is taught. To add one, write one class that tells
 * its relations and one line here: chart, working, follow-through and deduction then know it, and the compiler asks for
 * its sentence.
 */
public enum Law {
    SERIES_RESISTANCE(SeriesResistance::in),
    PARALLEL_RESISTANCE(ParallelResistance::in),
    NO_CURRENT(NoCurrent::in),
    NO_VOLTAGE(NoVoltage::in),
    SAME_CURRENT(SameCurrent::in),
    SAME_VOLTAGE(SameVoltage::in),
    OHM(Ohm::in),
    EMF(Emf::in),
    VOLTAGE_SUM(VoltageSum::in),
    CURRENT_SUM(CurrentSum::in),
    POTENTIAL_AT_POINT(PotentialAtPoint::in),
    CURRENT_AT_POINT(CurrentAtPoint::in),
    POWER(Power::in),
    POWER_SUM(PowerSum::in),
    VOLTAGE_DIVIDER(VoltageDivider::in),
    CURRENT_DIVIDER(CurrentDivider::in),
    WHOLE_LOOP(WholeLoop::in),
    CHARGE_AND_ENERGY(ChargeAndEnergy::in),
    /** Unknowns that no law gives one by one; it has no relation of its own, and is named where the others stall. */
    TOGETHER(structure -> List.of());

    private final Function<Structure, List<Relation>> relations;

    Law(Function<Structure, List<Relation>> relations) {
        this.relations = relations;
    }

    /** What all laws say of a circuit. */
    static Stream<Relation> all(Structure structure) {
        return Arrays.stream(values()).flatMap(law -> law.relations.apply(structure).stream());
    }
}
