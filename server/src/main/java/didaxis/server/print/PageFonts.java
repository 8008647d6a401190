package didaxis.server.print;

import com.openhtmltopdf.extend.FSSupplier;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.awt.Font;
import java.awt.FontFormatException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;

/** The fonts of printed pages, which are in every document. */
enum PageFonts {
    REGULAR("400Regular", 400, FontStyle.NORMAL),
    ITALIC("400Regular_Italic", 400, FontStyle.ITALIC),
    SEMIBOLD("600SemiBold", 600, FontStyle.NORMAL);

    static final String FAMILY = "IBM Plex Sans";

    /** Where the number of tables and their entries stand in a font, and how long an entry is (OpenType, ISO/IEC 14496-22). */
    private static final int TABLES = 4;

    private static final int FIRST_ENTRY = 12;
    private static final int ENTRY = 16;

    private final int weight;
    private final FontStyle style;
    private final byte[] file;
    private final Font font;

    PageFonts(String face, int weight, FontStyle style) {
        this.weight = weight;
        this.style = style;
        file = withoutLigatures(face);
        font = drawn(file);
    }

    static void addTo(PdfRendererBuilder builder) {
        for (PageFonts one : values()) {
            FSSupplier<InputStream> file = () -> new ByteArrayInputStream(one.file);
            builder.useFont(file, FAMILY, one.weight, one.style, true);
        }
    }

    /** For what is drawn. */
    Font sized(float size) {
        // A document takes the italic file by this style, which a font from a file does not have by itself.
        return font.deriveFont(style == FontStyle.ITALIC ? Font.ITALIC : Font.PLAIN, size);
    }

    private static Font drawn(byte[] file) {
        try {
            return Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(file));
        } catch (FontFormatException e) {
            throw new IllegalStateException("a font that is part of the application must be readable", e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Looking for ligatures takes a seventh of the time to set a page; under another name their table is not found. */
    private static byte[] withoutLigatures(String face) {
        String place = "/print-fonts/IBMPlexSans_" + face + ".ttf";
        try (InputStream file = PageFonts.class.getResourceAsStream(place)) {
            if (file == null) throw new IllegalStateException("font (" + place + ") must be on the class path");
            ByteBuffer font = ByteBuffer.wrap(file.readAllBytes());
            int tables = font.getShort(TABLES);
            for (int entry = FIRST_ENTRY; entry < FIRST_ENTRY + tables * ENTRY; entry += ENTRY)
                if (font.getInt(entry) == tag("GSUB")) font.putInt(entry, tag("none"));
            return font.array();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static int tag(String table) {
        return ByteBuffer.wrap(table.getBytes(StandardCharsets.US_ASCII)).getInt();
    }
}
