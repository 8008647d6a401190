package didaxis.server.question;

import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.style.HouseStyle;
import didaxis.core.template.Thing;
import didaxis.core.template.Values;
import didaxis.server.config.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;

/** A question that was handed out, with something in it put right. What is asked for stays the same. */
public record CorrectedQuestion(QuestionBody body) {
    /** Something that has one value for all, and the value; the name is that of the notation. */
    public record Valued(String thing, String own, String value) {}

    /** All whose values can be put right. */
    public List<Valued> things(AmountFormat format) {
        Question plain = body.kept(HouseStyle.RIDGE);
        List<String> varied = body.varies().stream().map(VariedBody::thing).toList();
        Map<String, String> names = body.names() == null ? Map.of() : body.names();
        return Thing.of(plain).stream()
                .filter(thing -> !varied.contains(thing.name()))
                .map(thing -> new Valued(
                        thing.name(),
                        names.getOrDefault(thing.name(), thing.name()),
                        format.exactly(Amount.of(thing.in(plain), thing.quantity()))))
                .toList();
    }

    /**
     * The question where something has another value.
     *
     * @throws Problem if it has none that could be put right, the value cannot be read, or the question cannot be asked with it
     */
    public QuestionBody with(String name, String value, AmountFormat format) {
        Thing thing = Thing.named(name, body.kept(HouseStyle.RIDGE))
                .orElseThrow(() -> Problem.badRequest("“" + name + "” has no value in this question.")
                        .with("field", "thing"));
        if (body.varies().stream().anyMatch(one -> one.thing().equals(name)))
            throw Problem.badRequest(name + " has another value for each learner, so it cannot be put right for all.")
                    .with("field", "thing");
        double si = format.read(value == null ? "" : value, thing.quantity())
                .match(
                        read -> read.amount().si(),
                        blank -> unreadable("", thing),
                        unread -> unreadable(unread.typed(), thing));
        if (si < 0 || si == 0 && !thing.mayBeZero())
            throw Problem.badRequest("The value of " + name + " must be above zero.")
                    .with("field", "value");
        QuestionBody other = new VariedQuestion(body).correcting(new Values(Map.of(name, si)));
        refuseFlawed(other);
        return other;
    }

    private static double unreadable(String typed, Thing thing) {
        throw Problem.badRequest("“" + typed + "” is no value for " + thing.name() + "; expected "
                        + thing.quantity().phrase() + ".")
                .with("field", "value");
    }

    private void refuseFlawed(QuestionBody other) {
        List<FlawView> before = FlawView.of(body.question(), HouseStyle.RIDGE);
        FlawView.of(other.question(), HouseStyle.RIDGE).stream()
                .filter(flaw -> !before.contains(flaw))
                .findFirst()
                .ifPresent(flaw -> {
                    throw Problem.of(
                                    HttpStatus.UNPROCESSABLE_CONTENT,
                                    "With this value the question cannot be asked: " + flaw.sentence())
                            .with("field", "value");
                });
    }

    /**
     * The question where a box earns so many marks; where all boxes of its task earn the same, they all do.
     *
     * @throws Problem if that is more or less than a box can earn, or it follows from what is asked
     */
    public QuestionBody earning(String boxId, int marks) {
        if (marks < 1 || marks > Question.MOST_MARKS_A_BOX)
            throw Problem.badRequest("A box earns 1 to " + Question.MOST_MARKS_A_BOX + " marks.")
                    .with("field", "marks");
        Question question = body.question();
        List<TaskBody> tasks = new ArrayList<>(body.tasks());
        for (int k = 0; k < tasks.size(); k++) {
            List<String> boxes =
                    question.tasks().get(k).boxes().stream().map(Box::id).toList();
            if (boxes.contains(boxId)) tasks.set(k, tasks.get(k).earning(boxes.indexOf(boxId), marks));
        }
        QuestionBody other = body.asking(tasks);
        boolean earns =
                other.question().boxes().stream().anyMatch(box -> box.id().equals(boxId) && box.marks() == marks);
        if (!earns)
            throw Problem.badRequest("What this box earns follows from what is asked in it; accept an answer instead.")
                    .with("field", "marks");
        return other;
    }
}
