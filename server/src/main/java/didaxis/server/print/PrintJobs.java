package didaxis.server.print;

import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/**
 * Long prints: many documents set one after the other, put together into one file, which waits to be fetched. They are the
 * person's own who asked for them; the latest are kept, until the server ends.
 */
@Service
public class PrintJobs {
    private static final Logger LOG = LoggerFactory.getLogger(PrintJobs.class);
    private static final int MOST_KEPT = 20;
    /** Documents set as one: fewer take longer, and more take more memory and are counted in longer steps. */
    private static final int AT_ONCE = 4;
    /** Of one person. */
    private static final int MOST_AT_ONCE = 3;

    private final ExecutorService worker = Executors.newSingleThreadExecutor(PrintJobs::thread);
    private final Map<Long, Job> jobs = new LinkedHashMap<>();
    private long last;

    private static Thread thread(Runnable run) {
        Thread thread = new Thread(run, "print");
        thread.setDaemon(true);
        return thread;
    }

    private enum State {
        WAITING,
        RUNNING,
        DONE,
        STOPPED,
        FAILED
    }

    /**
     * How far a print is.
     *
     * @param done how many documents of all are set
     */
    public record JobView(
            long id,
            String name,

            @Schema(allowableValues = {"waiting", "running", "done", "stopped", "failed"})
            String state,

            int done,
            int total) {}

    private static final class Job {
        private final long id;
        private final long owner;
        private final String name;
        private final int total;
        /** Each holds all that it is made from; none is kept once the file is there. */
        private volatile List<Supplier<String>> documents;

        private final Consumer<byte[]> then;
        private final AtomicInteger set = new AtomicInteger();
        private volatile State state = State.WAITING;
        private volatile Path file;

        Job(long id, long owner, String name, List<Supplier<String>> documents, Consumer<byte[]> then) {
            this.id = id;
            this.owner = owner;
            this.name = name;
            this.documents = documents;
            this.then = then;
            this.total = documents.size();
        }

        JobView view() {
            return new JobView(id, name, state.name().toLowerCase(Locale.ROOT), set.get(), total);
        }

        void run() {
            if (state == State.STOPPED) return;
            state = State.RUNNING;
            int bundles = (total + AT_ONCE - 1) / AT_ONCE;
            try (PdfSet whole = new PdfSet(bundles)) {
                // One for each core, in their order, so that they can be put together as they come.
                AtomicInteger next = new AtomicInteger();
                IntStream.range(0, Runtime.getRuntime().availableProcessors())
                        .parallel()
                        .forEach(core -> {
                            for (int place; (place = next.getAndIncrement()) < bundles; ) set(place, whole);
                        });
                if (state == State.STOPPED) return;
                Path written = Files.createTempFile("didaxis-print", ".pdf");
                written.toFile().deleteOnExit();
                byte[] pdf = whole.finished(name);
                Files.write(written, pdf);
                then.accept(pdf);
                file = written;
                state = State.DONE;
            } catch (IOException | RuntimeException | OutOfMemoryError e) {
                LOG.error("a print failed", e);
                state = State.FAILED;
            } finally {
                documents = List.of();
            }
        }

        private void set(int place, PdfSet whole) {
            if (state == State.STOPPED) return;
            List<Supplier<String>> bundle = documents.subList(place * AT_ONCE, Math.min((place + 1) * AT_ONCE, total));
            try {
                whole.add(place, Pdf.ofAll(bundle.stream().map(Supplier::get).toList()));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            set.addAndGet(bundle.size());
        }

        boolean isUnderWay() {
            return state == State.WAITING || state == State.RUNNING;
        }

        void forget() {
            if (isUnderWay()) state = State.STOPPED;
            if (file == null) return;
            try {
                Files.deleteIfExists(file);
            } catch (IOException e) {
                LOG.warn("a printed file could not be deleted", e);
            }
        }
    }

    /**
     * Begins to print.
     *
     * @param documents each as HTML for the printer, made when its turn has come
     * @throws Problem if there is nothing to print, or this person has too much under way
     */
    public JobView start(long owner, String name, List<Supplier<String>> documents) {
        return start(owner, name, documents, pdf -> {});
    }

    /** @param then takes the file, before the print is called done */
    synchronized JobView start(long owner, String name, List<Supplier<String>> documents, Consumer<byte[]> then) {
        if (documents.isEmpty()) throw Problem.badRequest("There is nobody to print for, and nothing to print.");
        long own = jobs.values().stream()
                .filter(job -> job.owner == owner && job.isUnderWay())
                .count();
        if (own >= MOST_AT_ONCE)
            throw Problem.of(
                    HttpStatus.TOO_MANY_REQUESTS, "Three prints of yours are under way; wait for one, or stop it.");
        Job job = new Job(++last, owner, name, List.copyOf(documents), then);
        jobs.put(job.id, job);
        if (jobs.size() > MOST_KEPT) forget(jobs.keySet().iterator().next());
        worker.submit(job::run);
        return job.view();
    }

    private void forget(long id) {
        jobs.remove(id).forget();
    }

    private synchronized Job job(long id, long owner) {
        Job job = jobs.get(id);
        if (job == null || job.owner != owner) throw Problem.notFound("print");
        return job;
    }

    /** @throws Problem if there is no such print of this person */
    public JobView of(long id, long owner) {
        return job(id, owner).view();
    }

    /** Stops it, if it is under way, and forgets it. */
    public void stop(long id, long owner) {
        job(id, owner);
        giveUp(id);
    }

    /** The same for one that may be gone. */
    synchronized void giveUp(long id) {
        if (jobs.containsKey(id)) forget(id);
    }

    /** How far one is that is waiting or running; empty for any other. */
    synchronized Optional<JobView> underWay(long id) {
        return Optional.ofNullable(jobs.get(id)).filter(Job::isUnderWay).map(Job::view);
    }

    /** The finished file. */
    public record Printed(String name, byte[] pdf) {}

    /** @throws Problem if it is not done */
    public Printed printed(long id, long owner) {
        Job job = job(id, owner);
        if (job.state != State.DONE) throw Problem.of(HttpStatus.CONFLICT, "This print is not done yet.");
        try {
            return new Printed(job.name, Files.readAllBytes(job.file));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @PreDestroy
    synchronized void end() {
        worker.shutdownNow();
        jobs.values().forEach(Job::forget);
    }
}
