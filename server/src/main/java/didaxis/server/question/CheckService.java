package didaxis.server.question;

import didaxis.core.notation.Notation;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.MarkingStyle;
import didaxis.core.wording.BoxChoices;
import didaxis.core.wording.TaskSentence;
import didaxis.server.circuit.StyleView;
import didaxis.server.config.Problem;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;

/** Checks questions: what keeps them from being asked, their boxes, prompts and model answers. */
@Service
class CheckService {
    /**
     * @param unit of an amount; empty for any other form
     * @param choices what can be picked: names, or sentences that stand for a, b, c …
     */
    record QuestionBox(String id, String task, FormWord form, String unit, int marks, List<String> choices) {}

    record PromptView(String task, String number, int state, String text) {}

    /** @param answer as one would write it */
    record ModelView(String box, String answer, int marks) {}

    /** A state: what was done to come to it (empty as drawn), and its circuit's line of text. */
    record CheckedState(String act, String notation) {}

    /**
     * @param body the question in canonical form, as it would be kept
     * @param model empty as long as there are flaws
     */
    record CheckedQuestion(
            QuestionBody body,
            List<CheckedState> states,
            List<FlawView> flaws,
            List<QuestionBox> boxes,
            List<PromptView> prompts,
            List<ModelView> model,
            int total,
            DifficultyWord difficulty) {}

    CheckedQuestion check(QuestionBody body, String styleName) {
        if (body == null)
            throw Problem.badRequest("A question is needed: body.").with("field", "body");
        HouseStyle style = StyleView.named(styleName);
        Question plain = body.plain(style);
        Question question = body.named(plain);
        MarkingStyle marking = MarkingStyle.STANDARD.with(style.numbers());
        TaskSentence sentences = new TaskSentence(style, question);
        List<FlawView> flaws = FlawView.of(question, style);
        return new CheckedQuestion(
                new CanonicalQuestion(body, plain, style).written(),
                checkedStates(plain, sentences),
                flaws,
                boxes(question, new BoxChoices(style)),
                prompts(question, body, sentences),
                flaws.isEmpty()
                        ? question.boxes().stream()
                                .map(box -> new ModelView(box.id(), question.model(box, marking), box.marks()))
                                .toList()
                        : List.of(),
                question.total(),
                DifficultyWord.of(plain));
    }

    private static List<PromptView> prompts(Question question, QuestionBody body, TaskSentence sentences) {
        List<String> numbers = TaskNumbers.of(0, question.tasks().size(), body.deeper());
        List<PromptView> prompts = new ArrayList<>();
        for (Task task : question.tasks())
            prompts.add(new PromptView(task.id(), numbers.get(prompts.size()), task.state(), sentences.prompt(task)));
        return prompts;
    }

    /** What was done as the learner reads it, and the circuit as the teacher draws it. */
    private static List<CheckedState> checkedStates(Question plain, TaskSentence sentences) {
        List<CheckedState> states = new ArrayList<>();
        for (State state : plain.states())
            states.add(new CheckedState(
                    sentences.act(sentences.question().state(states.size())), Notation.print(state.circuit())));
        return states;
    }

    private static List<QuestionBox> boxes(Question question, BoxChoices choices) {
        return question.tasks().stream()
                .flatMap(task -> task.boxes().stream()
                        .map(box -> new QuestionBox(
                                box.id(),
                                box.task(),
                                FormWord.of(box.form()),
                                FormWord.unit(box.form()),
                                box.marks(),
                                choices.of(task, box, question))))
                .toList();
    }
}
