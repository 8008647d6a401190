package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.working.Relation;
import didaxis.core.working.Relations;
import didaxis.core.working.Span;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;

/**
 * The values every cell can take when one starts from written values and uses the relations: a written cell
 * takes its own value only, an unwritten one whatever leads to it. Each candidate knows which wrong answers
 * it rests on, so that no answer can vouch for itself.
 */
final class Candidates {
    /** A cell is let go on with this many values; those on fewer wrong answers first. */
    private static final int MOST_A_CELL = 5;
    /** Combinations of the inputs' candidates tried for one relation and target. */
    private static final int MOST_COMBINATIONS = 64;
    /** Steps in the head between two written values. */
    private static final int MOST_ROUNDS = 12;

    private static final double SAME = 1e-4;

    /** A value a cell can take, the wrong answers it rests on, and the step that gave it. */
    record Candidate(Span span, BitSet restsOn, Origin origin) {}

    /** Where a candidate comes from: a written value, or a relation and its inputs. */
    sealed interface Origin {
        record Written() implements Origin {}

        record Solved(Relation relation, Cell target, Map<Cell, Candidate> inputs) implements Origin {}
    }

    private final Relations relations;
    private final Set<Cell> written;
    private final int figuresInTheHead;
    private final Map<Cell, List<Candidate>> known;
    private final Map<Cell, List<Candidate>> candidates = new HashMap<>();

    /**
     * @param written the cells with a value on the sheet, given or answered
     * @param unwritten values of the other cells that are known from the start
     * @param figuresInTheHead the fewest figures to which a value that is not written down may have been rounded
     */
    Candidates(
            Relations relations,
            Map<Cell, Candidate> written,
            Map<Cell, List<Candidate>> unwritten,
            int figuresInTheHead) {
        this.relations = relations;
        this.written = written.keySet();
        this.figuresInTheHead = figuresInTheHead;
        this.known = unwritten;
        candidates.putAll(unwritten);
        written.forEach((cell, candidate) -> candidates.put(cell, List.of(candidate)));
        spread();
    }

    private void spread() {
        Set<Cell> changed = new LinkedHashSet<>(candidates.keySet());
        for (int round = 0; round < MOST_ROUNDS && !changed.isEmpty(); round++) {
            Map<Cell, CellCandidates> found = new HashMap<>();
            for (Cell target : unwrittenNextTo(changed)) {
                CellCandidates list = new CellCandidates(target);
                for (Relation relation : relations.of(target)) {
                    if (touches(relation, target, changed)) forEach(relation, target, list::keep);
                }
                if (list.grew) found.put(target, list);
            }
            found.forEach((cell, list) -> candidates.put(cell, list.all));
            changed = new LinkedHashSet<>(found.keySet());
        }
    }

    private Set<Cell> unwrittenNextTo(Set<Cell> changed) {
        Set<Cell> next = new LinkedHashSet<>();
        for (Cell cell : changed) for (Relation relation : relations.of(cell)) next.addAll(relation.cells());
        next.removeAll(written);
        return next;
    }

    private static boolean touches(Relation relation, Cell target, Set<Cell> changed) {
        return relation.cells().stream().anyMatch(cell -> !cell.equals(target) && changed.contains(cell));
    }

    /** The candidates of one unwritten cell while a round adds to them. */
    private final class CellCandidates {
        final List<Candidate> all;
        boolean grew;

        /** How many were known from the start; they stay, whatever else is found. */
        final int staying;

        CellCandidates(Cell cell) {
            this.all = new ArrayList<>(candidates.getOrDefault(cell, List.of()));
            this.staying = known.getOrDefault(cell, List.of()).size();
        }

        void keep(Candidate candidate) {
            Candidate coarse = new Candidate(
                    candidate.span().widenedByRounding(figuresInTheHead), candidate.restsOn(), candidate.origin());
            for (Candidate other : all) {
                // What rests on right values alone is the true value, however it was reached.
                boolean bothTrue = other.restsOn().isEmpty() && coarse.restsOn().isEmpty();
                boolean alike = close(other.span().mid(), coarse.span().mid());
                if (bothTrue || alike && contains(coarse.restsOn(), other.restsOn())) return;
            }
            if (all.size() < MOST_A_CELL) {
                all.add(coarse);
                grew = true;
            } else replaceHeaviest(coarse);
        }

        private void replaceHeaviest(Candidate candidate) {
            int heaviest = staying;
            for (int i = staying + 1; i < all.size(); i++) {
                if (all.get(i).restsOn().cardinality()
                        > all.get(heaviest).restsOn().cardinality()) heaviest = i;
            }
            if (candidate.restsOn().cardinality() >= all.get(heaviest).restsOn().cardinality()) return;
            all.set(heaviest, candidate);
            grew = true;
        }
    }

    private static boolean close(double a, double b) {
        return Math.abs(a - b) <= SAME * Math.max(Math.abs(a), Math.abs(b));
    }

    private static boolean contains(BitSet whole, BitSet part) {
        BitSet rest = (BitSet) part.clone();
        rest.andNot(whole);
        return rest.isEmpty();
    }

    /** How many inputs of a candidate's last step are not on the sheet; one more where none is, as for a copied value. */
    int unwrittenInputs(Candidate candidate) {
        if (!(candidate.origin() instanceof Origin.Solved solved)) return 0;
        Set<Cell> inputs = solved.inputs().keySet();
        int unwritten =
                (int) inputs.stream().filter(cell -> !written.contains(cell)).count();
        return unwritten == inputs.size() ? unwritten + 1 : unwritten;
    }

    /** Every value that relations give a cell from the candidates of its neighbours, its own left aside. */
    void forEachPrediction(Cell target, Consumer<Candidate> use) {
        for (Relation relation : relations.of(target)) forEach(relation, target, use);
    }

    private void forEach(Relation relation, Cell target, Consumer<Candidate> use) {
        List<Cell> inputs = relation.inputs(target);
        List<List<Candidate>> choices = new ArrayList<>();
        for (Cell input : inputs) {
            List<Candidate> choice = candidates.getOrDefault(input, List.of());
            if (choice.isEmpty()) return;
            choices.add(choice);
        }
        int[] at = new int[inputs.size()];
        for (int tried = 0; tried < MOST_COMBINATIONS; tried++) {
            combine(relation, target, inputs, choices, at, use);
            int k = 0;
            while (k < at.length && ++at[k] == choices.get(k).size()) at[k++] = 0;
            if (k == at.length) return;
        }
    }

    private static void combine(
            Relation relation,
            Cell target,
            List<Cell> inputs,
            List<List<Candidate>> choices,
            int[] at,
            Consumer<Candidate> use) {
        Map<Cell, Candidate> chosen = new HashMap<>();
        BitSet restsOn = new BitSet();
        for (int k = 0; k < at.length; k++) {
            Candidate candidate = choices.get(k).get(at[k]);
            chosen.put(inputs.get(k), candidate);
            restsOn.or(candidate.restsOn());
        }
        Span span = relation.formulaFor(target)
                .orElseThrow()
                .with(new Span.Arithmetic(cell -> chosen.get(cell).span()));
        if (span.finite()) use.accept(new Candidate(span, restsOn, new Origin.Solved(relation, target, chosen)));
    }
}
