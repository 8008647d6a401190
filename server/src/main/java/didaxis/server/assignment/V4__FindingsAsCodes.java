package didaxis.server.assignment;

import didaxis.server.config.JsonColumn;
import didaxis.server.question.QuestionContent;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;

/** Findings were kept as they were shown, sentences and all; they are made again from the answers. Marks stay. */
@Component
class V4__FindingsAsCodes extends BaseJavaMigration {
    private static final String SENT = """
            SELECT s.id, s.answers, a.title, a.notation, a.given, a.asked
            FROM submission s JOIN assignment a ON a.id = s.assignment_id
            """;
    private static final String SET_FINDINGS = """
            UPDATE submission SET findings = ? WHERE id = ?
            """;

    private final JsonColumn json;

    V4__FindingsAsCodes(JsonColumn json) {
        this.json = json;
    }

    @Override
    public void migrate(Context context) throws SQLException {
        Map<Long, String> findings = new LinkedHashMap<>();
        try (Statement all = context.getConnection().createStatement();
                ResultSet row = all.executeQuery(SENT)) {
            while (row.next()) findings.put(row.getLong("id"), findings(row));
        }
        try (PreparedStatement set = context.getConnection().prepareStatement(SET_FINDINGS)) {
            for (Map.Entry<Long, String> one : findings.entrySet()) {
                set.setString(1, one.getValue());
                set.setLong(2, one.getKey());
                set.executeUpdate();
            }
        }
    }

    private String findings(ResultSet row) throws SQLException {
        QuestionContent content = new QuestionContent(
                row.getString("title"),
                row.getString("notation"),
                json.read(row.getString("given"), new TypeReference<>() {}),
                json.read(row.getString("asked"), new TypeReference<>() {}));
        List<Sheets.Answer> answers = json.read(row.getString("answers"), new TypeReference<>() {});
        return json.write(Judgement.of(content, answers).findings().stream()
                .map(StoredFinding::of)
                .toList());
    }
}
