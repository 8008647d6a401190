package didaxis.core.marking;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.marking.LearnerWork.Hand;
import didaxis.core.quantity.Precision;
import didaxis.core.quantity.Quantity;
import didaxis.core.slip.Slip;
import didaxis.core.solving.OperatingPoint;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/** Made-up learners who make one slip each, by formulas of their own. */
final class Slipping {
    static final Precision WRITTEN = Precision.figures(3);

    /** A cell and how it is written wrong. */
    record Made(Cell cell, Hand hand) {}

    private interface Wrong {
        double of(ToDoubleFunction<Cell> known);
    }

    private final Circuit circuit;
    private final Outline outline;
    private final Subjects subjects;
    private final Chart chart;
    private final List<Made> made = new ArrayList<>();

    private Slipping(LearnerWork work) {
        chart = work.relations().chart();
        circuit = chart.circuit();
        outline = circuit.outline();
        subjects = chart.subjects();
    }

    /** Every place of a circuit at which a slip can be made; none where it has none. */
    static List<Made> in(Slip slip, LearnerWork work) {
        Slipping all = new Slipping(work);
        all.make(slip);
        return all.made;
    }

    private void worked(Cell cell, Wrong wrong) {
        made.add(new Made(
                cell,
                (known, value) -> LearnerWork.rounded(wrong.of(known), WRITTEN).toPlainString()));
    }

    private void penned(UnaryOperator<BigDecimal> pen) {
        for (Subject subject : chart.rows())
            for (Quantity quantity : List.of(Quantity.RESISTANCE, Quantity.VOLTAGE, Quantity.CURRENT, Quantity.POWER))
                made.add(new Made(
                        Cell.of(subject, quantity),
                        (known, value) -> pen.apply(new BigDecimal(value)).toPlainString()));
    }

    private static double r(Subject subject, ToDoubleFunction<Cell> known) {
        return known.applyAsDouble(Cell.resistance(subject));
    }

    private static double v(Subject subject, ToDoubleFunction<Cell> known) {
        return known.applyAsDouble(Cell.voltage(subject));
    }

    private static double i(Subject subject, ToDoubleFunction<Cell> known) {
        return known.applyAsDouble(Cell.current(subject));
    }

    private static double sum(List<Subject> members, ToDoubleFunction<Subject> of) {
        return members.stream().mapToDouble(of).sum();
    }

    private record Group(Subject whole, List<Subject> members) {}

    /** Of circuits of resistors: each combination is a row, and so is each of its members. */
    private List<Group> groups(Class<?> kind) {
        return IntStream.range(0, outline.size())
                .filter(node -> kind.isInstance(outline.node(node)))
                .mapToObj(node -> new Group(
                        subjects.at(node).orElseThrow(),
                        Arrays.stream(outline.membersOf(node))
                                .mapToObj(member -> subjects.at(member).orElseThrow())
                                .toList()))
                .toList();
    }

    private List<Subject> parts() {
        return circuit.parts().stream()
                .filter(part -> part.kind().resistive())
                .map(part -> Subject.part(part.label()))
                .toList();
    }

    private double emf() {
        return circuit.source().emf();
    }

    private void make(Slip slip) {
        switch (slip) {
            case SIGN -> penned(value -> rounded(value).negate());
            case PREFIX -> penned(value -> rounded(value).movePointRight(value.doubleValue() < 1 ? 3 : -3));
            case DECIMAL_PLACE -> penned(value -> rounded(value).movePointRight(value.doubleValue() < 1 ? 1 : -1));
            case CUT_OFF -> penned(value -> value.round(new MathContext(2, RoundingMode.DOWN)));
            case DIGITS_SWAPPED -> penned(Slipping::swapped);
            case DIGIT_LEFT_OUT -> penned(Slipping::leftOut);
            case RECIPROCAL_NOT_TURNED_OVER -> combined(Parallel.class, 2, Slipping::reciprocals);
            case PARALLEL_ADDED_AS_SERIES -> combined(Parallel.class, 2, Slipping::added);
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
                        (group, one, known) -> v(group.whole, known) / group.members.size(),
                        Cell::voltage);
            case CURRENT_SHARED_EQUALLY ->
                shared(
                        Parallel.class,
                        (group, one, known) -> i(group.whole, known) / group.members.size(),
                        Cell::current);
            case LARGER_BRANCH_LARGER_CURRENT ->
                shared(
                        Parallel.class,
                        (group, one, known) -> i(group.whole, known) * r(one, known) / added(group.members, known),
                        Cell::current);
            case SMALLER_PART_LARGER_VOLTAGE ->
                shared(
                        Series.class,
                        (group, one, known) -> group.members.size() > 2
                                ? Double.NaN
                                : v(group.whole, known)
                                        * (added(group.members, known) - r(one, known))
                                        / added(group.members, known),
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
                        for (Subject one : group.members) {
                            worked(Cell.voltage(one), known -> v(group.whole, known));
                            worked(Cell.current(one), known -> i(group.whole, known));
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
                                    * swapped(BigDecimal.valueOf(r(part, known)))
                                            .doubleValue());
                }
            }
            case CURRENT_USED_UP -> {
                for (Group group : groups(Series.class))
                    worked(Cell.current(group.members.get(1)), known -> 0.83 * i(group.members.get(0), known));
            }
            case TWO_NUMBERS_FOR_ONE -> {
                for (Group group : groups(Parallel.class))
                    worked(Cell.voltage(group.members.get(1)), known -> 1.17 * v(group.members.get(0), known));
            }
            default -> {}
        }
    }

    private interface Combining {
        double of(List<Subject> members, ToDoubleFunction<Cell> known);
    }

    private void combined(Class<?> kind, int fewest, Combining wrong) {
        for (Group group : groups(kind))
            if (group.members.size() >= fewest)
                worked(Cell.resistance(group.whole), known -> wrong.of(group.members, known));
    }

    private interface Sharing {
        double of(Group group, Subject one, ToDoubleFunction<Cell> known);
    }

    private void shared(Class<?> kind, Sharing wrong, Function<Subject, Cell> cell) {
        for (Group group : groups(kind))
            for (Subject one : group.members) worked(cell.apply(one), known -> wrong.of(group, one, known));
    }

    private void otherCircuit(Circuit other) {
        OperatingPoint.of(other)
                .match(
                        point -> {
                            Chart seen = Chart.of(point);
                            for (Subject subject : chart.rows())
                                worked(
                                        Cell.current(subject),
                                        known -> seen.value(Cell.current(subject))
                                                .orElse(Double.NaN));
                            return true;
                        },
                        shorted -> false);
    }

    private static double added(List<Subject> members, ToDoubleFunction<Cell> known) {
        return sum(members, one -> r(one, known));
    }

    private static double reciprocals(List<Subject> members, ToDoubleFunction<Cell> known) {
        return sum(members, one -> 1 / r(one, known));
    }

    private static double product(List<Subject> members, ToDoubleFunction<Cell> known) {
        return members.stream().mapToDouble(one -> r(one, known)).reduce(1, (a, b) -> a * b);
    }

    private static BigDecimal rounded(BigDecimal value) {
        return LearnerWork.rounded(value.doubleValue(), WRITTEN);
    }

    private static BigDecimal swapped(BigDecimal value) {
        BigDecimal rounded = rounded(value);
        String digits = rounded.unscaledValue().toString();
        // A number that begins with 0 is not written so.
        if (digits.charAt(1) == '0') return rounded;
        char[] swapped = digits.toCharArray();
        swapped[0] = digits.charAt(1);
        swapped[1] = digits.charAt(0);
        return new BigDecimal(new BigInteger(new String(swapped)), rounded.scale());
    }

    private static BigDecimal leftOut(BigDecimal value) {
        BigDecimal rounded = LearnerWork.rounded(value.doubleValue(), Precision.figures(4));
        String digits = rounded.unscaledValue().toString();
        if (digits.length() < 3) return rounded;
        return new BigDecimal(new BigInteger(digits.charAt(0) + digits.substring(2)), rounded.scale());
    }
}
