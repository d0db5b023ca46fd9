package morphotera.follow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.statistics.distribution.TDistribution;
import org.junit.jupiter.api.Test;

class ChangeTest {
    private static final Change.Observers NONE = new Change.Observers(0, 0, 0);

    private static List<Change.Pair> pairs(double... beforeAndAfter) {
        List<Change.Pair> pairs = new ArrayList<>();
        for (int i = 0; i < beforeAndAfter.length; i += 2) {
            pairs.add(new Change.Pair(beforeAndAfter[i], beforeAndAfter[i + 1]));
        }
        return pairs;
    }

    @Test
    void five_spots_that_all_rise_are_better_with_students_interval() {
        Change got = Change.judge(pairs(40, 50, 42, 51, 38, 49, 45, 54, 41, 52), NONE);
        assertThat(got.difference()).isCloseTo(10, within(1e-9));
        // t(0.95, 4) = 2.1318, s = 1 for differences 10, 9, 11, 9, 11.
        assertThat(got.high() - got.difference()).isCloseTo(2.13185 * 1.0 / Math.sqrt(5), within(1e-4));
        assertThat(got.verdict()).isEqualTo(Change.Verdict.BETTER);
    }

    @Test
    void an_observers_spread_is_a_floor_and_not_added_again() {
        Change calm = Change.judge(pairs(40, 50, 42, 52, 38, 48), new Change.Observers(4, 0, 0));
        assertThat(calm.smallestChange()).isCloseTo(2.91999 * Math.sqrt(32 / 3.0), within(1e-3));
        Change noisy = Change.judge(pairs(40, 80, 42, 42, 38, 20), new Change.Observers(4, 0, 0));
        assertThat(noisy.smallestChange())
                .isEqualTo(Change.judge(pairs(40, 80, 42, 42, 38, 20), NONE).smallestChange());
    }

    @Test
    void a_bias_does_not_shrink_with_more_spots() {
        List<Change.Pair> many = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            many.add(new Change.Pair(40, 46));
        }
        Change got = Change.judge(many, new Change.Observers(0, 4, 4));
        assertThat(got.verdict()).isEqualTo(Change.Verdict.NO_CLEAR_CHANGE);
        assertThat(got.spotsForTenPoints()).as("no number of spots would do").isNull();
    }

    @Test
    void one_spot_cannot_tell_and_no_spot_is_a_mistake() {
        Change got = Change.judge(pairs(40, 90), NONE);
        assertThat(got.verdict()).isEqualTo(Change.Verdict.ONE_SPOT);
        assertThat(got.difference()).isEqualTo(50);
        assertThat(got.low()).isNull();
        assertThatThrownBy(() -> Change.judge(List.of(), NONE)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void observers_are_taken_to_differ_on_judged_scales_and_never_from_themselves() {
        assertThat(Change.Observers.usual(true, false)).isEqualTo(new Change.Observers(8, 4, 4));
        assertThat(Change.Observers.usual(true, true)).isEqualTo(new Change.Observers(8, 0, 0));
        assertThat(Change.Observers.usual(false, false)).isEqualTo(new Change.Observers(4, 0, 0));
        assertThatThrownBy(() -> new Change.Observers(-1, 0, 0)).hasMessageContaining("-1");
    }

    @Test
    void the_spots_for_ten_points_are_the_fewest_at_eighty_percent_power() {
        List<Change.Pair> pairs = pairs(0, 10, 0, -10, 0, 10, 0, -10, 0, 0, 0, 0);
        double s2 = 400 / 5.0;
        Change got = Change.judge(pairs, NONE);
        int n = got.spotsForTenPoints();
        assertThat(power(n, s2)).isLessThanOrEqualTo(10);
        assertThat(power(n - 1, s2)).isGreaterThan(10);
        assertThat(Change.spotsFor(10, s2, NONE)).isEqualTo(n);
        assertThat(Change.spotsFor(5, s2, NONE)).isGreaterThan(n);
    }

    private static double power(int n, double s2) {
        TDistribution t = TDistribution.of(n - 1.0);
        return (t.inverseCumulativeProbability(0.95) + t.inverseCumulativeProbability(0.80)) * Math.sqrt(s2 / n);
    }

    @Test
    void a_known_bias_takes_no_student_factor() {
        Change.Observers two = new Change.Observers(0, 3, 4);
        Change got = Change.judge(List.of(new Change.Pair(40, 50), new Change.Pair(40, 50)), two);
        assertThat(got.smallestChange()).isCloseTo(1.645 * 5, within(1e-9));
    }

    @Test
    void what_was_unlike_between_two_visits_is_named() {
        assertThat(Unlike.visits(12, 2, "moist", "moist", "Adviser", "Adviser")).isEmpty();
        assertThat(Unlike.visits(12, 5, "moist", "dry", "Adviser", "Second"))
                .extracting(Unlike::code)
                .containsExactly(Unlike.Code.SEASON, Unlike.Code.MOISTURE, Unlike.Code.PEOPLE);
        assertThat(Unlike.visits(12, 1, "moist", null, "Adviser", null)).isEmpty();
    }
}
