package didaxis.core.quantity;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The colour bands of a resistor after IEC 60062: two or three figures, a power of ten, and a tolerance; without a fourth
 * band it is 20 %.
 *
 * @param ohms as the bands say
 * @param percent the tolerance
 */
public record ColourCode(BigDecimal ohms, double percent) {
    private static final double NO_BAND = 20;
    private static final double WRITTEN = 1e-9;

    /** A band's colour; what it means as a figure, as a power of ten, and as a tolerance in per cent (NaN: nothing). */
    public enum Band {
        BLACK(0, 0, Double.NaN),
        BROWN(1, 1, 1),
        RED(2, 2, 2),
        ORANGE(3, 3, 0.05),
        YELLOW(4, 4, 0.02),
        GREEN(5, 5, 0.5),
        BLUE(6, 6, 0.25),
        VIOLET(7, 7, 0.1),
        GREY(8, 8, 0.01),
        WHITE(9, 9, Double.NaN),
        GOLD(-1, -1, 5),
        SILVER(-1, -2, 10);

        private final int figure;
        private final int power;
        private final double percent;

        Band(int figure, int power, double percent) {
            this.figure = figure;
            this.power = power;
            this.percent = percent;
        }

        /** Its name in lower case. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        private static Optional<Band> named(String word) {
            String name = switch (word) {
                case "gray" -> "grey";
                case "purple" -> "violet";
                default -> word;
            };
            return List.of(values()).stream()
                    .filter(band -> band.word().equals(name))
                    .findFirst();
        }
    }

    /** What bands mean, from the first on: three, four or five; empty if they mean nothing. */
    public static Optional<ColourCode> of(List<Band> bands) {
        int figures = bands.size() == 5 ? 3 : 2;
        if (bands.size() < 3 || bands.size() > 5) return Optional.empty();
        BigDecimal number = BigDecimal.ZERO;
        for (Band band : bands.subList(0, figures)) {
            if (band.figure < 0) return Optional.empty();
            number = number.movePointRight(1).add(BigDecimal.valueOf(band.figure));
        }
        double percent = bands.size() > figures + 1 ? bands.get(figures + 1).percent : NO_BAND;
        if (Double.isNaN(percent)) return Optional.empty();
        return Optional.of(new ColourCode(number.scaleByPowerOfTen(bands.get(figures).power), percent));
    }

    /** Colours by their names, in their order; empty if a word is none. */
    public static Optional<List<Band>> read(String typed) {
        List<Band> bands = new ArrayList<>();
        for (String word : typed.strip().toLowerCase(Locale.ROOT).split("[\\s,;/>–-]+")) {
            if (word.equals("and")) continue;
            Optional<Band> band = Band.named(word);
            if (band.isEmpty()) return Optional.empty();
            bands.add(band.get());
        }
        return Optional.of(bands);
    }

    /** The bands of a resistance, as few as say it; empty where bands cannot say it. */
    public static Optional<List<Band>> bands(double ohms, double percent) {
        for (int figures = 2; figures <= 3; figures++) {
            BigDecimal rounded = BigDecimal.valueOf(ohms).round(new MathContext(figures));
            int power = rounded.precision() - rounded.scale() - figures;
            Optional<Band> times = withPower(power);
            Optional<Band> tolerance = withPercent(percent);
            boolean exact = Math.abs(rounded.doubleValue() - ohms) <= WRITTEN * ohms;
            boolean none = percent == NO_BAND && figures == 2;
            if (ohms <= 0 || !exact || times.isEmpty() || tolerance.isEmpty() && !none) continue;
            List<Band> bands = new ArrayList<>();
            String digits = rounded.scaleByPowerOfTen(-power).toBigInteger().toString();
            digits.chars().forEach(digit -> bands.add(Band.values()[digit - '0']));
            bands.add(times.get());
            tolerance.ifPresent(bands::add);
            return Optional.of(bands);
        }
        return Optional.empty();
    }

    private static Optional<Band> withPower(int power) {
        return List.of(Band.values()).stream()
                .filter(band -> band.power == power)
                .findFirst();
    }

    private static Optional<Band> withPercent(double percent) {
        return List.of(Band.values()).stream()
                .filter(band -> band.percent == percent)
                .findFirst();
    }

    /** A tolerance as one writes it: "5 %", "± 5", "5". */
    public static OptionalDouble percent(String typed) {
        String plain = typed.strip()
                .replaceAll("^[±+\\-/\\s]+|\\s*(%|per ?cent|percent)$", "")
                .replace(',', '.');
        return plain.matches("[0-9]+(\\.[0-9]+)?")
                ? OptionalDouble.of(Double.parseDouble(plain))
                : OptionalDouble.empty();
    }
}
