package morphotera.follow.promises;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import morphotera.decide.remedies.LimedRise;
import morphotera.decide.sheets.Sheets;
import morphotera.follow.Forecast;
import org.junit.jupiter.api.Test;

class PromiseTest {
    private static final List<Double> YEARS = List.of(0.0, 1.0, 2.0, 5.0);

    private static Promise of(String remedy, Map<String, ?> inputs, Map<String, Promise.Read> known) {
        return Promise.of(remedy, inputs, known::get).orElseThrow();
    }

    @Test
    void drains_promise_a_fall_of_salt_from_what_was_read() {
        Promise drains = of("drains", Map.of(), Map.of(Promise.SALT, new Promise.Read(8, 0.2)));
        Forecast.Result band = drains.band(YEARS, List.of(new Promise.Observed(2, 7.6), new Promise.Observed(5, 9)));
        assertThat(band.band().get(3).middle()).isCloseTo(7, within(1e-9));
        assertThat(band.outcomes().get(0).held()).isEqualTo(Forecast.Held.INSIDE);
        assertThat(band.outcomes().get(1).held()).isEqualTo(Forecast.Held.ABOVE);
    }

    @Test
    void the_noise_of_reading_widens_the_band() {
        double sure = width(of("drains", Map.of(), Map.of(Promise.SALT, new Promise.Read(8, 0))));
        double unsure = width(of("drains", Map.of(), Map.of(Promise.SALT, new Promise.Read(8, 1))));
        assertThat(unsure).isGreaterThan(sure);
    }

    private static double width(Promise promise) {
        Forecast.Band last = promise.band(YEARS, List.of()).band().get(3);
        return last.high() - last.low();
    }

    @Test
    void doing_nothing_leaves_limed_ground_to_fall_again() {
        Promise lime = of("lime", Map.of("phTarget", 6.2), Map.of(Promise.TOPSOIL_PH, new Promise.Read(5.2, 0)));
        Forecast.Result nothing = lime.nothing(YEARS);
        assertThat(nothing.band().get(3).middle()).isCloseTo(5.2 - 5 * 0.04, within(1e-9));
        assertThat(lime.band(YEARS, List.of()).band().get(2).low())
                .isGreaterThan(nothing.band().get(2).high());
    }

    @Test
    void a_score_that_nothing_is_done_for_stays_within_a_hundred() {
        Promise rest = of("cover-crop", Map.of(), Map.of(Promise.STRUCTURE, new Promise.Read(99, 0)));
        assertThat(rest.nothing(YEARS).band())
                .allSatisfy(one -> assertThat(one.high()).isLessThanOrEqualTo(100));
    }

    @Test
    void what_lacks_a_reading_or_a_target_promises_nothing() {
        Map<String, Promise.Read> sour = Map.of(Promise.TOPSOIL_PH, new Promise.Read(5.2, 0));
        assertThat(Promise.of("drains", Map.of(), sour::get)).isEmpty();
        assertThat(Promise.of("lime", Map.of(), sour::get)).isEmpty();
        assertThat(Promise.of("lime", Map.of("phTarget", 5.0), sour::get)).isEmpty();
        assertThat(Promise.of("gypsum", Map.of("espTarget", 5), sour::get)).isEmpty();
        Map<String, Promise.Read> best = Map.of(Promise.STRUCTURE, new Promise.Read(100, 0));
        assertThat(Promise.of("cover-crop", Map.of(), best::get)).isEmpty();
    }

    @Test
    void the_lime_sum_read_backward_gives_the_rise_it_was_asked_for() {
        // 1 pH unit, 2 % carbon, 20 % clay, 15 cm of 1.35 g/cm³: pure lime by the sum.
        double pure = (0.955 * 2 + 0.011 * 20) * 15 * 1.35 * 100 * 0.0005;
        assertThat(LimedRise.of(pure, 2, 20, 1.35, 15.0, Sheets.SHIPPED)).isCloseTo(1, within(1e-12));
        assertThat(LimedRise.of(pure, 2, 20, 1.35, null, Sheets.SHIPPED)).isCloseTo(1, within(1e-12));
    }
}
