package didaxis.core.wording;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Works a sum that a sentence prints, from its printed numbers alone, as a reader with a calculator would. */
public final class PrintedSumReader {
    private static final Pattern RESULT = Pattern.compile("(−?[0-9.]+)\u2009([pnμmkMGT]?)[ΩVAW]");
    private static final Pattern CALCULATION =
            Pattern.compile(": .* = (?:([0-9.()/×+−√² ]+) = )?(−?[0-9.]+\u2009[^ .)]+)");

    private final String text;
    private int at = 0;

    private PrintedSumReader(String text) {
        this.text = text.replace(" ", "");
    }

    /** What the numbers give, and what is printed as the result, in the result's own unit. */
    public record Sum(double worked, double printed, double halfOfLastPlace) {
        public boolean holds() {
            return Math.abs(worked - printed) <= halfOfLastPlace * (1 + 1e-6) + 1e-9 * Math.abs(printed);
        }
    }

    public static Sum read(String sentence) {
        Matcher calculation = CALCULATION.matcher(sentence);
        if (!calculation.find()) throw new IllegalArgumentException("no sum in: " + sentence);
        Matcher result = RESULT.matcher(calculation.group(2));
        if (!result.find()) throw new IllegalArgumentException("no result in: " + sentence);
        String digits = result.group(1).replace('−', '-');
        double printed = Double.parseDouble(digits);
        int point = digits.indexOf('.');
        int significant = digits.replaceAll("[-.]", "").replaceAll("^0+", "").length();
        double place = point < 0 ? wholePlace(printed, significant) : Math.pow(10, point + 1 - digits.length());
        String numbers = calculation.group(1);
        double worked = numbers == null ? printed : new PrintedSumReader(numbers).sum();
        return new Sum(worked, printed, place / 2);
    }

    /** Three figures are printed; what follows in a whole number holds the place. */
    private static double wholePlace(double printed, int significant) {
        return printed == 0 ? 1 : Math.pow(10, Math.max(0, significant - 3));
    }

    private double sum() {
        double value = product();
        while (at < text.length() && List.of('+', '−').contains(text.charAt(at))) {
            boolean plus = text.charAt(at++) == '+';
            double next = product();
            value += plus ? next : -next;
        }
        return value;
    }

    private double product() {
        double value = factor();
        while (at < text.length() && List.of('×', '/').contains(text.charAt(at))) {
            boolean times = text.charAt(at++) == '×';
            double next = factor();
            value = times ? value * next : value / next;
        }
        return value;
    }

    private double factor() {
        boolean negative = text.charAt(at) == '−';
        if (negative) at++;
        boolean root = text.charAt(at) == '√';
        if (root) at++;
        double value;
        if (text.charAt(at) == '(') {
            at++;
            value = sum();
            at++;
        } else {
            int start = at;
            while (at < text.length() && "0123456789.".indexOf(text.charAt(at)) >= 0) at++;
            value = Double.parseDouble(text.substring(start, at));
        }
        if (root) value = Math.sqrt(value);
        if (at < text.length() && text.charAt(at) == '²') {
            at++;
            value *= value;
        }
        return negative ? -value : value;
    }
}
