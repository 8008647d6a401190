package didaxis.server.assignment;

import didaxis.core.template.Values;
import didaxis.server.config.JsonColumn;
import didaxis.server.question.QuestionBody;
import didaxis.server.question.QuestionContent;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;

/** The questions of assignments in the database: as they were handed out, and under what was put right since. */
@Repository
public class AssignedQuestions {
    private static final String INSERT_QUESTION = """
            INSERT INTO assignment_question (assignment_id, place, format, body, boxes, marks, sets)
            VALUES (:assignment, :place, :format, :body, :boxes, :marks, :sets)
            """;
    private static final String QUESTIONS = """
            SELECT body, boxes, marks, sets FROM assignment_question WHERE assignment_id = :assignment ORDER BY place
            """;
    private static final String SET_MARKS = """
            UPDATE assignment_question SET marks = :marks WHERE assignment_id = :id AND place = :place
            """;

    private final JdbcClient database;
    private final JsonColumn json;
    private final Wordings wordings;
    private final Memos memos;

    AssignedQuestions(JdbcClient database, JsonColumn json, Wordings wordings, Memos memos) {
        this.database = database;
        this.json = json;
        this.wordings = wordings;
        this.memos = memos;
    }

    /** A question with the sets of values that were found for it; none where nothing varies. */
    public record FoundQuestion(QuestionContent content, List<Values> sets) {
        /** With the marks of all its boxes. */
        private FoundQuestion counted() {
            int total = content.body().question().total();
            return new FoundQuestion(
                    new QuestionContent(content.title(), content.body(), content.boxes(), total), sets);
        }
    }

    /** Puts the questions of a new assignment down, in their order. */
    void insert(long assignment, List<FoundQuestion> questions) {
        for (int k = 0; k < questions.size(); k++) {
            List<Values> sets = questions.get(k).sets();
            QuestionContent question = questions.get(k).content();
            database.sql(INSERT_QUESTION)
                    .param("assignment", assignment)
                    .param("place", k + 1)
                    .param("format", QuestionBody.FORMAT)
                    .param("body", json.write(question.body()))
                    .param("boxes", question.boxes())
                    .param("marks", question.marks())
                    .param("sets", sets.isEmpty() ? null : json.write(sets))
                    .update();
        }
    }

    /** The questions of an assignment with the values and the marks that were put right, under its title; all count again. */
    List<FoundQuestion> of(Assignment assignment) {
        return under(assignment, memos.latest(assignment.id())).stream()
                .map(FoundQuestion::counted)
                .toList();
    }

    /** The same under a memo. */
    private List<FoundQuestion> under(Assignment assignment, MemoRevision memo) {
        return database.sql(QUESTIONS)
                .param("assignment", assignment.id())
                .query((row, number) -> new FoundQuestion(
                        new QuestionContent(
                                assignment.title(),
                                memo.question(
                                        number, json.read(row.getString("body"), new TypeReference<QuestionBody>() {})),
                                row.getInt("boxes"),
                                row.getInt("marks")),
                        row.getString("sets") == null
                                ? List.of()
                                : json.read(row.getString("sets"), new TypeReference<List<Values>>() {})))
                .list();
    }

    /** The same in all its variants, with what was decided of words and what was put right. */
    Variants variants(Assignment assignment) {
        return variants(assignment, memos.latest(assignment.id()));
    }

    /** How many variants there are, which takes no reading of any. */
    int count(Assignment assignment) {
        return undecided(assignment, memos.latest(assignment.id())).count();
    }

    private Variants undecided(Assignment assignment, MemoRevision memo) {
        List<Variants.Frozen> questions = under(assignment, memo).stream()
                .map(one -> new Variants.Frozen(one.content().body(), one.sets()))
                .toList();
        return Variants.of(questions, assignment.versions(), assignment.style()).under(memo);
    }

    /** In all its variants under a memo. */
    Variants variants(Assignment assignment, MemoRevision memo) {
        Variants variants = undecided(assignment, memo);
        return variants.deciding(
                wordings.of(assignment.classroomId(), variants.numbered(0).decidable()));
    }

    /** Whether the memo is still the one that these are under. */
    boolean stand(long assignment, Variants variants) {
        return memos.number(assignment) == variants.memo();
    }

    /** Says of each question in its order how many marks it has now. */
    void setMarks(long id, List<Integer> marks) {
        for (int k = 0; k < marks.size(); k++)
            database.sql(SET_MARKS)
                    .param("id", id)
                    .param("place", k + 1)
                    .param("marks", marks.get(k))
                    .update();
    }
}
