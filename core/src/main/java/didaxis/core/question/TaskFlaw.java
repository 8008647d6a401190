package didaxis.core.question;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.solving.Pair;
import java.util.List;
import java.util.function.Function;

/** What keeps a question from being handed out, and which of its tasks it is about; none where it is about the whole. */
public sealed interface TaskFlaw {
    default String task() {
        return "";
    }

    /** There is no task. */
    record NothingAsked() implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.nothingAsked.apply(this);
        }
    }

    /** A cell has no value in its state, such as an open branch's resistance. */
    record NoValue(String task, Cell cell) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.noValue.apply(this);
        }
    }

    /** Cells cannot be found from what is given in any state. */
    record NotEnoughGiven(String task, List<Cell> unreached) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.notEnoughGiven.apply(this);
        }
    }

    /** A cell that is told is asked: in its state, or as a setting in another that has it unchanged. */
    record GivenAway(String task, Cell cell) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.givenAway.apply(this);
        }
    }

    /** The same cell of the same state is asked in two boxes. */
    record AskedTwice(String task, Cell cell) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.askedTwice.apply(this);
        }
    }

    /** The marks of a box are not 1 to 20. */
    record MarksOutOfRange(String task, int marks) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.marksOutOfRange.apply(this);
        }
    }

    /** Something was raised or lowered, nobody knows how far, and a number of what comes of it is asked. */
    record NoNumber(String task) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.noNumber.apply(this);
        }
    }

    /** A change is asked of the circuit as drawn, before any act. */
    record NoChange(String task) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.noChange.apply(this);
        }
    }

    /** Raised to one value a cell goes one way, raised to another the other way. */
    record Turns(String task, Cell cell, double oneOhms, double otherOhms) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.turns.apply(this);
        }
    }

    /** There are too few things to be put into an order, or to go out. */
    record TooFew(String task, List<Subject> things) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.tooFew.apply(this);
        }
    }

    /** The act that a task is about cannot be done: the source would be shorted by it. */
    record ShortsTheSource(String task, String part) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.shortsTheSource.apply(this);
        }
    }

    /** A switch is opened, and not taken out. */
    record CannotBeTakenOut(String task, String part) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.cannotBeTakenOut.apply(this);
        }
    }

    /** A part that is asked about its limit has no rating. */
    record NoRating(String task, String part) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.noRating.apply(this);
        }
    }

    /** A meter is asked for at what is no place for it: a voltmeter lies across something, and no meter at a meter. */
    record NoPlaceForAMeter(String task, Subject thing) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.noPlaceForAMeter.apply(this);
        }
    }

    /** The parts cannot be connected to have what is wanted; the nearest that they can have. */
    record NoArrangement(String task, double ohms, double nearest) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.noArrangement.apply(this);
        }
    }

    /** Colour bands cannot say what a part is. */
    record NoBands(String task, String part, double percent) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.noBands.apply(this);
        }
    }

    /** A cell goes its way for no reason that has a link before it. */
    record NoChain(String task, Cell cell) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.noChain.apply(this);
        }
    }

    /** A reason is asked for what has none that could be picked. */
    record NoReason(String task) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.noReason.apply(this);
        }
    }

    /** Nothing is asked in words, or nothing that is said would earn. */
    record NoWords(String task) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.noWords.apply(this);
        }
    }

    /** A place in the stem is bound to nothing of the circuit. */
    record StemNames(String place) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.stemNames.apply(this);
        }
    }

    /** The stem would tell a cell that is not given. */
    record StemTells(Cell cell) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.stemTells.apply(this);
        }
    }

    /** The stem says of two parts that they are in series, or in parallel, and they are not. */
    record StemJoins(String one, String other, Pair.Kind said) implements TaskFlaw {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.stemJoins.apply(this);
        }
    }

    <T> T match(Cases<T> cases);

    /** A function for each case. */
    record Cases<T>(
            Function<NothingAsked, T> nothingAsked,
            Function<NoValue, T> noValue,
            Function<NotEnoughGiven, T> notEnoughGiven,
            Function<GivenAway, T> givenAway,
            Function<AskedTwice, T> askedTwice,
            Function<MarksOutOfRange, T> marksOutOfRange,
            Function<NoNumber, T> noNumber,
            Function<NoChange, T> noChange,
            Function<Turns, T> turns,
            Function<TooFew, T> tooFew,
            Function<ShortsTheSource, T> shortsTheSource,
            Function<CannotBeTakenOut, T> cannotBeTakenOut,
            Function<NoRating, T> noRating,
            Function<NoPlaceForAMeter, T> noPlaceForAMeter,
            Function<NoArrangement, T> noArrangement,
            Function<NoBands, T> noBands,
            Function<NoChain, T> noChain,
            Function<NoReason, T> noReason,
            Function<NoWords, T> noWords,
            Function<StemNames, T> stemNames,
            Function<StemTells, T> stemTells,
            Function<StemJoins, T> stemJoins) {}
}
