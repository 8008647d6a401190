package didaxis.core.circuit;

import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** Random circuits: plain ones of resistors, or with every kind of part, open and bypassed stretches among them. */
public final class RandomCircuits {
    private final Random random;
    private final boolean plain;
    private int parts;
    private int left;
    private char nextPoint = 'A';
    private int nextMeter = 1;

    private RandomCircuits(long seed, boolean plain) {
        this.random = new Random(seed);
        this.plain = plain;
    }

    /** Resistors only, an ideal source. */
    public static Arbitrary<Circuit> plain(int mostParts) {
        return circuits(mostParts, true);
    }

    /** Every kind of part, points, voltmeters, internal resistance. */
    public static Arbitrary<Circuit> any(int mostParts) {
        return circuits(mostParts, false);
    }

    /** Every kind of part, with so many parts. */
    public static Arbitrary<Circuit> any(int fewestParts, int mostParts) {
        return Combinators.combine(Arbitraries.longs(), Arbitraries.integers().between(fewestParts, mostParts))
                .as((seed, size) -> random(seed, size, false));
    }

    private static Arbitrary<Circuit> circuits(int mostParts, boolean plain) {
        return Combinators.combine(Arbitraries.longs(), Arbitraries.integers().between(1, mostParts))
                .as((seed, size) -> random(seed, size, plain));
    }

    /** One of so many parts. */
    public static Circuit random(long seed, int parts, boolean plain) {
        return new RandomCircuits(seed, plain).circuit(parts);
    }

    private Circuit circuit(int size) {
        left = size;
        Network network = network(8, random.nextBoolean(), size);
        double r = plain || random.nextBoolean() ? 0 : value();
        List<String> meters = !plain && random.nextInt(4) == 0 ? List.of("V" + nextMeter++) : List.of();
        return Circuit.of(new Source(value(), r, meters), network);
    }

    private Network network(int depth, boolean series, int size) {
        if (size <= 1 || depth == 0) return metered(part());
        int members = 2 + random.nextInt(Math.min(3, size - 1));
        List<Network> all = new ArrayList<>();
        for (int i = 0; i < members; i++) {
            if (series && !plain && random.nextInt(8) == 0 && nextPoint <= 'Z') all.add(new Point(nextPoint++));
            int share = i == members - 1 ? size - (members - 1) * (size / members) : size / members;
            all.add(network(depth - 1, !series, share));
        }
        return metered(series ? Series.of(all) : Parallel.of(all));
    }

    private Network metered(Network network) {
        return plain || random.nextInt(12) > 0 ? network : new Metered("V" + nextMeter++, network);
    }

    private Part part() {
        parts++;
        PartKind kind = plain ? PartKind.RESISTOR : PartKind.TYPED.get(random.nextInt(PartKind.TYPED.size()));
        boolean resistive = plain || random.nextInt(3) > 0;
        if (resistive && !kind.resistive()) kind = PartKind.RESISTOR;
        Setting setting = switch (kind) {
            case SWITCH -> random.nextBoolean() ? Setting.Position.OPEN : Setting.Position.CLOSED;
            case FUSE -> random.nextInt(4) == 0 ? new Setting.None() : new Setting.Amperes(value());
            case AMMETER, LINK -> new Setting.None();
            default -> new Setting.Ohms(!plain && kind.mayBeZero() && random.nextInt(20) == 0 ? 0 : value());
        };
        boolean faulty = !plain && kind != PartKind.SWITCH && random.nextInt(25) == 0;
        if (faulty) setting = random.nextBoolean() ? Setting.Fault.OUT : Setting.Fault.SHORT;
        boolean rated = !plain && random.nextInt(6) == 0;
        Rating rating = rated
                ? new Rating(List.of(Amount.of(value(), Quantity.POWER), Amount.of(value(), Quantity.VOLTAGE)))
                : Rating.NONE;
        return new Part(kind.letters() + parts, kind, setting, rating);
    }

    /** 1 to 999 with up to three figures, as in textbooks, now and then in thousands. */
    private double value() {
        double figures = 1 + random.nextInt(99);
        return figures * new double[] {0.1, 1, 1, 1, 10, 1000}[random.nextInt(6)];
    }
}
