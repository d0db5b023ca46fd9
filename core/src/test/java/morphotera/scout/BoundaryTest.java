package morphotera.scout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class BoundaryTest {
    private static Boundary.Corner at(double lat, double lon) {
        return new Boundary.Corner(lat, lon);
    }

    @Test
    void area_is_on_the_ellipsoid_whichever_way_round_the_corners_go() {
        List<Boundary.Corner> square = List.of(at(0, 0), at(0, 0.001), at(0.001, 0.001), at(0.001, 0));
        // A thousandth of a degree at the equator: 111.32 m by 110.57 m (WGS 84).
        assertThat(new Boundary(square).areaHa()).isCloseTo(1.2309, within(1e-3));
        assertThat(new Boundary(List.of(square.get(3), square.get(2), square.get(1), square.get(0))).areaHa())
                .isCloseTo(1.2309, within(1e-3));
    }

    @Test
    void two_corners_are_no_field_and_a_place_is_on_earth() {
        assertThatThrownBy(() -> new Boundary(List.of(at(0, 0), at(0, 1)))).hasMessageContaining("had 2");
        assertThatThrownBy(() -> at(91, 0)).hasMessageContaining("91");
    }
}
