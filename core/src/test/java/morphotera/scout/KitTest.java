package morphotera.scout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.ground.TextureGroup;
import morphotera.measure.methods.Methods;
import morphotera.scout.runsheet.Outing;
import morphotera.scout.runsheet.RunSheet;
import org.junit.jupiter.api.Test;

class KitTest {
    private static Kit kit(int people, int spots, Map<String, Double> sizes, String... methods) {
        List<Outing.Spot> at = new ArrayList<>();
        List<Outing.Test> tests = new ArrayList<>();
        for (int i = 0; i < spots; i++) {
            at.add(new Outing.Spot("s" + i, new Outing.Place(47.6, -29.1 + i * 0.001)));
            for (String method : methods) {
                tests.add(Outing.Test.of(
                        "s" + i, Methods.find(method).orElseThrow().description()));
            }
        }
        Outing outing = new Outing(people, TextureGroup.MEDIUM, null, at, tests, 1.2, 45, null);
        return Kit.of(outing, RunSheet.plan(outing), sizes);
    }

    private static Kit.Tool tool(Kit kit, String item) {
        return kit.tools().stream()
                .filter(one -> one.item().equals(item))
                .findFirst()
                .orElseThrow();
    }

    private static Kit.Consumable consumable(Kit kit, String word) {
        return kit.consumables().stream()
                .filter(one -> one.item().contains(word))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_spade_is_carried_once_however_many_tests_dig() {
        Kit kit = kit(1, 5, Map.of(), "structure-spade", "earthworms", "smell");
        assertThat(tool(kit, "spade").count()).isEqualTo(1);
        assertThat(tool(kit, "spade").methods()).containsExactlyInAnyOrder("structure-spade", "earthworms", "smell");
    }

    @Test
    void two_people_who_push_at_one_moment_need_two_cones() {
        String cone = "cone penetrometer with both tips, or a rod";
        assertThat(tool(kit(1, 4, Map.of(), "penetration"), cone).count()).isEqualTo(1);
        assertThat(tool(kit(2, 4, Map.of(), "penetration"), cone).count()).isEqualTo(2);
    }

    @Test
    void so_many_dishes_as_stand_at_one_time() {
        Kit kit = kit(1, 3, Map.of(), "dispersion", "penetration");
        assertThat(tool(kit, "shallow dish of its own").count()).isBetween(1, 3);
        assertThat(tool(kit(1, 1, Map.of(), "dispersion"), "shallow dish of its own")
                        .count())
                .isEqualTo(1);
    }

    @Test
    void water_is_summed_with_a_quarter_to_spare_and_carried_in_half_litres() {
        Kit kit = kit(1, 2, Map.of("holeDiameterMm", 150.0), "percolation-hole");
        // Two fills of a hole 150 mm wide and 300 deep: 10.6 l a spot.
        Kit.Consumable water = consumable(kit, "two fills");
        assertThat(water.quantity()).isEqualTo(27);
        assertThat(water.quantity() - water.spare()).isCloseTo(21.206, org.assertj.core.api.Assertions.within(0.001));
        assertThat(kit.carryKg()).isGreaterThan(27);
    }

    @Test
    void acid_is_never_packed_without_goggles() {
        assertThat(kit(1, 1, Map.of(), "carbonate-fizz").protection())
                .containsExactly(new Kit.Protection("goggles and gloves", "carbonate-fizz"));
        assertThat(kit(1, 1, Map.of(), "ph").protection()).isEmpty();
    }

    @Test
    void what_goes_home_or_to_the_laboratory_wants_a_label() {
        assertThat(kit(1, 4, Map.of(), "laboratory", "ph").labels()).isEqualTo(4);
        assertThat(kit(1, 2, Map.of(), "laboratory", "slaking").labels()).isEqualTo(4);
    }
}
