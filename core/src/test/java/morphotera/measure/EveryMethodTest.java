package morphotera.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import morphotera.Tables;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for any method, from its description alone: a new one is covered the day it is written. */
class EveryMethodTest {
    static Stream<Method> methods() {
        return Methods.ALL.stream();
    }

    @Test
    void ids_are_told_apart() {
        assertThat(methods().map(Method::id)).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @MethodSource("methods")
    void a_description_says_what_why_how_and_where_from(Method method) {
        Description description = method.description();
        assertThat(description.purpose()).isNotBlank();
        assertThat(description.about()).hasSizeGreaterThan(80);
        assertThat(description.source()).isNotBlank();
        assertThat(description.checks()).isNotEmpty();
        assertThat(description.gear()).isNotEmpty();
        assertThat(description.handsOnMinutes(new HashSet<>())).isPositive();
    }

    @ParameterizedTest
    @MethodSource("methods")
    void every_entry_a_step_names_is_a_field_and_every_field_is_entered_in_a_step(Method method) {
        List<String> keys =
                method.description().fields().stream().map(Field::key).toList();
        for (Description.Variant variant : method.description().variants()) {
            List<String> entered = variant.steps().stream()
                    .flatMap(step -> step.entry().stream())
                    .toList();
            assertThat(keys).containsAll(entered);
        }
        List<String> everywhere = method.description().variants().stream()
                .flatMap(variant -> variant.steps().stream())
                .flatMap(step -> step.entry().stream())
                .toList();
        // A school of reading is chosen on the method's own page, not at a step.
        assertThat(everywhere)
                .containsAll(keys.stream().filter(key -> !key.endsWith("Rule")).toList());
    }

    @ParameterizedTest
    @MethodSource("methods")
    void an_empty_reading_is_refused_with_everything_it_needs(Method method) {
        List<String> needed = method.description().fields().stream()
                .filter(field -> field.required() && field.preset() == null)
                .map(field -> "/reading/" + field.key())
                .toList();
        assertThat(refused(method, Map.of()).stream().map(Refusal::path)).containsAll(needed);
    }

    /** A field, inside lists and groups too, with the way to put a value there. */
    private record Place(Field field, String path, UnaryOperator<Object> inside) {
        static List<Place> of(List<Field> fields, String path, UnaryOperator<Object> around) {
            List<Place> places = new ArrayList<>();
            for (Field field : fields) {
                String here = path + "/" + field.key();
                UnaryOperator<Object> in = value -> around.apply(Map.of(field.key(), value));
                places.add(new Place(field, here, in));
                if (field.kind() == Field.Kind.LIST) {
                    places.addAll(of(field.fields(), here + "/0", item -> in.apply(List.of(item))));
                } else if (field.kind() == Field.Kind.GROUP) {
                    places.addAll(of(field.fields(), here, in));
                }
            }
            return places;
        }

        /** The whole reading with that value at this place. */
        @SuppressWarnings("unchecked")
        Map<String, ?> with(Object value) {
            return (Map<String, ?>) inside.apply(value);
        }
    }

    private static List<Place> places(Method method) {
        return Place.of(method.description().fields(), "/reading", value -> value);
    }

    @ParameterizedTest
    @MethodSource("methods")
    void every_field_refuses_a_wrong_type_at_its_own_place(Method method) {
        for (Place place : places(method)) {
            Field.Kind kind = place.field().kind();
            assertCode(method, place, kind == Field.Kind.NUMBER ? "7" : 7, "wrong-type");
            if (kind == Field.Kind.COUNTS) {
                assertCode(method, place, List.of("not this"), "wrong-type");
                assertCode(method, place, Map.of(), "empty-list");
            } else if (kind != Field.Kind.GROUP) {
                assertCode(method, place, Map.of("not", "this"), "wrong-type");
            }
            boolean list = kind == Field.Kind.LIST || kind == Field.Kind.WORDS;
            if (list && place.field().minItems() > 0) {
                assertCode(method, place, List.of(), "empty-list");
                assertCode(method, place, Collections.nCopies(501, Map.of()), "too-many");
            }
        }
    }

    @ParameterizedTest
    @MethodSource("methods")
    void every_number_refuses_what_lies_outside_its_range_or_is_not_finite(Method method) {
        for (Place place : places(method)) {
            Field field = place.field();
            if (field.kind() == Field.Kind.NUMBER) {
                assertCode(method, place, field.range().max() + 1, "out-of-range");
                assertCode(method, place, field.range().min() - 1, "out-of-range");
                assertCode(method, place, Double.NaN, "not-finite");
                assertCode(method, place, Double.POSITIVE_INFINITY, "not-finite");
                if (field.range().aboveMin()) {
                    assertCode(method, place, field.range().min(), "out-of-range");
                }
                if (field.whole()) {
                    assertCode(method, place, field.range().min() + 1.5, "not-whole");
                }
            }
            if (field.kind() == Field.Kind.CHOICE) {
                assertCode(method, place, "no-such-word", "unknown-word");
            }
            if (field.kind() == Field.Kind.TEXT) {
                assertCode(method, place, "", "out-of-range");
                assertCode(method, place, "x".repeat(201), "out-of-range");
            }
            if (field.kind() == Field.Kind.WORDS) {
                List<String> unknown = Collections.nCopies(Math.max(1, field.minItems()), "no-such-word");
                assertThat(refused(method, place.with(unknown)))
                        .anyMatch(one -> one.path().equals(place.path() + "/0")
                                && one.code().equals("unknown-word"));
            }
            if (field.kind() == Field.Kind.COUNTS) {
                Map<String, Object> counts = Map.of("ants", -1, "mites", 1.5, "", 2);
                assertThat(refused(method, place.with(counts)).stream().map(one -> one.path() + " " + one.code()))
                        .contains(
                                place.path() + "/ants out-of-range",
                                place.path() + "/mites not-whole",
                                place.path() + "/ out-of-range");
            }
        }
    }

    private static void assertCode(Method method, Place place, Object value, String code) {
        assertThat(refused(method, place.with(value)))
                .as("%s = %s", place.path(), value)
                .anyMatch(one -> one.path().equals(place.path()) && one.code().equals(code));
    }

    @ParameterizedTest
    @MethodSource("methods")
    void an_unknown_field_is_named_with_those_there_are(Method method) {
        assertThat(refused(method, Map.of("a/b", 1)))
                .anyMatch(
                        one -> one.path().equals("/reading/a~1b") && one.code().equals("unknown-field"));
    }

    @Test
    void a_wrong_context_is_refused_beside_a_wrong_reading() {
        assertThatThrownBy(() -> Tables.evaluate("slaking", Map.of("use", "moorland", "clayPercent", 120), Map.of()))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> assertThat(refused.refusals().stream().map(Refusal::path))
                                .contains("/context/use", "/context/clayPercent", "/reading/crumbs"));
    }

    @Test
    void a_day_is_valid_by_texture_and_what_is_not_known_does_not_speak_against_it() {
        assertThat(day(null, null)).isTrue();
        assertThat(day("sandy-loam", 2.0)).isTrue();
        assertThat(day("sandy-loam", 3.0)).isFalse();
        assertThat(day("loam", 1.0)).isFalse();
        assertThat(day("clay", 5.0)).isTrue();
        assertThat(day(null, 6.0)).isFalse();
    }

    private static boolean day(String texture, Double daysSinceRain) {
        List<Field> fields = Context.FIELDS;
        return Context.of(new FieldCheck()
                        .object(
                                "/context",
                                fields,
                                texture == null
                                        ? daysSinceRain == null ? Map.of() : Map.of("daysSinceRain", daysSinceRain)
                                        : Map.of("texture", texture, "daysSinceRain", daysSinceRain)))
                .validDay();
    }

    private static List<Refusal> refused(Method method, Map<String, ?> reading) {
        try {
            Tables.evaluate(method.id(), Map.of(), reading);
        } catch (Refused refused) {
            return new ArrayList<>(refused.refusals());
        }
        return List.of();
    }
}
