package didaxis.server.assignment;

import didaxis.server.circuit.CellView;
import didaxis.server.config.JsonColumn;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;

/** Drafts and submissions in the database: at most one of each for a learner and an assignment. */
@Repository
class Sheets {
    private static final String DRAFT = """
            SELECT answers, revision, kept_at FROM draft WHERE assignment_id = :assignment AND learner_id = :learner
            """;
    private static final String KEEP_DRAFT = """
            INSERT INTO draft (assignment_id, learner_id, answers, revision, kept_at)
            SELECT :assignment, :learner, :answers, 1, :now WHERE :revision = 0
            ON CONFLICT (assignment_id, learner_id) DO NOTHING
            """;
    private static final String CHANGE_DRAFT = """
            UPDATE draft SET answers = :answers, revision = revision + 1, kept_at = :now
            WHERE assignment_id = :assignment AND learner_id = :learner AND revision = :revision
            """;
    private static final String SUBMISSION = """
            SELECT learner_id, answers, findings, marks, sent_at, collected FROM submission
            WHERE assignment_id = :assignment AND learner_id = :learner
            """;
    private static final String SUBMISSIONS = """
            SELECT learner_id, answers, findings, marks, sent_at, collected FROM submission
            WHERE assignment_id = :assignment ORDER BY sent_at, id
            """;
    private static final String SEND = """
            INSERT INTO submission (assignment_id, learner_id, answers, findings, marks, sent_at, collected)
            VALUES (:assignment, :learner, :answers, :findings, :marks, :at, :collected)
            ON CONFLICT (assignment_id, learner_id) DO NOTHING
            """;
    private static final String UNSENT = """
            SELECT d.learner_id, d.answers, d.revision, d.kept_at FROM draft d
            JOIN assignment a ON a.id = d.assignment_id
            JOIN classroom_learner l ON l.classroom_id = a.classroom_id AND l.learner_id = d.learner_id
            WHERE d.assignment_id = :assignment AND NOT EXISTS (
                SELECT 1 FROM submission s WHERE s.assignment_id = d.assignment_id AND s.learner_id = d.learner_id)
            ORDER BY d.learner_id
            """;
    private static final String UNCOLLECT = """
            DELETE FROM submission WHERE assignment_id = :assignment AND collected = 1
            """;

    private final JdbcClient database;
    private final JsonColumn json;
    private final Clock clock;

    Sheets(JdbcClient database, JsonColumn json, Clock clock) {
        this.database = database;
        this.json = json;
        this.clock = clock;
    }

    /** One answer as it was typed. */
    record Answer(CellView cell, String text) {}

    record Draft(List<Answer> answers, int revision, Instant keptAt) {
        /** How many boxes have something in them. */
        int filled() {
            return (int) answers.stream().filter(one -> !one.text().isBlank()).count();
        }
    }

    /** What was sent, or collected as it stood. */
    record Submission(
            long learnerId,
            List<Answer> answers,
            List<StoredFinding> findings,
            int marks,
            Instant sentAt,
            boolean collected) {}

    Optional<Draft> draft(long assignment, long learner) {
        return database.sql(DRAFT)
                .param("assignment", assignment)
                .param("learner", learner)
                .query(this::mapDraft)
                .optional();
    }

    private Draft mapDraft(ResultSet row, int number) throws SQLException {
        return new Draft(
                json.read(row.getString("answers"), new TypeReference<>() {}),
                row.getInt("revision"),
                Instant.ofEpochMilli(row.getLong("kept_at")));
    }

    /** The drafts of an assignment's learners who have not sent it, by learner. */
    Map<Long, Draft> unsent(long assignment) {
        Map<Long, Draft> drafts = new LinkedHashMap<>();
        database.sql(UNSENT).param("assignment", assignment).query((ResultSet row) -> {
            drafts.put(row.getLong("learner_id"), mapDraft(row, 0));
        });
        return drafts;
    }

    /** Keeps a draft that was begun from this revision (0 for none); false if another has come between. */
    boolean keep(long assignment, long learner, List<Answer> answers, int revision) {
        return revision == 0
                ? draftChanged(KEEP_DRAFT, assignment, learner, answers, revision)
                : draftChanged(CHANGE_DRAFT, assignment, learner, answers, revision);
    }

    private boolean draftChanged(String sql, long assignment, long learner, List<Answer> answers, int revision) {
        return database.sql(sql)
                        .param("assignment", assignment)
                        .param("learner", learner)
                        .param("answers", json.write(answers))
                        .param("revision", revision)
                        .param("now", clock.millis())
                        .update()
                == 1;
    }

    private Submission map(ResultSet row, int number) throws SQLException {
        return new Submission(
                row.getLong("learner_id"),
                json.read(row.getString("answers"), new TypeReference<>() {}),
                json.read(row.getString("findings"), new TypeReference<>() {}),
                row.getInt("marks"),
                Instant.ofEpochMilli(row.getLong("sent_at")),
                row.getBoolean("collected"));
    }

    Optional<Submission> submission(long assignment, long learner) {
        return database.sql(SUBMISSION)
                .param("assignment", assignment)
                .param("learner", learner)
                .query(this::map)
                .optional();
    }

    List<Submission> submissions(long assignment) {
        return database.sql(SUBMISSIONS)
                .param("assignment", assignment)
                .query(this::map)
                .list();
    }

    /** Keeps a submission; one that is there already stays as it is. */
    void send(long assignment, long learner, List<Answer> answers, Judgement judgement) {
        insert(assignment, learner, answers, judgement, clock.instant(), false);
    }

    /** Keeps a draft as it stands, as if it had been sent. */
    void collect(long assignment, long learner, List<Answer> answers, Judgement judgement, Instant at) {
        insert(assignment, learner, answers, judgement, at, true);
    }

    private void insert(
            long assignment, long learner, List<Answer> answers, Judgement judgement, Instant at, boolean collected) {
        database.sql(SEND)
                .param("assignment", assignment)
                .param("learner", learner)
                .param("answers", json.write(answers))
                .param(
                        "findings",
                        json.write(judgement.findings().stream()
                                .map(StoredFinding::of)
                                .toList()))
                .param("marks", judgement.marks())
                .param("at", at.toEpochMilli())
                .param("collected", collected)
                .update();
    }

    /** Gives collected sheets back to be written on. */
    void uncollect(long assignment) {
        database.sql(UNCOLLECT).param("assignment", assignment).update();
    }
}
