package didaxis.server.config;

import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Columns that hold JSON, for what is always read and written whole. */
@Component
public class JsonColumn {
    private final JsonMapper json;

    JsonColumn(JsonMapper json) {
        this.json = json;
    }

    public String write(Object value) {
        return json.writeValueAsString(value);
    }

    public <T> T read(String column, TypeReference<T> type) {
        return json.readValue(column, type);
    }
}
