package morphotera.measure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.ground.Decimal;
import morphotera.ground.Refusal;

/**
 * Holds a body of maps, lists, numbers, words and yes/no against its fields and lists all that is wrong, each with a JSON
 * pointer. What is wrong is left out of the {@link Entered} result, so that later checks can go on.
 */
public final class FieldCheck {
    static final int LONGEST_TEXT = 200;
    private static final int MOST_ITEMS = 500;
    private static final double SUM_WITHIN = 1;
    private static final int LONGEST_NAME = 40;
    private static final double MOST_COUNTED = 10_000;
    private final List<Refusal> refusals = new ArrayList<>();

    public List<Refusal> refusals() {
        return refusals;
    }

    public void refuse(String path, String code, String text) {
        refusals.add(new Refusal(path, code, text));
    }

    /** Refuses shares that do not make 100 within one, where all of them are there. */
    public void sumTo100(String path, Entered in, List<String> keys) {
        if (keys.stream().allMatch(in::has)) {
            double sum = 0;
            for (String key : keys) {
                sum += in.number(key);
            }
            if (Math.abs(sum - 100) > SUM_WITHIN) {
                refuse(path, "sum-not-100", "The shares must add up to 100; they make " + Decimal.show(sum, 1) + ".");
            }
        }
    }

    /** Refuses a reading in which all of these are missing. */
    public void oneAtLeast(String path, Entered in, List<String> keys) {
        if (keys.stream().noneMatch(in::has)) {
            refuse(path, "missing", "One at least is needed: " + String.join(", ", keys) + ".");
        }
    }

    /** Checks an object; an object that is missing counts as empty. */
    public Entered object(String path, List<Field> fields, Object body) {
        Map<String, Object> clean = new LinkedHashMap<>();
        if (body != null && !(body instanceof Map)) {
            refuse(path, "wrong-type", "An object is expected here, with " + keys(fields) + ".");
            return new Entered(clean);
        }
        Map<?, ?> given = body == null ? Map.of() : (Map<?, ?>) body;
        for (Object key : given.keySet()) {
            if (fields.stream().noneMatch(field -> field.key().equals(key))) {
                refuse(
                        path + "/" + escaped(String.valueOf(key)),
                        "unknown-field",
                        "There is no '" + key + "' here; there are " + keys(fields) + ".");
            }
        }
        for (Field field : fields) {
            Object value = one(path + "/" + field.key(), field, given.get(field.key()));
            if (value != null) {
                clean.put(field.key(), value);
            }
        }
        return new Entered(clean);
    }

    private Object one(String path, Field field, Object value) {
        if (value == null) {
            if (field.preset() != null) {
                return field.preset();
            }
            if (field.required()) {
                refuse(path, "missing", field.label() + " is needed here.");
            }
            return null;
        }
        return switch (field.kind()) {
            case NUMBER -> number(path, field, value);
            case CHOICE -> choice(path, field, value);
            case YES_NO -> yesNo(path, field, value);
            case TEXT -> text(path, field, value);
            case WORDS -> words(path, field, value);
            case COUNTS -> counts(path, field, value);
            case LIST -> list(path, field, value);
            case GROUP -> object(path, field.fields(), value);
        };
    }

    private Object text(String path, Field field, Object value) {
        if (!(value instanceof String given)) {
            refuse(path, "wrong-type", field.label() + " must be words.");
            return null;
        }
        if (given.isBlank() || given.length() > LONGEST_TEXT) {
            refuse(path, "out-of-range", field.label() + " takes 1 to " + LONGEST_TEXT + " signs.");
            return null;
        }
        return given;
    }

    private Object words(String path, Field field, Object value) {
        if (!(value instanceof List<?> given)) {
            refuse(path, "wrong-type", field.label() + " must be a list of the words " + words(field) + ".");
            return null;
        }
        if (!sized(path, field, given.size())) {
            return null;
        }
        List<Object> kept = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            Object word = choice(path + "/" + i, field, given.get(i));
            if (word != null) {
                kept.add(word);
            }
        }
        return kept;
    }

    private Object counts(String path, Field field, Object value) {
        if (!(value instanceof Map<?, ?> given)) {
            refuse(path, "wrong-type", field.label() + " must be an object of counts by name.");
            return null;
        }
        if (!sized(path, field, given.size())) {
            return null;
        }
        Map<String, Object> kept = new LinkedHashMap<>();
        for (Map.Entry<?, ?> one : given.entrySet()) {
            String name = String.valueOf(one.getKey());
            String here = path + "/" + escaped(name);
            Field count = Field.number(name, name, null, 0, MOST_COUNTED).counted();
            if (name.isBlank() || name.length() > LONGEST_NAME) {
                refuse(here, "out-of-range", "A name takes 1 to " + LONGEST_NAME + " signs.");
            } else if (one.getValue() == null) {
                refuse(here, "missing", "Say how many " + name + ", 0 where none was found.");
            } else {
                Object counted = number(here, count, one.getValue());
                if (counted != null) {
                    kept.put(name, counted);
                }
            }
        }
        return kept;
    }

    private boolean sized(String path, Field field, int size) {
        if (size < field.minItems()) {
            refuse(
                    path,
                    size == 0 ? "empty-list" : "too-few",
                    field.label() + " needs " + field.minItems() + " or more; " + size + " given.");
            return false;
        }
        if (size > MOST_ITEMS) {
            refuse(path, "too-many", field.label() + " takes " + MOST_ITEMS + " at most; " + size + " given.");
            return false;
        }
        return true;
    }

    private Object number(String path, Field field, Object value) {
        if (!(value instanceof Number)) {
            refuse(path, "wrong-type", field.label() + " must be a number" + inUnit(field) + ".");
            return null;
        }
        double x = ((Number) value).doubleValue();
        if (Double.isNaN(x) || Double.isInfinite(x)) {
            refuse(path, "not-finite", field.label() + " must be a finite number" + inUnit(field) + ".");
            return null;
        }
        Field.Range range = field.range();
        if (!range.holds(x)) {
            String from = (range.aboveMin() ? "over " : "") + Decimal.show(range.min(), 3);
            refuse(
                    path,
                    "out-of-range",
                    field.label() + " goes from " + from + " to " + Decimal.show(range.max(), 3) + unit(field) + "; "
                            + Decimal.show(x, 3) + " was given.");
            return null;
        }
        if (field.whole() && x != Math.floor(x)) {
            refuse(path, "not-whole", field.label() + " is counted: give a whole number.");
            return null;
        }
        return x;
    }

    private Object choice(String path, Field field, Object value) {
        if (!(value instanceof String)) {
            refuse(path, "wrong-type", field.label() + " must be one of the words " + words(field) + ".");
            return null;
        }
        if (field.options().stream().noneMatch(option -> option.word().equals(value))) {
            refuse(path, "unknown-word", "'" + value + "' is not known here; choose one of " + words(field) + ".");
            return null;
        }
        return value;
    }

    private Object yesNo(String path, Field field, Object value) {
        if (!(value instanceof Boolean)) {
            refuse(path, "wrong-type", field.label() + " must be true or false.");
            return null;
        }
        return value;
    }

    private Object list(String path, Field field, Object value) {
        if (!(value instanceof List<?> given)) {
            refuse(path, "wrong-type", field.label() + " must be a list.");
            return null;
        }
        // Too few is refused and read on: what is there may be wrong too.
        if (!sized(path, field, given.size()) && given.size() > MOST_ITEMS) {
            return null;
        }
        List<Entered> items = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            if (given.get(i) == null) {
                refuse(path + "/" + i, "wrong-type", "An object is expected here, with " + keys(field.fields()) + ".");
            }
            // A broken item keeps its place, so that later pointers stay true.
            items.add(
                    given.get(i) == null
                            ? new Entered(Map.of())
                            : object(path + "/" + i, field.fields(), given.get(i)));
        }
        return items;
    }

    private static String inUnit(Field field) {
        return field.unit() == null ? "" : " in " + field.unit();
    }

    private static String unit(Field field) {
        return field.unit() == null ? "" : " " + field.unit();
    }

    private static String words(Field field) {
        return String.join(
                ", ", field.options().stream().map(Field.Option::word).toList());
    }

    private static String keys(List<Field> fields) {
        return String.join(", ", fields.stream().map(Field::key).toList());
    }

    /** A key as a part of a JSON pointer (RFC 6901). */
    private static String escaped(String key) {
        return key.replace("~", "~0").replace("/", "~1");
    }
}
