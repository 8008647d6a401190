package didaxis.server.question;

import didaxis.core.question.Question;
import didaxis.core.style.HouseStyle;
import didaxis.core.template.Condition;
import didaxis.core.template.Spread;
import didaxis.core.template.Template;
import didaxis.core.template.Thing;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;

/**
 * Something whose value varies, in JSON.
 *
 * @param thing E, r, the label of a part, t for the time or tariff
 * @param values "4 to 20 by 2", "E12 from 10 to 100", "2; 4; 8"
 */
public record VariedBody(String thing, String values) {
    private static final int MOST_CONDITIONS = 10;

    /**
     * What must be true of the values, in JSON.
     *
     * @param figures where the kind counts them
     */
    public record ConditionBody(
            @Schema(
                    allowableValues = {
                        "short-answers",
                        "short-currents",
                        "whole-totals",
                        "below-ratings",
                        "different-values",
                        "different-answers"
                    })
            String kind,

            @Schema(types = {"integer", "null"}) Integer figures) {
        static ConditionBody of(Condition condition) {
            return new ConditionBody(word(condition.kind()), condition.kind().counted() ? condition.figures() : null);
        }

        private static String word(Condition.Kind kind) {
            return kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        private Condition condition() {
            for (Condition.Kind one : Condition.Kind.values())
                if (one != Condition.Kind.WELL_POSED && word(one).equals(kind)) return condition(one);
            throw Problem.badRequest("“" + kind + "” is no condition for values.")
                    .with("field", "conditions");
        }

        private Condition condition(Condition.Kind one) {
            try {
                return new Condition(one, figures == null || !one.counted() ? 0 : figures);
            } catch (IllegalArgumentException e) {
                throw Problem.badRequest("A condition counts 1 to 6 figures.").with("field", "conditions");
            }
        }
    }

    /**
     * A question with what varies in it, and under which conditions.
     *
     * @param plain with the labels of the notation
     * @throws Problem if something is not in the circuit, or its values cannot be read
     */
    static Template template(QuestionBody body, Question plain, HouseStyle style) {
        Map<Thing, Spread> varied = new LinkedHashMap<>();
        for (VariedBody one : body.varies()) {
            if (one == null) throw Problem.badRequest("Say what varies.").with("field", "vary");
            Thing thing = one.thing(plain);
            if (varied.put(thing, one.spread(thing, style)) != null)
                throw Problem.badRequest("The values of " + thing.name() + " are said twice.")
                        .with("field", "vary");
        }
        return Template.of(plain, varied, conditions(body.conditions()));
    }

    /** @throws Problem if there is no such condition */
    static List<Condition> conditions(List<ConditionBody> bodies) {
        List<ConditionBody> all = bodies == null ? List.of() : bodies;
        if (all.size() > MOST_CONDITIONS || all.stream().anyMatch(Objects::isNull))
            throw Problem.badRequest("There are at most " + MOST_CONDITIONS + " conditions.")
                    .with("field", "conditions");
        return all.stream().map(ConditionBody::condition).toList();
    }

    private Thing thing(Question plain) {
        return Thing.named(thing, plain)
                .orElseThrow(() -> Problem.badRequest("“" + thing + "” has no value that could vary; these have: "
                                + Thing.of(plain).stream().map(Thing::name).collect(Collectors.joining(", ")) + ".")
                        .with("field", "vary")
                        .with("thing", thing));
    }

    private Spread spread(Thing known, HouseStyle style) {
        return Spread.parse(values == null ? "" : values, known.quantity(), style.numbers())
                .filter(spread -> spread.values().get(0) > 0 || known.mayBeZero())
                .orElseThrow(() -> Problem.badRequest("“" + values + "” for " + thing
                                + " cannot be read as values; expected " + Spread.EXPECTED + ".")
                        .with("field", "vary")
                        .with("thing", thing));
    }

    /** In the notation's own decimal sign. */
    VariedBody canonical(Question plain, HouseStyle style) {
        return new VariedBody(thing, spread(thing(plain), style).text());
    }
}
