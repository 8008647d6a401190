package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.line.CheckedCircuit;
import didaxis.core.line.Remark;
import didaxis.core.line.Statement;
import didaxis.core.line.Substitution;
import didaxis.core.line.Term;
import didaxis.core.marking.WorkedAnswer.Asked;
import didaxis.core.memo.Memo;
import didaxis.core.memo.OtherRoutes;
import didaxis.core.memo.Point;
import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.Workings;
import didaxis.core.style.MarkingStyle;
import didaxis.core.working.Step;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
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
    private final CheckedCircuit circuit;
    private final Asked asked;
    private List<List<Step>> routes;

    /**
     * @param circuit the lines of the state in which the box is asked
     * @param substitution of the same
     */
    LineMarker(
            Question question,
            Box box,
            Workings.Working working,
            CheckedCircuit circuit,
            Substitution substitution,
            MarkingStyle style) {
        Box.Form.Amount form = (Box.Form.Amount) box.form();
        this.question = question;
        this.box = box;
        this.cell = form.cell();
        this.style = style;
        this.working = working;
        calculated = Amounts.calculated(question.task(box.task()).orElseThrow());
        this.circuit = circuit.asked(cell.subject());
        List<Cell> onTheWay = new ArrayList<>(
                working.deduction().steps().stream().map(Step::cell).toList());
        Collections.reverse(onTheWay);
        asked = new Asked(
                cell, question.state(form.state()).chart(), substitution, onTheWay, working.known()::contains);
    }

    /** @param most lines that are read; what comes after them is for the teacher */
    WorkedAnswer read(String text, int most, Map<Cell, List<Double>> elsewhere) {
        return WorkedAnswer.read(text, most, circuit, asked, elsewhere);
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
            Map<Cell, List<Double>> elsewhere) {
        Method method = Method.of(worked, asked, elsewhere, cell -> isUseful(cell, worked));
        List<Credit> best = List.of();
        List<List<Step>> routes = routes(answer, worked, stated);
        List<PutIn> shown = box.marks() < 4 ? List.of() : PutIn.all(worked, asked, elsewhere);
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
                || worked.statements().isEmpty()
                || style.answerAlone() && answer.earns() && isSound(worked, stated);
        if (one) return List.of(shown);
        return allRoutes();
    }

    private List<Credit> credits(
            List<Step> route,
            WorkedAnswer worked,
            Method method,
            List<PutIn> shown,
            Finding answer,
            Map<Cell, Finding> stated) {
        List<List<Point>> points = Memo.points(route, box.marks(), calculated);
        Ledger ledger = new Ledger(stated, asked.substitution()::alike);
        for (int k = 0; k + 1 < route.size(); k++)
            if (points.get(k).contains(Point.STEP)) ledger.charge(route.get(k).cell());
        List<Credit> steps = new ArrayList<>();
        for (int k = 0; k < route.size(); k++)
            if (points.get(k).contains(Point.STEP)) steps.add(step(route.get(k), worked, shown, ledger));
        // What is put in as written leads on where what follows from an error earns.
        boolean asPutIn = method.factorLost()
                ? method.hasFormula()
                : method.hasSubstitution() && method.put().stream().allMatch(ledger::mayStand);
        // What is put in is seen: no rounding on the way can excuse an amount that it plainly does not give.
        boolean excused = answer instanceof Finding.RoundedEarly
                && worked.remarked(Remark.FalseStep.class)
                && asPutIn
                && !Double.isNaN(method.value());
        boolean right = ledger.follows(answer) && (!excused || gives(method, worked))
                || style.followThrough() && asPutIn && gives(method, worked);
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
    private Credit step(Step step, WorkedAnswer worked, List<PutIn> shown, Ledger ledger) {
        Optional<Map.Entry<Cell, Finding>> stated = ledger.stated(step.cell());
        if (stated.isPresent()) {
            boolean earns = ledger.earns(stated.get().getValue());
            return new Credit(Point.STEP, earns, earns ? line(stated.get().getKey(), worked) : -1);
        }
        return shown.stream()
                .filter(one -> one.shows(step.cell()))
                .findFirst()
                .map(one -> new Credit(Point.STEP, true, one.line()))
                .orElse(new Credit(Point.STEP, false, -1));
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

    /** Whether a formula may rest on a cell: it is known, stated, or on the way to the answer. */
    private boolean isUseful(Cell cell, WorkedAnswer worked) {
        Predicate<Cell> alike = one -> asked.substitution().alike(one, cell);
        return worked.said().containsKey(cell)
                || working.known().stream().anyMatch(alike)
                || asked.onTheWay().stream().anyMatch(alike)
                || allRoutes().stream().flatMap(List::stream).map(Step::cell).anyMatch(alike);
    }

    private List<List<Step>> allRoutes() {
        if (routes == null) {
            routes = new ArrayList<>(List.of(working.deduction().steps()));
            if (calculated) routes.addAll(new OtherRoutes(question).to((Box.Form.Amount) box.form(), working));
        }
        return routes;
    }
}
