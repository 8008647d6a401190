package didaxis.server.assignment;

import didaxis.core.answer.Verdict;
import didaxis.core.circuit.Part;
import didaxis.core.correction.SameAnswer;
import didaxis.core.marking.BoxFinding;
import didaxis.core.notation.Notation;
import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.InWords;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.words.Wording;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What teachers have decided of answers in words, and of lines that could not be read.
 *
 * @param points by what is asked, and by what is written
 */
record Decided(Map<String, Map<Wording, Integer>> points) {
    static final Decided NONE = new Decided(Map.of());

    /** With another decision of what is written where this is asked; no points leave it to the marker again. */
    Decided with(List<String> asked, Wording wording, Optional<Integer> given) {
        Map<String, Map<Wording, Integer>> all = new HashMap<>(points);
        for (String key : asked) {
            Map<Wording, Integer> own = new HashMap<>(all.getOrDefault(key, Map.of()));
            own.remove(wording);
            given.ifPresent(one -> own.put(wording, one));
            all.put(key, own);
        }
        return new Decided(all);
    }

    /** What stands for all that asks the same in words: its term or prompt, and what earns. */
    static String key(InWords task) {
        return digest(task.term() + "\n" + task.prompt() + "\n" + task.phrases());
    }

    /** What stands for all that ask for the same amount of a circuit with these parts, whatever their values. */
    static String key(Question question, Task task, Box box) {
        State state = question.state(task.state());
        List<String> labels = state.circuit().parts().stream().map(Part::label).toList();
        return digest(box.form() + " " + box.marks() + " " + labels);
    }

    /** What stands for all that is asked in a box, with the values it is asked with; empty where nothing is decided of it. */
    static Optional<String> keyOf(Question question, Task task, Box box) {
        if (task instanceof InWords words) return Optional.of(key(words));
        if (!Amounts.calculated(task)) return Optional.empty();
        String values = question.states().stream()
                .map(state -> Notation.print(state.circuit()))
                .collect(Collectors.joining("\n"));
        return Optional.of(key(question, task, box) + ":" + digest(values));
    }

    private static String digest(String asked) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(asked.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A finding as it is after what was decided: the teacher's word stands above the marker's. */
    BoxFinding of(BoxFinding found, Question question, String typed) {
        Task task = question.task(found.box().task()).orElseThrow();
        if (points.isEmpty() || typed.isBlank()) return found;
        Integer own = keyOf(question, task, found.box())
                .map(key -> points.getOrDefault(key, Map.of()).get(SameAnswer.wording(task, typed)))
                .orElse(null);
        return own == null
                ? found
                : found.match(
                        amount -> amount,
                        lines -> lines.giving(own),
                        one -> new BoxFinding.OfWords(one.box(), decided(one, own)));
    }

    private static Verdict decided(BoxFinding.OfWords found, int own) {
        Box box = found.box();
        Verdict.Code code =
                own >= box.marks() ? Verdict.Code.RIGHT : own > 0 ? Verdict.Code.PARTLY : Verdict.Code.WRONG;
        return new Verdict(code, Math.min(own, box.marks()), found.verdict().model());
    }
}
