package didaxis.server.paper;

import didaxis.server.print.Pdf;
import didaxis.server.print.PrintedPages;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The pages that were looked at last: setting them takes a while, and each page is asked for by itself. */
@Component
class LatestPages {
    private static final int MOST = 8;

    private final Map<String, PrintedPages> latest = new LinkedHashMap<>(MOST, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, PrintedPages> eldest) {
            return size() > MOST;
        }
    };

    /** What tells a document from all others. */
    static String key(String html) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(html.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest, 0, 8);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** One at a time: two who look at once would only be slower, and take twice the memory. */
    synchronized PrintedPages of(String html, long owner) {
        String key = owner + " " + key(html);
        PrintedPages there = latest.get(key);
        if (there != null) return there;
        PrintedPages made = PrintedPages.of(Pdf.of(html));
        latest.put(key, made);
        return made;
    }

    /** Those that somebody has looked at under this key, if they are still there. */
    synchronized Optional<PrintedPages> ofKey(String key, long owner) {
        return Optional.ofNullable(latest.get(owner + " " + key));
    }
}
