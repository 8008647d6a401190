package didaxis.server.assignment;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What teachers gave for answers above the marker's word, in the database. */
@Repository
class Overrides {
    private static final String LATEST = """
            SELECT COALESCE(MAX(o.id), 0) FROM override o
            JOIN submission s ON s.id = o.submission_id JOIN sheet h ON h.id = s.sheet_id
            WHERE h.assignment_id = :assignment AND o.box = :box
            """;
    private static final String BY = """
            SELECT a.display_name FROM override o JOIN account a ON a.id = o.by_id WHERE o.id = :id
            """;
    private static final String GIVE = """
            INSERT INTO override (submission_id, box, points, reason, by_id, at)
            VALUES (:submission, :box, :points, :reason, :by, :now)
            """;

    private final JdbcClient database;
    private final Clock clock;

    Overrides(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** The latest of a box over all sheets; 0 where there is none. */
    long latest(long assignment, String box) {
        return database.sql(LATEST)
                .param("assignment", assignment)
                .param("box", box)
                .query(Long.class)
                .single();
    }

    /** Who gave it; nobody where there is none. */
    Optional<String> by(long id) {
        return database.sql(BY).param("id", id).query(String.class).optional();
    }

    /** @param points none to leave the answer to the marker again */
    void give(List<Long> submissions, String box, Integer points, String reason, long by) {
        for (long submission : submissions)
            database.sql(GIVE)
                    .param("submission", submission)
                    .param("box", box)
                    .param("points", points)
                    .param("reason", reason)
                    .param("by", by)
                    .param("now", clock.millis())
                    .update();
    }
}
