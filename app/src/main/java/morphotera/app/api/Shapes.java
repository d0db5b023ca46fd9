package morphotera.app.api;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Holds a body against the record it is to become: all wrong types and unknown fields at once, what is wrong taken out. */
final class Shapes {
    private static final int LONGEST_SHOWN = 40;

    private record Plain(String spoken, Predicate<JsonNode> holds) {}

    private static final Map<Class<?>, Plain> PLAIN = Map.of(
            String.class, new Plain("text", JsonNode::isString),
            Double.class, new Plain("a number", JsonNode::isNumber),
            Integer.class, new Plain("a whole number", node -> node.isInt()),
            int.class, new Plain("a whole number", node -> node.isInt()),
            Boolean.class, new Plain("true or false", JsonNode::isBoolean),
            UUID.class, new Plain("a UUID", node -> parses(node, UUID::fromString)),
            LocalDate.class, new Plain("a day such as 2031-05-14", node -> parses(node, LocalDate::parse)),
            Instant.class, new Plain("a time such as 2031-05-14T09:30:00Z", node -> parses(node, Instant::parse)));

    private final Findings findings;

    Shapes(Findings findings) {
        this.findings = findings;
    }

    /** The body with what is wrong taken out. */
    JsonNode check(JsonNode body, Type type) {
        JsonNode checked = check("", body, type);
        return checked.isNull() ? JsonNodeFactory.instance.objectNode() : checked;
    }

    private JsonNode check(String path, JsonNode node, Type type) {
        if (node.isNumber() && !Double.isFinite(node.asDouble())) {
            findings.refuse(path, "not-finite", "This number is too large to hold.");
            return JsonNodeFactory.instance.nullNode();
        }
        if (type == Object.class && node.isContainer()) {
            return node.isObject() ? map(path, node, Object.class) : list(path, node, Object.class);
        }
        if (node.isNull() || type == Object.class) {
            return node.isString() ? written(path, node) : node;
        }
        if (type instanceof ParameterizedType generic) {
            Type inner = generic.getActualTypeArguments()[generic.getRawType() == Map.class ? 1 : 0];
            return generic.getRawType() == Map.class ? map(path, node, inner) : list(path, node, inner);
        }
        Class<?> wanted = (Class<?>) type;
        Plain plain = PLAIN.get(wanted);
        if (plain != null && !plain.holds().test(node)) {
            return wrong(path, plain.spoken());
        }
        if (plain != null) {
            return node.isString() ? written(path, node) : node;
        }
        return record(path, node, wanted);
    }

    private JsonNode record(String path, JsonNode node, Class<?> type) {
        if (!node.isObject()) {
            return wrong(path, "an object with " + names(type));
        }
        ObjectNode checked = JsonNodeFactory.instance.objectNode();
        node.properties().forEach(entry -> {
            String at = path + "/" + escaped(entry.getKey());
            Arrays.stream(type.getRecordComponents())
                    .filter(component -> component.getName().equals(entry.getKey()))
                    .findFirst()
                    .ifPresentOrElse(
                            component -> {
                                JsonNode value = check(at, entry.getValue(), component.getGenericType());
                                if (!value.isNull()) {
                                    checked.set(entry.getKey(), value);
                                }
                            },
                            () -> unknown(at, entry.getKey(), type));
        });
        return checked;
    }

    private void unknown(String at, String key, Class<?> type) {
        if (findings.isFull()) {
            findings.countMore();
        } else {
            findings.refuse(
                    at, "unknown-field", "There is no '" + shortened(key) + "' here; there are " + names(type) + ".");
        }
    }

    private static String shortened(String key) {
        return key.length() <= LONGEST_SHOWN ? key : key.substring(0, LONGEST_SHOWN) + "…";
    }

    private JsonNode map(String path, JsonNode node, Type inner) {
        if (!node.isObject()) {
            return wrong(path, "an object");
        }
        ObjectNode checked = JsonNodeFactory.instance.objectNode();
        node.properties()
                .forEach(entry -> checked.set(
                        entry.getKey(), check(path + "/" + escaped(entry.getKey()), entry.getValue(), inner)));
        return checked;
    }

    private JsonNode list(String path, JsonNode node, Type inner) {
        if (!node.isArray()) {
            return wrong(path, "a list");
        }
        ArrayNode checked = JsonNodeFactory.instance.arrayNode();
        for (int i = 0; i < node.size(); i++) {
            checked.add(check(path + "/" + i, node.get(i), inner));
        }
        return checked;
    }

    /** Text that can be kept and shown: no half of a pair of signs, no control sign but a line break or a tab. */
    private JsonNode written(String path, JsonNode node) {
        String text = node.asString();
        for (int i = 0; i < text.length(); i++) {
            char sign = text.charAt(i);
            boolean half = Character.isHighSurrogate(sign)
                    ? i + 1 == text.length() || !Character.isLowSurrogate(text.charAt(i + 1))
                    : Character.isLowSurrogate(sign) && (i == 0 || !Character.isHighSurrogate(text.charAt(i - 1)));
            if (half || (Character.isISOControl(sign) && sign != '\n' && sign != '\t' && sign != '\r')) {
                findings.refuse(path, "bad-sign", "This text holds a sign that cannot be kept: type it again.");
                return JsonNodeFactory.instance.nullNode();
            }
        }
        return node;
    }

    private JsonNode wrong(String path, String spoken) {
        findings.refuse(path, "wrong-type", "Here " + spoken + " is expected.");
        return JsonNodeFactory.instance.nullNode();
    }

    private static String names(Class<?> type) {
        List<String> names = Arrays.stream(type.getRecordComponents())
                .map(RecordComponent::getName)
                .toList();
        return String.join(", ", names);
    }

    private static boolean parses(JsonNode node, Function<String, ?> parse) {
        if (!node.isString()) {
            return false;
        }
        try {
            parse.apply(node.asString());
            return true;
        } catch (IllegalArgumentException | DateTimeException no) {
            return false;
        }
    }

    /** A key as a part of a JSON pointer (RFC 6901). */
    private static String escaped(String key) {
        return key.replace("~", "~0").replace("/", "~1");
    }
}
