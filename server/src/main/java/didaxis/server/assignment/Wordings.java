package didaxis.server.assignment;

import didaxis.core.words.Wording;
import java.sql.ResultSet;
import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What teachers decided of answers in words, in the database. */
@Repository
class Wordings {
    private static final String OF_CLASS = """
            SELECT w.task, w.normalised, w.points FROM wording w
            WHERE substr(w.task, 1, 64) IN (:tasks)
            AND w.by_id IN (SELECT teacher_id FROM teaches WHERE classroom_id = :classroom)
            ORDER BY w.id
            """;
    private static final String DECIDE = """
            INSERT INTO wording (task, normalised, points, by_id, at) VALUES (:task, :normalised, :points, :by, :now)
            """;

    private final JdbcClient database;
    private final Clock clock;

    Wordings(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** What those who teach a class have decided of these. */
    Decided of(long classroom, List<String> asked) {
        if (asked.isEmpty()) return Decided.NONE;
        Map<String, Map<Wording, Integer>> points = new HashMap<>();
        database.sql(OF_CLASS)
                .param("tasks", asked)
                .param("classroom", classroom)
                .query((ResultSet row) -> {
                    Map<Wording, Integer> own = points.computeIfAbsent(row.getString("task"), first -> new HashMap<>());
                    Wording wording = new Wording(row.getString("normalised"));
                    int given = row.getInt("points");
                    if (row.wasNull()) own.remove(wording);
                    else own.put(wording, given);
                });
        return new Decided(points);
    }

    /** @param points none to leave it to the marker again */
    void decide(String asked, Wording wording, Integer points, long by) {
        database.sql(DECIDE)
                .param("task", asked)
                .param("normalised", wording.normalised())
                .param("points", points)
                .param("by", by)
                .param("now", clock.millis())
                .update();
    }
}
