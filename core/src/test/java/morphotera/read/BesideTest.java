package morphotera.read;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.Tables;
import morphotera.ground.DepthClass;
import morphotera.measure.Cell;
import morphotera.measure.Taken;
import morphotera.measure.methods.Methods;
import org.junit.jupiter.api.Test;

/** A poor patch beside a good one. */
class BesideTest {
    private static final Map<String, Object> CONTEXT = Map.of("moisture", "moist", "daysSinceRain", 2);

    private final List<Beside.By> poor = new ArrayList<>();
    private final List<Beside.By> good = new ArrayList<>();

    private static void add(List<Beside.By> to, String spot, String method, Map<String, Object> reading, String by) {
        Cell cell = Cell.of(Methods.find(method).orElseThrow().description(), null, 1, reading);
        to.add(new Beside.By(
                new Taken(
                        "", "", 0, spot, cell, reading, Tables.evaluate(method, CONTEXT, reading), "y 1", false, false),
                by));
    }

    private static Map<String, Object> ph(double value, String basis) {
        return Map.of("points", List.of(Map.of("depthCm", 5, "value", value, "basis", basis)));
    }

    private static Map<String, Object> crumbs(String fellAt) {
        Map<String, Object> crumb = Map.of("fellAt", fellAt);
        return Map.of("depthCm", 5, "crumbState", "air-dry", "crumbs", List.of(crumb, crumb, crumb));
    }

    private static Map<String, Object> feel(boolean ball, int ribbon) {
        return Map.of("ball", ball, "ribbonMm", ribbon, "feel", "neither");
    }

    private Beside beside() {
        return Beside.of(List.of(poor, good), null);
    }

    @Test
    void the_widest_difference_comes_first_and_a_method_of_one_zone_last() {
        add(poor, "1", "ph", ph(4.6, "water"), "A");
        add(good, "2", "ph", ph(6.4, "water"), "A");
        add(poor, "1", "slaking", crumbs("strong"), "A");
        add(good, "2", "slaking", crumbs("never"), "A");
        add(poor, "1", "smell", Map.of("smell", "earthy"), "A");
        Beside beside = beside();
        assertThat(beside.rows()).extracting(Beside.Row::method).endsWith("smell");
        assertThat(beside.rows().get(0).spread())
                .isGreaterThanOrEqualTo(beside.rows().get(1).spread());
        assertThat(beside.first()).containsExactlyInAnyOrder("ph", "slaking");
        Beside.Row last = beside.rows().get(2);
        assertThat(last.means()).hasSize(2);
        assertThat(last.means().get(1)).isNull();
        assertThat(last.spread()).isNull();
        assertThat(last.n()).containsExactly(1, 0);
    }

    @Test
    void zones_that_are_alike_say_so_and_name_no_first() {
        add(poor, "1", "slaking", crumbs("never"), "A");
        add(good, "2", "slaking", crumbs("never"), "A");
        assertThat(beside().rows().get(0).spread()).isZero();
        assertThat(beside().first()).isEmpty();
    }

    @Test
    void depths_stand_in_rows_of_their_own_with_the_figures_behind_them() {
        add(poor, "1", "slaking", crumbs("strong"), "A");
        Map<String, Object> deep = new java.util.LinkedHashMap<>(crumbs("gentle"));
        deep.put("depthCm", 25);
        add(poor, "1", "slaking", deep, "A");
        add(good, "2", "slaking", crumbs("never"), "A");
        List<Beside.Row> rows = beside().rows();
        assertThat(rows).extracting(Beside.Row::depthClass).containsExactly(DepthClass.TO_10, DepthClass.of(25.0));
        assertThat(rows.get(1).means().get(1)).isNull();
    }

    @Test
    void texture_comes_in_words() {
        add(poor, "1", "texture-feel", feel(true, 30), "A");
        add(good, "2", "texture-feel", feel(true, 60), "A");
        Beside.Row texture = beside().rows().get(0);
        assertThat(texture.means()).isNull();
        assertThat(texture.words().get(0))
                .isNotEmpty()
                .doesNotContainAnyElementsOf(texture.words().get(1));
    }

    @Test
    void what_was_read_unlike_is_said() {
        add(poor, "1", "ph", ph(4.6, "water"), "A");
        add(good, "2", "ph", ph(6.4, "cacl2"), "B");
        assertThat(beside().unlike())
                .containsExactly(
                        new Beside.Unlike(Beside.Code.PEOPLE, "ph"), new Beside.Unlike(Beside.Code.BASIS, "ph"));
    }
}
