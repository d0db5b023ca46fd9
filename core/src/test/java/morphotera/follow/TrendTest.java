package morphotera.follow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import morphotera.Draws;
import org.junit.jupiter.api.Test;

class TrendTest {
    private static Trend of(double... yearsAndScores) {
        List<Trend.At> visits = new ArrayList<>();
        for (int i = 0; i < yearsAndScores.length; i += 2) {
            visits.add(new Trend.At(yearsAndScores[i], yearsAndScores[i + 1]));
        }
        return Trend.of(visits);
    }

    @Test
    void the_slope_is_the_median_of_all_pairs_and_one_odd_visit_does_not_bend_it() {
        Trend got = of(0, 40, 1, 43, 2, 46, 3, 49, 4, 10);
        assertThat(got.perYear()).isCloseTo(3, within(1e-9));
        assertThat(got.visits()).isEqualTo(5);
    }

    @Test
    void three_visits_have_a_slope_and_no_verdict_and_two_have_neither() {
        Trend got = of(0, 40, 2, 50, 4, 58);
        assertThat(got.perYear()).isCloseTo(4.5, within(1e-9));
        assertThat(got.verdict()).isEqualTo(Trend.Verdict.TOO_FEW);
        assertThat(got.low()).isNull();
        assertThat(of(0, 40, 2, 50)).isNull();
        assertThat(of(1, 40, 1, 50, 1, 60)).isNull();
    }

    @Test
    void four_visits_that_all_rise_are_rising_and_all_fall_falling() {
        assertThat(of(0, 40, 1, 42, 2, 45, 3, 46).verdict()).isEqualTo(Trend.Verdict.RISING);
        assertThat(of(0, 46, 1, 45, 2, 42, 3, 40).verdict()).isEqualTo(Trend.Verdict.FALLING);
        assertThat(of(0, 40, 1, 46, 2, 42, 3, 45).verdict()).isEqualTo(Trend.Verdict.NO_CLEAR_TREND);
    }

    @Test
    void the_interval_is_sens_by_rank() {
        // n = 5: N = 10, C = 1.645·√(5·4·15/18) = 6.715; ranks 1.64 and 9.36 of the slopes.
        Trend got = of(0, 0, 1, 1, 2, 4, 3, 9, 4, 16);
        // Slopes: 1 2 3 3 4 4 5 5 6 7 in order 1, 2, 3, 3, 4, 4, 5, 5, 6, 7.
        assertThat(got.perYear()).isCloseTo(4, within(1e-9));
        assertThat(got.low()).isCloseTo(1 + 0.6425, within(1e-3));
        assertThat(got.high()).isCloseTo(6 + 0.3575, within(1e-3));
    }

    @Test
    void with_four_visits_the_ends_are_the_steepest_slopes() {
        Trend got = of(0, 10, 1, 12, 2, 20, 3, 21);
        assertThat(got.low()).isCloseTo(1, within(1e-9));
        assertThat(got.high()).isCloseTo(8, within(1e-9));
    }

    @Test
    void visits_at_one_time_say_nothing_of_each_other() {
        Trend got = of(0, 40, 0, 90, 2, 44, 4, 48);
        assertThat(got.perYear()).isFinite();
        assertThat(got.low()).isLessThanOrEqualTo(got.perYear());
        assertThat(got.high()).isGreaterThanOrEqualTo(got.perYear());
    }

    @Test
    void a_scale_stretched_stretches_the_slope_and_a_shift_leaves_it() {
        Draws.each(100, draw -> {
            double times = draw.from(0.1, 5);
            double plus = draw.from(-40, 40);

            double[] scores = {40, 47, 44, 52, 50};
            Trend plain = of(0, scores[0], 1, scores[1], 2, scores[2], 4, scores[3], 5, scores[4]);
            Trend other = of(
                    0,
                    plus + times * scores[0],
                    1,
                    plus + times * scores[1],
                    2,
                    plus + times * scores[2],
                    4,
                    plus + times * scores[3],
                    5,
                    plus + times * scores[4]);
            assertThat(other.perYear()).isCloseTo(times * plain.perYear(), within(1e-9));
            assertThat(other.low()).isCloseTo(times * plain.low(), within(1e-9));
            assertThat(other.high()).isCloseTo(times * plain.high(), within(1e-9));
        });
    }
}
