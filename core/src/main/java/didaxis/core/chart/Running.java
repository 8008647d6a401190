package didaxis.core.chart;

import didaxis.core.circuit.Subject;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * For how long things run, from which their charge and energy follow, and what the energy costs.
 *
 * @param seconds of each thing that runs for a time
 * @param tariff what a kilowatt hour costs; NaN where this is not told
 */
public record Running(Map<Subject, Double> seconds, double tariff) {
    public static final double JOULES_A_KILOWATT_HOUR = 3.6e6;
    /** Nothing of which it is said how long. */
    public static final Running NONE = new Running(Map.of(), Double.NaN);

    /** @throws IllegalArgumentException if a time or the tariff is not more than nothing */
    public Running {
        seconds = Map.copyOf(new LinkedHashMap<>(seconds));
        seconds.forEach((subject, time) -> {
            if (!(time > 0) || time.isInfinite())
                throw new IllegalArgumentException(
                        "time of " + subject.id() + " in s (" + time + ") must be > 0 and finite");
        });
        if (tariff <= 0 || Double.isInfinite(tariff))
            throw new IllegalArgumentException("tariff (" + tariff + ") must be > 0 and finite");
    }

    double of(Subject subject) {
        return seconds.getOrDefault(subject, Double.NaN);
    }
}
