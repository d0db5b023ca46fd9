package morphotera.measure.methods;

import static morphotera.Tables.evaluate;
import static morphotera.measure.methods.Results.flags;
import static morphotera.measure.methods.Results.refusals;
import static morphotera.measure.methods.Results.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.Draws;
import morphotera.measure.Evaluation;
import org.junit.jupiter.api.Test;

class PercolationHoleTest {
    private static final Map<String, Object> ANYWHERE = Map.of();

    @Test
    void the_size_of_the_hole_does_not_change_what_the_same_soil_shows() {
        Draws.each(200, draw -> {
            double soilK = draw.from(2, 80);
            double diameterMm = draw.from(100, 400);

            List<Object> levels = new ArrayList<>();
            double radius = diameterMm / 2;
            for (int minutes = 0; minutes <= 60; minutes += 20) {
                // Each level is what a wall of that rate leaves: h = (h0 + r/2)·e^(−2Kt/r) − r/2.
                double depth = (240 + radius / 2) * Math.exp(-2 * soilK * minutes / 60 / radius) - radius / 2;
                levels.add(Reading.of("minutes", minutes, "depthMm", Math.max(0, depth)));
                if (depth <= 0) {
                    return;
                }
            }
            Map<String, Object> reading =
                    Reading.of("holeDiameterMm", diameterMm, "holeDepthMm", 300, "presoaked", true, "levels", levels);
            assertThat(value(evaluate("percolation-hole", ANYWHERE, reading), "wallK"))
                    .isCloseTo(soilK, within(soilK * 1e-9));
        });
    }

    @Test
    void the_first_fast_interval_is_left_out_of_the_plateau() {
        Evaluation got = evaluate("percolation-hole", ANYWHERE, Reading.hole(0, 240, 30, 180, 60, 150, 90, 122));
        List<Double> k = Results.values(got, "intervalK");
        assertThat(value(got, "wallK")).isLessThan(k.get(0)).isBetween(k.get(2) * 0.8, k.get(1) * 1.2);
        assertThat(got.because().get(0).text()).contains("from interval 2");
    }

    @Test
    void without_a_steady_stretch_the_last_interval_counts_and_says_so() {
        Evaluation got = evaluate("percolation-hole", ANYWHERE, Reading.hole(0, 240, 30, 120, 60, 90));
        assertThat(flags(got)).containsExactly("not-steady-yet");
        assertThat(value(got, "wallK"))
                .isEqualTo(Results.values(got, "intervalK").get(1));
    }

    @Test
    void water_that_does_not_fall_has_no_time_to_empty() {
        Evaluation got = evaluate("percolation-hole", ANYWHERE, Reading.hole(0, 200, 30, 200, 60, 200));
        assertThat(value(got, "hoursToEmpty")).isNull();
        assertThat(flags(got)).contains("no-fall");
        assertThat(got.score()).isZero();
    }

    @Test
    void a_hole_that_was_not_wetted_keeps_its_score_and_is_no_evidence() {
        Map<String, Object> dry = Reading.hole(0, 240, 30, 200, 60, 165);
        dry.put("presoaked", false);
        Evaluation got = evaluate("percolation-hole", ANYWHERE, dry);
        assertThat(flags(got)).contains("not-presoaked");
        assertThat(got.counts("wallK")).isFalse();
        assertThat(got.score()).isNotNull();
    }

    @Test
    void cold_water_is_thick_and_reads_slow_so_warm_is_reckoned_from_it() {
        Map<String, Object> cold = Reading.hole(0, 240, 30, 200, 60, 165);
        cold.put("waterTemperatureC", 5);
        double asRead = value(evaluate("percolation-hole", ANYWHERE, Reading.hole(0, 240, 30, 200, 60, 165)), "wallK");
        assertThat(value(evaluate("percolation-hole", ANYWHERE, cold), "wallK")).isGreaterThan(asRead * 1.4);
    }

    @Test
    void a_level_down_from_the_edge_is_the_same_level() {
        Map<String, Object> fromTop = Reading.hole(0, 240, 30, 200, 60, 165);
        fromTop.put(
                "levels",
                List.of(
                        Reading.of("minutes", 0, "fromTopMm", 60),
                        Reading.of("minutes", 30, "fromTopMm", 100),
                        Reading.of("minutes", 60, "fromTopMm", 135)));
        assertThat(evaluate("percolation-hole", ANYWHERE, fromTop).measures())
                .isEqualTo(evaluate("percolation-hole", ANYWHERE, Reading.hole(0, 240, 30, 200, 60, 165))
                        .measures());
    }

    @Test
    void a_refill_starts_the_next_interval_at_its_own_level() {
        Map<String, Object> refilled = Reading.hole(0, 240, 30, 160, 60, 160);
        refilled.put(
                "levels",
                List.of(
                        Reading.of("minutes", 0, "depthMm", 240),
                        Reading.of("minutes", 30, "depthMm", 160, "refilledToMm", 240),
                        Reading.of("minutes", 60, "depthMm", 160)));
        List<Double> k = Results.values(evaluate("percolation-hole", ANYWHERE, refilled), "intervalK");
        assertThat(k.get(0)).isCloseTo(k.get(1), within(1e-9));
    }

    @Test
    void levels_after_the_hole_is_empty_say_nothing() {
        Evaluation got = evaluate("percolation-hole", ANYWHERE, Reading.hole(0, 200, 20, 90, 40, 0, 60, 0));
        assertThat(Results.values(got, "intervalK")).hasSize(2);
    }

    @Test
    void a_rain_garden_reads_the_soils_own_rate() {
        Evaluation got =
                evaluate("percolation-hole", Map.of("purpose", "rain-garden"), Reading.hole(0, 240, 30, 200, 60, 165));
        assertThat(got.placed().curve()).isEqualTo("rain-garden");
        assertThat(got.placed().x()).isEqualTo(value(got, "wallK"));
    }

    @Test
    void backward_times_and_rising_water_are_named_at_their_place() {
        assertThat(refusals("percolation-hole", Reading.hole(0, 200, 30, 190, 20, 195)))
                .contains("/reading/levels/2/minutes backward", "/reading/levels/2/depthMm rises");
        assertThat(refusals("percolation-hole", Reading.hole(0, 200, 30, 202, 60, 190)))
                .isEmpty();
        assertThat(refusals("percolation-hole", Reading.hole(0, 400, 30, 202, 60, 190)))
                .containsExactly("/reading/levels/0/depthMm outside-hole");
        assertThat(refusals("percolation-hole", Reading.hole(0, 200, 30, 150)))
                .containsExactly("/reading/levels too-few");
    }
}
