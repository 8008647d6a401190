package didaxis.core.question;

import didaxis.core.answer.Typed;
import didaxis.core.answer.Verdict;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Wiring;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The circuit is drawn: from words where its drawing is not shown, or else again, so that series and parallel can be
 * seen. It is compared by its connections and never by its looks.
 */
public record Redrawing(String id, int state, int marks) implements Task {
    public static final int USUAL_MARKS = 3;

    @Override
    public List<Box> boxes() {
        return List.of(new Box(id, id, new Box.Form.Wired(), marks));
    }

    @Override
    public List<Subject> things(Question question) {
        List<Subject> things = new ArrayList<>();
        for (Part part : parts(question)) things.add(Subject.part(part.label()));
        for (Subject reading : question.state(state).chart().subjects().readings())
            // A voltmeter across the terminals stands at the source, which is not drawn.
            if (!question.state(state).circuit().source().voltmeters().contains(reading.id())) things.add(reading);
        return things;
    }

    private List<Part> parts(Question question) {
        return question.state(state).circuit().parts();
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        return parts(question).size() < 2 ? List.of(new TaskFlaw.TooFew(id, things(question))) : List.of();
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        Circuit right = question.state(state).circuit();
        Optional<Circuit> own = Wiring.read(typed, right.source(), right.parts());
        // Points name places: who leaves them out draws the same circuit.
        boolean pointless = own.filter(Wiring::hasPoint).isEmpty();
        return Typed.judged(
                typed,
                own.map(pointless ? Wiring::withoutPoints : Wiring::canonical),
                pointless ? Wiring.withoutPoints(right) : Wiring.canonical(right),
                marks,
                Wiring.print(right));
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.redrawing().apply(this);
    }
}
