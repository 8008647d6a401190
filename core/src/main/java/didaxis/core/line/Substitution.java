package didaxis.core.line;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Span;
import didaxis.core.line.Meanings.Meaning;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Whether an equality of letters and numbers is a law with numbers put in: each number is taken for a cell that has it, and
 * what comes of this must hold whatever the values are. So any route and any rearrangement counts, and a number that only
 * happens to come out does not.
 */
public final class Substitution {
    /** So many ways to take all numbers of an equality are tried. */
    private static final int MOST_TRIED = 300;
    /** Such a change of what is sought must not leave both sides equal. */
    private static final double CHANGED = 1.37;

    private final Chart chart;
    private final List<Chart> others;
    private final AlikeCells alike;
    private final Meanings meanings;

    /**
     * How an equality is a law.
     *
     * @param named the cells that stand in it by their names
     * @param put the cells that numbers stand for
     * @param factorLost whether that is so only with a square, or the seconds of a minute, that were lost in writing it down
     * @param hours whether what was lost is no more than the seconds of hours
     * @param scaled whether a number stands without its prefix, as 4.7 for 4.7 kΩ
     */
    public record Held(Set<Cell> named, Set<Cell> put, boolean factorLost, boolean hours, boolean scaled) {
        /** The same where hours are right: watts for hours are watt hours. */
        public Held inHours() {
            return hours ? new Held(named, put, false, false, scaled) : this;
        }
    }

    public Substitution(Chart chart) {
        this.chart = chart;
        this.others = Valuations.of(chart, true);
        this.alike = AlikeCells.of(chart, others);
        this.meanings = new Meanings(chart, alike);
    }

    /** The cells with a value. */
    public List<Cell> cells() {
        return alike.cells();
    }

    /** Whether two cells have the same value whatever the values are. */
    public boolean alike(Cell one, Cell other) {
        return alike.are(one, other);
    }

    /**
     * How an equality is a law of what is sought; empty if it is none, or says nothing of it.
     *
     * @param sought cells one of which must stand in it by its name
     * @param put what may be put in
     */
    public Optional<Held> of(Term left, Term right, Predicate<Cell> sought, PutValues put) {
        return of(left, right, sought, put, held -> true);
    }

    /** @param wanted which of the ways counts in which it may hold */
    public Optional<Held> of(Term left, Term right, Predicate<Cell> sought, PutValues put, Predicate<Held> wanted) {
        List<Term.Name> names = Stream.concat(left.names(), right.names()).toList();
        if (names.isEmpty() || names.stream().anyMatch(name -> name.cell().isEmpty() && !LetterLaws.isLone(name)))
            return Optional.empty();
        List<Term.Written> numbers = new ArrayList<>();
        collect(left, numbers);
        collect(right, numbers);
        List<Subject> lone = lone(names, sought);
        if (lone.isEmpty()) return Optional.empty();
        Optional<List<List<Meaning>>> meant = meanings.of(numbers, put);
        return meant.flatMap(some -> new Search(left, right, names, numbers, some, sought, wanted).over(lone));
    }

    /** The subjects that letters without an index may be of; where there are none, any one stands for that. */
    private List<Subject> lone(List<Term.Name> names, Predicate<Cell> sought) {
        boolean found =
                names.stream().anyMatch(name -> name.cell().filter(sought).isPresent());
        if (names.stream().noneMatch(LetterLaws::isLone)) return found ? List.of(Subject.TOTAL) : List.of();
        return chart.rows().stream()
                .filter(subject -> found
                        || names.stream()
                                .filter(LetterLaws::isLone)
                                .anyMatch(name -> sought.test(
                                        Cell.of(subject, name.quantity().orElseThrow()))))
                .toList();
    }

    private static void collect(Term term, List<Term.Written> numbers) {
        if (term instanceof Term.Written written) numbers.add(written);
        term.pieces().forEach(piece -> collect(piece, numbers));
    }

    /** Tries what the numbers of one equality may be. */
    private final class Search {
        private final Term left;
        private final Term right;
        private final List<Term.Name> names;
        private final List<Term.Written> numbers;
        private final List<List<Meaning>> meanings;
        private final Predicate<Cell> sought;
        private final Predicate<Held> wanted;
        private int tried;

        Search(
                Term left,
                Term right,
                List<Term.Name> names,
                List<Term.Written> numbers,
                List<List<Meaning>> meanings,
                Predicate<Cell> sought,
                Predicate<Held> wanted) {
            this.left = left;
            this.right = right;
            this.names = names;
            this.numbers = numbers;
            this.meanings = meanings;
            this.sought = sought;
            this.wanted = wanted;
        }

        Optional<Held> over(List<Subject> lone) {
            for (Subject subject : lone) {
                Optional<Held> held = with(subject, -1);
                if (held.isPresent()) return held;
            }
            for (Subject subject : lone)
                for (int squared = 0; squared < numbers.size(); squared++) {
                    Optional<Held> held = with(subject, squared);
                    if (held.isPresent()) return held;
                }
            return Optional.empty();
        }

        /** @param squared the number whose square was lost; −1 for none */
        private Optional<Held> with(Subject lone, int squared) {
            int[] at = new int[numbers.size()];
            while (tried++ < MOST_TRIED) {
                Map<Term.Written, Meaning> meant = new IdentityHashMap<>();
                for (int k = 0; k < at.length; k++)
                    meant.put(numbers.get(k), meanings.get(k).get(at[k]));
                Term.Written lost = squared < 0 ? null : numbers.get(squared);
                if (holds(meant, lone, lost)) {
                    Held held = held(meant.values(), lone, squared >= 0);
                    if (wanted.test(held)) return Optional.of(held);
                }
                int k = 0;
                while (k < at.length && ++at[k] == meanings.get(k).size()) at[k++] = 0;
                if (k == at.length) break;
            }
            return Optional.empty();
        }

        private Held held(Iterable<Meaning> meant, Subject lone, boolean squared) {
            Set<Cell> put = new HashSet<>();
            boolean lost = squared;
            boolean hours = !squared;
            boolean scaled = false;
            for (Meaning one : meant) {
                one.thing().map(Meanings.Thing::cells).ifPresent(put::addAll);
                scaled |= one.rank() == Meanings.SCALED;
                lost |= one.factor() != 1;
                hours &= one.factor() == 1 || one.factor() == Meanings.HOUR;
            }
            Set<Cell> named = new HashSet<>();
            names.forEach(name -> LetterLaws.of(name, lone).cell().ifPresent(named::add));
            return new Held(named, put, lost, lost && hours, scaled);
        }

        private boolean holds(Map<Term.Written, Meaning> meant, Subject lone, Term.Written squared) {
            boolean changes = false;
            for (Chart other : others) {
                if (!LetterLaws.same(
                        mid(left, meant, lone, squared, other, 1), mid(right, meant, lone, squared, other, 1)))
                    return false;
                changes |= !LetterLaws.same(
                        mid(left, meant, lone, squared, other, CHANGED),
                        mid(right, meant, lone, squared, other, CHANGED));
            }
            return changes || nothingThere(lone);
        }

        /** What is nothing stays so when it is changed. */
        private boolean nothingThere(Subject lone) {
            return !others.isEmpty()
                    && names.stream()
                            .flatMap(name -> LetterLaws.of(name, lone).cell().stream())
                            .filter(sought)
                            .anyMatch(cell -> others.stream()
                                    .allMatch(one -> one.value(cell).orElse(1) == 0));
        }

        private double mid(
                Term term,
                Map<Term.Written, Meaning> meant,
                Subject lone,
                Term.Written squared,
                Chart other,
                double change) {
            return term.span(new Term.Values() {
                        @Override
                        public Span of(Term.Name name) {
                            Cell cell = LetterLaws.of(name, lone).cell().orElseThrow();
                            double value = other.value(cell).orElse(Double.NaN);
                            return Span.exactly(sought.test(cell) ? change * value : value);
                        }

                        @Override
                        public Span of(Term.Written written) {
                            Meaning meaning = meant.get(written);
                            double value = meaning.thing()
                                    .map(thing -> thing.in(other))
                                    .orElse(meaning.number());
                            return Span.exactly(written == squared ? value * value : value);
                        }
                    })
                    .mid();
        }
    }
}
