package didaxis.core.backwards;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.law.Relations;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.working.Deduction;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;

/** Where a wire stands other laws hold: told from what is known before anything is worked from it. */
final class Wires {
    private static final double NOISE = 1e-12;

    private Wires() {}

    /**
     * The relations of a circuit in which each part that has 0 Ω by what is given is a wire, whatever stood for it, and
     * no part is one that has more; these ones where nothing is to be turned.
     */
    static Relations turned(Relations relations, Collection<Given> givens) {
        Chart chart = relations.chart();
        Circuit circuit = chart.circuit();
        Map<Cell, Double> given = Given.values(givens);
        Map<Cell, Double> known =
                Deduction.of(relations, given, relations.cells()).values();
        Map<String, Setting> turned = new HashMap<>();
        for (Part part : circuit.parts()) {
            Subject subject = Subject.part(part.label());
            if (!(part.setting() instanceof Setting.Ohms own) || !part.kind().mayBeZero()) continue;
            Double ohms = given.get(Cell.resistance(subject));
            if (own.ohms() > 0 && isWire(subject, chart, known)) turned.put(part.label(), new Setting.Ohms(0));
            if (own.ohms() == 0 && ohms != null && ohms > 0) turned.put(part.label(), new Setting.Ohms(ohms));
        }
        if (turned.isEmpty()) return relations;
        // Where two could be the wire, what is known does not say which.
        return OperatingPoint.of(circuit.with(circuit.source(), turned))
                .match(
                        point -> point.sharedCurrents().isEmpty()
                                ? Relations.of(Chart.of(point), relations.style())
                                : relations,
                        shorted -> relations);
    }

    /** Whether it is known to take no voltage or power from the current that it carries. */
    private static boolean isWire(Subject part, Chart chart, Map<Cell, Double> known) {
        if (chart.condition(part) != Chart.Condition.NORMAL) return false;
        Double ohms = known.get(Cell.resistance(part));
        double largest = known.entrySet().stream()
                .filter(one -> one.getKey().quantity() == Quantity.RESISTANCE)
                .mapToDouble(Map.Entry::getValue)
                .max()
                .orElse(0);
        // A difference of large resistances is not exactly nothing.
        if (ohms != null && ohms > NOISE * largest) return false;
        Double zero = 0.0;
        return zero.equals(ohms)
                || !zero.equals(known.get(Cell.current(part)))
                        && (zero.equals(known.get(Cell.voltage(part))) || zero.equals(known.get(Cell.power(part))));
    }
}
