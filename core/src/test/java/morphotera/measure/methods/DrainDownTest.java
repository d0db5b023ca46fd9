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
import org.junit.jupiter.api.Test;

class DrainDownTest {
    private static Map<String, Object> fell(double mm, double minutes) {
        return of("holeDepthMm", 175, "wetted", true, "dropMm", mm, "afterMinutes", minutes);
    }

    @Test
    void a_first_fall_tells_when_the_hole_will_be_empty() {
        Evaluation got = evaluate("drain-down", Map.of(), fell(20, 15));
        assertThat(value(got, "dropRate")).isCloseTo(80, within(1e-9));
        assertThat(value(got, "hours")).isCloseTo(250 * Math.log(250 / 75.0) / 80, within(1e-9));
        // 20 mm in a quarter hour lies between 11 and 28, the best.
        assertThat(got.score()).isEqualTo(100);
    }

    @Test
    void an_odd_interval_is_scored_as_a_quarter_hour() {
        assertThat(evaluate("drain-down", Map.of(), fell(7, 30)).score())
                .isCloseTo(evaluate("drain-down", Map.of(), fell(3.5, 15)).score(), within(1e-9))
                .isEqualTo(40);
    }

    @Test
    void for_a_rain_garden_the_hours_count_and_a_hole_that_stays_full_has_none() {
        Map<String, Object> garden = Map.of("purpose", "rain-garden");
        Evaluation got = evaluate("drain-down", garden, fell(20, 15));
        assertThat(got.placed().curve()).isEqualTo("drain-hours@rain-garden");
        assertThat(got.placed().x()).isEqualTo(value(got, "hours"));
        Evaluation full = evaluate("drain-down", garden, fell(0, 15));
        assertThat(value(full, "hours")).isNull();
        assertThat(full.score()).isZero();
        assertThat(flags(full)).containsExactly("no-fall");
        assertThat(evaluate("drain-down", Map.of(), fell(0, 15)).score()).isZero();
    }

    @Test
    void a_dry_hole_is_not_scored_and_a_slow_one_is_to_be_read_again() {
        Evaluation dry = evaluate("drain-down", Map.of(), of("holeDepthMm", 175, "wetted", false, "hoursToEmpty", 3));
        assertThat(dry.score()).isNull();
        assertThat(dry.counts("hours")).isFalse();
        assertThat(flags(evaluate("drain-down", Map.of(), of("holeDepthMm", 175, "wetted", true, "hoursToEmpty", 18))))
                .isEmpty();
        assertThat(flags(
                        evaluate("drain-down", Map.of(), of("holeDepthMm", 175, "wetted", true, "hoursToEmpty", 18.1))))
                .containsExactly("repeat-as-hole");
    }

    @Test
    void hours_or_a_whole_fall_one_of_them() {
        assertThat(refusals("drain-down", of("holeDepthMm", 175, "wetted", true)))
                .containsExactly("/reading/hoursToEmpty missing");
        assertThat(refusals("drain-down", of("holeDepthMm", 175, "wetted", true, "dropMm", 10)))
                .containsExactly("/reading/afterMinutes missing");
        assertThat(refusals("drain-down", of("holeDepthMm", 175, "wetted", true, "afterMinutes", 10)))
                .containsExactly("/reading/dropMm missing");
        Map<String, Object> both = fell(10, 15);
        both.put("hoursToEmpty", 3);
        assertThat(refusals("drain-down", both)).containsExactly("/reading/hoursToEmpty given-twice");
        assertThat(refusals("drain-down", fell(176, 15))).containsExactly("/reading/dropMm outside-hole");
        assertThat(refusals("drain-down", fell(175, 15))).isEmpty();
    }
}
