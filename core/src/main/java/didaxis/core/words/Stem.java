package didaxis.core.words;

import java.util.List;

/** The stem of an English word: what is left without the commonest endings, alike for all forms of a word. */
final class Stem {
    private static final int LEAST = 3;
    private static final List<String> ENDINGS = List.of("ing", "ed", "ly", "er");

    private Stem() {}

    /** Of a word in small letters. */
    static String of(String word) {
        if (word.length() <= LEAST) return word;
        String plain = singular(word);
        for (String ending : ENDINGS)
            if (plain.endsWith(ending) && plain.length() - ending.length() >= LEAST + 1) {
                plain = shortened(plain.substring(0, plain.length() - ending.length()));
                break;
            }
        if (plain.endsWith("i")) plain = plain.substring(0, plain.length() - 1) + "y";
        return plain.length() > LEAST && plain.endsWith("e") ? plain.substring(0, plain.length() - 1) : plain;
    }

    private static String singular(String word) {
        if (word.equals("series")) return word;
        if (word.endsWith("ies")) return word.substring(0, word.length() - 3) + "y";
        if (word.endsWith("sses") || word.endsWith("shes") || word.endsWith("ches"))
            return word.substring(0, word.length() - 2);
        boolean kept = word.endsWith("ss") || word.endsWith("us") || word.endsWith("is");
        return word.endsWith("s") && !kept ? word.substring(0, word.length() - 1) : word;
    }

    /** A consonant that was doubled before the ending stands once. */
    private static String shortened(String stem) {
        int last = stem.length() - 1;
        boolean doubled = last > LEAST - 1 && stem.charAt(last) == stem.charAt(last - 1);
        return doubled && "lsz".indexOf(stem.charAt(last)) < 0 ? stem.substring(0, last) : stem;
    }
}
