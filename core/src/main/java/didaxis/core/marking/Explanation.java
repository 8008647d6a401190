package didaxis.core.marking;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Answer {@code target} follows when all of {@code restsOn} are there.
 *
 * @param exactly whether it follows to the figures written, not only within the tolerance
 */
record Explanation(int target, BitSet restsOn, boolean exactly) {
    /** What needs all that another explanation of the same answer needs, and more, explains nothing. */
    static List<Explanation> withoutSupersets(int count, List<Explanation> explanations) {
        List<List<Explanation>> kept = new ArrayList<>();
        List<BitSet> single = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            kept.add(new ArrayList<>());
            single.add(new BitSet());
        }
        explanations.stream()
                .sorted(Comparator.comparingInt(
                        explanation -> explanation.restsOn().cardinality()))
                .forEach(explanation -> {
                    List<Explanation> known = kept.get(explanation.target());
                    BitSet alone = single.get(explanation.target());
                    if (explanation.restsOn().intersects(alone)) return;
                    if (explanation.restsOn().cardinality() == 1) alone.or(explanation.restsOn());
                    else if (known.stream()
                            .anyMatch(smaller -> Origins.contains(explanation.restsOn(), smaller.restsOn()))) return;
                    known.add(explanation);
                });
        return kept.stream().flatMap(List::stream).toList();
    }

    /** Answers that no explanation ties to each other are searched apart. */
    static Collection<BitSet> clusters(int count, List<Explanation> explanations) {
        int[] first = new int[count];
        for (int i = 0; i < count; i++) first[i] = i;
        for (Explanation explanation : explanations) {
            int one = find(first, explanation.target());
            explanation.restsOn().stream().forEach(i -> first[find(first, i)] = one);
        }
        Map<Integer, BitSet> clusters = new TreeMap<>();
        for (int i = 0; i < count; i++)
            clusters.computeIfAbsent(find(first, i), one -> new BitSet()).set(i);
        return clusters.values();
    }

    private static int find(int[] first, int i) {
        int at = i;
        while (first[at] != at) at = first[at] = first[first[at]];
        return at;
    }
}
