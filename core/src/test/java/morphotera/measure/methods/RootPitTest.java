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
import morphotera.measure.Evaluation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RootPitTest {
    private static Map<String, Object> layer(
            double top, double bottom, String shape, String roots, String moisture, Object... more) {
        Map<String, Object> layer =
                of("topCm", top, "bottomCm", bottom, "shape", shape, "roots", roots, "moisture", moisture);
        layer.putAll(of(more));
        return layer;
    }

    private static Map<String, Object> pit(double depth, Object... layers) {
        return of("depthCm", depth, "layers", List.of(layers));
    }

    private static Evaluation read(Object... layers) {
        return evaluate("root-pit", Map.of(), pit(100, layers));
    }

    @Test
    void roots_stop_where_they_are_two_steps_thinner_and_water_may_lie_below() {
        Evaluation got = read(
                layer(0, 25, "crumb", "many", "dry"),
                layer(25, 40, "massive", "cracks-only", "dry"),
                layer(40, 60, "rounded-blocks", "none", "moist"));
        assertThat(value(got, "rootStop")).isEqualTo(25);
        assertThat(got.words())
                .containsEntry("rootStopFound", true)
                .containsEntry("waterBelowStop", true)
                .containsEntry("rootStopReasons", List.of("structure"))
                .containsEntry("limitingShape", "massive");
    }

    @Test
    void one_step_thinner_is_no_stop_and_water_below_needs_dry_soil_above() {
        Evaluation noStop = read(layer(0, 25, "crumb", "many", "dry"), layer(25, 40, "crumb", "some", "wet"));
        assertThat(value(noStop, "rootStop")).isNull();
        assertThat(noStop.words()).containsEntry("rootStopFound", false).containsEntry("waterBelowStop", false);
        Evaluation moist = read(layer(0, 25, "crumb", "many", "moist"), layer(25, 40, "crumb", "none", "wet"));
        assertThat(moist.words()).containsEntry("rootStopFound", true).containsEntry("waterBelowStop", null);
        Evaluation dryBelow = read(layer(0, 25, "crumb", "many", "dry"), layer(25, 40, "crumb", "none", "dry"));
        assertThat(dryBelow.words()).containsEntry("waterBelowStop", false);
    }

    @Test
    void every_reason_that_holds_there_and_not_above_is_named() {
        Evaluation got = read(
                layer(0, 25, "crumb", "many", "moist", "texture", "loam", "resistanceKpa", 2067.9, "ph", 5.5),
                layer(25, 40, "plates", "none", "wet", "texture", "clay", "resistanceKpa", 2068, "ph", 5.4));
        assertThat(got.words().get("rootStopReasons"))
                .isEqualTo(List.of("structure", "hard", "texture", "wet", "acid"));
        Evaluation alreadyAbove = read(
                layer(0, 25, "massive", "many", "wet", "texture", "loam", "resistanceKpa", 3000, "ph", 5),
                layer(25, 40, "plates", "none", "saturated", "texture", "silt", "resistanceKpa", 3000, "ph", 5));
        assertThat(alreadyAbove.words().get("rootStopReasons")).isEqualTo(List.of());
        Evaluation grey = read(
                layer(0, 25, "crumb", "many", "moist"), layer(25, 40, "crumb", "none", "moist", "mottles", "grey"));
        assertThat(grey.words().get("rootStopReasons")).isEqualTo(List.of("wet"));
    }

    @Test
    void colours_of_water_count_where_their_layer_begins_within_sixty() {
        Object[] deep = {
            layer(0, 60, "crumb", "many", "moist"), layer(60, 90, "crumb", "many", "moist", "mottles", "rust")
        };
        assertThat(read(deep).words()).containsEntry("mottledWithin60", false).containsEntry("yellowMottles", false);
        Object[] near = {
            layer(0, 59, "crumb", "many", "moist"), layer(59, 90, "crumb", "many", "moist", "mottles", "yellow")
        };
        assertThat(read(near).words()).containsEntry("mottledWithin60", true).containsEntry("yellowMottles", true);
    }

    @ParameterizedTest
    @CsvSource({",false", "100,true", "100.1,false", "30,true"})
    void water_counts_within_a_metre(Double at, boolean within) {
        Map<String, Object> reading = pit(150, layer(0, 30, "crumb", "many", "moist"));
        reading.put("fromAbove", true);
        reading.put("waterAtCm", at);
        assertThat(evaluate("root-pit", Map.of(), reading).words()).containsEntry("waterWithin100", within);
    }

    @Test
    void texture_jumps_where_its_group_changes_within_ten_centimetres() {
        assertThat(read(
                                layer(0, 20, "crumb", "many", "moist", "texture", "sand"),
                                layer(20, 30, "crumb", "many", "moist"),
                                layer(30, 50, "crumb", "many", "moist", "texture", "clay"))
                        .words())
                .containsEntry("textureJumps", true);
        assertThat(read(
                                layer(0, 20, "crumb", "many", "moist", "texture", "sand"),
                                layer(20, 31, "crumb", "many", "moist"),
                                layer(31, 50, "crumb", "many", "moist", "texture", "clay"))
                        .words())
                .containsEntry("textureJumps", false);
        assertThat(read(
                                layer(0, 20, "crumb", "many", "moist", "texture", "sand"),
                                layer(20, 31, "crumb", "many", "moist", "texture", "sandy-loam"))
                        .words())
                .containsEntry("textureJumps", false);
        assertThat(read(
                                layer(0, 20, "crumb", "many", "moist", "texture", "sand"),
                                layer(20, 31, "crumb", "many", "moist", "texture", "clay"),
                                layer(31, 40, "crumb", "many", "moist", "texture", "clay"))
                        .words())
                .containsEntry("textureJumps", true);
        assertThat(read(layer(0, 20, "crumb", "many", "moist", "texture", "sand"))
                        .words())
                .doesNotContainKey("textureJumps");
    }

    @Test
    void layers_are_scored_to_sixty_by_their_thickness_and_sand_is_loose_by_nature() {
        Evaluation got = read(
                layer(0, 30, "crumb", "many", "moist"),
                layer(30, 90, "massive", "none", "moist"),
                layer(90, 100, "crumb", "many", "moist"));
        assertThat(got.score()).isCloseTo(50, within(1e-9));
        Evaluation sand = read(layer(0, 30, "single-grain", "many", "moist", "texture", "sand"));
        assertThat(sand.score()).isCloseTo(64 * 0.7 + 36, within(1e-9));
        assertThat(sand.words()).containsEntry("limitingShape", null);
        Evaluation bySite = evaluate(
                "root-pit", Map.of("texture", "loamy-sand"), pit(50, layer(0, 30, "single-grain", "many", "moist")));
        assertThat(bySite.score()).isCloseTo(64 * 0.7 + 36, within(1e-9));
        Evaluation atLimit = read(layer(0, 30, "massive", "many", "moist"), layer(30, 60, "crumb", "many", "moist"));
        assertThat(atLimit.words()).containsEntry("limitingShape", "massive");
        assertThat(Results.values(got, "layerScore")).containsExactly(100.0, 0.0, 100.0);
    }

    @Test
    void nobody_is_alone_over_a_metre() {
        Map<String, Object> alone = pit(101, layer(0, 30, "crumb", "many", "moist"));
        alone.put("people", 1);
        assertThat(refusals("root-pit", alone)).containsExactly("/reading/depthCm alone");
        alone.put("fromAbove", true);
        assertThat(refusals("root-pit", alone)).isEmpty();
        assertThat(flags(evaluate("root-pit", Map.of(), alone))).isEmpty();
        Map<String, Object> two = pit(101, layer(0, 30, "crumb", "many", "moist"));
        assertThat(flags(evaluate("root-pit", Map.of(), two))).containsExactly("deep");
        Map<String, Object> shallow = pit(100, layer(0, 30, "crumb", "many", "moist"));
        shallow.put("people", 1);
        assertThat(refusals("root-pit", shallow)).isEmpty();
        assertThat(flags(evaluate("root-pit", Map.of(), shallow))).isEmpty();
    }

    @Test
    void layers_touch_and_end_in_the_pit() {
        assertThat(refusals(
                        "root-pit",
                        pit(
                                50,
                                layer(0, 20, "crumb", "many", "moist"),
                                layer(22, 20, "crumb", "many", "moist"),
                                layer(10, 60, "crumb", "many", "moist"))))
                .containsExactly(
                        "/reading/layers/1/topCm gap",
                        "/reading/layers/1/bottomCm backward",
                        "/reading/layers/2/topCm overlapping",
                        "/reading/layers/2/bottomCm below-pit");
        assertThat(refusals("root-pit", pit(20, layer(5, 20, "crumb", "many", "moist"))))
                .containsExactly("/reading/layers/0/topCm not-from-surface");
    }
}
