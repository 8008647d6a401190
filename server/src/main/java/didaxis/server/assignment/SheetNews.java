package didaxis.server.assignment;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells sheets that are open on a screen that something about their assignment has changed; what, they then ask. A line
 * that is cut is made anew by the browser, which then asks as well.
 */
@Component
class SheetNews implements SmartLifecycle {
    private static final Duration LONGEST = Duration.ofMinutes(5);

    private final Map<Long, List<SseEmitter>> open = new ConcurrentHashMap<>();
    /** A slow reader must not hold up who changes something. */
    private final ExecutorService sending = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "sheet-news");
        thread.setDaemon(true);
        return thread;
    });

    private volatile boolean running;

    /** A line on which changes of an assignment are told until it is closed. */
    SseEmitter listen(long assignment) {
        SseEmitter line = new SseEmitter(LONGEST.toMillis());
        List<SseEmitter> lines = open.computeIfAbsent(assignment, id -> new CopyOnWriteArrayList<>());
        lines.add(line);
        Runnable gone = () -> lines.remove(line);
        line.onCompletion(gone);
        line.onTimeout(gone);
        line.onError(e -> gone.run());
        // Without a first word the browser would not know that the line stands.
        tell(line, SseEmitter.event().comment("listening"));
        return line;
    }

    /** Something about this assignment has changed. */
    void of(long assignment) {
        for (SseEmitter line : open.getOrDefault(assignment, List.of()))
            sending.execute(() -> tell(line, SseEmitter.event().name("changed").data("")));
    }

    private static void tell(SseEmitter line, SseEmitter.SseEventBuilder word) {
        try {
            line.send(word);
        } catch (IOException | IllegalStateException e) {
            // Who listened is gone.
            line.completeWithError(e);
        }
    }

    @Override
    public void start() {
        running = true;
    }

    /** Ends all lines before the web server waits for its requests to end. */
    @Override
    public void stop() {
        running = false;
        open.values().forEach(lines -> lines.forEach(SseEmitter::complete));
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
