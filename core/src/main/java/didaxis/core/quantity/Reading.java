package didaxis.core.quantity;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Function;

/** What a typed text was read as. */
public sealed interface Reading {
    /**
     * A number that was understood.
     *
     * @param amount its value in SI
     * @param written the same as a decimal in SI, its scale telling the last place that was written
     * @param fewestFigures significant figures when final zeros of a whole number do not count (1200 has 2)
     * @param shown what is shown back to the writer, such as "2.5 A"
     */
    record Read(Amount amount, BigDecimal written, int fewestFigures, String shown) implements Reading {
        /** Significant figures when every digit written counts (1200 has 4). */
        public int mostFigures() {
            return Math.max(fewestFigures, written.precision());
        }

        /** Half a unit of the last place that was written, in SI: as far as the value may be off if it was rounded. */
        public double halfOfLastPlace() {
            return BigDecimal.ONE.movePointLeft(written.scale()).doubleValue() / 2;
        }

        @Override
        public <T> T match(Function<Read, T> read, Function<Blank, T> blank, Function<Unreadable, T> unreadable) {
            return read.apply(this);
        }
    }

    /** Nothing was typed. */
    record Blank() implements Reading {
        @Override
        public <T> T match(Function<Read, T> read, Function<Blank, T> blank, Function<Unreadable, T> unreadable) {
            return blank.apply(this);
        }
    }

    /**
     * Something was typed that is no number of this quantity.
     *
     * @param expected what would be
     * @param unitOf the quantity whose unit stands there, where that is all that is wrong
     */
    record Unreadable(String typed, String expected, Optional<Quantity> unitOf) implements Reading {
        @Override
        public <T> T match(Function<Read, T> read, Function<Blank, T> blank, Function<Unreadable, T> unreadable) {
            return unreadable.apply(this);
        }
    }

    /** One function a case, so that a new case stops the build where it is not handled. */
    <T> T match(Function<Read, T> read, Function<Blank, T> blank, Function<Unreadable, T> unreadable);
}
