package didaxis.server.assignment;

import didaxis.server.assignment.Remark.Remarked;
import didaxis.server.config.Transactions;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Marks anew what came in before a memo was put right, some sheets at a time. Each sheet says by which memo it is marked, so
 * what a crash leaves undone is done at the next start, and nothing twice.
 */
@Component
class Remarking {
    private static final Logger LOG = LoggerFactory.getLogger(Remarking.class);
    private static final int TOGETHER = 20;

    private final Assignments assignments;
    private final Sheets sheets;
    private final Memos memos;
    private final SheetNews news;
    private final Transactions transactions;
    private final Set<Long> running = ConcurrentHashMap.newKeySet();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "remarking");
        thread.setDaemon(true);
        return thread;
    });

    Remarking(Assignments assignments, Sheets sheets, Memos memos, SheetNews news, Transactions transactions) {
        this.assignments = assignments;
        this.sheets = sheets;
        this.memos = memos;
        this.news = news;
        this.transactions = transactions;
    }

    @EventListener(ApplicationReadyEvent.class)
    void goOn() {
        transactions.read(memos::behind).forEach(this::of);
    }

    /** Marks anew what is still marked by an earlier memo; nothing is done where all is as it should be. */
    void of(long assignment) {
        if (!running.add(assignment)) return;
        worker.execute(() -> {
            running.remove(assignment);
            try {
                if (all(assignment)) news.of(assignment);
            } catch (RuntimeException e) {
                // Its sheets stay behind and are tried again at the next start or correction.
                LOG.error("sheets of assignment {} could not be marked anew", assignment, e);
            }
        });
    }

    /** The same after a sheet came in that was judged by this revision of the memo, where that is not the last any more. */
    void after(Judgement judgement, long assignment) {
        if (transactions.read(() -> memos.number(assignment)) != judgement.memo()) of(assignment);
    }

    /** The sheets that are behind, and all that is needed to mark them. */
    private record Behind(
            Variants variants, MemoRevision memo, List<Memos.Revision> revisions, List<Sheets.Submission> sheets) {}

    private Behind behind(long id) {
        List<Memos.Revision> revisions = memos.revisions(id);
        MemoRevision memo = Memos.at(revisions, Integer.MAX_VALUE);
        return new Behind(
                assignments.variants(assignments.one(id), memo),
                memo,
                revisions,
                sheets.all(id).stream()
                        .filter(sheet -> sheet.memo() < memo.revision())
                        .toList());
    }

    /** Whether any was behind; ends where a whole round has brought none of them further. */
    private boolean all(long id) {
        Behind behind = transactions.read(() -> behind(id));
        boolean any = !behind.sheets().isEmpty();
        while (!behind.sheets().isEmpty()) {
            remark(id, behind);
            Behind left = transactions.read(() -> behind(id));
            boolean stuck = left.memo().revision() == behind.memo().revision()
                    && left.sheets().size() == behind.sheets().size();
            if (stuck) throw new IllegalStateException(left.sheets().size() + " sheets stay as they are");
            behind = left;
        }
        return any;
    }

    /** Ends early where the memo is put right once more meanwhile. */
    private void remark(long id, Behind behind) {
        Remark remark = new Remark(behind.variants());
        int memo = behind.memo().revision();
        for (int from = 0; from < behind.sheets().size(); from += TOGETHER) {
            List<Remarked> marked = new ArrayList<>();
            for (Sheets.Submission sheet : behind.sheets()
                    .subList(from, Math.min(from + TOGETHER, behind.sheets().size())))
                marked.add(remark.of(sheet, behind.memo().differsFrom(Memos.at(behind.revisions(), sheet.memo()))));
            boolean still = transactions.write(() -> {
                if (memos.number(id) != memo) return false;
                marked.forEach(sheet -> sheets.remark(id, sheet, memo));
                return true;
            });
            if (!still) return;
        }
    }
}
