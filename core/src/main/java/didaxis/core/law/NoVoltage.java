package didaxis.core.law;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * V = 0 across an ideal wire, across all that lies beside one, and across a resistance without current; R = 0 and P = 0
 * for the wire, and for what it shorts.
 * Gaps in a row that stand across no voltage have none either.
 */
final class NoVoltage {
    private NoVoltage() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        Chart chart = structure.chart();
        List<Relation> relations = new ArrayList<>();
        for (Subject subject : chart.rows()) {
            boolean ideal = chart.value(Cell.resistance(subject)).orElse(1) == 0;
            boolean bypassed = chart.condition(subject) == Chart.Condition.BYPASSED;
            // V = I·R with no current, whatever the resistance.
            boolean idle = chart.condition(subject) == Chart.Condition.NO_CURRENT
                    && chart.value(Cell.resistance(subject)).isPresent()
                    && subject.kind() != Subject.Kind.TOTAL;
            if (ideal || bypassed || idle) relations.add(NoCurrent.zero(Law.NO_VOLTAGE, Cell.voltage(subject)));
            if (ideal) relations.add(NoCurrent.zero(Law.NO_VOLTAGE, Cell.power(subject)));
            if (ideal) relations.add(NoCurrent.zero(Law.NO_VOLTAGE, Cell.resistance(subject)));
        }
        for (Subject reading : chart.subjects().readings()) {
            Cell cell = Cell.voltage(reading);
            int stretch = chart.subjects().nodeOf(reading);
            boolean onWire = chart.point().resistance(stretch) == 0 || chart.bypassed(stretch);
            if (reading.kind() == Subject.Kind.VOLTMETER && onWire) relations.add(NoCurrent.zero(Law.NO_VOLTAGE, cell));
        }
        structure.combinations().forEach(combination -> relations.addAll(gapsInARow(chart, combination)));
        return relations;
    }

    private static List<Relation> gapsInARow(Chart chart, Structure.Combination combination) {
        Optional<Cell> across = combination.voltage().map(Cell::voltage).filter(cell -> chart.limit(cell) == 0);
        if (across.isEmpty() || !combination.series()) return List.of();
        List<Cell> gaps = combination.members().stream()
                .filter(member -> Double.isInfinite(member.ohms()))
                .flatMap(member -> member.voltage().stream())
                .map(Cell::voltage)
                .toList();
        // One alone has what its group has.
        if (gaps.size() < 2) return List.of();
        List<Cell> all = new ArrayList<>(gaps);
        all.add(0, across.get());
        return Relation.equal(Law.NO_VOLTAGE, all).stream().toList();
    }
}
