package morphotera.follow;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.decide.ReadAt;
import morphotera.measure.Group;
import morphotera.measure.Taken;
import morphotera.read.School;
import org.junit.jupiter.api.Test;

/** A zone through its visits: what is compared is of one kind. */
class ZoneTrendTest {
    private final List<ZoneTrend.Made> visits = new ArrayList<>();

    private static Taken crumbs(String fell) {
        Map<String, Object> one = Map.of("fellAt", fell);
        return ReadAt.spot(
                "slaking",
                0,
                "1",
                "slaking",
                Map.of("use", "arable"),
                Map.of("crumbState", "air-dry", "crumbs", List.of(one, one)));
    }

    private static Taken block(String shape) {
        Map<String, Object> layer = Map.of(
                "topCm", 0, "bottomCm", 30, "shape", shape, "effort", "gentle", "pores", "many", "roots", "many");
        return ReadAt.spot(
                "block",
                0,
                "1",
                "structure-spade",
                Map.of("use", "arable", "texture", "loam"),
                Map.of("layers", List.of(layer)));
    }

    private void visit(Taken... readings) {
        visits.add(new ZoneTrend.Made("v" + visits.size(), visits.size(), List.of(readings)));
    }

    private Trend structure() {
        return ZoneTrend.of(visits, School.BALANCED, null).groups().stream()
                .filter(one -> one.group() == Group.STRUCTURE)
                .findFirst()
                .orElseThrow()
                .trend();
    }

    @Test
    void a_block_that_was_dug_at_the_first_visit_alone_makes_no_group_fall() {
        visit(crumbs("gentle"), block("crumb"));
        visit(crumbs("gentle"));
        visit(crumbs("gentle"));
        List<ZoneTrend.Visit> seen = ZoneTrend.of(visits, School.BALANCED, null).visits();
        assertThat(seen.get(0).scores().groups().get(0).score())
                .isGreaterThan(seen.get(1).scores().groups().get(0).score());
        assertThat(structure().perYear()).isZero();
    }

    @Test
    void crumbs_that_stand_longer_each_year_lift_their_group() {
        visit(crumbs("gentle"), block("crumb"));
        visit(crumbs("strong"), block("crumb"));
        visit(crumbs("never"), block("crumb"));
        assertThat(structure().perYear()).isPositive();
    }

    @Test
    void where_no_test_was_made_each_time_no_slope_is_told() {
        visit(crumbs("gentle"));
        visit(block("crumb"));
        visit(crumbs("gentle"));
        assertThat(structure()).isNull();
    }
}
