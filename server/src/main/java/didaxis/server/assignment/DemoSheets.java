package didaxis.server.assignment;

import didaxis.server.question.QuestionContent;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** Fills sheets as learners would, for a demo; the answers stand in the order in which the cells are asked. */
@Component
public class DemoSheets {
    private final Sheets sheets;

    DemoSheets(Sheets sheets) {
        this.sheets = sheets;
    }

    public void send(long assignment, long learner, QuestionContent content, String... typed) {
        List<Sheets.Answer> answers = answers(content, typed);
        sheets.send(assignment, learner, answers, Judgement.of(content, answers));
    }

    public void begin(long assignment, long learner, QuestionContent content, String... typed) {
        sheets.keep(assignment, learner, answers(content, typed), 0);
    }

    private static List<Sheets.Answer> answers(QuestionContent content, String... typed) {
        List<Sheets.Answer> answers = new ArrayList<>();
        for (int k = 0; k < typed.length; k++)
            answers.add(new Sheets.Answer(content.asked().get(k).cell(), typed[k]));
        return answers;
    }
}
