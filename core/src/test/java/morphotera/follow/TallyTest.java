package morphotera.follow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class TallyTest {
    @Test
    void coverage_is_the_share_inside_by_whatever_it_is_kept_by() {
        Map<String, Tally.Coverage> got = Tally.coverage(List.of(
                new Tally.Held("ph", Forecast.Held.INSIDE),
                new Tally.Held("salinity", Forecast.Held.ABOVE),
                new Tally.Held("ph", Forecast.Held.BELOW),
                new Tally.Held("ph", Forecast.Held.INSIDE)));
        assertThat(got.get("ph").inside()).isCloseTo(2 / 3.0, within(1e-12));
        assertThat(got.get("ph").outcomes()).isEqualTo(3);
        assertThat(got.get("salinity")).isEqualTo(new Tally.Coverage(0, 1));
        assertThat(Tally.coverage(List.of())).isEmpty();
    }

    @Test
    void a_sure_and_right_call_scores_nothing_a_coin_a_quarter_and_a_sure_and_wrong_one_a_whole() {
        Map<String, Tally.Brier> got = Tally.brier(List.of(
                new Tally.Called("sure", 1, true),
                new Tally.Called("sure", 0, false),
                new Tally.Called("coin", 0.5, true),
                new Tally.Called("coin", 0.5, false),
                new Tally.Called("wrong", 0, true)));
        assertThat(got.get("sure")).isEqualTo(new Tally.Brier(0, 2));
        assertThat(got.get("coin")).isEqualTo(new Tally.Brier(0.25, 2));
        assertThat(got.get("wrong")).isEqualTo(new Tally.Brier(1, 1));
    }
}
