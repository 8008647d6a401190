package didaxis.server.circuit;

import didaxis.core.circuit.Circuit;

/** Above it a circuit is for paper only. */
public final class ExtraLowVoltage {
    public static final String CAUTION =
            "On paper only: this source is above extra-low voltage. Do not build it; mains and"
                    + " fixed wiring are for licensed people under local codes.";

    /** Where extra-low voltage ends for direct current (IEC 61140: 120 V, ripple-free). */
    private static final double VOLTS = 120;

    private ExtraLowVoltage() {}

    /** Whether the source of a circuit is above it. */
    public static boolean isExceededBy(Circuit circuit) {
        return circuit.source().emf() > VOLTS;
    }
}
