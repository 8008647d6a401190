package didaxis.server.assignment;

import didaxis.server.assignment.Remark.Remarked;
import didaxis.server.config.Transactions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.locks.ReentrantLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Marks what came in, and marks anew what came in before a memo was put right, some sheets at a time. Each sheet says by which
 * memo it is marked, so what a crash leaves undone is done at the next start, and nothing twice.
 */
@Component
class Remarking {
    private static final Logger LOG = LoggerFactory.getLogger(Remarking.class);
    private static final int TOGETHER = 5;
    /** Nobody waits longer for what is not marked yet. */
    private static final int MOST_SECONDS = 3;

    /** So many are marked by whoever waits for them, while the worker may be at those of others. */
    private static final int FEW = 3;

    private static final int MOST_IDLE = 3;

    private final Assignments assignments;
    private final AssignedQuestions assigned;
    private final Sheets sheets;
    private final Memos memos;
    private final SheetNews news;
    private final Transactions transactions;
    private final Set<Long> queued = ConcurrentHashMap.newKeySet();
    /** Submissions that could not be marked; each is tried once a start. */
    private final Set<Long> failed = ConcurrentHashMap.newKeySet();

    private final ReentrantLock turn = new ReentrantLock();
    final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "remarking");
        thread.setDaemon(true);
        return thread;
    });

    Remarking(
            Assignments assignments,
            AssignedQuestions assigned,
            Sheets sheets,
            Memos memos,
            SheetNews news,
            Transactions transactions) {
        this.assignments = assignments;
        this.assigned = assigned;
        this.sheets = sheets;
        this.memos = memos;
        this.news = news;
        this.transactions = transactions;
    }

    @EventListener(ApplicationReadyEvent.class)
    void goOn() {
        transactions.read(memos::behind).forEach(this::of);
    }

    /** Marks in the background what is not marked by the memo as it is now; nothing is done where all is as it should be. */
    void of(long assignment) {
        if (!queued.add(assignment)) return;
        worker.execute(() -> {
            queued.remove(assignment);
            turn.lock();
            try {
                all(assignment);
            } finally {
                turn.unlock();
            }
        });
    }

    /** The same after a sheet came in that was judged by this revision of the memo, where that is not the last any more. */
    void after(Judgement judgement, long assignment) {
        if (transactions.read(() -> memos.number(assignment)) != judgement.memo()) of(assignment);
    }

    /** Ends when all that came in until now is marked, or after a few seconds: before any teacher looks at it. */
    void finish() {
        Map<Long, Long> unmarked = transactions.read(this::unmarked);
        if (unmarked.isEmpty()) return;
        Set<Long> assignments = Set.copyOf(unmarked.values());
        if (unmarked.size() <= FEW && turn.tryLock()) {
            try {
                assignments.forEach(this::all);
            } finally {
                turn.unlock();
            }
            return;
        }
        assignments.forEach(this::of);
        try {
            worker.submit(() -> {}).get(MOST_SECONDS, TimeUnit.SECONDS);
        } catch (TimeoutException e) {
            LOG.info("{} sheets are not marked yet", unmarked.size());
        } catch (ExecutionException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Whether nothing of an assignment waits for its first marking. */
    boolean finished(long assignment) {
        return !unmarked().containsValue(assignment);
    }

    private Map<Long, Long> unmarked() {
        Map<Long, Long> unmarked = memos.unmarked();
        unmarked.keySet().removeAll(failed);
        return unmarked;
    }

    /** The sheets that are behind, and all that is needed to mark them. */
    private record Behind(
            Variants variants, MemoRevision memo, List<Memos.Revision> revisions, List<SubmittedSheet> sheets) {
        boolean isAs(Behind other) {
            return memo.revision() == other.memo.revision() && ids().equals(other.ids());
        }

        private List<Long> ids() {
            return sheets.stream().map(SubmittedSheet::id).toList();
        }
    }

    private Behind behind(long id) {
        List<Memos.Revision> revisions = memos.revisions(id);
        MemoRevision memo = Memos.at(revisions, Integer.MAX_VALUE);
        return new Behind(
                assigned.variants(assignments.one(id), memo),
                memo,
                revisions,
                sheets.behind(id, memo.revision()).stream()
                        .filter(sheet -> !failed.contains(sheet.id()))
                        .toList());
    }

    /** Ends where whole rounds have brought none of them further. */
    private void all(long id) {
        try {
            Behind behind = transactions.read(() -> behind(id));
            boolean anew = behind.sheets().stream().anyMatch(SubmittedSheet::marked);
            for (int idle = 0; !behind.sheets().isEmpty(); ) {
                remark(id, behind);
                Behind left = transactions.read(() -> behind(id));
                // A decision on wordings, made meanwhile, has one marked again; nothing has it so time and again.
                idle = left.isAs(behind) ? idle + 1 : 0;
                if (idle == MOST_IDLE)
                    throw new IllegalStateException(left.sheets().size() + " sheets stay as they are");
                behind = left;
            }
            // Of a first marking nothing is told: how long it took is nobody's business.
            if (anew) news.of(id);
        } catch (RuntimeException e) {
            // Its sheets stay behind and are tried again at the next start or correction.
            LOG.error("sheets of assignment {} could not be marked", id, e);
        }
    }

    /** Ends early where the memo is put right once more meanwhile. */
    private void remark(long id, Behind behind) {
        Remark remark = new Remark(behind.variants());
        int memo = behind.memo().revision();
        for (int from = 0; from < behind.sheets().size(); from += TOGETHER) {
            List<Remarked> marked = new ArrayList<>();
            for (SubmittedSheet sheet : behind.sheets()
                    .subList(from, Math.min(from + TOGETHER, behind.sheets().size())))
                remarked(remark, sheet, behind).ifPresent(marked::add);
            boolean still = transactions.write(() -> {
                if (memos.number(id) != memo) return false;
                marked.forEach(sheet -> sheets.remark(id, sheet, memo));
                return true;
            });
            if (!still) return;
        }
    }

    /** None where marking fails, so that one sheet does not keep those of others. */
    private Optional<Remarked> remarked(Remark remark, SubmittedSheet sheet, Behind behind) {
        try {
            return Optional.of(remark.of(sheet, behind.memo().differsFrom(Memos.at(behind.revisions(), sheet.memo()))));
        } catch (RuntimeException e) {
            failed.add(sheet.id());
            LOG.error("submission {} could not be marked", sheet.id(), e);
            return Optional.empty();
        }
    }
}
