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
}
