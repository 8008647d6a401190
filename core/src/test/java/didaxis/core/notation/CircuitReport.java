package didaxis.core.notation;

import didaxis.core.circuit.Circuit;
import net.jqwik.api.SampleReportingFormat;

/** Circuits of properties that fail are reported as they are typed. */
public final class CircuitReport implements SampleReportingFormat {
    @Override
    public boolean appliesTo(Object value) {
        return value instanceof Circuit;
    }

    @Override
    public Object report(Object value) {
        return Notation.print((Circuit) value);
    }
}
