package morphotera.measure.methods;

import static morphotera.Tables.evaluate;
import static morphotera.measure.methods.Reading.of;
import static morphotera.measure.methods.Results.flags;
import static morphotera.measure.methods.Results.refusals;
import static morphotera.measure.methods.Results.value;
import static morphotera.measure.methods.Results.values;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.Draws;
import morphotera.measure.Evaluation;
import org.junit.jupiter.api.Test;

class InfiltrationRingTest {
    private static Map<String, Object> ring(Object... more) {
        Map<String, Object> ring =
                of("ringDiameterMm", 150, "insertionMm", 50, "headMm", 60, "soilState", "structured");
        ring.putAll(of(more));
        return ring;
    }

    private static Map<String, Object> pours(Object... pours) {
        return ring("pours", List.of(pours));
    }

    private static Map<String, Object> pour(double ml, double seconds, double left) {
        return of("volumeMl", ml, "seconds", seconds, "leftMm", left);
    }

    private static Map<String, Object> levels(double... minutesAndMm) {
        List<Object> levels = new ArrayList<>();
        for (int i = 0; i < minutesAndMm.length; i += 2) {
            levels.add(of("minutes", minutesAndMm[i], "mm", minutesAndMm[i + 1]));
        }
        return ring("levels", levels);
    }

    @Test
    void the_last_pour_speaks_of_the_soil_and_what_is_left_has_not_gone_in() {
        Evaluation got =
                evaluate("infiltration-ring", Map.of("texture", "loam"), pours(pour(444, 300, 0), pour(444, 3600, 5)));
        assertThat(values(got, "pourDepth"))
                .allSatisfy(depth -> assertThat(depth).isCloseTo(25.125, within(0.001)));
        assertThat(value(got, "steadyRate")).isCloseTo(20.125, within(0.001));
        assertThat(values(got, "pourRate").get(0)).isCloseTo(301.5, within(0.1));
        assertThat(flags(got)).isEmpty();
    }

    @Test
    void one_pour_is_flagged_and_so_is_a_shallow_ring_or_little_head() {
        Map<String, Object> shallow = pours(pour(444, 300, 0));
        shallow.put("insertionMm", 29);
        assertThat(flags(evaluate("infiltration-ring", Map.of("texture", "loam"), shallow)))
                .containsExactlyInAnyOrder("single-pour", "approximate-k");
        Map<String, Object> low = pours(pour(444, 300, 0), pour(444, 300, 0));
        low.put("headMm", 49);
        assertThat(flags(evaluate("infiltration-ring", Map.of("texture", "loam"), low)))
                .containsExactly("approximate-k");
        low.put("headMm", 50);
        low.put("insertionMm", 30);
        assertThat(flags(evaluate("infiltration-ring", Map.of("texture", "loam"), low)))
                .isEmpty();
    }

    @Test
    void without_texture_the_soils_own_rate_is_open_and_the_steady_rate_is_scored_all_the_same() {
        Evaluation got = evaluate("infiltration-ring", Map.of(), pours(pour(444, 300, 0), pour(444, 3600, 0)));
        assertThat(value(got, "fieldK")).isNull();
        assertThat(flags(got)).containsExactly("needs-texture");
        assertThat(got.score()).isNotNull();
    }

    @Test
    void the_soils_own_rate_is_that_of_reynolds_and_elrick_by_texture_and_state() {
        // L = 0.316·π·5 + 0.184·π·7.5 = 9.299 cm; q = 25.125 mm/h.
        assertThat(fieldK("loam", "structured"))
                .isCloseTo(25.125 / (6 / 9.2991 + 1 / (0.12 * 9.2991) + 1), within(1e-3));
        assertThat(fieldK("clay", "unstructured"))
                .isCloseTo(25.125 / (6 / 9.2991 + 1 / (0.04 * 9.2991) + 1), within(1e-3));
        assertThat(fieldK("clay", "compacted"))
                .isCloseTo(25.125 / (6 / 9.2991 + 1 / (0.01 * 9.2991) + 1), within(1e-3));
        assertThat(fieldK("sand", "compacted"))
                .isEqualTo(fieldK("loamy-sand", "structured"))
                .isCloseTo(25.125 / (6 / 9.2991 + 1 / (0.36 * 9.2991) + 1), within(1e-3));
    }

    private static double fieldK(String texture, String state) {
        Map<String, Object> reading = pours(pour(444, 300, 0), pour(444, 3600, 0));
        reading.put("soilState", state);
        return value(evaluate("infiltration-ring", Map.of("texture", texture), reading), "fieldK");
    }

    @Test
    void by_level_the_line_of_philip_is_found_again() {
        Draws.each(50, draw -> {
            double s = draw.from(0, 80);
            double a = draw.from(1, 60);

            double[] minutes = {0, 2, 5, 10, 20, 30, 40, 60};
            double[] read = new double[minutes.length * 2];
            for (int i = 0; i < minutes.length; i++) {
                double hours = minutes[i] / 60;
                read[2 * i] = minutes[i];
                read[2 * i + 1] = s * Math.sqrt(hours) + a * hours;
            }
            Evaluation got = evaluate("infiltration-ring", Map.of("texture", "loam"), levels(read));
            assertThat(value(got, "sorptivity")).isCloseTo(s, within(1e-6));
            assertThat(value(got, "transmissivity")).isCloseTo(a, within(1e-6));
            assertThat(value(got, "fit")).isCloseTo(1, within(1e-9));
            // From the latest reading at or before two thirds of the hour, 40 min.
            double last = (read[15] - read[13]) / (20.0 / 60);
            assertThat(value(got, "steadyRate")).isCloseTo(last, within(1e-9));
        });
    }

    @Test
    void a_line_that_does_not_fit_says_so_and_none_at_all_has_no_fit() {
        Evaluation rough = evaluate("infiltration-ring", Map.of(), levels(0, 0, 10, 1, 20, 30, 30, 31));
        assertThat(value(rough, "fit")).isBetween(0.0, 0.95);
        Evaluation nothing = evaluate("infiltration-ring", Map.of(), levels(0, 0, 10, 0, 20, 0, 30, 0));
        assertThat(value(nothing, "fit")).isNull();
        assertThat(value(nothing, "steadyRate")).isZero();
        assertThat(nothing.score()).isZero();
    }

    @Test
    void by_level_without_the_standing_water_the_soils_own_rate_is_open() {
        Map<String, Object> reading = levels(0, 0, 10, 5, 20, 9, 30, 13);
        reading.remove("headMm");
        Evaluation got = evaluate("infiltration-ring", Map.of("texture", "loam"), reading);
        assertThat(value(got, "fieldK")).isNull();
        assertThat(got.because()).anyMatch(said -> said.code().equals("no-head"));
    }

    @Test
    void half_of_the_last_pour_stands_in_for_the_head() {
        Map<String, Object> told = pours(pour(444, 300, 0), pour(444, 3600, 0));
        told.put("headMm", 444_000 / (Math.PI * 75 * 75) / 2);
        Map<String, Object> open = new LinkedHashMap<>(told);
        open.put("headMm", null);
        assertThat(value(evaluate("infiltration-ring", Map.of("texture", "loam"), open), "fieldK"))
                .isCloseTo(
                        value(evaluate("infiltration-ring", Map.of("texture", "loam"), told), "fieldK"), within(1e-9));
    }

    @Test
    void pours_and_levels_are_one_or_the_other_and_each_in_order() {
        assertThat(refusals("infiltration-ring", ring())).containsExactly("/reading/pours empty-list");
        Map<String, Object> both = levels(0, 0, 10, 5, 20, 9, 30, 13);
        both.put("pours", List.of(pour(444, 300, 0)));
        assertThat(refusals("infiltration-ring", both)).containsExactly("/reading/pours given-twice");
        assertThat(refusals("infiltration-ring", pours(pour(444, 300, 26))))
                .containsExactly("/reading/pours/0/leftMm over-pour");
        assertThat(refusals("infiltration-ring", levels(0, 2, 10, 5, 10, 4, 30, 13)))
                .containsExactly(
                        "/reading/levels/0/mm not-zero",
                        "/reading/levels/2/minutes backward",
                        "/reading/levels/2/mm backward");
        assertThat(refusals("infiltration-ring", levels(0, 0, 10, 5, 20, 9)))
                .containsExactly("/reading/levels too-few");
        assertThat(refusals("infiltration-ring", levels(10, 5, 20, 9, 30, 12))).isEmpty();
    }
}
