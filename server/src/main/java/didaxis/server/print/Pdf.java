package didaxis.server.print;

import com.openhtmltopdf.extend.SVGDrawer;
import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;

/** A document of pages: tagged, with its fonts in it. */
public final class Pdf {
    public static final String FONT = PageFonts.FAMILY;
    private static final String BODY = "<body>";
    private static final String BODY_ENDS = "</body>";

    private Pdf() {}

    /**
     * @param html well-formed, with a title and a language; it may have SVG in it, and refers to nothing outside it
     */
    public static byte[] of(String html) {
        try (PDDocument document = set(html);
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Several documents in the same style as one, to be joined with others; their fonts and their style are read but once. It
     * is the caller's to close.
     *
     * @param documents each as for {@link #of(String)}
     */
    static PDDocument ofAll(List<String> documents) throws IOException {
        StringBuilder whole = new StringBuilder();
        for (String document : documents) {
            int from = whole.isEmpty() ? 0 : document.indexOf(BODY) + BODY.length();
            whole.append(document, from, document.lastIndexOf(BODY_ENDS));
        }
        PDDocument document = set(whole.append(BODY_ENDS).append("</html>").toString());
        // Only what is saved has its fonts in it.
        document.save(OutputStream.nullOutputStream(), CompressParameters.NO_COMPRESSION);
        return document;
    }

    private static PDDocument set(String html) throws IOException {
        return set(html, new DrawingPainter());
    }

    static PDDocument set(String html, SVGDrawer drawings) throws IOException {
        PdfRendererBuilder builder = new PdfRendererBuilder()
                .useFastMode()
                .usePdfUaAccessibility(true)
                .useSVGDrawer(drawings)
                .withHtmlContent(html, null);
        PageFonts.addTo(builder);
        try (PdfBoxRenderer renderer = builder.buildPdfRenderer()) {
            return renderer.createPDFKeepOpen();
        }
    }

    /** How pages are set. */
    public static String css() {
        try (InputStream css = Pdf.class.getResourceAsStream("/print/page.css")) {
            return new String(css.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
