package morphotera.measure.methods;

import static morphotera.Tables.evaluate;
import static morphotera.measure.methods.Results.flags;
import static morphotera.measure.methods.Results.refusals;
import static morphotera.measure.methods.Results.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import morphotera.measure.Evaluation;
import org.junit.jupiter.api.Test;

class RootDepthTest {
    private static Map<String, Object> roots(String crop, double root80) {
        return Reading.of("crop", crop, "root80Cm", root80);
    }

    @Test
    void a_young_cereal_is_held_to_what_it_can_have_reached() {
        Map<String, Object> young = roots("cereal", 14);
        young.put("daysSinceSowing", 45);
        Evaluation got = evaluate("root-depth", Map.of(), young);
        assertThat(value(got, "ratio")).isCloseTo(0.8, within(1e-9));
        assertThat(flags(got)).containsExactly("young");
        assertThat(got.counts("ratio")).isFalse();
    }

    @Test
    void roots_that_end_flat_cap_the_score_harder_than_bent_ones() {
        Map<String, Object> flat = roots("grass", 30);
        flat.put("sharpEdge", true);
        flat.put("bent", true);
        assertThat(evaluate("root-depth", Map.of(), flat).score()).isEqualTo(30);
        flat.put("sharpEdge", false);
        assertThat(evaluate("root-depth", Map.of(), flat).score()).isEqualTo(50);
    }

    @Test
    void nodules_are_missed_only_on_a_legume() {
        Map<String, Object> bare = roots("grass", 20);
        bare.put("nodules", "none");
        assertThat(evaluate("root-depth", Map.of("use", "pasture"), bare).words())
                .containsEntry("nodulesMissing", true);
        assertThat(evaluate("root-depth", Map.of("use", "arable"), bare).words())
                .containsEntry("nodulesMissing", false);
        assertThat(evaluate("root-depth", Map.of("use", "arable"), roots("lucerne", 20))
                        .words())
                .as("not looked at")
                .doesNotContainKey("nodulesMissing");
    }

    @Test
    void the_deepest_root_cannot_lie_above_four_fifths_of_them() {
        Map<String, Object> upside = roots("grass", 20);
        upside.put("maxCm", 10);
        assertThat(refusals("root-depth", upside)).containsExactly("/reading/maxCm above-root80");
    }
}
