package morphotera.scout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import morphotera.ground.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;

class SpotPlanTest {
    private static final double LAT = 47.6;
    private static final double LON = -29.1;

    private static Boundary.Corner at(double eastM, double northM) {
        return new Boundary.Corner(LAT + northM / 111_186, LON + eastM / (111_320 * Math.cos(Math.toRadians(LAT))));
    }

    private static List<Boundary.Corner> box(double west, double south, double east, double north) {
        return List.of(at(west, south), at(east, south), at(east, north), at(west, north));
    }

    private static Plot field(double wide, double high) {
        return Plot.field("/polygon", List.of(box(0, 0, wide, high)));
    }

    private static SpotPlan spread(Plot plot, int n) {
        return SpotPlan.place(plot, List.of(), n, 15, SpotPlan.Way.SPREAD, 7, at(0, 0));
    }

    @ParameterizedTest
    @EnumSource
    void spots_lie_inside_the_margin_and_off_what_is_to_be_avoided(SpotPlan.Way way) {
        Plot plot = field(300, 200);
        Plot track = plot.part("/avoid/0", List.of(box(140, -10, 160, 210)));
        SpotPlan plan = SpotPlan.place(plot, List.of(track), 8, 15, way, 3, at(0, 0));
        assertThat(plan.spots()).hasSize(8);
        for (Boundary.Corner spot : plan.spots()) {
            Coordinate here = plot.at(spot);
            Coordinate corner = plot.at(at(0, 0));
            assertThat(here.x - corner.x).isBetween(14.5, 285.5);
            assertThat(here.y - corner.y).isBetween(14.5, 185.5);
            assertThat(here.x - corner.x <= 140.5 || here.x - corner.x >= 159.5).isTrue();
        }
    }

    @Test
    void no_part_of_a_field_is_farther_from_a_spot_than_the_best_of_many_random_ways() {
        Plot plot = field(400, 250);
        List<Coordinate> cells = plot.cells(plot.inside(List.of(), 15), 6);
        Random chance = new Random(11);
        double best = Double.MAX_VALUE;
        for (int i = 0; i < 200; i++) {
            List<Coordinate> spots =
                    chance.ints(6, 0, cells.size()).mapToObj(cells::get).toList();
            double farthest = 0;
            for (Coordinate cell : cells) {
                farthest = Math.max(
                        farthest,
                        spots.stream().mapToDouble(cell::distance).min().orElseThrow());
            }
            best = Math.min(best, farthest);
        }
        assertThat(spread(plot, 6).farthestM()).isLessThanOrEqualTo(1.15 * best);
    }

    @Test
    void the_same_seed_gives_the_same_spots() {
        assertThat(spread(field(300, 200), 5)).isEqualTo(spread(field(300, 200), 5));
    }

    @Test
    void the_walk_goes_from_the_gate_and_is_as_short_as_any_order() {
        Plot plot = field(300, 200);
        SpotPlan plan = spread(plot, 5);
        double[][] metres = new double[6][6];
        for (int a = 0; a < 5; a++) {
            for (int b = 0; b < 5; b++) {
                metres[a][b] = plot.at(plan.spots().get(a))
                        .distance(plot.at(plan.spots().get(b)));
            }
            metres[5][a] = plot.at(at(0, 0)).distance(plot.at(plan.spots().get(a)));
        }
        assertThat(Walk.length(metres, new int[] {0, 1, 2, 3, 4}))
                .isCloseTo(plan.pathM(), org.assertj.core.api.Assertions.within(1e-6));
        for (int[] order : new int[][] {{0, 2, 1, 3, 4}, {4, 3, 2, 1, 0}, {1, 0, 2, 3, 4}, {0, 1, 2, 4, 3}}) {
            assertThat(Walk.length(metres, order)).isGreaterThanOrEqualTo(plan.pathM() - 1e-9);
        }
    }

    @Test
    void a_transect_goes_along_the_field_at_equal_steps() {
        SpotPlan plan = SpotPlan.place(field(400, 100), List.of(), 4, 15, SpotPlan.Way.LINE, 1, at(0, 50));
        for (int i = 0; i < 4; i++) {
            assertThat(plan.spots().get(i).lat())
                    .isCloseTo(at(0, 50).lat(), org.assertj.core.api.Assertions.within(1e-5));
        }
        assertThat(plan.pathM()).isCloseTo(15 + 370 * 3.5 / 4, org.assertj.core.api.Assertions.within(1.5));
    }

    private static void refused(String path, String code, Runnable doing) {
        assertThatThrownBy(doing::run).isInstanceOfSatisfying(Refused.class, fault -> {
            assertThat(fault.refusals())
                    .extracting("path", "code")
                    .containsExactly(org.assertj.core.groups.Tuple.tuple(path, code));
        });
    }

    @Test
    void an_outline_that_crosses_itself_is_refused_with_the_place_where() {
        List<Boundary.Corner> bow = List.of(at(0, 0), at(100, 100), at(100, 0), at(0, 100));
        assertThatThrownBy(() -> Plot.field("/polygon", List.of(bow))).isInstanceOfSatisfying(Refused.class, fault -> {
            assertThat(fault.refusals().get(0).code()).isEqualTo("crosses-itself");
            assertThat(fault.refusals().get(0).text()).contains("47.60045");
        });
    }

    @Test
    void what_leaves_no_ground_to_stand_on_is_refused_with_the_reason() {
        refused("/polygon", "too-large", () -> field(9000, 9000));
        refused("/polygon", "too-small", () -> field(2, 2));
        refused(
                "/marginM",
                "margin-too-wide",
                () -> SpotPlan.place(field(40, 40), List.of(), 3, 30, SpotPlan.Way.SPREAD, 1, null));
        Plot plot = field(100, 100);
        refused(
                "/avoid",
                "nothing-left",
                () -> SpotPlan.place(
                        plot,
                        List.of(plot.part("/avoid/0", List.of(box(-5, -5, 105, 105)))),
                        3,
                        15,
                        SpotPlan.Way.SPREAD,
                        1,
                        null));
        refused(
                "/polygon",
                "date-line",
                () -> Plot.field(
                        "/polygon",
                        List.of(List.of(
                                new Boundary.Corner(0, 179.9),
                                new Boundary.Corner(0, -179.9),
                                new Boundary.Corner(1, -179.9)))));
    }
}
