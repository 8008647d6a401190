package didaxis.server.assignment;

import didaxis.core.answer.Verdict;
import didaxis.core.marking.BoxFinding;
import didaxis.core.question.Box;
import didaxis.core.question.InWords;
import didaxis.core.question.Task;
import didaxis.core.words.Wording;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Map;

/**
 * What teachers have decided of answers in words.
 *
 * @param points by what is asked, and by what is written
 */
record Decided(Map<String, Map<Wording, Integer>> points) {
    static final Decided NONE = new Decided(Map.of());

    /** What stands for all that asks the same in words: its term or prompt, and what earns. */
    static String key(InWords task) {
        try {
            String asked = task.term() + "\n" + task.prompt() + "\n" + task.phrases();
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(asked.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A finding as it is after what was decided: the teacher's word stands above the marker's. */
    BoxFinding of(BoxFinding found, Task task, String typed) {
        if (!(task instanceof InWords words) || typed.isBlank()) return found;
        Integer own = points.getOrDefault(key(words), Map.of()).get(Wording.of(typed));
        return own == null
                ? found
                : found.match(amount -> amount, one -> new BoxFinding.OfWords(one.box(), decided(one, own)));
    }

    private static Verdict decided(BoxFinding.OfWords found, int own) {
        Box box = found.box();
        Verdict.Code code =
                own >= box.marks() ? Verdict.Code.RIGHT : own > 0 ? Verdict.Code.PARTLY : Verdict.Code.WRONG;
        return new Verdict(code, Math.min(own, box.marks()), found.verdict().model());
    }
}
