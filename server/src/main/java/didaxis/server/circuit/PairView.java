package didaxis.server.circuit;

import didaxis.core.circuit.Circuit;
import didaxis.core.solving.Pair;
import java.util.List;
import java.util.Locale;

/**
 * Whether two parts of a redraw fold, in JSON.
 *
 * @param kind series, parallel or neither
 */
public record PairView(String kind, String sentence) {
    static PairView of(Circuit circuit, String one, String other) {
        Pair pair = Pair.of(circuit, one, other);
        return new PairView(pair.kind().name().toLowerCase(Locale.ROOT), sentence(pair, one, other));
    }

    private static String sentence(Pair pair, String one, String other) {
        String both = one + " and " + other;
        return switch (pair.kind()) {
            case SERIES -> both + " are in series: the same current must pass both.";
            case PARALLEL ->
                both + " are in parallel: both ends of each are on " + String.join(" and ", pair.junctions()) + ".";
            case NEITHER ->
                pair.junctions().isEmpty()
                        ? both + " are not in parallel: " + listed(pair.besides())
                                + " in the same branch, so their ends are not on the same two junctions."
                        : both + " are not in series: junction "
                                + pair.junctions().get(0) + " lies between them, and there the current divides.";
        };
    }

    private static String listed(List<String> labels) {
        return String.join(" and ", labels) + (labels.size() == 1 ? " is" : " are");
    }
}
