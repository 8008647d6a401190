package didaxis.server.question;

import didaxis.server.config.Problem;
import didaxis.server.config.Removed;
import didaxis.server.config.Transactions;
import didaxis.server.question.QuestionDrafts.Asking;
import didaxis.server.question.QuestionDrafts.Body;
import didaxis.server.question.QuestionDrafts.Draft;
import didaxis.server.question.QuestionDrafts.Making;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Keeps questions in the making from their first act on, whether they can be read yet or not. */
@Service
class QuestionDraftService {
    private static final int LONGEST_TEXT = 20 * 1024;
    private static final int LONGEST_NAME = 64;
    private static final int MOST_MOMENTS = 500;
    private static final int MOST_CELLS = 2_000;

    /**
     * A draft as it stands.
     *
     * @param questionId null while it is to be a new question
     * @param begunAs what the page that began it calls it; null if it did not say
     */
    record DraftView(
            long id,
            @Schema(types = {"integer", "null"}) Long questionId,
            @Schema(types = {"string", "null"}) String begunAs,
            int revision,
            Instant keptAt,
            Body body) {
        static DraftView of(Draft draft) {
            return new DraftView(
                    draft.id(),
                    draft.question().orElse(null),
                    draft.begunAs().orElse(null),
                    draft.revision(),
                    draft.updatedAt(),
                    draft.body());
        }
    }

    /** A draft of a new question in a list; {@code tasks} is how much is asked of it. */
    record DraftSummary(long id, String notation, int tasks, Instant updatedAt) {
        static DraftSummary of(Draft draft) {
            Making now = draft.body().now();
            int tasks = now.asking() == null ? 0 : now.asking().tasks().size();
            return new DraftSummary(draft.id(), now.notation(), tasks, draft.updatedAt());
        }
    }

    /**
     * A draft to begin.
     *
     * @param questionId the kept question that is being changed; null for a new one
     * @param begunAs what the page calls it, so that it is begun once however often it is sent; null if it is sent once
     */
    record NewDraft(
            @Schema(types = {"integer", "null"}) Long questionId,
            @Schema(types = {"string", "null"}) String begunAs,
            Body body) {}

    record ChangedDraft(int revision, Body body) {}

    private final QuestionDrafts drafts;
    private final Questions questions;
    private final Transactions transactions;
    private final Clock clock;

    QuestionDraftService(QuestionDrafts drafts, Questions questions, Transactions transactions, Clock clock) {
        this.drafts = drafts;
        this.questions = questions;
        this.transactions = transactions;
        this.clock = clock;
    }

    /** Of new questions only: changes to a kept one are found with it. */
    List<DraftSummary> own(long owner) {
        return newOnes(transactions.read(() -> drafts.of(owner)));
    }

    List<DraftSummary> removed(long owner) {
        return newOnes(transactions.read(() -> drafts.removed(owner, Removed.since(clock))));
    }

    private static List<DraftSummary> newOnes(List<Draft> drafts) {
        return drafts.stream()
                .filter(draft -> draft.question().isEmpty())
                .map(DraftSummary::of)
                .toList();
    }

    DraftView one(long id, long owner) {
        return DraftView.of(transactions.read(() -> drafts.one(id, owner)));
    }

    /** Begins a draft; of a kept question, and under a name, there is one at most, and it is changed by its revision. */
    DraftView begin(NewDraft draft, long owner) {
        check(draft.body());
        Optional<Long> question = Optional.ofNullable(draft.questionId());
        Optional<String> begunAs = Optional.ofNullable(draft.begunAs());
        if (begunAs.filter(name -> name.length() > LONGEST_NAME).isPresent())
            throw Problem.badRequest("What a draft is begun as has at most " + LONGEST_NAME + " characters.")
                    .with("field", "begunAs");
        return DraftView.of(transactions.write(() -> {
            question.ifPresent(id -> questions.one(id, owner));
            question.flatMap(id -> drafts.ofQuestion(id, owner))
                    .or(() -> begunAs.flatMap(name -> drafts.begunAs(name, owner)))
                    .ifPresent(there -> {
                        throw changedElsewhere(drafts.one(there, owner));
                    });
            return drafts.one(drafts.add(question, begunAs, draft.body(), owner), owner);
        }));
    }

    DraftView change(long id, ChangedDraft draft, long owner) {
        check(draft.body());
        return DraftView.of(transactions.write(() -> {
            boolean changed = drafts.change(id, draft.body(), draft.revision(), owner);
            Draft now = drafts.one(id, owner);
            if (!changed) throw changedElsewhere(now);
            return now;
        }));
    }

    /** What is there instead goes with it, so that nothing needs to be dropped to go on. */
    private static Problem changedElsewhere(Draft now) {
        return Problem.of(HttpStatus.CONFLICT, "This question was changed in another tab or on another device.")
                .with("reason", "changed-elsewhere")
                .with("draft", DraftView.of(now));
    }

    void remove(long id, long owner) {
        transactions.write(() -> drafts.remove(id, owner, Removed.KEPT));
    }

    /** Brings one back that was removed; not beside other changes to the same question. */
    DraftView bringBack(long id, long owner) {
        return DraftView.of(transactions.write(() -> {
            if (drafts.hasAnother(id, owner))
                throw Problem.of(
                        HttpStatus.CONFLICT, "There are other changes to this question by now; remove them first.");
            drafts.bringBack(id, owner);
            return drafts.one(id, owner);
        }));
    }

    private static void check(Body body) {
        if (body == null || body.now() == null || body.past() == null || body.future() == null)
            throw Problem.badRequest("A question in the making has a moment now, and lists of those before and after.");
        if (body.past().size() + body.future().size() > MOST_MOMENTS)
            throw Problem.badRequest("At most " + MOST_MOMENTS + " moments of the making are kept.");
        Stream.of(Stream.of(body.now()), body.past().stream(), body.future().stream())
                .flatMap(moments -> moments)
                .forEach(QuestionDraftService::check);
    }

    private static void check(Making moment) {
        if (moment == null || moment.notation() == null || moment.notation().length() > LONGEST_TEXT)
            throw Problem.badRequest("A circuit's text has at most " + LONGEST_TEXT / 1024 + " kB.");
        Asking asking = moment.asking();
        if (asking == null) return;
        boolean whole = asking.given() != null
                && asking.known() != null
                && asking.states() != null
                && asking.tasks() != null
                && asking.stem() != null
                && asking.given().stream()
                        .noneMatch(cell -> cell == null || cell.subject() == null || cell.quantity() == null)
                && asking.states().stream().noneMatch(state -> state == null || state.act() == null)
                && asking.tasks().stream().noneMatch(task -> task == null || task.kind() == null);
        if (!whole) throw Problem.badRequest("Say what is given, and what is asked in which states.");
        if (asking.stem().length() > LONGEST_TEXT
                || asking.given().size() + asking.tasks().size() > MOST_CELLS)
            throw Problem.badRequest("A question in the making is too large to be kept.");
    }
}
