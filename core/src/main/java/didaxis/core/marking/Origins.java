package didaxis.core.marking;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;

/**
 * Which of the wrong answers are where an error starts: the fewest that lead to all the others. Answers are
 * numbered in the order of the sheet and its working; of equally few, the earliest are taken.
 *
 * <p>An explanation says: this answer follows when all of those are there. Starting from the origins alone,
 * explanations are applied until nothing is added, so two answers that only vouch for each other do not both
 * follow.
 */
final class Origins {
    /** Up to this many in a cluster the fewest are found by trying all; beyond, the one that explains most joins first. */
    private static final int TRIED_EXACTLY = 3;
    /** So many explanations are looked at before what is left is decided greedily. */
    private static final long MOST_LOOKED_AT = 600_000;
    /** So many more before what is left is taken in order. */
    private static final long MOST_GREEDILY = 300_000;

    private final int count;
    private final List<Explanation> explanations;
    private final int[] likeliest;
    private final int[][] usedBy;
    private final int[] missing;
    private final BitSet explained = new BitSet();
    private final BitSet reached = new BitSet();
    /** Answers in the order in which they were reached, so that the last can be taken back. */
    private final int[] trail;

    private int trailed = 0;
    private long lookedAt = 0;

    private Origins(int count, List<Explanation> explanations, int[] likeliest) {
        this.count = count;
        this.likeliest = likeliest;
        this.explanations = explanations;
        missing = explanations.stream()
                .mapToInt(explanation -> explanation.restsOn().cardinality())
                .toArray();
        trail = new int[count];
        List<List<Integer>> used = new ArrayList<>();
        for (int i = 0; i < count; i++) used.add(new ArrayList<>());
        for (int e = 0; e < missing.length; e++) {
            int explanation = e;
            explained.set(explanations.get(e).target());
            explanations.get(e).restsOn().stream().forEach(i -> used.get(i).add(explanation));
        }
        usedBy = used.stream()
                .map(all -> all.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    /** The origins among answers 0 to count−1; of equally few, the earliest. */
    static BitSet fewest(int count, List<Explanation> explanations) {
        return fewest(count, explanations, IntStream.range(0, count).toArray());
    }

    /**
     * The origins among answers 0 to count−1; of equally few, those that lead to the others to the figures written, and of
     * these the likelier.
     *
     * @param likeliest the answers, those first where an error would start before it did elsewhere
     */
    static BitSet fewest(int count, List<Explanation> explanations, int[] likeliest) {
        Origins all = new Origins(count, Explanation.withoutSupersets(count, explanations), likeliest);
        Origins exact = new Origins(
                count,
                Explanation.withoutSupersets(
                        count,
                        explanations.stream().filter(Explanation::exactly).toList()),
                likeliest);
        BitSet found = new BitSet();
        for (BitSet cluster : Explanation.clusters(count, explanations)) found.or(search(cluster, exact, all));
        return found;
    }

    /** Whether a set has all of another in it. */
    static boolean contains(BitSet whole, BitSet part) {
        for (int i = part.nextSetBit(0); i >= 0; i = part.nextSetBit(i + 1)) if (!whole.get(i)) return false;
        return true;
    }

    private static BitSet search(BitSet cluster, Origins exact, Origins all) {
        BitSet unexplained = all.unexplained(cluster);
        for (int size = unexplained.cardinality(); size <= TRIED_EXACTLY; size++) {
            for (Origins one : List.of(exact, all)) {
                BitSet origins = one.unexplained(cluster);
                if (size < Math.max(1, origins.cardinality())) continue;
                if (one.covering(cluster, origins, size - origins.cardinality())) return origins;
            }
        }
        all.greedily(cluster, unexplained);
        return unexplained;
    }

    /** What nothing explains is an origin in any case. */
    private BitSet unexplained(BitSet cluster) {
        BitSet rest = (BitSet) cluster.clone();
        rest.andNot(explained);
        return rest;
    }

    /** Whether so many more lead to everything; if so the first such, in order, have joined the origins. */
    private boolean covering(BitSet cluster, BitSet origins, int more) {
        int mark = trailed;
        origins.stream().filter(i -> !reached.get(i)).forEach(this::add);
        int[] others = IntStream.of(likeliest)
                .filter(i -> cluster.get(i) && !origins.get(i))
                .toArray();
        boolean found = tryAdding(cluster, origins, others, 0, more);
        takeBack(mark);
        return found;
    }

    private boolean covers(BitSet cluster) {
        return contains(reached, cluster);
    }

    private boolean tryAdding(BitSet cluster, BitSet origins, int[] others, int from, int more) {
        if (covers(cluster)) return true;
        for (int k = from; more > 0 && k < others.length && lookedAt < MOST_LOOKED_AT; k++) {
            if (reached.get(others[k])) continue;
            int mark = trailed;
            add(others[k]);
            if (tryAdding(cluster, origins, others, k + 1, more - 1)) {
                origins.set(others[k]);
                return true;
            }
            takeBack(mark);
        }
        return false;
    }

    private void greedily(BitSet cluster, BitSet origins) {
        origins.stream().forEach(this::add);
        int[] others = cluster.stream().filter(i -> !origins.get(i)).toArray();
        long limit = lookedAt + MOST_GREEDILY;
        while (!covers(cluster)) {
            int best = -1;
            int most = 0;
            for (int other : others) {
                if (reached.get(other) || best >= 0 && lookedAt > limit) continue;
                int mark = trailed;
                add(other);
                if (trailed - mark > most) {
                    most = trailed - mark;
                    best = other;
                }
                takeBack(mark);
            }
            origins.set(best);
            add(best);
        }
    }

    /** An answer is there, and with it all that follows. */
    private void add(int answer) {
        add(answer, explanation -> {});
    }

    private void add(int answer, IntConsumer follows) {
        int next = trailed;
        reach(answer);
        while (next < trailed) {
            for (int explanation : usedBy[trail[next++]]) {
                lookedAt++;
                int target = explanations.get(explanation).target();
                if (--missing[explanation] > 0 || reached.get(target)) continue;
                reach(target);
                follows.accept(explanation);
            }
        }
    }

    private void reach(int answer) {
        reached.set(answer);
        trail[trailed++] = answer;
    }

    private void takeBack(int mark) {
        while (trailed > mark) {
            int answer = trail[--trailed];
            reached.clear(answer);
            for (int explanation : usedBy[answer]) missing[explanation]++;
        }
    }

    /** For each answer that follows from these origins, the explanation by which it does. */
    static List<Explanation> followed(int count, BitSet origins, List<Explanation> explanations) {
        Origins all = new Origins(count, explanations, new int[0]);
        List<Explanation> followed = new ArrayList<>();
        origins.stream().forEach(all.reached::set);
        for (int origin = origins.nextSetBit(0); origin >= 0; origin = origins.nextSetBit(origin + 1))
            all.add(origin, explanation -> followed.add(explanations.get(explanation)));
        return followed;
    }
}
