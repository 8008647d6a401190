package didaxis.server.question;

import didaxis.server.circuit.CellView;
import didaxis.server.config.Transactions;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;

/** Keeps a teacher's questions, and says what still keeps them from being handed out. */
@Service
class QuestionService {
    /** A question with what still keeps it from being handed out. */
    record QuestionView(
            long id,
            String title,
            String notation,
            List<CellView> given,
            List<QuestionContent.AskedCell> asked,
            int marks,
            List<String> flaws) {
        static QuestionView of(Questions.Kept kept) {
            QuestionContent content = kept.content();
            int marks = content.asked().stream()
                    .mapToInt(QuestionContent.AskedCell::marks)
                    .sum();
            return new QuestionView(
                    kept.id(),
                    content.title(),
                    content.notation(),
                    content.given(),
                    content.asked(),
                    marks,
                    content.flaws());
        }
    }

    /** A question in a list. */
    record QuestionSummary(long id, String title, String notation, int asked, int marks, Instant updatedAt) {
        static QuestionSummary of(Questions.Kept kept) {
            List<QuestionContent.AskedCell> asked = kept.content().asked();
            int marks =
                    asked.stream().mapToInt(QuestionContent.AskedCell::marks).sum();
            return new QuestionSummary(
                    kept.id(),
                    kept.content().title(),
                    kept.content().notation(),
                    asked.size(),
                    marks,
                    kept.updatedAt());
        }
    }

    private final Questions questions;
    private final Transactions transactions;

    QuestionService(Questions questions, Transactions transactions) {
        this.questions = questions;
        this.transactions = transactions;
    }

    List<QuestionSummary> own(long owner) {
        return transactions.read(() -> questions.of(owner)).stream()
                .map(QuestionSummary::of)
                .toList();
    }

    QuestionView one(long id, long owner) {
        return QuestionView.of(transactions.read(() -> questions.one(id, owner)));
    }

    QuestionView add(QuestionContent content, long owner) {
        QuestionContent checked = content.checked();
        return QuestionView.of(transactions.write(() -> questions.one(questions.add(checked, owner), owner)));
    }

    QuestionView change(long id, QuestionContent content, long owner) {
        QuestionContent checked = content.checked();
        return QuestionView.of(transactions.write(() -> {
            questions.change(id, checked, owner);
            return questions.one(id, owner);
        }));
    }

    void remove(long id, long owner) {
        transactions.write(() -> questions.remove(id, owner));
    }

    QuestionView bringBack(long id, long owner) {
        return QuestionView.of(transactions.write(() -> {
            questions.bringBack(id, owner);
            return questions.one(id, owner);
        }));
    }
}
