package didaxis.server.assignment;

import didaxis.core.style.ClassStyle;
import didaxis.server.question.QuestionContent;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** Fills sheets as learners would, for a demo; the answers stand in the order of the boxes. */
@Component
public class DemoSheets {
    private final Sheets sheets;
    private final Drafts drafts;

    DemoSheets(Sheets sheets, Drafts drafts) {
        this.sheets = sheets;
        this.drafts = drafts;
    }

    public void send(long assignment, long learner, QuestionContent question, String... typed) {
        Paper paper = Paper.of(List.of(question.body()), ClassStyle.STANDARD);
        List<Answer> answers = answers(paper, typed);
        sheets.send(new Sheets.Whose(assignment, learner, 1), answers);
    }

    public void begin(long assignment, long learner, QuestionContent question, String... typed) {
        drafts.keep(assignment, learner, answers(Paper.of(List.of(question.body()), ClassStyle.STANDARD), typed), 0);
    }

    private static List<Answer> answers(Paper paper, String... typed) {
        List<String> boxes = List.copyOf(paper.places().keySet());
        List<Answer> answers = new ArrayList<>();
        for (int k = 0; k < typed.length; k++) answers.add(new Answer(boxes.get(k), typed[k]));
        return answers;
    }
}
