package didaxis.core.marking;

import didaxis.core.change.Act;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.solving.OperatingPoint;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/** Made-up questions about a circuit before and after a part was taken out. */
final class TwoStates {
    private TwoStates() {}

    /** The emf from resistances and total current, then currents and voltages after a part was taken out. */
    static Optional<Question> of(Circuit circuit, Random random) {
        Optional<Chart> chart =
                OperatingPoint.of(circuit).match(point -> Optional.of(Chart.of(point)), shorted -> Optional.empty());
        List<Part> parts = circuit.parts().stream()
                .filter(part -> part.kind() != PartKind.SWITCH)
                .toList();
        if (chart.isEmpty() || parts.isEmpty()) return Optional.empty();
        Set<Cell> given = new LinkedHashSet<>(Set.of(Cell.current(Subject.TOTAL)));
        for (Subject row : chart.get().rows()) {
            boolean own = row.kind() == Subject.Kind.PART || row.kind() == Subject.Kind.INTERNAL;
            if (own && chart.get().value(Cell.resistance(row)).isPresent()) given.add(Cell.resistance(row));
        }
        State first = State.asDrawn(chart.get(), given);
        String out = parts.get(random.nextInt(parts.size())).label();
        Optional<State> second = first.after(new Act.Failed(out, Setting.Fault.OUT), Set.of());
        if (second.isEmpty() || chart.get().value(Cell.current(Subject.TOTAL)).orElse(0) == 0) return Optional.empty();
        Map<Cell, Integer> asked = new LinkedHashMap<>();
        for (Part part : circuit.parts()) {
            Cell cell = random.nextBoolean()
                    ? Cell.current(Subject.part(part.label()))
                    : Cell.voltage(Subject.part(part.label()));
            if (second.get().chart().value(cell).isPresent()) asked.put(cell, 2);
        }
        if (asked.isEmpty()) return Optional.empty();
        Question question = new Question(
                "",
                List.of(first, second.get()),
                List.of(
                        new Amounts("1.1", 0, Amounts.Command.CALCULATE, Map.of(Cell.voltage(Subject.TOTAL), 3)),
                        new Amounts("1.2", 1, Amounts.Command.CHART, asked)));
        return question.flaws().isEmpty() ? Optional.of(question) : Optional.empty();
    }

    /** What one would write, with every value this many times what it should be. */
    static Map<String, String> written(Question question, double times) {
        Map<String, String> answers = new HashMap<>();
        for (Box box : question.boxes()) {
            Box.Form.Amount amount = (Box.Form.Amount) box.form();
            double value =
                    question.state(amount.state()).chart().value(amount.cell()).orElseThrow();
            answers.put(
                    box.id(),
                    AmountFormat.STANDARD.print(
                            Amount.of(value * times, amount.cell().quantity())));
        }
        return answers;
    }
}
