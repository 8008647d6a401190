package didaxis.core.working;

import didaxis.core.circuit.Cell;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/** One law written for particular cells, solved for each of them from all the others. */
public final class Relation {
    private final Law law;
    private final Map<Cell, Formula> solutions;

    private Relation(Law law, Map<Cell, Formula> solutions) {
        this.law = law;
        this.solutions = solutions;
    }

    /** Begins a relation. */
    static Builder of(Law law) {
        return new Builder(law);
    }

    /** Collects the solutions of one relation. */
    static final class Builder {
        private final Law law;
        private final Map<Cell, Formula> solutions = new LinkedHashMap<>();

        private Builder(Law law) {
            this.law = law;
        }

        Builder solved(Cell target, Formula formula) {
            solutions.put(target, formula);
            return this;
        }

        Relation build() {
            return new Relation(law, solutions);
        }
    }

    public Law law() {
        return law;
    }

    /** The cells it ties together. */
    public Set<Cell> cells() {
        return solutions.keySet();
    }

    /** The cells that give a target. */
    public List<Cell> inputs(Cell target) {
        return Law.without(List.copyOf(solutions.keySet()), target);
    }

    /** How the target follows from the others; empty if the target is none of its cells. */
    public Optional<Formula> formulaFor(Cell target) {
        return Optional.ofNullable(solutions.get(target));
    }

    /** The target's value from those of the others, in SI; not finite where the formula has none. */
    public double solve(Cell target, ToDoubleFunction<Cell> values) {
        return solutions.get(target).with(new Evaluation(values));
    }

    @Override
    public String toString() {
        return law.id() + solutions.keySet();
    }
}
