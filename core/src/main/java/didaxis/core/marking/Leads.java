package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.question.Box;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Predicate;

/** Which answers led to which, so that none is put into lines that it rests on itself. */
final class Leads {
    private final List<Box> boxes;
    private final BiFunction<Cell, Integer, Optional<Box>> asking;
    private final Map<String, Finding> amounts;
    private final Map<Box, Set<Box>> leading = new HashMap<>();

    /**
     * @param boxes in the order of the sheet
     * @param asking the box whose answer stands for a cell in a state
     * @param amounts what was found of each amount, by the id of its box
     */
    Leads(List<Box> boxes, BiFunction<Cell, Integer, Optional<Box>> asking, Map<String, Finding> amounts) {
        this.boxes = boxes;
        this.asking = asking;
        this.amounts = amounts;
    }

    /** Boxes whose answers may be put in for what they ask: those before it, and those that it follows from. */
    Predicate<Box> before(Box here) {
        Set<Box> own = leading(here);
        return other ->
                !leading(other).contains(here) && (own.contains(other) || boxes.indexOf(other) < boxes.indexOf(here));
    }

    /** All from which an answer follows, on whatever way. */
    private Set<Box> leading(Box box) {
        Set<Box> known = leading.get(box);
        if (known != null) return known;
        Set<Box> all = new LinkedHashSet<>();
        // A ring there cannot be; were there one, it would end here.
        leading.put(box, all);
        for (Box one : next(box)) {
            all.add(one);
            all.addAll(leading(one));
        }
        return all;
    }

    private List<Box> next(Box box) {
        Finding finding = amounts.get(box.id());
        if (finding == null || !(box.form() instanceof Box.Form.Amount amount)) return List.of();
        return derivation(finding).stream()
                .flatMap(derivation -> derivation.from().keySet().stream())
                .flatMap(cell -> asking.apply(cell, amount.state()).stream())
                .toList();
    }

    private static Optional<Derivation> derivation(Finding finding) {
        if (finding instanceof Finding.FollowThrough follows) return Optional.of(follows.derivation());
        if (finding instanceof Finding.RoundedEarly early) return Optional.of(early.derivation());
        return Optional.empty();
    }
}
