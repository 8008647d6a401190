package didaxis.core.question;

import didaxis.core.circuit.Cell;
import java.util.List;
import java.util.function.Function;

/** What is wrong with a question before it can be handed out. */
public sealed interface Flaw {
    /** No cell is asked. */
    record NothingAsked() implements Flaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.nothingAsked.apply(this);
        }
    }

    /** The cell has no value, such as an open branch's resistance. */
    record NoValue(Cell cell) implements Flaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.noValue.apply(this);
        }
    }

    /** The asked cells cannot be reached from what is given. */
    record NotEnoughGiven(List<Cell> unreached) implements Flaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.notEnoughGiven.apply(this);
        }
    }

    /** The marks of a cell are not 1 to 20. */
    record MarksOutOfRange(Cell cell, int marks) implements Flaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.marksOutOfRange.apply(this);
        }
    }

    <T> T match(Cases<T> cases);

    /** A function for each case. */
    record Cases<T>(
            Function<NothingAsked, T> nothingAsked,
            Function<NoValue, T> noValue,
            Function<NotEnoughGiven, T> notEnoughGiven,
            Function<MarksOutOfRange, T> marksOutOfRange) {}
}
