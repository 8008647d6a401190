package didaxis.server.paper;

import didaxis.server.assignment.PaperLayout;
import didaxis.server.config.Problem;
import didaxis.server.config.Removed;
import didaxis.server.config.Transactions;
import didaxis.server.paper.PaperView.PaperRevisionView;
import didaxis.server.paper.PaperView.PaperSummary;
import didaxis.server.paper.Papers.Content;
import didaxis.server.question.QuestionBody;
import didaxis.server.question.QuestionContent;
import didaxis.server.question.Questions;
import didaxis.server.question.ReadyQuestion;
import didaxis.server.question.VariedQuestion;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Keeps a teacher's papers. */
@Service
public class PaperService {
    private static final int MOST_QUESTIONS = 40;

    private final Papers papers;
    private final Questions questions;
    private final FoundSets sets;
    private final Transactions transactions;
    private final Clock clock;

    PaperService(Papers papers, Questions questions, FoundSets sets, Transactions transactions, Clock clock) {
        this.papers = papers;
        this.questions = questions;
        this.sets = sets;
        this.transactions = transactions;
        this.clock = clock;
    }

    List<PaperSummary> own(long owner) {
        return transactions.read(() -> summaries(papers.of(owner), owner));
    }

    List<PaperSummary> removed(long owner) {
        return transactions.read(() -> summaries(papers.removed(owner, Removed.since(clock)), owner));
    }

    private List<PaperSummary> summaries(List<Papers.Kept> kept, long owner) {
        return kept.stream()
                .map(one -> {
                    List<Questions.Kept> own = questions.some(one.content().questions(), owner);
                    int marks = own.stream()
                            .mapToInt(each -> each.content().marks())
                            .sum();
                    return new PaperSummary(
                            one.id(),
                            one.content().title(),
                            own.size(),
                            marks,
                            one.content().layout().minutes(),
                            one.updatedAt());
                })
                .toList();
    }

    PaperView one(long id, long owner) {
        return composed(id, owner).view();
    }

    /** A paper with its questions, worked through outside any transaction. */
    ComposedPaper composed(long id, long owner) {
        record Found(Papers.Kept kept, List<Questions.Kept> questions) {}
        Found found = transactions.read(() -> {
            Papers.Kept kept = papers.one(id, owner);
            return new Found(kept, questions.some(kept.content().questions(), owner));
        });
        return ComposedPaper.of(found.kept(), found.questions(), sets);
    }

    PaperView add(Content content, long owner) {
        Content checked = checked(content);
        long id = transactions.write(() -> papers.add(there(checked, owner), owner));
        return one(id, owner);
    }

    /** Changes a paper on top of a revision. */
    PaperView change(long id, Content content, int revision, long owner) {
        Content checked = checked(content);
        boolean changed = transactions.write(() -> {
            papers.one(id, owner);
            return papers.change(id, there(checked, owner), revision, owner);
        });
        if (!changed) throw changedElsewhere(one(id, owner));
        return one(id, owner);
    }

    /** What is there instead goes with it, so that nothing needs to be dropped to go on. */
    private static Problem changedElsewhere(PaperView now) {
        return Problem.of(HttpStatus.CONFLICT, "This paper was changed in another tab or on another device.")
                .with("reason", "changed-elsewhere")
                .with("paper", now);
    }

    /**
     * What a paper is made of, if it can be; whether its questions are there is another thing.
     *
     * @throws Problem if something in it cannot be
     */
    public static Content checked(Content content) {
        List<Long> ids = content.questions() == null ? List.of() : content.questions();
        if (ids.size() > MOST_QUESTIONS || ids.stream().anyMatch(Objects::isNull))
            throw Problem.badRequest("A paper has at most " + MOST_QUESTIONS + " questions.")
                    .with("field", "questions");
        if (ids.stream().distinct().count() < ids.size())
            throw Problem.badRequest("A question stands on a paper once.").with("field", "questions");
        PaperLayout layout = content.layout() == null ? PaperLayout.USUAL : content.layout();
        return new Content(QuestionContent.checkedTitle(content.title()), layout.checked(ids.size()), ids);
    }

    private Content there(Content content, long owner) {
        content.questions().forEach(id -> questions.one(id, owner));
        return content;
    }

    void remove(long id, long owner) {
        transactions.write(() -> papers.remove(id, owner));
    }

    PaperView bringBack(long id, long owner) {
        transactions.write(() -> papers.bringBack(id, owner));
        return one(id, owner);
    }

    List<PaperRevisionView> revisions(long id, long owner) {
        return transactions.read(() -> {
            papers.one(id, owner);
            return papers.revisions(id).stream()
                    .map(one -> new PaperRevisionView(
                            one.revision(),
                            one.content().title(),
                            one.content().questions().size(),
                            one.at()))
                    .toList();
        });
    }

    /** Makes a paper what it was; what it is now is kept as a revision, too. Questions that are gone stay away. */
    PaperView bringRevisionBack(long id, int revision, long owner) {
        transactions.write(() -> {
            Papers.Kept now = papers.one(id, owner);
            Content before = papers.revisions(id).stream()
                    .filter(one -> one.revision() == revision)
                    .findFirst()
                    .orElseThrow(() -> Problem.notFound("earlier paper"))
                    .content();
            List<Long> left = questions.some(before.questions(), owner).stream()
                    .map(Questions.Kept::id)
                    .toList();
            papers.change(id, new Content(before.title(), before.layout(), left), now.revision(), owner);
        });
        return one(id, owner);
    }

    /**
     * A copy of a paper, with other values where that is wanted: of what varies another set of them, of all else others as
     * nice as these. Questions without values are the same.
     */
    PaperView copy(long id, boolean newValues, long owner) {
        ComposedPaper paper = composed(id, owner);
        long seed = clock.millis();
        List<Optional<ReadyQuestion>> others = new ArrayList<>();
        List<QuestionContent> contents = paper.contents();
        for (QuestionContent content : contents) {
            boolean other = newValues && content.body().varies().isEmpty();
            others.add(other ? others(content, seed, contents.size()) : Optional.empty());
        }
        long copy = transactions.write(() -> {
            List<Long> ids = new ArrayList<>(paper.ids());
            for (int k = 0; k < ids.size(); k++)
                if (others.get(k).isPresent())
                    ids.set(k, questions.add(others.get(k).get(), owner));
            PaperLayout layout = newValues ? paper.layout().seeded(seed) : paper.layout();
            return papers.add(new Content(copied(paper.title()), layout, ids), owner);
        });
        return one(copy, owner);
    }

    private static Optional<ReadyQuestion> others(QuestionContent content, long seed, int questions) {
        Optional<QuestionBody> other = new VariedQuestion(content.body()).withOthers(seed, questions);
        return other.map(body -> ReadyQuestion.of(body.titled(copied(content.title()))));
    }

    private static String copied(String title) {
        return title.endsWith(" (copy)") ? title : QuestionContent.shortened(title, " (copy)");
    }
}
