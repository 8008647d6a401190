package didaxis.server.assignment;

import didaxis.core.marking.BoxFinding;
import didaxis.core.style.ClassStyle;
import didaxis.server.circuit.CellView;
import didaxis.server.config.JsonColumn;
import didaxis.server.question.AskedCell;
import didaxis.server.question.QuestionBody;
import didaxis.server.question.TaskBody;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.jdbc.datasource.init.ScriptUtils;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;

/**
 * A question was a circuit with given and asked cells; it becomes a body with one chart to fill. What was answered and
 * found by cell is known by box. Marks stay as they were given.
 */
@Component
class V7__QuestionsInBoxes extends BaseJavaMigration {
    /** As findings were kept then. */
    private static final String INSERT_FINDING = """
            INSERT INTO finding (submission_id, box, code, points, detail)
            VALUES (:submission, :box, :code, :points, :detail)
            """;

    private final JsonColumn json;

    V7__QuestionsInBoxes(JsonColumn json) {
        this.json = json;
    }

    /** What an asked cell was. */
    record Asked(CellView cell, int marks) {}

    /** What an answer to a cell was. */
    record CellAnswer(CellView cell, String text) {}

    /** What a finding of a cell was. */
    record CellFinding(CellView cell, StoredFinding.Code code, StoredDerivation derivation) {}

    @Override
    public void migrate(Context context) throws SQLException {
        JdbcClient database = JdbcClient.create(new SingleConnectionDataSource(context.getConnection(), true));
        ScriptUtils.executeSqlScript(context.getConnection(), new ClassPathResource("db/boxes/before.sql"));
        questions(database);
        Map<Long, List<Asked>> asked = assignments(database);
        sheets(database, asked);
        drafts(database);
        ScriptUtils.executeSqlScript(context.getConnection(), new ClassPathResource("db/boxes/after.sql"));
    }

    private record Old(long id, QuestionBody body, List<Asked> asked) {
        int marks() {
            return asked.stream().mapToInt(Asked::marks).sum();
        }
    }

    private Old old(ResultSet row, int number) throws SQLException {
        List<CellView> given = json.read(row.getString("given"), new TypeReference<>() {});
        List<Asked> asked = json.read(row.getString("asked"), new TypeReference<>() {});
        QuestionBody body = new QuestionBody(
                1,
                null,
                "",
                row.getString("notation"),
                null,
                null,
                null,
                null,
                null,
                given,
                List.of(),
                null,
                null,
                tasks(asked));
        return new Old(row.getLong("id"), body, asked);
    }

    /** The one chart that asks for these cells. */
    static List<TaskBody> tasks(List<Asked> asked) {
        if (asked.isEmpty()) return List.of();
        List<AskedCell> cells = asked.stream()
                .map(one -> new AskedCell(one.cell().subject(), one.cell().quantity(), one.marks(), null))
                .toList();
        return List.of(TaskBody.chart(cells));
    }

    private void questions(JdbcClient database) {
        for (Old one : database.sql("SELECT id, notation, given, asked FROM question_of_cells")
                .query(this::old)
                .list())
            database.sql("""
                    INSERT INTO question (id, owner_id, title, format, body, boxes, marks, updated_at, removed_at)
                    SELECT id, owner_id, title, 1, :body, :boxes, :marks, updated_at, removed_at
                    FROM question_of_cells WHERE id = :id
                    """)
                    .param("body", json.write(one.body()))
                    .param("boxes", one.asked().size())
                    .param("marks", one.marks())
                    .param("id", one.id())
                    .update();
    }

    private Map<Long, List<Asked>> assignments(JdbcClient database) {
        Map<Long, List<Asked>> asked = new LinkedHashMap<>();
        for (Old one : database.sql("SELECT id, notation, given, asked FROM assignment_of_cells")
                .query(this::old)
                .list()) {
            asked.put(one.id(), one.asked());
            database.sql("""
                    INSERT INTO assignment_question (assignment_id, place, format, body, boxes, marks)
                    VALUES (:id, 1, 1, :body, :boxes, :marks)
                    """)
                    .param("id", one.id())
                    .param("body", json.write(one.body()))
                    .param("boxes", one.asked().size())
                    .param("marks", one.marks())
                    .update();
        }
        return asked;
    }

    /** The box of each asked cell of the one chart, by its place among them. */
    private static Map<CellView, String> boxes(List<Asked> asked) {
        Map<CellView, String> boxes = new HashMap<>();
        for (int k = 0; k < asked.size(); k++)
            boxes.put(asked.get(k).cell(), asked.size() == 1 ? "1/1.1" : "1/1.1-" + (k + 1));
        return boxes;
    }

    private List<Answer> answers(String stored, Map<CellView, String> boxes) {
        List<CellAnswer> answers = json.read(stored, new TypeReference<>() {});
        return answers.stream()
                .filter(one -> boxes.containsKey(one.cell()))
                .map(one -> new Answer(boxes.get(one.cell()), one.text()))
                .toList();
    }

    private record Sheet(long id, long assignment, String answers) {}

    private record Sent(long id, long assignment, String answers, String findings) {}

    private void sheets(JdbcClient database, Map<Long, List<Asked>> asked) {
        for (Sheet one : database.sql("SELECT id, assignment_id, answers FROM sheet")
                .query((row, number) ->
                        new Sheet(row.getLong("id"), row.getLong("assignment_id"), row.getString("answers")))
                .list()) set(database, "sheet", one.id(), answers(one.answers(), boxes(asked.get(one.assignment()))));
        for (Sent one : database.sql("SELECT id, assignment_id, answers, findings FROM submission_of_cells")
                .query((row, number) -> new Sent(
                        row.getLong("id"),
                        row.getLong("assignment_id"),
                        row.getString("answers"),
                        row.getString("findings")))
                .list()) {
            List<Answer> own = answers(one.answers(), boxes(asked.get(one.assignment())));
            set(database, "submission", one.id(), own);
            findings(database, one, own, asked.get(one.assignment()));
        }
    }

    private void set(JdbcClient database, String table, long id, List<Answer> answers) {
        database.sql("UPDATE " + table + " SET answers = :answers WHERE id = :id")
                .param("answers", json.write(answers))
                .param("id", id)
                .update();
    }

    /** As they were found; of a sheet that was marked before findings were kept as codes they are made again. */
    private void findings(JdbcClient database, Sent sent, List<Answer> own, List<Asked> asked) {
        Map<CellView, String> boxes = boxes(asked);
        Map<String, Integer> marks = new HashMap<>();
        asked.forEach(one -> marks.put(boxes.get(one.cell()), one.marks()));
        List<CellFinding> stored = json.read(sent.findings(), new TypeReference<>() {});
        List<StoredFinding> findings = new ArrayList<>();
        for (CellFinding one : stored) {
            String box = boxes.get(one.cell());
            int points = one.code().isRight() ? marks.getOrDefault(box, 0) : 0;
            findings.add(new StoredFinding(box, one.code(), points, one.derivation(), List.of(), null, null, null));
        }
        if (findings.size() < asked.size()) {
            findings.clear();
            Map<String, BoxFinding> again =
                    Judgement.of(paper(database, sent.assignment()), own).findings();
            again.forEach((box, finding) -> findings.add(StoredFinding.of(box, finding)));
        }
        for (StoredFinding one : findings)
            database.sql(INSERT_FINDING)
                    .param("submission", sent.id())
                    .param("box", one.box())
                    .param("code", one.code().name())
                    .param("points", one.points())
                    .param("detail", one.derivation() == null ? null : json.write(one.derivation()))
                    .update();
    }

    private Paper paper(JdbcClient database, long assignment) {
        String body = database.sql("SELECT body FROM assignment_question WHERE assignment_id = :id")
                .param("id", assignment)
                .query(String.class)
                .single();
        return Paper.of(List.of(json.read(body, new TypeReference<QuestionBody>() {})), ClassStyle.STANDARD);
    }

    private void drafts(JdbcClient database) {
        Map<Long, String> bodies = new LinkedHashMap<>();
        database.sql("SELECT id, body FROM question_draft_of_cells").query((ResultSet row) -> {
            bodies.put(row.getLong("id"), row.getString("body"));
        });
        bodies.forEach((id, body) -> {
            DraftsInBoxes.OldDraft old = json.read(body, new TypeReference<>() {});
            database.sql("""
                    INSERT INTO question_draft (id, owner_id, question_id, body, revision, updated_at, removed_at)
                    SELECT id, owner_id, question_id, :body, revision, updated_at, removed_at
                    FROM question_draft_of_cells WHERE id = :id
                    """)
                    .param("body", json.write(DraftsInBoxes.moved(old)))
                    .param("id", id)
                    .update();
        });
    }
}
