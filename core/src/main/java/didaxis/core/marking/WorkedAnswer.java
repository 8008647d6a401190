package didaxis.core.marking;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.line.CheckedCircuit;
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
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * An amount that is answered in lines, as it was read: what each line states, of which cell, and which amount is the
 * answer. A name that the circuit has not is taken for the cell that its line works out.
 *
 * @param answer the place of the statement whose result is the answer; empty where none is
 * @param said what the lines say of other cells, as it is written; the last word counts
 */
public record WorkedAnswer(
        List<Checked> lines, List<Statement> statements, Optional<Integer> answer, Map<Cell, Term.Written> said) {
    /** So many lines are read; nobody needs more for one amount. */
    public static final int MOST_LINES = 40;
    /** An amount does not say how it came about. */
    private static final Pattern CALCULATED = Pattern.compile("(?s).*=.*([=+×*/÷√^]| x ).*|.*[+×*/÷√^].*=.*");

    private static final Pattern STATED =
            Pattern.compile("[=≈~]|\\b(?:is|equals)\\b|[0-9)²] ?[VAΩWvaw]? ?[+×*·÷/] ?[0-9(]"
                    + "|[0-9] ?[VAΩWvaw]? [-−–] [0-9(]|\\([0-9. ]+[-−–] ?[0-9]");
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

        /** Whether it is measured in the same unit. */
        boolean fits(Quantity quantity) {
            return quantity.unit().equals(cell.quantity().unit());
        }
    }

    /**
     * @param most lines that are read
     * @param elsewhere what the learner has for cells in other boxes, in SI
     */
    static WorkedAnswer read(
            String text, int most, CheckedCircuit circuit, Asked asked, Map<Cell, List<Double>> elsewhere) {
        List<Checked> lines = lines(text, most, circuit);
        List<Statement> statements =
                Statement.of(lines.stream().map(Checked::line).toList());
        Optional<Integer> answer = answer(statements, asked);
        Map<Cell, Term.Written> said = new LinkedHashMap<>();
        Meant meant = new Meant(asked, said, elsewhere);
        List<Statement> understood = new ArrayList<>();
        for (int k = 0; k < statements.size(); k++) {
            Statement statement = statements.get(k);
            if (answer.isPresent() && answer.get() == k && meant.isOfAnother(statement)) answer = Optional.empty();
            Optional<Cell> cell = answer.filter(Integer.valueOf(k)::equals).isPresent()
                    ? Optional.of(asked.cell())
                    : meant.cell(statement);
            boolean otherwise = statement
                    .named()
                    .flatMap(Term.Name::cell)
                    .filter(asked::isCalledSo)
                    .isPresent();
            understood.add(cell.filter(of -> Meant.isUnderstood(statement, asked) || otherwise)
                    .<Term>map(Term.Name::of)
                    .or(() -> meant.ofSum(statement))
                    .map(statement::of)
                    .orElse(statement));
            if (statement.result().isEmpty() || cell.isEmpty()) continue;
            said.remove(cell.get());
            said.put(cell.get(), statement.result().get());
        }
        return new WorkedAnswer(lines, understood, answer, said);
    }

    static List<String> typed(String text) {
        return List.of(text.split("\\R", -1));
    }

    static List<Checked> lines(String text, int most, CheckedCircuit circuit) {
        List<String> typed = typed(text);
        List<Checked> lines = new ArrayList<>(WorkingCheck.of(typed.subList(0, Math.min(most, typed.size())), circuit));
        typed.stream()
                .skip(most)
                .map(line -> new Checked(Line.beyond(line), List.of()))
                .forEach(lines::add);
        return lines;
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
        return nameless && !Meant.has(statements.get(named), value) && Meant.has(statements.get(last), value)
                ? last
                : named;
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
        if (statement.named().flatMap(Term.Name::cell).isPresent() || !Meant.isUnderstood(statement, asked))
            return false;
        Optional<Quantity> letter = statement.named().flatMap(Term.Name::quantity);
        if (letter.isPresent()) return asked.fits(letter.get());
        return statement
                .result()
                .flatMap(Term.Written::quantity)
                .map(asked::fits)
                .orElse(true);
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
