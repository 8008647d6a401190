package didaxis.core.change;

import didaxis.core.change.Change.Direction;
import didaxis.core.change.Change.Link;
import didaxis.core.change.Change.Reason;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Outline.Join;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;

/**
 * The reasons of a change in their order: the part, the combinations that hold it from the inside out, the
 * total current, and then from the outside in what the unchanged members take and what is left for the rest.
 *
 * <p>In a series-parallel network more resistance in one part means more in all that holds it, so less
 * current from the source; less current means less voltage across what is in series, so more across the
 * rest; more voltage means more current in what is beside, so less in the rest. No step of the way down can
 * go against another. Where a combination does not change, nothing outside it does.
 */
final class CausalChain {
    private final Change change;
    private final Chart before;
    private final Outline outline;
    private final List<Link> links = new ArrayList<>();
    private final Set<Cell> said = new HashSet<>();
    /** The cells that were told of for the current and the voltage of the nodes on the way down. */
    private final Map<Integer, Cell> currents = new HashMap<>();

    private final Map<Integer, Cell> voltages = new HashMap<>();

    CausalChain(Change change) {
        this.change = change;
        this.before = change.before();
        this.outline = before.circuit().outline();
    }

    List<Link> links() {
        int node = before.subjects().nodeOf(Subject.part(change.part().label()));
        Cell own = Cell.resistance(Subject.part(change.part().label()));
        links.add(new Link(Reason.ACTION, change.direction(own), List.of(own), List.of()));
        Cell source = up(node, own);
        Cell total = Cell.resistance(Subject.TOTAL);
        Direction current = change.direction(Cell.current(Subject.TOTAL));
        if (current == Direction.UNDECIDED) return links;
        boolean newTotal = !source.equals(total) && moves(total);
        if (newTotal) link(Reason.COMBINED, List.of(total), List.of(source));
        link(Reason.TOTAL_CURRENT, List.of(Cell.current(Subject.TOTAL)), List.of(total));
        if (before.circuit().source().internalResistance() > 0 && current != Direction.SAME) {
            link(Reason.LOST_VOLTS, List.of(Cell.voltage(Subject.INTERNAL)), List.of(Cell.current(Subject.TOTAL)));
            link(
                    Reason.TERMINAL_VOLTAGE,
                    List.of(Cell.voltage(Subject.EXTERNAL)),
                    List.of(Cell.voltage(Subject.INTERNAL)));
        }
        down(node);
        powers();
        return links;
    }

    /** From the part outwards as long as the resistance changes; what the last of them was. */
    private Cell up(int node, Cell own) {
        Cell last = own;
        for (int i = outline.parent(node); i >= 0; i = outline.parent(i)) {
            Optional<Cell> resistance = own(i).map(Cell::resistance);
            if (resistance.isEmpty() || outline.join(i) == Join.SAME) continue;
            link(Reason.COMBINED, List.of(resistance.get()), List.of(last));
            if (!moves(resistance.get())) return resistance.get();
            last = resistance.get();
        }
        return last;
    }

    /** From the whole inwards to the part. */
    private void down(int node) {
        List<Integer> path = new ArrayList<>();
        for (int i = node; i >= 0; i = outline.parent(i)) path.add(0, i);
        for (int k = 0; k + 1 < path.size(); k++) {
            int whole = path.get(k);
            int inner = path.get(k + 1);
            currents.put(inner, currentOf(whole));
            voltages.put(inner, voltageOf(whole));
            if (outline.join(whole) == Join.SERIES) series(whole, inner);
            if (outline.join(whole) == Join.PARALLEL) parallel(whole, inner);
        }
    }

    private void series(int whole, int inner) {
        follow(Reason.FOLLOWS_CURRENT, whole, inner, currentOf(whole));
        List<Cell> others = others(whole, inner, this::voltageAt);
        voltageAt(inner).filter(rest -> !others.isEmpty() && decided(rest)).ifPresent(rest -> {
            others.add(0, voltageOf(whole));
            link(Reason.REST_OF_VOLTAGE, List.of(rest), others);
            voltages.put(inner, rest);
        });
    }

    private void parallel(int whole, int inner) {
        follow(Reason.FOLLOWS_VOLTAGE, whole, inner, voltageOf(whole));
        List<Cell> others = others(whole, inner, this::currentAt);
        currentAt(inner).filter(rest -> !others.isEmpty() && decided(rest)).ifPresent(rest -> {
            others.add(0, currentOf(whole));
            link(Reason.REST_OF_CURRENT, List.of(rest), others);
            currents.put(inner, rest);
        });
    }

    private List<Cell> others(int whole, int inner, IntFunction<Optional<Cell>> at) {
        List<Cell> others = new ArrayList<>();
        for (int member : outline.membersOf(whole))
            if (member != inner) at.apply(member).filter(this::counts).ifPresent(others::add);
        return others;
    }

    /** Current and voltage of every part in the unchanged members, as far as they go the way of what they share. */
    private void follow(Reason reason, int whole, int inner, Cell shared) {
        List<Cell> followers = new ArrayList<>();
        for (int member : outline.membersOf(whole)) if (member != inner) collect(member, followers);
        followers.removeIf(cell -> !agrees(cell, change.direction(shared)));
        if (!followers.isEmpty()) link(reason, followers, List.of(shared));
    }

    private void collect(int member, List<Cell> into) {
        for (Part part : outline.partsOf(member)) {
            Subject subject = Subject.part(part.label());
            into.add(Cell.current(subject));
            if (part.resistance() > 0) into.add(Cell.voltage(subject));
        }
    }

    /** Parts whose resistance is what it was and whose power changes. */
    private void powers() {
        for (Direction direction : List.of(Direction.INCREASES, Direction.DECREASES)) {
            List<Cell> powers = new ArrayList<>();
            List<Cell> currents = new ArrayList<>();
            for (Part part : before.circuit().parts()) {
                Subject subject = Subject.part(part.label());
                boolean unchanged = !part.label().equals(change.part().label());
                if (!unchanged || !part.kind().resistive()) continue;
                boolean both = agrees(Cell.power(subject), direction) && agrees(Cell.current(subject), direction);
                if (!both) continue;
                powers.add(Cell.power(subject));
                currents.add(Cell.current(subject));
            }
            if (!powers.isEmpty()) link(Reason.POWER, powers, currents);
        }
    }

    /** The row that a node itself is; not the one part that stands for it. */
    private Optional<Subject> own(int node) {
        return before.subjects().at(node).filter(subject -> before.subjects().nodeOf(subject) == node);
    }

    /** A cell with the current through a node: its own, or in series that of any member. */
    private Optional<Cell> currentAt(int node) {
        return as(node, Join.SERIES, Quantity.CURRENT);
    }

    /** A cell with the voltage across a node: its own, or in parallel that of any branch. */
    private Optional<Cell> voltageAt(int node) {
        return as(node, Join.PARALLEL, Quantity.VOLTAGE);
    }

    /** What members joined in this way have in common, and otherwise one of them has where the others have none of it. */
    private Optional<Cell> as(int node, Join common, Quantity quantity) {
        Optional<Subject> own = own(node);
        if (own.isPresent()) return own.map(subject -> Cell.of(subject, quantity));
        List<Integer> members = new ArrayList<>();
        for (int member : outline.membersOf(node)) members.add(member);
        boolean shared = outline.join(node) == common || outline.join(node) == Join.SAME;
        return members.stream()
                .filter(member ->
                        shared || members.stream().allMatch(other -> other.equals(member) || hasNone(other, quantity)))
                .sorted(Comparator.comparing(member -> outline.partsOf(member).stream()
                        .noneMatch(part -> part.kind().resistive())))
                .flatMap(member -> as(member, common, quantity).stream())
                .findFirst();
    }

    private boolean hasNone(int node, Quantity quantity) {
        return outline.partsOf(node).stream()
                .map(part -> Cell.of(Subject.part(part.label()), quantity))
                .allMatch(cell -> before.limit(cell) == 0 && change.after().limit(cell) == 0);
    }

    private Cell currentOf(int node) {
        return currents.getOrDefault(node, Cell.current(Subject.TOTAL));
    }

    private Cell voltageOf(int node) {
        return voltages.getOrDefault(node, Cell.voltage(before.subjects().whole()));
    }

    private void link(Reason reason, List<Cell> cells, List<Cell> because) {
        List<Cell> fresh = cells.stream().filter(said::add).toList();
        if (fresh.isEmpty()) return;
        Direction direction = change.direction(fresh.get(0));
        if (direction != Direction.UNDECIDED) links.add(new Link(reason, direction, fresh, because));
    }

    private boolean moves(Cell cell) {
        Direction direction = change.direction(cell);
        return direction == Direction.INCREASES || direction == Direction.DECREASES;
    }

    private boolean decided(Cell cell) {
        return change.direction(cell) != Direction.UNDECIDED;
    }

    private boolean counts(Cell cell) {
        return decided(cell) && (moves(cell) || before.limit(cell) != 0);
    }

    private boolean agrees(Cell cell, Direction direction) {
        return change.direction(cell) == direction;
    }
}
