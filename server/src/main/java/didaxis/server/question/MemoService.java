package didaxis.server.question;

import didaxis.core.memo.Memo;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.Task;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.MarkingStyle;
import didaxis.core.wording.TaskSentence;
import didaxis.server.circuit.StyleView;
import didaxis.server.config.Problem;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** The memo of a question: model answers with their points, in the words and numbers of a style. */
@Service
class MemoService {
    record MemoTask(String number, String act, String prompt, int marks, List<MemoEntry> entries) {}

    record MemoView(String stem, List<MemoTask> tasks, int total) {}

    MemoView of(QuestionBody body, String styleName) {
        if (body == null)
            throw Problem.badRequest("A question is needed: body.").with("field", "body");
        HouseStyle style = StyleView.named(styleName);
        Question question = body.question(style).in(style);
        if (!FlawView.of(question, style).isEmpty())
            throw Problem.of(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "There is something to be mended in this question before it can have a memo.");
        MarkingStyle marking = MarkingStyle.STANDARD.with(style.numbers());
        Memo memo = Memo.of(question, marking);
        TaskSentence sentences = new TaskSentence(style, question);
        List<String> numbers = TaskNumbers.of(0, question.tasks().size(), body.deeper());
        List<MemoTask> tasks = new ArrayList<>();
        for (Task task : question.tasks())
            tasks.add(new MemoTask(
                    numbers.get(tasks.size()),
                    question.states().isEmpty() ? "" : sentences.act(question.state(task.state())),
                    sentences.asked(task),
                    task.boxes().stream().mapToInt(Box::marks).sum(),
                    memo.entries().stream()
                            .filter(entry -> entry.task().equals(task))
                            .map(entry -> MemoEntry.of(entry, question, style, marking))
                            .toList()));
        return new MemoView(sentences.stem(), tasks, question.total());
    }
}
