package didaxis.server.question;

import didaxis.core.chart.Chart;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Question;
import didaxis.core.style.HouseStyle;
import didaxis.core.template.NiceValues;
import didaxis.core.template.Thing;
import didaxis.core.template.ValueSets;
import didaxis.core.template.Values;
import didaxis.core.wording.ConditionSentence;
import didaxis.server.question.QuestionBody.RunningBody;
import didaxis.server.question.VariedBody.ConditionBody;
import java.util.List;
import java.util.Optional;

/** A question with other values than its own; it is read once for all of them. */
public final class VariedQuestion {
    /** So many sets of values are kept of a question: more than a class has learners. */
    public static final int MOST_SETS = 300;

    private final QuestionBody body;
    private Question kept;

    public VariedQuestion(QuestionBody body) {
        this.body = body;
    }

    private synchronized Question kept() {
        if (kept == null) kept = body.kept(HouseStyle.RIDGE);
        return kept;
    }

    /**
     * Among how many questions of a paper the work of finding values is shared: those that vary, and up to the next power
     * of two, so that one more on the paper seldom changes how many sets the others have.
     */
    public static int sharing(List<QuestionContent> paper) {
        int varying = (int)
                paper.stream().filter(one -> !one.body().varies().isEmpty()).count();
        return varying < 2 ? 1 : 2 * Integer.highestOneBit(varying - 1);
    }

    /** Why no values were found; empty where some were. */
    public static String none(ValueSets sets, int sharing) {
        String why = ConditionSentence.none(sets);
        return why.isEmpty() || sets.all() || sharing == 1
                ? why
                : why + " On a paper with fewer questions that vary more are looked at.";
    }

    /**
     * Sets of values of what varies: for the same seed the same, however many are wanted.
     *
     * @param most so many are wanted
     * @param sharing among how many questions the work is shared: the more they are, the fewer sets of each are found
     */
    public ValueSets sets(long seed, int most, int sharing) {
        return ValueSets.find(VariedBody.template(body, kept(), HouseStyle.RIDGE), seed, most, sharing);
    }

    /** The question in the standard style as it is kept, as a learner meets it. */
    public Question asked() {
        return body.named(kept());
    }

    /** The same with a set of values. */
    public Question asked(Values values) {
        return body.named(kept().with(drawn(values)).orElseThrow(StatesReader::shorted));
    }

    private Chart drawn(Values values) {
        return values.in(kept().state(0).chart()).orElseThrow(StatesReader::shorted);
    }

    /** As it is written with a set of values, which vary no more. */
    public QuestionBody with(Values values) {
        return with(values, null, null);
    }

    /** The question with values instead of its own; what else varies still does. */
    QuestionBody correcting(Values values) {
        return with(values, body.vary(), body.conditions());
    }

    private QuestionBody with(Values values, List<VariedBody> vary, List<ConditionBody> conditions) {
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
                Notation.print(drawn(values).circuit()),
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

    /**
     * The question with other values than it has, as nice as they are; empty where none are found, or there are none.
     *
     * @param questions so many are looked for at once
     */
    public Optional<QuestionBody> withOthers(long seed, int questions) {
        return NiceValues.others(kept(), seed, questions).map(this::with);
    }
}
