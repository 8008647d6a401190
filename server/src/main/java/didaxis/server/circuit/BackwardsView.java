package didaxis.server.circuit;

import didaxis.core.backwards.Backwards;
import didaxis.core.backwards.Given;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Symbols;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import didaxis.core.working.Deduction;
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
        List<AnalysisView.ColumnView> columns,
        String wholeWord,
        List<KnownRow> rows,
        List<StepView> steps,
        List<String> notations) {
    /** A row: its numbers as printed in the columns; no entry where nothing is known. */
    public record KnownRow(String id, String kind, Map<String, String> shown) {}

    private static final int MOST_NAMED = 6;

    static BackwardsView of(ChartedCircuit charted, List<Given> givens) {
        HouseStyle style = charted.style();
        List<Cell> asked = new ArrayList<>();
        for (Subject subject : charted.chart().rows()) {
            for (Quantity quantity : style.columns()) {
                Cell cell = Cell.of(subject, quantity);
                boolean follows = !charted.relations().of(cell).isEmpty();
                if (follows && !ChartedCircuit.trivial(cell, charted.chart())) asked.add(cell);
            }
        }
        Say say = new Say(style);
        Backwards.Outcome outcome = Backwards.of(charted.relations(), givens, asked);
        return outcome.match(
                solved -> view(charted, "solved", say.solved(), solved.deduction(), List.of(solved.circuit())),
                missing -> view(charted, "not-enough", say.missing(missing), missing.deduction(), List.of()),
                contradictory ->
                        view(charted, "contradictory", say.contradictory(contradictory), known(givens), List.of()),
                several -> view(charted, "several", say.several(several), several.deduction(), several.circuits()),
                undecided -> view(charted, "undecided", say.undecided(), undecided.deduction(), List.of()));
    }

    private static Deduction known(List<Given> givens) {
        return new Deduction(List.of(), givens.stream().collect(Collectors.toMap(Given::cell, Given::value)), Set.of());
    }

    private static BackwardsView view(
            ChartedCircuit charted, String outcome, String sentence, Deduction deduction, List<Circuit> circuits) {
        HouseStyle style = charted.style();
        Map<Quantity, AmountFormat.Column> columns = new LinkedHashMap<>();
        for (Quantity quantity : style.columns()) {
            List<Double> amounts = deduction.values().entrySet().stream()
                    .filter(entry -> entry.getKey().quantity() == quantity)
                    .map(Map.Entry::getValue)
                    .toList();
            columns.put(quantity, style.numbers().column(quantity, amounts));
        }
        List<KnownRow> rows = new ArrayList<>();
        for (Subject subject : charted.chart().rows()) {
            Map<String, String> shown = new LinkedHashMap<>();
            columns.forEach((quantity, column) -> {
                Double value = deduction.values().get(Cell.of(subject, quantity));
                if (value != null) shown.put(quantity.word(), column.print(value));
            });
            rows.add(new KnownRow(subject.id(), subject.kind().name().toLowerCase(Locale.ROOT), shown));
        }
        return new BackwardsView(
                outcome,
                sentence,
                new ChartColumns(style, columns).views(),
                style.terms().whole(),
                rows,
                StepView.of(deduction, style),
                circuits.stream().map(Notation::print).toList());
    }

    /** The outcomes in words. */
    private record Say(HouseStyle style) {
        String solved() {
            return "Everything follows.";
        }

        String missing(Backwards.Outcome.NotEnough missing) {
            String named = missing.wouldDo().stream()
                    .limit(MOST_NAMED)
                    .map(this::cell)
                    .collect(Collectors.joining(missing.alone() ? ", " : " and "));
            if (missing.wouldDo().isEmpty()) return "Not enough is given: circuits with different values fit.";
            return missing.alone()
                    ? "Not enough is given. One of these would do: " + named
                            + (missing.wouldDo().size() > MOST_NAMED ? ", …" : "") + "."
                    : "Not enough is given. Together these would do: " + named + ".";
        }

        String contradictory(Backwards.Outcome.Contradictory contradictory) {
            List<String> names = contradictory.disagreeing().stream()
                    .map(given -> cell(given.cell()) + " = " + amount(given.cell(), given.value()))
                    .toList();
            Given last = contradictory.disagreeing().get(names.size() - 1);
            String instead = contradictory
                    .instead()
                    .map(value ->
                            " From the others, " + cell(last.cell()) + " would be " + amount(last.cell(), value) + ".")
                    .orElse("");
            int end = names.size() - 1;
            String all = end == 0
                    ? names.get(0) + " cannot be"
                    : String.join(", ", names.subList(0, end)) + " and " + names.get(end) + " disagree";
            return "Contradictory: " + all + "." + instead;
        }

        String several(Backwards.Outcome.Several several) {
            return "More than one solution: " + several.circuits().size() + " circuits fit.";
        }

        String undecided() {
            return "No single law goes on from here, and neither a solution nor a proof that there is none was found.";
        }

        private String cell(Cell cell) {
            return new Symbols(style.terms()).text(cell);
        }

        private String amount(Cell cell, double value) {
            return style.numbers().print(Amount.of(value, cell.quantity()));
        }
    }
}
