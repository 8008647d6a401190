package didaxis.core.marking;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.line.Line;
import didaxis.core.line.Remark;
import didaxis.core.line.Statement;
import didaxis.core.line.Substitution;
import didaxis.core.line.Term;
import didaxis.core.line.WorkingCheck;
import didaxis.core.line.WorkingCheck.Checked;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.quantity.Reading;
import didaxis.core.question.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * An amount that is answered in lines, as it was read: what each line states, of which cell, and which amount is the
 * answer. A name that the circuit has not is taken for the cell that its line works out.
 *
 * @param answer the place of the statement whose result is the answer; empty where none is
 * @param said what the lines say of other cells, as it is written; the last word counts
 */
public record WorkedAnswer(
        List<Checked> lines, List<Statement> statements, Optional<Integer> answer, Map<Cell, Term.Written> said) {
    private static final double CLOSE = 0.01;
    /** So many lines are read; nobody needs more for one amount. */
    private static final int MOST_LINES = 40;
    /** So many cells are tried for what a letter without an index may be. */
    private static final int MOST_CELLS = 24;
    /** An amount does not say how it came about. */
    private static final Pattern CALCULATED = Pattern.compile("(?s).*=.*([=+×*/÷√^]| x ).*|.*[+×*/÷√^].*=.*");

    private static final Pattern STATED =
            Pattern.compile("[=≈~]|\\b(?:is|equals)\\b|[0-9)] ?[+×*÷/] ?[0-9(]|\\([0-9. ]+[-−–] ?[0-9]");
    /** 1/0 is no working, and no amount. */
    private static final Pattern FRACTION = Pattern.compile("\\s*[0-9.,]+\\s*/\\s*[0-9.,]+\\s*\\p{L}*\\s*");

    private static final Pattern LINES = Pattern.compile("(?s).*\\S\\s*\\R\\s*\\S.*");

    /** Whether a text is a working: an amount on one line is read as such, and words alone are neither; 10 Ω (6 + 4) is one. */
    public static boolean isWorked(String text, Box.Form.Amount form, AmountFormat format) {
        if (text.isBlank()) return false;
        boolean isAmount = !CALCULATED.matcher(text).matches()
                && format.read(form.inUnit(text), form.cell().quantity()) instanceof Reading.Read;
        return !isAmount
                && !FRACTION.matcher(text).matches()
                && (LINES.matcher(text).matches() || STATED.matcher(text).find());
    }

    /** The last line on which each cell is stated. */
    Map<Cell, Integer> places() {
        Map<Cell, Integer> places = new LinkedHashMap<>();
        for (int k = 0; k < statements.size(); k++) {
            int place = k;
            if (statements.get(k).result().isPresent())
                statements.get(k).named().flatMap(Term.Name::cell).ifPresent(cell -> places.put(cell, place));
        }
        return places;
    }

    /** What is asked, and what is known of it. */
    record Asked(Cell cell, Chart chart, Substitution substitution, List<Cell> onTheWay, Predicate<Cell> known) {
        /** Whether a value of this cell is the answer: it is, or is equal to, what is asked. */
        boolean isSought(Cell one) {
            return substitution.alike(one, cell) && !known.test(one);
        }

        /** Where the battery has an internal resistance, many call the resistance outside the total one. */
        private boolean isCalledSo(Cell one) {
            return one.equals(Cell.resistance(Subject.TOTAL))
                    && cell.equals(Cell.resistance(chart.subjects().whole()));
        }

        private boolean fits(Quantity quantity) {
            return quantity.unit().equals(cell.quantity().unit());
        }
    }

    /**
     * @param elsewhere what the learner has for cells in other boxes, in SI
     */
    static WorkedAnswer read(
            String text, WorkingCheck.Circuit circuit, Asked asked, Function<Cell, List<Double>> elsewhere) {
        List<Checked> lines = lines(text, circuit);
        List<Statement> statements =
                Statement.of(lines.stream().map(Checked::line).toList());
        Optional<Integer> answer = answer(statements, asked);
        Map<Cell, Term.Written> said = new LinkedHashMap<>();
        List<Statement> understood = new ArrayList<>();
        for (int k = 0; k < statements.size(); k++) {
            Statement statement = statements.get(k);
            if (answer.isPresent() && answer.get() == k && isOfAnother(statement, asked, said, elsewhere))
                answer = Optional.empty();
            Optional<Cell> cell = answer.filter(Integer.valueOf(k)::equals).isPresent()
                    ? Optional.of(asked.cell())
                    : cell(statement, asked, said, elsewhere);
            boolean otherwise = statement
                    .named()
                    .flatMap(Term.Name::cell)
                    .filter(asked::isCalledSo)
                    .isPresent();
            understood.add(cell.filter(of -> isUnderstood(statement, asked) || otherwise)
                    .<Term>map(Term.Name::of)
                    .or(() -> ofSum(statement, asked, said, elsewhere))
                    .map(statement::of)
                    .orElse(statement));
            if (statement.result().isEmpty() || cell.isEmpty()) continue;
            said.remove(cell.get());
            said.put(cell.get(), statement.result().get());
        }
        return new WorkedAnswer(lines, understood, answer, said);
    }

    private static List<Checked> lines(String text, WorkingCheck.Circuit circuit) {
        List<String> typed = List.of(text.split("\\R", -1));
        List<Checked> lines =
                new ArrayList<>(WorkingCheck.of(typed.subList(0, Math.min(MOST_LINES, typed.size())), circuit));
        typed.stream()
                .skip(MOST_LINES)
                .map(line -> new Checked(new Line(line, List.of(), Optional.of(new Line.Unread(0, line))), List.of()))
                .forEach(lines::add);
        return lines;
    }

    /** Whether a letter alone is worked out as that of something on the way, and not as what is asked. */
    private static boolean isOfAnother(
            Statement statement, Asked asked, Map<Cell, Term.Written> said, Function<Cell, List<Double>> elsewhere) {
        if (!isUnderstood(statement, asked) || works(statement, asked.cell(), asked, said, elsewhere)) return false;
        return asked.onTheWay().stream()
                .anyMatch(cell -> asked.fits(cell.quantity()) && works(statement, cell, asked, said, elsewhere));
    }

    /**
     * Whether whose value it tells is only understood: R2R3/(R2 + R3) = 12 × 4/16 = 3 Ω is what these make together, and
     * I1 + I2 = 2 A what is asked where that is their sum, while it tells of none of them alone.
     */
    private static boolean isUnderstood(Statement statement, Asked asked) {
        if (statement.named().isPresent())
            return statement.named().flatMap(Term.Name::cell).isEmpty();
        Term first = statement.sides().get(0);
        if (first.names().findAny().isEmpty()) return true;
        boolean ofWhatIsAsked =
                first.names().flatMap(name -> name.cell().stream()).anyMatch(asked::isSought);
        int last = statement.sides().size() - 1;
        boolean worked = IntStream.range(1, last)
                .anyMatch(k -> statement.sides().get(k).names().findAny().isEmpty());
        boolean together =
                (worked || isLaw(first, asked)) && statement.reciprocal().isEmpty();
        return together && !ofWhatIsAsked;
    }

    /** Whether letters are what is asked by a law. */
    private static boolean isLaw(Term letters, Asked asked) {
        return asked.substitution()
                .of(Term.Name.of(asked.cell()), letters, asked::isSought, cell -> List.of())
                .isPresent();
    }

    /** The last that states it by its name, or as an amount alone; else the last that may mean it. */
    private static Optional<Integer> answer(List<Statement> statements, Asked asked) {
        Optional<Integer> named =
                last(statements, one -> isNamed(one, asked)).map(at -> goingOn(at, statements, asked));
        Optional<Integer> unit = last(statements, one -> one.sides().size() == 1 && hasUnit(one, asked));
        if (named.isPresent() && unit.filter(at -> at > named.get()).isEmpty()) return named;
        return unit.filter(at -> named.isPresent()).or(() -> last(statements, one -> mayMean(one, asked)));
    }

    /** "Rt: 2 + 2 = 4, 4 + 1 = 5": the last of what goes on from a result without a name, where that is what is asked. */
    private static int goingOn(int named, List<Statement> statements, Asked asked) {
        int last = statements.size() - 1;
        double value = asked.chart().value(asked.cell()).orElse(Double.NaN);
        boolean nameless = statements.subList(named + 1, last + 1).stream()
                .allMatch(one -> one.sides().size() > 1
                        && one.sides().stream()
                                .noneMatch(side -> side.names().findAny().isPresent()));
        return nameless && !has(statements.get(named), value) && has(statements.get(last), value) ? last : named;
    }

    private static Optional<Integer> last(List<Statement> statements, Predicate<Statement> which) {
        return IntStream.range(0, statements.size())
                .filter(k -> statements.get(k).result().isPresent() && which.test(statements.get(k)))
                .boxed()
                .reduce((one, later) -> later);
    }

    private static boolean isNamed(Statement statement, Asked asked) {
        boolean inverted = hasUnit(statement, asked)
                && statement
                        .reciprocal()
                        .flatMap(Term.Name::cell)
                        .filter(asked::isSought)
                        .isPresent();
        return inverted
                || statement
                        .named()
                        .flatMap(Term.Name::cell)
                        .filter(asked::isSought)
                        .isPresent();
    }

    private static boolean hasUnit(Statement statement, Asked asked) {
        return statement
                .result()
                .flatMap(Term.Written::quantity)
                .filter(asked::fits)
                .isPresent();
    }

    private static boolean mayMean(Statement statement, Asked asked) {
        if (statement.named().flatMap(Term.Name::cell).filter(asked::isCalledSo).isPresent()) return true;
        if (statement.named().flatMap(Term.Name::cell).isPresent() || !isUnderstood(statement, asked)) return false;
        Optional<Quantity> letter = statement.named().flatMap(Term.Name::quantity);
        if (letter.isPresent()) return asked.fits(letter.get());
        return statement
                .result()
                .flatMap(Term.Written::quantity)
                .map(asked::fits)
                .orElse(true);
    }

    private static Optional<Cell> cell(
            Statement statement, Asked asked, Map<Cell, Term.Written> said, Function<Cell, List<Double>> elsewhere) {
        Optional<Cell> named = statement.named().flatMap(Term.Name::cell);
        if (named.isPresent() || !isUnderstood(statement, asked)) return named;
        Optional<Quantity> quantity = statement
                .named()
                .flatMap(Term.Name::quantity)
                .or(() -> statement.result().flatMap(Term.Written::quantity));
        if (quantity.isEmpty()) return Optional.empty();
        // A letter without an index is rather that of what is asked than that of something else.
        List<Cell> candidates = Stream.concat(asked.onTheWay().stream(), asked.substitution().cells().stream())
                .filter(cell ->
                        cell.quantity() == quantity.get() && !asked.known().test(cell))
                .distinct()
                .sorted(Comparator.comparing(
                        cell -> !cell.subject().equals(asked.cell().subject())))
                .limit(MOST_CELLS)
                .toList();
        return candidates.stream()
                .filter(cell -> works(statement, cell, asked, said, elsewhere))
                .findFirst()
                .or(() -> candidates.stream()
                        .filter(cell -> has(statement, asked.chart().value(cell).orElse(Double.NaN)))
                        .findFirst())
                .or(() -> asked.onTheWay().stream()
                        .filter(cell -> cell.quantity() == quantity.get() && !said.containsKey(cell))
                        .findFirst());
    }

    /**
     * What 24/(4 + 8) is, whose amount is on a line of its own or was left in the head; 1/12 + 1/4 is one over a resistance,
     * as is 1/x in a letter of one's own, but 9/18 is no current that is turned round.
     */
    private static Optional<Term> ofSum(
            Statement statement, Asked asked, Map<Cell, Term.Written> said, Function<Cell, List<Double>> elsewhere) {
        boolean nameless = statement.sides().stream()
                .noneMatch(side -> side.names().findAny().isPresent());
        boolean own = statement
                .reciprocal()
                .or(statement::named)
                .filter(name -> name.cell().isEmpty() && name.quantity().isEmpty())
                .isPresent();
        if (!own && (!nameless || statement.result().isPresent())) return Optional.empty();
        boolean over = statement.reciprocal().isPresent() || statement.sides().get(0) instanceof Term.Sum;
        return Stream.concat(Stream.of(asked.cell()), asked.onTheWay().stream())
                .filter(cell -> !asked.known().test(cell))
                .flatMap(cell -> Stream.<Term>of(Term.Name.of(cell), new Term.Power(Term.Name.of(cell), -1))
                        .limit(over ? 2 : 1)
                        .filter(left -> works(statement, left, cell, asked, said, elsewhere)))
                .findFirst();
    }

    private static boolean works(
            Statement statement,
            Cell cell,
            Asked asked,
            Map<Cell, Term.Written> said,
            Function<Cell, List<Double>> elsewhere) {
        return works(statement, Term.Name.of(cell), cell, asked, said, elsewhere);
    }

    private static boolean works(
            Statement statement,
            Term left,
            Cell cell,
            Asked asked,
            Map<Cell, Term.Written> said,
            Function<Cell, List<Double>> elsewhere) {
        Predicate<Cell> sought =
                one -> asked.substitution().alike(one, cell) && !asked.known().test(one);
        return statement.sides().stream()
                .filter(side -> side.names().findAny().isEmpty())
                .anyMatch(side -> asked.substitution()
                        .of(left, side, sought, worth(sought, asked, said, elsewhere))
                        .isPresent());
    }

    private static boolean has(Statement statement, double value) {
        return statement
                .result()
                .filter(result -> Math.abs(result.si() - value) <= CLOSE * Math.abs(value))
                .isPresent();
    }

    /** What a number may be put in for: a learner's own value of a cell, or its true one, but none of what is sought. */
    static Function<Cell, List<Double>> worth(
            Predicate<Cell> sought, Asked asked, Map<Cell, Term.Written> said, Function<Cell, List<Double>> elsewhere) {
        return cell -> {
            if (sought.test(cell)) return List.of();
            List<Double> values = new ArrayList<>(elsewhere.apply(cell));
            if (said.containsKey(cell)) values.add(said.get(cell).si());
            asked.chart().value(cell).ifPresent(values::add);
            return values;
        };
    }

    /** The amount that is the answer, in a unit of what is asked; empty where none is. */
    String typed(Cell cell) {
        return answer.flatMap(at -> statements.get(at).result())
                .map(result -> typed(result, cell.quantity()))
                .orElse("");
    }

    /** What is said of other cells, in units of what they are. */
    Map<Cell, String> saidElsewhere(Cell asked) {
        Map<Cell, String> typed = new LinkedHashMap<>();
        said.forEach((cell, written) -> typed.put(cell, typed(written, cell.quantity())));
        typed.remove(asked);
        return typed;
    }

    private static String typed(Term.Written written, Quantity quantity) {
        boolean other = written.quantity()
                .filter(one -> !one.unit().equals(quantity.unit()))
                .isPresent();
        return other
                ? written.text().replaceFirst("([0-9])\\s*([kmMµuG]?)\\p{L}+\\s*$", "$1 $2" + quantity.unit())
                : written.text();
    }

    /** Whether the answer has the unit of another quantity. */
    boolean otherUnit(Cell cell) {
        return answer.flatMap(at -> statements.get(at).result())
                .flatMap(Term.Written::quantity)
                .filter(quantity -> !quantity.unit().equals(cell.quantity().unit()))
                .isPresent();
    }

    /** Whether a line, or a part of one, could not be read, or held against anything. */
    boolean isOpen() {
        return lines.stream()
                .anyMatch(one -> one.line().unread().isPresent()
                        || one.remarks().stream().anyMatch(Remark.Unjudged.class::isInstance));
    }

    boolean remarked(Class<? extends Remark> kind) {
        return lines.stream().flatMap(one -> one.remarks().stream()).anyMatch(kind::isInstance);
    }
}
