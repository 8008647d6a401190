package didaxis.server.assignment;

import didaxis.server.config.JsonColumn;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcOperations;
import org.springframework.jdbc.core.namedparam.SqlParameterSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;

/** What was found of the boxes of sheets that came in, in the database, with what teachers gave above it. */
@Repository
class Findings {
    private static final String OF_ASSIGNMENT = """
            SELECT f.submission_id, f.box, f.code, f.points, f.detail, f.slips, f.working, f.amended,
            o.points AS given, o.reason, a.display_name AS given_by
            FROM finding f JOIN submission s ON s.id = f.submission_id JOIN sheet h ON h.id = s.sheet_id
            LEFT JOIN override o
                ON o.id = (SELECT MAX(id) FROM override WHERE submission_id = f.submission_id AND box = f.box)
            LEFT JOIN account a ON a.id = o.by_id
            WHERE h.assignment_id = :assignment
            """;
    private static final String OF_LEARNER = OF_ASSIGNMENT + """
            AND h.learner_id = :learner
            """;
    private static final String BEHIND = OF_ASSIGNMENT + """
            AND s.memo_revision < :memo
            """;
    private static final String PUT = """
            INSERT OR REPLACE INTO finding (submission_id, box, code, points, detail, slip, slips, working, amended)
            VALUES (:submission, :box, :code, :points, :detail, :slip, :slips, :working, :amended)
            """;

    private final JdbcClient database;
    private final NamedParameterJdbcOperations batches;
    private final JsonColumn json;

    Findings(JdbcClient database, NamedParameterJdbcOperations batches, JsonColumn json) {
        this.database = database;
        this.batches = batches;
        this.json = json;
    }

    /** Of all sheets of an assignment, by the ids of their submissions and by boxes. */
    Map<Long, Map<String, StoredFinding>> of(long assignment) {
        return found(database.sql(OF_ASSIGNMENT).param("assignment", assignment));
    }

    /** Of the sheets that are marked by an earlier revision of the memo than this. */
    Map<Long, Map<String, StoredFinding>> behind(long assignment, int memo) {
        return found(database.sql(BEHIND).param("assignment", assignment).param("memo", memo));
    }

    /** Of one learner's sheet alone. */
    Map<Long, Map<String, StoredFinding>> of(long assignment, long learner) {
        return found(database.sql(OF_LEARNER).param("assignment", assignment).param("learner", learner));
    }

    private Map<Long, Map<String, StoredFinding>> found(JdbcClient.StatementSpec asked) {
        Map<Long, Map<String, StoredFinding>> findings = new HashMap<>();
        asked.query((ResultSet row) -> {
            StoredFinding finding = finding(row);
            findings.computeIfAbsent(row.getLong("submission_id"), first -> new LinkedHashMap<>())
                    .put(finding.box(), finding);
        });
        return findings;
    }

    private StoredFinding finding(ResultSet row) throws SQLException {
        return new StoredFinding(
                row.getString("box"),
                StoredFinding.Code.valueOf(row.getString("code")),
                row.getInt("points"),
                read(row, "detail", new TypeReference<>() {}),
                row.getString("slips") == null ? List.of() : read(row, "slips", new TypeReference<>() {}),
                read(row, "working", new TypeReference<>() {}),
                number(row, "amended"),
                given(row));
    }

    private <T> T read(ResultSet row, String column, TypeReference<T> type) throws SQLException {
        String text = row.getString(column);
        return text == null ? null : json.read(text, type);
    }

    private static Integer number(ResultSet row, String column) throws SQLException {
        int number = row.getInt(column);
        return row.wasNull() ? null : number;
    }

    private static StoredFinding.Given given(ResultSet row) throws SQLException {
        Integer points = number(row, "given");
        return points == null
                ? null
                : new StoredFinding.Given(points, row.getString("reason"), row.getString("given_by"));
    }

    /** Keeps findings, each in the place of what was found of the same box before. */
    void put(long submission, Collection<StoredFinding> found) {
        // All in one batch: there is one writer, and others wait for it with their drafts.
        batches.batchUpdate(PUT, found.stream().map(one -> row(submission, one)).toArray(SqlParameterSource[]::new));
    }

    private SqlParameterSource row(long submission, StoredFinding finding) {
        return new MapSqlParameterSource()
                .addValue("submission", submission)
                .addValue("box", finding.box())
                .addValue("code", finding.code().name())
                .addValue("points", finding.points())
                .addValue("detail", text(finding.derivation()))
                .addValue("slip", finding.slip() == null ? null : finding.slip().name())
                .addValue("slips", finding.slips().isEmpty() ? null : json.write(finding.slips()))
                .addValue("working", text(finding.working()))
                .addValue("amended", finding.amended());
    }

    private String text(Object detail) {
        return detail == null ? null : json.write(detail);
    }
}
