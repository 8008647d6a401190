package didaxis.core.quantity;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** How much one of each unit is that can be typed, by symbol or word, with its prefix or with a prefix alone. */
final class UnitSizes {
    private static final Map<Quantity, Map<String, BigDecimal>> UNITS = units();

    private UnitSizes() {}

    /** How much one of a unit is in SI; symbols keep their case, since m and M are a thousand million apart. */
    static Optional<BigDecimal> of(String typedUnit, Quantity quantity) {
        Map<String, BigDecimal> units = UNITS.get(quantity);
        String unit = typedUnit.replace(" ", "");
        String lower = unit.toLowerCase(Locale.ROOT);
        String prefixKept = unit.isEmpty() ? unit : unit.charAt(0) + lower.substring(1);
        return Stream.of(unit, prefixKept, unit.length() > 2 ? lower : unit)
                .filter(units::containsKey)
                .findFirst()
                .map(units::get);
    }

    private static Map<Quantity, Map<String, BigDecimal>> units() {
        Map<Quantity, Map<String, BigDecimal>> units = new HashMap<>();
        for (Quantity quantity : Quantity.values()) {
            Map<String, BigDecimal> sizes = new HashMap<>();
            // A sum of money has no prefix.
            List<Prefix> prefixes = quantity == Quantity.COST ? List.of(Prefix.NONE) : List.of(Prefix.values());
            for (Prefix prefix : prefixes) {
                BigDecimal size = BigDecimal.ONE.scaleByPowerOfTen(prefix.exponent);
                sizes.put(prefix.symbol, size);
                sizes.put(prefix.symbol + quantity.unit(), size);
                sizes.put(prefix.symbol + quantity.unit().toLowerCase(Locale.ROOT), size);
                for (String word : quantity.unitWords()) {
                    sizes.put(prefix.word + word, size);
                    sizes.put(prefix.symbol + word, size);
                }
            }
            for (String other : new String[] {"", quantity.unit()}) {
                if (quantity == Quantity.COST) break;
                sizes.put("K" + other, sizes.get("k"));
                sizes.put("u" + other, sizes.get("μ"));
            }
            UnitShown.addOthers(quantity, sizes);
            units.put(quantity, sizes);
        }
        return units;
    }
}
