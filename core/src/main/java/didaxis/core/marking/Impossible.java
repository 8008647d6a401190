package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.law.Law;
import didaxis.core.quantity.Quantity;
import didaxis.core.slip.Slip;
import java.util.ArrayList;
import java.util.List;

/** What an answer cannot be beside others on the sheet, however it came. */
final class Impossible {
    private final SheetValues values;

    Impossible(SheetValues values) {
        this.values = values;
    }

    List<NamedSlip> of(int cell) {
        List<NamedSlip> found = new ArrayList<>();
        for (Way way : values.ways.to(cell)) {
            if (way.relation().law() == Law.PARALLEL_RESISTANCE) aboveSmallest(cell, way, found);
            if (way.copies() && values.reads.containsKey(way.inputs()[0])) unlike(cell, way, found);
        }
        return found;
    }

    private void aboveSmallest(int cell, Way way, List<NamedSlip> found) {
        // Solved for a branch, the whole is among the inputs, and no branch lies below it.
        int smallest = -1;
        for (int input : way.inputs()) {
            if (values.ways.truth(input) <= values.ways.truth(cell)) return;
            if (smallest < 0 || values.own[input] < values.own[smallest]) smallest = input;
        }
        if (smallest >= 0 && values.sheet.value(cell) > values.own[smallest])
            found.add(values.taken(Slip.PARALLEL_ABOVE_SMALLEST_BRANCH, cell, smallest, values.own[smallest]));
    }

    /** Another answer for the same value. */
    private void unlike(int cell, Way copy, List<NamedSlip> found) {
        int other = copy.inputs()[0];
        double value = values.sheet.value(other);
        if (values.sheet.gives(cell, value)) return;
        Cell own = values.ways.cell(cell);
        boolean falls = own.quantity() == Quantity.CURRENT && values.sheet.value(cell) < value && other < cell;
        boolean usedUp = falls && copy.relation().law() == Law.SAME_CURRENT;
        found.add(values.taken(usedUp ? Slip.CURRENT_USED_UP : Slip.TWO_NUMBERS_FOR_ONE, cell, other, value));
    }
}
