package didaxis.core.law;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Formula;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.Terms;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A law: where in a circuit it holds, as relations over its cells. To add one, write one class and one line
 * in {@link #ALL}; chart, working, follow-through and deduction then know it.
 */
public interface Law {
    /** All laws; where several give the same cell, the earlier is the way it is taught. */
    List<Law> ALL = List.of(
            new SeriesResistance(),
            new ParallelResistance(),
            new NoCurrent(),
            new NoVoltage(),
            new SameCurrent(),
            new SameVoltage(),
            new Ohm(),
            new Emf(),
            new VoltageSum(),
            new CurrentSum(),
            new PotentialAtPoint(),
            new Power(),
            new PowerSum(),
            new VoltageDivider(),
            new CurrentDivider(),
            new WholeLoop());

    /** A fixed name for programs: "ohm". */
    String id();

    /** Its name or reason as a teacher says it, in a style's words: "Ohm's law". */
    String reason(Terms terms);

    /** Every place where it holds. */
    List<Relation> in(Structure structure);

    static Cell resistance(Subject subject) {
        return Cell.of(subject, Quantity.RESISTANCE);
    }

    static Cell voltage(Subject subject) {
        return Cell.of(subject, Quantity.VOLTAGE);
    }

    static Cell current(Subject subject) {
        return Cell.of(subject, Quantity.CURRENT);
    }

    static Cell power(Subject subject) {
        return Cell.of(subject, Quantity.POWER);
    }

    /** whole = sum of the members, solved for each. */
    static Relation sum(Law law, Cell whole, List<Cell> members) {
        List<Cell> cells = new ArrayList<>(members);
        cells.add(0, whole);
        if (members.size() == 1) return Relation.equality(law, cells);
        return Relation.solvedBy(
                law,
                cells,
                target -> target.equals(whole)
                        ? Formula.sum(Formula.of(members))
                        : Formula.less(Formula.of(whole), Formula.of(without(members, target))));
    }

    /** Any of these cells equals any other; no relation if there are fewer than two. */
    static Optional<Relation> equal(Law law, List<Cell> cells) {
        return cells.size() < 2 ? Optional.empty() : Optional.of(Relation.equality(law, cells));
    }

    static List<Cell> without(List<Cell> cells, Cell left) {
        return cells.stream().filter(cell -> !cell.equals(left)).toList();
    }
}
