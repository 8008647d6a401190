package didaxis.server.backwards;

import didaxis.core.backwards.Given;
import didaxis.core.backwards.Outcome;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import didaxis.core.wording.BackwardsSentence;
import didaxis.core.working.ChartColumns;
import didaxis.core.working.Deduction;
import didaxis.core.working.StyledChart;
import didaxis.server.circuit.ColumnView;
import didaxis.server.circuit.StepView;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What follows from what is known, in JSON.
 *
 * @param outcome solved, not-enough, contradictory, several or undecided
 * @param sentence the outcome in words
 * @param rows what is known and what followed, by row
 * @param steps how
 * @param notations the circuit that fits, or the several
 */
public record BackwardsView(
        String outcome,
        String sentence,
        List<ColumnView> columns,
        String wholeWord,
        List<KnownRow> rows,
        List<StepView> steps,
        List<String> notations) {
    /** A row: its numbers as printed in the columns; no entry where nothing is known. */
    public record KnownRow(String id, String kind, Map<String, String> shown) {}

    /** @param plain whose columns have no prefix */
    static BackwardsView of(StyledChart charted, List<Given> givens, Set<Quantity> plain, Outcome outcome) {
        String sentence = new BackwardsSentence(charted.style()).say(outcome);
        Shown shown = new Shown(charted, plain, sentence);
        return outcome.match(
                solved -> shown.view("solved", solved.deduction(), List.of(solved.circuit())),
                missing -> shown.view("not-enough", missing.deduction(), List.of()),
                contradictory -> shown.view("contradictory", known(givens), List.of()),
                several -> shown.view("several", several.deduction(), several.circuits()),
                undecided -> shown.view("undecided", undecided.deduction(), List.of()));
    }

    private static Deduction known(List<Given> givens) {
        return new Deduction(List.of(), givens.stream().collect(Collectors.toMap(Given::cell, Given::value)), Set.of());
    }

    private record Shown(StyledChart charted, Set<Quantity> plain, String sentence) {
        BackwardsView view(String outcome, Deduction deduction, List<Circuit> circuits) {
            HouseStyle style = charted.style();
            ChartColumns columns = ChartColumns.of(
                    style,
                    quantity -> deduction.values().entrySet().stream()
                            .filter(entry -> entry.getKey().quantity() == quantity && !plain.contains(quantity))
                            .map(Map.Entry::getValue)
                            .toList());
            List<KnownRow> rows = new ArrayList<>();
            for (Subject subject : charted.chart().rows()) {
                Map<String, String> shown = new LinkedHashMap<>();
                columns.byQuantity().forEach((quantity, column) -> {
                    Double value = deduction.values().get(Cell.of(subject, quantity));
                    if (value != null) shown.put(quantity.word(), column.print(value));
                });
                rows.add(new KnownRow(subject.id(), subject.kind().name().toLowerCase(Locale.ROOT), shown));
            }
            return new BackwardsView(
                    outcome,
                    sentence,
                    ColumnView.of(columns),
                    style.terms().whole(),
                    rows,
                    StepView.of(deduction, style),
                    circuits.stream().map(Notation::print).toList());
        }
    }
}
