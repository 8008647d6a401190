package didaxis.core.marking;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.line.LineReader;
import didaxis.core.line.Remark;
import didaxis.core.line.Statement;
import didaxis.core.line.Substitution;
import didaxis.core.line.Substitution.Held;
import didaxis.core.line.Term;
import didaxis.core.line.WorkingCheck;
import didaxis.core.marking.WorkedAnswer.Asked;
import didaxis.core.memo.Memo;
import didaxis.core.memo.Point;
import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.question.Workings;
import didaxis.core.style.MarkingStyle;
import didaxis.core.working.Step;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * Gives the points of an amount that is answered in lines, by whatever route: formula and substitution where an equality
 * is a law of what is asked, a step where its amount is stated or put in, the answer as any other amount. What is wrong
 * costs its own point: an error in a step that has one leaves what follows from it.
 */
final class LineMarker {
    private final Question question;
    private final Box box;
    private final Cell cell;
    private final MarkingStyle style;
    private final Workings.Working working;
    private final boolean calculated;
    private final WorkingCheck.Circuit circuit;
    private final Asked asked;
    private final Set<Cell> asksBefore;
    private List<List<Step>> routes;

    private record Shown(int line, Set<Cell> put, List<Term> parts, Function<Cell, List<Double>> worth) {}

    /** Where formula and substitution are found; no line where they are not. */
    private record Method(int formula, int substitution, Set<Cell> put, boolean factorLost, double value) {
        boolean hasFormula() {
            return formula >= 0;
        }

        boolean hasSubstitution() {
            return substitution >= 0;
        }
    }

    LineMarker(Question question, Box box, Workings.Working working, MarkingStyle style) {
        Box.Form.Amount form = (Box.Form.Amount) box.form();
        State state = question.state(form.state());
        this.question = question;
        this.box = box;
        this.cell = form.cell();
        this.style = style;
        this.working = working;
        calculated = Amounts.calculated(question.task(box.task()).orElseThrow());
        Chart chart = state.chart();
        LineReader reader = new LineReader(
                chart.circuit(),
                state.relations().style().terms(),
                style.format(),
                !chart.running().seconds().isEmpty());
        circuit = new WorkingCheck.Circuit(chart, reader);
        List<Cell> onTheWay = new ArrayList<>(
                working.deduction().steps().stream().map(Step::cell).toList());
        java.util.Collections.reverse(onTheWay);
        asksBefore = new HashSet<>(working.known());
        asked = new Asked(cell, chart, new Substitution(chart), onTheWay, asksBefore::contains);
    }

    WorkedAnswer read(String text, Function<Cell, List<Double>> elsewhere) {
        return WorkedAnswer.read(text, circuit, asked, elsewhere);
    }

    /**
     * @param answer what the marker says of the answer, seen with all other amounts of the sheet
     * @param stated what it says of this cell and of those that the lines state besides
     */
    BoxFinding.OfLines judge(
            WorkedAnswer worked,
            Finding answer,
            boolean unitLost,
            Map<Cell, Finding> stated,
            Function<Cell, List<Double>> elsewhere) {
        Method method = method(worked, elsewhere);
        List<Credit> best = List.of();
        List<List<Step>> routes = routes(answer, worked, stated);
        List<Shown> shown = box.marks() < 4 ? List.of() : shown(worked, elsewhere);
        for (List<Step> route : routes) {
            List<Credit> credits = credits(route, worked, method, shown, answer, stated);
            if (earned(credits) > earned(best) || best.isEmpty()) best = credits;
        }
        boolean lost = (unitLost || worked.otherUnit(cell)) && answered(best);
        boolean open = worked.isOpen() && earned(best) < box.marks();
        return new BoxFinding.OfLines(
                box, worked.typed(cell), answer, best, worked.lines(), lost, open, OptionalInt.empty());
    }

    /** The points of a right amount without any working, where it does not earn all. */
    BoxFinding.OfLines alone(BoxFinding.OfAmount found, String typed) {
        List<Credit> credits = new ArrayList<>();
        for (List<Point> points : Memo.points(working.deduction().steps(), box.marks(), calculated))
            for (Point point : points) credits.add(new Credit(point, point == Point.ANSWER, -1));
        return new BoxFinding.OfLines(
                box, typed, found.finding(), credits, List.of(), found.unitLost(), false, OptionalInt.empty());
    }

    private static int earned(List<Credit> credits) {
        return (int) credits.stream().filter(Credit::earned).count();
    }

    private static boolean answered(List<Credit> credits) {
        return credits.stream()
                .anyMatch(
                        credit -> credit.earned() && (credit.point() == Point.ANSWER || credit.point() == Point.CELL));
    }

    /** The routes by which points may be given, the shown one first; one is enough where all points are there anyway. */
    private List<List<Step>> routes(Finding answer, WorkedAnswer worked, Map<Cell, Finding> stated) {
        List<Step> shown = working.deduction().steps();
        boolean one = !calculated
                || box.marks() < 4
                || shown.isEmpty()
                || style.answerAlone() && answer.earns() && isSound(worked, stated);
        if (one) return List.of(shown);
        if (routes == null) {
            routes = new ArrayList<>(List.of(shown));
            routes.addAll(Memo.of(question, box, style).routes());
        }
        return routes;
    }

    private List<Credit> credits(
            List<Step> route,
            WorkedAnswer worked,
            Method method,
            List<Shown> shown,
            Finding answer,
            Map<Cell, Finding> stated) {
        List<List<Point>> points = Memo.points(route, box.marks(), calculated);
        Ledger ledger = new Ledger(stated);
        for (int k = 0; k + 1 < route.size(); k++)
            if (points.get(k).contains(Point.STEP)) ledger.charge(route.get(k).cell());
        List<Credit> steps = new ArrayList<>();
        for (int k = 0; k < route.size(); k++)
            if (points.get(k).contains(Point.STEP)) steps.add(step(route.get(k), worked, shown, ledger));
        boolean asPutIn = method.factorLost()
                ? method.hasFormula()
                : method.hasSubstitution() && method.put().stream().allMatch(ledger::mayStand);
        boolean right = ledger.follows(answer) || asPutIn && gives(method, worked);
        boolean sound = isSound(worked, stated);
        boolean all = right && style.answerAlone() && sound && !method.factorLost();
        boolean inTheHead = all || right && method.hasFormula() && sound;
        int last = worked.answer().map(at -> worked.statements().get(at).line()).orElse(-1);
        List<Credit> credits = new ArrayList<>();
        steps.forEach(one -> credits.add(all ? new Credit(Point.STEP, true, one.line()) : one));
        points.stream()
                .flatMap(List::stream)
                .filter(point -> point != Point.STEP)
                .forEach(point -> credits.add(
                        switch (point) {
                            case FORMULA -> new Credit(point, all || method.hasFormula(), method.formula());
                            case SUBSTITUTION -> {
                                boolean put = method.hasSubstitution() && !method.factorLost();
                                yield new Credit(point, inTheHead || put, method.substitution());
                            }
                            default -> new Credit(point, right, right ? last : -1);
                        }));
        return credits;
    }

    /** What is stated, and which errors have cost a point already: no error costs more than one. */
    private final class Ledger {
        private final Map<Cell, Finding> stated;
        private final Set<Cell> charged = new HashSet<>();

        Ledger(Map<Cell, Finding> stated) {
            this.stated = stated;
        }

        /** An error in this cell, or one that is equal to it, has a point of its own. */
        void charge(Cell cell) {
            stated.keySet().stream()
                    .filter(one -> asked.substitution().alike(one, cell))
                    .forEach(charged::add);
        }

        /** Whether an amount is right, or follows from what is wrong elsewhere or has been charged. */
        boolean follows(Finding finding) {
            return finding.earns() && origins(finding, new HashSet<>()).isEmpty();
        }

        /** Whether a cell may be gone on with. */
        boolean mayStand(Cell cell) {
            return stated.entrySet().stream()
                    .filter(one -> asked.substitution().alike(one.getKey(), cell))
                    .allMatch(one -> charged.contains(one.getKey()) || follows(one.getValue()));
        }

        /** Whether a step earns; if not, what it rests on is charged to it. */
        boolean earns(Finding finding) {
            if (!finding.earns()) return false;
            Set<Cell> origins = origins(finding, new HashSet<>());
            charged.addAll(origins);
            return origins.isEmpty();
        }

        private Set<Cell> origins(Finding finding, Set<Cell> seen) {
            Set<Cell> origins = new HashSet<>();
            if (!(finding instanceof Finding.FollowThrough followed)) return origins;
            for (Cell from : followed.derivation().from().keySet()) {
                Finding own = stated.get(from);
                if (own == null || charged.contains(from) || !seen.add(from)) continue;
                if (own.earns()) origins.addAll(origins(own, seen));
                else origins.add(from);
            }
            return origins;
        }
    }

    /** Whether nothing that is written is visibly wrong. */
    private boolean isSound(WorkedAnswer worked, Map<Cell, Finding> stated) {
        return !worked.remarked(Remark.NoLaw.class)
                && !worked.remarked(Remark.FalseStep.class)
                && stated.values().stream().allMatch(Finding::earns);
    }

    /** Whether the answer is what the numbers give as they were put in. */
    private boolean gives(Method method, WorkedAnswer worked) {
        return worked.answer()
                .flatMap(at -> worked.statements().get(at).result())
                .filter(result -> Math.abs(result.si() - method.value())
                        <= Math.max(
                                result.figures() >= style.leastFigures() ? result.half() : 0,
                                style.tolerance().relative() * Math.abs(method.value())))
                .isPresent();
    }

    /** A step earns where its amount is stated, or put in for what is asked or for something on the way. */
    private Credit step(Step step, WorkedAnswer worked, List<Shown> shown, Ledger ledger) {
        for (Map.Entry<Cell, Finding> one : ledger.stated.entrySet()) {
            if (!asked.substitution().alike(one.getKey(), step.cell())) continue;
            boolean earns = ledger.earns(one.getValue());
            return new Credit(Point.STEP, earns, earns ? line(one.getKey(), worked) : -1);
        }
        return shown.stream()
                .filter(one -> isPut(step.cell(), one.put())
                        || one.parts().stream().anyMatch(part -> isWorked(part, step.cell(), one.worth())))
                .findFirst()
                .map(one -> new Credit(Point.STEP, true, one.line()))
                .orElse(new Credit(Point.STEP, false, -1));
    }

    /** Whether a part of what is put in is a working of its own: the sum in 24/(4 + 8). */
    private boolean isWorked(Term part, Cell cell, Function<Cell, List<Double>> worth) {
        Term.Name name = new Term.Name(cell.toString(), Optional.of(cell), Optional.of(cell.quantity()));
        Predicate<Cell> sought = one -> asked.substitution().alike(one, cell);
        return asked.substitution()
                .of(name, part, sought, one -> sought.test(one) ? List.of() : worth.apply(one))
                .filter(held -> !held.factorLost() && !held.put().isEmpty())
                .isPresent();
    }

    /** Every equality in which numbers are put in rightly for what it is of, with the pieces of its sums and products. */
    private List<Shown> shown(WorkedAnswer worked, Function<Cell, List<Double>> elsewhere) {
        List<Shown> all = new ArrayList<>();
        for (Statement statement : worked.statements()) {
            Optional<Cell> of = statement.named().flatMap(Term.Name::cell);
            if (of.isEmpty()) continue;
            Predicate<Cell> sought = one ->
                    asked.substitution().alike(one, of.get()) && !asked.known().test(one);
            Function<Cell, List<Double>> worth = WorkedAnswer.worth(sought, asked, worked.said(), elsewhere);
            for (int k = 1; k < statement.sides().size(); k++) {
                Term side = statement.sides().get(k);
                if (side.names().findAny().isPresent()) continue;
                int line = statement.lines().get(k);
                asked.substitution()
                        .of(statement.sides().get(0), side, sought, worth)
                        .filter(held -> !held.factorLost())
                        .ifPresent(held -> all.add(new Shown(line, held.put(), parts(side), worth)));
            }
        }
        return all;
    }

    private static List<Term> parts(Term side) {
        List<Term> parts = new ArrayList<>();
        for (Term piece : side.pieces()) {
            if (!piece.pieces().isEmpty()) parts.add(piece);
            parts.addAll(parts(piece));
        }
        return parts;
    }

    private boolean isPut(Cell cell, Set<Cell> put) {
        return put.stream().anyMatch(one -> asked.substitution().alike(one, cell));
    }

    private static int line(Cell cell, WorkedAnswer worked) {
        int line = -1;
        for (Statement statement : worked.statements())
            if (statement.result().isPresent()
                    && statement
                            .named()
                            .flatMap(Term.Name::cell)
                            .filter(cell::equals)
                            .isPresent()) line = statement.line();
        return line;
    }

    /** Looks for an equality of letters, and for one with numbers, that is a law of what is asked. */
    private Method method(WorkedAnswer worked, Function<Cell, List<Double>> elsewhere) {
        Function<Cell, List<Double>> worth = WorkedAnswer.worth(asked::isSought, asked, worked.said(), elsewhere);
        Method method = new Method(-1, -1, Set.of(), false, Double.NaN);
        Method lost = method;
        for (Statement statement : worked.statements()) {
            List<Term> sides = statement.workings();
            for (int one = 0; one < sides.size(); one++)
                for (int other = one + 1; other < sides.size(); other++) {
                    if (one > 0 && other > one + 1) break;
                    Optional<Held> held =
                            asked.substitution().of(sides.get(one), sides.get(other), asked::isSought, worth);
                    if (held.isEmpty()) continue;
                    int line = statement.lines().get(other);
                    boolean letters = held.get().put().isEmpty() && !held.get().factorLost();
                    if (letters) {
                        if (isUseful(held.get(), worked))
                            method = new Method(line, method.substitution, method.put, method.factorLost, method.value);
                        continue;
                    }
                    boolean all = held.get().named().stream().allMatch(asked::isSought);
                    if (!all) continue;
                    Method now = new Method(
                            method.formula,
                            line,
                            held.get().put(),
                            held.get().factorLost(),
                            sides.get(one) instanceof Term.Name && !held.get().scaled()
                                    ? value(sides.get(other))
                                    : Double.NaN);
                    if (held.get().factorLost()) lost = now;
                    else method = now;
                }
        }
        if (!method.hasSubstitution() && lost.hasSubstitution())
            method = new Method(method.formula, lost.substitution, lost.put, true, lost.value);
        boolean wrongLaw = worked.remarked(Remark.NoLaw.class) && !method.hasFormula();
        if (wrongLaw) return new Method(-1, -1, Set.of(), false, Double.NaN);
        boolean byNumbers = !method.hasFormula() && method.hasSubstitution() && !method.factorLost();
        return byNumbers
                ? new Method(method.substitution, method.substitution, method.put, false, method.value)
                : method;
    }

    private static double value(Term side) {
        return side.span(name -> didaxis.core.formula.Span.exactly(Double.NaN)).mid();
    }

    /** Whether a law rests on nothing but what is known, stated, or on the way to the answer. */
    private boolean isUseful(Held held, WorkedAnswer worked) {
        return held.named().stream()
                .filter(cell -> !asked.isSought(cell))
                .allMatch(cell -> asksBefore.contains(cell)
                        || worked.said().containsKey(cell)
                        || asked.onTheWay().stream()
                                .anyMatch(one -> asked.substitution().alike(one, cell))
                        || allRoutes().stream()
                                .flatMap(List::stream)
                                .anyMatch(step -> asked.substitution().alike(step.cell(), cell))
                        || asksBefore.stream()
                                .anyMatch(one -> asked.substitution().alike(one, cell)));
    }

    private List<List<Step>> allRoutes() {
        if (routes == null) {
            routes = new ArrayList<>(List.of(working.deduction().steps()));
            routes.addAll(Memo.of(question, box, style).routes());
        }
        return routes;
    }
}
