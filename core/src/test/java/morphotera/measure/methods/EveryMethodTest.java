package morphotera.measure.methods;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import morphotera.BadInput;
import morphotera.Tables;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import morphotera.ground.TextureGroup;
import morphotera.measure.Context;
import morphotera.measure.Day;
import morphotera.measure.Description;
import morphotera.measure.Entry;
import morphotera.measure.EntryCheck;
import morphotera.measure.Evaluation;
import morphotera.measure.Group;
import morphotera.measure.Method;
import morphotera.measure.Result;
import morphotera.measure.Step;
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
                method.description().fields().stream().map(Entry::key).toList();
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
    void everything_wrong_with_a_reading_is_refused_at_its_own_place(Method method) {
        new BadInput(method.description().fields(), "/reading", reading -> refused(method, reading)).isRefused();
    }

    @Test
    void everything_wrong_with_a_context_is_refused_at_its_own_place() {
        new BadInput(Context.FIELDS, "/context", context -> refused(context, Map.of())).isRefused();
    }

    /** A reading of every method that goes through, from the worked cases and beside them. */
    @ParameterizedTest
    @MethodSource("methods")
    void a_good_reading_gives_what_the_description_promises(Method method) {
        Evaluation got =
                Tables.evaluate(method.id(), Map.of("use", "pasture", "texture", "loam"), GoodReadings.of(method.id()));
        assertThat(got.method()).isEqualTo(method.id());
        assertThat(got.group()).isEqualTo(method.description().group());
        if (got.score() != null) {
            assertThat(got.score()).isBetween(0.0, 100.0);
        }
        if (method.description().group() == Group.CONTEXT) {
            assertThat(got.score()).isNull();
        }
        assertThat(got.because().stream().map(Evaluation.Reason::text))
                .allSatisfy(text -> assertThat(text).isNotBlank().doesNotContain("{"));
        got.measures().stream()
                .filter(measure -> measure.value() != null)
                .forEach(
                        measure -> assertThat(measure.value()).as(measure.key()).isFinite());
    }

    /** The day decides for field methods alone: dried or carried soil does not ask for it. */
    @ParameterizedTest
    @MethodSource("methods")
    void a_dry_day_leaves_hollow_what_needs_the_day_and_nothing_else(Method method) {
        Evaluation got = Tables.evaluate(
                method.id(), Map.of("moisture", "dry", "soilTemperatureC", 12), GoodReadings.of(method.id()));
        Day day = method.day(
                new EntryCheck().object("/reading", method.description().fields(), GoodReadings.of(method.id())));
        boolean flagged = got.flags().stream().anyMatch(flag -> flag.code().equals("conditions"));
        assertThat(flagged).isEqualTo(day == Day.MOIST_SOIL || day == Day.NOT_DRY);
        boolean other = got.flags().stream()
                .anyMatch(flag ->
                        flag.level() == Evaluation.Level.WARNING && !flag.code().equals("conditions"));
        for (Result result : method.description().results()) {
            assertThat(got.counts(result.key())).as(result.key()).isEqualTo(!other && !(flagged && result.needsDay()));
        }
    }

    @ParameterizedTest
    @MethodSource("methods")
    void what_needs_the_day_is_said_by_methods_that_ask_for_one(Method method) {
        boolean needs = method.description().results().stream().anyMatch(Result::needsDay);
        assertThat(needs).isEqualTo(method.description().day() != Day.ANY);
    }

    @ParameterizedTest
    @MethodSource("methods")
    void every_reason_and_flag_has_its_words_and_a_result_its_formula(Method method) {
        Description description = method.description();
        assertThat(description.words().values()).noneMatch(String::isBlank);
        assertThat(description.results())
                .isNotEmpty()
                .allSatisfy(result -> assertThat(result.formula()).isNotBlank());
        assertThat(description.results().stream().map(Result::key)).doesNotHaveDuplicates();
        assertThat(method.besides())
                .allSatisfy(beside -> assertThat(description.results().stream().map(Result::key))
                        .contains(beside.measure()));
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
        List<Entry> fields = Context.FIELDS;
        return Day.MOIST_SOIL.suits(Context.of(new EntryCheck()
                .object(
                        "/context",
                        fields,
                        texture == null
                                ? daysSinceRain == null ? Map.of() : Map.of("daysSinceRain", daysSinceRain)
                                : Map.of("texture", texture, "daysSinceRain", daysSinceRain))));
    }

    private static List<Refusal> refused(Method method, Map<String, ?> reading) {
        try {
            Tables.evaluate(method.id(), Map.of(), reading);
        } catch (Refused refused) {
            return new ArrayList<>(refused.refusals());
        }
        return List.of();
    }

    private static List<Refusal> refused(Map<String, ?> context, Map<String, ?> reading) {
        try {
            Tables.evaluate("smell", context, reading);
        } catch (Refused refused) {
            return new ArrayList<>(refused.refusals());
        }
        return List.of();
    }

    @Test
    void litres_for_a_hole_come_from_its_size_and_the_spots() {
        Description.Gear water = Methods.find("percolation-hole").orElseThrow().description().gear().stream()
                .filter(gear -> gear.fill() != null)
                .findFirst()
                .orElseThrow();
        assertThat(water.amount(1, Map.of())).isCloseTo(42.4, within(0.05));
        assertThat(water.amount(3, Map.of("holeDiameterMm", 150.0))).isCloseTo(3 * 42.41 / 4, within(0.05));
        assertThat(water.perSpot()).isEqualTo(42.4);
        Description.Gear dish =
                Methods.find("slaking").orElseThrow().description().gear().get(0);
        assertThat(dish.amount(5, Map.of())).isEqualTo(5);
        assertThat(Description.tool("spade").amount(5, Map.of())).isEqualTo(1);
    }

    @Test
    void a_block_that_stands_open_costs_no_minutes_again() {
        Description worms = Methods.find("earthworms").orElseThrow().description();
        assertThat(worms.handsOnMinutes(Set.of())).isEqualTo(10);
        assertThat(worms.handsOnMinutes(Set.of("block"))).isEqualTo(6.5);
    }

    @Test
    void the_wait_in_the_ground_is_planned_by_texture() {
        Step.Expect expect = Methods.find("infiltration-ring")
                .orElseThrow()
                .description()
                .steps()
                .get(1)
                .pause()
                .expect();
        assertThat(expect.in(TextureGroup.COARSE)).isEqualTo(300);
        assertThat(expect.in(TextureGroup.MEDIUM)).isEqualTo(600);
        assertThat(expect.in(TextureGroup.FINE)).isEqualTo(1500);
    }
}
