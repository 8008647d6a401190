package didaxis.server.print;

import java.io.ByteArrayOutputStream;
import java.io.Closeable;
import java.io.IOException;
import java.util.concurrent.locks.ReentrantLock;
import org.apache.pdfbox.multipdf.PDFMergerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;

/**
 * Documents that become one, put together in their order while others are still being set; it is tagged as they are. For
 * several threads.
 */
final class PdfSet implements Closeable {
    private final PDDocument[] made;
    private final PDFMergerUtility merger = new PDFMergerUtility();
    private final PDDocument whole = new PDDocument();
    private int joined;

    private final ReentrantLock turn = new ReentrantLock();

    PdfSet(int documents) {
        made = new PDDocument[documents];
    }

    /** Takes the document of a place, to close it, and puts together what is there, unless another thread is at that. */
    void add(int place, PDDocument document) throws IOException {
        synchronized (made) {
            made[place] = document;
        }
        if (!turn.tryLock()) return;
        try {
            join();
        } finally {
            turn.unlock();
        }
    }

    private void join() throws IOException {
        for (PDDocument next = next(); next != null; next = next()) {
            // What is taken into the whole is copied.
            try (PDDocument part = next) {
                merger.appendDocument(whole, part);
            }
            joined++;
        }
    }

    /** The document that comes next, once; null where it is not there yet. */
    private PDDocument next() {
        synchronized (made) {
            int place = joined;
            if (place == made.length || made[place] == null) return null;
            PDDocument next = made[place];
            made[place] = null;
            return next;
        }
    }

    /** All of them under a title, when each was added. */
    byte[] finished(String title) throws IOException {
        turn.lock();
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            join();
            if (joined < made.length)
                throw new IllegalStateException(joined + " of " + made.length + " documents are there");
            PDDocumentInformation information = new PDDocumentInformation();
            information.setTitle(title);
            whole.setDocumentInformation(information);
            whole.save(out);
            return out.toByteArray();
        } finally {
            turn.unlock();
        }
    }

    @Override
    public void close() throws IOException {
        for (PDDocument left : made) if (left != null) left.close();
        whole.close();
    }
}
