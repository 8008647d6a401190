package didaxis.core.words;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Words that are known to be meant as they are written: a slip of one letter is looked for in others only. */
final class Vocabulary {
    /** Shorter words are too near to others. */
    private static final int LEAST = 5;
    /** Words one letter away from those of the trade. */
    private static final Set<String> COMMON = Set.of(
            "change",
            "chang",
            "large",
            "larg",
            "though",
            "source",
            "sourc",
            "course",
            "cours",
            "current",
            "charg",
            "voltag",
            "energy",
            "resistanc",
            "power",
            "series",
            "serious",
            "parallel",
            "second",
            "point",
            "paint",
            "between",
            "across",
            "cross",
            "through",
            "flow",
            "place",
            "plac",
            "force",
            "forc",
            "battery",
            "terminal",
            "temperatur",
            "conductor",
            "component",
            "constant",
            "proportional",
            "invers",
            "ampere",
            "amper",
            "coulomb");

    private final Set<String> words;

    private Vocabulary(Set<String> words) {
        this.words = words;
    }

    @SafeVarargs
    static Vocabulary of(Collection<List<String>>... ways) {
        Set<String> words = new HashSet<>(COMMON);
        for (Collection<List<String>> some : ways) some.forEach(words::addAll);
        return new Vocabulary(words);
    }

    /** Whether a written word is this one, or is meant to be it with a letter wrong, missing, too many or exchanged. */
    boolean alike(String written, String word) {
        if (written.equals(word)) return true;
        return word.length() >= LEAST && !words.contains(written) && oneSlip(written, word);
    }

    private static boolean oneSlip(String one, String other) {
        if (Math.abs(one.length() - other.length()) > 1) return false;
        String shorter = one.length() <= other.length() ? one : other;
        String longer = one.length() <= other.length() ? other : one;
        int k = 0;
        while (k < shorter.length() && shorter.charAt(k) == longer.charAt(k)) k++;
        if (shorter.length() < longer.length()) return shorter.substring(k).equals(longer.substring(k + 1));
        if (k == shorter.length()) return true;
        if (shorter.substring(k + 1).equals(longer.substring(k + 1))) return true;
        return k + 1 < shorter.length()
                && shorter.charAt(k) == longer.charAt(k + 1)
                && shorter.charAt(k + 1) == longer.charAt(k)
                && shorter.substring(k + 2).equals(longer.substring(k + 2));
    }
}
