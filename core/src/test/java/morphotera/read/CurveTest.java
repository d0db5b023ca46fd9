package morphotera.read;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import morphotera.Tables;
import morphotera.measure.Curves;
import org.junit.jupiter.api.Test;

class CurveTest {
    private static final Curves.Narrowing ANY = new Curves.Narrowing(null, null, null, null, null);

    @Test
    void a_curve_is_straight_between_knots_and_flat_outside() {
        Curve curve = new Curve("k", "cm", List.of(List.of(0.0, 0.0), List.of(10.0, 20.0), List.of(20.0, 100.0)));
        assertThat(curve.at(-5)).isZero();
        assertThat(curve.at(5)).isEqualTo(10);
        assertThat(curve.at(15)).isEqualTo(60);
        assertThat(curve.at(99)).isEqualTo(100);
    }

    @Test
    void a_broken_curve_says_which_and_what() {
        assertThatThrownBy(() -> new Curve("k", "cm", List.of(List.of(5.0, 0.0), List.of(5.0, 20.0))))
                .hasMessageContaining("'k'")
                .hasMessageContaining("knot 1");
        assertThatThrownBy(() -> new Curve("k", "cm", List.of(List.of(5.0, 120.0))))
                .hasMessageContaining("120");
        assertThatThrownBy(() -> new Curve("k", "cm", List.of())).hasMessageContaining("no knots");
    }

    @Test
    void a_curve_is_narrowed_by_use_before_texture_and_by_crop_kind_before_both() {
        Yardstick plain = Tables.YARDSTICK;
        assertThat(plain.curve("ph", new Curves.Narrowing("acid-loving", null, null, "garden", null))
                        .key())
                .isEqualTo("ph@acid-loving");
        assertThat(plain.curve("ph", new Curves.Narrowing(null, null, null, "garden", "coarse"))
                        .key())
                .isEqualTo("ph@garden");
        assertThat(plain.curve("percolation", new Curves.Narrowing(null, null, null, "arable", "coarse"))
                        .key())
                .isEqualTo("percolation@coarse");
        assertThat(plain.curve("percolation", ANY).key()).isEqualTo("percolation");
    }

    @Test
    void a_missing_curve_names_those_there_are() {
        assertThatThrownBy(() -> Tables.YARDSTICK.place("no-such", ANY, 1))
                .hasMessageContaining("no-such")
                .hasMessageContaining("percolation");
    }
}
