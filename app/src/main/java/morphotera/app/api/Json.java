package morphotera.app.api;

import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** JSON kept in a column: written and read by the same mapper as the API. */
@Component
public class Json {
    private final JsonMapper mapper;

    Json(JsonMapper mapper) {
        this.mapper = mapper;
    }

    public String write(Object value) {
        return value == null ? null : mapper.writeValueAsString(value);
    }

    public <T> T read(String text, TypeReference<T> type) {
        return text == null ? null : mapper.readValue(text, type);
    }

    public <T> T read(String text, Class<T> type) {
        return text == null ? null : mapper.readValue(text, type);
    }
}
