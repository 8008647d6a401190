package didaxis.core.words;

import java.util.List;
import java.util.Set;

/**
 * What may stand in a gap: one of several words or terms, in any common form and with a letter wrong in the longer ones,
 * and nothing else beside it.
 */
public record GapWords(List<String> right) {
    public GapWords {
        right = List.copyOf(right);
        if (right.isEmpty() || right.stream().anyMatch(one -> Reader.words(one).isEmpty()))
            throw new IllegalArgumentException("words of a gap (" + right + ") must each have one that counts");
    }

    /** Whether this is one of them. */
    public boolean accept(String typed) {
        List<String> words = Reader.words(typed);
        return right.stream().map(Reader::words).anyMatch(one -> alike(words, one));
    }

    private static boolean alike(List<String> written, List<String> right) {
        Vocabulary known = Vocabulary.of(Set.of(right));
        if (written.size() != right.size()) return false;
        for (int k = 0; k < right.size(); k++) if (!known.alike(written.get(k), right.get(k))) return false;
        return true;
    }
}
