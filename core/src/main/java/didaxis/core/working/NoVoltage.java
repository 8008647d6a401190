package didaxis.core.working;

import didaxis.core.analysis.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.style.Terms;
import java.util.ArrayList;
import java.util.List;

/** V = 0 across an ideal wire and across all that lies beside one; R = 0 and P = 0 for the wire, and for what it shorts. */
final class NoVoltage implements Law {
    @Override
    public String id() {
        return "no-voltage";
    }

    @Override
    public String reason(Terms terms) {
        return "both ends are on the same wire: no " + terms.voltage();
    }

    @Override
    public List<Relation> in(Structure structure) {
        Chart chart = structure.chart();
        List<Relation> relations = new ArrayList<>();
        for (Subject subject : chart.rows()) {
            boolean ideal = chart.value(Law.resistance(subject)).orElse(1) == 0;
            boolean bypassed = chart.condition(subject) == Chart.Condition.BYPASSED;
            if (ideal || bypassed) relations.add(NoCurrent.zero(this, Law.voltage(subject)));
            if (ideal) relations.add(NoCurrent.zero(this, Law.power(subject)));
            if (ideal) relations.add(NoCurrent.zero(this, Law.resistance(subject)));
        }
        for (Subject reading : chart.subjects().readings()) {
            Cell cell = Law.voltage(reading);
            int stretch = chart.subjects().nodeOf(reading);
            boolean onWire = chart.point().resistance(stretch) == 0 || chart.bypassed(stretch);
            if (reading.kind() == Subject.Kind.VOLTMETER && onWire) relations.add(NoCurrent.zero(this, cell));
        }
        return relations;
    }
}
