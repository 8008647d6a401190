package didaxis.server.assignment;

import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** How far everybody is, counted by the database without reading a single answer. */
@Repository
class Standings {
    private static final String COUNTS = """
            SELECT n.assignment_id AS id,
                count(*) AS learners,
                SUM(n.number > 1 OR n.sent_at IS NOT NULL) AS sent,
                (SELECT count(*) FROM sheet h JOIN submission s ON s.sheet_id = h.id AND s.keyed = 1
                    WHERE h.assignment_id = n.assignment_id) AS keyed,
                SUM(n.number = 1 AND n.kept_at IS NOT NULL AND n.sent_at IS NULL) AS working,
                SUM(n.number > 1 AND NOT n.back AND n.sent_at IS NULL) AS again,
                SUM(n.number > 1 AND NOT n.back AND n.sent_at IS NOT NULL) AS again_sent,
                MAX(CASE WHEN n.number > 1 AND NOT n.back THEN n.due_at END) AS again_due
            FROM attempt_now n
            WHERE n.assignment_id IN (SELECT a.id FROM assignment a JOIN teaches t ON t.classroom_id = a.classroom_id
                WHERE t.teacher_id = :teacher)
            GROUP BY n.assignment_id
            """;
    private static final String STANDING = """
            SELECT n.assignment_id, n.learner_id, n.number, n.back, n.kept_at, n.sent_at AS sent_now,
                n.due_at AS due_now, s.sent_at, s.attempt, s.marks, s.collected, s.keyed,
                COALESCE(t.due_at, a.due_at) AS due_at,
                NULLIF(MAX(COALESCE((SELECT MAX(o.at) FROM override o WHERE o.submission_id = s.id), 0),
                    COALESCE(s.remarked_at, 0)), 0) AS given_at
            FROM attempt_now n JOIN assignment a ON a.id = n.assignment_id
            LEFT JOIN submission s ON s.id = n.counting
            LEFT JOIN attempt t ON t.sheet_id = n.sheet_id AND t.number = s.attempt
            """;
    private static final String OF_CLASS = STANDING + """
            WHERE a.classroom_id = :id
            """;
    private static final String OF_ASSIGNMENT = STANDING + """
            WHERE n.assignment_id = :id
            """;
    private static final String OF_LEARNER = STANDING + """
            WHERE n.learner_id = :id
            """;

    private final JdbcClient database;

    Standings(JdbcClient database) {
        this.database = database;
    }

    /**
     * How many of a class are where with an assignment.
     *
     * @param working at the first attempt
     * @param sent any attempt
     * @param again who may try again and have not sent that
     * @param sentAgain whose further attempt came in and was not handed back
     * @param againDue when the last of these is due; none where there are none
     */
    record Counts(
            long assignment,
            int learners,
            int working,
            int sent,
            int keyed,
            int again,
            int sentAgain,
            Optional<Instant> againDue) {
        private static Counts nobody(long assignment) {
            return new Counts(assignment, 0, 0, 0, 0, 0, 0, Optional.empty());
        }

        private static Counts map(ResultSet row, int number) throws SQLException {
            return new Counts(
                    row.getLong("id"),
                    row.getInt("learners"),
                    row.getInt("working"),
                    row.getInt("sent"),
                    row.getInt("keyed"),
                    row.getInt("again"),
                    row.getInt("again_sent"),
                    instant(row, "again_due"));
        }
    }

    /**
     * Where one learner is with one assignment: how far with the attempt in hand, and what came in of the one that counts.
     *
     * @param number of the attempt in hand
     * @param again whether that is a further one which was not handed back yet
     * @param keptAt when that was kept last
     * @param sentNow when that was sent
     * @param dueNow when that is due
     * @param sentAt when the one that counts was sent; none as long as none was
     * @param attempt the number of that
     * @param dueAt when that was due
     * @param givenAt when a teacher last changed its marks: above the marker's word, or by putting the memo right
     */
    record Standing(
            long assignment,
            long learner,
            int number,
            boolean again,
            Optional<Instant> keptAt,
            Optional<Instant> sentNow,
            Instant dueNow,
            Optional<Instant> sentAt,
            int attempt,
            Instant dueAt,
            int marks,
            boolean collected,
            boolean keyed,
            Optional<Instant> givenAt) {
        static Standing map(ResultSet row, int number) throws SQLException {
            return new Standing(
                    row.getLong("assignment_id"),
                    row.getLong("learner_id"),
                    row.getInt("number"),
                    row.getInt("number") > 1 && !row.getBoolean("back"),
                    instant(row, "kept_at"),
                    instant(row, "sent_now"),
                    Instant.ofEpochMilli(row.getLong("due_now")),
                    instant(row, "sent_at"),
                    row.getInt("attempt"),
                    Instant.ofEpochMilli(row.getLong("due_at")),
                    row.getInt("marks"),
                    row.getBoolean("collected"),
                    row.getBoolean("keyed"),
                    instant(row, "given_at"));
        }

        /** How far the attempt in hand is, in one word. */
        String now() {
            return sentNow.isPresent() ? "sent" : keptAt.isPresent() ? "working" : "not-begun";
        }

        /** How far all is: a sheet that came in once is sent. */
        String word() {
            return sentAt.isPresent() ? "sent" : now();
        }
    }

    private static Optional<Instant> instant(ResultSet row, String column) throws SQLException {
        long millis = row.getLong(column);
        return row.wasNull() ? Optional.empty() : Optional.of(Instant.ofEpochMilli(millis));
    }

    /** How everything stands that a teacher handed out. */
    record Counted(Map<Long, Counts> counts) {
        AssignmentSummary summary(Assignment assignment) {
            long id = assignment.id();
            return AssignmentSummary.of(assignment, counts.getOrDefault(id, Counts.nobody(id)));
        }
    }

    /** Of every assignment of a teacher. */
    Counted counts(long teacher) {
        return new Counted(database.sql(COUNTS).param("teacher", teacher).query(Counts::map).stream()
                .collect(Collectors.toMap(Counts::assignment, Function.identity())));
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
