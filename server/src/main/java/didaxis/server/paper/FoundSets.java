package didaxis.server.paper;

import didaxis.core.template.ValueSets;
import didaxis.server.question.QuestionBody;
import didaxis.server.question.VariedQuestion;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The sets of values that were found last: a paper that is looked at page by page asks for the same again and again. */
@Component
class FoundSets {
    private static final int MOST = 100;

    private record Key(QuestionBody body, long seed, int sharing) {}

    private final Map<Key, ValueSets> latest = new LinkedHashMap<>(MOST, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, ValueSets> eldest) {
            return size() > MOST;
        }
    };

    /** @param sharing among how many questions of the paper the work is shared */
    ValueSets of(QuestionBody body, long seed, int sharing) {
        Key key = new Key(body, seed, sharing);
        synchronized (latest) {
            ValueSets there = latest.get(key);
            if (there != null) return there;
        }
        ValueSets found = new VariedQuestion(body).sets(seed, VariedQuestion.MOST_SETS, sharing);
        synchronized (latest) {
            latest.put(key, found);
        }
        return found;
    }
}
