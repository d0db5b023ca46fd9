package morphotera.scout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import morphotera.ground.Refused;
import org.junit.jupiter.api.Test;

class SplitFieldTest {
    // Two hundred metres by three hundred, long side to the east.
    private static final List<Boundary.Corner> FIELD = List.of(at(0, 0), at(200, 0), at(200, 300), at(0, 300));
    private static final Plot PLOT = Plot.field("/outline", List.of(FIELD));

    private static Boundary.Corner at(double northM, double eastM) {
        return new Boundary.Corner(47.6 + northM / 111_180, -29.1 + eastM / 75_160);
    }

    private static double ha(List<Boundary.Corner> corners) {
        return new Boundary(corners).areaHa();
    }

    @Test
    void a_line_from_edge_to_edge_makes_two_fields_of_the_same_ground() {
        SplitField split = SplitField.along("/line", PLOT, List.of(at(-10, 100), at(210, 100)), null);
        assertThat(ha(split.stays())).isCloseTo(4, within(0.02));
        assertThat(ha(split.goes())).isCloseTo(2, within(0.02));
        assertThat(ha(split.stays()) + ha(split.goes())).isCloseTo(ha(FIELD), within(1e-6));
    }

    @Test
    void the_part_with_the_gate_stays_the_field_though_it_is_the_smaller() {
        SplitField split = SplitField.along("/line", PLOT, List.of(at(-10, 100), at(210, 100)), at(100, -3));
        assertThat(ha(split.stays())).isCloseTo(2, within(0.02));
    }

    @Test
    void an_end_that_stops_short_is_carried_on_to_the_edge() {
        SplitField split = SplitField.along("/line", PLOT, List.of(at(20, 150), at(60, 150)), null);
        assertThat(ha(split.goes())).isCloseTo(3, within(0.02));
    }

    @Test
    void a_line_with_a_bend_is_followed() {
        SplitField split = SplitField.along("/line", PLOT, List.of(at(-5, 100), at(100, 200), at(205, 100)), null);
        assertThat(split.stays().size() + split.goes().size()).isEqualTo(10);
        assertThat(ha(split.goes())).isCloseTo(3, within(0.1));
    }

    @Test
    void a_line_beside_the_field_or_across_it_twice_is_refused_with_why() {
        assertThatThrownBy(() -> SplitField.along("/line", PLOT, List.of(at(-10, -20), at(210, -20)), null))
                .isInstanceOfSatisfying(Refused.class, refused -> {
                    assertThat(refused.refusals().get(0).code()).isEqualTo("not-in-two");
                    assertThat(refused.refusals().get(0).text()).contains("does not cut it");
                });
        assertThatThrownBy(() -> SplitField.along(
                        "/line", PLOT, List.of(at(-10, 50), at(210, 50), at(210, 100), at(-10, 100)), null))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> assertThat(refused.refusals().get(0).text()).contains("3 parts"));
    }

    @Test
    void a_track_to_avoid_is_shared_out_between_the_parts() {
        SplitField split = SplitField.along("/line", PLOT, List.of(at(-10, 100), at(210, 100)), null);
        Plot track = PLOT.part("/avoid/0", List.of(List.of(at(90, 50), at(100, 50), at(100, 250), at(90, 250))));
        double stays = SplitField.of(track, PLOT.part("/outline", List.of(split.stays()))).stream()
                .mapToDouble(SplitFieldTest::ha)
                .sum();
        double goes = SplitField.of(track, PLOT.part("/outline", List.of(split.goes()))).stream()
                .mapToDouble(SplitFieldTest::ha)
                .sum();
        assertThat(stays).isCloseTo(0.15, within(0.002));
        assertThat(goes).isCloseTo(0.05, within(0.002));
    }
}
