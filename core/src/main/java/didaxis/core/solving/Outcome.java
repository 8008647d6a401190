package didaxis.core.solving;

import java.util.List;
import java.util.function.Function;

/** A circuit either has an operating point or has none. */
public sealed interface Outcome {
    record Found(OperatingPoint point) implements Outcome {
        @Override
        public <T> T match(Function<OperatingPoint, T> found, Function<ShortedSource, T> shorted) {
            return found.apply(point);
        }
    }

    /** A source without internal resistance is joined end to end by ideal wires. */
    record ShortedSource(List<String> across) implements Outcome {
        @Override
        public <T> T match(Function<OperatingPoint, T> found, Function<ShortedSource, T> shorted) {
            return shorted.apply(this);
        }
    }

    <T> T match(Function<OperatingPoint, T> found, Function<ShortedSource, T> shorted);
}
