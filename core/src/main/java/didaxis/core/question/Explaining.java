package didaxis.core.question;

import didaxis.core.answer.Typed;
import didaxis.core.answer.Verdict;
import didaxis.core.change.Act;
import didaxis.core.change.Change;
import didaxis.core.change.Change.Direction;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Why a cell goes the way it does from the state before to this one: links are picked from some that are true and as many
 * that are turned round, and put into their causal order.
 *
 * @param links what can be picked, in no telling order
 * @param right places of those that lead to the cell, in causal order
 * @param marks one a link; with any other number as many of it as there are links
 */
public record Explaining(String id, int state, Cell cell, List<Link> links, List<Integer> right, int marks)
        implements Task {
    /** A cell goes one way. */
    public record Link(Cell cell, Direction way) {}

    public Explaining {
        links = List.copyOf(links);
        right = List.copyOf(right);
    }

    /** With a mark a link where no other number is said. */
    public static Explaining of(String id, int place, Cell cell, List<State> states, Optional<Integer> marks) {
        List<Link> chain =
                place > 0 && place < states.size() ? chain(cell, states.get(place - 1), states.get(place)) : List.of();
        Set<Link> all = new LinkedHashSet<>(chain);
        chain.forEach(link -> all.add(
                new Link(link.cell(), link.way() == Direction.INCREASES ? Direction.DECREASES : Direction.INCREASES)));
        List<Link> offered = all.stream()
                .sorted(Comparator.comparing((Link link) -> link.cell().quantity())
                        .thenComparing(link -> link.cell().subject().id())
                        .thenComparing(Link::way))
                .toList();
        List<Integer> right = chain.stream().map(offered::indexOf).toList();
        return new Explaining(id, place, cell, offered, right, marks.orElse(Math.max(1, chain.size())));
    }

    @Override
    public Task over(List<State> states) {
        return of(id, state, cell, states, Optional.of(marks));
    }

    /** The links that lead to a cell; empty where it does not move. */
    private static List<Link> chain(Cell cell, State before, State after) {
        Chart from = before.chart();
        Chart to = after.chart();
        Act act = after.act().orElseThrow();
        List<Link> links = new ArrayList<>();
        if (!moves(cell, from, to)) return links;
        if (act instanceof Act.OnPart one) {
            for (Change.Link link : Change.of(from, to, one.part()).chainTo(cell)) {
                Cell first = link.cells().get(0);
                // That a switch or a gap has another resistance is the act itself.
                boolean done =
                        link.reason() == Change.Reason.ACTION && !(act instanceof Act.Set || act instanceof Act.Varied);
                if (!done && moves(first, from, to)) links.add(new Link(first, Change.direction(first, from, to)));
            }
            // What is always equal to the cell was told for it.
            if (!links.isEmpty() && !links.get(links.size() - 1).cell().equals(cell)) {
                Link last = links.get(links.size() - 1);
                boolean equal = last.cell().quantity() == cell.quantity()
                        && from.value(last.cell()).equals(from.value(cell))
                        && to.value(last.cell()).equals(to.value(cell));
                if (equal) links.remove(last);
                links.add(new Link(cell, Change.direction(cell, from, to)));
            }
            return links;
        }
        return alongTheWhole(cell, from, to);
    }

    /** Where the circuit is connected otherwise: from the whole resistance, or the emf, by way of the total current. */
    private static List<Link> alongTheWhole(Cell cell, Chart from, Chart to) {
        Subject whole = from.subjects().whole();
        List<Cell> told = new ArrayList<>(
                List.of(Cell.voltage(Subject.TOTAL), Cell.resistance(whole), Cell.current(Subject.TOTAL)));
        Cell terminal = Cell.voltage(whole);
        boolean withTerminal = !whole.equals(Subject.TOTAL)
                && moves(terminal, from, to)
                && Change.direction(terminal, from, to) == Change.direction(cell, from, to);
        if (withTerminal) told.addAll(List.of(Cell.voltage(Subject.INTERNAL), terminal));
        List<Link> links = new ArrayList<>();
        for (Cell one : told) {
            if (one.equals(cell)) break;
            boolean equal = one.equals(terminal) && from.value(one).equals(from.value(cell));
            if (moves(one, from, to) && !equal) links.add(new Link(one, Change.direction(one, from, to)));
        }
        links.add(new Link(cell, Change.direction(cell, from, to)));
        return links;
    }

    private static boolean moves(Cell cell, Chart from, Chart to) {
        Direction way = Change.direction(cell, from, to);
        return way == Direction.INCREASES || way == Direction.DECREASES;
    }

    @Override
    public List<Box> boxes() {
        return List.of(new Box(id, id, new Box.Form.Chain(links), marks));
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        List<TaskFlaw> flaws = new ArrayList<>(new Ways(id, state, List.of(cell)).flaws(question, knowledge));
        if (flaws.isEmpty() && right.size() < 2) flaws.add(new TaskFlaw.NoChain(id, cell));
        return flaws;
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        String model = Typed.chain(right);
        if (typed.isBlank()) return new Verdict(Verdict.Code.BLANK, 0, model);
        Optional<List<Integer>> read = Typed.chain(typed, links.size());
        if (read.isEmpty()) return new Verdict(Verdict.Code.UNREADABLE, 0, model);
        if (read.get().equals(right)) return new Verdict(Verdict.Code.RIGHT, marks, model);
        // Links in another order earn as links, and not as a chain; a wrong one costs what a right one earns.
        int hits = (int) read.get().stream().filter(right::contains).count();
        int points = marks * Math.max(0, 2 * hits - read.get().size()) / right.size();
        points = Math.min(points, marks - 1);
        return new Verdict(points > 0 ? Verdict.Code.PARTLY : Verdict.Code.WRONG, points, model);
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.explaining().apply(this);
    }
}
