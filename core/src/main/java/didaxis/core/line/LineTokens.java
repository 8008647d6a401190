package didaxis.core.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Cuts a line into numbers, words and signs; every character is in one of them or is a space. */
final class LineTokens {
    enum Kind {
        NUMBER,
        WORD,
        /** Raised digits: a power. */
        RAISED,
        SIGN,
        EQUALS,
        /** Sets two statements apart. */
        NEXT,
        OTHER,
        END
    }

    /**
     * @param text in one form for the many characters that look alike
     * @param at where it begins in the line
     * @param spaced whether a space stands before it
     */
    record Token(Kind kind, String text, int at, boolean spaced) {
        boolean is(String sign) {
            return kind == Kind.SIGN && text.equals(sign);
        }
    }

    /** The sign of a fraction of which both parts follow in brackets. */
    static final String FRACTION = "\\frac";

    private static final String TENS =
            " ?[×*·⋅xX] ?10(?:\\^ ?(?:\\([+-]?[0-9]{1,2}\\)|[+-]?[0-9]{1,2})|[⁻⁺]?[⁰¹²³⁴⁵⁶⁷⁸⁹]{1,2})(?![0-9])";
    private static final Pattern TOKEN = Pattern.compile(
            "(?<number>[0-9]{1,3} [1-9][0-9]?/[1-9][0-9]?(?![0-9.,])|(?<![0-9.,])(?:[0-9]{1,3}/60|1/[2346]|3/4|2/3|1/12)(?= ?(?:h|hrs?|hours?|min|mins|minutes?)\\b)|(?:[0-9]{1,3}(?: [0-9]{3})+(?![0-9])(?:[.,][0-9]+)?|[0-9]+(?:[.,'][0-9]+)*|[.,][0-9]+)"
                    + "(?:[eE][+-]?[0-9]{1,2}(?![0-9\\p{L}])|" + TENS + ")?|[¼-¾⅐-⅞])"
                    + "|(?<equals>(?<=[0-9)ΩAVW])\\.(?= [0-9(])|=>(?= ?[\\p{L}√(0-9])|⇒|→|∴|∵|-->|->|;|\\n|,(?= )|(?<next>[=≈≅≃≡~]+|(?<! ):(?= )))"
                    + "|(?<word>p\\.d\\.?|\\p{L}[\\p{L}'′]*(?:[0-9]+(?:,[0-9]+)*|[₀-₉]+|_\\{[^{}]{1,20}}|_[\\p{L}0-9]+|\\p{L}|[ₐ-ₜ])*)"
                    + "|(?<raised>[⁻⁺]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)"
                    + "|(?<sign>\\\\[dt]?frac(?=\\{)|\\|\\||∥|//|\\*\\*|[-+*/×·⋅•∙÷^√()\\[\\]{}:%.])"
                    + "|(?<other>\\S)");

    /** 2x12 and 3 x 4: a letter that is a sign. */
    private static final Pattern TIMES = Pattern.compile("(?<=[0-9)⁰¹²³⁴-⁹] ?)[xX](?= ?[0-9(])");
    /** R// = and R∥ =: an index that is a sign. */
    private static final Pattern BESIDE = Pattern.compile("(?<=\\bR)(?:_p|//|\\|\\||∥)(?= ?=)");

    /** What a formula is called instead of what it says. */
    private static final Pattern CALLED = Pattern.compile("(?i)\\bprod(?:uct)?\\b ?(?:/|÷|over) ?(?:the )?sum(?= ?=)");

    /** Commands of typesetting that stand for a sign, or for nothing. */
    private static final Map<Pattern, String> TYPESET = Map.of(
            Pattern.compile("\\\\times\\b"), "×",
            Pattern.compile("\\\\cdot\\b"), "·",
            Pattern.compile("\\\\div\\b"), "÷",
            Pattern.compile("\\\\sqrt\\b"), "√",
            Pattern.compile("\\\\Omega\\b"), "Ω",
            Pattern.compile("\\\\(?:left|right|[,;! ])|\\$"), " ");

    /** Signs that are written as words; over only between letters or numbers, since a voltage is over a part, too. */
    private static final Map<Pattern, String> SPELT = Map.of(
            Pattern.compile("\\bdivided by\\b"), "/",
            Pattern.compile("(?<=[0-9] |\\b[VUEIRP] )over(?= (?:[0-9.]+|[VUEIRP])\\b)"), "/",
            Pattern.compile("\\b(?:times|multiplied by)\\b"), "×",
            Pattern.compile("(?<=[0-9A-Za-z] )plus(?= [0-9A-Z])"), "+",
            Pattern.compile("(?<=[0-9A-Za-z] )minus(?= [0-9A-Z])"), "-");

    private LineTokens() {}

    static List<Token> of(String line) {
        List<Token> tokens = new ArrayList<>();
        String plain = plain(line);
        Matcher matcher = TOKEN.matcher(plain);
        int end = 0;
        while (matcher.find()) {
            tokens.add(new Token(kind(matcher), sign(matcher.group()), matcher.start(), matcher.start() > end));
            end = matcher.end();
        }
        tokens.add(new Token(Kind.END, "", plain.length(), false));
        return tokens;
    }

    private static Kind kind(Matcher matcher) {
        if (matcher.group("number") != null) return Kind.NUMBER;
        if (matcher.group("word") != null) return Kind.WORD;
        if (matcher.group("raised") != null) return Kind.RAISED;
        if (matcher.group("next") != null) return Kind.EQUALS;
        if (matcher.group("equals") != null) return Kind.NEXT;
        return matcher.group("sign") != null ? Kind.SIGN : Kind.OTHER;
    }

    /** The same sign for what means the same. */
    private static String sign(String text) {
        return switch (text) {
            case "×", "·", "⋅", "•", "∙" -> "*";
            case "÷" -> "/";
            case "∥", "//" -> "||";
            case "**" -> "^";
            case "[", "{" -> "(";
            case "]", "}" -> ")";
            default -> text.endsWith("frac") ? FRACTION : text;
        };
    }

    /** One form for characters that look alike, each as long as it was, so that places stay. */
    private static String plain(String line) {
        StringBuilder plain = new StringBuilder();
        for (char c : line.toCharArray()) {
            if ("−–—‐‑﹣".indexOf(c) >= 0) plain.append('-');
            else if (c != '\n' && (Character.isSpaceChar(c) || Character.isWhitespace(c))) plain.append(' ');
            else if (c == '\u2126') plain.append('Ω');
            else if (c == '\u00b5') plain.append('μ');
            else if (c == '’') plain.append('\'');
            else if ("⁄∕".indexOf(c) >= 0) plain.append('/');
            else if ("✕✖⨯∗".indexOf(c) >= 0) plain.append('×');
            else if (c == '‖') plain.append('∥');
            // The sum of all is named like one: ΣR.
            else if (c == 'Σ' || c == '∑') plain.append(' ');
            else if (c == '＝') plain.append('=');
            else plain.append(c);
        }
        String signs = CALLED.matcher(plain)
                .replaceAll(words -> " ".repeat(words.group().length()));
        if (signs.indexOf('\\') >= 0) signs = signsFor(TYPESET, signs);
        signs = signsFor(SPELT, signs);
        String times = TIMES.matcher(signs).replaceAll("×");
        return BESIDE.matcher(times).replaceAll(sign -> sign.group().length() == 2 ? "_p" : "p");
    }

    private static String signsFor(Map<Pattern, String> words, String line) {
        String signs = line;
        for (Map.Entry<Pattern, String> sign : words.entrySet())
            signs = sign.getKey()
                    .matcher(signs)
                    .replaceAll(
                            word -> sign.getValue() + " ".repeat(word.group().length() - 1));
        return signs;
    }
}
