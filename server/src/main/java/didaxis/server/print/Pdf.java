package didaxis.server.print;

import com.openhtmltopdf.extend.FSSupplier;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FSFontUseCase;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.multipdf.PDFMergerUtility;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;

/** A document of pages: tagged, with its fonts in it. */
public final class Pdf {
    public static final String FONT = "IBM Plex Sans";
    private static final Set<FSFontUseCase> EVERYWHERE = EnumSet.of(FSFontUseCase.DOCUMENT, FSFontUseCase.SVG);
    private static final int REGULAR = 400;
    private static final int SEMIBOLD = 600;

    private Pdf() {}

    /**
     * @param html well-formed, with a title and a language; it may have SVG in it, and refers to nothing outside it
     */
    public static byte[] of(String html) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            new PdfRendererBuilder()
                    .useFastMode()
                    .usePdfUaAccessibility(true)
                    .useSVGDrawer(new BatikSVGDrawer())
                    .useFont(font("400Regular"), FONT, REGULAR, FontStyle.NORMAL, true, EVERYWHERE)
                    .useFont(font("400Regular_Italic"), FONT, REGULAR, FontStyle.ITALIC, true, EVERYWHERE)
                    .useFont(font("600SemiBold"), FONT, SEMIBOLD, FontStyle.NORMAL, true, EVERYWHERE)
                    .withHtmlContent(html, null)
                    .toStream(out)
                    .run();
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Documents one after the other as one, with a title of its own; it is tagged as they are. */
    static byte[] joined(String title, List<byte[]> documents) throws IOException {
        PDFMergerUtility merger = new PDFMergerUtility();
        for (byte[] document : documents) merger.addSource(new RandomAccessReadBuffer(document));
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            merger.setDestinationStream(out);
            PDDocumentInformation information = new PDDocumentInformation();
            information.setTitle(title);
            merger.setDestinationDocumentInformation(information);
            merger.mergeDocuments(IOUtils.createMemoryOnlyStreamCache());
            return out.toByteArray();
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
        String place = "/print-fonts/IBMPlexSans_" + face + ".ttf";
        return () -> {
            InputStream font = Pdf.class.getResourceAsStream(place);
            if (font == null) throw new IllegalStateException("font (" + place + ") must be on the class path");
            return font;
        };
    }
}
