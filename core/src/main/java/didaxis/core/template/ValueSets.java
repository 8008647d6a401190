package didaxis.core.template;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;

/**
 * Sets of values that meet all conditions of a template.
 *
 * @param found all different
 * @param tried how many sets were looked at
 * @param all whether these were all there are
 * @param inTheWay where none is found, the condition that keeps most of them from being one
 */
public record ValueSets(List<Values> found, long tried, boolean all, Optional<Condition> inTheWay) {
    /** So many combinations of values are looked at. */
    private static final int MOST_TRIED = 12_000;
    /** So many parts, of all states and all sets together, are in the order; it never changes, since values hang on it. */
    private static final int MOST_ORDERED = 500_000;
    /** So many are worked out: of large circuits fewer sets are looked at. */
    private static final long MOST_WORK = 300_000;

    /** So many are looked at to say what is in the way. */
    private static final int JUDGED = 1_000;
    /** And no more work is done for it. */
    private static final int MOST_WORK_JUDGED = 100_000;
    /** After so many sets that meet the conditions and are no question, none will be. */
    static final int MOST_ILL_POSED = 20;

    public ValueSets {
        found = List.copyOf(found);
    }

    /** Looks for sets of one question by itself. */
    public static ValueSets find(Template template, long seed, int most) {
        return find(template, seed, most, 1);
    }

    /**
     * Looks for sets in an order that the seed alone decides: the same seed finds the same sets for ever, more of them or
     * fewer. All combinations are looked at where they are not too many, else some at random.
     *
     * @param most so many are wanted
     * @param questions so many are looked for at once, and share the work; at least one combination of each is looked at
     */
    public static ValueSets find(Template template, long seed, int most, int questions) {
        long affordable = MOST_WORK / questions;
        Order order =
                new Order(template.combinations(), Math.min(MOST_TRIED, MOST_ORDERED / template.workToTry()), seed);
        List<Values> found = new ArrayList<>();
        int tried = 0;
        int illPosed = 0;
        long work = 0;
        while (tried < order.size() && found.size() < most && illPosed < MOST_ILL_POSED && work < affordable) {
            Values values = template.at(order.place(tried++));
            work += template.workToTry();
            if (!template.meets(values)) continue;
            work += template.workToJudge();
            if (template.wellPosed(values)) found.add(values);
            else if (found.isEmpty()) illPosed++;
        }
        boolean all = order.isAll() && tried == order.size();
        if (!found.isEmpty()) return new ValueSets(found, tried, all, Optional.empty());
        Optional<Condition> inTheWay = illPosed == MOST_ILL_POSED
                ? Optional.of(Condition.of(Condition.Kind.WELL_POSED))
                : inTheWay(template, order, MOST_WORK_JUDGED / questions);
        return new ValueSets(found, tried, all, inTheWay);
    }

    private static Optional<Condition> inTheWay(Template template, Order order, int affordable) {
        Map<Integer, Integer> alone = new TreeMap<>();
        Map<Integer, Integer> often = new TreeMap<>();
        List<Condition> all = new ArrayList<>(template.conditions());
        Condition wellPosed = Condition.of(Condition.Kind.WELL_POSED);
        all.add(wellPosed);
        long work = 0;
        for (int k = 0; k < Math.min(JUDGED, order.size()) && work < affordable; k++) {
            List<Condition> unmet = template.unmet(template.at(order.place(k)));
            work += template.workToTry();
            if (unmet.isEmpty() || unmet.equals(List.of(wellPosed))) work += template.workToJudge();
            for (Condition condition : unmet) often.merge(all.indexOf(condition), 1, Integer::sum);
            if (unmet.size() == 1) alone.merge(all.indexOf(unmet.get(0)), 1, Integer::sum);
        }
        Map<Integer, Integer> counts = alone.isEmpty() ? often : alone;
        return counts.entrySet().stream().max(Map.Entry.comparingByValue()).map(most -> all.get(most.getKey()));
    }

    /** Places of combinations in an order that looks random and repeats none. */
    private static final class Order {
        private final long[] places;
        private final boolean all;

        Order(long combinations, int tries, long seed) {
            // The algorithm of this generator is part of its specification, so that it never changes.
            Random random = new Random(seed);
            all = combinations <= tries;
            places = all ? shuffled((int) combinations, random) : sample(combinations, tries, random);
        }

        private static long[] shuffled(int count, Random random) {
            long[] places = new long[count];
            for (int k = 0; k < count; k++) {
                int other = random.nextInt(k + 1);
                places[k] = places[other];
                places[other] = k;
            }
            return places;
        }

        private static long[] sample(long combinations, int tries, Random random) {
            Set<Long> seen = new HashSet<>();
            long[] places = new long[tries];
            for (int k = 0; k < tries; ) {
                long place = Math.floorMod(random.nextLong(), combinations);
                if (seen.add(place)) places[k++] = place;
            }
            return places;
        }

        int size() {
            return places.length;
        }

        boolean isAll() {
            return all;
        }

        long place(int k) {
            return places[k];
        }
    }
}
