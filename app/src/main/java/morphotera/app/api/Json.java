package morphotera.app.api;

import java.lang.reflect.Type;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
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

    /** For people to look at. */
    public String pretty(Object value) {
        return mapper.writerWithDefaultPrettyPrinter().writeValueAsString(value);
    }

    /** Whether a text can be read as that. */
    public boolean fits(String text, Type type) {
        try {
            mapper.readValue(text, mapper.constructType(type));
            return true;
        } catch (JacksonException no) {
            return false;
        }
    }

    public <T> T read(String text, Class<T> type) {
        return text == null ? null : mapper.readValue(text, type);
    }
}
