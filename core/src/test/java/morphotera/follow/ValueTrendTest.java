package morphotera.follow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.decide.ReadAt;
import morphotera.measure.Taken;
import org.junit.jupiter.api.Test;

/** What was measured, in its own unit, through the years. */
class ValueTrendTest {
    private final List<ZoneTrend.Made> visits = new ArrayList<>();

    private static Taken ph(String spot, double top, String basis) {
        return ReadAt.spot(
                spot,
                0,
                spot,
                "ph",
                Map.of(),
                Map.of("points", List.of(Map.of("depthCm", 5, "value", top, "basis", basis))),
                false);
    }

    private void visit(Taken... readings) {
        visits.add(new ZoneTrend.Made("v" + visits.size(), visits.size(), List.of(readings)));
    }

    private static ValueTrend of(List<ValueTrend> all, String key, String how) {
        return all.stream()
                .filter(one -> one.key().equals(key) && (how == null || how.equals(one.how())))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void limed_topsoil_rises_by_so_much_a_year_and_each_spot_is_there() {
        visit(ph("1", 4.8, "water"), ph("2", 5.0, "water"));
        visit(ph("1", 5.2, "water"), ph("2", 5.4, "water"));
        visit(ph("1", 5.6, "water"), ph("2", 5.8, "water"));
        ValueTrend topsoil = of(ValueTrend.of(visits), "topsoil", null);
        assertThat(topsoil.unit()).isEqualTo("pH");
        assertThat(topsoil.visits()).extracting(ValueTrend.At::visit).containsExactly("v0", "v1", "v2");
        assertThat(topsoil.visits().get(1).spots())
                .extracting(ValueTrend.Spot::spot, ValueTrend.Spot::number)
                .containsExactly(tuple("1", 5.2), tuple("2", 5.4));
        assertThat(topsoil.trend().perYear()).isCloseTo(0.4, within(1e-9));
    }

    @Test
    void what_was_read_another_way_or_at_another_depth_is_a_line_of_its_own() {
        visit(ph("1", 6.0, "water"));
        visit(ph("1", 5.2, "cacl2"));
        List<ValueTrend> all = ValueTrend.of(visits);
        assertThat(of(all, "topsoil", "water").visits()).hasSize(1);
        assertThat(of(all, "topsoil", "cacl2").visits()).hasSize(1);
        assertThat(of(all, "topsoil", "water").trend()).as("one visit").isNull();
    }

    @Test
    void scores_and_what_only_explains_them_are_not_followed() {
        visit(ph("1", 6.0, "water"));
        assertThat(ValueTrend.of(visits)).extracting(ValueTrend::key).containsExactly("topsoil");
    }
}
