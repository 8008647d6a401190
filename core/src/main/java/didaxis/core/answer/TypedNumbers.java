package didaxis.core.answer;

import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a learner typed into a box that takes numbers of no cell; empty where it cannot be read. */
public final class TypedNumbers {
    private static final Pattern FRACTION = Pattern.compile("([0-9]+(?:[.,][0-9]+)?)\\s*/\\s*([0-9]+(?:[.,][0-9]+)?)");
    private static final Pattern NUMBER =
            Pattern.compile("([0-9]+(?:[.,][0-9]+)?)(?:(?:e|\\s*[x×·*]\\s*10\\s*\\^?)\\s*([-−–+]?[0-9]+))?(\\s*%)?");
    private static final List<String> PARTS = List.of(
            "hal(?:f|ves)",
            "thirds?",
            "quarters?|fourths?",
            "fifths?",
            "sixths?",
            "sevenths?",
            "eighths?",
            "ninths?",
            "tenths?");
    private static final Map<String, String> TIMES =
            Map.of("twice|doubled?", "2", "thrice|tripled?", "3", "quadrupled?", "4");
    private static final List<String> NUMERALS = List.of(
            "none|zero|no",
            "one",
            "two",
            "three",
            "four",
            "five",
            "six",
            "seven",
            "eight",
            "nine",
            "ten",
            "eleven",
            "twelve");

    private static final int LONGEST_POWER = 3;

    private TypedNumbers() {}

    /** "1/4", "0.25", "25 %", "2.5e-3", "4 times", "a quarter", "twice". */
    public static Optional<Double> factor(String typed) {
        String plain = inFigures(typed.toLowerCase(Locale.ROOT));
        Matcher fraction = FRACTION.matcher(plain);
        if (fraction.find()) {
            double under = number(fraction.group(2));
            return under == 0 ? Optional.empty() : Optional.of(number(fraction.group(1)) / under);
        }
        Matcher number = NUMBER.matcher(plain);
        if (!number.find()) return Optional.empty();
        String power = number.group(2) == null ? "0" : number.group(2).replaceAll("[−–]", "-");
        if (power.length() > LONGEST_POWER) return Optional.empty();
        double value = number(number.group(1)) * Math.pow(10, Integer.parseInt(power));
        double whole = number.group(3) == null ? value : value / 100;
        return number.find() ? Optional.empty() : Optional.of(whole);
    }

    /** "Two thirds" as 2/3, "a quarter" as 1/4, "twice" as 2, "four" as 4. */
    private static String inFigures(String typed) {
        String plain = typed;
        for (int k = 1; k < NUMERALS.size(); k++) plain = plain.replaceAll(word(NUMERALS.get(k)), String.valueOf(k));
        for (int k = 0; k < PARTS.size(); k++) {
            plain = plain.replaceAll("([0-9]+)\\s+" + word(PARTS.get(k)), "$1/" + (k + 2));
            plain = plain.replaceAll(word(PARTS.get(k)), "1/" + (k + 2));
        }
        for (Map.Entry<String, String> times : TIMES.entrySet())
            plain = plain.replaceAll(word(times.getKey()), times.getValue());
        return plain;
    }

    private static String word(String words) {
        return "(?<!\\p{L})(?:" + words + ")(?!\\p{L})";
    }

    private static double number(String digits) {
        return Double.parseDouble(digits.replace(',', '.'));
    }

    /** "4", "four", "all 4": a whole number and no other. */
    public static Optional<Integer> count(String typed) {
        String plain = typed.toLowerCase(Locale.ROOT);
        for (int k = 0; k < NUMERALS.size(); k++) plain = plain.replaceAll(word(NUMERALS.get(k)), String.valueOf(k));
        Matcher number =
                Pattern.compile("(?<![0-9.,])[0-9]{1,4}(?![0-9.,]*[0-9])").matcher(plain);
        if (!number.find()) return Optional.empty();
        int value = Integer.parseInt(number.group());
        return number.find() ? Optional.empty() : Optional.of(value);
    }

    /** "900 Ω, 100 Ω; 200": several amounts between commas that are no decimal signs, semicolons, or the word and. */
    public static Optional<List<Double>> amounts(String typed, Quantity quantity, MarkingStyle style) {
        String between = style.format().decimalSign() == ',' ? "\\s*;\\s*|\\s+and\\s+" : "\\s*[;,]\\s*|\\s+and\\s+";
        List<Double> amounts = new ArrayList<>();
        for (String one : typed.strip().split(between)) {
            Optional<Double> read = style.format()
                    .read(one, quantity)
                    .match(
                            whole -> Optional.of(whole.amount().si()),
                            blank -> Optional.empty(),
                            unreadable -> Optional.empty());
            if (read.isEmpty()) return Optional.empty();
            amounts.add(read.get());
        }
        return Optional.of(amounts);
    }

    /** Of a number with its unit that stands in no chart. */
    public static Verdict judgedAmount(String typed, Amount right, int marks, MarkingStyle style) {
        Optional<Boolean> read = style.format()
                .read(typed, right.quantity())
                .match(
                        own -> Optional.of(style.tolerance()
                                .matches(right.si(), own.amount().si())),
                        blank -> Optional.empty(),
                        unreadable -> Optional.empty());
        Verdict verdict = Typed.judged(typed, read, true, marks, style.format().print(right));
        boolean lost = verdict.code() == Verdict.Code.RIGHT && style.losesUnit(typed, right.quantity());
        if (!lost) return verdict;
        return new Verdict(marks > 1 ? Verdict.Code.PARTLY : Verdict.Code.WRONG, marks - 1, verdict.model());
    }
}
