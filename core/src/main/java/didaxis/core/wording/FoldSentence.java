package didaxis.core.wording;

import didaxis.core.chart.Folding;
import didaxis.core.circuit.Subject;
import didaxis.core.solving.Pair;
import java.util.List;

/** What folds, and why; and why two parts do not. */
public final class FoldSentence {
    private FoldSentence() {}

    /** "R2 and R3". */
    public static String members(Folding.Fold fold) {
        return Listed.of(fold.members().stream().map(FoldSentence::name).toList());
    }

    private static String name(Subject member) {
        return switch (member.kind()) {
            case INTERNAL -> "r";
            case EXTERNAL -> "the network";
            default -> member.id();
        };
    }

    /** "both ends on a and b". */
    public static String reason(Folding.Fold fold) {
        return fold.series() ? "the same current must pass" : "both ends on " + Listed.of(fold.between());
    }

    /** Whether two parts are in series, in parallel or neither, and why. */
    public static String pair(Pair pair, String one, String other) {
        String both = one + " and " + other;
        return switch (pair.kind()) {
            case SERIES -> both + " are in series: the same current must pass both.";
            case PARALLEL -> both + " are in parallel: both ends of each are on " + Listed.of(pair.junctions()) + ".";
            case NEITHER ->
                pair.junctions().isEmpty()
                        ? both + " are not in parallel: " + besides(pair.besides())
                                + " in the same branch, so their ends are not on the same two junctions."
                        : both + " are not in series: junction "
                                + pair.junctions().get(0) + " lies between them, and there the current divides.";
        };
    }

    private static String besides(List<String> labels) {
        return Listed.of(labels) + (labels.size() == 1 ? " is" : " are");
    }
}
