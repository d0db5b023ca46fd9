package morphotera;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import morphotera.ground.Refusal;
import morphotera.measure.Entry;

/**
 * Everything that may be wrong with a body that is described by fields: wrong type, unknown word, unknown field, out of range,
 * not finite, not whole, empty, too many. Made from the descriptions alone, so a new method or remedy is covered the day it is
 * written.
 */
public final class BadInput {
    private final List<Entry> fields;
    private final String root;
    private final Function<Map<String, ?>, List<Refusal>> refused;

    /** @param refused gives what is refused of a body, none where it is taken */
    public BadInput(List<Entry> fields, String root, Function<Map<String, ?>, List<Refusal>> refused) {
        this.fields = fields;
        this.root = root;
        this.refused = refused;
    }

    /** A field, inside lists and groups too, with the way to put a value there. */
    private record Place(Entry field, String path, UnaryOperator<Object> inside) {
        static List<Place> of(List<Entry> fields, String path, UnaryOperator<Object> around) {
            List<Place> places = new ArrayList<>();
            for (Entry field : fields) {
                String here = path + "/" + field.key();
                UnaryOperator<Object> in = value -> around.apply(one(field.key(), value));
                places.add(new Place(field, here, in));
                if (field.kind() == Entry.Kind.LIST) {
                    places.addAll(of(field.fields(), here + "/0", item -> in.apply(List.of(item))));
                } else if (field.kind() == Entry.Kind.GROUP) {
                    places.addAll(of(field.fields(), here, in));
                }
            }
            return places;
        }

        private static Map<String, Object> one(String key, Object value) {
            Map<String, Object> map = new LinkedHashMap<>();
            map.put(key, value);
            return map;
        }

        /** The whole body with that value at this place. */
        @SuppressWarnings("unchecked")
        Map<String, ?> with(Object value) {
            return (Map<String, ?>) inside.apply(value);
        }
    }

    /** Asserts that all of it is refused, each at its own place. */
    public void isRefused() {
        for (Place place : Place.of(fields, root, value -> value)) {
            switch (place.field().kind()) {
                case NUMBER -> number(place);
                case CHOICE -> {
                    refuses(place, 7, "wrong-type");
                    refuses(place, "no-such-word", "unknown-word");
                }
                case YES_NO -> refuses(place, "yes", "wrong-type");
                case TEXT -> {
                    refuses(place, 7, "wrong-type");
                    refuses(place, "", "out-of-range");
                    refuses(place, "x".repeat(201), "out-of-range");
                }
                case WORDS -> words(place);
                case COUNTS -> counts(place);
                case LIST -> list(place);
                case GROUP -> refuses(place, 7, "wrong-type");
            }
        }
        unknownField();
        missing();
    }

    private void number(Place place) {
        Entry.Range range = place.field().range();
        refuses(place, "7", "wrong-type");
        refuses(place, true, "wrong-type");
        refuses(place, range.max() + 1, "out-of-range");
        refuses(place, range.min() - 1, "out-of-range");
        refuses(place, Double.NaN, "not-finite");
        refuses(place, Double.POSITIVE_INFINITY, "not-finite");
        if (range.aboveMin()) {
            refuses(place, range.min(), "out-of-range");
        } else {
            takes(place, range.min());
        }
        takes(place, range.max());
        if (place.field().whole()) {
            refuses(place, range.min() + 1.5, "not-whole");
        }
    }

    private void words(Place place) {
        int needed = Math.max(1, place.field().minItems());
        refuses(place, "word", "wrong-type");
        sizes(place, "no-such-word");
        for (Object unknown : List.of("no-such-word", 7)) {
            assertThat(refused.apply(place.with(Collections.nCopies(needed, unknown))))
                    .anyMatch(one -> one.path().equals(place.path() + "/0"));
        }
    }

    private void counts(Place place) {
        refuses(place, List.of("not this"), "wrong-type");
        refuses(place, Map.of(), "empty-list");
        Map<String, Object> counts = Map.of("ants", -1, "mites", 1.5, "", 2, "a/b", "many", "x".repeat(41), 1);
        assertThat(refused.apply(place.with(counts)).stream().map(one -> one.path() + " " + one.code()))
                .contains(
                        place.path() + "/ants out-of-range",
                        place.path() + "/mites not-whole",
                        place.path() + "/ out-of-range",
                        place.path() + "/a~1b wrong-type",
                        place.path() + "/" + "x".repeat(41) + " out-of-range");
    }

    private void list(Place place) {
        refuses(place, Map.of("not", "this"), "wrong-type");
        sizes(place, Map.of());
        assertThat(refused.apply(place.with(Collections.singletonList(null))))
                .anyMatch(one ->
                        one.path().equals(place.path() + "/0") && one.code().equals("wrong-type"));
    }

    private void sizes(Place place, Object item) {
        int least = place.field().minItems();
        if (least > 0) {
            refuses(place, List.of(), "empty-list");
        }
        if (least > 1) {
            refuses(place, Collections.nCopies(least - 1, item), "too-few");
        }
        refuses(place, Collections.nCopies(501, item), "too-many");
    }

    private void unknownField() {
        assertThat(refused.apply(Map.of("a/b~c", 1)))
                .anyMatch(one ->
                        one.path().equals(root + "/a~1b~0c") && one.code().equals("unknown-field"));
    }

    private void missing() {
        List<String> needed = fields.stream()
                .filter(field -> field.required() && field.preset() == null && field.kind() != Entry.Kind.GROUP)
                .map(field -> root + "/" + field.key() + " missing")
                .toList();
        assertThat(refused.apply(Map.of()).stream().map(one -> one.path() + " " + one.code()))
                .containsAll(needed);
    }

    private void refuses(Place place, Object value, String code) {
        assertThat(refused.apply(place.with(value)))
                .as("%s = %s", place.path(), value)
                .anyMatch(one -> one.path().equals(place.path()) && one.code().equals(code));
    }

    /** The ends of a range belong to it; what stands there may still be wrong beside another value. */
    private void takes(Place place, Object value) {
        assertThat(refused.apply(place.with(value)))
                .as("%s = %s", place.path(), value)
                .noneMatch(one -> one.path().equals(place.path())
                        && List.of("wrong-type", "not-finite", "not-whole").contains(one.code()));
    }
}
