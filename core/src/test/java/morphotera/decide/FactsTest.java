package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.Tables;
import org.junit.jupiter.api.Test;

class FactsTest {
    private final List<Facts.Reading> readings = new ArrayList<>();
    private final Map<String, Boolean> ticks = new LinkedHashMap<>();

    private void read(int visit, String spot, String method, Map<String, Object> context, Map<String, Object> reading) {
        readings.add(new Facts.Reading("r" + readings.size(), visit, spot, Tables.evaluate(method, context, reading)));
    }

    private Boolean answer(String finding) {
        Facts.Answer answer = new Facts(readings, ticks).answers(Tables.CAUSES).get(finding);
        return answer == null ? null : answer.value();
    }

    private static Map<String, Object> ph(double top, double below, String basis) {
        return Map.of(
                "points",
                List.of(
                        Map.of("depthCm", 5, "value", top, "basis", basis),
                        Map.of("depthCm", 25, "value", below, "basis", basis)));
    }

    private static Map<String, Object> cone(double... depthsAndKPa) {
        List<Object> points = new ArrayList<>();
        for (int i = 0; i < depthsAndKPa.length; i += 2) {
            points.add(Map.of("depthCm", depthsAndKPa[i], "kPa", depthsAndKPa[i + 1]));
        }
        return Map.of("cone", "small", "probes", List.of(Map.of("points", points)));
    }

    @Test
    void numbers_are_the_mean_of_the_spots() {
        read(1, "1", "ph", Map.of(), ph(5.2, 6, "water"));
        read(1, "2", "ph", Map.of(), ph(5.6, 6, "water"));
        assertThat(answer("acid-top")).isTrue();
    }

    @Test
    void a_card_within_half_a_unit_of_a_limit_is_not_looked_at_for_it() {
        read(1, "1", "ph", Map.of(), ph(5.2, 6.6, "card"));
        assertThat(answer("acid-top")).isNull();
        assertThat(answer("alkaline")).isFalse();
    }

    @Test
    void a_reading_with_a_warning_is_no_evidence() {
        read(1, "1", "penetration", Map.of("moisture", "dry"), cone(15, 2500, 30, 1000));
        assertThat(answer("pan-found")).isNull();
        assertThat(answer("limit-shallow")).isNull();
    }

    @Test
    void a_limit_not_met_is_false_only_where_the_cone_went_deep_enough() {
        read(1, "1", "penetration", Map.of(), cone(7.5, 900, 15, 1000));
        assertThat(answer("limit-shallow")).as("probed to 15 cm").isNull();
        read(1, "2", "penetration", Map.of(), cone(7.5, 900, 30, 1000));
        assertThat(answer("limit-shallow")).isFalse();
    }

    @Test
    void a_word_is_true_where_half_of_the_spots_that_looked_say_so() {
        read(1, "1", "root-depth", Map.of(), Map.of("crop", "grass", "root80Cm", 12, "sharpEdge", true));
        read(1, "2", "root-depth", Map.of(), Map.of("crop", "grass", "root80Cm", 19, "sharpEdge", false));
        assertThat(answer("roots-stop")).isTrue();
        assertThat(answer("roots-bent")).as("nobody looked").isNull();
    }

    @Test
    void the_newest_visit_that_looked_speaks() {
        read(1, "1", "ph", Map.of(), ph(5.0, 6, "water"));
        read(2, "1", "ph", Map.of(), ph(6.4, 6, "water"));
        assertThat(answer("acid-top")).isFalse();
    }

    @Test
    void the_worst_spot_speaks_for_a_fall_of_ph() {
        read(1, "1", "ph", Map.of(), ph(6.4, 5.6, "water"));
        read(1, "2", "ph", Map.of(), ph(6.0, 5.9, "water"));
        assertThat(answer("acid-below"))
                .as("fall 0.8 at one spot, subsoil 5.75 on average")
                .isTrue();
    }

    @Test
    void eyes_have_three_states() {
        assertThat(answer("tracks")).isNull();
        ticks.put("tracks", false);
        assertThat(answer("tracks")).isFalse();
        ticks.put("tracks", true);
        assertThat(answer("tracks")).isTrue();
    }

    @Test
    void a_block_without_a_limiting_layer_settles_that_there_is_none() {
        read(
                1,
                "1",
                "structure-spade",
                Map.of(),
                Map.of(
                        "layers",
                        List.of(Map.of(
                                "topCm",
                                0,
                                "bottomCm",
                                20,
                                "shape",
                                "crumb",
                                "effort",
                                "falls",
                                "pores",
                                "many",
                                "roots",
                                "many"))));
        assertThat(answer("plates-or-massive")).isFalse();
    }

    @Test
    void what_a_dry_day_left_open_is_named_with_the_test_that_would_lift_it() {
        read(1, "1", "penetration", Map.of("moisture", "dry"), cone(15, 2500, 30, 1000));
        assertThat(new Facts(readings, ticks).blocked(Tables.CAUSES)).anySatisfy(blocked -> {
            assertThat(blocked.finding()).isEqualTo("pan-found");
            assertThat(blocked.method()).isEqualTo("penetration");
            assertThat(blocked.reason()).isEqualTo("conditions");
        });
    }

    @Test
    void what_a_card_is_too_coarse_for_asks_for_a_meter() {
        read(1, "1", "ph", Map.of(), ph(5.2, 6.6, "card"));
        assertThat(new Facts(readings, ticks).blocked(Tables.CAUSES))
                .anySatisfy(blocked ->
                        assertThat(blocked.finding() + " " + blocked.reason()).isEqualTo("acid-top too-coarse"));
    }

    @Test
    void an_answer_shows_the_number_it_rests_on() {
        read(1, "1", "ph", Map.of(), ph(5.2, 6, "water"));
        Facts facts = new Facts(readings, ticks);
        Facts.Answer answer = facts.answers(Tables.CAUSES).get("acid-top");
        assertThat(answer.number()).isEqualTo(5.2);
        assertThat(answer.unit()).isEqualTo("pH");
        assertThat(answer.readings()).containsExactly("r0");
        assertThat(facts.mean("ph.topsoil")).contains(5.2);
        assertThat(facts.mean("penetration.panBase")).isEmpty();
    }

    @Test
    void a_finding_of_several_tests_is_true_by_any_and_false_only_by_what_is_known() {
        read(1, "1", "carbonate-fizz", Map.of(), Map.of("reaction", "none"));
        assertThat(answer("carbonate")).isFalse();
        read(1, "1", "laboratory", Map.of(), Map.of("carbonatePercent", 6));
        assertThat(answer("carbonate")).isTrue();
        assertThat(answer("slow-drainage")).isNull();
    }

    @Test
    void sand_by_hand_or_jar_is_coarse_and_a_contradiction_is_no_evidence() {
        Map<String, Object> contradicts =
                Map.of("ball", true, "ribbonMm", 10, "feel", "gritty", "cracksWhenPressed", "none");
        read(1, "1", "texture-feel", Map.of(), contradicts);
        assertThat(answer("coarse")).isNull();
        read(1, "2", "texture-feel", Map.of(), Map.of("ball", true, "ribbonMm", 10, "feel", "gritty"));
        assertThat(answer("coarse")).isTrue();
    }

    @Test
    void the_lowest_nutrient_counts_over_kit_and_laboratory_spot_by_spot() {
        read(1, "1", "nutrient-kit", Map.of(), Map.of("p", "ample"));
        assertThat(answer("nutrient-low")).isFalse();
        read(1, "1", "laboratory", Map.of(), Map.of("k", 30));
        assertThat(answer("nutrient-low")).isTrue();
        Facts facts = new Facts(readings, ticks);
        assertThat(facts.mean("nutrient.lowest").orElseThrow()).isEqualTo(15);
        read(1, "2", "nutrient-kit", Map.of(), Map.of("p", "ample"));
        assertThat(new Facts(readings, ticks).mean("nutrient.lowest").orElseThrow())
                .isEqualTo(57.5);
        read(1, "2", "nutrient-kit", Map.of(), Map.of("n", "depleted"));
        assertThat(answer("kit-n-low")).isTrue();
    }

    @Test
    void soil_less_plants_comes_from_outside_and_rests_on_no_single_reading() {
        assertThat(answer("plants-ahead")).isNull();
        Facts.Answer ahead =
                new Facts(List.of(), ticks, -15.0).answers(Tables.CAUSES).get("plants-ahead");
        assertThat(ahead.value()).isTrue();
        assertThat(ahead.readings()).isEmpty();
        assertThat(new Facts(List.of(), ticks, -14.9)
                        .answers(Tables.CAUSES)
                        .get("plants-ahead")
                        .value())
                .isFalse();
    }

    @Test
    void the_saltiest_spot_speaks_for_salt() {
        read(1, "1", "salinity", Map.of(), Map.of("ec", 1, "compensated", true, "ratio", "paste"));
        read(1, "2", "salinity", Map.of(), Map.of("ec", 4, "compensated", true, "ratio", "paste"));
        assertThat(answer("salty")).isTrue();
    }

    @Test
    void depths_at_one_spot_are_averaged_first() {
        read(1, "1", "salinity", Map.of(), Map.of("ec", 2, "compensated", true, "ratio", "paste"));
        read(1, "1", "salinity", Map.of(), Map.of("ec", 5, "compensated", true, "ratio", "paste"));
        assertThat(answer("salty")).isFalse();
    }

    @Test
    void a_limit_met_at_half_of_the_spots_is_their_mean_and_at_fewer_it_is_not_met() {
        read(1, "1", "penetration", Map.of(), cone(7.5, 900, 15, 2500, 30, 900));
        read(1, "2", "penetration", Map.of(), cone(7.5, 900, 30, 1000));
        assertThat(answer("limit-shallow")).isTrue();
        read(1, "3", "penetration", Map.of(), cone(7.5, 900, 30, 1000));
        assertThat(answer("limit-shallow")).isFalse();
    }

    @Test
    void each_blocked_finding_names_the_test_that_lifts_it() {
        read(1, "1", "dispersion", Map.of("ece", 5), Map.of("crumbs", List.of(Map.of("cloudAt10", "none"))));
        assertThat(answer("crumbs-disperse")).isNull();
        assertThat(new Facts(readings, ticks).blocked(Tables.CAUSES))
                .singleElement()
                .satisfies(blocked -> {
                    assertThat(blocked.finding()).isEqualTo("crumbs-disperse");
                    assertThat(blocked.reason()).isEqualTo("salt-hides");
                    assertThat(blocked.lift().method()).isEqualTo("laboratory");
                });
    }

    @Test
    void a_blocked_test_that_was_made_again_well_blocks_nothing() {
        read(1, "1", "penetration", Map.of("moisture", "dry"), cone(15, 2500, 30, 1000));
        read(1, "2", "penetration", Map.of(), cone(15, 2500, 30, 1000));
        assertThat(answer("pan-found")).isTrue();
        assertThat(new Facts(readings, ticks).blocked(Tables.CAUSES)).isEmpty();
    }
}
