package didaxis.server.assignment;

import didaxis.core.correction.Amendment;
import didaxis.server.question.QuestionBody;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.UnaryOperator;

/**
 * What differs from what was handed out, after all that was put right since.
 *
 * @param revision 0 where nothing was
 * @param changed what it holds, as it is kept
 * @param words why and by whom each revision was made, by its number
 */
record MemoRevision(int revision, Changed changed, Map<Integer, Word> words) {
    static final MemoRevision AS_HANDED_OUT = new MemoRevision(0, new Changed(Map.of(), Map.of()), Map.of());

    /** The version of the language that is written. */
    static final int FORMAT = 1;

    /**
     * In JSON.
     *
     * @param questions those that are others now, by their place on the paper, the first of which is 0
     * @param boxes what was put right of boxes, by their ids on the sheet
     */
    record Changed(Map<Integer, QuestionBody> questions, Map<String, Amended> boxes) {}

    /** What was put right of a box, last by this revision. */
    record Amended(Amendment amendment, int revision) {}

    /** Why something was put right, and by whom. */
    record Word(String reason, String by) {}

    /** The places of the questions that are others than under another memo. */
    Set<Integer> differsFrom(MemoRevision other) {
        Set<Integer> places = new TreeSet<>(changed.questions().keySet());
        places.addAll(other.changed.questions().keySet());
        places.removeIf(place -> Objects.equals(
                changed.questions().get(place), other.changed.questions().get(place)));
        return places;
    }

    QuestionBody question(int place, QuestionBody handedOut) {
        return changed.questions().getOrDefault(place, handedOut);
    }

    Amendment amendment(String box) {
        Amended amended = changed.boxes().get(box);
        return amended == null ? Amendment.NONE : amended.amendment();
    }

    /** Whether anything was put right of a box itself. */
    boolean amends(String box) {
        return changed.boxes().containsKey(box);
    }

    /** Why a box earns what the memo gives, and by whom; empty where that was taken back and its sheets are still behind. */
    Word word(String box) {
        Amended amended = changed.boxes().get(box);
        Word none = new Word("", "");
        return amended == null ? none : words.getOrDefault(amended.revision(), none);
    }

    /** The next, with another question. */
    MemoRevision with(int place, QuestionBody other) {
        Map<Integer, QuestionBody> questions = new TreeMap<>(changed.questions());
        questions.put(place, other);
        return next(new Changed(questions, changed.boxes()));
    }

    /** The next, with something else put right of some boxes. */
    MemoRevision with(Iterable<String> ids, UnaryOperator<Amendment> change) {
        Map<String, Amended> boxes = new TreeMap<>(changed.boxes());
        for (String id : ids) boxes.put(id, new Amended(change.apply(amendment(id)), revision + 1));
        return next(new Changed(changed.questions(), boxes));
    }

    /** The next, with what another holds. */
    MemoRevision next(Changed other) {
        return new MemoRevision(revision + 1, other, words);
    }

    /** The same with why it was made, and by whom. */
    MemoRevision because(Word word) {
        Map<Integer, Word> all = new TreeMap<>(words);
        all.put(revision, word);
        return new MemoRevision(revision, changed, all);
    }
}
