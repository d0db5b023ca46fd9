package morphotera.measure.methods;

import static morphotera.Tables.evaluate;
import static morphotera.measure.methods.Results.refusals;
import static morphotera.measure.methods.Results.value;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import morphotera.measure.Evaluation;
import org.junit.jupiter.api.Test;

class StructureSpadeTest {
    private static final Map<String, Object> GOOD = Reading.layer(0, 20, "crumb", "falls", "many", "many");
    private static final Map<String, Object> PLATES = Reading.layer(20, 25, "plates", "hard", "none", "none");

    private static Evaluation block(Map<String, Object> context, Object... layers) {
        return evaluate("structure-spade", context, Reading.of("layers", List.of(layers)));
    }

    @Test
    void a_thin_bad_layer_caps_a_good_block_because_roots_must_pass_it() {
        assertThat(block(Map.of(), GOOD, PLATES).score()).isEqualTo(60);
        assertThat(block(Map.of(), GOOD).score()).isEqualTo(100);
    }

    @Test
    void the_limiting_layer_is_named_with_its_depth_and_none_is_said_where_none_limits() {
        Evaluation bad = block(Map.of(), GOOD, PLATES);
        assertThat(bad.words()).containsEntry("limitingShape", "plates");
        assertThat(value(bad, "limitingTopCm")).isEqualTo(20);
        Evaluation good = block(Map.of(), GOOD);
        assertThat(good.words()).containsEntry("limitingShape", null);
        assertThat(value(good, "limitingTopCm")).isNull();
    }

    @Test
    void loose_sand_is_no_fault_in_a_sand() {
        Map<String, Object> loose = Reading.layer(0, 20, "single-grain", "falls", "many", "many");
        assertThat(block(Map.of("texture", "sand"), loose).score())
                .isGreaterThan(block(Map.of("texture", "loam"), loose).score());
    }

    @Test
    void layers_begin_at_the_surface_and_touch() {
        assertThat(refusals("structure-spade", Reading.of("layers", List.of(PLATES))))
                .containsExactly("/reading/layers/0/topCm not-from-surface");
        assertThat(refusals(
                        "structure-spade",
                        Reading.of("layers", List.of(GOOD, Reading.layer(25, 30, "plates", "hard", "none", "none")))))
                .containsExactly("/reading/layers/1/topCm gap");
        assertThat(refusals(
                        "structure-spade",
                        Reading.of("layers", List.of(GOOD, Reading.layer(15, 10, "plates", "hard", "none", "none")))))
                .containsExactly("/reading/layers/1/topCm overlapping", "/reading/layers/1/bottomCm backward");
    }
}
