package didaxis.server.question;

import didaxis.server.config.JsonColumn;
import didaxis.server.config.Problem;
import didaxis.server.config.Removed;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;

/** Questions in the database, each its owner's only. */
@Repository
public class Questions {
    private static final String OWN = """
            SELECT id, title, body, boxes, marks, difficulty, updated_at FROM question
            WHERE owner_id = :owner AND removed_at IS NULL ORDER BY updated_at DESC, id DESC
            """;
    private static final String ONE = """
            SELECT id, title, body, boxes, marks, difficulty, updated_at FROM question
            WHERE id = :id AND owner_id = :owner AND removed_at IS NULL
            """;
    private static final String INSERT = """
            INSERT INTO question (owner_id, title, format, body, boxes, marks, difficulty, updated_at)
            VALUES (:owner, :title, :format, :body, :boxes, :marks, :difficulty, :now) RETURNING id
            """;
    private static final String UPDATE = """
            UPDATE question SET title = :title, format = :format, body = :body, boxes = :boxes, marks = :marks,
                difficulty = :difficulty, updated_at = :now, revision = revision + 1
            WHERE id = :id AND owner_id = :owner AND removed_at IS NULL
            """;
    private static final String KEEP_REVISION = """
            INSERT INTO question_revision (question_id, revision, title, format, body, at)
            SELECT id, revision, title, format, body, updated_at FROM question
            WHERE id = :id AND owner_id = :owner AND removed_at IS NULL AND body <> :body
            """;
    private static final String REVISIONS = """
            SELECT r.revision, r.title, r.body, r.at FROM question_revision r JOIN question q ON q.id = r.question_id
            WHERE q.id = :id AND q.owner_id = :owner AND q.removed_at IS NULL ORDER BY r.revision DESC
            """;
    private static final String OWN_REMOVED = """
            SELECT id, title, body, boxes, marks, difficulty, updated_at FROM question
            WHERE owner_id = :owner AND removed_at >= :since ORDER BY removed_at DESC, id DESC
            """;
    private static final String RENAME = """
            UPDATE question SET title = :title WHERE id = :id AND owner_id = :owner AND removed_at IS NULL
            """;
    private static final String SET_REMOVED = """
            UPDATE question SET removed_at = :removed WHERE id = :id AND owner_id = :owner
            """;
    private static final String PURGE = """
            DELETE FROM question WHERE removed_at < :before
            AND id NOT IN (SELECT question_id FROM question_draft WHERE question_id IS NOT NULL)
            AND id NOT IN (SELECT question_id FROM paper_question)
            """;

    private final JdbcClient database;
    private final JsonColumn json;
    private final Clock clock;

    Questions(JdbcClient database, JsonColumn json, Clock clock) {
        this.database = database;
        this.json = json;
        this.clock = clock;
    }

    /** A kept question. */
    public record Kept(long id, QuestionContent content, DifficultyWord difficulty, Instant updatedAt) {}

    private Kept map(ResultSet row, int number) throws SQLException {
        QuestionContent content = new QuestionContent(
                row.getString("title"),
                json.read(row.getString("body"), new TypeReference<>() {}),
                row.getInt("boxes"),
                row.getInt("marks"));
        return new Kept(
                row.getLong("id"),
                content,
                DifficultyWord.named(row.getString("difficulty")),
                Instant.ofEpochMilli(row.getLong("updated_at")));
    }

    public List<Kept> of(long owner) {
        return database.sql(OWN).param("owner", owner).query(this::map).list();
    }

    /**
     * One of the owner's questions.
     *
     * @throws Problem if there is none
     */
    public Kept one(long id, long owner) {
        return database.sql(ONE)
                .param("id", id)
                .param("owner", owner)
                .query(this::map)
                .optional()
                .orElseThrow(() -> Problem.notFound("question"));
    }

    /** Some of the owner's questions in this order; those that are not there any more are left out. */
    public List<Kept> some(List<Long> ids, long owner) {
        return ids.stream()
                .flatMap(id ->
                        database.sql(ONE).param("id", id).param("owner", owner).query(this::map).optional().stream())
                .toList();
    }

    /** Keeps a new question and says its id. */
    public long add(ReadyQuestion question, long owner) {
        return filled(INSERT, question).param("owner", owner).query(Long.class).single();
    }

    /** Changes a question; what it was is kept as a revision. */
    void change(long id, ReadyQuestion question, long owner) {
        database.sql(KEEP_REVISION)
                .param("id", id)
                .param("owner", owner)
                .param("body", json.write(question.content().body()))
                .update();
        int rows =
                filled(UPDATE, question).param("id", id).param("owner", owner).update();
        if (rows == 0) throw Problem.notFound("question");
    }

    /** What a question was at one time. */
    record Revision(int revision, String title, QuestionBody body, Instant at) {}

    /** What a question was before, the latest first. */
    List<Revision> revisions(long id, long owner) {
        return database.sql(REVISIONS)
                .param("id", id)
                .param("owner", owner)
                .query((row, number) -> new Revision(
                        row.getInt("revision"),
                        row.getString("title"),
                        json.read(row.getString("body"), new TypeReference<>() {}),
                        Instant.ofEpochMilli(row.getLong("at"))))
                .list();
    }

    void rename(long id, String title, long owner) {
        int rows = database.sql(RENAME)
                .param("title", title)
                .param("id", id)
                .param("owner", owner)
                .update();
        if (rows == 0) throw Problem.notFound("question");
    }

    /** Those removed since then, the latest first. */
    List<Kept> removed(long owner, Instant since) {
        return database.sql(OWN_REMOVED)
                .param("owner", owner)
                .param("since", since.toEpochMilli())
                .query(this::map)
                .list();
    }

    /** Takes a question away, to be brought back for a while; those whose time is over go for good. */
    void remove(long id, long owner) {
        setRemoved(id, owner, clock.millis());
        database.sql(PURGE).param("before", Removed.since(clock).toEpochMilli()).update();
    }

    void bringBack(long id, long owner) {
        setRemoved(id, owner, null);
    }

    private void setRemoved(long id, long owner, Long removed) {
        int rows = database.sql(SET_REMOVED)
                .param("removed", removed)
                .param("id", id)
                .param("owner", owner)
                .update();
        if (rows == 0) throw Problem.notFound("question");
    }

    private JdbcClient.StatementSpec filled(String sql, ReadyQuestion question) {
        QuestionContent content = question.content();
        return database.sql(sql)
                .param("title", content.title())
                .param("format", QuestionBody.FORMAT)
                .param("body", json.write(content.body()))
                .param("boxes", content.boxes())
                .param("marks", content.marks())
                .param("difficulty", question.difficulty().word())
                .param("now", clock.millis());
    }
}
