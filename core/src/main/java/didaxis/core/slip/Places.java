package didaxis.core.slip;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Formula;
import didaxis.core.law.Combinations;
import didaxis.core.law.Structure;
import java.util.List;
import java.util.stream.Stream;

/** Where in a circuit a slip can happen. */
record Places(Slip slip, Structure structure) {
    /** Values nearer than this are one: which of two equal ones was taken cannot be seen. */
    private static final double SAME = 1e-9;

    static final int MOST_BY_HAND = 12;

    /** A combination of two or more parts or groups that resist and conduct, each with its row. */
    record Group(boolean series, Subject whole, List<Subject> members) {
        List<Cell> resistances() {
            return members.stream().map(Cell::resistance).toList();
        }

        /** Whether one works it out member by member; of more nobody does. */
        boolean isSmall() {
            return members.size() <= MOST_BY_HAND;
        }
    }

    /** The combinations of the network outside the source. */
    Stream<Group> groups(boolean series) {
        return structure.combinations().stream()
                .filter(one -> one.series() == series && (series || !one.hasIdealMember()))
                .flatMap(one -> Combinations.wholeAndMembers(one).stream())
                .filter(cells -> cells.members().size() > 1 && !cells.members().contains(Subject.INTERNAL))
                .map(cells -> new Group(series, cells.whole(), cells.members()));
    }

    /** The row of the network outside the source. */
    Subject outside() {
        return hasInternalResistance() ? Subject.EXTERNAL : Subject.TOTAL;
    }

    /** The resistances of the parts in a row that have one. */
    List<Cell> resistances(Subject row) {
        return chart().subjects().membersOf(row).stream()
                .map(label -> Cell.resistance(Subject.part(label)))
                .filter(cell -> chart().value(cell).orElse(0) > 0)
                .toList();
    }

    /** Every row with a resistance that is finite and above 0. */
    Stream<Subject> resisting() {
        return structure.resisting().stream();
    }

    Chart chart() {
        return structure.chart();
    }

    boolean hasInternalResistance() {
        return chart().circuit().source().internalResistance() > 0;
    }

    /** Whether two cells have different values, so that one can be taken for the other. */
    boolean differ(Cell one, Cell other) {
        double a = chart().value(one).orElse(Double.NaN);
        double b = chart().value(other).orElse(Double.NaN);
        return Math.abs(a - b) > SAME * Math.abs(a);
    }

    Twin twin(Cell target, Formula formula) {
        return new Twin(slip, target, formula);
    }
}
