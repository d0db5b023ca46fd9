package morphotera.follow.forecasts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import morphotera.BadInput;
import morphotera.Draws;
import morphotera.decide.Remedy;
import morphotera.decide.remedies.Remedies;
import morphotera.follow.Forecast;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ForecastTest {
    static Stream<Forecast> forecasts() {
        return Forecasts.ALL.stream();
    }

    private static Map<String, Object> input(String id, Object... changes) {
        Map<String, Object> input = new LinkedHashMap<>(
                Forecasts.find(id).orElseThrow().description().example());
        for (int i = 0; i < changes.length; i += 2) {
            input.put((String) changes[i], changes[i + 1]);
        }
        return input;
    }

    private static Forecast.Result of(String id, Object... changes) {
        return Forecast.of(Forecasts.find(id).orElseThrow(), input(id, changes));
    }

    private static Forecast.Band at(String id, double place, Object... changes) {
        List<Object> all = new ArrayList<>(List.of("places", List.of(Map.of("at", place))));
        all.addAll(List.of(changes));
        return of(id, all.toArray()).band().get(0);
    }

    private static List<Refusal> refused(Forecast forecast, Map<String, ?> input) {
        try {
            Forecast.of(forecast, input);
            return List.of();
        } catch (Refused refused) {
            return new ArrayList<>(refused.refusals());
        }
    }

    @ParameterizedTest
    @MethodSource("forecasts")
    void a_forecast_is_a_band_around_its_middle_the_same_each_time(Forecast forecast) {
        Forecast.Result got = Forecast.of(forecast, forecast.description().example());
        assertThat(got.band()).hasSizeGreaterThan(5).allSatisfy(band -> {
            assertThat(band.low()).isLessThanOrEqualTo(band.middle() + 1e-9);
            assertThat(band.high()).isGreaterThanOrEqualTo(band.middle() - 1e-9);
        });
        assertThat(Forecast.of(forecast, forecast.description().example())).isEqualTo(got);
        assertThat(forecast.description().source()).isNotBlank();
        assertThat(got.unit()).isNotBlank();
    }

    @ParameterizedTest
    @MethodSource("forecasts")
    void everything_wrong_with_an_input_is_refused_at_its_own_place(Forecast forecast) {
        new BadInput(Forecast.fields(forecast.description()), "", input -> refused(forecast, input)).isRefused();
    }

    @ParameterizedTest
    @CsvSource({"0,5.2", "0.25,5.4", "0.5,5.6", "0.75,5.8", "1,6.0", "1.5,6.1", "2,6.2", "3,6.16", "12,5.8"})
    void lime_works_four_eight_and_ten_tenths_and_then_the_ph_falls_again(double years, double ph) {
        assertThat(at("lime", years).middle()).isCloseTo(ph, within(1e-9));
    }

    @Test
    void ammonium_makes_it_fall_faster_and_lime_never_lowers() {
        assertThat(at("lime", 12, "fallPerYear", 0.08).middle()).isCloseTo(5.4, within(1e-9));
        assertThat(refused(Forecasts.find("lime").orElseThrow(), input("lime", "phTarget", 5.2)))
                .extracting(Refusal::code)
                .containsExactly("nothing-to-do");
    }

    @ParameterizedTest
    @CsvSource({"0,8.6", "10,7.6", "15,7.1", "20,7.1"})
    void high_ph_falls_one_and_a_half_in_fifteen_years_and_no_further(double years, double ph) {
        assertThat(at("high-ph", years).middle()).isCloseTo(ph, within(1e-9));
    }

    @Test
    void the_dip_of_sulphur_lasts_a_season() {
        assertThat(at("high-ph", 0.25, "sulphurDip", 0.6).middle()).isCloseTo(8.6 - 0.025 - 0.6, within(1e-9));
        assertThat(at("high-ph", 0.5, "sulphurDip", 0.6).middle()).isCloseTo(8.6 - 0.05 - 0.6, within(1e-9));
        assertThat(at("high-ph", 0.6, "sulphurDip", 0.6).middle()).isCloseTo(8.6 - 0.06, within(1e-9));
        assertThat(at("high-ph", 0, "sulphurDip", 0.6).middle()).isEqualTo(8.6);
    }

    @Test
    void salt_falls_a_fifth_of_a_unit_a_year_and_not_under_nothing() {
        Forecast.Band five = at("salt", 5, "readingSpread", 0);
        assertThat(five.middle()).isCloseTo(8.5, within(1e-9));
        assertThat(five.low()).isCloseTo(8, within(0.1));
        assertThat(five.high()).isCloseTo(9, within(0.1));
        assertThat(at("salt", 100).middle()).isZero();
    }

    @Test
    void salt_by_water_is_what_one_over_the_water_leaves() {
        assertThat(at("salt-by-water", 0).middle()).isCloseTo(10.6, within(1e-9));
        assertThat(at("salt-by-water", 180).middle()).isCloseTo(10.6, within(1e-9));
        assertThat(at("salt-by-water", 360).middle()).isCloseTo(0.84 + 9.76 / 2, within(1e-9));
        assertThat(at("salt-by-water", 1800).middle()).isCloseTo(0.84 + 0.976, within(1e-9));
        assertThat(refused(Forecasts.find("salt-by-water").orElseThrow(), input("salt-by-water", "ecWater", 7.1)))
                .extracting(Refusal::code)
                .containsExactly("below-water");
    }

    /** The amount of water of the leaching sum is the one at which this forecast meets the target. */
    @Test
    void salt_by_water_and_the_leaching_sum_say_the_same() {
        double water = (Double) Remedy.calculate(
                        Remedies.find("leaching").orElseThrow(),
                        Map.of(
                                "ecWater",
                                0.56,
                                "eceTarget",
                                3.3,
                                "eceNow",
                                10.6,
                                "depthMm",
                                600,
                                "way",
                                "ponded",
                                "textureGroup",
                                "fine",
                                "outlet",
                                true))
                .answer()
                .get("waterMm");
        assertThat(at("salt-by-water", water).middle()).isCloseTo(3.3, within(1e-9));
    }

    @Test
    void half_of_the_gap_closes_in_three_years() {
        assertThat(at("structure", 0).middle()).isEqualTo(44);
        assertThat(at("structure", 3).middle()).isCloseTo(67, within(1e-9));
        assertThat(at("structure", 6).middle()).isCloseTo(78.5, within(1e-9));
        assertThat(refused(Forecasts.find("structure").orElseThrow(), input("structure", "scoreBest", 44)))
                .extracting(Refusal::code)
                .containsExactly("nothing-to-do");
    }

    /** Both pools stepped through in a hundred thousand small steps end where the exact solution does. */
    @Test
    void carbon_is_solved_exactly() {
        Draws.each(20, draw -> {
            double young = draw.from(0, 10);
            double old = draw.from(5, 100);
            double input = draw.from(0, 8);
            double r = draw.from(0.8, 3);

            double years = 12;
            int steps = 100_000;
            double step = years / steps;
            double y = young;
            double o = old;
            for (int i = 0; i < steps; i++) {
                // The midpoint rule: error falls with the square of the step.
                double yMiddle = y + step / 2 * (input - 0.8 * r * y);
                double oMiddle = o + step / 2 * (0.13 * 0.8 * r * y - 0.006 * r * o);
                y += step * (input - 0.8 * r * yMiddle);
                o += step * (0.13 * 0.8 * r * yMiddle - 0.006 * r * oMiddle);
            }
            assertThat(CarbonPools.total(young, old, input, 0.13, r, years)).isCloseTo(y + o, within(1e-6));
        });
    }

    @Test
    void carbon_comes_to_rest_where_what_comes_in_goes_out() {
        // Young i/(k1·r), old h·i/(k2·r): 3.5/0.8 and 0.13·3.5/0.006.
        assertThat(CarbonPools.total(4.375, 75.8333333, 3.5, 0.13, 1, 50)).isCloseTo(80.2083333, within(1e-6));
        assertThat(at("carbon", 0).middle()).isCloseTo(42 + 4.375, within(1e-9));
        assertThat(at("carbon", 0, "youngTPerHa", 1).middle()).isCloseTo(43, within(1e-9));
    }

    @Test
    void manure_leaves_more_and_warmth_takes_more() {
        double plants = at("carbon", 20).middle();
        assertThat(at("carbon", 20, "from", "manure").middle()).isGreaterThan(plants);
        assertThat(at("carbon", 20, "climate", "warm").middle()).isLessThan(plants);
        assertThat(at("carbon", 20, "climate", "warm-irrigated").middle())
                .isLessThan(at("carbon", 20, "climate", "warm").middle());
        assertThat(at("carbon", 20, "climate", "cold").middle()).isGreaterThan(plants);
    }

    @Test
    void a_later_reading_is_inside_above_or_below_and_the_product_asks_why() {
        List<Forecast.Outcome> outcomes = of(
                        "lime",
                        "observed",
                        List.of(
                                Map.of("at", 1, "value", 6.0),
                                Map.of("at", 1, "value", 6.9),
                                Map.of("at", 1, "value", 5.2)))
                .outcomes();
        assertThat(outcomes)
                .extracting(Forecast.Outcome::held)
                .containsExactly(Forecast.Held.INSIDE, Forecast.Held.ABOVE, Forecast.Held.BELOW);
        assertThat(outcomes.get(1).ask()).contains("what else was done");
        assertThat(of("salt-by-water", "observed", List.of(Map.of("at", 0, "value", 10.6)))
                        .outcomes()
                        .get(0)
                        .held())
                .as("a band without width holds what lies on it")
                .isEqualTo(Forecast.Held.INSIDE);
    }

    @Test
    void the_noise_of_reading_widens_the_band() {
        Forecast.Band calm = at("lime", 1, "readingSpread", 0);
        Forecast.Band noisy = at("lime", 1, "readingSpread", 0.5);
        assertThat(noisy.high() - noisy.low()).isGreaterThan(calm.high() - calm.low());
        assertThat(noisy.middle()).isEqualTo(calm.middle());
    }
}
