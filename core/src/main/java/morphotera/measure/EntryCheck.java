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
public final class EntryCheck {
    static final int LONGEST_TEXT = 200;
    private static final int MOST_ITEMS = 500;
    private static final double SUM_WITHIN = 1;
    private static final int LONGEST_NAME = 40;
    private static final double MOST_COUNTED = 10_000;
    /** A list of findings that nobody reads to its end says no more than one that stops. */
    private static final int MOST_REFUSALS = 50;

    private final List<Refusal> refusals = new ArrayList<>();
    private int more;

    /** Where a value stands; its JSON pointer is written only where something is refused. */
    private record Place(Place parent, Object key) {
        Place then(Object inner) {
            return new Place(this, inner);
        }

        String path() {
            return parent == null ? (String) key : parent.path() + "/" + key;
        }
    }

    /** The first fifty, and how many more there were. */
    public List<Refusal> refusals() {
        if (more == 0) {
            return refusals;
        }
        List<Refusal> all = new ArrayList<>(refusals);
        all.add(new Refusal("", "more", "and " + more + " more"));
        return all;
    }

    public void refuse(String path, String code, String text) {
        if (refusals.size() < MOST_REFUSALS) {
            refusals.add(new Refusal(path, code, text));
        } else {
            more++;
        }
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
    public Entered object(String path, List<Entry> fields, Object body) {
        return object(new Place(null, path), fields, body);
    }

    private Entered object(Place at, List<Entry> fields, Object body) {
        Map<String, Object> clean = new LinkedHashMap<>(2 * fields.size());
        if (body != null && !(body instanceof Map)) {
            refuse(at.path(), "wrong-type", "An object is expected here, with " + keys(fields) + ".");
            return new Entered(clean);
        }
        Map<?, ?> given = body == null ? Map.of() : (Map<?, ?>) body;
        int known = 0;
        for (Entry field : fields) {
            Object value = given.get(field.key());
            known += value != null || given.containsKey(field.key()) ? 1 : 0;
            Object checked = one(at, field, value);
            if (checked != null) {
                clean.put(field.key(), checked);
            }
        }
        if (known < given.size()) {
            refuseUnknown(at, fields, given);
        }
        return new Entered(clean);
    }

    private void refuseUnknown(Place at, List<Entry> fields, Map<?, ?> given) {
        for (Object key : given.keySet()) {
            if (!isKnown(fields, key)) {
                refuse(
                        at.then(escaped(String.valueOf(key))).path(),
                        "unknown-field",
                        "There is no '" + key + "' here; there are " + keys(fields) + ".");
            }
        }
    }

    private static boolean isKnown(List<Entry> fields, Object key) {
        for (Entry field : fields) {
            if (field.key().equals(key)) {
                return true;
            }
        }
        return false;
    }

    private Object one(Place parent, Entry field, Object value) {
        if (value == null && field.preset() != null) {
            return field.preset();
        }
        if (value == null && !field.required()) {
            return null;
        }
        Place at = parent.then(field.key());
        if (value == null) {
            refuse(at.path(), "missing", field.label() + " is needed here.");
            return null;
        }
        return switch (field.kind()) {
            case NUMBER -> number(at, field, value);
            case CHOICE -> choice(at, field, value);
            case YES_NO -> yesNo(at, field, value);
            case TEXT -> text(at, field, value);
            case WORDS -> words(at, field, value);
            case COUNTS -> counts(at, field, value);
            case LIST -> list(at, field, value);
            case GROUP -> object(at, field.fields(), value);
        };
    }

    private Object text(Place at, Entry field, Object value) {
        if (!(value instanceof String given)) {
            refuse(at.path(), "wrong-type", field.label() + " must be words.");
            return null;
        }
        if (given.isBlank() || given.length() > LONGEST_TEXT) {
            refuse(at.path(), "out-of-range", field.label() + " takes 1 to " + LONGEST_TEXT + " signs.");
            return null;
        }
        return given;
    }

    private Object words(Place at, Entry field, Object value) {
        if (!(value instanceof List<?> given)) {
            refuse(at.path(), "wrong-type", field.label() + " must be a list of the words " + words(field) + ".");
            return null;
        }
        if (!sized(at, field, given.size())) {
            return null;
        }
        List<Object> kept = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            Object word = choice(at.then(i), field, given.get(i));
            if (word != null) {
                kept.add(word);
            }
        }
        return kept;
    }

    private Object counts(Place at, Entry field, Object value) {
        if (!(value instanceof Map<?, ?> given)) {
            refuse(at.path(), "wrong-type", field.label() + " must be an object of counts by name.");
            return null;
        }
        if (!sized(at, field, given.size())) {
            return null;
        }
        Map<String, Object> kept = new LinkedHashMap<>();
        for (Map.Entry<?, ?> one : given.entrySet()) {
            String name = String.valueOf(one.getKey());
            Place here = at.then(escaped(name));
            Entry count = Entry.number(name, name, null, 0, MOST_COUNTED).counted();
            if (name.isBlank() || name.length() > LONGEST_NAME) {
                refuse(here.path(), "out-of-range", "A name takes 1 to " + LONGEST_NAME + " signs.");
            } else if (one.getValue() == null) {
                refuse(here.path(), "missing", "Say how many " + name + ", 0 where none was found.");
            } else {
                Object counted = number(here, count, one.getValue());
                if (counted != null) {
                    kept.put(name, counted);
                }
            }
        }
        return kept;
    }

    private boolean sized(Place at, Entry field, int size) {
        if (size < field.minItems()) {
            refuse(
                    at.path(),
                    size == 0 ? "empty-list" : "too-few",
                    field.label() + " needs " + field.minItems() + " or more; " + size + " given.");
            return false;
        }
        if (size > MOST_ITEMS) {
            refuse(at.path(), "too-many", field.label() + " takes " + MOST_ITEMS + " at most; " + size + " given.");
            return false;
        }
        return true;
    }

    private Object number(Place at, Entry field, Object value) {
        if (!(value instanceof Number)) {
            refuse(at.path(), "wrong-type", field.label() + " must be a number" + inUnit(field) + ".");
            return null;
        }
        double x = ((Number) value).doubleValue();
        if (Double.isNaN(x) || Double.isInfinite(x)) {
            refuse(at.path(), "not-finite", field.label() + " must be a finite number" + inUnit(field) + ".");
            return null;
        }
        Entry.Range range = field.range();
        if (!range.holds(x)) {
            String from = (range.aboveMin() ? "over " : "") + Decimal.show(range.min(), 3);
            refuse(
                    at.path(),
                    "out-of-range",
                    field.label() + " goes from " + from + " to " + Decimal.show(range.max(), 3) + unit(field) + "; "
                            + Decimal.show(x, 3) + " was given.");
            return null;
        }
        if (field.whole() && x != Math.floor(x)) {
            refuse(at.path(), "not-whole", field.label() + " is counted: give a whole number.");
            return null;
        }
        return x;
    }

    private Object choice(Place at, Entry field, Object value) {
        if (!(value instanceof String)) {
            refuse(at.path(), "wrong-type", field.label() + " must be one of the words " + words(field) + ".");
            return null;
        }
        for (Entry.Option option : field.options()) {
            if (option.word().equals(value)) {
                return value;
            }
        }
        refuse(at.path(), "unknown-word", "'" + value + "' is not known here; choose one of " + words(field) + ".");
        return null;
    }

    private Object yesNo(Place at, Entry field, Object value) {
        if (!(value instanceof Boolean)) {
            refuse(at.path(), "wrong-type", field.label() + " must be true or false.");
            return null;
        }
        return value;
    }

    private Object list(Place at, Entry field, Object value) {
        if (!(value instanceof List<?> given)) {
            refuse(at.path(), "wrong-type", field.label() + " must be a list.");
            return null;
        }
        // Too few is refused and read on: what is there may be wrong too.
        if (!sized(at, field, given.size()) && given.size() > MOST_ITEMS) {
            return null;
        }
        List<Entered> items = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            if (given.get(i) == null) {
                refuse(
                        at.then(i).path(),
                        "wrong-type",
                        "An object is expected here, with " + keys(field.fields()) + ".");
            }
            // A broken item keeps its place, so that later pointers stay true.
            items.add(given.get(i) == null ? new Entered(Map.of()) : object(at.then(i), field.fields(), given.get(i)));
        }
        return items;
    }

    private static String inUnit(Entry field) {
        return field.unit() == null ? "" : " in " + field.unit();
    }

    private static String unit(Entry field) {
        return field.unit() == null ? "" : " " + field.unit();
    }

    private static String words(Entry field) {
        return String.join(
                ", ", field.options().stream().map(Entry.Option::word).toList());
    }

    private static String keys(List<Entry> fields) {
        return String.join(", ", fields.stream().map(Entry::key).toList());
    }

    /** A key as a part of a JSON pointer (RFC 6901). */
    private static String escaped(String key) {
        return key.replace("~", "~0").replace("/", "~1");
    }
}
