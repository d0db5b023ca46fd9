package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.Tables;
import morphotera.measure.Taken;
import org.junit.jupiter.api.Test;

/** From what spots say to what a zone says. */
class FactsTest {
    private static final long TODAY = 4000;

    private final List<Taken> readings = new ArrayList<>();
    private final List<Facts.Done> done = new ArrayList<>();
    private final Map<String, Boolean> ticks = new LinkedHashMap<>();
    private String use;
    private String crop;
    private boolean wet;
    private Facts.Balance balance;

    private void read(String spot, String method, Map<String, Object> context, Map<String, Object> entered) {
        read(TODAY, spot, method, context, entered);
    }

    private void read(long day, String spot, String method, Map<String, Object> context, Map<String, Object> entered) {
        readings.add(ReadAt.spot("r" + readings.size(), day, spot, method, context, entered, wet));
    }

    private Facts facts() {
        return new Facts(new Facts.Asked(TODAY, use, crop, wet, done, balance), readings, ticks);
    }

    private Facts.Answer of(String finding) {
        return facts().answers(Tables.CAUSES).get(finding);
    }

    private Boolean answer(String finding) {
        return of(finding) == null ? null : of(finding).value();
    }

    private static Map<String, Object> ph(double top, double below, String basis) {
        return Map.of(
                "points",
                List.of(
                        Map.of("depthCm", 5, "value", top, "basis", basis),
                        Map.of("depthCm", 25, "value", below, "basis", basis)));
    }

    private void phAtSpots(String basis, double... values) {
        for (int i = 0; i < values.length; i++) {
            read(String.valueOf(i + 1), "ph", Map.of(), ph(values[i], values[i], basis));
        }
    }

    private static Map<String, Object> laboratoryPh(double value) {
        return Map.of("ph", Map.of("value", value, "basis", "water"));
    }

    private static Map<String, Object> cone(double... depthsAndKPa) {
        List<Object> points = new ArrayList<>();
        for (int i = 0; i < depthsAndKPa.length; i += 2) {
            points.add(Map.of("depthCm", depthsAndKPa[i], "kPa", depthsAndKPa[i + 1]));
        }
        return Map.of("cone", "small", "probes", List.of(Map.of("points", points)));
    }

    private static Map<String, Object> paste(double ece, double depthCm) {
        return Map.of("ec", ece, "compensated", true, "ratio", "paste", "depthCm", depthCm);
    }

    private static Map<String, Object> layer(
            int top, int bottom, String shape, String roots, String moisture, String mottles) {
        Map<String, Object> layer = new LinkedHashMap<>();
        layer.put("topCm", top);
        layer.put("bottomCm", bottom);
        layer.put("shape", shape);
        layer.put("roots", roots);
        layer.put("moisture", moisture);
        layer.put("mottles", mottles);
        return layer;
    }

    private static Map<String, Object> pit(Map<?, ?>... layers) {
        return Map.of("depthCm", 80, "layers", List.of(layers));
    }

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

    private static Map<String, Object> block(String shape, String effort) {
        String many = shape.equals("crumb") ? "many" : "none";
        return Map.of(
                "layers",
                List.of(Map.of(
                        "topCm", 0, "bottomCm", 20, "shape", shape, "effort", effort, "pores", many, "roots", many)));
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

    // Nothing found, not looked far enough

    @Test
    void a_limit_not_met_is_false_only_where_the_cone_went_deep_enough() {
        read("1", "penetration", Map.of(), cone(7.5, 900, 15, 1000));
        assertThat(answer("limit-shallow")).as("probed to 15 cm").isNull();
        read("2", "penetration", Map.of(), cone(7.5, 900, 30, 1000));
        assertThat(answer("limit-shallow")).isFalse();
    }

    @Test
    void a_block_without_a_limiting_layer_settles_that_there_is_none() {
        read("1", "structure-spade", Map.of(), block("crumb", "falls"));
        assertThat(answer("plates-or-massive")).isFalse();
    }

    @Test
    void a_hard_layer_with_nothing_read_below_it_may_or_may_not_be_a_pan() {
        read("1", "penetration", Map.of(), cone(7.5, 900, 15, 2500, 22.5, 2400));
        assertThat(answer("pan-found")).isNull();
        read("2", "penetration", Map.of(), cone(7.5, 900, 15, 2500, 30, 2400));
        assertThat(answer("pan-found")).isFalse();
    }

    @Test
    void eyes_have_three_states() {
        assertThat(answer("tracks")).isNull();
        ticks.put("tracks", false);
        assertThat(answer("tracks")).isFalse();
        ticks.put("tracks", true);
        assertThat(answer("tracks")).isTrue();
    }

    // Salt

    @Test
    void salt_at_a_quarter_of_the_spots_two_at_least_is_salt_and_at_fewer_it_is_a_place() {
        for (int spot = 1; spot <= 6; spot++) {
            read(String.valueOf(spot), "salinity", Map.of(), paste(spot <= 2 ? 9 : 1, 45));
        }
        assertThat(answer("salty")).isTrue();
        readings.remove(0);
        assertThat(answer("salty")).isNull();
        assertThat(of("salty").spots()).containsExactly("2");
    }

    @Test
    void no_salt_near_the_surface_says_nothing_of_the_salt_below() {
        read("1", "salinity", Map.of(), paste(1, 5));
        assertThat(answer("salty")).isNull();
        assertThat(facts().blocked(Tables.CAUSES))
                .anySatisfy(blocked ->
                        assertThat(blocked.finding() + " " + blocked.reason()).isEqualTo("salty not-deep"));
        read("1", "salinity", Map.of(), paste(1.5, 45));
        assertThat(answer("salty")).isFalse();
    }

    @Test
    void the_root_zone_is_a_mean_by_thickness_to_the_depth_that_roots_should_reach() {
        read("1", "salinity", Map.of(), paste(2, 5));
        read("1", "salinity", Map.of(), paste(8, 45));
        assertThat(facts().best("salinity.rootZoneEce").orElseThrow().value())
                .isCloseTo((10 * 2 + 30 * 8) / 40.0, within(1e-9));
        crop = "lettuce";
        assertThat(facts().best("salinity.rootZoneEce").orElseThrow().value()).isCloseTo(2, within(1e-9));
        assertThat(answer("salty")).as("lettuce loses a tenth at 2.07 dS/m").isFalse();
        crop = "strawberry";
        assertThat(answer("salty")).isTrue();
    }

    @Test
    void a_manured_row_is_no_evidence_of_salt() {
        Map<String, Object> manured = new LinkedHashMap<>(paste(9, 45));
        manured.put("placement", "manured");
        read("1", "salinity", Map.of(), manured);
        assertThat(answer("salty")).isNull();
    }

    // Means, soil beside plants, water held

    @Test
    void a_little_paler_at_three_spots_is_paler_and_much_paler_at_half_of_them() {
        pale("1", 4.5);
        pale("2", 4.5);
        assertThat(answer("pale")).as("two spots by half a step").isFalse();
        pale("3", 4.5);
        assertThat(answer("pale")).isTrue();
        readings.clear();
        pale("1", 5);
        pale("2", 4);
        assertThat(answer("pale")).isTrue();
    }

    private void pale(String spot, double value) {
        read(
                spot,
                "soil-colour",
                Map.of(),
                Map.of(
                        "field", Map.of("hue", "10YR", "value", value, "chroma", 3),
                        "reference", Map.of("hue", "10YR", "value", 4, "chroma", 2)));
    }

    @Test
    void plants_are_ahead_of_a_soil_only_where_they_do_well() {
        assertThat(answer("plants-ahead")).isNull();
        balance = new Facts.Balance(-15, 60);
        assertThat(answer("plants-ahead")).isTrue();
        assertThat(of("plants-ahead").readings()).isEmpty();
        balance = new Facts.Balance(-15, 45);
        assertThat(answer("plants-ahead"))
                .as("poor plants are ahead of nothing")
                .isNull();
        balance = new Facts.Balance(-14.9, 60);
        assertThat(answer("plants-ahead")).isFalse();
    }

    @Test
    void sand_that_holds_little_is_droughty_by_what_it_holds_and_loam_is_not() {
        read("1", "texture-feel", Map.of(), Map.of("ball", false, "ribbonMm", 0, "feel", "gritty"));
        assertThat(answer("holds-little")).isTrue();
        assertThat(of("holds-little").unit()).isEqualTo("mm");
        read("1", "texture-jar", Map.of(), jar(40, 40, 20));
        assertThat(answer("holds-little")).as("the jar speaks before the hand").isFalse();
    }

    private static Map<String, Object> jar(double sand, double silt, double clay) {
        return Map.of(
                "baseMm",
                0,
                "sandTopMm",
                sand,
                "siltTopMm",
                sand + silt,
                "clayTopMm",
                sand + silt + clay,
                "waterHeightMm",
                150,
                "clayMarkedAfterHours",
                48);
    }

    @Test
    void a_contradiction_of_the_hand_is_no_evidence() {
        read(
                "1",
                "texture-feel",
                Map.of(),
                Map.of("ball", true, "ribbonMm", 10, "feel", "gritty", "cracksWhenPressed", "none"));
        assertThat(answer("coarse")).isNull();
    }

    @Test
    void kit_and_laboratory_are_two_findings() {
        read("1", "nutrient-kit", Map.of(), Map.of("p", "ample", "n", "depleted"));
        assertThat(answer("kit-low")).isTrue();
        assertThat(answer("kit-n-low")).isTrue();
        assertThat(answer("nutrient-low")).isNull();
        read("1", "laboratory", Map.of(), Map.of("k", 30));
        assertThat(answer("nutrient-low")).isTrue();
    }

    // What is said of an answer

    @Test
    void an_answer_shows_the_number_it_rests_on_and_sums_take_the_best_with_its_error() {
        phAtSpots("water", 5.2);
        Facts.Answer answer = of("acid-top");
        assertThat(answer.number()).isEqualTo(5.2);
        assertThat(answer.unit()).isEqualTo("pH");
        assertThat(answer.readings()).containsExactly("r0");
        assertThat(facts().best("ph.topsoil").orElseThrow().spread()).isNull();
        assertThat(facts().best("penetration.panBase")).isEmpty();
        phAtSpots("card", 5.0, 6.0);
        readings.remove(0);
        assertThat(facts().best("ph.topsoil").orElseThrow().value()).isEqualTo(5.5);
        assertThat(facts().best("ph.topsoil").orElseThrow().spread()).isCloseTo(Math.sqrt(0.5), within(1e-9));
    }

    @Test
    void a_blocked_test_that_was_made_again_well_blocks_nothing() {
        read("1", "penetration", Map.of("moisture", "dry"), cone(15, 2500, 30, 1000));
        read("2", "penetration", Map.of(), cone(15, 2500, 30, 1000));
        assertThat(answer("pan-found")).isTrue();
        assertThat(facts().blocked(Tables.CAUSES)).isEmpty();
    }

    @Test
    void salt_that_hides_a_halo_asks_for_sodium() {
        read(
                "1",
                "dispersion",
                Map.of("ece", 5),
                Map.of("water", "rain", "crumbs", List.of(Map.of("cloudAt10", "none"))));
        assertThat(answer("crumbs-disperse")).isNull();
        assertThat(facts().blocked(Tables.CAUSES)).singleElement().satisfies(blocked -> {
            assertThat(blocked.finding()).isEqualTo("crumbs-disperse");
            assertThat(blocked.reason()).isEqualTo("salt-hides");
            assertThat(blocked.lift().method()).isEqualTo("laboratory");
        });
    }

    // The good patch

    @Test
    void what_the_good_patch_shares_counts_half_where_the_scores_are_alike() {
        phAtSpots("water", 5.1);
        Map<String, Facts.Answer> poor = facts().answers(Tables.CAUSES);
        readings.clear();
        phAtSpots("water", 5.3);
        Map<String, Facts.Answer> good = facts().answers(Tables.CAUSES);
        assertThat(GoodPatch.shared(poor, good, Map.of("ph", 30.0), Map.of("ph", 40.0)))
                .containsExactly("acid-top");
        assertThat(GoodPatch.shared(poor, good, Map.of("ph", 30.0), Map.of("ph", 45.0)))
                .isEmpty();
        assertThat(GoodPatch.seen(poor, GoodPatch.shared(poor, good, Map.of(), Map.of()))
                        .get("acid-top"))
                .satisfies(seen -> {
                    assertThat(seen.half()).isTrue();
                    assertThat(seen.decides()).isFalse();
                });
    }
}
