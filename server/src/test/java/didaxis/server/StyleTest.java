package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.HouseStyle.ParallelForm;
import didaxis.core.style.HouseStyle.ResistorSymbol;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Everything that is said of a circuit, anywhere, is said in the words, letters and numbers of the style. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class StyleTest {
    @RegisterExtension
    final School school = School.DEMO;

    private static final JsonMapper JSON = new JsonMapper();

    /** Meters, a point, internal resistance, ratings, and switches that leave voltages and currents undecided. */
    private static final String CIRCUIT =
            "9 V r=0.5 : A1 + V1[L1=6{2 V, 0.5 W}] + .B + (S3 || S4) + (R2=4.7 || (A2 + R3=2.2)"
                    + " || (S1=open + S2=open + R4=7))";

    /** Names by which programs speak to each other, and the notation, which is the same in every style. */
    private static final Set<String> NO_WORDS =
            Set.of("notation", "notations", "setting", "quantity", "kind", "condition", "settings", "scene");

    private Person teacher;

    static Stream<HouseStyle> presets() {
        return HouseStyle.PRESETS.stream();
    }

    private JsonNode post(String path, HouseStyle style, String more) {
        if (teacher == null) teacher = school.signedIn("teacher");
        ObjectNode body = (ObjectNode) JSON.readTree("{" + more + "}");
        body.put("notation", CIRCUIT).put("style", style.name());
        School.Answer answer = teacher.post("/api/circuits/" + path, body.toString());
        assertEquals(200, answer.status(), answer::toString);
        return answer.json();
    }

    private static void collect(JsonNode node, List<String> into) {
        if (node.isString()) into.add(node.asString());
        for (JsonNode element : node.isArray() ? node : JSON.createArrayNode()) collect(element, into);
        node.propertyStream()
                .filter(field -> !NO_WORDS.contains(field.getKey()))
                .forEach(field -> collect(field.getValue(), into));
    }

    private List<String> everythingSaid(HouseStyle style) {
        List<String> said = new ArrayList<>();
        collect(post("analysis", style, ""), said);
        collect(post("working", style, ""), said);
        collect(post("folding", style, ""), said);
        collect(post("change", style, "\"part\":\"R2\",\"act\":\"set\",\"text\":\"1.5\""), said);
        collect(post("change", style, "\"part\":\"S1\",\"act\":\"close\""), said);
        String known = "{\"cell\":{\"subject\":\"R2\",\"quantity\":\"%s\"},\"text\":\"%s\"}";
        collect(post("backwards", style, "\"known\":[" + known.formatted("resistance", "4700m") + "]"), said);
        collect(
                post(
                        "backwards",
                        style,
                        "\"known\":[" + known.formatted("resistance", "4") + "," + known.formatted("voltage", "2") + ","
                                + known.formatted("current", "1") + "]"),
                said);
        return said;
    }

    @ParameterizedTest
    @MethodSource("presets")
    void wordsLettersAndNumbersAreTheStyles(HouseStyle style) {
        List<String> said = everythingSaid(style);
        assertTrue(said.size() > 300, "things said: " + said.size());
        Pattern otherSign = Pattern.compile(style.numbers().decimalSign() == ',' ? "\\d\\.\\d" : "\\d,\\d");
        boolean potential = !style.terms().voltage().equals("voltage");
        boolean letterE = style.terms().voltageLetter().equals("E");
        boolean product = style.parallelForm() == ParallelForm.PRODUCT_OVER_SUM;
        for (String one : said) {
            assertFalse(otherSign.matcher(one).find(), one);
            if (potential) assertFalse(one.matches("(?s).*\\b[Vv]oltages?\\b.*"), one);
            if (letterE) assertFalse(one.matches("(?s).*\\bV[₀-₉ₐ-ₜ]* [=×].*"), one);
            if (!product) assertFalse(one.matches("R.* × R.*/.*R.* \\+ R.*"), one);
        }
        assertTrue(said.stream().anyMatch(one -> one.contains(style.terms().voltage())));
        assertTrue(said.stream()
                .anyMatch(one -> one.contains("the " + style.terms().whole() + " resistance")));
        assertTrue(said.stream().anyMatch(one -> one.startsWith(style.terms().voltageLetter() + "₂ = ")));
    }

    @ParameterizedTest
    @MethodSource("presets")
    void theChartHasItsColumnsAndTheDrawingItsSymbols(HouseStyle style) {
        JsonNode analysis = post("analysis", style, "");
        List<String> columns = new ArrayList<>();
        for (JsonNode column : analysis.get("columns"))
            columns.add(column.get("quantity").asString());
        assertEquals(style.columns().stream().map(Quantity::word).toList(), columns);
        int corners = 0;
        for (JsonNode line : analysis.get("scene").get("lines")) {
            boolean resistor = line.get("part").asString().equals("R2")
                    && line.get("role").asString().equals("symbol");
            if (resistor)
                corners = Math.max(corners, line.get("points").asString().split(" ").length);
        }
        assertEquals(style.resistor() == ResistorSymbol.ZIGZAG, corners > 4, "corners of R2: " + corners);
        JsonNode stages = post("folding", style, "").get("stages");
        String last = stages.get(stages.size() - 1).get("scene").get("texts").toString();
        assertTrue(last.contains("\"R" + style.terms().totalIndex() + "\""), last);
        for (JsonNode row : analysis.get("rows")) {
            boolean group = row.get("kind").asString().equals("group");
            if (group) assertEquals(style.groupPowers(), row.get("shown").has("power"), row::toString);
        }
    }

    @ParameterizedTest
    @MethodSource("presets")
    void theDecimalSignDecidesWhatAnAmbiguousNumberMeans(HouseStyle style) {
        String known = "\"known\":[{\"cell\":{\"subject\":\"R2\",\"quantity\":\"resistance\"},\"text\":\"1.250 Ω\"}]";
        JsonNode worked = post("backwards", style, known);
        boolean comma = style.numbers().decimalSign() == ',';
        for (JsonNode column : worked.get("columns")) {
            if (column.get("quantity").asString().equals("resistance"))
                assertEquals(comma ? "kΩ" : "Ω", column.get("unit").asString());
        }
        for (JsonNode row : worked.get("rows")) {
            if (!row.get("id").asString().equals("R2")) continue;
            String shown = row.get("shown").get("resistance").asString();
            assertTrue(shown.startsWith(comma ? "1,25" : "1.25"), shown);
        }
    }

    /** In a value that is solved for no law is to be seen, nor the last figures of the search for it. */
    @ParameterizedTest
    @MethodSource("presets")
    void unknownsSolvedTogetherAreWrittenInTheStylesFiguresOnly(HouseStyle style) {
        teacher = school.signedIn("teacher");
        String known = List.of("R1:voltage:4", "R2:resistance:6", "R3:resistance:2", "total:power:12").stream()
                .map(one -> one.split(":"))
                .map(one ->
                        "{\"cell\":{\"subject\":\"%s\",\"quantity\":\"%s\"},\"text\":\"%s\"}".formatted((Object[]) one))
                .collect(Collectors.joining(","));
        JsonNode steps = teacher.post(
                        "/api/circuits/backwards",
                        "{\"notation\":\"12 V : R1=4 + R2=6 + R3=2\",\"style\":\"%s\",\"known\":[%s]}"
                                .formatted(style.name(), known))
                .json()
                .get("steps");
        List<JsonNode> together = steps.valueStream()
                .filter(step -> step.get("phase").asString().equals("together"))
                .toList();
        assertFalse(together.isEmpty());
        for (JsonNode step : together) {
            assertEquals("", step.get("formula").asString());
            assertTrue(step.get("text")
                    .asString()
                    .endsWith(" = " + step.get("result").asString()));
            assertEquals(2, step.get("text").asString().split(" = ").length, step::toString);
        }
    }

    /** A number without a unit stands under the unit that it means. */
    @Test
    void whatIsKnownStandsUnderTheUnitItIsReadIn() {
        teacher = school.signedIn("teacher");
        for (String text : List.of("0.05", "50 mA")) {
            JsonNode worked =
                    teacher.post("/api/circuits/backwards", """
                            {"notation":"12 V : R1=4 + R2=6","style":"ridge","known":[
                             {"cell":{"subject":"R1","quantity":"current"},"text":"%s"}]}""".formatted(text)).json();
            JsonNode current = worked.get("columns")
                    .valueStream()
                    .filter(column -> column.get("quantity").asString().equals("current"))
                    .findFirst()
                    .orElseThrow();
            boolean bare = text.equals("0.05");
            assertEquals(bare ? "A" : "mA", current.get("unit").asString());
            String other = worked.get("rows")
                    .valueStream()
                    .filter(row -> row.get("id").asString().equals("R2"))
                    .findFirst()
                    .orElseThrow()
                    .get("shown")
                    .get("current")
                    .asString();
            assertEquals(bare ? "0.0500" : "50.0", other);
        }
    }
}
