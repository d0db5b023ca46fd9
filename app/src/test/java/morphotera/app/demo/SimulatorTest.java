package morphotera.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import morphotera.measure.Bench;
import morphotera.measure.Curves;
import morphotera.measure.methods.Methods;
import org.junit.jupiter.api.Test;

class SimulatorTest {
    /** Scores everything alike: what a reading is worth is not asked here. */
    private static final Curves PLAIN = new Curves() {
        @Override
        public Placed place(String key, Narrowing narrowing, double x) {
            return placeOn(key, "", List.of(), x);
        }

        @Override
        public Placed placeOn(String curve, String meaning, List<List<Double>> knots, double x) {
            return new Placed(curve, meaning, x, 50, knots, "plain", 1);
        }
    };

    private static final Scenario.SpotOf SPOT = new Scenario.SpotOf("1", null, 0, 0, 0, 1, null);
    private static final Scenario.Hardness PAN = new Scenario.Hardness(600, 12, 25.0, 33.0, 3000.0);

    @Test
    void the_same_seed_reads_the_same_field_the_same_way() {
        Scenario.Ground ground =
                new Scenario.Ground(PAN, List.of(), 0.5, List.of(), "water", null, 20.0, null, null, null);
        assertThat(new Simulator(7).reading("penetration", ground, SPOT))
                .isEqualTo(new Simulator(7).reading("penetration", ground, SPOT))
                .isNotEqualTo(new Simulator(8).reading("penetration", ground, SPOT));
    }

    @Test
    void a_pan_stands_out_at_its_depth_and_moves_with_the_spot() {
        assertThat(Simulator.kPa(PAN, SPOT, 29)).isGreaterThan(2900);
        assertThat(Simulator.kPa(PAN, SPOT, 15)).isLessThan(1000);
        assertThat(Simulator.kPa(PAN, SPOT, 45)).isLessThan(1300);
        Scenario.SpotOf shallow = new Scenario.SpotOf("4", "wheelings", 0, 0, -10, 1, null);
        assertThat(Simulator.kPa(PAN, shallow, 19)).isGreaterThan(2900);
    }

    @Test
    void water_in_a_hole_falls_and_never_below_its_bottom() {
        Scenario.Ground fast = new Scenario.Ground(null, null, null, null, null, null, 300.0, null, null, null);
        List<?> levels = (List<?>)
                new Simulator(3).reading("percolation-hole", fast, SPOT).get("levels");
        double before = 1000;
        for (Object level : levels) {
            double depth = (Double) ((Map<?, ?>) level).get("depthMm");
            assertThat(depth).isBetween(0.0, before);
            before = depth;
        }
    }

    private static Map<String, Object> sign(String method, double worms, double ringMmPerH) {
        Scenario.Signs signs = new Scenario.Signs(
                List.of(40.0, 20.0, 1.0, 39.0),
                worms,
                ringMmPerH,
                0.2,
                "earthy",
                List.of(4.0, 3.0),
                15.0,
                "gritty",
                "foam",
                null,
                null,
                new Scenario.Plants(80.0, 5.0, null, 4.0, 6, "even", "strong", "green"));
        return new SimulatedSigns(3).reading(method, signs);
    }

    @Test
    void what_is_seen_and_counted_is_taken_by_its_method_without_a_fault() {
        for (String method : List.of(
                "ground-cover",
                "earthworms",
                "infiltration-ring",
                "dispersion",
                "smell",
                "soil-colour",
                "texture-feel",
                "carbonate-fizz",
                "plant-look")) {
            assertThat(Bench.evaluate(
                                    Methods.find(method).orElseThrow(),
                                    Map.of("use", "pasture", "texture", "loam"),
                                    sign(method, 4, 30),
                                    PLAIN)
                            .method())
                    .isEqualTo(method);
        }
    }

    @Test
    void slow_ground_is_given_up_after_an_hour_and_the_level_left_is_read() {
        Map<?, ?> pour = (Map<?, ?>) ((List<?>) sign("infiltration-ring", 4, 6).get("pours")).get(1);
        assertThat(pour.get("seconds")).isEqualTo(3600.0);
        assertThat((Double) pour.get("leftMm")).isBetween(10.0, 25.0);
    }

    @Test
    void cover_is_whole_and_comes_to_a_hundred() {
        Map<String, Object> cover = sign("ground-cover", 4, 30);
        assertThat(cover.values().stream().mapToDouble(part -> (Double) part).sum())
                .isEqualTo(100);
    }
}
