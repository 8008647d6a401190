package didaxis.server.classroom;

import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.config.Problem;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Who is in which class, in the database, and what there is of a learner altogether. */
@Repository
public class Learners {
    private static final String ADD = """
            INSERT INTO classroom_learner (classroom_id, learner_id) VALUES (:classroom, :learner)
            ON CONFLICT DO NOTHING
            """;
    private static final String NO_LONGER_FORMER = """
            DELETE FROM classroom_former WHERE classroom_id = :classroom AND learner_id = :learner
            """;
    private static final String REMOVE = """
            DELETE FROM classroom_learner WHERE classroom_id = :classroom AND learner_id = :learner
            """;
    private static final String FORMER = """
            INSERT INTO classroom_former (classroom_id, learner_id, left_at) VALUES (:classroom, :learner, :now)
            ON CONFLICT DO UPDATE SET left_at = :now
            """;
    private static final String FORMER_OF = """
            SELECT a.id, a.username, a.display_name FROM account a JOIN classroom_former f ON f.learner_id = a.id
            WHERE f.classroom_id = :classroom ORDER BY f.left_at DESC, a.id
            """;
    private static final String KNOWN_TO = """
            SELECT DISTINCT a.id, a.username, a.display_name, c.name AS classroom FROM account a
            JOIN (SELECT classroom_id, learner_id FROM classroom_learner
                  UNION SELECT classroom_id, learner_id FROM classroom_former) l ON l.learner_id = a.id
            JOIN classroom c ON c.id = l.classroom_id
            JOIN teaches t ON t.classroom_id = c.id
            WHERE t.teacher_id = :teacher ORDER BY a.display_name COLLATE NOCASE, a.id, c.name
            """;
    private static final String CLASSES_OF_OTHERS = """
            SELECT count(*) FROM (SELECT classroom_id, learner_id FROM classroom_learner
                UNION SELECT classroom_id, learner_id FROM classroom_former) l
            WHERE l.learner_id = :learner
            AND l.classroom_id NOT IN (SELECT classroom_id FROM teaches WHERE teacher_id = :teacher)
            """;
    private static final String USERNAMES = """
            SELECT username FROM account
            """;
    private static final String WORK = """
            WITH own AS (
                SELECT h.id, h.answers, h.kept_at, c.name AS classroom, a.title, a.handed_out_at, a.id AS assignment_id,
                    COALESCE((SELECT MAX(number) FROM attempt WHERE sheet_id = h.id), 1) AS attempt
                FROM assignment a JOIN classroom c ON c.id = a.classroom_id
                JOIN sheet h ON h.assignment_id = a.id AND h.learner_id = :learner
                WHERE a.classroom_id IN (SELECT classroom_id FROM teaches WHERE teacher_id = :teacher))
            SELECT classroom, title, s.attempt, s.answers, CASE WHEN s.attempt = own.attempt THEN kept_at END AS kept_at,
                s.sent_at, s.marks, handed_out_at, assignment_id
            FROM own JOIN submission s ON s.sheet_id = own.id
            UNION ALL SELECT classroom, title, attempt, answers, kept_at, NULL, NULL, handed_out_at, assignment_id
            FROM own WHERE NOT EXISTS (
                SELECT 1 FROM submission s WHERE s.sheet_id = own.id AND s.attempt = own.attempt)
            AND (attempt = 1 OR kept_at IS NOT NULL)
            ORDER BY handed_out_at, assignment_id, attempt
            """;
    private static final String HEAVIEST = """
            SELECT title, weight FROM assignment WHERE classroom_id = :classroom AND withdrawn_at IS NULL
            ORDER BY weight DESC LIMIT 1
            """;
    private static final String RENAME = """
            UPDATE account SET display_name = :name WHERE id = :learner AND role = 'learner'
            """;
    private static final String ERASE = """
            DELETE FROM account WHERE id = :learner AND role = 'learner'
            """;

    private final JdbcClient database;
    private final Clock clock;

    Learners(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** A learner a teacher knows from a class. */
    record Known(Learner learner, String classroom) {}

    /** What a learner has written in one attempt at a sheet; answers are as they were typed, in JSON. */
    record Work(
            String classroom,
            String title,
            int attempt,
            String answers,
            Optional<Instant> keptAt,
            Optional<Instant> sentAt,
            int marks) {
        static Work map(ResultSet row, int number) throws SQLException {
            return new Work(
                    row.getString("classroom"),
                    row.getString("title"),
                    row.getInt("attempt"),
                    row.getString("answers"),
                    instant(row, "kept_at"),
                    instant(row, "sent_at"),
                    row.getInt("marks"));
        }

        private static Optional<Instant> instant(ResultSet row, String column) throws SQLException {
            long millis = row.getLong(column);
            return row.wasNull() ? Optional.empty() : Optional.of(Instant.ofEpochMilli(millis));
        }
    }

    /** Of what was handed to a class the one that asks for most; nothing where nothing was. */
    ClassSize.Heaviest heaviest(long classroom) {
        return database.sql(HEAVIEST)
                .param("classroom", classroom)
                .query((row, number) -> new ClassSize.Heaviest(row.getString("title"), row.getLong("weight")))
                .optional()
                .orElse(new ClassSize.Heaviest("", 0));
    }

    /** Puts a learner into a class; a second time changes nothing. */
    public void add(long classroom, long learner) {
        database.sql(ADD)
                .param("classroom", classroom)
                .param("learner", learner)
                .update();
        database.sql(NO_LONGER_FORMER)
                .param("classroom", classroom)
                .param("learner", learner)
                .update();
    }

    /** Takes a learner out of the class; the account and what was sent stay, so that it can be taken back. */
    void remove(long classroom, long learner) {
        int rows = database.sql(REMOVE)
                .param("classroom", classroom)
                .param("learner", learner)
                .update();
        if (rows == 0) throw Problem.notFound("learner in this class");
        database.sql(FORMER)
                .param("classroom", classroom)
                .param("learner", learner)
                .param("now", clock.millis())
                .update();
    }

    /** Who was taken out of a class, the latest first. */
    List<Learner> former(long classroom) {
        return database.sql(FORMER_OF)
                .param("classroom", classroom)
                .query(Learner::map)
                .list();
    }

    /** Every learner who is or was in one of the teacher's classes, once a class. */
    List<Known> knownTo(long teacher) {
        return database.sql(KNOWN_TO)
                .param("teacher", teacher)
                .query((row, number) -> new Known(Learner.map(row, number), row.getString("classroom")))
                .list();
    }

    /** Whether a learner is or was in a class that is none of this teacher's. */
    boolean isAlsoOthers(long learner, long teacher) {
        return database.sql(CLASSES_OF_OTHERS)
                        .param("learner", learner)
                        .param("teacher", teacher)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** All sign-in names of the school, in small letters. */
    Set<String> usernames() {
        return database.sql(USERNAMES).query(String.class).list().stream()
                .map(name -> name.toLowerCase(Locale.ROOT))
                .collect(Collectors.toSet());
    }

    /** Everything a learner wrote in the teacher's classes. */
    List<Work> work(long learner, long teacher) {
        return database.sql(WORK)
                .param("learner", learner)
                .param("teacher", teacher)
                .query(Work::map)
                .list();
    }

    void rename(long learner, String name) {
        database.sql(RENAME).param("name", name).param("learner", learner).update();
    }

    /** Deletes an account with all that was written by it, for good. */
    void erase(long learner) {
        database.sql(ERASE).param("learner", learner).update();
    }
}
