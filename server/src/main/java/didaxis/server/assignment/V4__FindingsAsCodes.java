package didaxis.server.assignment;

import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Findings were kept as they were shown, sentences and all; {@link V7__QuestionsInBoxes} makes them again. */
@Component
class V4__FindingsAsCodes extends BaseJavaMigration {
    @Override
    public void migrate(Context context) throws SQLException {
        try (Statement statement = context.getConnection().createStatement()) {
            statement.executeUpdate("UPDATE submission SET findings = '[]'");
        }
    }
}
