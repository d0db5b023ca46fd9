package morphotera.e2e;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import tools.jackson.databind.JsonNode;

/** Holds two answers against each other: the same words, codes, flags and orders, numbers within 1e-9 of the larger of 1 and the value. */
final class Alike {
    private static final double CLOSE = 1e-9;

    private Alike() {}

    /** Where they differ, as pointers with both values. */
    static List<String> differences(JsonNode one, JsonNode other) {
        List<String> found = new ArrayList<>();
        compare("", one, other, found);
        return found;
    }

    private static void compare(String at, JsonNode one, JsonNode other, List<String> found) {
        if (one.isNumber() && other.isNumber()) {
            double a = one.asDouble();
            double b = other.asDouble();
            if (Math.abs(a - b) > CLOSE * Math.max(1, Math.abs(a))) {
                found.add(at + ": " + a + " and " + b);
            }
        } else if (one.isObject() && other.isObject()) {
            TreeSet<String> keys = new TreeSet<>(one.propertyNames());
            keys.addAll(other.propertyNames());
            keys.forEach(key -> compare(at + "/" + key, one.path(key), other.path(key), found));
        } else if (one.isArray() && other.isArray() && one.size() == other.size()) {
            for (int i = 0; i < one.size(); i++) {
                compare(at + "/" + i, one.get(i), other.get(i), found);
            }
        } else if (!one.equals(other)) {
            found.add(at + ": " + one + " and " + other);
        }
    }
}
