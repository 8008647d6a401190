package didaxis.server.classroom;

import didaxis.server.config.Problem;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Classes in the database: each is owned by one teacher, who may share it with colleagues. */
@Repository
public class Classrooms {
    private static final String COLUMNS = """
            SELECT c.id, c.name, c.archived_at IS NOT NULL AS archived, c.teacher_id = :teacher AS own,
                (SELECT count(*) FROM classroom_learner l WHERE l.classroom_id = c.id) AS learners
            FROM classroom c JOIN teaches t ON t.classroom_id = c.id
            """;
    private static final String OWN = COLUMNS + """
            WHERE t.teacher_id = :teacher ORDER BY c.name COLLATE NOCASE, c.id
            """;
    private static final String ONE = COLUMNS + """
            WHERE c.id = :id AND t.teacher_id = :teacher
            """;
    private static final String INSERT = """
            INSERT INTO classroom (teacher_id, name, created_at) VALUES (:teacher, :name, :now) RETURNING id
            """;
    private static final String RENAME = """
            UPDATE classroom SET name = :name WHERE id = :id
            """;
    private static final String ARCHIVE = """
            UPDATE classroom SET archived_at = CASE WHEN :archived THEN :now END WHERE id = :id
            """;
    private static final String COPY_LEARNERS = """
            INSERT INTO classroom_learner (classroom_id, learner_id)
            SELECT :to, learner_id FROM classroom_learner WHERE classroom_id = :from
            """;
    private static final String LEARNERS = """
            SELECT a.id, a.username, a.display_name FROM account a
            JOIN classroom_learner l ON l.learner_id = a.id
            WHERE l.classroom_id = :classroom ORDER BY a.display_name COLLATE NOCASE, a.id
            """;
    private static final String COLLEAGUES = """
            SELECT a.id, a.display_name, a.id IN (SELECT teacher_id FROM classroom WHERE id = :classroom) AS owner
            FROM account a JOIN teaches t ON t.teacher_id = a.id
            WHERE t.classroom_id = :classroom ORDER BY owner DESC, a.display_name COLLATE NOCASE, a.id
            """;
    private static final String SHARE = """
            INSERT INTO classroom_colleague (classroom_id, teacher_id) VALUES (:classroom, :teacher)
            ON CONFLICT DO NOTHING
            """;
    private static final String UNSHARE = """
            DELETE FROM classroom_colleague WHERE classroom_id = :classroom AND teacher_id = :teacher
            """;
    private static final String SET_OWNER = """
            UPDATE classroom SET teacher_id = :teacher WHERE id = :classroom
            """;

    private final JdbcClient database;
    private final Clock clock;

    Classrooms(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** A class as one of its teachers has it; {@code own} is whether it is theirs and not only shared with them. */
    public record Classroom(long id, String name, int learners, boolean archived, boolean own) {
        static Classroom map(ResultSet row, int number) throws SQLException {
            return new Classroom(
                    row.getLong("id"),
                    row.getString("name"),
                    row.getInt("learners"),
                    row.getBoolean("archived"),
                    row.getBoolean("own"));
        }
    }

    public record Learner(long id, String username, String displayName) {
        static Learner map(ResultSet row, int number) throws SQLException {
            return new Learner(row.getLong("id"), row.getString("username"), row.getString("display_name"));
        }
    }

    /** A teacher of a class. */
    record Colleague(long id, String displayName, boolean owner) {}

    /** Those a teacher owns or that are shared with them. */
    public List<Classroom> of(long teacher) {
        return database.sql(OWN).param("teacher", teacher).query(Classroom::map).list();
    }

    /**
     * One of the teacher's classes.
     *
     * @throws Problem if there is none
     */
    public Classroom one(long id, long teacher) {
        return database.sql(ONE)
                .param("id", id)
                .param("teacher", teacher)
                .query(Classroom::map)
                .optional()
                .orElseThrow(() -> Problem.notFound("class"));
    }

    public long add(String name, long teacher) {
        return database.sql(INSERT)
                .param("teacher", teacher)
                .param("name", name)
                .param("now", clock.millis())
                .query(Long.class)
                .single();
    }

    void rename(long id, String name) {
        database.sql(RENAME).param("name", name).param("id", id).update();
    }

    void archive(long id, boolean archived) {
        database.sql(ARCHIVE)
                .param("archived", archived)
                .param("now", clock.millis())
                .param("id", id)
                .update();
    }

    void copyLearners(long from, long to) {
        database.sql(COPY_LEARNERS).param("from", from).param("to", to).update();
    }

    public List<Learner> learners(long classroom) {
        return database.sql(LEARNERS)
                .param("classroom", classroom)
                .query(Learner::map)
                .list();
    }

    /** Its teachers, the owner first. */
    List<Colleague> colleagues(long classroom) {
        return database.sql(COLLEAGUES)
                .param("classroom", classroom)
                .query((row, number) ->
                        new Colleague(row.getLong("id"), row.getString("display_name"), row.getBoolean("owner")))
                .list();
    }

    void share(long classroom, long teacher) {
        database.sql(SHARE)
                .param("classroom", classroom)
                .param("teacher", teacher)
                .update();
    }

    void unshare(long classroom, long teacher) {
        database.sql(UNSHARE)
                .param("classroom", classroom)
                .param("teacher", teacher)
                .update();
    }

    /** From now on it is somebody else's, and no longer who owned it before. */
    void handOver(long classroom, long teacher) {
        unshare(classroom, teacher);
        database.sql(SET_OWNER)
                .param("classroom", classroom)
                .param("teacher", teacher)
                .update();
    }
}
