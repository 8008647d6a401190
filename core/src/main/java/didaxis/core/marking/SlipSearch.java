package didaxis.core.marking;

import didaxis.core.formula.Formula;
import didaxis.core.marking.Twins.Ready;
import didaxis.core.quantity.Quantity;
import didaxis.core.quantity.Reading;
import didaxis.core.slip.Slip;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Which slips give a wrong answer of one sheet, on the true values and on the learner's own. A slip of an idea counts
 * where it gives the number to the figures written; what only picks or alters a number needs more of them, since there are
 * so many numbers to be picked.
 */
final class SlipSearch {
    private final Sheet sheet;
    private final Ways ways;
    private final Twins twins;
    private final Grounding grounding;
    private final SheetValues values;
    /** The answers in the order of the working, so that the order in which they are told changes nothing. */
    private final int[] answers;

    private final CarriedSlips carried;

    /** @param wrong the answers that are wrong */
    SlipSearch(Sheet sheet, Twins twins, Grounding grounding, Map<Integer, Reading.Read> reads, List<Integer> wrong) {
        this.sheet = sheet;
        this.ways = sheet.ways();
        this.twins = twins;
        this.grounding = grounding;
        this.values = new SheetValues(sheet, reads);
        this.answers =
                reads.keySet().stream().mapToInt(Integer::intValue).sorted().toArray();
        this.carried = new CarriedSlips(values, twins, wrong);
    }

    /**
     * The slips that give a wrong answer, the simplest first.
     *
     * @param origins the answers where errors start
     * @param leading later answers, none of them an origin, of which each leads to it: a learner may have come from there
     */
    List<NamedSlip> named(int cell, Set<Integer> origins, Collection<Integer> leading) {
        List<NamedSlip> impossible = new Impossible(values).of(cell);
        // A resistance is worked from others, and hardly from a voltage or a current.
        List<NamedSlip> ahead = values.isResistance(cell)
                ? List.of()
                : leading.stream().flatMap(other -> idea(other).stream()).toList();
        Map<Slip, NamedSlip> named = new LinkedHashMap<>();
        List<NamedSlip> inOrder = new ArrayList<>(direct(cell, origins));
        if (inOrder.stream().noneMatch(slip -> slip.slip().sort() == Slip.Sort.IDEA)) inOrder.addAll(ahead);
        inOrder.sort(Comparator.comparing(NamedSlip::slip));
        inOrder.addAll(carried.of(cell));
        inOrder.addAll(ahead);
        // What cannot be is told where nothing says how it came.
        inOrder.addAll(impossible);
        inOrder.forEach(slip -> named.putIfAbsent(slip.slip(), slip));
        return List.copyOf(named.values());
    }

    /**
     * Whether a way of thinking leads from what is right, written or not, to a wrong answer, so that an error is likely to
     * start there. Only a resistance may have been rounded in the head: of other numbers too many are near by chance.
     */
    boolean isIdea(int cell) {
        return ideas(cell).anyMatch(twin -> {
            boolean simplified = twin.allInputs(input -> sheet.written(input) || values.isResistance(input));
            return leads(twin, simplified);
        });
    }

    /** The way of thinking that leads from what is right, written or not, to a wrong answer. */
    private Optional<NamedSlip> idea(int cell) {
        return ideas(cell).filter(twin -> leads(twin, true)).findFirst().map(twin -> twin.named(values, values.own));
    }

    private boolean leads(Ready twin, boolean mayBeRounded) {
        double value = twin.compiled().of(values.own);
        return values.isTelling(twin.target(), value, SheetValues.TELLING_FIGURES)
                || mayBeRounded && inTheHead(twin, value);
    }

    /** Wrong ways of thinking that rest on nothing wrong. */
    private Stream<Ready> ideas(int cell) {
        // Hardly anybody goes on from a power.
        if (ways.cell(cell).quantity() == Quantity.POWER) return Stream.empty();
        return twins.to(cell).stream().filter(twin -> twin.isIdea() && twin.allInputs(input -> !values.isOpen(input)));
    }

    private List<NamedSlip> direct(int cell, Set<Integer> origins) {
        List<NamedSlip> found = new ArrayList<>();
        if (grounding.cutOff(cell)) found.add(values.taken(Slip.CUT_OFF, cell, cell, ways.truth(cell)));
        for (Ready twin : twins.to(cell)) ofTwin(twin, origins, found);
        ofThePen(cell, ways.truth(cell), found);
        ofThePen(cell, values.stepped(cell, values.carried), found);
        answerToAnother(cell, found);
        found.addAll(new Miscopied(values).of(cell));
        return found;
    }

    private void ofTwin(Ready twin, Set<Integer> origins, List<NamedSlip> found) {
        int cell = twin.target();
        // What came of an answer says nothing of how the answer came.
        boolean before = twin.allInputs(input -> !sheet.written(input)
                ? !ways.restsOn(input, cell)
                : !values.isOpen(input) || input != cell && (input < cell || origins.contains(input)));
        List<double[]> tried = before ? List.of(values.own, values.carried, values.truth) : List.of(values.truth);
        for (double[] put : tried) {
            double value = twin.compiled().of(put);
            if (!gives(twin, value) || values.isRight(cell, value)) continue;
            NamedSlip named = twin.named(values, put);
            found.add(
                    exchanged(twin)
                            ? new NamedSlip(Slip.EXCHANGED, named.at(), named.formula(), named.inputs())
                            : named);
            return;
        }
    }

    private boolean gives(Ready twin, double value) {
        int cell = twin.target();
        if (twin.isIdea() && values.rounds(cell, value)) return true;
        if (values.isTelling(cell, value, fewestFigures(twin))) return true;
        return twin.isWorked() ? inTheHead(twin, value) : isNearlyTelling(twin, value);
    }

    /** Small whole numbers stand in many rows; where there is more to it, one is enough. */
    private int fewestFigures(Ready twin) {
        return switch (twin.twin().slip()) {
            case GROUP_GIVEN_FOR_PART, OPEN_SWITCH_TAKEN_FOR_CLOSED, BYPASS_IGNORED -> 1;
            default -> exchanged(twin) ? 1 : 2;
        };
    }

    /** Where something in a twin is not written, it may have been rounded. */
    private boolean inTheHead(Ready twin, double value) {
        boolean telling = twin.isIdea() || hasTellingFigures(twin.target());
        return telling && values.isNear(twin.target(), value) && !twin.allInputs(sheet::written);
    }

    private boolean hasTellingFigures(int cell) {
        return values.reads.get(cell).fewestFigures() >= SheetValues.TELLING_FIGURES;
    }

    /** What is not written elsewhere may differ in its last place. */
    private boolean isNearlyTelling(Ready twin, double value) {
        Reading.Read read = values.reads.get(twin.target());
        boolean telling = hasTellingFigures(twin.target()) && !twin.allInputs(sheet::written);
        return telling && Math.abs(value - read.amount().si()) <= 3 * read.halfOfLastPlace();
    }

    /** Whether two answers of one quantity each have the other's value. */
    private boolean exchanged(Ready twin) {
        boolean picked =
                twin.twin().slip().sort() == Slip.Sort.PLACE && twin.twin().formula() instanceof Formula.Of;
        if (!picked) return false;
        int other = twin.inputs()[0];
        boolean alike = ways.cell(other).quantity() == twin.twin().target().quantity();
        return alike && values.isOpen(other) && values.isTelling(other, ways.truth(twin.target()), 1);
    }

    /** What a wrong answer may have been meant to be. */
    private void ofThePen(int cell, double meant, List<NamedSlip> found) {
        if (!Double.isFinite(meant) || meant == 0) return;
        for (Slip slip : Slip.values()) {
            boolean made = slip.made(values.reads.get(cell), meant);
            for (double factor : slip.factors()) made |= sheet.gives(cell, factor * meant);
            if (made) found.add(values.taken(slip, cell, cell, meant));
        }
    }

    /** The number that another box asks for; of several the first. */
    private void answerToAnother(int cell, List<NamedSlip> found) {
        for (int other : answers) {
            if (other == cell) continue;
            double value = values.isOpen(other) ? ways.truth(other) : sheet.value(other);
            if (!values.isTelling(cell, value, 2) || values.isRight(cell, value)) continue;
            found.add(values.taken(Slip.ANSWER_TO_ANOTHER_QUESTION, cell, other, value));
            return;
        }
    }
}
