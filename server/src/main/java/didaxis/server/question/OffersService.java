package didaxis.server.question;

import didaxis.core.question.Offers;
import didaxis.core.question.Question;
import didaxis.core.question.Task;
import didaxis.core.style.HouseStyle;
import didaxis.core.wording.TaskSentence;
import didaxis.server.circuit.StyleView;
import didaxis.server.config.Problem;
import java.util.List;
import org.springframework.stereotype.Service;

/** What could be asked of a question's circuit as well. */
@Service
class OffersService {
    /** A task that could be asked, as a learner would read it, and the subjects it is about. */
    record OfferView(TaskBody task, String prompt, List<String> about) {}

    /** @param usual the usual questions from folding to power, as one would add them all */
    record OffersView(List<OfferView> offers, List<TaskBody> usual) {}

    OffersView of(QuestionBody body, String styleName, int state) {
        if (body == null)
            throw Problem.badRequest("A question is needed: body.").with("field", "body");
        HouseStyle style = StyleView.named(styleName);
        Question question = body.plain(style);
        if (state < 0 || state >= Math.max(1, question.states().size()))
            throw Problem.badRequest("This question has no state " + state + ".")
                    .with("field", "state");
        TaskSentence sentences = new TaskSentence(style, question);
        return new OffersView(
                Offers.of(question, state).stream()
                        .map(task -> view(task, sentences))
                        .toList(),
                Offers.usual(question, state).stream().map(TaskBody::of).toList());
    }

    private static OfferView view(Task task, TaskSentence sentences) {
        TaskBody body = TaskBody.of(task);
        return new OfferView(body, sentences.asked(task), body.about());
    }
}
