package didaxis.server.print;

import didaxis.server.print.PrintJobs.JobView;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Documents on pages. A short one is set when it is asked for; a long one is a print of its own, so that nobody waits for
 * it without knowing how far it is. The latest are kept: each page is looked at by itself, and then the file is fetched.
 */
@Component
public class LatestPages {
    private static final int MOST = 8;
    /** In tags of HTML, some eight pages of a memo: to set them takes about half a second of one core. */
    private static final int SHORT = 4_000;

    private final PrintJobs jobs;
    private final Map<String, PrintedPages> latest = new LinkedHashMap<>(MOST, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, PrintedPages> eldest) {
            return size() > MOST;
        }
    };
    /** The prints of those that are being set. */
    private final Map<String, Long> underWay = new HashMap<>();
    /** The prints of what is looked at, by what that is. */
    private final Map<String, Long> lookedAt = new HashMap<>();

    LatestPages(PrintJobs jobs) {
        this.jobs = jobs;
    }

    /** What tells a document from all others. */
    public static String key(String html) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(html.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest, 0, 8);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /**
     * A document as a file. One at a time: two who want one at once would only be slower, and take twice the memory.
     *
     * @param name of its print, if it is a long one
     */
    public synchronized SetPages file(String name, String html, long owner) {
        Optional<PrintedPages> there = pages(html, owner);
        if (there.isPresent()) return new SetPages.There(there.get());
        JobView job = begun(name, html, owner);
        lookedAt.values().remove(job.id());
        return new SetPages.UnderWay(job);
    }

    /**
     * A document that is looked at: the print of what stood there before is given up, if it was only looked at.
     *
     * @param what tells of one person what is looked at from all else, whatever stands there
     */
    public synchronized SetPages looked(String what, String name, String html, long owner) {
        Optional<PrintedPages> there = pages(html, owner);
        if (there.isPresent()) return new SetPages.There(there.get());
        JobView job = begun(name, html, owner);
        Long before = lookedAt.put(owner + " " + what, job.id());
        if (before != null && before != job.id()) jobs.giveUp(before);
        return new SetPages.UnderWay(job);
    }

    private Optional<PrintedPages> pages(String html, long owner) {
        String key = owner + " " + key(html);
        if (html.chars().filter(sign -> sign == '<').count() <= SHORT)
            return Optional.of(latest.computeIfAbsent(key, first -> PrintedPages.of(Pdf.of(html))));
        return Optional.ofNullable(latest.get(key));
    }

    private JobView begun(String name, String html, long owner) {
        String key = owner + " " + key(html);
        return Optional.ofNullable(underWay.get(key)).flatMap(jobs::underWay).orElseGet(() -> {
            underWay.values().removeIf(id -> jobs.underWay(id).isEmpty());
            lookedAt.values().removeIf(id -> jobs.underWay(id).isEmpty());
            List<Supplier<String>> whole = List.of(() -> html);
            JobView job = jobs.start(owner, name, whole, pdf -> keep(key, pdf));
            underWay.put(key, job.id());
            return job;
        });
    }

    private void keep(String key, byte[] pdf) {
        PrintedPages pages = PrintedPages.of(pdf);
        pages.texts();
        synchronized (this) {
            lookedAt.values().remove(underWay.remove(key));
            latest.put(key, pages);
        }
    }

    /** Those that somebody has looked at under this key, if they are still there. */
    public synchronized Optional<PrintedPages> ofKey(String key, long owner) {
        return Optional.ofNullable(latest.get(owner + " " + key));
    }
}
