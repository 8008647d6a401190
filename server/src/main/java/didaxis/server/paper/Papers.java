package didaxis.server.paper;

import didaxis.server.assignment.PaperLayout;
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

/** Papers in the database, each its owner's only, and what they were before they were changed. */
@Repository
public class Papers {
    private static final String COLUMNS = """
            SELECT id, title, layout, revision, updated_at FROM paper
            """;
    private static final String OWN = COLUMNS + """
            WHERE owner_id = :owner AND removed_at IS NULL ORDER BY updated_at DESC, id DESC
            """;
    private static final String OWN_REMOVED = COLUMNS + """
            WHERE owner_id = :owner AND removed_at >= :since ORDER BY removed_at DESC, id DESC
            """;
    private static final String ONE = COLUMNS + """
            WHERE id = :id AND owner_id = :owner AND removed_at IS NULL
            """;
    private static final String QUESTIONS = """
            SELECT question_id FROM paper_question WHERE paper_id = :id ORDER BY place
            """;
    private static final String INSERT = """
            INSERT INTO paper (owner_id, title, layout, revision, updated_at)
            VALUES (:owner, :title, :layout, 1, :now) RETURNING id
            """;
    private static final String KEEP_REVISION = """
            INSERT INTO paper_revision (paper_id, revision, title, layout, questions, at)
            SELECT p.id, p.revision, p.title, p.layout,
                (SELECT json_group_array(question_id) FROM
                    (SELECT question_id FROM paper_question WHERE paper_id = p.id ORDER BY place)),
                p.updated_at
            FROM paper p WHERE p.id = :id AND p.owner_id = :owner AND p.revision = :revision AND p.removed_at IS NULL
            """;
    private static final String CHANGE = """
            UPDATE paper SET title = :title, layout = :layout, revision = revision + 1, updated_at = :now
            WHERE id = :id AND owner_id = :owner AND revision = :revision AND removed_at IS NULL
            """;
    private static final String CLEAR_QUESTIONS = """
            DELETE FROM paper_question WHERE paper_id = :id
            """;
    private static final String INSERT_QUESTION = """
            INSERT INTO paper_question (paper_id, place, question_id) VALUES (:id, :place, :question)
            """;
    private static final String REVISIONS = """
            SELECT revision, title, layout, questions, at FROM paper_revision WHERE paper_id = :id ORDER BY revision DESC
            """;
    private static final String THIN_OUT = """
            DELETE FROM paper_revision WHERE paper_id = :id AND revision <= :revision - :most
            """;
    private static final String SET_REMOVED = """
            UPDATE paper SET removed_at = :removed WHERE id = :id AND owner_id = :owner
            """;
    private static final String PURGE = """
            DELETE FROM paper WHERE removed_at < :before
            """;
    /** So many revisions of a paper are kept. */
    private static final int MOST_REVISIONS = 200;

    private final JdbcClient database;
    private final JsonColumn json;
    private final Clock clock;

    Papers(JdbcClient database, JsonColumn json, Clock clock) {
        this.database = database;
        this.json = json;
        this.clock = clock;
    }

    /** What a paper is made of: the ids of its questions in their order. */
    public record Content(String title, PaperLayout layout, List<Long> questions) {}

    /** A kept paper. */
    public record Kept(long id, Content content, int revision, Instant updatedAt) {}

    private Kept map(ResultSet row, int number) throws SQLException {
        long id = row.getLong("id");
        List<Long> questions =
                database.sql(QUESTIONS).param("id", id).query(Long.class).list();
        Content content = new Content(row.getString("title"), layout(row), questions);
        return new Kept(id, content, row.getInt("revision"), Instant.ofEpochMilli(row.getLong("updated_at")));
    }

    private PaperLayout layout(ResultSet row) throws SQLException {
        return json.read(row.getString("layout"), new TypeReference<>() {});
    }

    /** The latest first. */
    public List<Kept> of(long owner) {
        return database.sql(OWN).param("owner", owner).query(this::map).list();
    }

    /** Those removed since then, the latest first. */
    List<Kept> removed(long owner, Instant since) {
        return database.sql(OWN_REMOVED)
                .param("owner", owner)
                .param("since", since.toEpochMilli())
                .query(this::map)
                .list();
    }

    /**
     * One of the owner's papers.
     *
     * @throws Problem if there is none
     */
    public Kept one(long id, long owner) {
        return database.sql(ONE)
                .param("id", id)
                .param("owner", owner)
                .query(this::map)
                .optional()
                .orElseThrow(() -> Problem.notFound("paper"));
    }

    /** Keeps a new paper and says its id. */
    public long add(Content content, long owner) {
        long id = database.sql(INSERT)
                .param("owner", owner)
                .param("title", content.title())
                .param("layout", json.write(content.layout()))
                .param("now", clock.millis())
                .query(Long.class)
                .single();
        put(id, content.questions());
        return id;
    }

    private void put(long id, List<Long> questions) {
        database.sql(CLEAR_QUESTIONS).param("id", id).update();
        for (int place = 0; place < questions.size(); place++)
            database.sql(INSERT_QUESTION)
                    .param("id", id)
                    .param("place", place)
                    .param("question", questions.get(place))
                    .update();
    }

    /** Changes a paper on top of a revision, which is kept; false if another change has come between. */
    boolean change(long id, Content content, int revision, long owner) {
        int kept = database.sql(KEEP_REVISION)
                .param("id", id)
                .param("owner", owner)
                .param("revision", revision)
                .update();
        if (kept == 0) return false;
        database.sql(CHANGE)
                .param("id", id)
                .param("owner", owner)
                .param("revision", revision)
                .param("title", content.title())
                .param("layout", json.write(content.layout()))
                .param("now", clock.millis())
                .update();
        put(id, content.questions());
        database.sql(THIN_OUT)
                .param("id", id)
                .param("revision", revision)
                .param("most", MOST_REVISIONS)
                .update();
        return true;
    }

    /** What a paper was at one time. */
    record Revision(int revision, Content content, Instant at) {}

    /** What one of the owner's papers was before, the latest first; it is asked for by who may see it. */
    List<Revision> revisions(long id) {
        return database.sql(REVISIONS)
                .param("id", id)
                .query((row, number) -> new Revision(
                        row.getInt("revision"),
                        new Content(
                                row.getString("title"),
                                layout(row),
                                json.read(row.getString("questions"), new TypeReference<>() {})),
                        Instant.ofEpochMilli(row.getLong("at"))))
                .list();
    }

    /** Takes a paper away, to be brought back for a while; those whose time is over go for good. */
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
        if (rows == 0) throw Problem.notFound("paper");
    }
}
