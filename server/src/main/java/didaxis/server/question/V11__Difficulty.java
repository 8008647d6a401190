package didaxis.server.question;

import didaxis.server.config.JsonColumn;
import didaxis.server.config.Problem;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;

/** Each question is kept with how much it asks, so that a list of them need not work them all through. */
@Component
class V11__Difficulty extends BaseJavaMigration {
    private final JsonColumn json;

    V11__Difficulty(JsonColumn json) {
        this.json = json;
    }

    private record Kept(long id, String body) {}

    @Override
    public void migrate(Context context) {
        JdbcClient database = JdbcClient.create(new SingleConnectionDataSource(context.getConnection(), true));
        database.sql("""
                ALTER TABLE question ADD COLUMN difficulty TEXT NOT NULL DEFAULT 'middling'
                CHECK (difficulty IN ('easy', 'middling', 'demanding'))
                """).update();
        database.sql("SELECT id, body FROM question")
                .query((row, number) -> new Kept(row.getLong("id"), row.getString("body")))
                .list()
                .forEach(kept -> database.sql("UPDATE question SET difficulty = :difficulty WHERE id = :id")
                        .param("difficulty", difficulty(kept.body()).word())
                        .param("id", kept.id())
                        .update());
    }

    /** What cannot be read any more says so when it is opened, and must not keep the school from starting. */
    private DifficultyWord difficulty(String body) {
        try {
            QuestionBody read = json.read(body, new TypeReference<>() {});
            return DifficultyWord.of(read.question());
        } catch (Problem unreadable) {
            return DifficultyWord.MIDDLING;
        }
    }
}
