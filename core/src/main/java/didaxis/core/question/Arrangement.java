package didaxis.core.question;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Subject;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** One way to connect some resistances, all of them used, and what they have together in ohms. */
record Arrangement(double ohms, Network network) {
    private static final int MOST_PARTS = 5;
    private static final double SAME = 1e-9;

    /** @throws IllegalArgumentException if a task is about fewer than two parts, or more than are tried */
    static void refuseOthers(String id, List<String> parts) {
        if (parts.size() < 2 || parts.size() > MOST_PARTS)
            throw new IllegalArgumentException(
                    "task " + id + " must be about 2 to " + MOST_PARTS + " parts; " + parts.size() + " are named");
    }

    /** What keeps parts from being arranged: each must have a resistance that is a number. */
    static List<TaskFlaw> flaws(String id, State state, List<String> parts) {
        if (!state.numbered()) return List.of(new TaskFlaw.NoNumber(id));
        return parts.stream()
                .map(part -> Cell.resistance(Subject.part(part)))
                .filter(cell -> state.chart().value(cell).isEmpty())
                .<TaskFlaw>map(cell -> new TaskFlaw.NoValue(id, cell))
                .toList();
    }

    /** One for each resistance that can be made, the smallest first. */
    static List<Arrangement> all(List<Part> parts) {
        return ofSet((1 << parts.size()) - 1, parts, new HashMap<>());
    }

    /** The one that comes nearest to a resistance. */
    static Arrangement nearest(List<Part> parts, double wanted) {
        return all(parts).stream()
                .min(Comparator.comparingDouble(one -> Math.abs(one.ohms - wanted)))
                .orElseThrow();
    }

    /** Of the parts whose bits are set: every way to split them into two, and these in series or in parallel. */
    private static List<Arrangement> ofSet(int set, List<Part> parts, Map<Integer, List<Arrangement>> known) {
        if (Integer.bitCount(set) == 1) {
            Part only = parts.get(Integer.numberOfTrailingZeros(set));
            return List.of(new Arrangement(only.resistance(), only));
        }
        List<Arrangement> before = known.get(set);
        if (before != null) return before;
        List<Arrangement> all = new ArrayList<>();
        for (int half = (set - 1) & set; half > 0; half = (half - 1) & set) {
            if (half < (set ^ half)) continue;
            for (Arrangement one : ofSet(half, parts, known))
                for (Arrangement other : ofSet(set ^ half, parts, known)) {
                    List<Network> both = List.of(one.network, other.network);
                    double sum = one.ohms + other.ohms;
                    all.add(new Arrangement(sum, Series.of(both)));
                    all.add(new Arrangement(sum == 0 ? 0 : one.ohms * other.ohms / sum, Parallel.of(both)));
                }
        }
        all.sort(Comparator.comparingDouble(Arrangement::ohms));
        List<Arrangement> distinct = new ArrayList<>();
        for (Arrangement one : all) {
            boolean there = !distinct.isEmpty()
                    && one.ohms - distinct.get(distinct.size() - 1).ohms <= SAME * Math.max(one.ohms, 1e-12);
            if (!there) distinct.add(one);
        }
        known.put(set, distinct);
        return distinct;
    }
}
