package didaxis.core.template;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The preferred values of resistors after IEC 60063: so many to a decade, each a step further apart than the last. */
public enum PreferredSeries {
    E3(8),
    E6(4),
    E12(2),
    E24(1);

    private static final int[] OF_24 = {
        10, 11, 12, 13, 15, 16, 18, 20, 22, 24, 27, 30, 33, 36, 39, 43, 47, 51, 56, 62, 68, 75, 82, 91
    };

    private final int every;

    PreferredSeries(int every) {
        this.every = every;
    }

    static Optional<PreferredSeries> named(String name) {
        return List.of(values()).stream()
                .filter(series -> series.name().equalsIgnoreCase(name))
                .findFirst();
    }

    /** Its values from one to another, both included; at most so many. */
    List<Double> between(double from, double to, int most) {
        List<Double> found = new ArrayList<>();
        int power = (int) Math.floor(Math.log10(from)) - 1;
        for (int decade = power; Math.pow(10, decade) <= to && found.size() <= most; decade++)
            for (int k = 0; k < OF_24.length; k += every) {
                double value = BigDecimal.valueOf(OF_24[k])
                        .scaleByPowerOfTen(decade - 1)
                        .doubleValue();
                if (value >= from && value <= to) found.add(value);
            }
        return found;
    }
}
