package didaxis.server.print;

import com.openhtmltopdf.extend.FSSupplier;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FSFontUseCase;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;

/** A document of pages: tagged, with its fonts in it. */
public final class Pdf {
    public static final String FONT = "IBM Plex Sans";
    private static final Set<FSFontUseCase> EVERYWHERE = EnumSet.of(FSFontUseCase.DOCUMENT, FSFontUseCase.SVG);
    private static final int REGULAR = 400;
    private static final int SEMIBOLD = 600;

    /** Where the number of tables and their entries stand in a font, and how long an entry is (OpenType, ISO/IEC 14496-22). */
    private static final int TABLES = 4;

    private static final int FIRST_ENTRY = 12;
    private static final int ENTRY = 16;
    private static final int LIGATURES =
            ByteBuffer.wrap("GSUB".getBytes(StandardCharsets.US_ASCII)).getInt();
    private static final int NO_TABLE =
            ByteBuffer.wrap("none".getBytes(StandardCharsets.US_ASCII)).getInt();
    private static final String BODY = "<body>";
    private static final String BODY_ENDS = "</body>";
    private static final Map<String, byte[]> FONTS = new ConcurrentHashMap<>();

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
        PdfRendererBuilder builder = new PdfRendererBuilder()
                .useFastMode()
                .usePdfUaAccessibility(true)
                .useSVGDrawer(new BatikSVGDrawer())
                .useFont(font("400Regular"), FONT, REGULAR, FontStyle.NORMAL, true, EVERYWHERE)
                .useFont(font("400Regular_Italic"), FONT, REGULAR, FontStyle.ITALIC, true, EVERYWHERE)
                .useFont(font("600SemiBold"), FONT, SEMIBOLD, FontStyle.NORMAL, true, EVERYWHERE)
                .withHtmlContent(html, null);
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

    private static FSSupplier<InputStream> font(String face) {
        byte[] font = FONTS.computeIfAbsent(face, Pdf::withoutLigatures);
        return () -> new ByteArrayInputStream(font);
    }

    /** Looking for ligatures takes a seventh of the time to set a page; under another name their table is not found. */
    private static byte[] withoutLigatures(String face) {
        String place = "/print-fonts/IBMPlexSans_" + face + ".ttf";
        try (InputStream file = Pdf.class.getResourceAsStream(place)) {
            if (file == null) throw new IllegalStateException("font (" + place + ") must be on the class path");
            ByteBuffer font = ByteBuffer.wrap(file.readAllBytes());
            int tables = font.getShort(TABLES);
            for (int entry = FIRST_ENTRY; entry < FIRST_ENTRY + tables * ENTRY; entry += ENTRY)
                if (font.getInt(entry) == LIGATURES) font.putInt(entry, NO_TABLE);
            return font.array();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
