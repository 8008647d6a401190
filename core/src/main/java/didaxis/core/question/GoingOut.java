package didaxis.core.question;

import didaxis.core.answer.Typed;
import didaxis.core.answer.Verdict;
import didaxis.core.change.Act;
import didaxis.core.change.Change;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Which lamps go out where a part is taken out; of several parts each in turn. A lamp that was dark does not go out: to
 * name it neither earns nor costs, nor does the part itself.
 *
 * @param parts those that are taken out, one after the other, each alone
 * @param marks what each of them earns, for the exact set
 */
public record GoingOut(String id, int state, List<String> parts, int marks) implements Task {
    public GoingOut {
        parts = List.copyOf(parts);
        if (parts.isEmpty()) throw new IllegalArgumentException("task " + id + " must say which part is taken out");
    }

    @Override
    public List<Box> boxes() {
        List<Box> boxes = new ArrayList<>();
        for (int k = 0; k < parts.size(); k++)
            boxes.add(new Box(Box.id(id, k, parts.size()), id, new Box.Form.Things(), marks));
        return boxes;
    }

    /** Every lamp of the circuit, lit or not. */
    @Override
    public List<Subject> things(Question question) {
        return lamps(question.state(state).chart());
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        State here = question.state(state);
        if (!here.numbered()) return List.of(new TaskFlaw.NoNumber(id));
        List<TaskFlaw> flaws = new ArrayList<>();
        if (lit(here.chart()).isEmpty()) flaws.add(new TaskFlaw.TooFew(id, List.of()));
        for (String part : parts) {
            if (isSwitch(part, here)) flaws.add(new TaskFlaw.CannotBeTakenOut(id, part));
            else if (without(part, here).isEmpty()) flaws.add(new TaskFlaw.ShortsTheSource(id, part));
        }
        return flaws;
    }

    /** What is taken out in one of the boxes. */
    public String part(Box box) {
        return parts.get(boxes().stream().map(Box::id).toList().indexOf(box.id()));
    }

    private static boolean isSwitch(String part, State here) {
        return here.circuit().part(part).orElseThrow().kind() == PartKind.SWITCH;
    }

    /** The chart without a part; empty if the source is shorted then. */
    private static Optional<Chart> without(String part, State here) {
        return here.chartOf(new Act.Failed(part, Setting.Fault.OUT).on(here.circuit()));
    }

    private static List<Subject> lamps(Chart chart) {
        return chart.circuit().parts().stream()
                .filter(one -> one.kind() == PartKind.LAMP)
                .map(one -> Subject.part(one.label()))
                .toList();
    }

    private static List<Subject> lit(Chart chart) {
        return lamps(chart).stream()
                .filter(lamp -> chart.value(Cell.power(lamp)).orElse(0) > 0)
                .toList();
    }

    /** The lamps that go out with a part, apart from itself. */
    public Set<Subject> goingOut(String part, Question question) {
        State here = question.state(state);
        Chart after = without(part, here).orElseThrow();
        Part taken = here.circuit().part(part).orElseThrow();
        Set<Subject> gone = new LinkedHashSet<>(
                Change.withoutChain(here.chart(), after, taken).goneOut());
        gone.remove(Subject.part(part));
        return gone;
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        String part = part(box);
        State here = question.state(state);
        Set<Subject> right = goingOut(part, question);
        String model = Typed.print(right);
        var read = Typed.things(typed, things(question)).map(named -> {
            Set<Subject> counted = new LinkedHashSet<>(named);
            counted.retainAll(lit(here.chart()));
            counted.remove(Subject.part(part));
            return (Set<Subject>) counted;
        });
        return Typed.judged(typed, read, right, box.marks(), model);
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.goingOut().apply(this);
    }
}
