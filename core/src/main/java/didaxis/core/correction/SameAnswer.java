package didaxis.core.correction;

import didaxis.core.marking.WorkedAnswer;
import didaxis.core.question.Box;
import didaxis.core.question.InWords;
import didaxis.core.question.Question;
import didaxis.core.question.Task;
import didaxis.core.style.MarkingStyle;
import didaxis.core.wording.BoxReading;
import didaxis.core.words.Wording;

/** What makes two answers to one box the same: what they are read as, or in words and lines what they say. */
public final class SameAnswer {
    private SameAnswer() {}

    /** A text that is equal for equal answers, and for no others. */
    public static String key(Question question, Box box, String typed, MarkingStyle style) {
        Task task = question.task(box.task()).orElseThrow();
        if (!isWorked(box, typed, style)) {
            String shown = BoxReading.of(box.form(), task.things(question), typed, style)
                    .shown();
            if (!shown.isEmpty()) return shown;
        }
        return wording(task, typed).normalised();
    }

    /** What an answer says that is read as nothing else. */
    public static Wording wording(Task task, String typed) {
        return task instanceof InWords
                ? Wording.of(typed)
                : new Wording(typed.strip().replaceAll("\\s+", " "));
    }

    private static boolean isWorked(Box box, String typed, MarkingStyle style) {
        return box.form() instanceof Box.Form.Amount amount && WorkedAnswer.isWorked(typed, amount, style.format());
    }
}
