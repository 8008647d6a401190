package didaxis.server.folding;

import didaxis.core.circuit.Circuit;
import didaxis.core.solving.Pair;
import didaxis.core.wording.FoldSentence;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Locale;

/** Whether two parts of a redraw fold, in JSON. */
public record PairView(
        @Schema(allowableValues = {"series", "parallel", "neither"})
        String kind,

        String sentence) {
    static PairView of(Circuit circuit, String one, String other) {
        Pair pair = Pair.of(circuit, one, other);
        return new PairView(pair.kind().name().toLowerCase(Locale.ROOT), FoldSentence.pair(pair, one, other));
    }
}
