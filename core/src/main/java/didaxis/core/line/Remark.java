package didaxis.core.line;

import didaxis.core.circuit.Cell;
import didaxis.core.quantity.Quantity;
import java.util.function.Function;

/** What there is to say of a line of working. Values are in SI. */
public sealed interface Remark {
    /** What becomes of each kind. */
    record Cases<T>(
            Function<FalseStep, T> falseStep,
            Function<WrongValue, T> wrongValue,
            Function<WrongSide, T> wrongSide,
            Function<RoundedEarly, T> roundedEarly,
            Function<Conflict, T> conflict,
            Function<OtherUnit, T> otherUnit,
            Function<NoLaw, T> noLaw,
            Function<Nowhere, T> nowhere,
            Function<Unjudged, T> unjudged) {}

    /**
     * Two sides that are not equal, by themselves.
     *
     * @param left the value of the first
     */
    record FalseStep(Term from, Term to, double left, double right) implements Remark {
        /** Whether they are apart by thousands and nothing else: a prefix was lost. */
        public boolean byPrefix() {
            double tens = Math.log10(Math.abs(left / right));
            return Math.abs(tens) > 1 && Math.abs(tens / 3 - Math.rint(tens / 3)) < 0.01;
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.falseStep().apply(this);
        }
    }

    /** A value that the circuit does not have there. */
    record WrongValue(Cell cell, double stated, double truth) implements Remark {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.wrongValue().apply(this);
        }
    }

    /**
     * What a chain begins with, such as the reciprocal of a resistance, has not the value that the chain ends with.
     */
    record WrongSide(Term side, double stated, double truth) implements Remark {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.wrongSide().apply(this);
        }
    }

    /** A value that is off by no more than values that were rounded on the way make it. */
    record RoundedEarly(Cell cell, double stated, double truth) implements Remark {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.roundedEarly().apply(this);
        }
    }

    /**
     * The same name has another value on an earlier line.
     *
     * @param line that line, from 0
     * @param exchanged whether both have the same digits in another order
     */
    record Conflict(String name, int line, double earlier, double stated, boolean exchanged) implements Remark {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.conflict().apply(this);
        }
    }

    /** The unit of another quantity. */
    record OtherUnit(String name, Quantity wanted, Quantity found) implements Remark {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.otherUnit().apply(this);
        }
    }

    /** An equality of letters that holds by no law in this circuit; or only with these very values. */
    record NoLaw(Term from, Term to, boolean here) implements Remark {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.noLaw().apply(this);
        }
    }

    /** A letter without an index has a value that nothing in the circuit has. */
    record Nowhere(Quantity quantity, double stated) implements Remark {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.nowhere().apply(this);
        }
    }

    /**
     * An equality that could be held against nothing.
     *
     * @param name a name in it that is neither the circuit's nor was given a value before
     */
    record Unjudged(String name) implements Remark {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.unjudged().apply(this);
        }
    }

    <T> T match(Cases<T> cases);
}
