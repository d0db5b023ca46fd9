package morphotera.app.api;

import java.lang.reflect.Type;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;

/** JSON kept in a column: written and read by the same mapper as the API. */
@Component
public class Json {
    private final JsonMapper mapper;
    /** A type's reader is found once: rows are read by the thousand. */
    private final Map<Type, ObjectReader> readers;
    /** What was read, by type and text; null where nothing is kept. */
    private final Map<Type, Map<String, Object>> known;

    @Autowired
    Json(JsonMapper mapper) {
        this(mapper, new ConcurrentHashMap<>(), null);
    }

    private Json(JsonMapper mapper, Map<Type, ObjectReader> readers, Map<Type, Map<String, Object>> known) {
        this.mapper = mapper;
        this.readers = readers;
        this.known = known;
    }

    /** For a list whose rows have texts in common: equal texts are read once, into one thing that nobody changes. */
    public Json remembering() {
        return new Json(mapper, readers, new HashMap<>());
    }

    public String write(Object value) {
        return value == null ? null : mapper.writeValueAsString(value);
    }

    public <T> T read(String text, TypeReference<T> type) {
        return readAs(text, type.getType());
    }

    public <T> T read(String text, Class<T> type) {
        return readAs(text, type);
    }

    @SuppressWarnings("unchecked")
    private <T> T readAs(String text, Type type) {
        if (text == null) {
            return null;
        }
        return known == null
                ? reader(type).readValue(text)
                : (T) known.computeIfAbsent(type, one -> new HashMap<>())
                        .computeIfAbsent(text, one -> reader(type).readValue(one));
    }

    /** What was written here was held against its shape when it came in. */
    private ObjectReader reader(Type type) {
        return readers.computeIfAbsent(
                type,
                one -> mapper.readerFor(mapper.constructType(one))
                        .without(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                        .without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS));
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
}
