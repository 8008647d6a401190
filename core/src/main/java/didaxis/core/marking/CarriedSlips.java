package didaxis.core.marking;

import didaxis.core.marking.Twins.Ready;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Ideas that went wrong at a value that is not asked, and were carried on by the working to a wrong answer. */
final class CarriedSlips {
    /** So many steps are worked for one sheet. */
    private static final int MOST_STEPS = 200_000;

    private final SheetValues values;
    private final BitSet wrong = new BitSet();
    private final Map<Integer, List<NamedSlip>> found = new HashMap<>();
    private int steps = 0;

    CarriedSlips(SheetValues values, Twins twins, List<Integer> wrongCells) {
        this.values = values;
        wrongCells.forEach(wrong::set);
        for (int at = 0; at < wrong.length() && steps < MOST_STEPS; at++) {
            if (values.sheet.written(at)) continue;
            int[] below = below(at);
            if (below.length > 0) for (Ready twin : twins.to(at)) if (twin.isIdea()) from(twin, below);
        }
    }

    /** Those that lead to a wrong answer, in the order of the working. */
    List<NamedSlip> of(int cell) {
        return found.getOrDefault(cell, List.of());
    }

    /** What rests on a cell, as far as the last wrong answer; none where no wrong answer does. */
    private int[] below(int at) {
        if (wrong.stream().noneMatch(cell -> values.ways.restsOn(cell, at))) return new int[0];
        List<Integer> below = new ArrayList<>();
        for (int cell = at + 1; cell < wrong.length(); cell++) if (values.ways.restsOn(cell, at)) below.add(cell);
        return below.stream().mapToInt(Integer::intValue).toArray();
    }

    private void from(Ready twin, int[] below) {
        // What a wrong answer is worked from stands before it.
        boolean before = twin.allInputs(input -> !values.isOpen(input) || input < twin.target());
        double value = twin.compiled().of(values.carried);
        if (!before || !Double.isFinite(value) || value == 0 || values.isRight(twin.target(), value)) return;
        steps += below.length;
        double[] carried = values.carried.clone();
        carried[twin.target()] = value;
        for (int cell : below) {
            if (!values.sheet.written(cell)) values.carryOn(cell, carried);
            else if (wrong.get(cell) && leads(twin, cell, carried))
                found.computeIfAbsent(cell, one -> new ArrayList<>()).add(twin.named(values, values.carried));
        }
    }

    private boolean leads(Ready twin, int cell, double[] carried) {
        if (!twin.allInputs(input -> input != cell && !values.ways.restsOn(input, cell))) return false;
        double result = values.stepped(cell, carried);
        boolean gives = values.rounds(cell, result) || values.isNear(cell, result);
        return gives && result != values.stepped(cell, values.carried);
    }
}
