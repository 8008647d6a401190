package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.line.PutValues;
import didaxis.core.line.Statement;
import didaxis.core.line.Substitution;
import didaxis.core.line.Term;
import didaxis.core.marking.WorkedAnswer.Asked;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * An equality in which numbers are put in rightly for what it is of.
 *
 * @param put the cells they stand for
 * @param parts the pieces of its sums and products
 * @param worth what numbers may stand for there
 */
record PutIn(int line, Set<Cell> put, List<Term> parts, Substitution substitution, PutValues worth) {
    /** Every one of a working. */
    static List<PutIn> all(WorkedAnswer worked, Asked asked, Map<Cell, List<Double>> elsewhere) {
        List<PutIn> all = new ArrayList<>();
        for (Statement statement : worked.statements()) {
            Optional<Cell> of = statement.named().flatMap(Term.Name::cell);
            if (of.isEmpty()) continue;
            Predicate<Cell> sought = one ->
                    asked.substitution().alike(one, of.get()) && !asked.known().test(one);
            PutValues worth = Meant.worth(sought, worked.said(), elsewhere);
            for (int k = 1; k < statement.sides().size(); k++) {
                Term side = statement.sides().get(k);
                if (side.names().findAny().isPresent()) continue;
                int line = statement.lines().get(k);
                asked.substitution()
                        .of(statement.sides().get(0), side, sought, worth)
                        .filter(held -> !held.factorLost())
                        .ifPresent(
                                held -> all.add(new PutIn(line, held.put(), parts(side), asked.substitution(), worth)));
            }
        }
        return all;
    }

    private static List<Term> parts(Term side) {
        List<Term> parts = new ArrayList<>();
        for (Term piece : side.pieces()) {
            if (!piece.pieces().isEmpty()) parts.add(piece);
            parts.addAll(parts(piece));
        }
        return parts;
    }

    /** Whether the amount of a cell is put in, or worked out within it: the sum in 24/(4 + 8). */
    boolean shows(Cell cell) {
        return put.stream().anyMatch(one -> substitution.alike(one, cell))
                || parts.stream().anyMatch(part -> isWorked(part, cell));
    }

    private boolean isWorked(Term part, Cell cell) {
        Predicate<Cell> sought = one -> substitution.alike(one, cell);
        return substitution
                .of(Term.Name.of(cell), part, sought, worth.without(sought))
                .filter(held -> !held.factorLost() && !held.put().isEmpty())
                .isPresent();
    }
}
