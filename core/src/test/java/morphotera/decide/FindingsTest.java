package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.Tables;
import org.junit.jupiter.api.Test;

/** What single findings ask before they say anything: how deep, how many, how much, and of whom. */
class FindingsTest extends ZoneRead {
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
    void a_nose_of_last_years_wrong_day_is_no_reason_once_it_smelled_again() {
        Map<String, Object> earthy = Map.of("smell", "earthy");
        read(TODAY - 365, "1", "smell", Map.of("moisture", "dry"), earthy);
        read("1", "smell", Map.of(), earthy);
        assertThat(facts().blocked(Tables.CAUSES)).singleElement().satisfies(blocked -> {
            assertThat(blocked.finding()).isEqualTo("sour-smell");
            assertThat(blocked.reason()).isEqualTo("dry-time");
        });
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
