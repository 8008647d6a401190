package didaxis.server.classroom;

import didaxis.core.style.ClassStyle;
import didaxis.server.circuit.ClassStyleBody;
import didaxis.server.config.JsonColumn;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;

/** The styles of classes in the database. */
@Repository
public class ClassStyles {
    private static final String GET = """
            SELECT coalesce(style, '') FROM classroom WHERE id = :id
            """;
    private static final String SET = """
            UPDATE classroom SET style = :style WHERE id = :id
            """;

    private final JdbcClient database;
    private final JsonColumn json;

    ClassStyles(JdbcClient database, JsonColumn json) {
        this.database = database;
        this.json = json;
    }

    /** The style that a column holds; the usual one where it holds none. */
    public ClassStyle of(String column) {
        return column == null || column.isEmpty()
                ? ClassStyle.STANDARD
                : json.read(column, new TypeReference<ClassStyleBody>() {}).style();
    }

    /** The style of a class. */
    public ClassStyle ofClass(long id) {
        return of(database.sql(GET).param("id", id).query(String.class).single());
    }

    /** Gives a class another style. */
    public void set(long id, ClassStyle style) {
        database.sql(SET)
                .param("style", json.write(ClassStyleBody.of(style)))
                .param("id", id)
                .update();
    }
}
