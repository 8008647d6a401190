package didaxis.core.template;

import didaxis.core.chart.Chart;
import didaxis.core.chart.Running;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Source;
import didaxis.core.circuit.Subject;
import didaxis.core.solving.OperatingPoint;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** A set of values, in SI, by the names of the things that have them. */
public record Values(Map<String, Double> si) {
    public Values {
        si = Collections.unmodifiableMap(new LinkedHashMap<>(si));
    }

    private double of(Thing thing, double own) {
        return si.getOrDefault(thing.name(), own);
    }

    /** A charted circuit with these values, and its own where there are none; empty if its source would be shorted. */
    public Optional<Chart> in(Chart own) {
        Source source = own.circuit().source();
        Source other = new Source(
                of(Thing.EMF, source.emf()), of(Thing.INTERNAL, source.internalResistance()), source.voltmeters());
        Map<String, Setting> settings = new HashMap<>();
        for (Part part : own.circuit().parts())
            if (si.containsKey(part.label())) settings.put(part.label(), new Setting.Ohms(si.get(part.label())));
        Circuit circuit = own.circuit().with(other, settings);
        return OperatingPoint.of(circuit)
                .match(point -> Optional.of(own.with(point).with(running(own.running()))), shorted -> Optional.empty());
    }

    private Running running(Running own) {
        Map<Subject, Double> seconds = new HashMap<>(own.seconds());
        seconds.replaceAll((subject, time) -> of(Thing.TIME, time));
        return new Running(seconds, of(Thing.TARIFF, own.tariff()));
    }
}
