package didaxis.server.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.xml.transform.OutputKeys;
import javax.xml.transform.Transformer;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.w3c.dom.Element;

/** The parts of an open text document packed into one file (OASIS OpenDocument 1.3, part 2). */
final class OpenDocumentFile {
    private static final String MIMETYPE = "application/vnd.oasis.opendocument.text";

    private OpenDocumentFile() {}

    /**
     * A file with this title.
     *
     * @param content the blocks of the text, as the format has them
     * @param pictures drawings as SVG, in their order in the content
     */
    static byte[] of(String title, String content, List<String> pictures) {
        try (ByteArrayOutputStream bytes = new ByteArrayOutputStream();
                ZipOutputStream zip = new ZipOutputStream(bytes, StandardCharsets.UTF_8)) {
            // The type comes first and as it is, so that it is found without unpacking anything.
            stored(zip, "mimetype", MIMETYPE.getBytes(StandardCharsets.US_ASCII));
            put(zip, "content.xml", part("content.xml").formatted(content).getBytes(StandardCharsets.UTF_8));
            put(zip, "styles.xml", part("styles.xml").getBytes(StandardCharsets.UTF_8));
            put(zip, "meta.xml", part("meta.xml").formatted(Html.escaped(title)).getBytes(StandardCharsets.UTF_8));
            StringBuilder manifest = new StringBuilder();
            for (int k = 1; k <= pictures.size(); k++) {
                put(zip, "Pictures/" + k + ".svg", pictures.get(k - 1).getBytes(StandardCharsets.UTF_8));
                manifest.append("<manifest:file-entry manifest:full-path=\"Pictures/")
                        .append(k)
                        .append(".svg\" manifest:media-type=\"image/svg+xml\"/>");
            }
            put(
                    zip,
                    "META-INF/manifest.xml",
                    part("manifest.xml").formatted(manifest).getBytes(StandardCharsets.UTF_8));
            zip.finish();
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void stored(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        CRC32 sum = new CRC32();
        sum.update(bytes);
        ZipEntry entry = new ZipEntry(name);
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(bytes.length);
        entry.setCrc(sum.getValue());
        zip.putNextEntry(entry);
        zip.write(bytes);
    }

    private static void put(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(bytes);
    }

    /** A part of every such document. */
    private static String part(String name) throws IOException {
        try (InputStream part = OpenDocument.class.getResourceAsStream("/print/odt/" + name)) {
            return new String(part.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** An element as XML. */
    static String serialised(Element element) {
        try (StringWriter out = new StringWriter()) {
            Transformer transformer = TransformerFactory.newInstance().newTransformer();
            transformer.setOutputProperty(OutputKeys.ENCODING, "UTF-8");
            transformer.transform(new DOMSource(element), new StreamResult(out));
            return out.toString();
        } catch (TransformerException | IOException e) {
            throw new IllegalStateException("a drawing cannot be written", e);
        }
    }
}
