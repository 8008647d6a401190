package didaxis.core.circuit;

import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What a part is made for: a voltage, a current, a power, each at most once; empty if nothing is said. */
public record Rating(List<Amount> limits) {
    public static final Rating NONE = new Rating(List.of());

    public Rating {
        limits = limits.stream().sorted(Comparator.comparing(Amount::quantity)).toList();
        Set<Quantity> seen = new HashSet<>();
        for (Amount limit : limits) {
            boolean rateable = limit.quantity() == Quantity.VOLTAGE
                    || limit.quantity() == Quantity.CURRENT
                    || limit.quantity() == Quantity.POWER;
            if (!rateable || !(limit.si() > 0)) {
                throw new IllegalArgumentException("rating (" + limit + ") must be a voltage, current or power > 0");
            }
            if (!seen.add(limit.quantity())) {
                throw new IllegalArgumentException("rating (" + limit.quantity().word() + ") is said twice");
            }
        }
    }
}
