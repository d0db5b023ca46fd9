package morphotera.read;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import morphotera.ground.Refusal;
import org.junit.jupiter.api.Test;

class YardstickCheckTest {
    private static final Yardstick KNOWN = new Yardstick(
            "known",
            1,
            School.BALANCED,
            Map.of(
                    "ph", new Curve("ph", "pH", List.of(List.of(4.0, 0.0), List.of(6.0, 100.0))),
                    "respiration@rewetted",
                            new Curve("respiration@rewetted", "mg", List.of(List.of(0.0, 0.0), List.of(60.0, 100.0)))));

    private static List<String> refused(String key, List<List<Double>> knots) {
        return YardstickCheck.of(Map.of(key, knots), KNOWN).stream()
                .map((Refusal one) -> one.path() + " " + one.code())
                .toList();
    }

    private static List<List<Double>> rising(int n) {
        return IntStream.range(0, n).mapToObj(i -> List.of((double) i, 50.0)).toList();
    }

    @Test
    void two_to_twenty_rising_knots_are_a_curve() {
        assertThat(refused("ph", rising(2))).isEmpty();
        assertThat(refused("ph", rising(20))).isEmpty();
        assertThat(refused("ph", rising(1))).containsExactly("/curves/ph/knots too-few");
        assertThat(refused("ph", rising(21))).containsExactly("/curves/ph/knots too-many");
    }

    @Test
    void a_curve_may_be_narrowed_by_use_texture_or_what_narrows_one_already() {
        assertThat(refused("ph@turf", rising(2))).isEmpty();
        assertThat(refused("ph@coarse", rising(2))).isEmpty();
        assertThat(refused("ph@rewetted", rising(2))).isEmpty();
        assertThat(refused("ph@full-moon", rising(2))).containsExactly("/curves/ph@full-moon unknown-narrowing");
        assertThat(refused("respiration@rewetted", rising(2))).isEmpty();
    }

    @Test
    void a_knot_that_is_no_pair_is_named_and_the_next_is_not_blamed_for_it() {
        List<List<Double>> knots =
                Arrays.asList(List.of(1.0, 0.0), Arrays.asList(2.0, null), List.of(1.5, 10.0), List.of(1.5, -1.0));
        assertThat(refused("ph", knots))
                .containsExactly(
                        "/curves/ph/knots/1 wrong-type",
                        "/curves/ph/knots/3 not-rising",
                        "/curves/ph/knots/3 out-of-range");
    }
}
