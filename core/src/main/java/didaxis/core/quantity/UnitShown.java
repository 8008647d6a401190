package didaxis.core.quantity;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;

/**
 * A unit that an amount is printed with or typed in.
 *
 * @param symbol as it stands behind the number, with its prefix
 * @param size of one of it, in the SI unit
 */
record UnitShown(String symbol, BigDecimal size) {
    private static final BigDecimal MINUTE = BigDecimal.valueOf(60);
    private static final BigDecimal HOUR = BigDecimal.valueOf(3600);
    private static final BigDecimal DAY = BigDecimal.valueOf(86_400);
    private static final BigDecimal KILOWATT_HOUR = BigDecimal.valueOf(3_600_000);
    private static final BigDecimal SECONDS_UP_TO = BigDecimal.valueOf(1000);

    /** Units beside that of SI, which is read with all prefixes: their words, and the size of one (ISO 80000-1, -3). */
    private static final Map<Quantity, Map<BigDecimal, List<String>>> OTHERS = Map.of(
            Quantity.TIME,
            Map.of(
                    MINUTE, List.of("min", "mins", "minute", "minutes"),
                    HOUR, List.of("h", "hr", "hrs", "hour", "hours"),
                    DAY, List.of("d", "day", "days")),
            Quantity.ENERGY,
            Map.of(
                    HOUR,
                    List.of("Wh", "W*h", "watthour", "watthours"),
                    KILOWATT_HOUR,
                    List.of("kWh", "kW*h", "kilowatthour", "kilowatthours"),
                    HOUR.movePointRight(6),
                    List.of("MWh"),
                    BigDecimal.ONE,
                    List.of("Ws", "W*s")),
            Quantity.POWER,
            Map.of(BigDecimal.ONE, List.of("VA", "V*A", "J/s")),
            Quantity.CHARGE,
            Map.of(
                    HOUR,
                    List.of("Ah", "A*h"),
                    HOUR.movePointLeft(3),
                    List.of("mAh"),
                    BigDecimal.ONE,
                    List.of("As", "A*s")),
            Quantity.CURRENT,
            Map.of(BigDecimal.ONE, List.of("C/s")),
            Quantity.VOLTAGE,
            Map.of(BigDecimal.ONE, List.of("J/C")),
            Quantity.RESISTANCE,
            Map.of(BigDecimal.ONE, List.of("V/A")),
            Quantity.COST,
            Map.of(BigDecimal.ONE, List.of("€", "$", "£", "¥")));

    /** The one that leaves a number of this size easy to read. */
    static UnitShown of(BigDecimal value, Quantity quantity) {
        BigDecimal size = value.abs();
        if (quantity == Quantity.COST) return new UnitShown("", BigDecimal.ONE);
        if (quantity == Quantity.TIME && size.compareTo(SECONDS_UP_TO) >= 0)
            return size.compareTo(HOUR) < 0 ? new UnitShown("min", MINUTE) : new UnitShown("h", HOUR);
        if (quantity == Quantity.ENERGY && size.compareTo(KILOWATT_HOUR) >= 0)
            return new UnitShown("kWh", KILOWATT_HOUR);
        Prefix prefix = Prefix.fitting(value);
        return new UnitShown(prefix.symbol + quantity.unit(), BigDecimal.ONE.scaleByPowerOfTen(prefix.exponent));
    }

    /** Adds what else can be typed for a quantity. */
    static void addOthers(Quantity quantity, Map<String, BigDecimal> sizes) {
        OTHERS.getOrDefault(quantity, Map.of()).forEach((size, words) -> words.forEach(word -> sizes.put(word, size)));
    }
}
