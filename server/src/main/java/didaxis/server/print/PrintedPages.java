package didaxis.server.print;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;

/** The pages of a document, to be looked at: a picture of each, and what can be read on it. */
public final class PrintedPages {
    private static final int DOTS_AN_INCH = 120;
    /** "1 / 3", which is no part of what is said. */
    private static final Pattern NUMBER = Pattern.compile("(?m)^\\d+ / \\d+\\s*$");

    private final byte[] pdf;
    private final Map<Integer, byte[]> pictures = new ConcurrentHashMap<>();
    private List<String> texts;

    private PrintedPages(byte[] pdf) {
        this.pdf = pdf;
    }

    public static PrintedPages of(byte[] pdf) {
        return new PrintedPages(pdf);
    }

    /** The file. */
    byte[] pdf() {
        return pdf;
    }

    /** What can be read on each page. */
    public synchronized List<String> texts() {
        if (texts == null) texts = read();
        return texts;
    }

    private List<String> read() {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFTextStripper stripper = new PDFTextStripper();
            List<String> read = new ArrayList<>();
            for (int page = 1; page <= document.getNumberOfPages(); page++) {
                stripper.setStartPage(page);
                stripper.setEndPage(page);
                read.add(NUMBER.matcher(stripper.getText(document))
                        .replaceFirst("")
                        .strip());
            }
            return List.copyOf(read);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A page as a picture, PNG; the first page is 0. */
    public byte[] png(int page) {
        return pictures.computeIfAbsent(page, this::drawn);
    }

    private byte[] drawn(int page) {
        try (PDDocument document = Loader.loadPDF(pdf);
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            BufferedImage image = new PDFRenderer(document).renderImageWithDPI(page, DOTS_AN_INCH, ImageType.GRAY);
            ImageIO.write(image, "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
