package didaxis.server.question;

import didaxis.core.chart.Chart;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import didaxis.core.template.NiceValues;
import didaxis.core.template.Template;
import didaxis.core.template.Thing;
import didaxis.core.template.ValueSets;
import didaxis.core.template.Values;
import didaxis.server.question.QuestionBody.RunningBody;
import didaxis.server.question.VariedBody.ConditionBody;
import java.util.List;
import java.util.Optional;

/** A question with other values than its own. */
public record VariedQuestion(QuestionBody body) {
    /** So many combinations of values are looked at. */
    static final int TRIES = 12_000;

    /** Its values as they vary, and the question with the labels of the notation. */
    Template template(HouseStyle style) {
        return VariedBody.template(body, body.kept(style), style);
    }

    /** Sets of values of what varies: for the same seed the same, however many are wanted. */
    public ValueSets sets(long seed, int most) {
        return ValueSets.find(template(HouseStyle.RIDGE), seed, most, TRIES);
    }

    /** The question with a set of values, which vary no more. */
    public QuestionBody with(Values values) {
        return with(values, null, null);
    }

    /** The question with values instead of its own; what else varies still does. */
    QuestionBody correcting(Values values) {
        return with(values, body.vary(), body.conditions());
    }

    private QuestionBody with(Values values, List<VariedBody> vary, List<ConditionBody> conditions) {
        Chart drawn = values.in(body.kept(HouseStyle.RIDGE).state(0).chart()).orElseThrow(StatesReader::shorted);
        Double time = values.si().get(Thing.TIME.name());
        Double price = values.si().get(Thing.TARIFF.name());
        List<RunningBody> times = time == null
                ? body.running()
                : body.running().stream()
                        .map(one -> new RunningBody(one.things(), exactly(time, Quantity.TIME)))
                        .toList();
        return new QuestionBody(
                body.format(),
                body.title(),
                body.stem(),
                Notation.print(drawn.circuit()),
                body.drawing(),
                body.plan(),
                body.names(),
                times,
                price == null ? body.tariff() : exactly(price, Quantity.COST),
                body.given(),
                body.states(),
                vary,
                conditions,
                body.tasks());
    }

    private static String exactly(double si, Quantity quantity) {
        return AmountFormat.STANDARD.exactly(Amount.of(si, quantity));
    }

    /** The question with other values than it has, as nice as they are; empty where none are found, or there are none. */
    public Optional<QuestionBody> withOthers(long seed) {
        return NiceValues.others(body.kept(HouseStyle.RIDGE), seed).map(this::with);
    }
}
