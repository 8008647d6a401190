package didaxis.core.line;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/** What words were found to be: a line is read in several ways, and the same words stand in many lines. For several threads. */
final class KnownWords<T> {
    /** Somebody may send any number of words; beyond these each is looked up as it comes. */
    private static final int MOST = 5_000;

    private final Map<String, T> known = new ConcurrentHashMap<>();

    /** @param find what the word is, always the same for one word */
    T of(String word, Function<String, T> find) {
        T there = known.get(word);
        if (there != null) return there;
        T found = find.apply(word);
        if (known.size() < MOST) known.put(word, found);
        return found;
    }
}
