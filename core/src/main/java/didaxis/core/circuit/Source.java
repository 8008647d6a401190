package didaxis.core.circuit;

import java.util.List;

/**
 * The supply.
 *
 * @param emf in volts, finite and above 0
 * @param internalResistance in ohms, finite, 0 for an ideal source
 * @param voltmeters labels of the voltmeters across its terminals
 */
public record Source(double emf, double internalResistance, List<String> voltmeters) {
    public Source {
        if (!(emf > 0) || Double.isInfinite(emf)) {
            throw new IllegalArgumentException("emf in V (" + emf + ") must be > 0 and finite");
        }
        if (!(internalResistance >= 0) || Double.isInfinite(internalResistance)) {
            throw new IllegalArgumentException(
                    "internal resistance in Ω (" + internalResistance + ") must be >= 0 and finite");
        }
        voltmeters = List.copyOf(voltmeters);
    }

    /** The same supply with these voltmeters across its terminals. */
    public Source with(List<String> voltmeters) {
        return new Source(emf, internalResistance, voltmeters);
    }
}
