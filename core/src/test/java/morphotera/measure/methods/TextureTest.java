package morphotera.measure.methods;

import static morphotera.Tables.evaluate;
import static morphotera.measure.methods.Reading.of;
import static morphotera.measure.methods.Results.flags;
import static morphotera.measure.methods.Results.refusals;
import static morphotera.measure.methods.Results.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import morphotera.measure.Evaluation;
import morphotera.measure.Water;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Texture by hand and by jar, and the water that goes with it. */
class TextureTest {
    private static Map<String, Object> feel(boolean ball, double ribbon, String feel, String cracks) {
        return of("ball", ball, "ribbonMm", ribbon, "feel", feel, "cracksWhenPressed", cracks, "depthCm", 10);
    }

    private static Map<String, Object> jar(double base, double sand, double silt, double clay) {
        return of(
                "baseMm",
                base,
                "sandTopMm",
                sand,
                "siltTopMm",
                silt,
                "clayTopMm",
                clay,
                "waterHeightMm",
                120,
                "clayMarkedAfterHours",
                48);
    }

    @ParameterizedTest
    @CsvSource({
        "false,0,gritty,sand,coarse",
        "true,0,gritty,loamy-sand,coarse",
        "true,24,gritty,sandy-loam,coarse",
        "true,24,smooth,silt-loam,medium",
        "true,24,neither,loam,medium",
        "true,25,gritty,sandy-clay-loam,medium",
        "true,50,smooth,silty-clay-loam,fine",
        "true,30,neither,clay-loam,fine",
        "true,51,gritty,sandy-clay,fine",
        "true,51,smooth,silty-clay,fine",
        "true,300,neither,clay,fine"
    })
    void ball_ribbon_and_feel_name_the_texture(boolean ball, double ribbon, String feel, String texture, String group) {
        Evaluation got = evaluate("texture-feel", Map.of(), feel(ball, ribbon, feel, null));
        assertThat(got.words()).containsEntry("texture", texture).containsEntry("group", group);
        assertThat(got.measures()).allMatch(Evaluation.Measure::estimated);
        assertThat(value(got, "sand") + value(got, "silt") + value(got, "clay")).isCloseTo(100, within(1e-9));
        assertThat(flags(got)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"24,none,true", "24,some,false", "25,none,false", "51,many,true", "50,many,false", "51,none,false"})
    void ribbon_and_cracks_may_contradict(double ribbon, String cracks, boolean contradicts) {
        Evaluation got = evaluate("texture-feel", Map.of(), feel(true, ribbon, "neither", cracks));
        assertThat(flags(got).contains("contradiction")).isEqualTo(contradicts);
        assertThat(got.counts("texture")).isEqualTo(!contradicts);
    }

    @Test
    void what_makes_no_ball_makes_no_ribbon() {
        assertThat(refusals("texture-feel", feel(false, 10, "gritty", null)))
                .containsExactly("/reading/ribbonMm no-ball");
        assertThat(flags(evaluate("texture-feel", Map.of(), feel(false, 0, "gritty", "none"))))
                .isEmpty();
    }

    @Test
    void a_jar_is_read_from_its_base_and_says_how_near_the_next_class_is() {
        Evaluation got = evaluate("texture-jar", Map.of(), jar(5, 41, 71, 86));
        assertThat(value(got, "sand")).isCloseTo(100 * 36 / 81.0, within(1e-9));
        assertThat(value(got, "silt")).isCloseTo(100 * 30 / 81.0, within(1e-9));
        assertThat(value(got, "clay")).isCloseTo(100 * 15 / 81.0, within(1e-9));
        assertThat(got.words()).containsEntry("texture", "loam").containsEntry("group", "medium");
        // Clay 18.5: over 20 it is no sandy clay loam, for silt stays over 28; sand 52 is the nearest.
        assertThat(value(got, "boundaryDistance")).isCloseTo(52 - 100 * 36 / 81.0, within(1e-6));
        assertThat(flags(got)).isEmpty();
    }

    @Test
    void near_a_boundary_the_other_class_is_named() {
        Evaluation got = evaluate("texture-jar", Map.of(), jar(0, 40, 74, 100));
        assertThat(got.words()).containsEntry("texture", "loam");
        assertThat(value(got, "boundaryDistance")).isCloseTo(1, within(1e-6));
        assertThat(got.flags()).singleElement().satisfies(flag -> {
            assertThat(flag.code()).isEqualTo("near-boundary");
            assertThat(flag.text()).contains("clay loam");
        });
    }

    @Test
    void clay_that_has_not_settled_is_no_evidence() {
        Map<String, Object> early = jar(5, 41, 71, 86);
        early.put("clayMarkedAfterHours", 23.9);
        assertThat(flags(evaluate("texture-jar", Map.of(), early))).containsExactly("clay-not-settled");
        Map<String, Object> cloudy = jar(5, 41, 71, 86);
        cloudy.put("stillCloudy", true);
        assertThat(flags(evaluate("texture-jar", Map.of(), cloudy))).containsExactly("clay-not-settled");
        Map<String, Object> settled = jar(5, 41, 71, 86);
        settled.put("clayMarkedAfterHours", 24);
        assertThat(flags(evaluate("texture-jar", Map.of(), settled))).isEmpty();
    }

    @Test
    void heights_rise_and_stay_in_the_jar() {
        assertThat(refusals("texture-jar", jar(5, 5, 4, 3)))
                .containsExactly(
                        "/reading/sandTopMm backward", "/reading/siltTopMm backward", "/reading/clayTopMm backward");
        assertThat(refusals("texture-jar", jar(5, 41, 71, 126))).containsExactly("/reading/clayTopMm outside-jar");
        assertThat(refusals("texture-jar", jar(5, 6, 6, 6))).isEmpty();
        assertThat(refusals("texture-jar", jar(5, 41, 71, 125))).isEmpty();
    }

    @Test
    void grains_sink_as_stokes_has_it() {
        assertThat(Water.settlingSeconds(Water.SMALLEST_SAND_M, 100, 20)).isCloseTo(44.5, within(0.1));
        assertThat(Water.settlingSeconds(Water.SMALLEST_SILT_M, 100, 20) / 3600).isCloseTo(7.7, within(0.05));
    }

    @Test
    void pure_sand_and_pure_clay_are_classes_too() {
        assertThat(evaluate("texture-jar", Map.of(), jar(5, 85, 85, 85)).words())
                .containsEntry("texture", "sand");
        Evaluation clay = evaluate("texture-jar", Map.of(), jar(0, 1, 1, 100));
        assertThat(clay.words()).containsEntry("texture", "clay");
        assertThat(clay.because()).anyMatch(said -> said.code().equals("not-held"));
        assertThat(clay.measures()).noneMatch(measure -> measure.key().equals("wiltingPoint"));
    }

    @Test
    void a_loam_holds_the_water_of_its_class() {
        Evaluation got = evaluate("texture-jar", Map.of(), jar(0, 40, 80, 100));
        assertThat(value(got, "wiltingPoint")).isCloseTo(0.137, within(0.0005));
        assertThat(value(got, "fieldCapacity")).isCloseTo(0.280, within(0.0005));
        assertThat(value(got, "saturation")).isCloseTo(0.459, within(0.0007));
        assertThat(value(got, "saturatedK")).isCloseTo(15.5, within(0.05));
    }
}
