package didaxis.server.assignment;

import didaxis.server.assignment.AssignedQuestions.FoundQuestion;
import didaxis.server.classroom.ClassStyles;
import didaxis.server.config.JsonColumn;
import didaxis.server.config.Problem;
import didaxis.server.question.QuestionContent;
import didaxis.server.question.QuestionSize;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;

/** Assignments in the database. Each holds its own copy of its question, which later changes do not touch. */
@Repository
public class Assignments {
    private static final String COLUMNS = """
            SELECT a.id, a.classroom_id, c.name AS classroom, a.title, a.handed_out_at, a.due_at, a.released_at, a.style, a.versions, a.layout, a.counts,
                   (SELECT sum(q.boxes) FROM assignment_question q WHERE q.assignment_id = a.id) AS boxes,
                   (SELECT sum(q.marks) FROM assignment_question q WHERE q.assignment_id = a.id) AS marks
            FROM assignment a JOIN classroom c ON c.id = a.classroom_id AND a.withdrawn_at IS NULL
            """;
    private static final String OF_TEACHER = COLUMNS + """
            JOIN teaches t ON t.classroom_id = c.id
            WHERE t.teacher_id = :teacher AND c.archived_at IS NULL ORDER BY a.due_at, a.id
            """;
    private static final String ONE_OF_TEACHER = COLUMNS + """
            JOIN teaches t ON t.classroom_id = c.id
            WHERE a.id = :id AND t.teacher_id = :teacher
            """;
    private static final String ONE = COLUMNS + """
            WHERE a.id = :id
            """;
    private static final String OF_CLASS = COLUMNS + """
            WHERE a.classroom_id = :classroom ORDER BY a.due_at, a.id
            """;
    private static final String OF_LEARNER = COLUMNS + """
            JOIN classroom_learner l ON l.classroom_id = c.id
            WHERE l.learner_id = :learner ORDER BY a.due_at, a.id
            """;
    private static final String ONE_OF_LEARNER = COLUMNS + """
            JOIN classroom_learner l ON l.classroom_id = c.id
            WHERE a.id = :id AND l.learner_id = :learner
            """;
    private static final String INSERT = """
            INSERT INTO assignment (classroom_id, title, handed_out_at, due_at, style, versions, layout, weight)
            VALUES (:classroom, :title, :now, :due, (SELECT style FROM classroom WHERE id = :classroom), :versions,
                    :layout, :weight)
            RETURNING id
            """;
    private static final String RELEASE = """
            UPDATE assignment SET released_before = released_at, released_at = MAX(:now, COALESCE((
                SELECT MAX(s.sent_at) FROM submission s JOIN sheet h ON h.id = s.sheet_id
                WHERE h.assignment_id = :id), 0))
            WHERE id = :id
            """;
    private static final String TAKE_BACK = """
            UPDATE assignment SET released_at = released_before, released_before = NULL
            WHERE id = :id AND released_at >= :since
            """;
    private static final String SET_COUNTS = """
            UPDATE assignment SET counts = :counts WHERE id = :id
            """;
    private static final String SET_DUE = """
            UPDATE assignment SET due_at = :due WHERE id = :id
            """;
    private static final String SET_WITHDRAWN = """
            UPDATE assignment SET withdrawn_at = :withdrawn
            WHERE id = :id AND classroom_id IN (SELECT classroom_id FROM teaches WHERE teacher_id = :teacher)
            """;

    private final JdbcClient database;
    private final JsonColumn json;
    private final ClassStyles styles;
    private final AssignedQuestions questions;
    private final Clock clock;

    Assignments(JdbcClient database, JsonColumn json, ClassStyles styles, AssignedQuestions questions, Clock clock) {
        this.database = database;
        this.json = json;
        this.styles = styles;
        this.questions = questions;
        this.clock = clock;
    }

    private Assignment map(ResultSet row, int number) throws SQLException {
        return new Assignment(
                row.getLong("id"),
                row.getLong("classroom_id"),
                row.getString("classroom"),
                row.getString("title"),
                row.getInt("boxes"),
                row.getInt("marks"),
                Instant.ofEpochMilli(row.getLong("handed_out_at")),
                Instant.ofEpochMilli(row.getLong("due_at")),
                row.getObject("released_at") == null ? null : Instant.ofEpochMilli(row.getLong("released_at")),
                styles.of(row.getString("style")),
                Versions.named(row.getString("versions")),
                row.getString("layout") == null
                        ? PaperLayout.USUAL
                        : json.read(row.getString("layout"), new TypeReference<>() {}),
                Counting.named(row.getString("counts")));
    }

    /** Hands a copy of questions to a class and says its id; the questions themselves need not be there any more. */
    public long handOut(long classroom, String title, List<QuestionContent> questions, Instant due) {
        List<FoundQuestion> found =
                questions.stream().map(one -> new FoundQuestion(one, List.of())).toList();
        Bundle bundle = new Bundle(title, found, Versions.SAME, PaperLayout.USUAL);
        return handOut(classroom, bundle, bundle.weight(), due);
    }

    /** What is handed out together. */
    public record Bundle(String title, List<FoundQuestion> questions, Versions versions, PaperLayout layout) {
        /** What the answers of one learner come to; to find it, each circuit is read. */
        long weight() {
            return questions.stream()
                    .mapToLong(one -> QuestionSize.looked(one.content()))
                    .sum();
        }
    }

    /** The same of such a bundle, with the values that were found. */
    long handOut(long classroom, Bundle bundle, long weight, Instant due) {
        long id = database.sql(INSERT)
                .param("classroom", classroom)
                .param("title", bundle.title())
                .param("versions", bundle.versions().word())
                .param("layout", json.write(bundle.layout()))
                .param("now", clock.millis())
                .param("due", due.toEpochMilli())
                .param("weight", weight)
                .query(Long.class)
                .single();
        questions.insert(id, bundle.questions());
        return id;
    }

    /** Everything handed to a class. */
    List<Assignment> ofClass(long classroom) {
        return database.sql(OF_CLASS)
                .param("classroom", classroom)
                .query(this::map)
                .list();
    }

    /** What a teacher has handed out, but for classes that are put away. */
    List<Assignment> ofTeacher(long teacher) {
        return database.sql(OF_TEACHER)
                .param("teacher", teacher)
                .query(this::map)
                .list();
    }

    /**
     * An assignment to one of the teacher's classes.
     *
     * @throws Problem if there is none
     */
    public Assignment ofTeacher(long id, long teacher) {
        return database.sql(ONE_OF_TEACHER)
                .param("id", id)
                .param("teacher", teacher)
                .query(this::map)
                .optional()
                .orElseThrow(() -> Problem.notFound("assignment"));
    }

    /** An assignment, whosoever it is. */
    Assignment one(long id) {
        return database.sql(ONE).param("id", id).query(this::map).single();
    }

    List<Assignment> ofLearner(long learner) {
        return database.sql(OF_LEARNER)
                .param("learner", learner)
                .query(this::map)
                .list();
    }

    /**
     * An assignment to a class the learner is in.
     *
     * @throws Problem if there is none
     */
    Assignment ofLearner(long id, long learner) {
        return database.sql(ONE_OF_LEARNER)
                .param("id", id)
                .param("learner", learner)
                .query(this::map)
                .optional()
                .orElseThrow(() -> Problem.notFound("assignment"));
    }

    /** Lets learners see from this moment on what came of all that was sent. */
    void release(long id, Instant now) {
        database.sql(RELEASE).param("now", now.toEpochMilli()).param("id", id).update();
    }

    /** Takes a release back that is no older than this; false if there is none such. */
    boolean takeReleaseBack(long id, Instant since) {
        return database.sql(TAKE_BACK)
                        .param("since", since.toEpochMilli())
                        .param("id", id)
                        .update()
                == 1;
    }

    /** Says which of several attempts counts. */
    void setCounts(long id, Counting counts) {
        database.sql(SET_COUNTS).param("counts", counts.word()).param("id", id).update();
    }

    void setDue(long id, Instant due) {
        database.sql(SET_DUE).param("due", due.toEpochMilli()).param("id", id).update();
    }

    /** Takes an assignment out of everybody's sight; nothing of it is deleted. */
    void withdraw(long id, long teacher) {
        setWithdrawn(id, teacher, clock.millis());
    }

    /** Undoes a withdrawal. */
    void handOutAgain(long id, long teacher) {
        setWithdrawn(id, teacher, null);
    }

    private void setWithdrawn(long id, long teacher, Long withdrawn) {
        int rows = database.sql(SET_WITHDRAWN)
                .param("withdrawn", withdrawn)
                .param("id", id)
                .param("teacher", teacher)
                .update();
        if (rows == 0) throw Problem.notFound("assignment");
    }
}
