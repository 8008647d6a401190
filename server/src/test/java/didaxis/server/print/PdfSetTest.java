package didaxis.server.print;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class PdfSetTest {
    private static final int DOCUMENTS = 12;
    private static final String PAGE = """
            <html lang="en"><head><title>Sheet %1$d</title><style>body { font-family: "IBM Plex Sans" }</style></head>
            <body><p>Sheet %1$d of an office, Ω √ 2</p>
            <p><svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 20" style="width:40px;height:20px"><polyline points="0,0 40,0" stroke="#000" stroke-width="1"/></svg></p></body></html>
            """;

    @Test
    void inWhateverOrderTheyComeAllOfThemStandInTheirPlaceAsTheyWere() throws Exception {
        List<Integer> order =
                new ArrayList<>(IntStream.range(0, DOCUMENTS).boxed().toList());
        Collections.shuffle(order, new Random(7));
        try (PdfSet set = new PdfSet(DOCUMENTS)) {
            order.parallelStream().forEach(place -> add(set, place));
            try (PDDocument whole = Loader.loadPDF(set.finished("All sheets"))) {
                assertEquals("All sheets", whole.getDocumentInformation().getTitle());
                assertEquals(DOCUMENTS, whole.getNumberOfPages());
                for (int page = 0; page < DOCUMENTS; page++) {
                    PDFTextStripper text = new PDFTextStripper();
                    text.setStartPage(page + 1);
                    text.setEndPage(page + 1);
                    assertEquals(
                            "Sheet " + page + " of an office, Ω √ 2",
                            text.getText(whole).strip());
                    for (COSName name : whole.getPage(page).getResources().getFontNames()) {
                        PDFont font = whole.getPage(page).getResources().getFont(name);
                        assertTrue(font.isEmbedded(), font::getName);
                    }
                }
                assertTrue(whole.getDocumentCatalog().getMarkInfo().isMarked());
                assertNotNull(whole.getDocumentCatalog().getStructureTreeRoot().getK(), "tagged");
            }
        }
    }

    @Test
    void documentsSetAsOneBeginOnAPageOfTheirOwnAndCountFromOne() throws IOException {
        List<String> sheets = IntStream.of(90, 1, 60)
                .mapToObj(lines -> "<html lang=\"en\"><head><title>Sheets</title><style>" + Pdf.css()
                        + "</style></head><body><div class=\"copy\">"
                        + ("<p>Lamp " + lines + "</p>").repeat(lines)
                        + "</div></body></html>")
                .toList();
        try (PDDocument one = Pdf.ofAll(sheets)) {
            List<String> pages = new ArrayList<>();
            for (int page = 1; page <= one.getNumberOfPages(); page++) {
                PDFTextStripper text = new PDFTextStripper();
                text.setStartPage(page);
                text.setEndPage(page);
                pages.add(String.join(" ", text.getText(one).lines().distinct().toList()));
            }
            assertEquals(
                    List.of(
                            "1 / 3 Lamp 90",
                            "2 / 3 Lamp 90",
                            "3 / 3 Lamp 90",
                            "1 / 1 Lamp 1",
                            "1 / 2 Lamp 60",
                            "2 / 2 Lamp 60"),
                    pages);
        }
    }

    private static void add(PdfSet set, int place) {
        try {
            set.add(place, Pdf.ofAll(List.of(PAGE.formatted(place))));
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void oneThatIsMissingIsNotLeftOutSilently() throws IOException {
        try (PdfSet set = new PdfSet(2)) {
            add(set, 1);
            assertThrows(IllegalStateException.class, () -> set.finished("Half"));
        }
    }
}
