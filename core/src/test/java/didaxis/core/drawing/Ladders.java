package didaxis.core.drawing;

import didaxis.core.circuit.Circuit;
import didaxis.core.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** Random ladders, which random circuits seldom are. */
final class Ladders {
    private Ladders() {}

    /** Ladders of one to three rungs, and parallels that may be drawn in a row. */
    static Arbitrary<Circuit> any() {
        return Combinators.combine(
                        Arbitraries.longs(), Arbitraries.integers().between(1, 3), Arbitraries.of(true, false))
                .as((seed, rungs, inner) -> {
                    Random random = new Random(seed);
                    int[] count = {0};
                    String ladder = rail(random, count, false);
                    for (int k = 0; k < rungs; k++)
                        ladder += (ladder.isEmpty() ? "" : " + ") + "(" + branch(random, count) + " || ("
                                + rail(random, count, true);
                    return Notation.circuit("9 V" + (inner ? " r=1" : "") + " : " + ladder + "))".repeat(rungs));
                });
    }

    private static String rail(Random random, int[] count, boolean some) {
        int parts = random.nextInt(some ? 1 : 0, 3);
        List<String> rail = new ArrayList<>();
        for (int k = 0; k < parts; k++) rail.add(part(count));
        return String.join(" + ", rail);
    }

    private static String branch(Random random, int[] count) {
        return switch (random.nextInt(3)) {
            case 0 -> part(count) + " || " + part(count);
            case 1 -> "V" + ++count[0] + "[" + part(count) + "]";
            default -> part(count);
        };
    }

    private static String part(int[] count) {
        return "R" + ++count[0] + "=" + count[0];
    }
}
