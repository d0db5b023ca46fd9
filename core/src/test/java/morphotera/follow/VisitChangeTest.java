package morphotera.follow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.Tables;
import morphotera.ground.DepthClass;
import morphotera.measure.Cell;
import morphotera.measure.Group;
import morphotera.measure.Taken;
import morphotera.measure.methods.Methods;
import morphotera.read.FieldScores;
import morphotera.read.School;
import org.junit.jupiter.api.Test;

/** Like is held against like, and what was unlike is said. */
class VisitChangeTest {
    private final List<Taken> before = new ArrayList<>();
    private final List<Taken> after = new ArrayList<>();

    private static void add(
            List<Taken> to, String spot, String method, Map<String, Object> context, Map<String, Object> entered) {
        Cell cell = Cell.of(Methods.find(method).orElseThrow().description(), null, 1, entered);
        to.add(new Taken(
                "",
                "",
                0,
                spot,
                cell,
                entered,
                Tables.evaluate(method, context, entered),
                "Plain yardstick 2",
                false,
                false));
    }

    private List<VisitChange.OfMethod> changes() {
        return VisitChange.of(before, after, Practised.nobody(true));
    }

    private static Map<String, Object> crumbs(double depthCm, String state, String fellAt) {
        Map<String, Object> crumb = new LinkedHashMap<>(Map.of("fellAt", fellAt));
        if (fellAt.equals("still")) {
            crumb.put("seconds", 20);
        }
        return Map.of("depthCm", depthCm, "crumbState", state, "water", "rain", "crumbs", List.of(crumb, crumb, crumb));
    }

    private static Map<String, Object> ph(String basis, double value) {
        return Map.of("points", List.of(Map.of("depthCm", 5, "value", value, "basis", basis)));
    }

    @Test
    void crumbs_of_5_cm_are_not_held_against_crumbs_of_45() {
        add(before, "1", "slaking", Map.of(), crumbs(5, "air-dry", "never"));
        add(after, "1", "slaking", Map.of(), crumbs(45, "air-dry", "still"));
        assertThat(changes()).isEmpty();
        add(after, "1", "slaking", Map.of(), crumbs(8, "air-dry", "gentle"));
        assertThat(changes()).singleElement().satisfies(change -> {
            assertThat(change.depthClass()).isEqualTo(DepthClass.TO_10);
            assertThat(change.change().difference()).isEqualTo(-55);
        });
    }

    @Test
    void dry_crumbs_are_not_held_against_moist_ones() {
        add(before, "1", "slaking", Map.of(), crumbs(5, "air-dry", "never"));
        add(after, "1", "slaking", Map.of(), crumbs(5, "field-moist", "never"));
        assertThat(changes()).isEmpty();
    }

    @Test
    void a_spot_read_on_a_wrong_day_enters_no_change() {
        Map<String, Object> cone = Map.of(
                "cone", "small", "probes", List.of(Map.of("points", List.of(Map.of("depthCm", 15, "kPa", 2500)))));
        add(before, "1", "penetration", Map.of("moisture", "dry"), cone);
        add(after, "1", "penetration", Map.of(), cone);
        assertThat(changes()).isEmpty();
    }

    @Test
    void a_card_against_a_meter_is_named_and_its_error_is_in_the_interval() {
        for (String spot : List.of("1", "2", "3", "4", "5")) {
            add(before, spot, "ph", Map.of(), ph("card", 5.0));
            add(after, spot, "ph", Map.of(), ph("water", 6.2));
        }
        VisitChange.OfMethod got = changes().get(0);
        assertThat(got.unlike()).extracting(Unlike::code).containsExactly(Unlike.Code.INSTRUMENT);
        // Half a unit either way of 5.0 is 0 to 50 points: 50 ÷ √12 as a standard deviation, taken 1.645 times.
        double card = 1.645 * 50 / (2 * Math.sqrt(3));
        double floor = 2.131846786 * Math.sqrt(2 * 4 * 4 / 5.0);
        assertThat(got.change().smallestChange()).isCloseTo(Math.sqrt(card * card + floor * floor), within(1e-3));
    }

    @Test
    void one_pack_of_cards_in_the_same_hands_errs_half_as_much_and_another_pack_in_full() {
        for (String spot : List.of("1", "2", "3", "4", "5")) {
            add(before, spot, "ph", Map.of(), ofPack("B 7", 5.0));
            add(after, spot, "ph", Map.of(), ofPack(" B 7", 5.0));
        }
        double one = changes().get(0).change().smallestChange();
        assertThat(VisitChange.of(before, after, Practised.nobody(false))
                        .get(0)
                        .change()
                        .smallestChange())
                .as("other eyes")
                .isGreaterThan(one);
        after.clear();
        for (String spot : List.of("1", "2", "3", "4", "5")) {
            add(after, spot, "ph", Map.of(), ofPack("C 2", 5.0));
        }
        double two = changes().get(0).change().smallestChange();
        double floor = 2.131846786 * Math.sqrt(2 * 4 * 4 / 5.0);
        double bias = 1.645 * Math.sqrt(2) * 50 / (2 * Math.sqrt(3));
        assertThat(two).isCloseTo(Math.hypot(bias, floor), within(1e-3));
        assertThat(one).isCloseTo(Math.hypot(bias / 2, floor), within(1e-3));
    }

    private static Map<String, Object> ofPack(String pack, double value) {
        Map<String, Object> entered = new LinkedHashMap<>(ph("card", value));
        entered.put("pack", pack);
        return entered;
    }

    @Test
    void a_calcium_chloride_reading_is_named_beside_one_in_water() {
        add(before, "1", "ph", Map.of(), ph("water", 6.2));
        add(after, "1", "ph", Map.of(), ph("cacl2", 5.4));
        assertThat(changes().get(0).unlike()).extracting(Unlike::code).containsExactly(Unlike.Code.BASIS);
    }

    private List<FieldScores.GroupScore> groupsThen() {
        return VisitChange.groupsThen(FieldScores.of(after, School.BALANCED, null), changes());
    }

    @Test
    void a_group_then_is_the_same_tests_at_the_spots_they_share() {
        add(before, "1", "slaking", Map.of(), crumbs(5, "air-dry", "never"));
        add(before, "2", "slaking", Map.of(), crumbs(5, "air-dry", "gentle"));
        add(before, "3", "slaking", Map.of(), crumbs(5, "air-dry", "never"));
        add(after, "1", "slaking", Map.of(), crumbs(5, "air-dry", "gentle"));
        add(after, "2", "slaking", Map.of(), crumbs(5, "air-dry", "gentle"));
        double never = before.get(0).evaluation().score();
        double gentle = before.get(1).evaluation().score();
        assertThat(groupsThen()).containsExactly(new FieldScores.GroupScore(Group.STRUCTURE, (never + gentle) / 2));
    }

    @Test
    void crumbs_from_deeper_down_are_no_part_of_what_the_top_was() {
        for (List<Taken> visit : List.of(before, after)) {
            add(visit, "1", "slaking", Map.of(), crumbs(5, "air-dry", "never"));
            add(visit, "2", "slaking", Map.of(), crumbs(45, "air-dry", "still"));
        }
        assertThat(groupsThen())
                .containsExactly(new FieldScores.GroupScore(
                        Group.STRUCTURE, before.get(0).evaluation().score()));
    }

    @Test
    void a_group_with_a_test_that_was_not_made_then_is_held_against_nothing() {
        add(before, "1", "ph", Map.of(), ph("water", 5.4));
        add(after, "1", "ph", Map.of(), ph("water", 6.2));
        assertThat(groupsThen()).extracting(FieldScores.GroupScore::group).containsExactly(Group.CHEMISTRY);
        add(after, "1", "salinity", Map.of(), Map.of("ec", 1, "compensated", true, "ratio", "paste"));
        assertThat(groupsThen()).isEmpty();
    }
}
