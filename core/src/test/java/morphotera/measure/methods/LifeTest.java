package morphotera.measure.methods;

import static morphotera.Tables.evaluate;
import static morphotera.measure.methods.Reading.of;
import static morphotera.measure.methods.Results.flags;
import static morphotera.measure.methods.Results.refusals;
import static morphotera.measure.methods.Results.value;
import static morphotera.measure.methods.Results.values;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import morphotera.Draws;
import morphotera.measure.Evaluation;
import org.junit.jupiter.api.Test;

/** Worms, what runs on the surface, and the warmth they live in. */
class LifeTest {
    private static Map<String, Object> block(int adults, int young, String... kinds) {
        return of("adults", adults, "young", young, "kinds", List.of(kinds));
    }

    private static Map<String, Object> worms(Object... blocks) {
        return of("blocks", List.of(blocks));
    }

    @Test
    void worms_are_the_mean_of_the_blocks_on_a_block_of_twenty() {
        Map<String, Object> large = worms(block(9, 0, "deep", "soil"), block(6, 3, "soil"));
        large.put("sideCm", 30);
        Evaluation got = evaluate("earthworms", Map.of("use", "arable"), large);
        assertThat(value(got, "perBlock")).isCloseTo(4, within(1e-9));
        assertThat(value(got, "perM2")).isCloseTo(100, within(1e-9));
        assertThat(value(got, "youngShare")).isCloseTo(100 * 3 / 18.0, within(1e-9));
        assertThat(got.words().get("kinds")).isEqualTo(List.of("deep", "soil"));
        assertThat(got.score()).isCloseTo(50, within(1e-9));
    }

    @Test
    void each_use_has_worms_of_its_own_and_none_is_a_count_too() {
        assertThat(score("pasture", 10)).isEqualTo(55);
        assertThat(score("garden", 10)).isEqualTo(75);
        assertThat(score("turf", 5)).isEqualTo(75);
        Evaluation none = evaluate("earthworms", Map.of("use", "arable"), worms(block(0, 0)));
        assertThat(none.score()).isZero();
        assertThat(value(none, "youngShare")).isNull();
        assertThat(none.words()).doesNotContainKey("kinds");
    }

    private static double score(String use, int adults) {
        return evaluate("earthworms", Map.of("use", use), worms(block(adults, 0)))
                .score();
    }

    @Test
    void where_worms_are_unwanted_they_are_counted_and_not_scored() {
        Map<String, Object> green = worms(block(5, 0));
        green.put("wormsUnwanted", true);
        Evaluation got = evaluate("earthworms", Map.of("use", "turf"), green);
        assertThat(got.score()).isNull();
        assertThat(value(got, "perBlock")).isEqualTo(5);
        assertThat(got.because()).anyMatch(said -> said.code().equals("unwanted"));
    }

    @Test
    void out_of_season_they_have_gone_down() {
        Map<String, Object> few = worms(block(1, 0));
        assertThat(flags(evaluate("earthworms", Map.of("soilTemperatureC", 4.9), few)))
                .containsExactly("season");
        assertThat(flags(evaluate("earthworms", Map.of("soilTemperatureC", 20.1), few)))
                .containsExactly("season");
        assertThat(flags(evaluate("earthworms", Map.of("moisture", "dry"), few)))
                .containsExactlyInAnyOrder("season", "conditions");
        assertThat(flags(evaluate("earthworms", Map.of("soilTemperatureC", 5), few)))
                .isEmpty();
        assertThat(flags(evaluate("earthworms", Map.of("soilTemperatureC", 20), few)))
                .isEmpty();
    }

    @Test
    void more_worms_never_score_lower() {
        Draws.each(30, draw -> {
            int count = draw.whole(0, 40);

            for (String use : List.of("arable", "pasture", "garden", "turf", "orchard")) {
                assertThat(score(use, count + 1)).isGreaterThanOrEqualTo(score(use, count));
            }
        });
    }

    @Test
    void the_surface_is_scored_by_kinds_found() {
        Evaluation got = evaluate(
                "surface-life", Map.of(), of("quadratCm", 40, "counts", of("ants", 30, "beetles", 2, "mites", 0)));
        assertThat(value(got, "kinds")).isEqualTo(2);
        assertThat(value(got, "perM2")).isCloseTo(200, within(1e-9));
        assertThat(got.score()).isEqualTo(30);
        Evaluation own = evaluate("surface-life", Map.of(), of("counts", of("earwigs", 1)));
        assertThat(value(own, "kinds")).isEqualTo(1);
        assertThat(value(own, "perM2")).isEqualTo(4);
        assertThat(refusals("surface-life", of("counts", of("ants", null))))
                .containsExactly("/reading/counts/ants missing");
    }

    private static Map<String, Object> point(double celsius, String cover) {
        return of("celsius", celsius, "cover", cover);
    }

    @Test
    void cover_is_worth_degrees() {
        Evaluation got = evaluate(
                "soil-temperature",
                Map.of(),
                of("points", List.of(point(28, "bare"), point(20, "residue"), point(18, "canopy"))));
        assertThat(values(got, "celsius")).containsExactly(28.0, 20.0, 18.0);
        assertThat(value(got, "coverDifference")).isEqualTo(9);
        assertThat(got.words())
                .containsEntry("activity", Map.of("bare", "active", "residue", "active", "canopy", "active"));
        assertThat(got.score()).isNull();
        Evaluation bareOnly = evaluate("soil-temperature", Map.of(), of("points", List.of(point(28, "bare"))));
        assertThat(bareOnly.measures()).extracting(Evaluation.Measure::key).containsOnly("celsius");
    }

    @Test
    void life_is_slowed_by_cold_and_by_heat() {
        assertThat(activity(4.9)).isEqualTo(Map.of("canopy", "slowed-cold"));
        assertThat(activity(5)).isEqualTo(Map.of("canopy", "active"));
        assertThat(activity(35)).isEqualTo(Map.of("canopy", "active"));
        assertThat(activity(35.1)).isEqualTo(Map.of("canopy", "slowed-hot"));
    }

    private static Object activity(double celsius) {
        return evaluate("soil-temperature", Map.of(), of("points", List.of(point(celsius, "canopy"))))
                .words()
                .get("activity");
    }
}
