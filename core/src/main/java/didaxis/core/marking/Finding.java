package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.quantity.Reading;
import java.util.function.Function;

/** What marking says of one answer. */
public sealed interface Finding {
    Cell cell();

    /** The cell's true value in SI. */
    double expected();

    /** Whether it is worth its marks: right, or what the learner's own values lead to. */
    default boolean earns() {
        return match(new Cases<>(
                right -> true,
                early -> true,
                followed -> true,
                slip -> false,
                wrong -> false,
                blank -> false,
                unreadable -> false));
    }

    /** The true value. */
    record Right(Cell cell, double expected, Reading.Read read) implements Finding {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.right.apply(this);
        }
    }

    /** Not the true value, but what the learner's own right, rounded answers lead to. */
    record RoundedEarly(Cell cell, double expected, Reading.Read read, Derivation derivation) implements Finding {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.roundedEarly.apply(this);
        }
    }

    /** What the learner's own values lead to, at least one of them wrong. */
    record FollowThrough(Cell cell, double expected, Reading.Read read, Derivation derivation) implements Finding {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.followThrough.apply(this);
        }
    }

    /** The origin of an error that is known by its way: the value cut off at the figures written instead of rounded. */
    record CutOff(Cell cell, double expected, Reading.Read read) implements Finding {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.cutOff.apply(this);
        }
    }

    /** Wrong, and nothing the learner wrote leads to it: the origin of an error. */
    record Wrong(Cell cell, double expected, Reading.Read read) implements Finding {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.wrong.apply(this);
        }
    }

    record Blank(Cell cell, double expected) implements Finding {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.blank.apply(this);
        }
    }

    record Unreadable(Cell cell, double expected, Reading.Unreadable typed) implements Finding {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.unreadable.apply(this);
        }
    }

    /** One function a case, so that a new finding stops the build where it is not handled. */
    <T> T match(Cases<T> cases);

    /** A function for each case. */
    record Cases<T>(
            Function<Right, T> right,
            Function<RoundedEarly, T> roundedEarly,
            Function<FollowThrough, T> followThrough,
            Function<CutOff, T> cutOff,
            Function<Wrong, T> wrong,
            Function<Blank, T> blank,
            Function<Unreadable, T> unreadable) {}
}
