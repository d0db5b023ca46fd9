package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import morphotera.Tables;
import org.junit.jupiter.api.Test;

/** From what spots say to what a zone says. */
class FactsTest extends ZoneRead {
    // Each spot judges by itself

    @Test
    void half_of_the_spots_make_it_true_a_fifth_leaves_it_false_and_between_it_is_patchy() {
        phAtSpots("water", 5.2, 6.2);
        assertThat(answer("acid-top")).isTrue();
        phAtSpots("water", 5.2, 6.2, 6.3, 6.4, 6.5);
        readings.subList(0, 2).clear();
        assertThat(answer("acid-top")).as("one of five").isFalse();
        readings.clear();
        phAtSpots("water", 5.2, 5.3, 6.3, 6.4, 6.5);
        Facts.Answer patchy = of("acid-top");
        assertThat(patchy.value()).as("two of five").isNull();
        assertThat(patchy.yes()).isEqualTo(2);
        assertThat(patchy.of()).isEqualTo(5);
        assertThat(patchy.spots()).containsExactly("1", "2");
    }

    @Test
    void a_finding_decides_only_where_four_fifths_agree() {
        phAtSpots("water", 5.1, 5.1, 5.1, 6.4, 6.4);
        assertThat(answer("acid-top")).isTrue();
        assertThat(of("acid-top").seen().decides()).isFalse();
        readings.clear();
        phAtSpots("water", 5.1, 5.1, 5.1, 5.1, 6.4);
        assertThat(of("acid-top").seen().decides()).isTrue();
    }

    @Test
    void plates_in_one_block_and_a_massive_layer_in_another_are_the_same_finding() {
        read("1", "structure-spade", Map.of(), block("plates", "hard"));
        read("2", "structure-spade", Map.of(), block("massive", "hard"));
        read("3", "structure-spade", Map.of(), block("crumb", "falls"));
        assertThat(answer("plates-or-massive")).isTrue();
        assertThat(of("plates-or-massive").yes()).isEqualTo(2);
        assertThat(of("plates-or-massive").of()).isEqualTo(3);
    }

    // The better way

    @Test
    void a_laboratory_speaks_before_a_card_beside_it() {
        read("1", "laboratory", Map.of(), laboratoryPh(6.6));
        read("1", "ph", Map.of(), ph(4.6, 4.6, "card"));
        assertThat(answer("acid-top")).isFalse();
        assertThat(of("acid-top").measure()).isEqualTo("laboratory.ph");
    }

    @Test
    void a_laboratory_of_the_year_before_speaks_too_unless_lime_was_spread_since() {
        read(TODAY - 300, "1", "laboratory", Map.of(), laboratoryPh(5.0));
        read("1", "ph", Map.of(), ph(6.4, 6.4, "card"));
        assertThat(answer("acid-top")).isTrue();
        done.add(new Facts.Done("lime", TODAY - 200));
        assertThat(answer("acid-top")).isFalse();
    }

    @Test
    void a_laboratory_of_years_ago_gives_way_to_the_newer_reading() {
        read(TODAY - 700, "1", "laboratory", Map.of(), laboratoryPh(5.0));
        read("1", "ph", Map.of(), ph(6.4, 6.4, "water"));
        assertThat(answer("acid-top")).isFalse();
    }

    @Test
    void after_three_years_a_ph_is_not_looked_at_and_a_texture_still_is() {
        read(TODAY - 1200, "1", "ph", Map.of(), ph(5.0, 5.0, "water"));
        read(TODAY - 1200, "1", "texture-feel", Map.of(), Map.of("ball", true, "ribbonMm", 10, "feel", "gritty"));
        assertThat(answer("acid-top")).isNull();
        assertThat(answer("coarse")).isTrue();
    }

    @Test
    void what_was_read_before_the_drains_says_nothing_of_drainage_now() {
        read(TODAY - 400, "1", "drain-down", Map.of(), Map.of("holeDepthMm", 175, "wetted", true, "hoursToEmpty", 20));
        assertThat(answer("slow-drainage")).isTrue();
        done.add(new Facts.Done("drains", TODAY - 100));
        assertThat(answer("slow-drainage")).isNull();
    }

    @Test
    void a_meter_speaks_before_a_card_at_one_spot() {
        read("1", "ph", Map.of(), ph(4.6, 4.6, "card"));
        read("1", "ph", Map.of(), ph(6.2, 6.2, "water"));
        assertThat(answer("acid-top")).isFalse();
    }

    @Test
    void the_newest_visit_that_looked_speaks() {
        read(TODAY - 500, "1", "ph", Map.of(), ph(5.0, 6, "water"));
        read("1", "ph", Map.of(), ph(6.4, 6, "water"));
        assertThat(answer("acid-top")).isFalse();
    }

    @Test
    void the_shallowest_depth_speaks_for_a_spot() {
        for (double depth : new double[] {45, 5}) {
            read(
                    "1",
                    "slaking",
                    Map.of(),
                    Map.of(
                            "depthCm",
                            depth,
                            "crumbState",
                            "air-dry",
                            "water",
                            "rain",
                            "crumbs",
                            List.of(crumb(depth), crumb(depth), crumb(depth))));
        }
        assertThat(answer("crumbs-slake")).isFalse();
        assertThat(of("crumbs-slake").number()).isEqualTo(100);
    }

    private static Map<String, Object> crumb(double depth) {
        return depth == 5 ? Map.of("fellAt", "never") : Map.of("fellAt", "still", "seconds", 5);
    }

    // Cards near a limit

    @Test
    void a_card_within_a_quarter_of_the_limit_is_not_looked_at_and_within_a_half_it_counts_half() {
        phAtSpots("card", 5.3);
        assertThat(answer("acid-top")).isNull();
        assertThat(answer("alkaline")).isFalse();
        assertThat(facts().blocked(Tables.CAUSES))
                .anySatisfy(blocked ->
                        assertThat(blocked.finding() + " " + blocked.reason()).isEqualTo("acid-top too-coarse"));
        readings.clear();
        phAtSpots("card", 5.1);
        assertThat(answer("acid-top")).isTrue();
        assertThat(of("acid-top").seen().half()).isTrue();
        assertThat(of("acid-top").seen().decides()).isFalse();
        readings.clear();
        phAtSpots("card", 4.9);
        assertThat(of("acid-top").seen().half()).isFalse();
    }

    @Test
    void two_cards_far_from_the_limit_carry_one_near_it() {
        phAtSpots("card", 4.6, 4.7, 5.2);
        assertThat(of("acid-top").half()).isFalse();
    }

    @Test
    void for_a_gate_a_card_of_four_and_a_half_is_acid_enough() {
        phAtSpots("card", 4.5);
        assertThat(of("very-acid").seen().raisesGate()).isTrue();
        readings.clear();
        phAtSpots("card", 4.2);
        assertThat(of("very-acid").seen().raisesGate()).isTrue();
        assertThat(answer("very-acid")).as("too near the limit to weigh").isNull();
        readings.clear();
        phAtSpots("card", 4.6);
        assertThat(of("very-acid").seen().raisesGate()).isFalse();
        readings.clear();
        phAtSpots("water", 4.2);
        assertThat(of("very-acid").seen().raisesGate()).isFalse();
    }

    @Test
    void pasture_bears_a_lower_ph_and_blueberries_want_one() {
        phAtSpots("water", 5.3);
        assertThat(answer("acid-top")).isTrue();
        use = "pasture";
        assertThat(answer("acid-top")).isFalse();
        use = "arable";
        crop = "acid-loving";
        assertThat(answer("acid-top")).isFalse();
        readings.clear();
        phAtSpots("water", 6.0);
        assertThat(answer("alkaline")).isTrue();
    }

    // The day

    @Test
    void on_a_dry_day_the_cone_says_nothing_and_the_pit_beside_it_tells_its_story() {
        Map<String, Object> dry = Map.of("moisture", "dry");
        read("1", "penetration", dry, cone(15, 2500, 30, 1000));
        read(
                "1",
                "root-pit",
                dry,
                pit(layer(0, 25, "crumb", "many", "dry", "none"), layer(25, 60, "plates", "none", "moist", "rust")));
        assertThat(answer("pan-found")).isNull();
        assertThat(answer("limit-shallow")).isNull();
        assertThat(answer("plates-or-massive")).isTrue();
        assertThat(answer("roots-stop")).isTrue();
        assertThat(answer("water-below")).isTrue();
        assertThat(answer("grey-or-mottled")).isTrue();
        assertThat(facts().blocked(Tables.CAUSES)).anySatisfy(blocked -> {
            assertThat(blocked.finding()).isEqualTo("pan-found");
            assertThat(blocked.method()).isEqualTo("penetration");
            assertThat(blocked.reason()).isEqualTo("conditions");
        });
    }

    @Test
    void a_block_on_a_dry_day_shows_its_shapes_and_not_its_score() {
        read("1", "structure-spade", Map.of("moisture", "dry"), block("plates", "hard"));
        assertThat(answer("plates-or-massive")).isTrue();
        assertThat(facts().best("structure-spade.score")).isEmpty();
    }

    @Test
    void moist_soil_below_a_moist_layer_says_nothing_of_roots_that_stop() {
        read(
                "1",
                "root-pit",
                Map.of(),
                pit(layer(0, 25, "crumb", "many", "moist", "none"), layer(25, 60, "massive", "none", "moist", "none")));
        assertThat(answer("water-below")).isNull();
    }

    @Test
    void missing_water_says_something_in_a_wet_time_only() {
        Map<String, Object> drained = pit(layer(0, 60, "crumb", "many", "moist", "none"));
        read("1", "root-pit", Map.of(), drained);
        read("1", "smell", Map.of(), Map.of("smell", "earthy"));
        ticks.put("water-rises", false);
        assertThat(answer("water-stands")).isNull();
        assertThat(answer("sour-smell")).isNull();
        assertThat(answer("water-rises")).isNull();
        assertThat(answer("no-smell")).isFalse();
        assertThat(facts().blocked(Tables.CAUSES))
                .anySatisfy(blocked ->
                        assertThat(blocked.finding() + " " + blocked.reason()).isEqualTo("water-stands dry-time"));
        wet = true;
        read("2", "root-pit", Map.of(), drained);
        read("2", "smell", Map.of(), Map.of("smell", "earthy"));
        assertThat(answer("water-stands")).isFalse();
        assertThat(answer("sour-smell")).isFalse();
        assertThat(answer("water-rises")).isFalse();
    }

    @Test
    void water_that_is_seen_says_so_at_any_time() {
        ticks.put("water-stands", true);
        read("1", "smell", Map.of(), Map.of("smell", "sour"));
        assertThat(answer("water-stands")).isTrue();
        assertThat(answer("sour-smell")).isTrue();
    }
}
