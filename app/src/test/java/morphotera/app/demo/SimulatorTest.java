package morphotera.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class SimulatorTest {
    private static final Scenario.SpotOf SPOT = new Scenario.SpotOf("1", null, 0, 0, 0, 1, null);
    private static final Scenario.Hardness PAN = new Scenario.Hardness(600, 12, 25.0, 33.0, 3000.0);

    @Test
    void the_same_seed_reads_the_same_field_the_same_way() {
        Scenario.Ground ground = new Scenario.Ground(PAN, List.of(), 0.5, List.of(), "water", null, 20.0, null, null);
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
        Scenario.Ground fast = new Scenario.Ground(null, null, null, null, null, null, 300.0, null, null);
        List<?> levels = (List<?>)
                new Simulator(3).reading("percolation-hole", fast, SPOT).get("levels");
        double before = 1000;
        for (Object level : levels) {
            double depth = (Double) ((Map<?, ?>) level).get("depthMm");
            assertThat(depth).isBetween(0.0, before);
            before = depth;
        }
    }
}
