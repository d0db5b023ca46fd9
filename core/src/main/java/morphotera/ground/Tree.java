package morphotera.ground;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** Reads a table that was parsed into maps, lists, numbers and words, and says where a part is missing or not what it should be. */
public final class Tree {
    private final String path;
    private final Object value;

    private Tree(String path, Object value) {
        this.path = path;
        this.value = value;
    }

    public static Tree of(Object value) {
        return new Tree("", value);
    }

    public boolean has(String key) {
        return map().get(key) != null;
    }

    /** The part of that key; it must be there. */
    public Tree at(String key) {
        Object part = map().get(key);
        if (part == null) {
            throw new IllegalArgumentException("nothing at " + path + "/" + key + "; there are: " + map().keySet());
        }
        return new Tree(path + "/" + key, part);
    }

    public String text() {
        return as(String.class, "text");
    }

    public String textOrNull(String key) {
        return has(key) ? at(key).text() : null;
    }

    public double number() {
        return as(Number.class, "number").doubleValue();
    }

    public Object value() {
        return value;
    }

    public <T> List<T> each(Function<Tree, T> read) {
        List<T> items = new ArrayList<>();
        List<?> list = as(List.class, "list");
        for (int i = 0; i < list.size(); i++) {
            items.add(read.apply(new Tree(path + "/" + i, list.get(i))));
        }
        return items;
    }

    /** The items of a list that may be missing. */
    public <T> List<T> eachOrNone(String key, Function<Tree, T> read) {
        return has(key) ? at(key).each(read) : List.of();
    }

    public Map<String, Object> map() {
        Map<String, Object> map = new LinkedHashMap<>();
        Map<?, ?> parts = as(Map.class, "object");
        parts.forEach((key, part) -> map.put(String.valueOf(key), part));
        return map;
    }

    private <T> T as(Class<T> type, String called) {
        if (!type.isInstance(value)) {
            throw new IllegalArgumentException("at " + path + " " + called + " is expected, was " + value);
        }
        return type.cast(value);
    }
}
