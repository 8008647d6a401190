package didaxis.core.words;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Reads a text into words that stand for all that mean the same: folded, without endings, with one word for several
 * where the trade has several, and without those that carry nothing.
 */
final class Reader {
    /** One word for what is said in several; looked for in this order. */
    private static final List<Map.Entry<Pattern, String>> SAID_OTHERWISE = List.of(
            said("electromotive force|e\\.\\s?m\\.\\s?f\\.?", "emf"),
            said("potential differences?|p\\.\\s?d\\.?|pd", "voltage"),
            said("kilo ?watt[ -]?hours?|kwh", "kilowatthour"),
            said("joules?", "energy"),
            said("work(?: done)?", "energy"),
            said("coulombs?", "charge"),
            said("amp(?:ere)?s?", "current"),
            said("volts?", "voltage"),
            said("in (?:a|one|1|unit)(?= +(?:second|unit|time))", "per"),
            said("seconds?", "time"),
            said(
                    "(?:for |to |in |on )?(?:each|every|one)(?= +(?:unit|charge|time|current))|divided by|over|per",
                    "per"),
            said("multiplied by|times", "product"),
            said(
                    "go(?:es|ing)? up|rise[sn]?|rising|rose|grow(?:s|ing)?|larger|bigger|greater|higher|increas\\w*",
                    "up"),
            said("go(?:es|ing)? down|drop\\w*|fall(?:s|ing)?|fell|smaller|lower|less|decreas\\w*|reduc\\w*", "down"),
            said(
                    "(?:does not|do not|doesn't|don't|not|no) chang\\w*|unchanged|constant|stay\\w* the same|remain\\w* the same"
                            + "|equal|identical|same",
                    "same"),
            said("isn[’']?t|aren[’']?t|doesn[’']?t|don[’']?t|can[’']?not|cannot|never|without", "not"),
            said("through(?:out)?", "through"),
            said("kw|kilo ?watts?|1000 ?w(?:atts?)?|1 ?000 watts?", "kilowatt"));

    private static final Set<String> EMPTY = Set.of(
            "the", "a", "an", "of", "is", "are", "be", "it", "its", "that", "which", "this", "by", "with", "as", "and",
            "in", "to", "for", "on", "at", "from", "was", "has", "have", "when", "where", "if", "then", "one", "two",
            "unit", "some", "any", "we", "you", "they", "their", "can", "will", "there", "also", "being", "1");

    /** A ratio is named before its two quantities as well as between them. */
    private static final Pattern RATIO =
            Pattern.compile("\\b(?:ratio|quotient)s?\\b(?: between)?([^.;]*?)\\b(?:to|and|over|with)\\b");

    private static final Pattern WORD = Pattern.compile("[\\p{L}]+|[0-9]+|[.;:]");
    /** What one clause says is not said of the next. */
    private static final Set<String> ENDS =
            Set.of(".", ";", ":", "so", "because", "therefore", "thus", "hence", "but", "while", "whereas", "since");

    /** Stands between clauses. */
    static final String END = ".";

    private Reader() {}

    private static Map.Entry<Pattern, String> said(String several, String one) {
        return Map.entry(Pattern.compile("(?<![\\p{L}])(?:" + several + ")(?![\\p{L}])"), " " + one + " ");
    }

    /** The words that count, in their order, by their stems. */
    static List<String> words(String text) {
        String plain = Normalizer.normalize(text, Normalizer.Form.NFKC)
                .toLowerCase(Locale.ROOT)
                .replaceAll("\\s+", " ")
                .replaceAll("(?<=\\p{L}) ?[/÷] ?(?=\\p{L})", " per ")
                .replaceAll(" ?[×·*] ?", " product ");
        for (Map.Entry<Pattern, String> one : SAID_OTHERWISE)
            plain = one.getKey().matcher(plain).replaceAll(one.getValue());
        plain = RATIO.matcher(plain).replaceAll("$1 per ");
        List<String> words = new ArrayList<>();
        WORD.matcher(plain)
                .results()
                .map(found -> found.group())
                .filter(word -> !EMPTY.contains(word))
                .forEach(word -> words.add(ENDS.contains(word) ? END : Stem.of(word)));
        while (!words.isEmpty() && words.get(words.size() - 1).equals(END)) words.remove(words.size() - 1);
        return words;
    }

    /** A wording under which all that are alike in words stand: folded, without what carries nothing. */
    static String normalised(String text) {
        return String.join(" ", words(text));
    }
}
