package morphotera.decide.remedies;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.Draws;
import morphotera.decide.Remedy;
import morphotera.ground.Refused;
import org.junit.jupiter.api.Test;

class RemediesTest {
    private static Map<String, Object> lime() {
        return new LinkedHashMap<>(Map.of(
                "phNow",
                5.4,
                "phTarget",
                6.4,
                "organicCarbonPercent",
                1.5,
                "clayPercent",
                18,
                "depthCm",
                15,
                "bulkDensity",
                1.4,
                "neutralisingValue",
                100,
                "fineness",
                Map.of("under300um", 60, "300to850um", 30, "over850um", 10)));
    }

    private static Remedy.Answer answer(String remedy, Map<String, ?> input) {
        return Remedy.calculate(Remedies.find(remedy).orElseThrow(), input);
    }

    private static List<String> refusals(String remedy, Map<String, ?> input) {
        Refused refused = catchThrowableOfType(Refused.class, () -> answer(remedy, input));
        return refused == null
                ? List.of()
                : refused.refusals().stream()
                        .map(one -> one.path() + " " + one.code())
                        .toList();
    }

    private static double number(Remedy.Answer answer, String key) {
        return (Double) answer.answer().get(key);
    }

    @Test
    void two_half_rises_need_the_lime_of_one_whole() {
        Draws.each(100, draw -> {
            double between = draw.from(5.5, 6.3);

            Map<String, Object> first = lime();
            first.put("phTarget", between);
            Map<String, Object> second = lime();
            second.put("phNow", between);
            assertThat(number(answer("lime", first), "pureTPerHa") + number(answer("lime", second), "pureTPerHa"))
                    .isCloseTo(number(answer("lime", lime()), "pureTPerHa"), within(1e-9));
        });
    }

    @Test
    void a_target_on_the_wrong_side_needs_no_lime_and_says_so() {
        Map<String, Object> down = lime();
        down.put("phTarget", 5.4);
        assertThat(refusals("lime", down)).containsExactly("/phTarget nothing-to-do");
    }

    @Test
    void shares_of_fineness_add_up_and_everything_wrong_is_said_at_once() {
        Map<String, Object> bad = lime();
        bad.put("fineness", Map.of("under300um", 60, "300to850um", 30, "over850um", 40));
        bad.put("clayPercent", 0);
        bad.put("colour", "white");
        assertThat(refusals("lime", bad))
                .containsExactlyInAnyOrder(
                        "/fineness sum-not-100", "/clayPercent out-of-range", "/colour unknown-field");
    }

    @Test
    void a_clayey_soil_shows_a_high_end_and_a_large_dressing_is_split() {
        Map<String, Object> clayey = lime();
        clayey.put("clayPercent", 40);
        clayey.put("organicCarbonPercent", 4);
        Remedy.Answer got = answer("lime", clayey);
        assertThat(number(got, "pureHighTPerHa")).isCloseTo(3 * number(got, "pureTPerHa"), within(1e-9));
        assertThat(got.because()).anyMatch(said -> said.code().equals("split"));
    }

    @Test
    void every_line_shows_its_formula_with_the_numbers_in_it() {
        assertThat(answer("lime", lime()).lines())
                .allSatisfy(line -> assertThat(line.filled()).containsPattern("[0-9]"));
    }

    @Test
    void a_tine_goes_just_below_the_pan_and_no_deeper_than_it_can() {
        assertThat(number(answer("compaction", pan(33)), "depthCm")).isEqualTo(38);
        assertThat(number(answer("compaction", pan(44)), "depthCm")).isEqualTo(45);
        assertThat(answer("compaction", pan(44)).because())
                .anyMatch(said -> said.code().equals("deeper-than-tines"));
    }

    @Test
    void no_pan_is_broken_in_wet_soil_nor_ends_above_its_peak() {
        assertThat(refusals("compaction", Map.of("panPeakCm", 28, "panBaseCm", 20, "moistureAtDepth", "wet")))
                .containsExactly("/panBaseCm above-peak", "/moistureAtDepth too-wet");
    }

    private static Map<String, Object> pan(double baseCm) {
        return Map.of("panPeakCm", 28, "panBaseCm", baseCm, "moistureAtDepth", "moist");
    }
}
