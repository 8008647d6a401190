package didaxis.core.line;

import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.quantity.Reading;
import java.text.Normalizer;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Numbers and the units behind them, as amounts are read everywhere. */
final class LineNumbers {
    private static final Pattern CODE = Pattern.compile("[RkKMG][0-9]+");
    private static final Pattern MIXED = Pattern.compile("(?:([0-9]+) )?([0-9]+)/([0-9]+)");
    private static final Pattern POINTED = Pattern.compile("[.,eE^⁻]");
    private static final List<Quantity> QUANTITIES = List.of(
            Quantity.RESISTANCE,
            Quantity.VOLTAGE,
            Quantity.CURRENT,
            Quantity.POWER,
            Quantity.CHARGE,
            Quantity.TIME,
            Quantity.ENERGY);

    private final AmountFormat format;
    private final KnownWords<Optional<Term.Written>> numbers = new KnownWords<>();

    LineNumbers(AmountFormat format) {
        this.format = format;
    }

    /** A number with its unit; a prefix alone is a unit too. Empty if it is none, or no unit follows. */
    Optional<Term.Written> number(String digits, String unit) {
        // No line has a break in it.
        return numbers.of(digits + '\n' + unit, both -> find(digits, unit)).map(LineNumbers::another);
    }

    /** Two equal numbers of a line stay two: what each stands for is told apart by which it is. */
    private static Term.Written another(Term.Written one) {
        return new Term.Written(one.text(), one.si(), one.half(), one.pointed(), one.quantity());
    }

    private Optional<Term.Written> find(String digits, String unit) {
        OptionalDouble fraction = fraction(digits);
        if (fraction.isPresent()) return fraction(digits, fraction.getAsDouble(), unit);
        // In 4k7 the letter stands for the point.
        boolean code = CODE.matcher(unit).matches();
        String text = unit.isEmpty() || code ? digits + unit : digits + " " + unit;
        for (Quantity quantity : QUANTITIES) {
            Optional<Reading.Read> read = read(text, quantity);
            if (read.isEmpty()) continue;
            boolean told = AmountFormat.unitIn(text, quantity) != AmountFormat.UnitForm.NONE;
            return Optional.of(new Term.Written(
                    text,
                    read.get().amount().si(),
                    read.get().halfOfLastPlace(),
                    code
                            || POINTED.matcher(digits).find()
                                    && read.get().written().scale() > 0,
                    told || code ? Optional.of(quantity) : Optional.empty()));
        }
        return Optional.empty();
    }

    /** ½, 1 1/5 and 5/60; empty for any other number. */
    private static OptionalDouble fraction(String digits) {
        // ½ is one character.
        Matcher mixed =
                MIXED.matcher(Normalizer.normalize(digits, Normalizer.Form.NFKC).replace('⁄', '/'));
        if (!mixed.matches()) return OptionalDouble.empty();
        double part = Double.parseDouble(mixed.group(2)) / Double.parseDouble(mixed.group(3));
        double whole = mixed.group(1) == null ? 0 : Double.parseDouble(mixed.group(1));
        return OptionalDouble.of(whole + part);
    }

    private Optional<Term.Written> fraction(String digits, double value, String unit) {
        if (unit.isEmpty()) return Optional.of(new Term.Written(digits, value, 0, false, Optional.empty()));
        return number("1", unit)
                .filter(one -> one.quantity().isPresent())
                .map(one -> new Term.Written(digits + " " + unit, value * one.si(), 0, false, one.quantity()));
    }

    private Optional<Reading.Read> read(String typed, Quantity quantity) {
        return format.read(typed, quantity).match(Optional::of, blank -> Optional.empty(), no -> Optional.empty());
    }
}
