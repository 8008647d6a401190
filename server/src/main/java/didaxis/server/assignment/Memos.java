package didaxis.server.assignment;

import didaxis.server.assignment.MemoRevision.Changed;
import didaxis.server.config.JsonColumn;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;

/** What was put right in memos, in the database. */
@Repository
class Memos {
    private static final String REVISIONS = """
            SELECT m.revision, m.body, m.correction, m.reason, m.at, a.display_name
            FROM memo_revision m JOIN account a ON a.id = m.by_id
            WHERE m.assignment_id = :assignment ORDER BY m.revision
            """;
    private static final String LATEST = """
            SELECT COALESCE(MAX(revision), 0) FROM memo_revision WHERE assignment_id = :assignment
            """;
    private static final String BEHIND = """
            SELECT DISTINCT h.assignment_id FROM submission s JOIN sheet h ON h.id = s.sheet_id
            JOIN assignment a ON a.id = h.assignment_id AND a.withdrawn_at IS NULL
            LEFT JOIN memo_revision m ON m.assignment_id = h.assignment_id
            WHERE s.memo_revision < COALESCE(m.revision, 0)
            """;
    private static final String UNMARKED = """
            SELECT s.id, h.assignment_id FROM submission s JOIN sheet h ON h.id = s.sheet_id
            JOIN assignment a ON a.id = h.assignment_id AND a.withdrawn_at IS NULL
            WHERE s.memo_revision < 0
            """;
    private static final String PROGRESS = """
            SELECT count(*) AS sheets, COALESCE(SUM(s.memo_revision >= (
                SELECT COALESCE(MAX(revision), 0) FROM memo_revision WHERE assignment_id = :assignment)), 0) AS done
            FROM submission s JOIN sheet h ON h.id = s.sheet_id WHERE h.assignment_id = :assignment
            """;
    private static final String ADD = """
            INSERT INTO memo_revision (assignment_id, revision, format, body, correction, reason, by_id, at)
            VALUES (:assignment, :revision, :format, :body, :correction, :reason, :by, :now)
            """;

    private final JdbcClient database;
    private final JsonColumn json;
    private final Clock clock;

    Memos(JdbcClient database, JsonColumn json, Clock clock) {
        this.database = database;
        this.json = json;
        this.clock = clock;
    }

    /** One revision: what it holds, what was put right by it, why, by whom and when. */
    record Revision(int number, Changed changed, Correction correction, String reason, String by, Instant at) {}

    /** All of an assignment, the earliest first; none where it is as it was handed out. */
    List<Revision> revisions(long assignment) {
        return database.sql(REVISIONS)
                .param("assignment", assignment)
                .query(this::map)
                .list();
    }

    private Revision map(ResultSet row, int number) throws SQLException {
        return new Revision(
                row.getInt("revision"),
                json.read(row.getString("body"), new TypeReference<>() {}),
                json.read(row.getString("correction"), new TypeReference<>() {}),
                row.getString("reason"),
                row.getString("display_name"),
                Instant.ofEpochMilli(row.getLong("at")));
    }

    /** The number of the last revision; 0 where there is none. */
    int number(long assignment) {
        return database.sql(LATEST)
                .param("assignment", assignment)
                .query(Integer.class)
                .single();
    }

    /** The assignments of which sheets are not marked yet, or by an earlier memo. */
    List<Long> behind() {
        return database.sql(BEHIND).query(Long.class).list();
    }

    /** What came in and is not marked yet: ids of submissions, and of their assignments. */
    Map<Long, Long> unmarked() {
        Map<Long, Long> unmarked = new TreeMap<>();
        database.sql(UNMARKED).query((ResultSet row) -> {
            unmarked.put(row.getLong("id"), row.getLong("assignment_id"));
        });
        return unmarked;
    }

    /** How many sheets that came in are marked by the memo as it is now, of how many. */
    record Progress(int done, int of) {}

    Progress progress(long assignment) {
        return database.sql(PROGRESS)
                .param("assignment", assignment)
                .query((row, number) -> new Progress(row.getInt("done"), row.getInt("sheets")))
                .single();
    }

    /** The memo as it is now. */
    MemoRevision latest(long assignment) {
        return at(revisions(assignment), Integer.MAX_VALUE);
    }

    /** The memo as it was at a revision, or at the last before it. */
    static MemoRevision at(List<Revision> revisions, int number) {
        MemoRevision memo = MemoRevision.AS_HANDED_OUT;
        Map<Integer, MemoRevision.Word> words = new TreeMap<>();
        for (Revision one : revisions) {
            if (one.number() > number) break;
            words.put(one.number(), new MemoRevision.Word(one.reason(), one.by()));
            memo = new MemoRevision(one.number(), one.changed(), words);
        }
        return memo;
    }

    void add(long assignment, MemoRevision memo, Correction correction, String reason, long by) {
        database.sql(ADD)
                .param("assignment", assignment)
                .param("revision", memo.revision())
                .param("format", MemoRevision.FORMAT)
                .param("body", json.write(memo.changed()))
                .param("correction", json.write(correction))
                .param("reason", reason)
                .param("by", by)
                .param("now", clock.millis())
                .update();
    }
}
