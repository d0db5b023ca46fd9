package morphotera.measure.methods;

import static morphotera.Tables.evaluate;
import static morphotera.measure.methods.Results.flags;
import static morphotera.measure.methods.Results.refusals;
import static morphotera.measure.methods.Results.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import morphotera.measure.Evaluation;
import org.junit.jupiter.api.Test;

class PenetrationTest {
    private static final double LIMIT = Penetration.LIMIT_KPA;

    private static Evaluation cone(Object... pushes) {
        return evaluate("penetration", Map.of(), Reading.cone(pushes));
    }

    private static Map<String, Object> stopped(double atCm, String by, double... points) {
        Map<String, Object> push = Reading.push(points);
        push.put("stoppedAtCm", atCm);
        push.put("stoppedBy", by);
        return push;
    }

    @Test
    void the_limit_is_met_by_a_straight_line_between_two_depths() {
        Evaluation got = cone(Reading.push(15, LIMIT - 500, 22.5, LIMIT + 500, 30, 1000));
        assertThat(value(got, "depthToLimit")).isCloseTo(18.75, within(1e-9));
    }

    @Test
    void ground_already_over_the_limit_meets_it_at_its_first_depth() {
        Evaluation got = cone(Reading.push(7.5, 2500, 15, 1000));
        assertThat(value(got, "depthToLimit")).isEqualTo(7.5);
        assertThat(got.words()).containsEntry("hardTop", true).containsEntry("pan", false);
    }

    @Test
    void a_hard_layer_with_softer_soil_below_is_a_pan_with_a_peak_and_a_base() {
        Evaluation got = cone(Reading.push(7.5, 800, 15, 1200, 22.5, 2400, 30, 2800, 37.5, 1500, 45, 1400));
        assertThat(got.words()).containsEntry("pan", true);
        assertThat(value(got, "panPeak")).isEqualTo(30);
        assertThat(value(got, "panBase")).isBetween(30.0, 37.5);
    }

    @Test
    void ground_that_stays_hard_below_is_no_pan() {
        Evaluation got = cone(Reading.push(15, 1200, 22.5, 2400, 30, 2800, 37.5, 2300, 45, 2200));
        assertThat(got.words()).containsEntry("pan", false);
        assertThat(value(got, "panBase")).isNull();
    }

    @Test
    void a_push_stopped_hard_does_not_let_the_hardest_ground_drop_out_of_the_mean() {
        Evaluation got = cone(
                Reading.push(15, 1000, 22.5, 1800, 30, 1900),
                stopped(20, "hard", 15, 2500),
                stopped(20, "stone", 15, 900));
        List<Double> means = Results.values(got, "meanAt");
        assertThat(means.get(0)).isCloseTo((1000 + 2500 + 900) / 3.0, within(1e-9));
        assertThat(means.get(1))
                .as("the stone's push is missing, the hard one counts")
                .isEqualTo((1800 + 2500) / 2.0);
        assertThat(value(got, "shareOverLimit")).isCloseTo(100.0 * 3 / 7, within(1e-9));
    }

    @Test
    void where_every_push_stopped_hard_the_profile_ends_at_the_limit_there() {
        Evaluation got = cone(stopped(18, "hard", 7.5, 900, 15, 1500), stopped(22, "hard", 7.5, 1000, 15, 1700));
        assertThat(value(got, "probedTo")).isEqualTo(20);
        assertThat(value(got, "depthToLimit")).isEqualTo(20);
    }

    @Test
    void a_rod_is_an_estimate_and_shallow_probing_says_so() {
        Evaluation got = evaluate(
                "penetration",
                Map.of(),
                Reading.of(
                        "cone",
                        "rod",
                        "probes",
                        List.of(Reading.of("points", List.of(Reading.of("depthCm", 15, "felt", "push"))))));
        assertThat(flags(got)).containsExactlyInAnyOrder("estimated", "shallow");
        assertThat(Results.values(got, "meanAt")).containsExactly(1200.0);
    }

    @Test
    void the_wrong_day_is_flagged_and_the_reading_kept() {
        Evaluation dry = evaluate("penetration", Map.of("moisture", "dry"), Reading.cone(Reading.push(45, 900)));
        assertThat(flags(dry)).containsExactly("conditions");
        assertThat(dry.score()).isEqualTo(100);
        assertThat(dry.counts("depthToLimit")).isFalse();
    }

    @Test
    void a_push_must_go_downward_and_say_what_stopped_it() {
        assertThat(refusals("penetration", Reading.cone(Reading.push(15, 900, 7.5, 800))))
                .containsExactly("/reading/probes/0/points/1/depthCm backward");
        Map<String, Object> half = Reading.push(15, 900);
        half.put("stoppedAtCm", 10);
        assertThat(refusals("penetration", Reading.cone(half)))
                .containsExactly("/reading/probes/0/stoppedBy missing", "/reading/probes/0/stoppedAtCm backward");
        assertThat(refusals("penetration", Reading.cone(Reading.of("points", List.of()))))
                .contains("/reading/probes/0/points empty-list", "/reading/probes no-readings");
        assertThat(refusals(
                        "penetration",
                        Reading.cone(Reading.of("points", List.of(Reading.of("depthCm", 15, "felt", "lean"))))))
                .containsExactly("/reading/probes/0/points/0/felt not-here");
    }
}
