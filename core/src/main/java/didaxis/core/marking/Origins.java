package didaxis.core.marking;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/**
 * Which of the wrong answers are where an error starts: the fewest that lead to all the others. Answers are
 * numbered in the order of the working; of equally few, the earliest are taken.
 *
 * <p>An explanation says: this answer follows when all of those are there. Starting from the origins alone,
 * explanations are applied until nothing is added, so two answers that only vouch for each other do not both
 * follow.
 */
final class Origins {
    /** Up to this many the fewest are found by trying all; beyond, the one that explains most joins first. */
    private static final int TRIED_EXACTLY = 3;

    /** Answer {@code target} follows when all of {@code restsOn} are there. */
    record Explanation(int target, BitSet restsOn) {}

    private final int count;
    private final List<Explanation> explanations;

    private Origins(int count, List<Explanation> explanations) {
        this.count = count;
        this.explanations = explanations;
    }

    /** The origins among answers 0 to count−1. */
    static BitSet fewest(int count, List<Explanation> explanations) {
        return new Origins(count, explanations).search();
    }

    private BitSet search() {
        BitSet unexplained = new BitSet();
        unexplained.set(0, count);
        explanations.forEach(explanation -> unexplained.clear(explanation.target()));
        if (closure(unexplained).cardinality() == count) return unexplained;
        List<Integer> others = new ArrayList<>();
        for (int i = 0; i < count; i++) if (!unexplained.get(i)) others.add(i);
        for (int more = 1; unexplained.cardinality() + more <= TRIED_EXACTLY; more++) {
            BitSet found = tryAdding(unexplained, others, 0, more);
            if (found.cardinality() > 0) return found;
        }
        return greedily(unexplained, others);
    }

    /** The first set, in order, that leads to everything with this many added; empty if there is none. */
    private BitSet tryAdding(BitSet base, List<Integer> others, int from, int more) {
        if (more == 0) return closure(base).cardinality() == count ? base : new BitSet();
        for (int k = from; k < others.size(); k++) {
            BitSet next = (BitSet) base.clone();
            next.set(others.get(k));
            BitSet found = tryAdding(next, others, k + 1, more - 1);
            if (found.cardinality() > 0) return found;
        }
        return new BitSet();
    }

    private BitSet greedily(BitSet base, List<Integer> others) {
        BitSet origins = (BitSet) base.clone();
        BitSet reached = closure(origins);
        while (reached.cardinality() < count) {
            int best = -1;
            BitSet bestReached = reached;
            for (int other : others) {
                if (reached.get(other)) continue;
                BitSet with = (BitSet) origins.clone();
                with.set(other);
                BitSet reachedWith = closure(with);
                if (reachedWith.cardinality() > bestReached.cardinality()) {
                    best = other;
                    bestReached = reachedWith;
                }
            }
            origins.set(best);
            reached = bestReached;
        }
        return origins;
    }

    private BitSet closure(BitSet origins) {
        BitSet reached = (BitSet) origins.clone();
        inOrder(origins, explanation -> reached.set(explanation.target()));
        return reached;
    }

    /** Applies explanations from the origins on, each answer once. */
    private void inOrder(BitSet origins, java.util.function.Consumer<Explanation> follow) {
        BitSet reached = (BitSet) origins.clone();
        boolean grew = true;
        while (grew) {
            grew = false;
            for (Explanation explanation : explanations) {
                if (reached.get(explanation.target()) || !holds(explanation, reached)) continue;
                reached.set(explanation.target());
                follow.accept(explanation);
                grew = true;
            }
        }
    }

    /** For each answer that follows from these origins, the explanation by which it does. */
    static List<Explanation> followed(int count, BitSet origins, List<Explanation> explanations) {
        List<Explanation> followed = new ArrayList<>();
        new Origins(count, explanations).inOrder(origins, followed::add);
        return followed;
    }

    private static boolean holds(Explanation explanation, BitSet reached) {
        for (int i = explanation.restsOn().nextSetBit(0);
                i >= 0;
                i = explanation.restsOn().nextSetBit(i + 1)) {
            if (!reached.get(i)) return false;
        }
        return true;
    }
}
