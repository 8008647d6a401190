package didaxis.core.line;

import didaxis.core.line.Line.Chain;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Sides that a working says are equal, be it on one line or on several, of which the later begin with the sign.
 *
 * @param lines of each side the line it stands on, from 0
 */
public record Statement(List<Term> sides, List<Integer> lines) {
    public Statement {
        sides = List.copyOf(sides);
        lines = List.copyOf(lines);
    }

    /** What lines state, in their order. */
    public static List<Statement> of(List<Line> working) {
        List<Statement> all = new ArrayList<>();
        for (int k = 0; k < working.size(); k++) {
            boolean goesOn = working.get(k).goesOn();
            for (Chain chain : working.get(k).chains()) {
                Statement before =
                        goesOn && !all.isEmpty() ? all.remove(all.size() - 1) : new Statement(List.of(), List.of());
                all.add(before.and(chain.sides(), k));
                goesOn = false;
            }
        }
        return all;
    }

    private Statement and(List<Term> more, int line) {
        List<Term> all = new ArrayList<>(sides);
        List<Integer> places = new ArrayList<>(lines);
        all.addAll(more);
        more.forEach(side -> places.add(line));
        return new Statement(all, places);
    }

    /** The same of a name, or of letters, that are understood. */
    public Statement of(Term letters) {
        boolean own = named().isPresent();
        Statement of = new Statement(List.of(letters), List.of(lines.get(0)));
        for (int k = own ? 1 : 0; k < sides.size(); k++) of = of.and(List.of(sides.get(k)), lines.get(k));
        return of;
    }

    /** The name it begins with; empty where it begins otherwise. */
    public Optional<Term.Name> named() {
        return sides.get(0) instanceof Term.Name name ? Optional.of(name) : Optional.empty();
    }

    /** The number it ends with; empty where it ends with letters or with what is still to be worked out. */
    public Optional<Term.Written> result() {
        Term last = sides.get(sides.size() - 1);
        if (last instanceof Term.Written written) return Optional.of(written);
        if (last instanceof Term.Quotient quotient) return fraction(quotient);
        return last instanceof Term.Negative negative && negative.of() instanceof Term.Written written
                ? Optional.of(written.negative())
                : Optional.empty();
    }

    /** A fraction in lowest terms is an amount; any other is still to be worked out. */
    private static Optional<Term.Written> fraction(Term.Quotient quotient) {
        if (!(quotient.over() instanceof Term.Written over && quotient.under() instanceof Term.Written under))
            return Optional.empty();
        boolean whole = over.text().matches("[0-9]{1,4}") && under.text().matches("[0-9]{1,4}( .*)?");
        if (!whole || over.si() == 0) return Optional.empty();
        BigInteger below = new BigInteger(under.text().replaceFirst(" .*", ""));
        boolean lowest = new BigInteger(over.text()).gcd(below).equals(BigInteger.ONE) && below.intValue() > 1;
        if (!lowest) return Optional.empty();
        double unit = under.si() / below.intValue();
        double value = over.si() / below.intValue() * unit;
        return Optional.of(new Term.Written(over.text() + "/" + under.text(), value, 0, false, under.quantity()));
    }

    /** Its sides as workings: the unit behind a fraction is that of the whole. */
    public List<Term> workings() {
        List<Term> workings = new ArrayList<>(sides);
        Term last = sides.get(sides.size() - 1);
        if (last instanceof Term.Quotient quotient
                && quotient.over() instanceof Term.Written over
                && over.quantity().isEmpty()
                && quotient.under() instanceof Term.Written under)
            workings.set(sides.size() - 1, new Term.Quotient(over, under.withoutUnit()));
        return workings;
    }

    /** The name whose reciprocal it begins with; empty where it begins otherwise. */
    public Optional<Term.Name> reciprocal() {
        return sides.get(0) instanceof Term.Quotient quotient
                        && quotient.over() instanceof Term.Written over
                        && over.si() == 1
                        && quotient.under() instanceof Term.Name name
                ? Optional.of(name)
                : Optional.empty();
    }

    /** The line it ends on. */
    public int line() {
        return lines.get(lines.size() - 1);
    }
}
