package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.marking.Candidates.Candidate;
import didaxis.core.marking.Origins.Explanation;
import didaxis.core.quantity.Reading;
import didaxis.core.working.Deduction;
import didaxis.core.working.FormulaCells;
import didaxis.core.working.Relations;
import didaxis.core.working.Span;
import didaxis.core.working.Step;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Judges the answers of one sheet. For each the first that fits: right (the true value, or what the learner's
 * own right and rounded values lead to), follow-through (what the learner's own values lead to), wrong.
 *
 * <p>A marker is made once for a question and used for every learner's sheet.
 */
public final class Marker {
    /** Values that are not written down are taken to be carried on with at least this many figures. */
    private static final int FIGURES_CARRIED = 3;

    private final Relations relations;
    private final Map<Cell, Double> given;
    private final MarkingStyle style;
    private final List<Step> working;
    private final Map<Cell, Integer> workingOrder = new HashMap<>();

    private Marker(Relations relations, Set<Cell> givenCells, MarkingStyle style) {
        this.relations = relations;
        this.style = style;
        this.given = new LinkedHashMap<>();
        for (Cell cell : givenCells) given.put(cell, trueValue(cell));
        this.working = Deduction.of(relations, given, relations.cells()).steps();
        working.forEach(step -> workingOrder.put(step.cell(), workingOrder.size()));
    }

    /**
     * @throws IllegalArgumentException if a given cell has no value
     */
    public static Marker of(Relations relations, Set<Cell> given, MarkingStyle style) {
        return new Marker(relations, given, style);
    }

    private double trueValue(Cell cell) {
        return relations
                .chart()
                .value(cell)
                .orElseThrow(() -> new IllegalArgumentException("cell ("
                        + cell.subject().id() + " " + cell.quantity().word() + ") has no value in this circuit"));
    }

    /**
     * A finding for each answer, in the order of the answers.
     *
     * @param answers cell to what was typed
     * @throws IllegalArgumentException if an answered cell has no value in the circuit
     */
    public List<Finding> mark(Map<Cell, String> answers) {
        Map<Cell, Finding> findings = new LinkedHashMap<>();
        Map<Cell, Reading.Read> open = new LinkedHashMap<>();
        Map<Cell, Reading.Read> right = new LinkedHashMap<>();
        answers.forEach((cell, typed) -> {
            double expected = trueValue(cell);
            findings.put(
                    cell,
                    style.format()
                            .read(typed, cell.quantity())
                            .match(
                                    read -> {
                                        boolean matches = style.matches(expected, read);
                                        (matches ? right : open).put(cell, read);
                                        return matches
                                                ? new Finding.Right(cell, expected, read)
                                                : new Finding.Wrong(cell, expected, read);
                                    },
                                    blank -> new Finding.Blank(cell, expected),
                                    unreadable -> new Finding.Unreadable(cell, expected, unreadable)));
        });
        addRoundedEarly(open, right, findings);
        if (!open.isEmpty()) addFollowThrough(open, right, findings);
        return List.copyOf(findings.values());
    }

    /** Moves from open to right whatever right values lead to, until nothing more does. */
    private void addRoundedEarly(
            Map<Cell, Reading.Read> open, Map<Cell, Reading.Read> right, Map<Cell, Finding> findings) {
        boolean grew = !open.isEmpty();
        while (grew) {
            grew = false;
            RightValues values = new RightValues(relations, working, style, given, right);
            for (Cell cell : List.copyOf(open.keySet())) {
                Reading.Read read = open.get(cell);
                Optional<Derivation> derivation = values.leadingTo(cell, read);
                if (derivation.isEmpty()) continue;
                findings.put(cell, new Finding.RoundedEarly(cell, trueValue(cell), read, derivation.get()));
                right.put(cell, read);
                open.remove(cell);
                grew = true;
            }
        }
    }

    private static Candidate written(Span span, BitSet restsOn) {
        return new Candidate(span, restsOn, new Candidates.Origin.Written());
    }

    private List<Candidate> leadingTo(Candidates candidates, Cell cell, Reading.Read read) {
        List<Candidate> leading = new ArrayList<>();
        candidates.forEachPrediction(cell, candidate -> {
            Span span = candidate.span();
            if (style.matches(span.mid(), read) || style.reaches(span, read)) leading.add(candidate);
        });
        // What was written down explains better than what may have been done in the head.
        leading.sort(Comparator.comparingInt(
                        (Candidate candidate) -> candidate.restsOn().cardinality())
                .thenComparingInt(candidates::unwrittenInputs));
        return leading;
    }

    private void addFollowThrough(
            Map<Cell, Reading.Read> open, Map<Cell, Reading.Read> right, Map<Cell, Finding> findings) {
        List<Cell> wrong = open.keySet().stream()
                .sorted(Comparator.comparingInt((Cell cell) -> workingOrder.getOrDefault(cell, Integer.MAX_VALUE))
                        .thenComparing(cell -> cell.subject().id())
                        .thenComparing(Cell::quantity))
                .toList();
        Map<Cell, Candidate> values = new LinkedHashMap<>();
        RightValues.spans(relations, given, right)
                .forEach((cell, span) -> values.put(cell, written(span, new BitSet())));
        for (int i = 0; i < wrong.size(); i++) {
            BitSet itself = new BitSet();
            itself.set(i);
            values.put(wrong.get(i), written(RightValues.asRounded(open.get(wrong.get(i)), style), itself));
        }
        Candidates candidates = new Candidates(relations, values, inTheHead(values), FIGURES_CARRIED);
        Map<Explanation, Candidate> explanations = new LinkedHashMap<>();
        for (int i = 0; i < wrong.size(); i++) {
            for (Candidate leading : leadingTo(candidates, wrong.get(i), open.get(wrong.get(i)))) {
                boolean follows = leading.restsOn().isEmpty()
                        ? isWorked(wrong.get(i), leading, open.get(wrong.get(i)), right)
                        : !leading.restsOn().get(i);
                if (follows) explanations.putIfAbsent(new Explanation(i, leading.restsOn()), leading);
            }
        }
        List<Explanation> all = List.copyOf(explanations.keySet());
        BitSet origins = Origins.fewest(wrong.size(), all);
        for (Explanation followed : Origins.followed(wrong.size(), origins, all)) {
            Cell cell = wrong.get(followed.target());
            Map<Cell, Double> from = new LinkedHashMap<>();
            if (followed.restsOn().isEmpty()) from.putAll(offByRounding(explanations.get(followed), right));
            followed.restsOn().stream()
                    .mapToObj(wrong::get)
                    .forEach(own -> from.put(own, open.get(own).amount().si()));
            Derivation derivation = derivation(explanations.get(followed), from);
            findings.put(cell, new Finding.FollowThrough(cell, trueValue(cell), open.get(cell), derivation));
        }
    }

    /**
     * Whether an answer is what the working's own step makes of right answers as they were written. They may be far off
     * by rounding, as a small difference is, and what rests on them as well: it is no new error.
     */
    private boolean isWorked(Cell cell, Candidate candidate, Reading.Read read, Map<Cell, Reading.Read> right) {
        Candidates.Origin.Solved solved = (Candidates.Origin.Solved) candidate.origin();
        Integer place = workingOrder.get(cell);
        return place != null
                && solved.relation()
                        .formulaFor(cell)
                        .equals(Optional.of(working.get(place).formula()))
                && style.matches(candidate.span().mid(), read)
                && !offByRounding(candidate, right).isEmpty();
    }

    /** The right answers a candidate rests on that are not the true values. */
    private Map<Cell, Double> offByRounding(Candidate candidate, Map<Cell, Reading.Read> right) {
        Map<Cell, Double> off = new LinkedHashMap<>();
        ((Candidates.Origin.Solved) candidate.origin()).inputs().keySet().forEach(cell -> {
            Reading.Read read = right.get(cell);
            if (read != null && !style.matches(trueValue(cell), read))
                off.put(cell, read.amount().si());
        });
        return off;
    }

    /** The unwritten cells: their true values, and what the working makes of them when it carries the written values on. */
    private Map<Cell, List<Candidate>> inTheHead(Map<Cell, Candidate> written) {
        Map<Cell, Candidate> carried = new HashMap<>(written);
        Map<Cell, List<Candidate>> unwritten = new HashMap<>();
        for (Step step : working) {
            Cell cell = step.cell();
            if (written.containsKey(cell)) continue;
            Candidate trueOne = written(Span.exactly(step.value()), new BitSet());
            Candidate carriedOn = carryOn(step, carried);
            carried.put(cell, carriedOn.span().finite() ? carriedOn : trueOne);
            boolean apart = carriedOn.span().finite() && !carriedOn.restsOn().isEmpty();
            unwritten.put(cell, apart ? List.of(trueOne, carriedOn) : List.of(trueOne));
        }
        return unwritten;
    }

    private Candidate carryOn(Step step, Map<Cell, Candidate> known) {
        BitSet restsOn = new BitSet();
        for (Cell input : FormulaCells.in(step.formula())) {
            restsOn.or(known.get(input).restsOn());
        }
        Span span =
                step.formula().with(new Span.Arithmetic(cell -> known.get(cell).span()));
        return new Candidate(
                span.finite() ? span.widenedByRounding(FIGURES_CARRIED) : span,
                restsOn,
                new Candidates.Origin.Written());
    }

    private static Derivation derivation(Candidate candidate, Map<Cell, Double> from) {
        Candidates.Origin.Solved solved = (Candidates.Origin.Solved) candidate.origin();
        Map<Cell, Double> inputs = new LinkedHashMap<>();
        solved.inputs().forEach((cell, input) -> inputs.put(cell, input.span().mid()));
        return new Derivation(
                from,
                solved.relation().law(),
                solved.relation().formulaFor(solved.target()).orElseThrow(),
                inputs,
                candidate.span().mid());
    }
}
