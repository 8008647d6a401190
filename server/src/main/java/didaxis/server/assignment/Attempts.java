package didaxis.server.assignment;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Attempts at sheets in the database: the one everybody is at, and those that teachers allowed after the first. */
@Repository
class Attempts {
    private static final String NOW = """
            SELECT n.learner_id, n.number, n.seed, n.due_at, n.shown, n.kept_at, n.sent_at, n.back, n.counting
            FROM attempt_now n WHERE n.assignment_id = :assignment
            """;
    private static final String NOW_OF_LEARNER = NOW + """
            AND n.learner_id = :learner
            """;

    private static final String ALLOW = """
            INSERT INTO attempt (sheet_id, number, seed, due_at, shown, by_id, allowed_at)
            SELECT h.id, :number, :seed, :due, :shown, :by, MAX(:now, COALESCE(a.released_at + 1, 0))
            FROM sheet h JOIN assignment a ON a.id = h.assignment_id
            WHERE h.assignment_id = :assignment AND h.learner_id = :learner
            """;
    /** Whoever has an older copy of the sheet open is behind. */
    private static final String BEGIN = """
            UPDATE sheet SET revision = revision + 1, kept_at = NULL, answers = CASE WHEN :empty THEN '[]' ELSE COALESCE(
                (SELECT s.answers FROM submission s WHERE s.sheet_id = sheet.id AND s.attempt = :number - 1), answers) END
            WHERE assignment_id = :assignment AND learner_id = :learner
            """;

    private static final String MOVE = """
            UPDATE attempt SET due_at = :due WHERE number = :number
            AND sheet_id IN (SELECT id FROM sheet WHERE assignment_id = :assignment AND learner_id = :learner)
            """;
    private static final String TAKE_BACK = """
            DELETE FROM attempt WHERE number = :number
            AND sheet_id IN (SELECT id FROM sheet WHERE assignment_id = :assignment AND learner_id = :learner)
            """;

    private final JdbcClient database;
    private final Drafts drafts;
    private final Clock clock;

    Attempts(JdbcClient database, Drafts drafts, Clock clock) {
        this.database = database;
        this.drafts = drafts;
        this.clock = clock;
    }

    /**
     * The attempt a learner is at.
     *
     * @param seed says which variant it has
     * @param shown whether its learner sees what came of the attempt before while it runs
     * @param back whether nothing more can be written in it, and all that came of it may be seen
     * @param counting the id of the attempt that counts; none as long as none came in
     */
    record Attempt(
            long learner,
            int number,
            long seed,
            Instant dueAt,
            boolean shown,
            Optional<Instant> keptAt,
            Optional<Instant> sentAt,
            boolean back,
            Optional<Long> counting) {
        private static Attempt map(ResultSet row, int number) throws SQLException {
            return new Attempt(
                    row.getLong("learner_id"),
                    row.getInt("number"),
                    row.getLong("seed"),
                    Instant.ofEpochMilli(row.getLong("due_at")),
                    row.getBoolean("shown"),
                    instant(row, "kept_at"),
                    instant(row, "sent_at"),
                    row.getBoolean("back"),
                    number(row, "counting"));
        }

        private static Optional<Instant> instant(ResultSet row, String column) throws SQLException {
            return number(row, column).map(Instant::ofEpochMilli);
        }

        private static Optional<Long> number(ResultSet row, String column) throws SQLException {
            long number = row.getLong(column);
            return row.wasNull() ? Optional.empty() : Optional.of(number);
        }

        /** Whether it can be written on. */
        boolean open() {
            return sentAt.isEmpty() && !back;
        }

        /** Whether it is a further one that was not handed back yet. */
        boolean again() {
            return number > 1 && !back;
        }
    }

    /** Where one of the class is. */
    Attempt now(long assignment, long learner) {
        return database.sql(NOW_OF_LEARNER)
                .param("assignment", assignment)
                .param("learner", learner)
                .query(Attempt::map)
                .single();
    }

    /** Where everybody of the class is. */
    Map<Long, Attempt> now(long assignment) {
        return database.sql(NOW).param("assignment", assignment).query(Attempt::map).stream()
                .collect(Collectors.toMap(Attempt::learner, Function.identity()));
    }

    /**
     * Another attempt.
     *
     * @param seed which variant it has
     * @param empty whether its sheet is empty; else it goes on from the answers of the attempt before
     */
    record Further(long learner, int number, long seed, boolean empty) {}

    /** Allows these attempts from now on until a due time. */
    void allow(long assignment, List<Further> further, Instant due, boolean shown, long by) {
        for (Further one : further) {
            drafts.begin(assignment, one.learner());
            database.sql(ALLOW)
                    .param("assignment", assignment)
                    .param("learner", one.learner())
                    .param("number", one.number())
                    .param("seed", one.seed())
                    .param("due", due.toEpochMilli())
                    .param("shown", shown)
                    .param("by", by)
                    .param("now", clock.millis())
                    .update();
            database.sql(BEGIN)
                    .param("assignment", assignment)
                    .param("learner", one.learner())
                    .param("number", one.number())
                    .param("empty", one.empty())
                    .update();
        }
    }

    /** Another time until when attempts in hand may be written; the first has that of all. */
    void move(long assignment, List<Attempt> further, Instant due) {
        for (Attempt one : further)
            database.sql(MOVE)
                    .param("assignment", assignment)
                    .param("learner", one.learner())
                    .param("number", one.number())
                    .param("due", due.toEpochMilli())
                    .update();
    }

    /** Takes an attempt back that nobody has begun. */
    void takeBack(long assignment, Attempt attempt) {
        database.sql(TAKE_BACK)
                .param("assignment", assignment)
                .param("learner", attempt.learner())
                .param("number", attempt.number())
                .update();
    }
}
