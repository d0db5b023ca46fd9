package morphotera.app.api;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.examples.Example;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.measure.Entry;

/** Names the bodies that descriptions define: each field with its type, unit, range and words, and an example that works. */
@SuppressWarnings("rawtypes") // as the library declares them
final class FieldSchemas {
    private final OpenAPI api;

    FieldSchemas(OpenAPI api) {
        this.api = api;
    }

    /** A body that a description defines; {@code example} may be null. */
    record Body(String id, String name, List<Entry> fields, Map<String, Object> example) {}

    /** The body of a path is one of these, by the path's id. */
    void bodies(String path, List<Body> bodies) {
        MediaType content = json(path);
        Schema<Object> either = new Schema<>();
        List<Schema> each = new ArrayList<>();
        for (Body body : bodies) {
            add(body.name(), body.fields());
            each.add(reference(body.name()));
            if (body.example() != null) {
                content.addExamples(body.id(), new Example().value(body.example()));
            }
        }
        either.setAnyOf(each);
        content.setSchema(either);
    }

    /** An example of a path's body. */
    void example(String path, String id, Map<String, Object> example) {
        json(path).addExamples(id, new Example().value(example));
    }

    private MediaType json(String path) {
        return api.getPaths().get(path).getPost().getRequestBody().getContent().get("application/json");
    }

    /** A schema made of fields, under that name. */
    void add(String name, List<Entry> fields) {
        api.getComponents().addSchemas(name, object(fields));
    }

    /** A part of a named body is one of these. */
    void part(String schema, String property, List<Body> bodies) {
        List<Schema> each = new ArrayList<>();
        for (Body body : bodies) {
            add(body.name(), body.fields());
            each.add(reference(body.name()));
        }
        Schema<Object> none = new Schema<>();
        none.setType("null");
        none.setTypes(Set.of("null"));
        each.add(none);
        Schema<Object> either = new Schema<>();
        either.setAnyOf(each);
        api.getComponents().getSchemas().get(schema).addProperty(property, either);
    }

    static String name(String id, String suffix) {
        StringBuilder name = new StringBuilder();
        for (String part : id.split("-")) {
            name.append(Character.toUpperCase(part.charAt(0))).append(part.substring(1));
        }
        return name.append(suffix).toString();
    }

    private static Schema<Object> reference(String name) {
        Schema<Object> reference = new Schema<>();
        reference.set$ref("#/components/schemas/" + name);
        return reference;
    }

    private static Schema<Object> object(List<Entry> fields) {
        Schema<Object> object = typed("object", true);
        Map<String, Schema> properties = new LinkedHashMap<>();
        List<String> required = new ArrayList<>();
        for (Entry field : fields) {
            properties.put(field.key(), schema(field));
            if (field.required() && field.preset() == null) {
                required.add(field.key());
            }
        }
        object.setProperties(properties);
        if (!required.isEmpty()) {
            object.setRequired(required);
        }
        object.setAdditionalProperties(false);
        return object;
    }

    private static Schema<Object> schema(Entry field) {
        Schema<Object> schema = switch (field.kind()) {
            case NUMBER -> number(field);
            case CHOICE -> words(typed("string", field.required()), field);
            case YES_NO -> typed("boolean", field.required());
            case TEXT -> typed("string", field.required());
            case WORDS -> list(field, words(typed("string", true), field));
            case COUNTS -> counts(field);
            case LIST -> list(field, object(field.fields()));
            case GROUP -> group(field);
        };
        String unit = field.unit() == null ? "" : ", " + field.unit();
        schema.setDescription(field.label() + unit + (field.hint() == null ? "" : ". " + field.hint()));
        if (field.preset() != null) {
            schema.setDefault(field.preset());
        }
        return schema;
    }

    private static Schema<Object> group(Entry field) {
        Schema<Object> object = object(field.fields());
        if (!field.required()) {
            object.setTypes(types("object", false));
        }
        return object;
    }

    private static Schema<Object> number(Entry field) {
        Schema<Object> number = typed(field.whole() ? "integer" : "number", field.required());
        if (field.range().aboveMin()) {
            number.setExclusiveMinimumValue(BigDecimal.valueOf(field.range().min()));
        } else {
            number.setMinimum(BigDecimal.valueOf(field.range().min()));
        }
        number.setMaximum(BigDecimal.valueOf(field.range().max()));
        return number;
    }

    private static Schema<Object> words(Schema<Object> schema, Entry field) {
        List<Object> words = new ArrayList<>();
        field.options().forEach(option -> words.add(option.word()));
        if (schema.getTypes().contains("null")) {
            words.add(null);
        }
        schema.setEnum(words);
        return schema;
    }

    private static Schema<Object> list(Entry field, Schema<Object> item) {
        Schema<Object> list = typed("array", field.required());
        list.setItems(item);
        if (field.minItems() > 0) {
            list.setMinItems(field.minItems());
        }
        return list;
    }

    private static Schema<Object> counts(Entry field) {
        Schema<Object> counts = typed("object", field.required());
        Schema<Object> count = typed("integer", true);
        count.setMinimum(BigDecimal.ZERO);
        counts.setAdditionalProperties(count);
        return counts;
    }

    private static Schema<Object> typed(String type, boolean required) {
        Schema<Object> schema = new Schema<>();
        schema.setTypes(types(type, required));
        return schema;
    }

    private static Set<String> types(String type, boolean required) {
        Set<String> types = new LinkedHashSet<>();
        types.add(type);
        if (!required) {
            types.add("null");
        }
        return types;
    }
}
