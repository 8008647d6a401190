package didaxis.server.assignment;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.law.Relation;
import didaxis.core.law.Relations;
import didaxis.core.marking.BoxFinding;
import didaxis.core.quantity.Amount;
import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.style.ClassStyle;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.MarkingStyle;
import didaxis.core.wording.BoxChoices;
import didaxis.core.wording.BoxSentence;
import didaxis.core.wording.FindingSentence;
import didaxis.core.wording.HintSentence;
import didaxis.core.wording.WorkingSentence;
import didaxis.core.working.Deduction;
import didaxis.server.circuit.Circuits;
import didaxis.server.circuit.PlanView;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

/** What is kept of findings and formulas is all of them. */
class StoredFindingTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final List<String> CIRCUITS = List.of(
            "16 V : R1=5 + (R2=12 || R3=4)",
            "9 V r=0.5 : A1 + L1=6 + .B + (R2=4.7k || (A2 + R3=2.2k))",
            "24 V r=1 : V1[R1=3 + (R2=6 || R3=7 || R4=8)] + (L5=2 || (S6=open + R7=9))",
            "12 V : R1=24 || R2=19 + R3=4 + R4=9 || R5=1");

    private static Relations relations(String notation) {
        return Relations.of(Circuits.chart(Circuits.read(notation)));
    }

    @Test
    void everyFormulaOfEveryLawIsReadBackFromItsCode() {
        int count = 0;
        for (String notation : CIRCUITS) {
            Relations relations = relations(notation);
            for (Relation relation : relations.all()) {
                for (Cell cell : relation.cells()) {
                    for (var formula : relation.formulas(cell).toList()) {
                        Object code =
                                JSON.readValue(JSON.writeValueAsString(formula.with(FormulaCode.WRITER)), Object.class);
                        assertEquals(
                                formula,
                                FormulaCode.read(code, relations.chart().subjects()));
                        count++;
                    }
                }
            }
        }
        assertTrue(count > 500, count + " formulas");
    }

    @Test
    void aCodeThatIsNoneIsRefusedByItsSign() {
        String said = assertThrows(
                        IllegalArgumentException.class,
                        () -> FormulaCode.read(
                                List.of("%", 1, 2),
                                relations(CIRCUITS.get(0)).chart().subjects()))
                .getMessage();
        assertEquals("sign of a formula (%) must be one of + − × / ² √ V", said);
    }

    /** Sheets with right, rounded, wrong and carried answers, blanks and scrawls: read back, the same is said of each. */
    @Test
    void findingsAreReadBackAsTheyWere() {
        Random random = new Random(2026);
        Set<StoredFinding.Code> seen = EnumSet.noneOf(StoredFinding.Code.class);
        for (int sheet = 0; sheet < 200; sheet++) {
            Relations relations = relations(CIRCUITS.get(sheet % CIRCUITS.size()));
            Set<Cell> given = Deduction.fromResistancesAndEmf(relations.chart()).keySet();
            Map<Cell, String> typed = answers(relations, given, random);
            Map<Cell, Integer> marks = new LinkedHashMap<>();
            typed.keySet().forEach(cell -> marks.put(cell, 1));
            Question question = new Question(
                    "",
                    List.of(State.asDrawn(relations.chart(), given)),
                    List.of(new Amounts("1.1", 0, Amounts.Command.CHART, marks)));
            Paper paper = paper(question);
            Map<String, String> texts = new LinkedHashMap<>();
            paper.places()
                    .forEach((id, place) -> texts.put(
                            id, typed.get(((Box.Form.Amount) place.box().form()).cell())));
            List<Answer> sent = texts.entrySet().stream()
                    .map(one -> new Answer(one.getKey(), one.getValue()))
                    .toList();
            Judgement.of(paper, sent).findings().forEach((id, finding) -> {
                String kept = JSON.writeValueAsString(StoredFinding.of(id, finding));
                StoredFinding stored = JSON.readValue(kept, StoredFinding.class);
                assertEquals(finding, stored.in(paper, paper.places().get(id), SheetLines.read(paper, sent)), kept);
                assertTrue(!kept.contains("sentence") && kept.length() < 2000, kept);
                seen.add(stored.code());
            });
        }
        assertEquals(
                EnumSet.complementOf(EnumSet.of(
                        StoredFinding.Code.PARTLY, StoredFinding.Code.UNDECIDED, StoredFinding.Code.LEFT_OUT)),
                seen);
    }

    private static Paper paper(Question question) {
        return Paper.of(List.of(question), List.of(new Paper.Look(PlanView.USUAL, List.of())), ClassStyle.STANDARD);
    }

    /** What is said of a calculation, and what it earns, is the same where its lines are not read again. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "I = V/R\n= 12/6\n= 2 A",
                "Rt = 2 + 4 = 7\nI = 12/7 = 1.71 A",
                "I = 12/6",
                "I = 12/6 = 3 A",
                "I = 12 & 6 ?! = 2 A",
                "first the ammeter\nRt = 6",
                "I = 12/6 = 2 V",
                "I = 2 A"
            })
    void whatIsSaidOfAWorkingNeedsNoLines(String typed) {
        Relations relations = relations("12 V : R1=2 + R2=4");
        Set<Cell> given = Deduction.fromResistancesAndEmf(relations.chart()).keySet();
        Map<Cell, Integer> marks = Map.of(Cell.current(Subject.TOTAL), 3);
        Question question = new Question(
                "",
                List.of(State.asDrawn(relations.chart(), given)),
                List.of(new Amounts("1.1", 0, Amounts.Command.CALCULATE, marks)));
        Paper paper = paper(question);
        String id = paper.places().keySet().iterator().next();
        List<Answer> sent = List.of(new Answer(id, typed));
        BoxFinding finding = Judgement.of(paper, sent).findings().get(id);
        BoxFinding unread =
                StoredFinding.of(id, finding).in(paper, paper.places().get(id), SheetLines.unread(paper, sent));
        FindingSentence amounts = new FindingSentence(MarkingStyle.STANDARD.format());
        HouseStyle house = HouseStyle.RIDGE;
        BoxSentence said = new BoxSentence(amounts, new BoxChoices(house), new WorkingSentence(house));
        assertEquals(said.say(finding), said.say(unread));
        assertEquals(new HintSentence(amounts).say(finding), new HintSentence(amounts).say(unread));
        assertEquals(finding.points(), unread.points());
        assertEquals(StoredFinding.Code.of(finding), StoredFinding.Code.of(unread));
    }

    /** As somebody works who makes a mistake now and then and goes on from it. */
    private static Map<Cell, String> answers(Relations relations, Set<Cell> given, Random random) {
        Chart chart = relations.chart();
        Map<Cell, Double> own = new LinkedHashMap<>();
        given.forEach(cell -> own.put(cell, chart.value(cell).orElseThrow()));
        Map<Cell, String> typed = new LinkedHashMap<>();
        for (var step : Deduction.of(relations, own, relations.cells()).steps()) {
            Cell cell = step.cell();
            double value = step.formula().with(new didaxis.core.formula.Evaluation(own::get));
            if (random.nextInt(8) == 0) value *= 1 + random.nextDouble();
            value = MarkingStyle.STANDARD.format().rounded(Amount.of(value, cell.quantity()));
            own.put(cell, value);
            if (given.contains(cell)) continue;
            String printed = MarkingStyle.STANDARD.format().print(Amount.of(value, cell.quantity()));
            typed.put(
                    cell,
                    switch (random.nextInt(12)) {
                        case 0 -> "";
                        case 1 -> "about " + printed;
                        case 2 -> cutOff(chart.value(cell).orElseThrow());
                        default -> printed;
                    });
        }
        return typed;
    }

    /** Two figures and not rounded. */
    private static String cutOff(double value) {
        if (value <= 0) return "0";
        double place = Math.pow(10, Math.floor(Math.log10(value)) - 1);
        return new java.math.BigDecimal(Math.floor(value / place) * place)
                .round(new java.math.MathContext(2))
                .toPlainString();
    }
}
