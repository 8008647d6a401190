package didaxis.server.classroom;

import didaxis.server.config.Problem;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Classes in the database, each its teacher's only. */
@Repository
public class Classrooms {
    private static final String OWN = """
            SELECT c.id, c.name, (SELECT count(*) FROM classroom_learner l WHERE l.classroom_id = c.id) AS learners
            FROM classroom c WHERE c.teacher_id = :teacher ORDER BY c.name, c.id
            """;
    private static final String ONE = """
            SELECT c.id, c.name, (SELECT count(*) FROM classroom_learner l WHERE l.classroom_id = c.id) AS learners
            FROM classroom c WHERE c.id = :id AND c.teacher_id = :teacher
            """;
    private static final String INSERT = """
            INSERT INTO classroom (teacher_id, name, created_at) VALUES (:teacher, :name, :now) RETURNING id
            """;
    private static final String LEARNERS = """
            SELECT a.id, a.username, a.display_name FROM account a
            JOIN classroom_learner l ON l.learner_id = a.id
            WHERE l.classroom_id = :classroom ORDER BY a.display_name, a.id
            """;
    private static final String ADD_LEARNER = """
            INSERT INTO classroom_learner (classroom_id, learner_id) VALUES (:classroom, :learner)
            """;
    private static final String REMOVE_LEARNER = """
            DELETE FROM classroom_learner WHERE classroom_id = :classroom AND learner_id = :learner
            """;

    private final JdbcClient database;
    private final Clock clock;

    Classrooms(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    public record Classroom(long id, String name, int learners) {
        static Classroom map(ResultSet row, int number) throws SQLException {
            return new Classroom(row.getLong("id"), row.getString("name"), row.getInt("learners"));
        }
    }

    public record Learner(long id, String username, String displayName) {
        static Learner map(ResultSet row, int number) throws SQLException {
            return new Learner(row.getLong("id"), row.getString("username"), row.getString("display_name"));
        }
    }

    List<Classroom> of(long teacher) {
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

    public List<Learner> learners(long classroom) {
        return database.sql(LEARNERS)
                .param("classroom", classroom)
                .query(Learner::map)
                .list();
    }

    public void addLearner(long classroom, long learner) {
        database.sql(ADD_LEARNER)
                .param("classroom", classroom)
                .param("learner", learner)
                .update();
    }

    /** Takes a learner out of the class; the account and what was sent stay, so that it can be taken back. */
    void removeLearner(long classroom, long learner) {
        int rows = database.sql(REMOVE_LEARNER)
                .param("classroom", classroom)
                .param("learner", learner)
                .update();
        if (rows == 0) throw Problem.notFound("learner in this class");
    }
}
