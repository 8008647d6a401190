package didaxis.core.marking;

import didaxis.core.formula.Span;
import didaxis.core.quantity.Quantity;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Deque;
import java.util.List;
import java.util.function.Consumer;

/**
 * The values every cell may have had for one learner: what is written in it, or in a cell equal to it; what the working's
 * own steps make of the written values; and what relations with one value in the head at most make of wrong ones. Each
 * knows which wrong answers it rests on.
 */
final class OwnValues {
    /** A cell in the head is gone on with this many values. */
    private static final int MOST_A_CELL = 6;
    /** Of these so many may be written in cells equal to it. */
    private static final int MOST_WRITTEN = 4;
    /** Combinations of its inputs' values tried for one way. */
    private static final int MOST_COMBINATIONS = 24;
    /** So many values are put into ways until what is in the head is taken as found. */
    private static final long MOST_WORK = 1_000_000;

    /** What is shown to fewer figures is come by too easily for several values in the head. */
    private static final int FIGURES_FOR_SEVERAL = 3;

    private final Sheet sheet;
    private final Ways ways;
    private final int[] index;
    private final List<List<OwnValue>> values = new ArrayList<>();
    private final OwnValue[] carried;
    private final InTheHead right;
    private final double[] numbers;
    private final int figures;
    private long work = 0;

    /**
     * @param wrong the answers that are wrong, in the order of the sheet and its working
     */
    OwnValues(Sheet sheet, Grounding grounding, List<Integer> wrong) {
        this.sheet = sheet;
        this.ways = sheet.ways();
        this.right = new InTheHead(sheet, grounding::supports, Grounding.OFF_THE_TRUTH);
        int[] shown = wrong.stream().mapToInt(sheet::figures).sorted().toArray();
        figures = shown[(shown.length - 1) / 2];
        numbers = new double[ways.size()];
        index = new int[ways.size()];
        Arrays.fill(index, -1);
        for (int i = 0; i < wrong.size(); i++) index[wrong.get(i)] = i;
        for (int cell = 0; cell < ways.size(); cell++) values.add(writtenFor(cell));
        carried = new OwnValue[ways.size()];
        for (int cell = 0; cell < ways.size(); cell++) carryOn(cell);
        spread();
    }

    /** The value written in a cell; for an unwritten one what is written in those equal to it. */
    private List<OwnValue> writtenFor(int cell) {
        List<OwnValue> written = new ArrayList<>();
        if (sheet.written(cell)) {
            written.add(writtenIn(cell));
            return written;
        }
        for (int equal : ways.equalTo(cell)) {
            boolean fresh = sheet.written(equal)
                    && written.size() < MOST_WRITTEN
                    && written.stream().noneMatch(value -> value.span().mid() == sheet.value(equal));
            if (fresh) written.add(writtenIn(equal));
        }
        return written;
    }

    private OwnValue writtenIn(int cell) {
        BitSet restsOn = new BitSet();
        if (index[cell] >= 0) restsOn.set(index[cell]);
        return new OwnValue(Span.exactly(sheet.value(cell)), restsOn, cell, false);
    }

    /** An unwritten value as the working's own step makes it, and as right answers make it where none of these is written. */
    private void carryOn(int cell) {
        List<OwnValue> known = values.get(cell);
        if (sheet.written(cell)) {
            carried[cell] = known.get(0);
            return;
        }
        for (Way way : ways.to(cell)) {
            if (!way.own()) continue;
            Tried own = carriedBy(way);
            if (own != null) carried[cell] = inTheHead(own);
            break;
        }
        OwnValue rightOne =
                right.holds(cell, figures) ? new OwnValue(right.span(cell, figures), new BitSet(), -1, false) : null;
        if (carried[cell] == null) carried[cell] = rightOne;
        boolean fresh = carried[cell] != null && (!carried[cell].restsOn().isEmpty() || known.isEmpty());
        if (fresh) known.add(carried[cell]);
        if (rightOne != null
                && known.stream().noneMatch(value -> value.restsOn().isEmpty())) known.add(rightOne);
    }

    /** What a step of the working gives on carried values; null where one is missing or it gives none. */
    Tried carriedBy(Way way) {
        BitSet restsOn = new BitSet();
        OwnValue[] inputs = new OwnValue[way.inputs().length];
        for (int k = 0; k < inputs.length; k++) {
            inputs[k] = carried[way.inputs()[k]];
            if (inputs[k] == null) return null;
            restsOn.or(inputs[k].restsOn());
        }
        Span span = way.on(input -> carried[input].span());
        return span.finite() ? new Tried(way, inputs, restsOn, span) : null;
    }

    private OwnValue inTheHead(Tried tried) {
        // A value that is only copied is not rounded again, and one that is copied from the sheet is written.
        if (tried.way().copies())
            return new OwnValue(tried.span(), tried.restsOn(), tried.inputs()[0].source(), tried.inputs()[0].plain());
        boolean plain = tried.restsOn().cardinality() == 1
                && !tried.headUsed()
                && !tried.way().subtracts();
        return new OwnValue(tried.span().widenedByRounding(figures), tried.restsOn(), -1, plain);
    }

    /** From wrong answers on through relations with one value in the head at most. */
    private void spread() {
        Deque<Integer> changed = new ArrayDeque<>();
        BitSet waiting = new BitSet();
        for (int cell = 0; cell < ways.size(); cell++) {
            if (values.get(cell).stream().allMatch(value -> value.restsOn().isEmpty())) continue;
            changed.add(cell);
            waiting.set(cell);
        }
        while (!changed.isEmpty() && work < MOST_WORK) {
            int from = changed.poll();
            waiting.clear(from);
            for (int target : ways.neighbours(from)) {
                if (sheet.written(target) || target == from || !grew(target, from) || waiting.get(target)) continue;
                waiting.set(target);
                changed.add(target);
            }
        }
    }

    private boolean grew(int target, int from) {
        int before = values.get(target).size();
        for (Way way : ways.workedTo(target)) {
            if (!way.allInputs(input -> input != from)) forEach(way, false, tried -> keep(target, tried));
        }
        return values.get(target).size() > before;
    }

    private void keep(int cell, Tried tried) {
        List<OwnValue> known = values.get(cell);
        // Nothing is below zero in a circuit with one source: nobody goes on with what comes out so.
        boolean sensible = tried.span().finite() && tried.span().mid() > 0;
        if (tried.restsOn().isEmpty() || !sensible || known.size() >= MOST_A_CELL) return;
        if (known.stream().anyMatch(value -> value.covers(tried))) return;
        known.add(inTheHead(tried));
    }

    /** Works a way with every choice of values that has one in the head at most; one that is subtracted is plain. */
    void forEach(Way way, Consumer<Tried> use) {
        forEach(way, true, use);
    }

    private void forEach(Way way, boolean differences, Consumer<Tried> use) {
        if (!couldBe(way, differences)) return;
        int[] at = new int[way.inputs().length];
        for (int tried = 0; tried < MOST_COMBINATIONS; tried++) {
            work += at.length;
            OwnValue[] chosen = new OwnValue[at.length];
            for (int k = 0; k < at.length; k++)
                chosen[k] = values.get(way.inputs()[k]).get(at[k]);
            if (allowed(way, chosen, differences)) use.accept(work(way, chosen));
            int k = 0;
            while (k < at.length && ++at[k] == values.get(way.inputs()[k]).size()) at[k++] = 0;
            if (k == at.length) return;
        }
    }

    /** Whether some choice of values could be allowed: no more than one input can only be in the head. */
    private boolean couldBe(Way way, boolean differences) {
        int heads = 0;
        work += way.inputs().length;
        for (int k = 0; k < way.inputs().length; k++) {
            int input = way.inputs()[k];
            List<OwnValue> all = values.get(input);
            if (all.isEmpty()) return false;
            // What is written stands before what is in the head.
            if (!all.get(0).inTheHead()) continue;
            if (way.subtracted()[k] && !differences) return false;
            boolean simplified = all.stream().anyMatch(value -> isSimplified(input, value));
            if (!simplified && ++heads > 1) return false;
        }
        return true;
    }

    /** Whether a value in the head is a resistance that is right: what a learner simplified the circuit to on the way. */
    private boolean isSimplified(int cell, OwnValue value) {
        return value.inTheHead() && value.restsOn().isEmpty() && ways.cell(cell).quantity() == Quantity.RESISTANCE;
    }

    /**
     * Whether one value in the head is used at most, and right resistances beside it. These are then taken to all their
     * figures, and so is what is subtracted.
     */
    private boolean allowed(Way way, OwnValue[] chosen, boolean differences) {
        int heads = 0;
        int others = 0;
        for (int k = 0; k < chosen.length; k++) {
            if (!chosen[k].inTheHead()) continue;
            heads++;
            if (!isSimplified(way.inputs()[k], chosen[k])) others++;
        }
        if (heads > 1 && (others > 1 || way.subtracts() || figures < FIGURES_FOR_SEVERAL)) return false;
        for (int k = 0; k < chosen.length; k++) {
            if (!chosen[k].inTheHead()) continue;
            if (way.subtracted()[k] && !(differences && chosen[k].plain())) return false;
            if (way.subtracted()[k] || heads > 1 && isSimplified(way.inputs()[k], chosen[k]))
                chosen[k] = chosen[k].unrounded();
        }
        return true;
    }

    /** With one value in the head that is not subtracted a formula only grows or only falls with it. */
    private Tried work(Way way, OwnValue[] chosen) {
        BitSet restsOn = new BitSet();
        int head = -1;
        for (int k = 0; k < chosen.length; k++) {
            restsOn.or(chosen[k].restsOn());
            numbers[way.inputs()[k]] = chosen[k].span().mid();
            if (chosen[k].inTheHead()
                    && chosen[k].span().lo() < chosen[k].span().hi()) head = k;
        }
        double mid = way.compiled().of(numbers);
        if (head < 0) return new Tried(way, chosen, restsOn, Span.exactly(mid));
        numbers[way.inputs()[head]] = chosen[head].span().lo();
        double one = way.compiled().of(numbers);
        numbers[way.inputs()[head]] = chosen[head].span().hi();
        double other = way.compiled().of(numbers);
        return new Tried(way, chosen, restsOn, new Span(Math.min(one, other), mid, Math.max(one, other)));
    }
}
