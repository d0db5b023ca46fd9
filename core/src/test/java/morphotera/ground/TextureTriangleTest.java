package morphotera.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TextureTriangleTest {
    /** The classes as they are written down, each by itself. */
    private static final Map<TextureClass, Predicate<TextureTriangle.Shares>> WRITTEN =
            new EnumMap<>(TextureClass.class);

    static {
        WRITTEN.put(TextureClass.SAND, p -> p.silt() + 1.5 * p.clay() < 15);
        WRITTEN.put(TextureClass.LOAMY_SAND, p -> p.silt() + 1.5 * p.clay() >= 15 && p.silt() + 2 * p.clay() < 30);
        WRITTEN.put(
                TextureClass.SANDY_LOAM,
                p -> (p.clay() >= 7 && p.clay() < 20 && p.sand() > 52 && p.silt() + 2 * p.clay() >= 30)
                        || (p.clay() < 7 && p.silt() < 50 && p.silt() + 2 * p.clay() >= 30));
        WRITTEN.put(
                TextureClass.LOAM,
                p -> p.clay() >= 7 && p.clay() < 27 && p.silt() >= 28 && p.silt() < 50 && p.sand() <= 52);
        WRITTEN.put(
                TextureClass.SILT_LOAM,
                p -> (p.silt() >= 50 && p.clay() >= 12 && p.clay() < 27)
                        || (p.silt() >= 50 && p.silt() < 80 && p.clay() < 12));
        WRITTEN.put(TextureClass.SILT, p -> p.silt() >= 80 && p.clay() < 12);
        WRITTEN.put(
                TextureClass.SANDY_CLAY_LOAM, p -> p.clay() >= 20 && p.clay() < 35 && p.silt() < 28 && p.sand() > 45);
        WRITTEN.put(TextureClass.CLAY_LOAM, p -> p.clay() >= 27 && p.clay() < 40 && p.sand() > 20 && p.sand() <= 45);
        WRITTEN.put(TextureClass.SILTY_CLAY_LOAM, p -> p.clay() >= 27 && p.clay() < 40 && p.sand() <= 20);
        WRITTEN.put(TextureClass.SANDY_CLAY, p -> p.clay() >= 35 && p.sand() > 45);
        WRITTEN.put(TextureClass.SILTY_CLAY, p -> p.clay() >= 40 && p.silt() >= 40);
        WRITTEN.put(TextureClass.CLAY, p -> p.clay() >= 40 && p.sand() <= 45 && p.silt() < 40);
    }

    @Test
    void each_whole_point_of_the_triangle_has_the_one_class_that_is_written_for_it() {
        int points = 0;
        for (int clay = 0; clay <= 100; clay++) {
            for (int silt = 0; silt + clay <= 100; silt++) {
                TextureTriangle.Shares at = new TextureTriangle.Shares(100 - clay - silt, silt, clay);
                List<TextureClass> written = WRITTEN.entrySet().stream()
                        .filter(one -> one.getValue().test(at))
                        .map(Map.Entry::getKey)
                        .toList();
                assertThat(written).as("%s", at).containsExactly(TextureTriangle.classOf(at));
                points++;
            }
        }
        assertThat(points).isEqualTo(5151);
    }

    @ParameterizedTest
    @EnumSource(TextureClass.class)
    void the_middle_of_a_class_is_the_centroid_of_its_area(TextureClass texture) {
        double sand = 0;
        double silt = 0;
        double clay = 0;
        int points = 0;
        double step = 0.2;
        for (double c = step / 3; c < 100; c += step) {
            for (double s = step / 3; s + c < 100; s += step) {
                TextureTriangle.Shares at = new TextureTriangle.Shares(100 - c - s, s, c);
                if (TextureTriangle.classOf(at) == texture) {
                    sand += at.sand();
                    silt += at.silt();
                    clay += at.clay();
                    points++;
                }
            }
        }
        TextureTriangle.Shares middle = TextureTriangle.middleOf(texture);
        assertThat(middle.sand()).isCloseTo(sand / points, within(0.15));
        assertThat(middle.silt()).isCloseTo(silt / points, within(0.15));
        assertThat(middle.clay()).isCloseTo(clay / points, within(0.15));
    }

    @Test
    void neighbours_are_the_classes_one_meets_across_a_boundary() {
        Map<TextureClass, Set<TextureClass>> met = new EnumMap<>(TextureClass.class);
        for (TextureClass texture : TextureClass.values()) {
            met.put(texture, EnumSet.of(texture));
        }
        double step = 0.25;
        double[][] ways = {{step, 0}, {0, step}, {-step, step}};
        for (double c = 0.05; c < 100; c += step) {
            for (double s = 0.05; s + c < 99; s += step) {
                TextureClass here = TextureTriangle.classOf(new TextureTriangle.Shares(100 - c - s, s, c));
                for (double[] way : ways) {
                    double c2 = Math.max(0, c + way[0]);
                    TextureClass there =
                            TextureTriangle.classOf(new TextureTriangle.Shares(100 - c2 - s - way[1], s + way[1], c2));
                    met.get(here).add(there);
                    met.get(there).add(here);
                }
            }
        }
        // These two meet in a single point only, where four classes come together.
        met.get(TextureClass.CLAY_LOAM).remove(TextureClass.SILTY_CLAY);
        met.get(TextureClass.SILTY_CLAY).remove(TextureClass.CLAY_LOAM);
        for (TextureClass a : TextureClass.values()) {
            for (TextureClass b : TextureClass.values()) {
                assertThat(TextureTriangle.neighbours(a, b))
                        .as("%s %s", a, b)
                        .isEqualTo(met.get(a).contains(b));
            }
        }
    }

    @Test
    void on_a_boundary_the_next_class_is_no_points_away() {
        TextureTriangle.Neighbour next = TextureTriangle.nearest(new TextureTriangle.Shares(40, 33, 27));
        assertThat(next.points()).isZero();
        assertThat(next.texture()).isEqualTo(TextureClass.LOAM);
        TextureTriangle.Neighbour far = TextureTriangle.nearest(new TextureTriangle.Shares(10, 10, 80));
        assertThat(far.points()).isCloseTo(30, within(1e-6));
        assertThat(far.texture()).isEqualTo(TextureClass.SILTY_CLAY);
    }

    @Test
    void shares_make_a_hundred() {
        assertThatThrownBy(() -> new TextureTriangle.Shares(40, 40, 21)).hasMessageContaining("21");
        assertThatThrownBy(() -> new TextureTriangle.Shares(-1, 80, 21)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new TextureTriangle.Shares(Double.NaN, 50, 50))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
