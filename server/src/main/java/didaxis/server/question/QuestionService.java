package didaxis.server.question;

import didaxis.core.style.HouseStyle;
import didaxis.server.config.Problem;
import didaxis.server.config.Removed;
import didaxis.server.config.Transactions;
import didaxis.server.question.QuestionDrafts.Draft;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Keeps a teacher's questions, and says what still keeps them from being handed out. */
@Service
class QuestionService {
    /**
     * A question with what still keeps it from being handed out; {@code draftId} is null unless somebody is changing it.
     */
    record QuestionView(
            long id,
            @Schema(types = {"integer", "null"}) Long draftId,
            String title,
            QuestionBody body,
            int marks,
            List<FlawView> flaws) {
        static QuestionView of(Questions.Kept kept, Optional<Long> draft) {
            QuestionContent content = kept.content();
            return new QuestionView(
                    kept.id(),
                    draft.orElse(null),
                    content.title(),
                    content.body(),
                    content.marks(),
                    FlawView.of(content.body().question(), HouseStyle.RIDGE));
        }
    }

    /** A question in a list. */
    record QuestionSummary(
            long id,
            String title,
            @Schema(types = {"string", "null"}) String notation,
            List<String> kinds,
            boolean varies,
            int boxes,
            int marks,
            DifficultyWord difficulty,
            Instant updatedAt) {
        static QuestionSummary of(Questions.Kept kept) {
            QuestionContent content = kept.content();
            return new QuestionSummary(
                    kept.id(),
                    content.title(),
                    content.body().notation(),
                    content.body().kinds(),
                    !content.body().varies().isEmpty(),
                    content.boxes(),
                    content.marks(),
                    kept.difficulty(),
                    kept.updatedAt());
        }
    }

    private final Questions questions;
    private final QuestionDrafts drafts;
    private final Transactions transactions;
    private final Clock clock;

    QuestionService(Questions questions, QuestionDrafts drafts, Transactions transactions, Clock clock) {
        this.questions = questions;
        this.drafts = drafts;
        this.transactions = transactions;
        this.clock = clock;
    }

    List<QuestionSummary> own(long owner) {
        return transactions.read(() -> questions.of(owner)).stream()
                .map(QuestionSummary::of)
                .toList();
    }

    List<QuestionSummary> removed(long owner) {
        return transactions.read(() -> questions.removed(owner, Removed.since(clock))).stream()
                .map(QuestionSummary::of)
                .toList();
    }

    QuestionView one(long id, long owner) {
        return told(transactions.read(() -> found(id, owner)));
    }

    /**
     * Keeps a new question; the draft it was made from goes on as changes to it. Where it does so already, since this was
     * sent before and no answer came, it is the same question.
     */
    QuestionView add(QuestionBody body, Optional<Long> draft, long owner) {
        ReadyQuestion checked = ReadyQuestion.of(body);
        return told(transactions.write(() -> {
            Optional<Draft> from = draft.map(id -> drafts.one(id, owner));
            Optional<Long> before = from.flatMap(Draft::question)
                    .filter(id -> !questions.some(List.of(id), owner).isEmpty());
            before.ifPresent(id -> questions.change(id, checked, owner));
            long id = before.orElseGet(() -> questions.add(checked, owner));
            from.ifPresent(one -> drafts.attach(one.id(), id, owner));
            return found(id, owner);
        }));
    }

    QuestionView change(long id, QuestionBody body, long owner) {
        ReadyQuestion checked = ReadyQuestion.of(body);
        return told(transactions.write(() -> {
            questions.change(id, checked, owner);
            return found(id, owner);
        }));
    }

    /** What a question was, and how much it earned. */
    record RevisionView(int revision, String title, QuestionBody body, int marks, Instant at) {
        static RevisionView of(Questions.Revision kept) {
            int marks = kept.body().question().total();
            return new RevisionView(kept.revision(), kept.title(), kept.body(), marks, kept.at());
        }
    }

    List<RevisionView> revisions(long id, long owner) {
        List<Questions.Revision> kept = transactions.read(() -> {
            questions.one(id, owner);
            return questions.revisions(id, owner);
        });
        return kept.stream().map(RevisionView::of).toList();
    }

    /** Makes a question what it was; what it is now is kept as a revision, too. */
    QuestionView bringRevisionBack(long id, int revision, long owner) {
        Questions.Revision kept = transactions
                .read(() -> questions.revisions(id, owner).stream()
                        .filter(one -> one.revision() == revision)
                        .findFirst())
                .orElseThrow(() -> Problem.notFound("earlier question"));
        ReadyQuestion before = ReadyQuestion.of(kept.body().titled(kept.title()));
        return told(transactions.write(() -> {
            if (drafts.ofQuestion(id, owner).isPresent())
                throw Problem.of(HttpStatus.CONFLICT, "There are changes in the making; keep or remove them first.")
                        .with("reason", "in-the-making");
            questions.change(id, before, owner);
            return found(id, owner);
        }));
    }

    QuestionView rename(long id, String title, long owner) {
        String checked = QuestionContent.checkedTitle(title);
        return told(transactions.write(() -> {
            questions.rename(id, checked, owner);
            return found(id, owner);
        }));
    }

    void remove(long id, long owner) {
        transactions.write(() -> questions.remove(id, owner));
    }

    QuestionView bringBack(long id, long owner) {
        return told(transactions.write(() -> {
            questions.bringBack(id, owner);
            return found(id, owner);
        }));
    }

    /** A question and its draft as the database has them; what is told of it is worked out afterwards. */
    private record Found(Questions.Kept kept, Optional<Long> draft) {}

    private Found found(long id, long owner) {
        return new Found(questions.one(id, owner), drafts.ofQuestion(id, owner));
    }

    private static QuestionView told(Found found) {
        return QuestionView.of(found.kept(), found.draft());
    }
}
