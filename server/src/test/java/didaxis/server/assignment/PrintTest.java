package didaxis.server.assignment;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.style.ClassStyle;
import didaxis.server.print.Pdf;
import didaxis.server.question.QuestionBody;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureNode;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.StandardStructureTypes;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

/** What is printed is a document that a school can hand out: whole, tagged, in reading order, and without an answer on it. */
class PrintTest {
    private static final String BATTERY = """
            {"stem":"The battery bank of the hut, {E}, feeds a dryer.",
             "notation":"13.7 V r=0.53 : V1[S1=open + A1 + R1=4.31 + (R2=12.9 || R3=8.17)]",
             "given":[{"subject":"total","quantity":"voltage"},{"subject":"R1","quantity":"resistance"},
                      {"subject":"R2","quantity":"resistance"},{"subject":"R3","quantity":"resistance"},
                      {"subject":"internal","quantity":"resistance"}],
             "states":[{"act":{"act":"close","part":"S1"}}],
             "tasks":[{"kind":"write-down","cells":[{"subject":"V1","quantity":"voltage"}]},
                      {"kind":"calculate","state":1,"cells":[{"subject":"R23","quantity":"resistance"}]},
                      {"kind":"calculate","state":1,"cells":[{"subject":"A1","quantity":"current"}]},
                      {"kind":"chart","state":1,"cells":[{"subject":"R1","quantity":"voltage"},
                       {"subject":"R2","quantity":"current"}]},
                      {"kind":"change","state":1,"cells":[{"subject":"V1","quantity":"voltage"}]}]}""";
    private static final String LAMPS = """
            {"stem":"Two lamps on the mast.","notation":"12 V : L1=4 + L2=8",
             "tasks":[{"kind":"calculate","cells":[{"subject":"total","quantity":"current"}]}]}""";
    private static final String LONG = """
            {"notation":"24 V : %s","plan":{"arrangement":"line"},
             "tasks":[{"kind":"write-down","cells":[{"subject":"total","quantity":"current"}]}]}""".formatted(
            IntStream.rangeClosed(1, 12).mapToObj(k -> "R" + k + "=4.7k").collect(Collectors.joining(" + ")));
    private static final String WORDS = "{\"tasks\":[{\"kind\":\"define\",\"term\":\"power\"},{\"kind\":\"rules\"}]}";

    private static Paper paper(String... bodies) {
        JsonMapper json = new JsonMapper();
        return Paper.of(
                Stream.of(bodies)
                        .map(body -> json.readValue(body, QuestionBody.class))
                        .toList(),
                ClassStyle.STANDARD);
    }

    private static String page(boolean memo, String... bodies) {
        return page(memo ? Pages.MEMO : Pages.PAPER, PaperLayout.USUAL, bodies);
    }

    private static String page(Pages what, PaperLayout layout, String... bodies) {
        return what.html(Copy.blank("Test 1 <A & B>", "Workshop class"), paper(bodies), layout);
    }

    private static PDDocument document(boolean memo, String... bodies) throws IOException {
        return Loader.loadPDF(Pdf.of(page(memo, bodies)));
    }

    private static String text(PDDocument document) throws IOException {
        return new PDFTextStripper().getText(document).replace('\u2009', ' ').replaceAll("\\s+", " ");
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void aDocumentIsTaggedTitledInItsLanguageAndHasItsFontsInIt(boolean memo) throws IOException {
        try (PDDocument document = document(memo, BATTERY, WORDS)) {
            assertTrue(document.getDocumentInformation().getTitle().endsWith("Test 1 <A & B>"));
            assertEquals("en", document.getDocumentCatalog().getLanguage());
            assertTrue(document.getDocumentCatalog().getMarkInfo().isMarked());
            assertTrue(document.getDocumentCatalog().getStructureTreeRoot() != null);
            for (PDPage page : document.getPages())
                for (COSName name : page.getResources().getFontNames()) {
                    PDFont font = page.getResources().getFont(name);
                    assertTrue(font.isEmbedded() && font.getName().contains("IBMPlexSans"), font::getName);
                }
        }
    }

    @Test
    void aDrawingIsToldToThoseWhoDoNotSeeItAndItsTextsCanBeRead() throws IOException {
        try (PDDocument document = document(false, BATTERY)) {
            List<String> told = figures(document.getDocumentCatalog().getStructureTreeRoot())
                    .map(PDStructureElement::getAlternateDescription)
                    .toList();
            assertEquals(2, told.size());
            assertTrue(told.stream().allMatch(words -> words.contains("R2 and R3 in parallel")), told::toString);
            assertTrue(text(document).contains("12.9 Ω"));
        }
    }

    private static Stream<PDStructureElement> figures(PDStructureNode node) {
        return node.getKids().stream()
                .filter(PDStructureElement.class::isInstance)
                .map(PDStructureElement.class::cast)
                .flatMap(kid -> Stream.concat(
                        kid.getStructureType().equals(StandardStructureTypes.Figure) ? Stream.of(kid) : Stream.of(),
                        figures(kid)));
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void nothingStandsOutsideTheMargins(boolean memo) throws IOException {
        try (PDDocument document = document(memo, BATTERY, WORDS, LONG)) {
            List<String> outside = new ArrayList<>();
            PDFTextStripper stripper = new PDFTextStripper() {
                @Override
                protected void writeString(String text, List<TextPosition> positions) {
                    for (TextPosition one : positions)
                        if (one.getX() < 45
                                || one.getX() + one.getWidth() > 595 - 45
                                || one.getY() < 40
                                || one.getY() > 830) outside.add(one.toString());
                }
            };
            stripper.getText(document);
            assertEquals(List.of(), outside);
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 20, 22, 24, 26, 28, 30, 32, 34, 36, 38})
    void aQuestionIsNotPartedFromItsDrawing(int lines) throws IOException {
        PaperLayout filled =
                new PaperLayout("Read this line.\n".repeat(lines), null, null, null, null, null, null, null);
        try (PDDocument document = Loader.loadPDF(Pdf.of(page(Pages.PAPER, filled, LAMPS)))) {
            PDFTextStripper stripper = new PDFTextStripper();
            for (int page = 1; page <= document.getNumberOfPages(); page++) {
                stripper.setStartPage(page);
                stripper.setEndPage(page);
                String text = stripper.getText(document);
                boolean head = text.contains("Two lamps on the mast.");
                assertEquals(head, text.lines().anyMatch("L2"::equals), () -> "stem and drawing: " + text);
                assertEquals(head, text.contains("1.1 Calculate"), () -> "stem and first task: " + text);
            }
        }
    }

    @Test
    void aPaperReadsInOrderWithNumbersMarksAndTotals() throws IOException {
        try (PDDocument document = document(false, BATTERY, WORDS)) {
            String text = text(document);
            int at = -1;
            for (String next : List.of(
                    "Test 1 <A & B>",
                    "Name:",
                    "Class: Workshop class",
                    "18 marks",
                    "Question 1 [10]",
                    "The battery bank of the hut, 13.7 V, feeds a dryer.",
                    "1.1 Write down the reading of V1. (1)",
                    "S1 is closed.",
                    "1.2 Calculate the resistance of R23. (3)",
                    "1.4 Fill in the chart. (2)",
                    "increases / decreases / stays the same",
                    "Question 2 [8]",
                    "2.1 Define power. (2)",
                    "______________ is the same in all parts")) {
                int found = text.indexOf(next, at + 1);
                assertTrue(found > at, () -> next + " in its place in " + text);
                at = found;
            }
        }
    }

    @Test
    void noAnswerIsOnAPaperNorInWhatTheFileSaysOfItself() throws IOException {
        byte[] pdf = Pdf.of(page(false, BATTERY, WORDS));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String all =
                    text(document) + document.getDocumentInformation().getCOSObject() + page(false, BATTERY, WORDS);
            // R23 5.00, I 1.39 A, V1 12.96 V, V of R1 6.0 V, I of R2 0.540 A; the model definition; the rules' words.
            for (String answer :
                    List.of("5.00", "1.39", "12.96", "13.0", "6.00", "0.540", "Power is the energy", "reciprocal", "✓"))
                assertFalse(all.contains(answer), answer);
        }
        try (PDDocument memo = document(true, BATTERY, WORDS)) {
            String text = text(memo);
            for (String answer : List.of(
                    "5.00 Ω",
                    "1.39 A",
                    "Accept 1.38 A to 1.41 A",
                    "or",
                    "✓ ✓ ✓",
                    "R1 4.31 Ω 6.00 V R2 12.9 Ω 0.540 A",
                    "reciprocals",
                    "energy")) assertTrue(text.contains(answer), () -> answer + " in " + text);
            long ticks = text.chars().filter(one -> one == '✓').count();
            assertEquals(18, ticks);
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void aSourceAboveExtraLowVoltageHasItsCaution(boolean memo) throws IOException {
        String mains = "{\"notation\":\"230 V : R1=46 + R2=69\",\"tasks\":[{\"kind\":\"nesting\"}]}";
        try (PDDocument high = document(memo, mains);
                PDDocument low = document(memo, BATTERY)) {
            assertTrue(text(high).contains("On paper only"));
            assertFalse(text(low).contains("On paper only"));
        }
    }

    @Test
    void whatNoPageCanShowIsLeftOutAndTheRestIsPrinted() throws IOException {
        String odd = "Test \u0000\u0007<&>\uD800 \uD83D\uDD0B end";
        String html = Pages.PAPER.html(Copy.blank(odd, odd), paper(WORDS), PaperLayout.USUAL);
        try (PDDocument document = Loader.loadPDF(Pdf.of(html))) {
            assertTrue(document.getDocumentInformation().getTitle().startsWith("Test <&>"));
            assertTrue(text(document).contains("end"));
        }
    }
}
