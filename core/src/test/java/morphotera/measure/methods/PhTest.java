package morphotera.measure.methods;

import static morphotera.Tables.evaluate;
import static morphotera.measure.methods.Results.refusals;
import static morphotera.measure.methods.Results.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import morphotera.measure.Evaluation;
import org.junit.jupiter.api.Test;

class PhTest {
    private static Map<String, Object> point(double depth, double value, String basis) {
        return Reading.of("depthCm", depth, "value", value, "basis", basis);
    }

    @Test
    void calcium_chloride_and_water_are_shown_on_one_basis() {
        Evaluation got = evaluate(
                "ph", Map.of(), Reading.of("points", List.of(point(5, 5.2, "cacl2"), point(25, 5.2, "water"))));
        assertThat(value(got, "topsoil")).isCloseTo(6.0, within(1e-9));
        assertThat(value(got, "subsoil")).isEqualTo(5.2);
        assertThat(value(got, "fall")).isCloseTo(0.8, within(1e-9));
        assertThat(value(got, "acidAt")).isEqualTo(25);
    }

    @Test
    void a_card_says_that_it_is_good_to_half_a_unit() {
        Evaluation got = evaluate("ph", Map.of(), Reading.of("points", List.of(point(5, 6, "card"))));
        assertThat(got.measures().get(1).plusMinus()).isEqualTo(0.5);
    }

    @Test
    void without_a_point_in_the_topsoil_there_is_no_score() {
        Evaluation got = evaluate("ph", Map.of(), Reading.of("points", List.of(point(30, 6, "water"))));
        assertThat(got.score()).isNull();
        assertThat(got.because().get(0).code()).isEqualTo("no-topsoil");
    }

    @Test
    void a_crop_that_loves_acid_is_held_to_its_own_curve() {
        Map<String, Object> reading = Reading.of("points", List.of(point(5, 4.8, "water")));
        assertThat(evaluate("ph", Map.of("crop", "acid-loving", "use", "garden"), reading)
                        .score())
                .isEqualTo(100);
        assertThat(evaluate("ph", Map.of("use", "garden"), reading).score()).isZero();
    }

    @Test
    void one_depth_stands_once_and_an_offset_has_its_range() {
        assertThat(refusals("ph", Reading.of("points", List.of(point(5, 6, "card"), point(5, 6, "card")))))
                .containsExactly("/reading/points/1/depthCm twice");
        assertThat(refusals("ph", Reading.of("points", List.of(point(5, 12, "card")), "offset", 2)))
                .containsExactly("/reading/points/0/value out-of-range", "/reading/offset out-of-range");
    }
}
