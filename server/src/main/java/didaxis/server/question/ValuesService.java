package didaxis.server.question;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Question;
import didaxis.core.style.HouseStyle;
import didaxis.core.template.Condition;
import didaxis.core.template.NiceValues;
import didaxis.core.template.Template;
import didaxis.core.template.Thing;
import didaxis.core.template.ValueSets;
import didaxis.core.template.Values;
import didaxis.core.wording.ConditionSentence;
import didaxis.server.circuit.CellView;
import didaxis.server.circuit.StyleView;
import didaxis.server.config.Problem;
import didaxis.server.question.VariedBody.ConditionBody;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Finds values for questions: the sets that a template has, and nice ones for a question as it stands. */
@Service
class ValuesService {
    private static final int MOST_SETS = 500;
    private static final int SHOWN = 12;
    private static final long SEED = 1;
    /** So many of the found sets are charted to say how far values spread. */
    private static final int CHARTED = 100;

    private static final List<Quantity> COLUMNS =
            List.of(Quantity.RESISTANCE, Quantity.VOLTAGE, Quantity.CURRENT, Quantity.POWER);

    /** A value as one writes it. */
    record ValueView(String thing, String shown) {}

    /** How far a cell of the circuit as drawn goes from the least to the greatest of all variants. */
    record SpreadView(CellView cell, String least, String greatest) {}

    /**
     * @param things what could vary in this question
     * @param count how many sets were found; that and no more there are where {@code all} is true
     * @param sets the first of them
     * @param difficulty each that the first of them have: more than one where some are harder than others
     * @param none why there is none; empty where there are some
     */
    record ValuesView(
            List<String> things,
            int count,
            boolean all,
            List<List<ValueView>> sets,
            List<SpreadView> spread,
            List<DifficultyWord> difficulty,
            String none) {}

    /** A circuit with other values, and which of them are others. */
    record NiceView(String notation, List<ValueView> changed) {}

    ValuesView find(QuestionBody body, String styleName) {
        HouseStyle style = StyleView.named(styleName);
        Template template = VariedBody.template(body, checked(body).plain(style), style);
        List<String> things =
                Thing.of(template.question()).stream().map(Thing::name).toList();
        if (body.varies().isEmpty()) return new ValuesView(things, 0, true, List.of(), List.of(), List.of(), "");
        ValueSets sets = ValueSets.find(template, SEED, MOST_SETS);
        return new ValuesView(
                things,
                sets.found().size(),
                sets.all(),
                sets.found().stream()
                        .limit(SHOWN)
                        .map(one -> view(one, template))
                        .toList(),
                spread(template, sets, style.numbers()),
                difficulty(template, sets),
                ConditionSentence.none(sets));
    }

    private static QuestionBody checked(QuestionBody body) {
        if (body == null)
            throw Problem.badRequest("A question is needed: body.").with("field", "body");
        return body;
    }

    private static List<ValueView> view(Values values, Template template) {
        return values.si().entrySet().stream()
                .map(one -> view(one.getKey(), one.getValue(), template.question()))
                .toList();
    }

    private static ValueView view(String name, double si, Question question) {
        Quantity quantity = Thing.named(name, question).orElseThrow().quantity();
        return new ValueView(name, AmountFormat.STANDARD.exactly(Amount.of(si, quantity)));
    }

    private static List<DifficultyWord> difficulty(Template template, ValueSets sets) {
        return sets.found().stream()
                .limit(QuestionSize.judged(template.question(), CHARTED))
                .flatMap(values -> template.with(values).stream())
                .map(DifficultyWord::of)
                .distinct()
                .sorted()
                .toList();
    }

    private static List<SpreadView> spread(Template template, ValueSets sets, AmountFormat format) {
        List<Chart> charts = sets.found().stream()
                .limit(CHARTED)
                .flatMap(values -> template.drawn(values).stream())
                .toList();
        List<SpreadView> spread = new ArrayList<>();
        if (charts.isEmpty()) return spread;
        for (var row : charts.get(0).rows())
            for (Quantity quantity : COLUMNS) {
                Cell cell = Cell.of(row, quantity);
                double[] values = charts.stream()
                        .map(chart -> chart.value(cell))
                        .filter(OptionalDouble::isPresent)
                        .mapToDouble(OptionalDouble::getAsDouble)
                        .sorted()
                        .toArray();
                if (values.length == 0) continue;
                spread.add(new SpreadView(
                        CellView.of(cell),
                        format.print(Amount.of(values[0], quantity)),
                        format.print(Amount.of(values[values.length - 1], quantity))));
            }
        return spread;
    }

    /** Nice values for a question as it stands; where no conditions are said, two figures for all that is asked. */
    NiceView nice(QuestionBody body, String styleName, List<ConditionBody> wanted) {
        HouseStyle style = StyleView.named(styleName);
        Question plain = checked(body).plain(style);
        if (plain.states().isEmpty())
            throw Problem.badRequest("Without a circuit there are no values.").with("field", "notation");
        List<Condition> conditions = wanted == null || wanted.isEmpty()
                ? List.of(new Condition(Condition.Kind.SHORT_ANSWERS, 2))
                : VariedBody.conditions(wanted);
        Values values = NiceValues.of(plain, conditions)
                .orElseThrow(() -> Problem.of(
                                HttpStatus.UNPROCESSABLE_CONTENT,
                                "With up to four values changed none were found such that "
                                        + String.join(
                                                " and ",
                                                conditions.stream()
                                                        .map(ConditionSentence::say)
                                                        .toList())
                                        + ".")
                        .with("reason", "none-found"));
        return nice(plain, values);
    }

    private static NiceView nice(Question plain, Values values) {
        Chart own = plain.state(0).chart();
        Chart drawn = values.in(own).orElseThrow();
        List<ValueView> changed = values.si().entrySet().stream()
                .filter(one -> own.circuit()
                                .part(one.getKey())
                                .map(part -> part.resistance())
                                .orElse(own.circuit().source().emf())
                        != one.getValue())
                .map(one -> view(one.getKey(), one.getValue(), plain))
                .toList();
        return new NiceView(Notation.print(drawn.circuit()), changed);
    }
}
