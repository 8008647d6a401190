package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.law.Relation;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What explains wrong answers: every relation that gives one from others, worked with the numbers as written. At most
 * one input of a relation is in the head, and where that is subtracted it is made plainly of one answer; but the
 * working's own next step is always allowed.
 */
final class FollowThrough {
    /** As good as exact, in tolerances. */
    private static final double NEARLY = 0.5;

    private final Sheet sheet;
    private final List<Integer> wrong;
    private final Map<Relation, Map<Double, Integer>> firstOfValue = new HashMap<>();
    private final Map<Explanation, Worked> explanations = new LinkedHashMap<>();

    private FollowThrough(Sheet sheet, List<Integer> wrong) {
        this.sheet = sheet;
        this.wrong = wrong;
    }

    /**
     * Every explanation of a wrong answer, with the plainest way that makes it.
     *
     * @param wrong the answers that are wrong, in the order of the sheet and its working
     */
    static Map<Explanation, Worked> explanations(Sheet sheet, Grounding grounding, List<Integer> wrong) {
        FollowThrough all = new FollowThrough(sheet, wrong);
        OwnValues values = new OwnValues(sheet, grounding, wrong);
        for (int i = 0; i < wrong.size(); i++) {
            int answer = i;
            for (Way way : sheet.ways().to(wrong.get(i))) {
                if (way.copies() && !all.isNeeded(way)) continue;
                values.forEach(way, tried -> all.add(answer, tried));
                Tried own = way.own() ? values.carriedBy(way) : null;
                if (own != null) all.add(answer, own);
            }
            all.addDifferences(answer, values);
        }
        return all.explanations;
    }

    /** What is equal to an answer may be a difference: the voltage of R2 that of the branches, which is what is left of E. */
    private void addDifferences(int answer, OwnValues values) {
        Ways ways = sheet.ways();
        for (int equal : ways.equalTo(wrong.get(answer)))
            if (!sheet.written(equal))
                for (Way way : ways.to(equal))
                    if (way.subtracts())
                        values.forEach(way, tried -> {
                            if (tried.headInDifference()) add(answer, tried);
                        });
    }

    /**
     * Whether a copy says something new. Of equal cells with one value it is enough that the first leads to each and each
     * to the first: a hundred then have two hundred explanations, not ten thousand.
     */
    private boolean isNeeded(Way copy) {
        int source = copy.inputs()[0];
        if (!sheet.written(source)) return true;
        double value = sheet.value(source);
        int first = firstOfValue
                .computeIfAbsent(copy.relation(), this::firstOfEachValue)
                .get(value);
        return first == source || first == copy.target() && sheet.value(copy.target()) == value;
    }

    private Map<Double, Integer> firstOfEachValue(Relation equality) {
        Map<Double, Integer> first = new HashMap<>();
        for (Cell cell : equality.cells()) {
            int number = sheet.ways().number(cell);
            if (sheet.written(number)) first.putIfAbsent(sheet.value(number), number);
        }
        return first;
    }

    private void add(int answer, Tried tried) {
        int cell = wrong.get(answer);
        boolean head = tried.headUsed();
        boolean sensible = tried.span().finite() && (!head || tried.span().mid() > 0);
        if (tried.restsOn().isEmpty() || tried.restsOn().get(answer) || !sensible) return;
        boolean rounds = head
                ? sheet.rounds(cell, tried.span().lo(), tried.span().hi())
                : sheet.rounds(cell, tried.span().mid());
        // A later answer explains an earlier one only if it gives it to the figures written.
        boolean later = tried.restsOn().length() > answer + 1;
        if (!rounds
                && (later
                        || tried.headInDifference()
                        || !sheet.gives(cell, tried.span().mid()))) return;
        // A half that was rounded down, or a given number rounded before it was used, does not put the origin
        // elsewhere.
        boolean exactly = sheet.rounds(cell, tried.span().lo(), tried.span().hi())
                || !later && sheet.near(cell, tried.span().mid(), NEARLY);
        explanations.merge(
                new Explanation(answer, tried.restsOn(), exactly),
                tried.worked(),
                (one, other) -> other.inTheHead() < one.inTheHead() ? other : one);
    }
}
