package didaxis.core.marking;

import didaxis.core.formula.Span;
import didaxis.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Stream;

/**
 * The values every cell may have had for one learner: what is written in it, or in a cell equal to it; what the working's
 * own steps make of the written values; and what one relation, with one value in the head at most, makes of wrong ones. Each
 * knows which wrong answers it rests on.
 */
final class OwnValues {
    /** A cell in the head is gone on with this many values. */
    private static final int MOST_A_CELL = 10;
    /** Of these so many may be written in cells equal to it. */
    private static final int MOST_WRITTEN = 4;
    /** And so many with one value, since an answer must not follow from itself. */
    private static final int MOST_ALIKE = 2;
    /** Combinations of its inputs' values tried for one way. */
    private static final int MOST_COMBINATIONS = 24;
    /** So many values are put into ways until what is in the head is taken as found. */
    private static final long MOST_WORK = 1_000_000;

    /** What is shown to fewer figures is come by too easily for several values in the head. */
    private static final int FIGURES_FOR_SEVERAL = 3;

    private final Sheet sheet;
    private final Ways ways;
    private final int[] index;
    /** For every cell; those that are equal and not written have one list, but on sheets with few figures. */
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
        for (int cell = 0; cell < ways.size(); cell++) {
            int first = sharing(cell);
            values.add(first < cell ? values.get(first) : writtenFor(cell));
        }
        carried = new OwnValue[ways.size()];
        for (int cell = 0; cell < ways.size(); cell++) carryOn(cell);
        spread();
    }

    /** The first of the cells whose values are a cell's own: whatever one of equal unwritten cells may have been, all may. */
    private int sharing(int cell) {
        if (sheet.written(cell) || figures < FIGURES_FOR_SEVERAL) return cell;
        for (int equal : ways.equalTo(cell)) if (!sheet.written(equal)) return equal;
        return cell;
    }

    /** The value written in a cell; for an unwritten one what is written in those equal to it. */
    private List<OwnValue> writtenFor(int cell) {
        List<OwnValue> written = new ArrayList<>();
        if (sheet.written(cell)) {
            written.add(writtenIn(cell));
            return written;
        }
        for (int equal : ways.equalTo(cell)) {
            if (!sheet.written(equal) || written.size() == MOST_WRITTEN) continue;
            double one = sheet.value(equal);
            long alike =
                    written.stream().filter(value -> value.span().mid() == one).count();
            if (alike < MOST_ALIKE) written.add(writtenIn(equal));
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
            if (own != null) carried[cell] = own.inTheHead(figures);
            break;
        }
        OwnValue rightOne =
                right.holds(cell, figures) ? new OwnValue(right.span(cell, figures), new BitSet(), -1, false) : null;
        if (carried[cell] == null) carried[cell] = rightOne;
        OwnValue step = carried[cell];
        boolean fresh = step != null && (!step.restsOn().isEmpty() || known.isEmpty());
        if (fresh && known.stream().noneMatch(value -> value.covers(step.span(), step.restsOn()))) known.add(step);
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

    /** From wrong answers on through one relation, with one value in the head at most. */
    private void spread() {
        BitSet wrongly = new BitSet();
        BitSet targets = new BitSet();
        for (int cell = 0; cell < ways.size(); cell++) {
            if (values.get(cell).stream().allMatch(value -> value.restsOn().isEmpty())) continue;
            wrongly.set(cell);
            for (int target : ways.neighbours(cell)) if (!sheet.written(target)) targets.set(target);
        }
        // Nobody goes on in the head from what was worked in the head, so what is found is not used to find more.
        Map<Integer, List<OwnValue>> found = new LinkedHashMap<>();
        targets.stream().takeWhile(target -> work < MOST_WORK).forEach(target -> {
            List<OwnValue> more = found.computeIfAbsent(sharing(target), one -> new ArrayList<>());
            for (Way way : ways.workedTo(target))
                if (!way.allInputs(input -> !wrongly.get(input)))
                    forEach(way, false, tried -> keep(tried, values.get(target), more));
        });
        found.forEach((cell, more) -> values.get(cell).addAll(more));
    }

    private void keep(Tried tried, List<OwnValue> known, List<OwnValue> more) {
        // Nothing is below zero in a circuit with one source: nobody goes on with what comes out so.
        boolean sensible = tried.span().finite() && tried.span().mid() > 0;
        if (tried.restsOn().isEmpty() || !sensible || known.size() + more.size() >= MOST_A_CELL) return;
        boolean covered = Stream.concat(known.stream(), more.stream())
                .anyMatch(value -> value.covers(tried.span(), tried.restsOn()));
        if (!covered) more.add(tried.inTheHead(figures));
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
            if (allowed(way, chosen, differences)) use.accept(Tried.of(way, chosen, numbers));
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
}
