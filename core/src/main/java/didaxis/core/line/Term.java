package didaxis.core.line;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Span;
import didaxis.core.quantity.Quantity;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** One side of an equality as it was written: numbers and names, put together by signs. */
public sealed interface Term {
    /**
     * A number.
     *
     * @param text as it was written, with its unit
     * @param si its value, in the SI unit of what it is of
     * @param half half a unit of its last place
     * @param pointed whether it has a decimal sign; a whole number is taken as exact when it is put in
     * @param quantity what its unit is of; none where it has no unit
     */
    record Written(String text, double si, double half, boolean pointed, Optional<Quantity> quantity) implements Term {
        @Override
        public Span span(Values values) {
            return values.of(this);
        }

        /** Its value and how far its digits leave it open. */
        Span asWritten() {
            double give = pointed ? half : 0;
            return new Span(si - give, si, si + give);
        }

        private static final Pattern TENS = Pattern.compile("(?:[eE]| ?[×*xX]).*");
        private static final Pattern NO_DIGITS = Pattern.compile("[^0-9]");
        private static final Pattern LEADING_ZEROS = Pattern.compile("^0+");
        private static final Pattern HOURS = Pattern.compile("(?s).*[WA]\\s?h\\s*");

        Written negative() {
            return new Written("-" + text, -si, half, pointed, quantity);
        }

        /** Whether its unit is made with hours: Wh, kWh, Ah. */
        public boolean inHours() {
            return HOURS.matcher(text).matches();
        }

        /** The same number alone. */
        Written withoutUnit() {
            return text.matches("[0-9.]+ .*") && quantity.isPresent()
                    ? new Written(
                            text.replaceFirst(" .*", ""),
                            Double.parseDouble(text.replaceFirst(" .*", "")),
                            half,
                            pointed,
                            Optional.empty())
                    : this;
        }

        /** Significant figures; final zeros of a whole number count. */
        public int figures() {
            return Math.max(
                    1,
                    LEADING_ZEROS
                            .matcher(NO_DIGITS
                                    .matcher(TENS.matcher(text).replaceFirst(""))
                                    .replaceAll(""))
                            .replaceFirst("")
                            .length());
        }

        /**
         * How far rounding may have taken a whole number: of one with more than three figures no more need be known
         * (common practice); a shorter one is exact.
         */
        double mostRounding() {
            int figures = text.length() - text.replaceFirst("^[0-9]+", "").length();
            return pointed ? half : figures < KNOWN ? 0 : half * Math.pow(10, figures - KNOWN);
        }
    }

    /**
     * A name.
     *
     * @param text as it was written
     * @param cell the circuit's cell of that name; none where it is the writer's own
     * @param quantity what its letter stands for; none where no letter of the field begins it
     */
    record Name(String text, Optional<Cell> cell, Optional<Quantity> quantity) implements Term {
        /** The name of a cell, whatever it was called. */
        public static Name of(Cell cell) {
            return new Name(cell.toString(), Optional.of(cell), Optional.of(cell.quantity()));
        }

        @Override
        public Span span(Values values) {
            return values.of(this);
        }
    }

    record Sum(List<Term> terms) implements Term {
        @Override
        public Span span(Values values) {
            return ARITHMETIC.sum(each(terms, values));
        }
    }

    record Negative(Term of) implements Term {
        @Override
        public Span span(Values values) {
            return ARITHMETIC.difference(Span.exactly(0), List.of(of.span(values)));
        }
    }

    record Product(List<Term> factors) implements Term {
        @Override
        public Span span(Values values) {
            return ARITHMETIC.product(each(factors, values));
        }
    }

    record Quotient(Term over, Term under) implements Term {
        @Override
        public Span span(Values values) {
            return ARITHMETIC.quotient(over.span(values), under.span(values));
        }
    }

    /** A whole power, which may be negative. */
    record Power(Term base, int exponent) implements Term {
        @Override
        public Span span(Values values) {
            Span of = base.span(values);
            Span power = Span.exactly(1);
            for (int left = Math.abs(exponent); left > 0; left -= left > 1 ? 2 : 1)
                power = ARITHMETIC.product(List.of(power, left > 1 ? ARITHMETIC.square(of) : of));
            return exponent < 0 ? ARITHMETIC.quotient(Span.exactly(1), power) : power;
        }
    }

    record Root(Term of) implements Term {
        @Override
        public Span span(Values values) {
            return ARITHMETIC.root(of.span(values));
        }
    }

    /** Resistances side by side, written with the sign for it. */
    record Beside(List<Term> terms) implements Term {
        @Override
        public Span span(Values values) {
            List<Span> conductances = each(terms, values).stream()
                    .map(one -> ARITHMETIC.quotient(Span.exactly(1), one))
                    .toList();
            return ARITHMETIC.quotient(Span.exactly(1), ARITHMETIC.sum(conductances));
        }
    }

    /** What names stand for, and how far numbers may be off. */
    @FunctionalInterface
    interface Values {
        /** Not finite where it is not known. */
        Span of(Name name);

        default Span of(Written written) {
            return written.asWritten();
        }
    }

    /** The figures that are kept on the way (common practice). */
    int KNOWN = 3;

    /** Spans of cells are not asked for: names have theirs from the caller. */
    Span.Arithmetic ARITHMETIC = new Span.Arithmetic(cell -> Span.exactly(Double.NaN));

    /** Its value and how far the written digits leave it open; not finite where it divides by 0. */
    Span span(Values values);

    /** The names in it, in the order they stand. */
    default Stream<Name> names() {
        if (this instanceof Name name) return Stream.of(name);
        return pieces().stream().flatMap(Term::names);
    }

    /** What it is put together from. */
    default List<Term> pieces() {
        if (this instanceof Sum sum) return sum.terms();
        if (this instanceof Product product) return product.factors();
        if (this instanceof Beside beside) return beside.terms();
        if (this instanceof Negative negative) return List.of(negative.of());
        if (this instanceof Quotient quotient) return List.of(quotient.over(), quotient.under());
        if (this instanceof Power power) return List.of(power.base());
        if (this instanceof Root root) return List.of(root.of());
        return List.of();
    }

    private static List<Span> each(List<Term> terms, Values values) {
        return terms.stream().map(term -> term.span(values)).toList();
    }
}
