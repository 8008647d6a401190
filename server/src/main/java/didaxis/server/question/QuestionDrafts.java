package didaxis.server.question;

import didaxis.server.circuit.CellView;
import didaxis.server.circuit.PlanView;
import didaxis.server.config.JsonColumn;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;

/** Questions in the making in the database, each its owner's only: as they stand, and what they were before. */
@Repository
class QuestionDrafts {
    private static final String OWN = """
            SELECT id, question_id, begun_as, body, revision, updated_at FROM question_draft
            WHERE owner_id = :owner AND removed_at IS NULL ORDER BY updated_at DESC, id DESC
            """;
    private static final String OWN_REMOVED = """
            SELECT id, question_id, begun_as, body, revision, updated_at FROM question_draft
            WHERE owner_id = :owner AND removed_at >= :since ORDER BY removed_at DESC, id DESC
            """;
    private static final String ONE = """
            SELECT id, question_id, begun_as, body, revision, updated_at FROM question_draft
            WHERE id = :id AND owner_id = :owner AND removed_at IS NULL
            """;
    private static final String OF_QUESTION = """
            SELECT id FROM question_draft WHERE question_id = :question AND owner_id = :owner AND removed_at IS NULL
            """;
    private static final String BEGUN_AS = """
            SELECT id FROM question_draft WHERE begun_as = :begunAs AND owner_id = :owner AND removed_at IS NULL
            ORDER BY id LIMIT 1
            """;
    private static final String ANOTHER = """
            SELECT EXISTS (SELECT 1 FROM question_draft d
                JOIN question_draft o ON o.question_id = d.question_id AND o.owner_id = d.owner_id AND o.id <> d.id
                WHERE d.id = :id AND d.owner_id = :owner AND o.removed_at IS NULL)
            """;
    private static final String INSERT = """
            INSERT INTO question_draft (owner_id, question_id, begun_as, body, revision, updated_at)
            VALUES (:owner, :question, :begunAs, :body, 1, :now) RETURNING id
            """;
    private static final String CHANGE = """
            UPDATE question_draft SET body = :body, revision = revision + 1, updated_at = :now
            WHERE id = :id AND owner_id = :owner AND revision = :revision AND removed_at IS NULL
            """;
    private static final String ATTACH = """
            UPDATE question_draft SET question_id = :question WHERE id = :id AND owner_id = :owner
            """;
    private static final String SET_REMOVED = """
            UPDATE question_draft SET removed_at = :removed WHERE id = :id AND owner_id = :owner
            """;
    private static final String PURGE = """
            DELETE FROM question_draft WHERE removed_at < :before
            """;

    private final JdbcClient database;
    private final JsonColumn json;
    private final Clock clock;

    QuestionDrafts(JdbcClient database, JsonColumn json, Clock clock) {
        this.database = database;
        this.json = json;
        this.clock = clock;
    }

    /**
     * What is given and asked of the circuit.
     *
     * @param known of which subjects it was decided what they are to the learner: of later ones it is not yet
     */
    record Asking(
            List<CellView> given,
            List<String> known,
            String stem,
            List<QuestionBody.StateBody> states,
            List<TaskBody> tasks,

            @Schema(
                    types = {"string", "null"},
                    allowableValues = {"shown", "hidden"})
            String drawing,

            @Schema(
                    types = {"object", "null"},
                    implementation = PlanView.class)
            PlanView plan,

            @Schema(types = {"object", "null"}) Map<String, String> names,
            @Schema(types = {"array", "null"}) List<QuestionBody.RunningBody> running,
            @Schema(types = {"string", "null"}) String tariff,
            @Schema(types = {"array", "null"}) List<VariedBody> vary,
            @Schema(types = {"array", "null"}) List<VariedBody.ConditionBody> conditions) {}

    /**
     * A question at one moment of its making; the text may be half typed, in the decimal sign of its style (the first
     * where it is null), and nothing is given and asked (null) until something was decided.
     */
    record Making(
            String notation,
            @Schema(types = {"string", "null"}) String style,

            @Schema(
                    types = {"object", "null"},
                    implementation = Asking.class)
            Asking asking) {}

    /** As it stands, with the moments before it and those that were taken back, in order. */
    record Body(Making now, List<Making> past, List<Making> future) {}

    /** A draft; the question is empty while it is to be a new one, the name where the page that began it gave none. */
    record Draft(
            long id, Optional<Long> question, Optional<String> begunAs, Body body, int revision, Instant updatedAt) {}

    private Draft map(ResultSet row, int number) throws SQLException {
        long question = row.getLong("question_id");
        Optional<Long> kept = row.wasNull() ? Optional.empty() : Optional.of(question);
        return new Draft(
                row.getLong("id"),
                kept,
                Optional.ofNullable(row.getString("begun_as")),
                json.read(row.getString("body"), new TypeReference<>() {}),
                row.getInt("revision"),
                Instant.ofEpochMilli(row.getLong("updated_at")));
    }

    /** The latest first. */
    List<Draft> of(long owner) {
        return database.sql(OWN).param("owner", owner).query(this::map).list();
    }

    /** Those removed since then, the latest first. */
    List<Draft> removed(long owner, Instant since) {
        return database.sql(OWN_REMOVED)
                .param("owner", owner)
                .param("since", since.toEpochMilli())
                .query(this::map)
                .list();
    }

    /**
     * One of the owner's drafts.
     *
     * @throws Problem if there is none
     */
    Draft one(long id, long owner) {
        return database.sql(ONE)
                .param("id", id)
                .param("owner", owner)
                .query(this::map)
                .optional()
                .orElseThrow(() -> Problem.notFound("question in the making"));
    }

    /** The draft with changes to a kept question, if there is one. */
    Optional<Long> ofQuestion(long question, long owner) {
        return database.sql(OF_QUESTION)
                .param("question", question)
                .param("owner", owner)
                .query(Long.class)
                .optional();
    }

    /** The draft that a page of theirs began under this name, if it did. */
    Optional<Long> begunAs(String name, long owner) {
        return database.sql(BEGUN_AS)
                .param("begunAs", name)
                .param("owner", owner)
                .query(Long.class)
                .optional();
    }

    /** Whether another draft that stands has changes to the same kept question. */
    boolean hasAnother(long id, long owner) {
        return database.sql(ANOTHER)
                .param("id", id)
                .param("owner", owner)
                .query(Boolean.class)
                .single();
    }

    /** @param begunAs what the page that begins it calls it, to find it again */
    long add(Optional<Long> question, Optional<String> begunAs, Body body, long owner) {
        return database.sql(INSERT)
                .param("owner", owner)
                .param("question", question.orElse(null))
                .param("begunAs", begunAs.orElse(null))
                .param("body", json.write(body))
                .param("now", clock.millis())
                .query(Long.class)
                .single();
    }

    /** Changes a draft on top of a revision; false if another change has come between. */
    boolean change(long id, Body body, int revision, long owner) {
        return database.sql(CHANGE)
                        .param("id", id)
                        .param("owner", owner)
                        .param("body", json.write(body))
                        .param("revision", revision)
                        .param("now", clock.millis())
                        .update()
                == 1;
    }

    /** The draft goes on as changes to a question that was kept from it. */
    void attach(long id, long question, long owner) {
        database.sql(ATTACH)
                .param("id", id)
                .param("question", question)
                .param("owner", owner)
                .update();
    }

    /** Takes a draft away, to be brought back as long as what was removed is kept. */
    void remove(long id, long owner, Duration kept) {
        setRemoved(id, owner, clock.millis());
        database.sql(PURGE)
                .param("before", clock.instant().minus(kept).toEpochMilli())
                .update();
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
        if (rows == 0) throw Problem.notFound("question in the making");
    }
}
