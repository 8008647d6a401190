package didaxis.core.slip;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Formula;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.OperatingPoint;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The circuit seen as if a switch stood otherwise, or as if a wire beside parts were not there. */
final class OtherCircuit {
    private static final List<Quantity> WORKED =
            List.of(Quantity.RESISTANCE, Quantity.VOLTAGE, Quantity.CURRENT, Quantity.POWER);
    /** So many switches are thought of as closed, each alone. */
    private static final int MOST_SWITCHES = 6;

    private OtherCircuit() {}

    /** An open switch is taken for closed: its branch counts. */
    static Stream<Twin> openCounted(Places places) {
        Circuit circuit = places.chart().circuit();
        List<Part> open = circuit.parts().stream()
                .filter(part -> part.setting() == Setting.Position.OPEN)
                .limit(MOST_SWITCHES)
                .toList();
        List<Circuit> others = new ArrayList<>(open.stream()
                .map(part -> circuit.with(part.with(Setting.Position.CLOSED)))
                .toList());
        if (open.size() > 1) others.add(all(circuit, open));
        return others.stream().flatMap(other -> values(places, other));
    }

    private static Circuit all(Circuit circuit, List<Part> open) {
        Map<String, Setting> closed = new HashMap<>();
        open.forEach(part -> closed.put(part.label(), Setting.Position.CLOSED));
        return circuit.with(circuit.source(), closed);
    }

    /** A wire or a closed switch beside parts is not seen: they are counted as if it were not there. */
    static Stream<Twin> bypassIgnored(Places places) {
        Circuit circuit = places.chart().circuit();
        Outline outline = circuit.outline();
        return Stream.iterate(0, i -> i + 1)
                .limit(outline.size())
                .filter(i -> outline.node(i) instanceof Part && outline.parent(i) >= 0)
                .filter(i -> outline.node(outline.parent(i)) instanceof Parallel)
                .map(i -> (Part) outline.node(i))
                .filter(part -> part.resistance() == 0)
                .limit(MOST_SWITCHES)
                .map(part -> circuit.with(part.with(gap(part))))
                .flatMap(other -> values(places, other));
    }

    private static Setting gap(Part part) {
        return part.kind() == PartKind.SWITCH ? Setting.Position.OPEN : Setting.Fault.OUT;
    }

    private static Stream<Twin> values(Places places, Circuit other) {
        return OperatingPoint.of(other).match(point -> values(places, Chart.of(point)), shorted -> Stream.empty());
    }

    private static Stream<Twin> values(Places places, Chart seen) {
        List<Twin> twins = new ArrayList<>();
        for (Subject subject : places.chart().rows())
            for (Quantity quantity : WORKED) {
                Cell cell = Cell.of(subject, quantity);
                double value = seen.value(cell).orElse(Double.NaN);
                double truth = places.chart().value(cell).orElse(Double.NaN);
                if (Double.isFinite(value) && value != truth) twins.add(places.twin(cell, new Formula.Number(value)));
            }
        return twins.stream();
    }
}
