package morphotera.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.apache.commons.statistics.distribution.TDistribution;
import org.junit.jupiter.api.Test;

class StudentTTest {
    @Test
    void printed_tables_are_met() {
        assertThat(StudentT.quantile(1, 0.95)).isCloseTo(6.3138, within(5e-5));
        assertThat(StudentT.quantile(4, 0.95)).isCloseTo(2.1318, within(5e-5));
        assertThat(StudentT.quantile(11, 0.8)).isCloseTo(0.8755, within(5e-5));
    }

    @Test
    void it_agrees_with_a_kept_library_from_two_spots_to_a_thousand() {
        for (int degrees = 1; degrees < 1000; degrees += degrees < 40 ? 1 : 37) {
            for (double p : new double[] {0.5, 0.8, 0.9, 0.95, 0.975, 0.995}) {
                double theirs = TDistribution.of(degrees).inverseCumulativeProbability(p);
                assertThat(StudentT.quantile(degrees, p))
                        .as("%d degrees, %s", degrees, p)
                        .isCloseTo(theirs, within(1e-9 * Math.max(1, theirs)));
            }
        }
    }

    @Test
    void what_has_no_t_is_refused() {
        assertThatThrownBy(() -> StudentT.quantile(0, 0.95)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> StudentT.quantile(4, 1)).isInstanceOf(IllegalArgumentException.class);
    }
}
