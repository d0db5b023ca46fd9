package morphotera.follow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
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
    void where_nothing_changed_nine_intervals_of_ten_hold_zero() {
        Random noise = new Random(41);
        int holds = 0;
        int tries = 4000;
        for (int i = 0; i < tries; i++) {
            List<Change.Pair> pairs = new ArrayList<>();
            for (int spot = 0; spot < 5; spot++) {
                double truth = 50 + 10 * noise.nextGaussian();
                pairs.add(new Change.Pair(truth + 6 * noise.nextGaussian(), truth + 6 * noise.nextGaussian()));
            }
            Change got = Change.judge(pairs, NONE);
            holds += got.low() <= 0 && got.high() >= 0 ? 1 : 0;
        }
        assertThat(holds / (double) tries).isBetween(0.87, 0.93);
    }

    @Test
    void what_was_unlike_is_named() {
        Unlike.Conditions december = new Unlike.Conditions(12, "moist", "Adviser", "Plain 2", "air-dry");
        assertThat(Unlike.between(december, new Unlike.Conditions(2, "moist", "Adviser", "Plain 2", "air-dry")))
                .isEmpty();
        assertThat(Unlike.between(december, new Unlike.Conditions(5, "dry", "Second", "Plain 3", "field-moist")))
                .hasSize(5);
        assertThat(Unlike.between(december, new Unlike.Conditions(1, null, null, null, null)))
                .isEmpty();
    }
}
