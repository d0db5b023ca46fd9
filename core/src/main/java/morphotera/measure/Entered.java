package morphotera.measure;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What was entered, after {@link EntryCheck}: each value has its type and range or is absent. Absent is not zero and not
 * false; {@link #number} on an absent value is a programmer's mistake and says so.
 */
public final class Entered {
    private final Map<String, Object> values;

    Entered(Map<String, Object> values) {
        this.values = values;
    }

    /** The same with one number changed. */
    public Entered with(String key, double value) {
        Map<String, Object> changed = new LinkedHashMap<>(values);
        changed.put(key, value);
        return new Entered(changed);
    }

    public boolean has(String key) {
        return values.get(key) != null;
    }

    public double number(String key) {
        return (Double) present(key);
    }

    /** The number, or null where none was entered. */
    public Double numberOrNull(String key) {
        return (Double) values.get(key);
    }

    public String word(String key) {
        return (String) present(key);
    }

    public String wordOrNull(String key) {
        return (String) values.get(key);
    }

    public boolean yes(String key) {
        return Boolean.TRUE.equals(values.get(key));
    }

    public Boolean yesOrNull(String key) {
        return (Boolean) values.get(key);
    }

    /** The words of a list of words, none where it is absent. */
    @SuppressWarnings("unchecked") // as the field check put them there
    public List<String> words(String key) {
        return values.get(key) instanceof List<?> list ? (List<String>) list : List.of();
    }

    /** Counts by name in the order entered, none where it is absent. */
    public Map<String, Double> counts(String key) {
        Map<String, Double> counts = new LinkedHashMap<>();
        if (values.get(key) instanceof Map<?, ?> given) {
            given.forEach((name, count) -> counts.put((String) name, (Double) count));
        }
        return counts;
    }

    /** The items of a list, none where it is absent. */
    @SuppressWarnings("unchecked") // as the field check put them there
    public List<Entered> list(String key) {
        return values.get(key) instanceof List<?> list ? (List<Entered>) list : List.of();
    }

    /** The group of that key, empty where it is absent. */
    public Entered group(String key) {
        return values.get(key) instanceof Entered group ? group : new Entered(Map.of());
    }

    private Object present(String key) {
        Object value = values.get(key);
        if (value == null) {
            throw new IllegalArgumentException("nothing entered for '" + key + "'; there are: " + values.keySet());
        }
        return value;
    }
}
