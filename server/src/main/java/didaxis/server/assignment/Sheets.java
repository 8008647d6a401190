package didaxis.server.assignment;

import didaxis.server.circuit.CellView;
import didaxis.server.config.JsonColumn;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
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
            SELECT learner_id, answers, findings, marks, sent_at FROM submission
            WHERE assignment_id = :assignment AND learner_id = :learner
            """;
    private static final String SUBMISSIONS = """
            SELECT learner_id, answers, findings, marks, sent_at FROM submission
            WHERE assignment_id = :assignment ORDER BY sent_at, id
            """;
    private static final String SEND = """
            INSERT INTO submission (assignment_id, learner_id, answers, findings, marks, sent_at)
            VALUES (:assignment, :learner, :answers, :findings, :marks, :now)
            ON CONFLICT (assignment_id, learner_id) DO NOTHING
            """;
    private static final String BEGUN = """
            SELECT learner_id FROM draft WHERE assignment_id = :assignment
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

    record Draft(List<Answer> answers, int revision, Instant keptAt) {}

    record Submission(long learnerId, List<Answer> answers, List<StoredFinding> findings, int marks, Instant sentAt) {}

    Optional<Draft> draft(long assignment, long learner) {
        return database.sql(DRAFT)
                .param("assignment", assignment)
                .param("learner", learner)
                .query((row, number) -> new Draft(
                        json.read(row.getString("answers"), new TypeReference<>() {}),
                        row.getInt("revision"),
                        Instant.ofEpochMilli(row.getLong("kept_at"))))
                .optional();
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
                Instant.ofEpochMilli(row.getLong("sent_at")));
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
                .param("now", clock.millis())
                .update();
    }

    /** The learners who have a draft. */
    List<Long> begun(long assignment) {
        return database.sql(BEGUN)
                .param("assignment", assignment)
                .query(Long.class)
                .list();
    }
}
