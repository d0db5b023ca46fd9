package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class StopRuleTest {
    @Test
    void more_spots_narrow_the_mean_and_cost_minutes() {
        StopRule got = StopRule.of(5, 12.0, 3, 7.5);
        // t(0.95, 4) = 2.1318, t(0.95, 7) = 1.8946.
        assertThat(got.plusMinusNow()).isCloseTo(2.1318 * 12 / Math.sqrt(5), within(1e-3));
        assertThat(got.plusMinusThen()).isCloseTo(1.8946 * 12 / Math.sqrt(8), within(1e-3));
        assertThat(got.minutes()).isEqualTo(22.5);
    }

    @Test
    void one_spot_has_no_spread_to_go_by() {
        assertThat(StopRule.of(1, null, 2, 5).plusMinusNow()).isNull();
        assertThat(StopRule.of(1, null, 2, 5).plusMinusThen()).isNull();
        assertThat(StopRule.of(2, 0.0, 1, 5).plusMinusNow()).isZero();
        assertThatThrownBy(() -> StopRule.of(0, null, 1, 5)).hasMessageContaining("0, 1");
        assertThatThrownBy(() -> StopRule.of(2, 1.0, 0, 5)).hasMessageContaining("2, 0");
    }
}
