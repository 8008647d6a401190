package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;

import didaxis.core.notation.Notation;
import didaxis.core.question.Question;
import didaxis.core.style.MarkingStyle;
import didaxis.core.template.Thing;
import didaxis.core.template.Values;
import didaxis.server.question.QuestionBody;
import didaxis.server.question.VariedQuestion;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** A question that is read once and given other values asks what it asks where it is written down with these and read. */
class VariedQuestionTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final double[] FACTORS = {0.5, 1, 1.5, 2, 4};
    /** With the acts that the examples of the page do not have. */
    private static final String OTHER_ACTS = """
            {"notation":"12 V r=0.5 : R1=5 + (R2=12 || L3=4) + VR4=3",
             "given":[{"subject":"total","quantity":"voltage"},{"subject":"R1","quantity":"resistance"}],
             "states":[{"act":{"act":"set","part":"VR4","value":"7"}},{"act":{"act":"out","part":"L3"}},
                       {"act":{"act":"in-series","part":"R5","value":"2","at":"R2"}},
                       {"act":{"act":"short","part":"R1"}},{"act":{"act":"lowered","part":"VR4"}}],
             "tasks":[{"kind":"calculate","state":3,"cells":[{"subject":"R2","quantity":"voltage"}]},
                      {"kind":"rank","state":4,"things":["R2","R5","VR4"],"quantity":"power"},
                      {"kind":"change","state":5,"cells":[{"subject":"R2","quantity":"current"}]}]}""";

    @Test
    void valuesThatAreGivenAskWhatValuesThatAreWrittenAsk() throws Exception {
        int compared = 0;
        List<String> examples =
                Stream.concat(QuestionTrial.examples(), Stream.of(OTHER_ACTS)).toList();
        for (String example : examples) {
            QuestionBody body = JSON.readValue(example, QuestionBody.class);
            if (body.notation() == null) continue;
            VariedQuestion question = new VariedQuestion(body);
            for (int seed = 0; seed < 20; seed++) {
                Values values = others(body.question(), new Random(seed));
                assertEquals(told(question.with(values).question()), told(question.asked(values)), example);
                compared++;
            }
        }
        assertEquals(180, compared);
    }

    private static Values others(Question question, Random random) {
        Map<String, Double> si = new LinkedHashMap<>();
        var circuit = question.state(0).circuit();
        for (Thing thing : Thing.of(question)) {
            double own = circuit.part(thing.name())
                    .map(part -> part.resistance())
                    .orElse(
                            thing.equals(Thing.EMF)
                                    ? circuit.source().emf()
                                    : circuit.source().internalResistance());
            if (thing.equals(Thing.TIME) || thing.equals(Thing.TARIFF)) own = 3_600;
            if (own > 0) si.put(thing.name(), own * FACTORS[random.nextInt(FACTORS.length)]);
        }
        return new Values(si);
    }

    private static List<String> told(Question question) {
        List<String> told = new ArrayList<>(List.of(question.stem()));
        question.states().forEach(state -> told.add(Notation.print(state.circuit()) + " " + state.told()));
        question.boxes()
                .forEach(box ->
                        told.add(box.id() + " " + box.marks() + " " + question.model(box, MarkingStyle.STANDARD)));
        question.flaws().forEach(flaw -> told.add(flaw.toString()));
        return told;
    }
}
