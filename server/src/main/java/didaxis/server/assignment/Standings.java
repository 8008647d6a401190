package didaxis.server.assignment;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** How far everybody is, counted by the database without reading a single answer. */
@Repository
class Standings {
    private static final String COUNTS = """
            SELECT a.id,
                (SELECT count(*) FROM classroom_learner l WHERE l.classroom_id = a.classroom_id) AS learners,
                (SELECT count(*) FROM classroom_learner l
                    JOIN sheet h ON h.assignment_id = a.id AND h.learner_id = l.learner_id
                    JOIN submission s ON s.sheet_id = h.id
                    WHERE l.classroom_id = a.classroom_id) AS sent,
                (SELECT count(*) FROM sheet h JOIN submission s ON s.sheet_id = h.id AND s.keyed = 1
                    WHERE h.assignment_id = a.id) AS keyed,
                (SELECT count(*) FROM classroom_learner l
                    JOIN sheet h ON h.assignment_id = a.id AND h.learner_id = l.learner_id
                    WHERE l.classroom_id = a.classroom_id AND h.kept_at IS NOT NULL AND NOT EXISTS (
                        SELECT 1 FROM submission s WHERE s.sheet_id = h.id)) AS working
            FROM assignment a JOIN classroom c ON c.id = a.classroom_id AND a.withdrawn_at IS NULL
            JOIN teaches t ON t.classroom_id = c.id
            WHERE t.teacher_id = :teacher
            """;
    private static final String STANDING = """
            SELECT a.id AS assignment_id, l.learner_id, h.kept_at, s.sent_at, s.marks, s.collected, s.keyed,
                NULLIF(MAX(COALESCE((SELECT MAX(o.at) FROM override o WHERE o.submission_id = s.id), 0),
                    COALESCE(s.remarked_at, 0)), 0) AS given_at
            FROM assignment a
            JOIN classroom_learner l ON l.classroom_id = a.classroom_id AND a.withdrawn_at IS NULL
            LEFT JOIN sheet h ON h.assignment_id = a.id AND h.learner_id = l.learner_id
            LEFT JOIN submission s ON s.sheet_id = h.id
            """;
    private static final String OF_CLASS = STANDING + """
            WHERE a.classroom_id = :id
            """;
    private static final String OF_ASSIGNMENT = STANDING + """
            WHERE a.id = :id
            """;
    private static final String OF_LEARNER = STANDING + """
            WHERE l.learner_id = :id
            """;

    private final JdbcClient database;

    Standings(JdbcClient database) {
        this.database = database;
    }

    /** How many of a class are where with an assignment. */
    record Counts(long assignment, int learners, int working, int sent, int keyed) {}

    /**
     * Where one learner is with one assignment: when the draft was kept last, and when it was sent.
     *
     * @param givenAt when a teacher last changed marks: above the marker's word, or by putting the memo right
     */
    record Standing(
            long assignment,
            long learner,
            Optional<Instant> keptAt,
            Optional<Instant> sentAt,
            int marks,
            boolean collected,
            boolean keyed,
            Optional<Instant> givenAt) {
        static Standing map(ResultSet row, int number) throws SQLException {
            return new Standing(
                    row.getLong("assignment_id"),
                    row.getLong("learner_id"),
                    instant(row, "kept_at"),
                    instant(row, "sent_at"),
                    row.getInt("marks"),
                    row.getBoolean("collected"),
                    row.getBoolean("keyed"),
                    instant(row, "given_at"));
        }

        private static Optional<Instant> instant(ResultSet row, String column) throws SQLException {
            long millis = row.getLong(column);
            return row.wasNull() ? Optional.empty() : Optional.of(Instant.ofEpochMilli(millis));
        }

        /** In one word. */
        String word() {
            return sentAt.isPresent() ? "sent" : keptAt.isPresent() ? "working" : "not-begun";
        }
    }

    /** Of every assignment of a teacher. */
    List<Counts> counts(long teacher) {
        return database.sql(COUNTS)
                .param("teacher", teacher)
                .query((row, number) -> new Counts(
                        row.getLong("id"),
                        row.getInt("learners"),
                        row.getInt("working"),
                        row.getInt("sent"),
                        row.getInt("keyed")))
                .list();
    }

    /** Of every learner of a class with every assignment to it. */
    List<Standing> ofClass(long classroom) {
        return standing(OF_CLASS, classroom);
    }

    /** Of every learner of the class with one assignment to it. */
    List<Standing> ofAssignment(long assignment) {
        return standing(OF_ASSIGNMENT, assignment);
    }

    /** Of one learner with everything handed out to them. */
    List<Standing> ofLearner(long learner) {
        return standing(OF_LEARNER, learner);
    }

    private List<Standing> standing(String sql, long id) {
        return database.sql(sql).param("id", id).query(Standing::map).list();
    }
}
