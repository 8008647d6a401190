package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import didaxis.core.slip.Slip;
import java.math.BigDecimal;
import java.util.List;

/** Made-up learners who make one slip each, by formulas of their own. */
final class Slipping extends SlipPlaces {
    private Slipping(LearnerWork work) {
        super(work);
    }

    /** Every place of a circuit at which a slip can be made; none where it has none. */
    static List<Made> in(Slip slip, LearnerWork work) {
        Slipping all = new Slipping(work);
        all.make(slip);
        return all.made;
    }

    private void make(Slip slip) {
        switch (slip) {
            case SIGN -> penned(PenSlip::negated);
            case PREFIX -> penned(PenSlip.shifted(3));
            case DECIMAL_PLACE -> penned(PenSlip.shifted(1));
            case CUT_OFF -> penned(PenSlip::cutOff);
            case DIGITS_SWAPPED -> penned(PenSlip::swapped);
            case DIGIT_LEFT_OUT -> penned(PenSlip::leftOut);
            case RECIPROCAL_NOT_TURNED_OVER -> combined(Parallel.class, 2, SlipPlaces::reciprocals);
            case PARALLEL_ADDED_AS_SERIES -> combined(Parallel.class, 2, SlipPlaces::added);
            case SERIES_COMBINED_AS_PARALLEL -> combined(Series.class, 2, (m, k) -> 1 / reciprocals(m, k));
            case PRODUCT_OVER_SUM_OF_THREE -> combined(Parallel.class, 3, (m, k) -> product(m, k) / added(m, k));
            case SUM_OVER_PRODUCT -> combined(Parallel.class, 2, (m, k) -> added(m, k) / product(m, k));
            case MEMBER_LEFT_OUT -> combined(Series.class, 3, (m, k) -> added(m.subList(1, m.size()), k));
            case PARALLEL_ABOVE_SMALLEST_BRANCH ->
                combined(
                        Parallel.class,
                        2,
                        (m, k) -> 1.37
                                * m.stream().mapToDouble(one -> r(one, k)).min().orElseThrow());
            default -> makeFurther(slip);
        }
    }

    private void makeFurther(Slip slip) {
        switch (slip) {
            case INTERNAL_RESISTANCE_LEFT_OUT -> {
                if (circuit.source().internalResistance() > 0)
                    worked(Cell.current(Subject.TOTAL), known -> emf() / r(Subject.EXTERNAL, known));
            }
            case EMF_TAKEN_FOR_TERMINAL_VOLTAGE -> {
                if (circuit.source().internalResistance() > 0) worked(Cell.voltage(Subject.EXTERNAL), known -> emf());
            }
            case LOST_VOLTS_ADDED -> {
                if (circuit.source().internalResistance() > 0)
                    worked(
                            Cell.voltage(Subject.EXTERNAL),
                            known -> emf()
                                    + i(Subject.TOTAL, known) * circuit.source().internalResistance());
            }
            case WHOLE_SUPPLY_FOR_ONE_PART -> {
                if (circuit.source().internalResistance() == 0)
                    for (Subject part : parts()) {
                        worked(Cell.voltage(part), known -> emf());
                        worked(Cell.current(part), known -> emf() / r(part, known));
                    }
            }
            case SUPPLY_CURRENT_IN_EVERY_BRANCH -> {
                for (Subject part : parts()) {
                    worked(Cell.current(part), known -> i(Subject.TOTAL, known));
                    worked(Cell.voltage(part), known -> i(Subject.TOTAL, known) * r(part, known));
                }
            }
            case VOLTAGE_SHARED_EQUALLY ->
                shared(
                        Series.class,
                        (group, one, known) ->
                                v(group.whole(), known) / group.members().size(),
                        Cell::voltage);
            case CURRENT_SHARED_EQUALLY ->
                shared(
                        Parallel.class,
                        (group, one, known) ->
                                i(group.whole(), known) / group.members().size(),
                        Cell::current);
            case LARGER_BRANCH_LARGER_CURRENT ->
                shared(
                        Parallel.class,
                        (group, one, known) -> i(group.whole(), known) * r(one, known) / added(group.members(), known),
                        Cell::current);
            case SMALLER_PART_LARGER_VOLTAGE ->
                shared(
                        Series.class,
                        (group, one, known) -> group.members().size() > 2
                                ? Double.NaN
                                : v(group.whole(), known)
                                        * (added(group.members(), known) - r(one, known))
                                        / added(group.members(), known),
                        Cell::voltage);
            case OHMS_LAW_UPSIDE_DOWN -> {
                for (Subject part : chart.rows()) {
                    worked(Cell.current(part), known -> r(part, known) / v(part, known));
                    worked(Cell.current(part), known -> r(part, known) * v(part, known));
                    worked(Cell.voltage(part), known -> i(part, known) / r(part, known));
                    worked(Cell.voltage(part), known -> r(part, known) / i(part, known));
                }
            }
            case POWER_WITHOUT_SQUARE -> {
                for (Subject part : chart.rows()) {
                    worked(Cell.power(part), known -> i(part, known) * r(part, known));
                    worked(Cell.power(part), known -> v(part, known) / r(part, known));
                }
            }
            case POWER_WITH_WRONG_SQUARE -> {
                for (Subject part : chart.rows()) {
                    worked(Cell.power(part), known -> i(part, known) * Math.pow(r(part, known), 2));
                    worked(Cell.power(part), known -> v(part, known) * v(part, known) * r(part, known));
                    worked(Cell.power(part), known -> 2 * i(part, known) * r(part, known));
                }
            }
            default -> makeLast(slip);
        }
    }

    private void makeLast(Slip slip) {
        switch (slip) {
            case BRANCH_CURRENT_WITH_TOTAL_VOLTAGE -> {
                for (Subject part : parts()) {
                    worked(Cell.power(part), known -> emf() * i(part, known));
                    worked(Cell.power(part), known -> v(part, known) * i(Subject.TOTAL, known));
                }
            }
            case MINUTES_FOR_SECONDS -> {
                for (Subject subject : chart.running().seconds().keySet())
                    worked(
                            Cell.of(subject, Quantity.ENERGY),
                            known -> known.applyAsDouble(Cell.power(subject))
                                    * known.applyAsDouble(Cell.of(subject, Quantity.TIME))
                                    / 60);
            }
            case OPEN_SWITCH_TAKEN_FOR_CLOSED -> {
                for (Part part : circuit.parts())
                    if (part.setting() == Setting.Position.OPEN)
                        otherCircuit(circuit.with(part.with(Setting.Position.CLOSED)));
            }
            case BYPASS_IGNORED -> {
                for (int node = 1; node < outline.size(); node++)
                    if (outline.node(node) instanceof Part part
                            && part.kind() == PartKind.SWITCH
                            && part.resistance() == 0
                            && outline.node(outline.parent(node)) instanceof Parallel)
                        otherCircuit(circuit.with(part.with(Setting.Position.OPEN)));
            }
            case GROUP_GIVEN_FOR_PART -> {
                for (Class<?> kind : List.of(Series.class, Parallel.class))
                    for (Group group : groups(kind))
                        for (Subject one : group.members()) {
                            worked(Cell.voltage(one), known -> v(group.whole(), known));
                            worked(Cell.current(one), known -> i(group.whole(), known));
                        }
            }
            case NEIGHBOURS_ROW -> {
                for (int k = 1; k < chart.rows().size(); k++) {
                    Subject one = chart.rows().get(k);
                    Subject other = chart.rows().get(k - 1);
                    worked(Cell.voltage(one), known -> v(other, known));
                    worked(Cell.current(one), known -> i(other, known));
                }
            }
            case ANOTHER_QUANTITY -> {
                for (Subject part : chart.rows()) worked(Cell.current(part), known -> v(part, known));
            }
            case ANSWER_TO_ANOTHER_QUESTION -> {
                for (int k = 1; k < chart.rows().size(); k++) {
                    Subject one = chart.rows().get(k);
                    Subject other = chart.rows().get(k - 1);
                    worked(Cell.power(one), known -> v(other, known));
                }
            }
            case CHANGED_ON_THE_WAY -> {
                for (Subject part : parts()) {
                    worked(
                            Cell.voltage(part),
                            known -> i(part, known)
                                    * PenSlip.swapped(BigDecimal.valueOf(r(part, known)))
                                            .doubleValue());
                }
            }
            case CURRENT_USED_UP -> {
                for (Group group : groups(Series.class))
                    worked(
                            Cell.current(group.members().get(1)),
                            known -> 0.83 * i(group.members().get(0), known));
            }
            case TWO_NUMBERS_FOR_ONE -> {
                for (Group group : groups(Parallel.class))
                    worked(
                            Cell.voltage(group.members().get(1)),
                            known -> 1.17 * v(group.members().get(0), known));
            }
            default -> {}
        }
    }
}
