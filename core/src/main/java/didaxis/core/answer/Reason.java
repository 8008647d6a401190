package didaxis.core.answer;

import didaxis.core.chart.Chart;
import didaxis.core.chart.SamePlace;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.Pair;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** What one can say of things in a circuit to give a reason: for how they are joined, or why one has more than others. */
public enum Reason {
    ONE_PATH("same current|one path|only one way|no junction"),
    SAME_ENDS("same two|both ends|same ends|same junctions|same points|same voltage"),
    JUNCTION_BETWEEN("junction lies between|junction between|junctions between|splits between"),
    SAME_CURRENT("same current|one current"),
    SAME_VOLTAGE("same voltage|same (?:two )?junctions|same ends|both ends"),
    SAME_RESISTANCE("(?:same|equal) resistances?|alike|equal lamps|equal resistors"),
    WHOLE_CURRENT("(?:all|whole|total|full)(?: of)?(?: the)? current|main current"),
    WORKED_OUT("worked out|none of these|none");

    /** Of two parts: for series, for parallel, for neither. */
    private static final List<Reason> JOINED = List.of(ONE_PATH, SAME_ENDS, JUNCTION_BETWEEN);

    private static final List<Reason> MORE =
            List.of(SAME_CURRENT, SAME_VOLTAGE, SAME_RESISTANCE, WHOLE_CURRENT, WORKED_OUT);

    private final Pattern words;

    Reason(String words) {
        this.words = Pattern.compile("(?<!\\p{L})(?:" + words + ")(?!\\p{L})");
    }

    /** Whether these words give it. */
    boolean isIn(String lowercase) {
        return words.matcher(lowercase).find();
    }

    /** What is offered for how two parts are joined, or for more of a quantity. */
    public static List<Reason> offered(Optional<Quantity> quantity) {
        return quantity.isPresent() ? MORE : JOINED;
    }

    /** Why two parts are joined as they are. */
    public static Reason of(Pair.Kind joint) {
        return switch (joint) {
            case SERIES -> ONE_PATH;
            case PARALLEL -> SAME_ENDS;
            case NEITHER -> JUNCTION_BETWEEN;
        };
    }

    /** Whether there are reasons to be asked for more of a quantity. */
    public static boolean isAskedOf(Quantity quantity) {
        return quantity == Quantity.CURRENT || quantity == Quantity.VOLTAGE || quantity == Quantity.POWER;
    }

    /**
     * Why those that come first in an order do so, before each of the others; where all are alike why they are. Each
     * reason that holds is right; that it has to be worked out only where no other does.
     *
     * @param ranks things in the order of current, voltage or power, those that are alike together
     */
    public static Set<Reason> right(Chart chart, Quantity quantity, List<Set<Subject>> ranks) {
        List<Subject> first = List.copyOf(ranks.get(0));
        List<Subject> others = new ArrayList<>();
        ranks.stream().skip(1).forEach(others::addAll);
        if (others.isEmpty()) others.addAll(first.subList(1, first.size()));
        Set<Reason> right = EnumSet.noneOf(Reason.class);
        for (Reason reason : MORE) {
            boolean all = first.stream()
                    .allMatch(one -> others.stream()
                            .filter(other -> !other.equals(one))
                            .allMatch(other -> reason.holds(chart, quantity, one, other)));
            if (all) right.add(reason);
        }
        if (right.isEmpty()) right.add(WORKED_OUT);
        return right;
    }

    /** Whether it is true of two things and says why the first has no less of the quantity. */
    private boolean holds(Chart chart, Quantity quantity, Subject one, Subject other) {
        SamePlace places = SamePlace.of(chart);
        boolean current = quantity == Quantity.CURRENT;
        return switch (this) {
            case SAME_CURRENT -> places.inTheSameBranch(one, other);
            case SAME_VOLTAGE -> current ? places.inBranchesBeside(one, other) : places.acrossTheSame(one, other);
            case SAME_RESISTANCE ->
                current
                        ? places.inBranchesBeside(one, other) && chart.alike(Cell.current(one), Cell.current(other))
                        : chart.alike(Cell.resistance(one), Cell.resistance(other));
            case WHOLE_CURRENT -> places.passesOnlyInPart(one, other) && (current || resistsNoLess(chart, one, other));
            default -> false;
        };
    }

    private static boolean resistsNoLess(Chart chart, Subject one, Subject other) {
        Cell ohms = Cell.resistance(one);
        Cell others = Cell.resistance(other);
        boolean more =
                chart.value(ohms).orElse(Double.NaN) >= chart.value(others).orElse(Double.NaN);
        return more || chart.alike(ohms, others);
    }
}
