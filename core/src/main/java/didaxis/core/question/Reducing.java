package didaxis.core.question;

import didaxis.core.answer.FoldedLine;
import didaxis.core.answer.Reduction;
import didaxis.core.answer.Reduction.Node;
import didaxis.core.answer.Verdict;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The whole reduction of a circuit to one resistance: at each stage what is combined, and what it comes to; any order in
 * which it may be done is right. What is written for a stage may follow from an earlier one that is wrong.
 *
 * @param letters whether only what is combined is asked, and no value
 * @param marks half for what is combined and half for what it comes to; with letters only all for what is combined
 */
public record Reducing(String id, int state, boolean letters, int marks) implements Task {
    /** Of a circuit: one a resistance that is combined with others, and as many for the values. */
    public static int usualMarks(State state, boolean letters) {
        int merged = Reduction.of(state.chart()).map(Reduction::left).orElse(1) - 1;
        return Math.max(1, Math.min(Question.MOST_MARKS_A_BOX, letters ? merged : 2 * merged));
    }

    @Override
    public List<Box> boxes() {
        return List.of(new Box(id, id, new Box.Form.Folds(letters), marks));
    }

    /** The resistances that are there before anything is combined. */
    @Override
    public List<Subject> things(Question question) {
        return Reduction.of(question.state(state).chart()).stream()
                .flatMap(reduction -> reduction.names().stream())
                .map(Subject::part)
                .toList();
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        State here = question.state(state);
        if (!letters && !here.numbered()) return List.of(new TaskFlaw.NoNumber(id));
        boolean some = Reduction.of(here.chart())
                .filter(reduction -> reduction.left() > 1)
                .isPresent();
        return some ? List.of() : List.of(new TaskFlaw.TooFew(id, List.of()));
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        String model = model(question, style);
        if (typed.isBlank()) return new Verdict(Verdict.Code.BLANK, 0, model);
        Optional<List<FoldedLine>> lines = FoldedLine.all(typed, style);
        if (lines.isEmpty()) return new Verdict(Verdict.Code.UNREADABLE, 0, model);
        Reduction reduction = reduction(question, elsewhere);
        int all = reduction.left() - 1;
        int joined = 0;
        int valued = 0;
        int followed = 0;
        boolean clean = true;
        for (FoldedLine line : lines.get()) {
            // Who goes on to the whole circuit adds the internal resistance, which is not asked here.
            if (reduction.left() == 1 && line.pick().names().contains("r")) continue;
            int before = reduction.left();
            Optional<Node> done = line.pick().in(reduction);
            int merged = before - reduction.left();
            joined += merged;
            clean &= done.isPresent();
            if (done.isEmpty()) continue;
            done.get().called(line.alias());
            boolean right = line.isWorth(done.get().ohms(), style);
            boolean follows = !right
                    && (style.followThrough() || letters)
                    && follows(line, done.get(), question, style, elsewhere);
            if (right || follows) valued += merged;
            if (follows) followed += merged;
            line.ohms(style).ifPresent(done.get()::found);
        }
        clean &= joined == all && (letters || valued == all);
        Verdict.Code code = followed > 0 && !letters ? Verdict.Code.FOLLOW_THROUGH : Verdict.Code.RIGHT;
        if (clean) return new Verdict(code, marks, model);
        int points = letters ? marks * joined / all : marks * (joined + valued) / (2 * all);
        points = Math.min(points, marks - 1);
        return new Verdict(points > 0 ? Verdict.Code.PARTLY : Verdict.Code.WRONG, points, model);
    }

    /** Whether a value comes of what the learner had before in this reduction, or has elsewhere on the sheet. */
    private boolean follows(FoldedLine line, Node done, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        if (line.isWorth(done.used(), style)) return true;
        OptionalDouble written =
                cell(done, question).map(cell -> elsewhere.of(cell, state)).orElse(OptionalDouble.empty());
        return written.isPresent() && line.isWorth(written.getAsDouble(), style);
    }

    /** The resistance in the chart that a combination is; empty where the chart has no row for it. */
    private Optional<Cell> cell(Node done, Question question) {
        return question.state(state).chart().subjects().named(done.labels()).map(Cell::resistance);
    }

    /** What each combination comes to that the chart has a row for. */
    @Override
    public Map<Cell, String> says(Box box, String typed, Question question, MarkingStyle style) {
        Map<Cell, String> says = new LinkedHashMap<>();
        if (letters) return says;
        Reduction reduction = reduction(question, OwnAmounts.NONE);
        for (FoldedLine line : FoldedLine.all(typed, style).orElse(List.of())) {
            Optional<Node> done = line.pick().in(reduction);
            done.ifPresent(one -> one.called(line.alias()));
            if (line.ohms(style).isEmpty()) continue;
            done.flatMap(one -> cell(one, question)).ifPresent(cell -> says.put(cell, line.value()));
        }
        return says;
    }

    /** What is left before anything is combined, each with what the learner has for it elsewhere. */
    private Reduction reduction(Question question, OwnAmounts elsewhere) {
        Reduction reduction = Reduction.of(question.state(state).chart()).orElseThrow();
        for (String label : reduction.names())
            elsewhere
                    .of(Cell.resistance(Subject.part(label)), state)
                    .ifPresent(ohms -> reduction.named(label).orElseThrow().found(ohms));
        return reduction;
    }

    /** Always the innermost combination first. */
    private String model(Question question, MarkingStyle style) {
        Reduction reduction = reduction(question, OwnAmounts.NONE);
        List<String> lines = new ArrayList<>();
        for (Optional<Node> next = reduction.next(); next.isPresent(); next = reduction.next()) {
            List<Node> members = next.get().members();
            boolean series = next.get().isSeries();
            String line = String.join(
                    series ? " + " : " || ", members.stream().map(Node::name).toList());
            double ohms = reduction.combine(members, series).orElseThrow().ohms();
            lines.add(letters ? line : line + " = " + style.format().print(Amount.of(ohms, Quantity.RESISTANCE)));
        }
        return String.join("; ", lines);
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.reducing().apply(this);
    }
}
