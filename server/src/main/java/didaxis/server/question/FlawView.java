package didaxis.server.question;

import didaxis.core.question.Question;
import didaxis.core.style.HouseStyle;
import didaxis.core.wording.TaskFlawSentence;
import java.util.List;

/** What is wrong with a question, and with which of its tasks; empty where it is about the whole. In JSON. */
public record FlawView(String task, String sentence) {
    /** Everything that keeps a question from being handed out. */
    public static List<FlawView> of(Question question, HouseStyle style) {
        TaskFlawSentence sentences = new TaskFlawSentence(style);
        return question.flaws().stream()
                .map(flaw -> new FlawView(flaw.task(), sentences.say(flaw)))
                .toList();
    }
}
