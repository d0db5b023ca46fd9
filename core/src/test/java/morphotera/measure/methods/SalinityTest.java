package morphotera.measure.methods;

import static morphotera.Tables.evaluate;
import static morphotera.measure.methods.Reading.of;
import static morphotera.measure.methods.Results.flags;
import static morphotera.measure.methods.Results.refusals;
import static morphotera.measure.methods.Results.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import morphotera.Draws;
import morphotera.measure.Evaluation;
import morphotera.measure.SaltTable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SalinityTest {
    private static Map<String, Object> read(double ec, String ratio) {
        return of("ec", ec, "compensated", true, "ratio", ratio, "depthCm", 5);
    }

    private static double ece(String texture, double ec, String ratio) {
        return value(evaluate("salinity", Map.of("texture", texture), read(ec, ratio)), "ece");
    }

    @ParameterizedTest
    @CsvSource({
        "sand,22.7",
        "loamy-sand,22.7",
        "sandy-loam,13.8",
        "loam,9.5",
        "silt-loam,9.5",
        "silt,9.5",
        "sandy-clay-loam,9.5",
        "clay-loam,8.6",
        "silty-clay-loam,8.6",
        "sandy-clay,8.6",
        "silty-clay,8.6",
        "clay,7.5"
    })
    void one_to_five_is_brought_to_the_paste_by_texture(String texture, double factor) {
        assertThat(ece(texture, 1, "1:5")).isCloseTo(factor, within(1e-9));
    }

    @Test
    void heavy_clay_has_a_factor_of_its_own() {
        assertThat(value(evaluate("salinity", Map.of("texture", "clay", "clayPercent", 45.1), read(1, "1:5")), "ece"))
                .isEqualTo(5.8);
        assertThat(value(evaluate("salinity", Map.of("texture", "clay", "clayPercent", 45), read(1, "1:5")), "ece"))
                .isEqualTo(7.5);
        assertThat(value(evaluate("salinity", Map.of("texture", "loam", "clayPercent", 46), read(1, "1:5")), "ece"))
                .isEqualTo(9.5);
    }

    @ParameterizedTest
    @CsvSource({
        "sand,3.01,-0.06",
        "loamy-sand,3.01,-0.06",
        "sandy-loam,3.01,-0.77",
        "loam,3.01,-0.77",
        "sandy-clay-loam,3.01,-0.77",
        "silt-loam,2.96,-0.95",
        "silt,2.96,-0.95",
        "clay,2.96,-0.95",
        "sandy-clay,2.96,-0.95"
    })
    void one_to_one_is_a_line_by_texture_and_never_less_than_the_reading(String texture, double slope, double at0) {
        assertThat(ece(texture, 2, "1:1")).isCloseTo(2 * slope + at0, within(1e-9));
        assertThat(ece(texture, 0.02, "1:1")).isCloseTo(Math.max(0.02, 0.02 * slope + at0), within(1e-9));
    }

    @Test
    void a_paste_needs_no_texture_and_every_mixture_does() {
        assertThat(value(evaluate("salinity", Map.of(), read(5, "paste")), "ece"))
                .isEqualTo(5);
        for (String ratio : List.of("1:1", "1:5", "in-place")) {
            Evaluation got = evaluate("salinity", Map.of("crop", "barley"), read(5, ratio));
            assertThat(value(got, "ece")).isNull();
            assertThat(value(got, "relativeYield")).isNull();
            assertThat(flags(got)).contains("needs-texture");
            assertThat(got.score()).isNull();
        }
    }

    @Test
    void warmth_is_taken_out_where_the_probe_did_not() {
        Map<String, Object> warm = of("ec", 2, "compensated", false, "temperatureC", 35, "ratio", "paste");
        assertThat(value(evaluate("salinity", Map.of(), warm), "ec25")).isCloseTo(2 / 1.191, within(1e-9));
        warm.remove("temperatureC");
        assertThat(refusals("salinity", warm)).containsExactly("/reading/temperatureC missing");
    }

    @Test
    void a_probe_in_the_ground_is_a_first_look() {
        Evaluation got = evaluate("salinity", Map.of("texture", "loam"), read(3, "in-place"));
        assertThat(flags(got)).containsExactly("approximate");
        assertThat(got.score()).isNull();
        assertThat(value(got, "ece")).isCloseTo(3.01 * 3 - 0.77, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "1.99,non-saline",
        "2,slightly",
        "3.99,slightly",
        "4,moderately",
        "7.9,moderately",
        "8,strongly",
        "15.9,strongly",
        "16,very-strongly"
    })
    void salt_has_five_classes(double ece, String word) {
        assertThat(evaluate("salinity", Map.of(), read(ece, "paste")).words()).containsEntry("salinityClass", word);
    }

    @Test
    void nitrate_is_an_upper_bound_and_only_where_salts_may_be_nitrate() {
        Map<String, Object> loam = Map.of("texture", "loam");
        assertThat(value(evaluate("salinity", loam, read(0.8, "1:1")), "nitrateNAtMost"))
                .isCloseTo(112, within(1e-9));
        assertThat(hasNitrate(loam, read(0.81, "1:1"))).isFalse();
        assertThat(hasNitrate(loam, read(0.5, "1:5"))).isFalse();
        assertThat(hasNitrate(Map.of("texture", "loam", "ph", 7.2), read(0.5, "1:1")))
                .isFalse();
        assertThat(hasNitrate(Map.of("texture", "loam", "ph", 7.1), read(0.5, "1:1")))
                .isTrue();
    }

    private static boolean hasNitrate(Map<String, ?> context, Map<String, Object> reading) {
        return evaluate("salinity", context, reading).measures().stream()
                .anyMatch(measure -> measure.key().equals("nitrateNAtMost"));
    }

    /** Maas and Hoffman 1977: where yield begins to fall and by how much for each dS/m. */
    @ParameterizedTest
    @CsvSource({
        "barley,8.0,5.0", "cotton,7.7,5.2", "sugar-beet,7.0,5.9", "bermuda-grass,6.9,6.4", "sorghum,6.8,16",
                "wheat,6.0,7.1",
        "ryegrass,5.6,7.6", "soya,5.0,20", "fescue,3.9,5.3", "tomato,2.5,9.9", "lucerne,2.0,7.3", "cabbage,1.8,9.7",
        "potato,1.7,12", "maize,1.7,12", "white-clover,1.5,12", "vine,1.5,9.6", "almond,1.5,19", "lettuce,1.3,13",
        "onion,1.2,16", "carrot,1.0,14", "bean,1.0,19", "strawberry,1.0,33"
    })
    void each_crop_of_the_salt_table_keeps_what_the_source_prints(String crop, double a, double b) {
        SaltTable.Tolerance tolerance = SaltTable.of(crop).orElseThrow();
        assertThat(tolerance.relativeYield(a)).isEqualTo(100);
        assertThat(tolerance.relativeYield(a + 1)).isCloseTo(Math.max(0, 100 - b), within(1e-9));
        assertThat(tolerance.relativeYield(0)).isEqualTo(100);
        assertThat(tolerance.relativeYield(60)).isZero();
        assertThat(score(crop, a)).isCloseTo(90, within(1e-9));
        assertThat(score(crop, a + 25 / b)).isCloseTo(50, within(1e-9));
        assertThat(score(crop, a + 100 / b)).isCloseTo(0, within(1e-9));
    }

    private static double score(String crop, double ece) {
        return evaluate("salinity", Map.of("crop", crop), read(ece, "paste")).score();
    }

    @Test
    void the_salt_table_has_its_22_crops_and_others_use_the_plain_curve() {
        assertThat(SaltTable.all()).hasSize(22);
        assertThat(SaltTable.of(null)).isEmpty();
        assertThat(score("tree", 4)).isEqualTo(60);
    }

    @Test
    void more_salt_never_scores_higher() {
        Draws.each(60, draw -> {
            double ece = draw.from(0, 50);

            for (String crop : List.of("barley", "strawberry", "tree")) {
                assertThat(score(crop, ece + 0.5)).isLessThanOrEqualTo(score(crop, ece));
            }
        });
    }
}
