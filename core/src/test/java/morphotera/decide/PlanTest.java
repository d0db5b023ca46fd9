package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import morphotera.Draws;
import morphotera.decide.Plan.Rule;
import morphotera.decide.remedies.Remedies;
import org.junit.jupiter.api.Test;

class PlanTest {
    private static final Plan.Ground UNKNOWN = new Plan.Ground(null, null, null, null, null, null, true);

    private static Plan.Ground ground(
            Boolean outlet, Double ph, Double carbonate, Double esp, Double dispersion, String moisture) {
        return new Plan.Ground(outlet, ph, carbonate, esp, dispersion, moisture, true);
    }

    private static List<String> standing(List<Plan.Step> steps) {
        return steps.stream().filter(Plan.Step::stands).map(Plan.Step::remedy).toList();
    }

    private static Rule struck(List<Plan.Step> steps, String remedy) {
        return steps.stream()
                .filter(step -> step.remedy().equals(remedy))
                .findFirst()
                .orElseThrow()
                .struckBy();
    }

    @Test
    void water_gets_out_before_salt_and_calcium_goes_before_the_water_and_seed_comes_last() {
        List<Plan.Step> steps = Plan.order(List.of("cover-crop", "leaching", "gypsum", "drains"), UNKNOWN, Set.of());
        assertThat(standing(steps)).containsExactly("gypsum", "drains", "leaching", "cover-crop");
        assertThat(steps.get(2).after())
                .containsExactlyInAnyOrder(
                        new Plan.After("drains", Rule.WATER_BEFORE_SALT),
                        new Plan.After("gypsum", Rule.CALCIUM_WITH_WATER));
        assertThat(steps.get(3).after())
                .contains(new Plan.After("leaching", Rule.SALT_BEFORE_SEED))
                .contains(new Plan.After("drains", Rule.WATER_AND_EROSION_FIRST));
    }

    @Test
    void no_salt_is_washed_without_an_outlet_unless_drains_make_one() {
        Plan.Ground shut = ground(false, null, null, null, null, null);
        assertThat(struck(Plan.order(List.of("leaching"), shut, Set.of()), "leaching"))
                .isEqualTo(Rule.OUTLET);
        assertThat(struck(Plan.order(List.of("leaching", "drains"), shut, Set.of()), "leaching"))
                .isNull();
        assertThat(struck(Plan.order(List.of("leaching"), UNKNOWN, Set.of()), "leaching"))
                .isNull();
        // Drains that a gate forbids make no outlet either.
        List<Plan.Step> gated = Plan.order(List.of("leaching", "drains"), shut, Set.of("acid-sulphate"));
        assertThat(struck(gated, "drains")).isEqualTo(Rule.GATE_FORBIDS);
        assertThat(struck(gated, "leaching")).isEqualTo(Rule.GATE_FORBIDS);
    }

    @Test
    void on_sodic_ground_no_water_without_calcium() {
        assertThat(struck(
                        Plan.order(List.of("leaching"), ground(true, null, null, 6.0, null, null), Set.of()),
                        "leaching"))
                .isEqualTo(Rule.CALCIUM_WITH_WATER);
        assertThat(struck(
                        Plan.order(List.of("leaching"), ground(true, null, null, 5.9, 60.0, null), Set.of()),
                        "leaching"))
                .isNull();
        assertThat(struck(
                        Plan.order(List.of("leaching"), ground(true, null, null, null, 59.0, null), Set.of()),
                        "leaching"))
                .isEqualTo(Rule.CALCIUM_WITH_WATER);
        assertThat(struck(
                        Plan.order(List.of("leaching", "gypsum"), ground(true, null, null, 9.0, null, null), Set.of()),
                        "leaching"))
                .isNull();
    }

    @Test
    void lime_and_sulphur_keep_to_their_ground() {
        assertThat(struck(Plan.order(List.of("lime"), ground(null, 6.9, null, null, null, null), Set.of()), "lime"))
                .isEqualTo(Rule.LIME_TO_6_8);
        assertThat(struck(Plan.order(List.of("lime"), ground(null, 6.8, null, null, null, null), Set.of()), "lime"))
                .isNull();
        assertThat(struck(
                        Plan.order(List.of("sulphur"), ground(null, null, 0.6, null, null, null), Set.of()), "sulphur"))
                .isEqualTo(Rule.SULPHUR_NOT_ON_CARBONATE);
        assertThat(struck(
                        Plan.order(List.of("sulphur"), ground(null, null, 0.5, null, null, null), Set.of()), "sulphur"))
                .isNull();
        Plan.Ground sodic = new Plan.Ground(null, null, 20.0, 15.0, null, null, false);
        assertThat(struck(Plan.order(List.of("sulphur"), sodic, Set.of()), "sulphur"))
                .isNull();
    }

    @Test
    void a_pan_is_broken_in_dry_soil_with_roots_after_it() {
        assertThat(struck(Plan.order(List.of("compaction"), UNKNOWN, Set.of()), "compaction"))
                .isEqualTo(Rule.ROOTS_AFTER);
        List<Plan.Step> rooted = Plan.order(List.of("cover-crop", "compaction"), UNKNOWN, Set.of());
        assertThat(standing(rooted)).containsExactly("compaction", "cover-crop");
        Plan.Ground wet = ground(null, null, null, null, null, "wet");
        assertThat(struck(Plan.order(List.of("cover-crop", "compaction"), wet, Set.of()), "compaction"))
                .isEqualTo(Rule.NOT_IN_WET_SOIL);
    }

    @Test
    void a_gate_comes_first_and_forbids() {
        List<Plan.Step> steps = Plan.order(
                List.of("manure", "cover-crop", "sampling-laboratory", "leave-it"), UNKNOWN, Set.of("contamination"));
        assertThat(standing(steps)).containsExactly("sampling-laboratory", "leave-it", "cover-crop");
        assertThat(struck(steps, "manure")).isEqualTo(Rule.GATE_FORBIDS);
        assertThat(steps.get(2).after()).contains(new Plan.After("sampling-laboratory", Rule.GATE_FIRST));
        assertThat(struck(Plan.order(List.of("manure"), UNKNOWN, Set.of("acid-sulphate")), "manure"))
                .isNull();
        assertThat(struck(Plan.order(List.of("compaction", "legume"), UNKNOWN, Set.of("acid-sulphate")), "compaction"))
                .isEqualTo(Rule.GATE_FORBIDS);
    }

    @Test
    void fresh_carbon_goes_with_nitrogen_and_topsoil_is_built_last() {
        List<Plan.Step> steps = Plan.order(List.of("organic-matter", "legume", "contour", "lime"), UNKNOWN, Set.of());
        assertThat(standing(steps)).containsExactly("contour", "organic-matter", "lime", "legume");
        assertThat(steps.get(1).with()).isEqualTo(Rule.NITROGEN_WITH_CARBON);
        assertThat(steps.get(0).with()).isNull();
        assertThat(steps.get(3).after()).containsExactly(new Plan.After("lime", Rule.ACID_BEFORE_LEGUME));
    }

    @Test
    void every_rule_is_a_sentence() {
        for (Rule rule : Rule.values()) {
            assertThat(rule.text()).endsWith(".");
        }
    }

    @Test
    void any_plan_keeps_every_remedy_once_and_each_after_what_comes_first() {
        Draws.each(200, draw -> {
            int seed = draw.whole(1, 1_000_000);

            List<String> all = new ArrayList<>(Remedies.ALL.stream()
                    .map(remedy -> remedy.description().id())
                    .toList());
            Collections.shuffle(all, new Random(seed));
            List<String> some = all.subList(0, 1 + seed % all.size());
            Plan.Ground ground = ground(seed % 2 == 0, 6.0 + seed % 3, seed % 5 * 0.3, seed % 12.0, null, null);
            List<Plan.Step> steps = Plan.order(some, ground, seed % 7 == 0 ? Set.of("acid-sulphate") : Set.of());
            assertThat(steps.stream().map(Plan.Step::remedy)).containsExactlyInAnyOrderElementsOf(some);
            List<String> standing = standing(steps);
            for (Plan.Step step : steps) {
                for (Plan.After after : step.after()) {
                    assertThat(standing.indexOf(after.remedy())).isBetween(0, standing.indexOf(step.remedy()) - 1);
                }
            }
        });
    }
}
