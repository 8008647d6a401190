package didaxis.core.marking;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

class OriginsTest {
    @Property(tries = 500)
    void upToThreeTheyAreTheFewestAndOfThoseTheEarliest(
            @ForAll @IntRange(min = 1, max = 9) int count, @ForAll long seed) {
        List<Explanation> explanations =
                explanations(count, new Random(seed), count + new Random(seed).nextInt(2 * count)).stream()
                        .map(one -> new Explanation(one.target(), one.restsOn(), true))
                        .toList();
        BitSet found = Origins.fewest(count, explanations);
        BitSet best = byTryingAll(count, explanations);
        assertTrue(closure(found, explanations).size() == count);
        if (best.cardinality() <= 3) assertEquals(best, found);
    }

    @Property(tries = 500)
    void ofEquallyFewTheyAreThoseThatLeadToTheOthersExactly(
            @ForAll @IntRange(min = 1, max = 9) int count, @ForAll long seed) {
        List<Explanation> explanations = explanations(count, new Random(seed), 3 * count);
        List<Explanation> exact =
                explanations.stream().filter(Explanation::exactly).toList();
        BitSet found = Origins.fewest(count, explanations);
        int fewest = byTryingAll(count, explanations).cardinality();
        if (fewest > 3) return;
        assertEquals(fewest, found.cardinality());
        if (byTryingAll(count, exact).cardinality() == fewest)
            assertEquals(count, closure(found, exact).size());
    }

    @Property(tries = 200)
    void beyondThreeTheyStillLeadToEverything(@ForAll @IntRange(min = 10, max = 40) int count, @ForAll long seed) {
        List<Explanation> explanations = explanations(count, new Random(seed), count / 2);
        BitSet found = Origins.fewest(count, explanations);
        assertEquals(count, closure(found, explanations).size());
        assertEquals(
                count - found.cardinality(),
                Origins.followed(count, found, explanations).size());
    }

    /** An explanation never rests on the answer it explains, as in a real sheet. */
    private static List<Explanation> explanations(int count, Random random, int howMany) {
        List<Explanation> explanations = new ArrayList<>();
        for (int k = 0; k < howMany && count > 1; k++) {
            int target = random.nextInt(count);
            BitSet restsOn = new BitSet();
            for (int other = random.nextInt(2); other >= 0; other--)
                restsOn.set((target + 1 + random.nextInt(count - 1)) % count);
            explanations.add(new Explanation(target, restsOn, random.nextBoolean()));
        }
        return explanations;
    }

    private static Set<Integer> closure(BitSet origins, List<Explanation> explanations) {
        Set<Integer> reached = new HashSet<>(origins.stream().boxed().toList());
        boolean grew = true;
        while (grew) {
            grew = false;
            for (Explanation one : explanations) {
                if (one.restsOn().stream().allMatch(reached::contains)) grew |= reached.add(one.target());
            }
        }
        return reached;
    }

    /** Every set, fewer before more, and among equals the one whose smallest members are smallest. */
    private static BitSet byTryingAll(int count, List<Explanation> explanations) {
        BitSet best = new BitSet();
        best.set(0, count);
        for (int bits = 0; bits < 1 << count; bits++) {
            BitSet tried = BitSet.valueOf(new long[] {bits});
            boolean better = tried.cardinality() < best.cardinality()
                    || tried.cardinality() == best.cardinality() && earlier(tried, best);
            if (better && closure(tried, explanations).size() == count) best = tried;
        }
        return best;
    }

    private static boolean earlier(BitSet a, BitSet b) {
        int[] one = a.stream().toArray();
        int[] other = b.stream().toArray();
        for (int k = 0; k < one.length; k++) if (one[k] != other[k]) return one[k] < other[k];
        return false;
    }
}
