package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.quantity.Reading;
import java.util.function.Function;

/** What marking says of one answer. */
public sealed interface Finding {
    Cell cell();

    /** The cell's true value in SI. */
    double expected();

    /** The true value. */
    record Right(Cell cell, double expected, Reading.Read read) implements Finding {}

    /** Not the true value, but what the learner's own right, rounded answers lead to. */
    record RoundedEarly(Cell cell, double expected, Reading.Read read, Derivation derivation) implements Finding {}

    /** What the learner's own values lead to, at least one of them wrong. */
    record FollowThrough(Cell cell, double expected, Reading.Read read, Derivation derivation) implements Finding {}

    /** The origin of an error that is known by its way: the value cut off at the figures written instead of rounded. */
    record CutOff(Cell cell, double expected, Reading.Read read) implements Finding {}

    /** Wrong, and nothing the learner wrote leads to it: the origin of an error. */
    record Wrong(Cell cell, double expected, Reading.Read read) implements Finding {}

    record Blank(Cell cell, double expected) implements Finding {}

    record Unreadable(Cell cell, double expected, Reading.Unreadable typed) implements Finding {}

    /** One function a case, so that a new finding stops the build where it is not handled. */
    default <T> T match(Cases<T> cases) {
        if (this instanceof Right one) return cases.right.apply(one);
        if (this instanceof RoundedEarly one) return cases.roundedEarly.apply(one);
        if (this instanceof FollowThrough one) return cases.followThrough.apply(one);
        if (this instanceof CutOff one) return cases.cutOff.apply(one);
        if (this instanceof Wrong one) return cases.wrong.apply(one);
        if (this instanceof Blank one) return cases.blank.apply(one);
        return cases.unreadable.apply((Unreadable) this);
    }

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
