package didaxis.server.assignment;

import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.InWords;
import didaxis.core.question.Question;
import didaxis.core.question.Task;
import didaxis.core.style.ClassStyle;
import didaxis.server.circuit.PlanView;
import didaxis.server.question.QuestionBody;
import didaxis.server.question.TaskNumbers;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Questions that were handed out together, in the style of their class. On a sheet a box is known by its question's place
 * and its own id: 1/1.2.
 */
public final class Paper {
    private final List<Question> questions;
    private final List<Look> looks;
    private final ClassStyle style;
    private final Decided decided;
    private final MemoRevision memo;
    private final Map<String, String> models = new ConcurrentHashMap<>();
    /** Laid out when they are first asked for; the same whoever asks first. */
    private Map<String, Place> places;

    /**
     * What a question has for the eye alone.
     *
     * @param plan how its circuit is drawn
     * @param deeper of each task, whether it is a part of the one before it
     */
    record Look(PlanView plan, List<Boolean> deeper) {
        static Look of(QuestionBody body) {
            return new Look(body.plan() == null ? PlanView.USUAL : body.plan(), body.deeper());
        }
    }

    /**
     * A box where it stands on the sheet; the number is its task's.
     *
     * @param marks what it earns now; 0 where it is left out
     */
    record Place(String id, String number, int question, Task task, Box box, int marks) {}

    private Paper(List<Question> questions, List<Look> looks, ClassStyle style, Decided decided, MemoRevision memo) {
        this.questions = questions;
        this.looks = looks;
        this.style = style;
        this.decided = decided;
        this.memo = memo;
    }

    public static Paper of(List<QuestionBody> bodies, ClassStyle style) {
        return of(
                bodies.stream().map(QuestionBody::question).toList(),
                bodies.stream().map(Look::of).toList(),
                style);
    }

    /** One of which nothing was decided yet, and nothing put right. */
    static Paper of(List<Question> questions, List<Look> looks, ClassStyle style) {
        List<Question> styled =
                questions.stream().map(question -> question.in(style.house())).toList();
        return new Paper(styled, List.copyOf(looks), style, Decided.NONE, MemoRevision.AS_HANDED_OUT);
    }

    /** The same with what was decided. */
    Paper deciding(Decided other) {
        return new Paper(questions, looks, style, other, memo);
    }

    /** The same under a memo, whose questions are these. */
    Paper under(MemoRevision other) {
        return new Paper(questions, looks, style, decided, other);
    }

    public List<Question> questions() {
        return questions;
    }

    public ClassStyle style() {
        return style;
    }

    List<Look> looks() {
        return looks;
    }

    /** What teachers have decided of answers in words. */
    Decided decided() {
        return decided;
    }

    /** What was put right of it. */
    MemoRevision memo() {
        return memo;
    }

    /** What stands for all of which something may be decided, whatever the values it is asked with. */
    List<String> decidable() {
        List<String> keys = new ArrayList<>();
        for (Place place : places().values()) {
            if (place.task() instanceof InWords words) keys.add(Decided.key(words));
            else if (Amounts.calculated(place.task()))
                keys.add(Decided.key(question(place), place.task(), place.box()));
        }
        return keys;
    }

    /** The id on the sheet of a question's box; the first question has the place 0. */
    static String id(int question, Box box) {
        return question + 1 + "/" + box.id();
    }

    /** The number on the sheet of a question's task, 1.2 or 1.2.1; the first of each has the place 0. */
    String number(int question, int task) {
        return numbers(question).get(task);
    }

    private List<String> numbers(int question) {
        int tasks = questions.get(question).tasks().size();
        return TaskNumbers.of(question, tasks, looks.get(question).deeper());
    }

    /** All boxes in the order of the sheet, by their ids. */
    Map<String, Place> places() {
        Map<String, Place> there = places;
        if (there != null) return there;
        Map<String, Place> all = new LinkedHashMap<>();
        for (int k = 0; k < questions.size(); k++) for (Place place : places(k)) all.put(place.id(), place);
        there = Collections.unmodifiableMap(all);
        places = there;
        return there;
    }

    private List<Place> places(int question) {
        List<Place> places = new ArrayList<>();
        List<Task> tasks = questions.get(question).tasks();
        List<String> numbers = numbers(question);
        for (int k = 0; k < tasks.size(); k++)
            for (Box box : tasks.get(k).boxes())
                places.add(new Place(
                        id(question, box),
                        numbers.get(k),
                        question,
                        tasks.get(k),
                        box,
                        memo.amendment(id(question, box)).marks(box)));
        return places;
    }

    /** Of what was typed into the boxes of the sheet that of one question, by their own ids. */
    Map<String, String> own(int question, Map<String, String> typed) {
        Map<String, String> own = new HashMap<>();
        questions.get(question).boxes().forEach(box -> own.put(box.id(), typed.getOrDefault(id(question, box), "")));
        return own;
    }

    Question question(Place place) {
        return questions.get(place.question());
    }

    /** The right answer of a box as one would write it, worked out once. */
    String model(Place place) {
        return models.computeIfAbsent(place.id(), first -> question(place).model(place.box(), style.marking()));
    }

    /** What findings of a sheet come to. */
    int marks(List<StoredFinding> findings) {
        Map<String, Place> places = places();
        return findings.stream()
                .filter(found -> places.containsKey(found.box()))
                .mapToInt(found -> found.earned(places.get(found.box()).marks()))
                .sum();
    }
}
