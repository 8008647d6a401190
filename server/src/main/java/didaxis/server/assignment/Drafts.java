package didaxis.server.assignment;

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

/** Sheets that are written on, in the database: of a learner and an assignment one. */
@Repository
class Drafts {
    private static final String DRAFT = """
            SELECT answers, revision, kept_at FROM sheet WHERE assignment_id = :assignment AND learner_id = :learner
            """;
    private static final String BEGIN = """
            INSERT INTO sheet (assignment_id, learner_id, answers, revision, kept_at)
            SELECT :assignment, :learner, :answers, 1, :now WHERE :revision = 0
            ON CONFLICT (assignment_id, learner_id) DO NOTHING
            """;
    private static final String BEGIN_EMPTY = """
            INSERT INTO sheet (assignment_id, learner_id, answers, revision)
            VALUES (:assignment, :learner, '[]', 0) ON CONFLICT (assignment_id, learner_id) DO NOTHING
            """;
    private static final String CHANGE = """
            UPDATE sheet SET answers = :answers, revision = revision + 1, kept_at = :now
            WHERE assignment_id = :assignment AND learner_id = :learner AND revision = :revision
            """;
    private static final String UNSENT = """
            SELECT h.learner_id, h.answers, h.revision, h.kept_at FROM attempt_now n JOIN sheet h ON h.id = n.sheet_id
            WHERE n.assignment_id = :assignment AND n.kept_at IS NOT NULL AND n.sent_at IS NULL AND NOT n.back
            ORDER BY h.learner_id
            """;

    private final JdbcClient database;
    private final JsonColumn json;
    private final Clock clock;

    Drafts(JdbcClient database, JsonColumn json, Clock clock) {
        this.database = database;
        this.json = json;
        this.clock = clock;
    }

    /** @param keptAt none where nothing was written in this attempt yet */
    record Draft(List<Answer> answers, int revision, Optional<Instant> keptAt) {
        /** How many boxes have something in them. */
        int filled() {
            return (int) answers.stream().filter(one -> !one.text().isBlank()).count();
        }
    }

    /** What stands on a sheet in the attempt its learner is at. */
    Optional<Draft> of(long assignment, long learner) {
        return database.sql(DRAFT)
                .param("assignment", assignment)
                .param("learner", learner)
                .query(this::map)
                .optional();
    }

    private Draft map(ResultSet row, int number) throws SQLException {
        long kept = row.getLong("kept_at");
        Optional<Instant> keptAt = row.wasNull() ? Optional.empty() : Optional.of(Instant.ofEpochMilli(kept));
        return new Draft(json.read(row.getString("answers"), new TypeReference<>() {}), row.getInt("revision"), keptAt);
    }

    /** What an assignment's learners have written and not sent, by learner. */
    Map<Long, Draft> unsent(long assignment) {
        Map<Long, Draft> drafts = new LinkedHashMap<>();
        database.sql(UNSENT).param("assignment", assignment).query((ResultSet row) -> {
            drafts.put(row.getLong("learner_id"), map(row, 0));
        });
        return drafts;
    }

    /** Sees to it that there is a sheet; one that is there stays as it is. */
    void begin(long assignment, long learner) {
        database.sql(BEGIN_EMPTY)
                .param("assignment", assignment)
                .param("learner", learner)
                .update();
    }

    /** Keeps a draft that was begun from this revision (0 for none); false if another has come between. */
    boolean keep(long assignment, long learner, List<Answer> answers, int revision) {
        return changed(revision == 0 ? BEGIN : CHANGE, assignment, learner, answers, revision);
    }

    private boolean changed(String sql, long assignment, long learner, List<Answer> answers, int revision) {
        return database.sql(sql)
                        .param("assignment", assignment)
                        .param("learner", learner)
                        .param("answers", json.write(answers))
                        .param("revision", revision)
                        .param("now", clock.millis())
                        .update()
                == 1;
    }
}
