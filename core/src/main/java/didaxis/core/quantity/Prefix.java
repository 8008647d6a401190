package didaxis.core.quantity;

import java.math.BigDecimal;

/** The engineering prefixes in use on a bench (ISO 80000-1, powers of a thousand only). */
enum Prefix {
    PICO("p", "pico", -12),
    NANO("n", "nano", -9),
    MICRO("μ", "micro", -6),
    MILLI("m", "milli", -3),
    NONE("", "", 0),
    KILO("k", "kilo", 3),
    MEGA("M", "mega", 6),
    GIGA("G", "giga", 9),
    TERA("T", "tera", 12);

    private static final BigDecimal PLAIN_FROM = new BigDecimal("0.1");
    private static final BigDecimal THOUSAND = BigDecimal.valueOf(1000);

    final String symbol;
    final String word;
    final int exponent;

    Prefix(String symbol, String word, int exponent) {
        this.symbol = symbol;
        this.word = word;
        this.exponent = exponent;
    }

    /** The prefix that leaves 1 to 999 before it; none for 0.1 to 999, since 0.5 A reads easier than 500 mA. */
    static Prefix fitting(BigDecimal value) {
        BigDecimal size = value.abs();
        if (size.signum() == 0 || size.compareTo(PLAIN_FROM) >= 0 && size.compareTo(THOUSAND) < 0) return NONE;
        Prefix best = PICO;
        for (Prefix prefix : values()) {
            if (size.movePointLeft(prefix.exponent).compareTo(BigDecimal.ONE) >= 0) best = prefix;
        }
        return best;
    }
}
