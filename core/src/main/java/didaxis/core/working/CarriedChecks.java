package didaxis.core.working;

import didaxis.core.chart.Check;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Outline.Join;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.circuit.Terminals;
import didaxis.core.formula.Span;
import didaxis.core.law.Law;
import didaxis.core.law.Relation;
import didaxis.core.law.Relations;
import didaxis.core.quantity.Amount;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The checks of a chart in which every value was rounded before it was carried on: voltages, currents and
 * powers add up to within what those roundings, followed along the working, can make of them.
 */
public final class CarriedChecks {
    private final Relations relations;
    private final Map<Cell, Span> spans = new HashMap<>();

    private CarriedChecks(Relations relations) {
        this.relations = relations;
    }

    /** The sums that hold in the circuit, with the carried values of a deduction that reached every cell. */
    public static List<Check> of(Relations relations, Deduction deduction) {
        CarriedChecks carried = new CarriedChecks(relations);
        deduction.values().forEach((cell, value) -> carried.spans.put(cell, Span.exactly(value)));
        for (Step step : deduction.steps()) carried.follow(step);
        List<Check> checks = new ArrayList<>();
        for (Relation relation : relations.all()) {
            if (relation.law() == Law.VOLTAGE_SUM) carried.add(Check.Kind.LOOP, relation, checks);
            if (relation.law() == Law.CURRENT_SUM) carried.add(Check.Kind.JUNCTION, relation, checks);
        }
        relations.all().stream()
                .filter(relation -> relation.law() == Law.POWER_SUM)
                .filter(relation -> relation.cells().get(0).subject().equals(Subject.TOTAL))
                .reduce((one, other) -> other)
                .ifPresent(last -> carried.add(Check.Kind.POWER, last, checks));
        return checks;
    }

    private void follow(Step step) {
        Span span = step.formula().with(new Span.Arithmetic(spans::get));
        double half = relations
                .style()
                .numbers()
                .halfOfLastPlace(Amount.of(step.value(), step.cell().quantity()));
        if (!span.finite()) span = Span.exactly(step.value());
        spans.put(step.cell(), new Span(span.lo() - half, step.value(), span.hi() + half));
    }

    private void add(Check.Kind kind, Relation sum, List<Check> checks) {
        List<Cell> cells = sum.cells();
        Cell whole = cells.get(0);
        List<Cell> members = cells.subList(1, cells.size());
        if (members.size() < 2 || !spans.keySet().containsAll(cells)) return;
        Span expected = spans.get(whole);
        Span found = new Span.Arithmetic(spans::get)
                .sum(members.stream().map(spans::get).toList());
        double slack = (found.hi() - found.lo() + expected.hi() - expected.lo()) / 2;
        checks.add(new Check(
                kind,
                kind == Check.Kind.JUNCTION ? junction(whole) : "",
                members.stream().map(cell -> spans.get(cell).mid()).toList(),
                expected.mid(),
                Math.abs(found.mid() - expected.mid()) <= slack));
    }

    private String junction(Cell whole) {
        Subjects subjects = relations.chart().subjects();
        int node = subjects.nodeOf(whole.subject());
        // The whole may be seen through voltmeters across it.
        while (relations.chart().circuit().outline().join(node) == Join.SAME) node++;
        Terminals terminals = Terminals.of(relations.chart().circuit());
        return terminals.junction(terminals.from(node)).orElse("");
    }
}
