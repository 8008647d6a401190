package didaxis.server.print;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.openhtmltopdf.css.sheet.FontFaceRule;
import com.openhtmltopdf.extend.SVGDrawer;
import com.openhtmltopdf.layout.SharedContext;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.drawing.Captions;
import didaxis.core.drawing.Drawing;
import didaxis.core.drawing.Plan;
import didaxis.core.drawing.Scene;
import didaxis.core.drawing.Svg;
import didaxis.core.notation.Notation;
import didaxis.core.style.HouseStyle.ResistorSymbol;
import didaxis.core.style.Terms;
import java.awt.FontFormatException;
import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Drawings are printed as a painter of all SVG (Apache Batik) prints them. */
class DrawingPainterTest {
    private static final List<String> CIRCUITS = List.of(
            "13.7 V r=0.53 : V1[S1=open + A1 + R1=4.31 + (R2=12.9 || R3=8.17)]",
            "24 V : F1=3 A + VR1=20 + ((L1=6 + W1) || H1=48 || (R2=12 + V2[R3=1k5]))",
            "24 V r=0.4 : R1=3.6 + (R2=24 || (R3=6 + (R4=20 || R5=5))) + .B + R6=330",
            "6 V : (R1=2 || R2=3) + (R3=4 || R4=5 || L12=7)");
    private static final List<Plan> PLANS = List.of(
            Plan.USUAL,
            new Plan(Plan.Arrangement.LINE, 1, 0, ResistorSymbol.ZIGZAG, Plan.Arrows.CONVENTIONAL, true, true),
            new Plan(Plan.Arrangement.DISGUISED, 3, 5, ResistorSymbol.RECTANGLE, Plan.Arrows.CONVENTIONAL, true, true),
            new Plan(Plan.Arrangement.DISGUISED, 3, 11, ResistorSymbol.ZIGZAG, Plan.Arrows.ELECTRON_FLOW, false, true));

    /** Of 255, by which a point may differ at the edge of a stroke, and the share of points that may differ by more. */
    private static final int EDGE = 60;

    private static final double FEW = 0.0005;
    private static final double WIDEST = 600;

    private static final String PAGE = """
            <html lang="en"><head><title>Drawings</title><style>body { font-family: "IBM Plex Sans" }
            div { page-break-inside: avoid; margin: 9px }</style></head><body>%s</body></html>
            """;

    private static String drawing(String notation, Plan plan) {
        Circuit circuit = Notation.circuit(notation);
        Captions captions = new Captions(
                circuit.parts().stream()
                        .collect(Collectors.toMap(Part::label, part -> List.of("1.25\u2009kΩ", "−3 V, µA"))),
                "24\u2009V",
                "0.5\u2009Ω",
                Terms.VOLTAGE,
                circuit.parts().stream().map(Part::label).collect(Collectors.toSet()));
        Scene scene = Drawing.of(circuit, captions, plan, 460, 250);
        double scale = Math.min(1, WIDEST / scene.width());
        return "<div>"
                + Svg.print(scene, "A circuit <drawn> & described")
                        .replaceFirst(
                                "width=\"[0-9.]+\" height=\"[0-9.]+\"",
                                "style=\"width:" + scale * scene.width() + "px;height:" + scale * scene.height()
                                        + "px\"")
                        .replaceFirst("font-family=\"[^\"]*\"", "font-family=\"" + Pdf.FONT + "\"")
                + "</div>";
    }

    private static SVGDrawer batik() {
        return new BatikSVGDrawer() {
            @Override
            public void importFontFaceRules(List<FontFaceRule> rules, SharedContext context) {
                super.importFontFaceRules(rules, context);
                try {
                    addFontStream(() -> font("400Regular"), Pdf.FONT, 400, FontStyle.NORMAL);
                    addFontStream(() -> font("400Regular_Italic"), Pdf.FONT, 400, FontStyle.ITALIC);
                } catch (IOException | FontFormatException e) {
                    throw new AssertionError(e);
                }
            }
        };
    }

    private static PDDocument printed(String html, SVGDrawer drawings) throws IOException {
        try (PDDocument document = Pdf.set(html, drawings);
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.save(out);
            return Loader.loadPDF(out.toByteArray());
        }
    }

    private static InputStream font(String face) {
        return DrawingPainterTest.class.getResourceAsStream("/print-fonts/IBMPlexSans_" + face + ".ttf");
    }

    private static double share(BufferedImage one, BufferedImage other) {
        Raster a = one.getRaster();
        Raster b = other.getRaster();
        long differ = IntStream.range(0, a.getWidth() * a.getHeight())
                .filter(at -> Math.abs(a.getSample(at % a.getWidth(), at / a.getWidth(), 0)
                                - b.getSample(at % a.getWidth(), at / a.getWidth(), 0))
                        > EDGE)
                .count();
        return (double) differ / (a.getWidth() * a.getHeight());
    }

    @Test
    void everyDrawingIsPrintedAsAPainterOfAllSvgPrintsIt() throws IOException {
        String html = PAGE.formatted(CIRCUITS.stream()
                .flatMap(circuit -> PLANS.stream().map(plan -> drawing(circuit, plan)))
                .collect(Collectors.joining()));
        try (PDDocument ours = printed(html, new DrawingPainter());
                PDDocument theirs = printed(html, batik())) {
            assertEquals(theirs.getNumberOfPages(), ours.getNumberOfPages());
            String read = new PDFTextStripper().getText(ours);
            for (String text : List.of("VR1", "L12", "1.25\u2009kΩ", "−3 V, µA", "0.5\u2009Ω", "+", "a", "B"))
                assertTrue(read.lines().anyMatch(text::equals), () -> text + " must be read in " + read);
            for (int page = 0; page < ours.getNumberOfPages(); page++) {
                double share = share(
                        new PDFRenderer(ours).renderImageWithDPI(page, 72, ImageType.GRAY),
                        new PDFRenderer(theirs).renderImageWithDPI(page, 72, ImageType.GRAY));
                assertTrue(share < FEW, "share of points that differ (" + share + ")");
            }
        }
    }

    @Test
    void whatNoDrawingIsMadeOfIsNotLeftOutSilently() {
        String html =
                PAGE.formatted("<svg style=\"width:9px;height:9px\" viewBox=\"0 0 9 9\"><path d=\"M0 0H9\"/></svg>");
        assertThrows(RuntimeException.class, () -> Pdf.of(html));
    }
}
