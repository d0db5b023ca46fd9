package morphotera.app.api;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Puts changes by path onto a thing as it stands: only a path that both sides changed differently is stale. */
@Component
public class Patching {
    private final JsonMapper json;

    Patching(JsonMapper json) {
        this.json = json;
    }

    /**
     * What is to be saved, checked like a whole one and with the version that stands.
     *
     * @throws Stale with what stands, where a path was changed differently meanwhile
     */
    public <B extends Record & Checked> B apply(Object current, Changes changes, Class<B> type) {
        JsonNode stands = json.valueToTree(current);
        ObjectNode next = json.createObjectNode();
        Set<String> names = Arrays.stream(type.getRecordComponents())
                .map(RecordComponent::getName)
                .collect(Collectors.toSet());
        names.stream().filter(stands::has).forEach(name -> next.set(name, stands.get(name)));
        Findings findings = new Findings();
        boolean stale = false;
        List<Changes.Change> all = changes.changes();
        for (int i = 0; i < all.size(); i++) {
            Changes.Change change = all.get(i);
            JsonPointer path = pointer(change.path(), names);
            if (path == null) {
                findings.refuse("/changes/" + i + "/path", "unknown-field", "There is nothing to change at this path.");
                continue;
            }
            JsonNode now = stands.at(path);
            JsonNode is = json.valueToTree(change.is());
            stale |= !like(now, is) && !like(now, json.valueToTree(change.was()));
            if (!put(next, path, is)) {
                findings.refuse(change.path(), "unknown-field", "There is nothing to change at this path.");
            }
        }
        findings.throwIfAny();
        B body = json.treeToValue(new Shapes(findings).check(next.deepCopy(), type), type);
        body.check(findings);
        findings.throwIfAny();
        if (stale) {
            throw new Stale("Somebody changed the same thing meanwhile.", current);
        }
        return body;
    }

    /** Null where it leads nowhere in a body, or to what is not changed by hand. */
    private static JsonPointer pointer(String path, Set<String> names) {
        try {
            JsonPointer pointer = JsonPointer.compile(path);
            String first = pointer.getMatchingProperty();
            return names.contains(first) && !first.equals("version") ? pointer : null;
        } catch (IllegalArgumentException no) {
            return null;
        }
    }

    /** Sets a value, making the objects on the way; false where the way leads through something else. */
    private boolean put(ObjectNode into, JsonPointer path, JsonNode value) {
        String name = path.getMatchingProperty();
        JsonPointer rest = path.tail();
        if (rest.matches()) {
            into.set(name, value);
            if (value.isNull()) {
                into.remove(name);
            }
            return true;
        }
        JsonNode inner = into.get(name);
        if (inner == null || inner.isNull()) {
            inner = json.createObjectNode();
            into.set(name, inner);
        }
        if (inner instanceof ArrayNode list) {
            int at = rest.getMatchingIndex();
            if (at < 0 || at >= list.size()) {
                return false;
            }
            if (rest.tail().matches()) {
                list.set(at, value);
                return true;
            }
            return list.get(at) instanceof ObjectNode one && put(one, rest.tail(), value);
        }
        return inner instanceof ObjectNode object && put(object, rest, value);
    }

    private static boolean like(JsonNode one, JsonNode other) {
        boolean nothing = one.isNull() || one.isMissingNode();
        if (nothing || other.isNull()) {
            return nothing && other.isNull();
        }
        if (one.isNumber() && other.isNumber()) {
            return one.asDouble() == other.asDouble();
        }
        return one.equals(other);
    }
}
