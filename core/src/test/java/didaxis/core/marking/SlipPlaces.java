package didaxis.core.marking;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.OperatingPoint;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/** Where slips can be made in one circuit, and what the values there are to a learner. */
class SlipPlaces {
    /** A cell and how it is written wrong. */
    record Made(Cell cell, Hand hand) {}

    interface Wrong {
        double of(ToDoubleFunction<Cell> known);
    }

    final Circuit circuit;
    final Outline outline;
    private final Subjects subjects;
    final Chart chart;
    final List<Made> made = new ArrayList<>();

    SlipPlaces(LearnerWork work) {
        chart = work.relations().chart();
        circuit = chart.circuit();
        outline = circuit.outline();
        subjects = chart.subjects();
    }

    void worked(Cell cell, Wrong wrong) {
        made.add(new Made(
                cell,
                (known, value) ->
                        LearnerWork.rounded(wrong.of(known), PenSlip.WRITTEN).toPlainString()));
    }

    void penned(PenSlip pen) {
        for (Subject subject : chart.rows())
            for (Quantity quantity : List.of(Quantity.RESISTANCE, Quantity.VOLTAGE, Quantity.CURRENT, Quantity.POWER))
                made.add(new Made(
                        Cell.of(subject, quantity),
                        (known, value) -> pen.write(new BigDecimal(value)).toPlainString()));
    }

    static double r(Subject subject, ToDoubleFunction<Cell> known) {
        return known.applyAsDouble(Cell.resistance(subject));
    }

    static double v(Subject subject, ToDoubleFunction<Cell> known) {
        return known.applyAsDouble(Cell.voltage(subject));
    }

    static double i(Subject subject, ToDoubleFunction<Cell> known) {
        return known.applyAsDouble(Cell.current(subject));
    }

    static double sum(List<Subject> members, ToDoubleFunction<Subject> of) {
        return members.stream().mapToDouble(of).sum();
    }

    record Group(Subject whole, List<Subject> members) {}

    /** Of circuits of resistors: each combination is a row, and so is each of its members. */
    List<Group> groups(Class<?> kind) {
        return IntStream.range(0, outline.size())
                .filter(node -> kind.isInstance(outline.node(node)))
                .mapToObj(node -> new Group(
                        subjects.at(node).orElseThrow(),
                        Arrays.stream(outline.membersOf(node))
                                .mapToObj(member -> subjects.at(member).orElseThrow())
                                .toList()))
                .toList();
    }

    List<Subject> parts() {
        return circuit.parts().stream()
                .filter(part -> part.kind().resistive())
                .map(part -> Subject.part(part.label()))
                .toList();
    }

    double emf() {
        return circuit.source().emf();
    }

    interface Combining {
        double of(List<Subject> members, ToDoubleFunction<Cell> known);
    }

    void combined(Class<?> kind, int fewest, Combining wrong) {
        for (Group group : groups(kind))
            if (group.members.size() >= fewest)
                worked(Cell.resistance(group.whole), known -> wrong.of(group.members, known));
    }

    interface Sharing {
        double of(Group group, Subject one, ToDoubleFunction<Cell> known);
    }

    void shared(Class<?> kind, Sharing wrong, Function<Subject, Cell> cell) {
        for (Group group : groups(kind))
            for (Subject one : group.members) worked(cell.apply(one), known -> wrong.of(group, one, known));
    }

    void otherCircuit(Circuit other) {
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

    static double added(List<Subject> members, ToDoubleFunction<Cell> known) {
        return sum(members, one -> r(one, known));
    }

    static double reciprocals(List<Subject> members, ToDoubleFunction<Cell> known) {
        return sum(members, one -> 1 / r(one, known));
    }

    static double product(List<Subject> members, ToDoubleFunction<Cell> known) {
        return members.stream().mapToDouble(one -> r(one, known)).reduce(1, (a, b) -> a * b);
    }
}
