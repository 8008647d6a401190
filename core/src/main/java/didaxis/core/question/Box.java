package didaxis.core.question;

import didaxis.core.answer.Reason;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * One place to answer in.
 *
 * @param id unique within the question
 * @param task the task it belongs to
 * @param marks what it earns
 */
public record Box(String id, String task, Form form, int marks) {
    /** As many characters as an answer may have: all that five parts can make together are some 470 resistances. */
    public static final int LONGEST_ANSWER = 4000;

    /** The id of one of a task's boxes: the task's own where it is the only one. */
    static String id(String task, int place, int of) {
        return of == 1 ? task : task + "-" + (place + 1);
    }

    /** What a box takes. */
    public sealed interface Form {
        /**
         * A number with its unit, of a cell in a state.
         *
         * @param unit the one it is wanted in, such as mA; empty where any is right
         */
        record Amount(Cell cell, int state, String unit) implements Form {
            /** What was typed, with the unit that was asked for where there is none. */
            public String inUnit(String typed) {
                String text = typed.strip();
                boolean bare = !unit.isEmpty() && !text.isEmpty() && Character.isDigit(text.charAt(text.length() - 1));
                return bare ? text + " " + unit : typed;
            }

            @Override
            public <T> T match(Cases<T> cases) {
                return cases.amount.apply(this);
            }
        }

        /** Increases, decreases or stays the same; of a cell in a state against the state before. */
        record Way(Cell cell, int state) implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.way.apply(this);
            }
        }

        /** Things in an order, ties allowed: A > B = C. */
        record Order(List<Subject> things) implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.order.apply(this);
            }
        }

        /** Some things, none, or all. */
        record Things() implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.things.apply(this);
            }
        }

        /** How two parts are joined. */
        record Joint() implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.joint.apply(this);
            }
        }

        /** Less, equal or greater. */
        record Relation() implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.relation.apply(this);
            }
        }

        /** How many times: a number without unit, or a fraction. */
        record Factor() implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.factor.apply(this);
            }
        }

        /** A number with its unit that stands in no chart. */
        record Value(Quantity quantity) implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.value.apply(this);
            }
        }

        /** Several such numbers, in any order. */
        record Values(Quantity quantity) implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.values.apply(this);
            }
        }

        /** What is combined, stage by stage: R2 + R3 = 12 Ω; R23 || R4 = 3 Ω; without values where letters are enough. */
        record Folds(boolean letters) implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.folds.apply(this);
            }
        }

        /** Series within parallel within series. */
        record Nested() implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.nested.apply(this);
            }
        }

        /** A circuit that is connected: R1 + (R2 || R3). */
        record Wired() implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.wired.apply(this);
            }
        }

        /** Colours from the first band on. */
        record Bands() implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.bands.apply(this);
            }
        }

        /** Some of these links in their causal order, by their letters. */
        record Chain(List<Explaining.Link> links) implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.chain.apply(this);
            }
        }

        /** How many: a whole number. */
        record Count() implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.count.apply(this);
            }
        }

        /**
         * One of some reasons.
         *
         * @param more why something has more of this than others; empty for how one knows how two parts are joined
         */
        record Why(Optional<Quantity> more) implements Form {
            public List<Reason> reasons() {
                return Reason.offered(more);
            }

            @Override
            public <T> T match(Cases<T> cases) {
                return cases.why.apply(this);
            }
        }

        /** Sentences. */
        record Words() implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.words.apply(this);
            }
        }

        /** A word or term in one of the gaps of a text, the first of which has the place 1. */
        record Gap(int place) implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.gap.apply(this);
            }
        }

        /** A name for the current of each thing, and how these are related: total I1; R1 I1; R2 I2; I1 = I2 + I3. */
        record Currents() implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.currents.apply(this);
            }
        }

        /** A number of per cent. */
        record Percent() implements Form {
            @Override
            public <T> T match(Cases<T> cases) {
                return cases.percent.apply(this);
            }
        }

        <T> T match(Cases<T> cases);

        /** A function for each case. */
        record Cases<T>(
                Function<Amount, T> amount,
                Function<Way, T> way,
                Function<Order, T> order,
                Function<Things, T> things,
                Function<Joint, T> joint,
                Function<Relation, T> relation,
                Function<Factor, T> factor,
                Function<Value, T> value,
                Function<Values, T> values,
                Function<Folds, T> folds,
                Function<Nested, T> nested,
                Function<Wired, T> wired,
                Function<Bands, T> bands,
                Function<Percent, T> percent,
                Function<Chain, T> chain,
                Function<Why, T> why,
                Function<Count, T> count,
                Function<Words, T> words,
                Function<Gap, T> gap,
                Function<Currents, T> currents) {}
    }
}
