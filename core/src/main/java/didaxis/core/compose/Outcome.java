package didaxis.core.compose;

import didaxis.core.circuit.Circuit;
import java.util.function.Function;

/** What an act led to. */
public sealed interface Outcome {
    /** The circuit and the name of what is in hand now. */
    record Composed(Circuit circuit, String inHand) implements Outcome {
        @Override
        public <T> T match(Function<Composed, T> composed, Function<Emptied, T> emptied, Function<Refused, T> refused) {
            return composed.apply(this);
        }
    }

    /** The last part was removed: there is no circuit any more. */
    record Emptied() implements Outcome {
        @Override
        public <T> T match(Function<Composed, T> composed, Function<Emptied, T> emptied, Function<Refused, T> refused) {
            return emptied.apply(this);
        }
    }

    /** The act cannot be done; a sentence says why. */
    record Refused(String sentence) implements Outcome {
        @Override
        public <T> T match(Function<Composed, T> composed, Function<Emptied, T> emptied, Function<Refused, T> refused) {
            return refused.apply(this);
        }
    }

    /** One function a case. */
    <T> T match(Function<Composed, T> composed, Function<Emptied, T> emptied, Function<Refused, T> refused);
}
