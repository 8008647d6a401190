package didaxis.core.quantity;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.text.Normalizer;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Reads what people type as an amount.
 *
 * <pre>
 * answer   := [[name] '='] amount {'=' amount} ['.']    '≈' as '='; each the one before or that rounded; the last counts
 * amount   := number [unit] | digits MULTIPLIER digits [unit]      (4k7, 0R5, 2M2: IEC 60062, resistances only)
 *           | 'zero' [unit] | 'none'
 * number   := [whole] decimal ['/' decimal] [('e' | '×10^') exponent] | [whole] '½' and its like
 * decimal  := digits with at most one decimal sign, '.' or ',', and groups of three set apart by spaces or the other sign
 * unit     := [prefix] unit symbol or word | prefix
 * </pre>
 *
 * Read: 2.5 A · 2,5 A · 2500 mA · 4k7 · 4.7 kOhm · 30/8 Ω · 1 1/5 A · ⅔ A · 1.5e-3 A · 1,5×10^-3 A · 2 x 10⁰ A · 1 250 Ω · I = 2 A ·
 * 30/7 ≈ 4.29 A · zero. Refused: 2 5, 1/0, 2² A, 6 V = 7 V, 2.5 V for a current, NaN, anything over 64 characters.
 */
final class AmountReader {
    private static final double SAME = 1e-9;
    private static final MathContext QUOTIENT = new MathContext(15);
    /** Beyond this a number is a slip of the keyboard, and 10^exponent would fill the memory. */
    private static final int LARGEST_EXPONENT = 30;

    private static final String DECIMAL = "[0-9.,' ]*[0-9][.,]?";
    private static final Pattern SPACES = Pattern.compile(" +");
    private static final Pattern LETTER_AS_POINT = Pattern.compile("([0-9]+)([RkKMGm])([0-9]+) ?(Ω|ohms?|Ohms?)?");
    private static final Pattern AMOUNT = Pattern.compile("([+-]?) ?(" + DECIMAL + ")(?: ?/ ?(" + DECIMAL + "))?"
            + "(?: ?[eE]([+-]?[0-9]{1,3})(?![0-9])| ?[*xX] ?10(?: ?\\^ ?|(?=[+-]))([+-]?[0-9]{1,3})(?![0-9]))?"
            + " ?([^0-9]*)");
    private static final Pattern NAME = Pattern.compile("\\p{L}[\\p{L}0-9₀-₉_(), ]{0,20}");
    private static final Pattern NOTHING = Pattern.compile("(?:zero|nil|none|nothing) ?(.*)", Pattern.CASE_INSENSITIVE);
    private static final Pattern STOP_BEHIND_UNIT = Pattern.compile("(?<=[\\p{L}Ω]) ?\\.$");
    private static final Pattern NUMBER = Pattern.compile("[0-9]+\\.?|[0-9]*\\.[0-9]+");
    private static final Pattern PERHAPS_GROUPS = Pattern.compile("[1-9][0-9]{0,2}[.,][0-9]{3}");
    private static final Pattern SPACED_GROUPS = Pattern.compile("[0-9]{1,3}( [0-9]{3})+([.,][0-9]*)?");

    /** 1 1/5, a whole and a part of it. */
    private static final Pattern MIXED =
            Pattern.compile("(?<![0-9.,/] ?)([0-9]{1,3}) ([1-9][0-9]?)/([1-9][0-9]?)(?![0-9.,])");

    private static final Pattern FRACTION = Pattern.compile("([0-9]?) ?([¼-¾⅐-⅞])");

    /** From a letter, figure or sign to the same in full width, as some keyboards write it. */
    private static final int FULL_WIDTH = 'Ａ' - 'A';

    private static final String SUPERSCRIPTS = "⁰¹²³⁴⁵⁶⁷⁸⁹";
    private static final Pattern RAISED = Pattern.compile("(?<![0-9.,])10([⁻−]?[" + SUPERSCRIPTS + "]+)");

    private static final Pattern BEFORE_UNIT = Pattern.compile("^.*[0-9](?=[^0-9]*$)");
    private static final Pattern BETWEEN = Pattern.compile("[ .,]");

    private AmountReader() {}

    /** Written as a word where it is more than the symbol with a prefix; an Ω may be spelt on any keyboard. */
    static AmountFormat.UnitForm unitForm(String typed, Quantity quantity) {
        String text = STOP_BEHIND_UNIT.matcher(plain(typed)).replaceFirst("");
        String behind =
                BEFORE_UNIT.matcher(text.substring(text.lastIndexOf('=') + 1)).replaceFirst("");
        String unit = BETWEEN.matcher(behind).replaceAll("");
        String lower = unit.toLowerCase(Locale.ROOT);
        boolean none =
                quantity.unit().isEmpty() ? false : Stream.of(Prefix.values()).anyMatch(one -> one.symbol.equals(unit));
        if (none) return AmountFormat.UnitForm.NONE;
        boolean word = quantity != Quantity.RESISTANCE
                && Stream.of(quantity.unitWords()).anyMatch(one -> one.length() > 2 && lower.endsWith(one));
        return word ? AmountFormat.UnitForm.WORD : AmountFormat.UnitForm.SYMBOL;
    }

    /** The unit of this symbol or word. */
    static Optional<UnitShown> unit(String typed, Quantity quantity) {
        return UnitSizes.of(typed, quantity).map(size -> new UnitShown(typed.strip(), size));
    }

    static Reading read(String typed, Quantity quantity, String phrase, AmountFormat format) {
        if (typed.isBlank()) return new Reading.Blank();
        String expected =
                phrase + " in " + quantity.unit() + ", such as " + String.join(" or ", format.samples(quantity));
        if (typed.length() > AmountFormat.LONGEST)
            return new Reading.Unreadable(typed.substring(0, AmountFormat.LONGEST) + "…", expected, Optional.empty());
        String text = plain(typed);
        Optional<Reading.Read> read = answer(text, quantity, format);
        if (read.isPresent()) return read.get();
        // Where another quantity's unit is all that is wrong, that is what to say.
        Optional<Quantity> other = Stream.of(Quantity.values())
                .filter(one -> !one.unit().equals(quantity.unit()))
                .filter(one -> answer(text, one, format).isPresent())
                .findFirst();
        return new Reading.Unreadable(typed, expected, other);
    }

    /** "I = 2000 mA = 2 A.": a name may stand before, and every amount must be the one before it, or that rounded. */
    private static Optional<Reading.Read> answer(String text, Quantity quantity, AmountFormat format) {
        String[] sides = STOP_BEHIND_UNIT.matcher(text).replaceFirst("").split("=", -1);
        boolean named = sides[0].isBlank() || NAME.matcher(sides[0].strip()).matches();
        int first = sides.length > 1 && named ? 1 : 0;
        Optional<Reading.Read> last = Optional.empty();
        for (int k = first; k < sides.length; k++) {
            Optional<Reading.Read> side = parse(sides[k].strip(), quantity, format);
            if (side.isEmpty() || last.isPresent() && !leads(last.get(), side.get())) return Optional.empty();
            last = side;
        }
        return last;
    }

    private static boolean leads(Reading.Read one, Reading.Read other) {
        double size = Math.abs(one.amount().si());
        return Math.abs(one.amount().si() - other.amount().si()) <= other.halfOfLastPlace() + SAME * size;
    }

    private static Optional<Reading.Read> parse(String typed, Quantity quantity, AmountFormat format) {
        // The sign of a currency may stand before.
        String text = quantity == Quantity.COST ? typed.replaceFirst("^[€$£¥] ?", "") : typed;
        Matcher nothing = NOTHING.matcher(text);
        if (nothing.matches())
            return UnitSizes.of(nothing.group(1), quantity)
                    .map(size -> read(BigDecimal.ZERO, size, quantity, format, false));
        Matcher code = LETTER_AS_POINT.matcher(text);
        if (quantity == Quantity.RESISTANCE && code.matches()) {
            String multiplier = code.group(2).equalsIgnoreCase("R") ? "" : code.group(2);
            return Optional.of(read(
                    new BigDecimal(code.group(1) + "." + code.group(3)),
                    UnitSizes.of(multiplier, quantity).orElseThrow(),
                    quantity,
                    format,
                    true));
        }
        Matcher amount = AMOUNT.matcher(text);
        if (!amount.matches()) return Optional.empty();
        Optional<BigDecimal> size = UnitSizes.of(amount.group(6), quantity);
        Optional<BigDecimal> number = decimal(amount.group(2), format.decimalSign());
        if (size.isEmpty() || number.isEmpty()) return Optional.empty();
        BigDecimal value = number.get();
        boolean pointed = value.scale() > 0;
        if (amount.group(3) != null) {
            Optional<BigDecimal> divisor = decimal(amount.group(3), format.decimalSign());
            if (divisor.isEmpty() || divisor.get().signum() == 0) return Optional.empty();
            value = value.divide(divisor.get(), QUOTIENT).setScale(15, RoundingMode.HALF_UP);
            pointed = true;
        }
        String exponent = amount.group(4) != null ? amount.group(4) : amount.group(5);
        int tens = exponent == null ? 0 : Integer.parseInt(exponent.replace("+", ""));
        if (Math.abs(tens) > LARGEST_EXPONENT) return Optional.empty();
        BigDecimal signed = amount.group(1).equals("-") ? value.negate() : value;
        return Optional.of(read(signed, size.get().scaleByPowerOfTen(tens), quantity, format, pointed));
    }

    private static Reading.Read read(
            BigDecimal mantissa, BigDecimal size, Quantity quantity, AmountFormat format, boolean pointed) {
        BigDecimal written = mantissa.multiply(size);
        // Final zeros count after a decimal sign; in a whole number they may only hold the place.
        int fewest = mantissa.signum() == 0
                ? 1
                : pointed ? mantissa.precision() : mantissa.stripTrailingZeros().precision();
        return new Reading.Read(
                Amount.of(written.doubleValue(), quantity), written, fewest, format.exactly(written, quantity));
    }

    /** A number with its separators judged; empty if they stand in no sensible place. */
    private static Optional<BigDecimal> decimal(String typed, char decimalSign) {
        String text = typed.strip().replace('\'', ' ');
        if (text.indexOf(' ') >= 0) {
            if (!SPACED_GROUPS.matcher(text).matches()) return Optional.empty();
            return number(text.replace(" ", "").replace(',', '.'));
        }
        int points = count(text, '.');
        int commas = count(text, ',');
        if (points > 0 && commas > 0) {
            boolean commaLast = text.lastIndexOf(',') > text.lastIndexOf('.');
            return grouped(text, commaLast ? '.' : ',', commaLast ? ',' : '.');
        }
        char sign = points > 0 ? '.' : ',';
        int signs = points + commas;
        boolean couldBeGroups = PERHAPS_GROUPS.matcher(text).matches();
        if (signs > 1 || couldBeGroups && sign != decimalSign) return grouped(text, sign, sign == '.' ? ',' : '.');
        return number(text.replace(',', '.'));
    }

    private static Optional<BigDecimal> grouped(String text, char group, char decimal) {
        String form = "[0-9]{1,3}(\\Q" + group + "\\E[0-9]{3})+(\\Q" + decimal + "\\E[0-9]*)?";
        if (!text.matches(form)) return Optional.empty();
        return number(text.replace(String.valueOf(group), "").replace(decimal, '.'));
    }

    private static Optional<BigDecimal> number(String text) {
        return NUMBER.matcher(text).matches() ? Optional.of(new BigDecimal(text)) : Optional.empty();
    }

    private static int count(String text, char sought) {
        return (int) text.chars().filter(c -> c == sought).count();
    }

    /** One form for the many code points that look alike. */
    private static String plain(String typed) {
        StringBuilder plain = new StringBuilder();
        for (char typedOne : raised(fractions(typed.strip())).toCharArray()) {
            char c = typedOne > '\uff00' && typedOne < '\uff5f' ? (char) (typedOne - FULL_WIDTH) : typedOne;
            if ("−–—‐‑﹣-".indexOf(c) >= 0) plain.append('-');
            else if (Character.isSpaceChar(c) || Character.isWhitespace(c)) plain.append(' ');
            else if (c == '\u2126') plain.append('Ω');
            else if (c == '\u00b5') plain.append('μ');
            else if ("×·⋅∙*".indexOf(c) >= 0) plain.append('*');
            else if ("≈≃≅∼~".indexOf(c) >= 0) plain.append('=');
            else if (c == '’') plain.append('\'');
            else plain.append(c);
        }
        return improper(SPACES.matcher(plain).replaceAll(" "));
    }

    /** ½ as 1/2. */
    private static String fractions(String typed) {
        return FRACTION.matcher(typed)
                .replaceAll(found -> (found.group(1).isEmpty() ? "" : found.group(1) + " ")
                        + Normalizer.normalize(found.group(2), Normalizer.Form.NFKC)
                                .replace('⁄', '/'));
    }

    /** 1 1/5 as 6/5. */
    private static String improper(String text) {
        return MIXED.matcher(text).replaceAll(mixed -> {
            int under = Integer.parseInt(mixed.group(3));
            int over = Integer.parseInt(mixed.group(1)) * under + Integer.parseInt(mixed.group(2));
            return Integer.parseInt(mixed.group(2)) < under ? over + "/" + under : mixed.group();
        });
    }

    /** 10⁻³ as 10^-3; raised figures behind any other number stay, and cannot be read. */
    private static String raised(String typed) {
        return RAISED.matcher(typed).replaceAll(power -> {
            StringBuilder digits = new StringBuilder("10^");
            for (char c : power.group(1).toCharArray()) {
                int digit = SUPERSCRIPTS.indexOf(c);
                digits.append(digit < 0 ? '-' : (char) ('0' + digit));
            }
            return digits.toString();
        });
    }
}
