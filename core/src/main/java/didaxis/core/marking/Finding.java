package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.quantity.Reading;
import didaxis.core.slip.Slip;
import java.util.List;
import java.util.Optional;
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
                slipped -> false,
                wrong -> false,
                blank -> false,
                unreadable -> false));
    }

    /** The slip by whose name it is known, if any. */
    default Optional<Slip> slip() {
        if (this instanceof Slipped slipped)
            return Optional.of(slipped.simplest().slip());
        boolean otherUnit = this instanceof Unreadable unreadable
                && unreadable.typed().unitOf().isPresent();
        return otherUnit ? Optional.of(Slip.UNIT_OF_ANOTHER_QUANTITY) : Optional.empty();
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

    /**
     * The origin of an error that is known by its name.
     *
     * @param slips those that give the answer, the simplest first; at least one
     */
    record Slipped(Cell cell, double expected, Reading.Read read, List<NamedSlip> slips) implements Finding {
        public Slipped {
            slips = List.copyOf(slips);
            if (slips.isEmpty()) throw new IllegalArgumentException("slips of (" + cell + ") must be at least one");
        }

        /** The simplest. */
        public NamedSlip simplest() {
            return slips.get(0);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.slipped.apply(this);
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
            Function<Slipped, T> slipped,
            Function<Wrong, T> wrong,
            Function<Blank, T> blank,
            Function<Unreadable, T> unreadable) {}
}
