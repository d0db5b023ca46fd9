package morphotera.decide.remedies;

import static morphotera.decide.remedies.Examples.answer;
import static morphotera.decide.remedies.Examples.input;
import static morphotera.decide.remedies.Examples.number;
import static morphotera.decide.remedies.Examples.reasons;
import static morphotera.decide.remedies.Examples.refusals;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import morphotera.Draws;
import morphotera.decide.Remedy;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the sums of dressings and water say at their edges, and the laws they hold to. */
class SumsTest {
    /** Half of the soil needs half of everything, and what stands in proportion stays so. */
    @ParameterizedTest
    @CsvSource({
        "lime,pureTPerHa,productTPerHa",
        "sulphur,acidKgPerHa,carbonateKgPerHa",
        "gypsum,tPerHa,waterToDissolveMm",
        "organic-matter,freshTPerHa,soilMassTPerHa"
    })
    void half_of_the_depth_needs_half_of_the_dressing_and_keeps_its_ratios(String remedy, String one, String other) {
        double depth = ((Number) input(remedy).get("depthCm")).doubleValue();
        double whole = number(one, remedy);
        double half = number(one, remedy, "depthCm", depth / 2);
        assertThat(half).isCloseTo(whole / 2, within(1e-9 * whole));
        assertThat(half / number(other, remedy, "depthCm", depth / 2))
                .isCloseTo(whole / number(other, remedy), within(1e-9));
    }

    @Test
    void half_of_the_soil_is_washed_by_half_of_the_water_and_never_by_less_than_fills_it() {
        Draws.each(40, draw -> {
            double target = draw.from(3.4, 10.5);

            double water = number("waterMm", "leaching", "eceTarget", target);
            assertThat(water).isGreaterThanOrEqualTo(0.3 * 600);
            assertThat(number("waterMm", "leaching", "eceTarget", target, "depthMm", 300))
                    .isCloseTo(water / 2, within(1e-9));
        });
    }

    // Sulphur

    @Test
    void sulphur_below_the_carbonate_limit_is_spread_over_years() {
        // 840.83 and 376.47 kg/ha: 1217.3 in three years.
        assertThat(number("years", "sulphur")).isEqualTo(3);
        assertThat(number("perYearKgPerHa", "sulphur")).isCloseTo(1217.3 / 3, within(0.01));
        assertThat(number("years", "sulphur", "turf", true)).isEqualTo(13);
        assertThat(answer("sulphur", "carbonatePercent", 0).answer()).containsEntry("practical", true);
    }

    @Test
    void carbonate_rules_sulphur_out_with_the_sum_that_does_it() {
        Remedy.Answer got = answer("sulphur", "carbonatePercent", 1);
        assertThat(got.answer()).containsEntry("practical", false).doesNotContainKey("years");
        assertThat(got.because()).extracting(Remedy.Reason::code).containsExactly("cannot-work");
    }

    @Test
    void a_fizz_class_is_reckoned_at_both_ends_and_asks_a_laboratory_where_they_straddle() {
        Remedy.Answer none = answer("sulphur", "carbonatePercent", null, "fizz", "none");
        assertThat(none.answer()).containsEntry("practical", null).containsEntry("carbonateLowKgPerHa", 0.0);
        assertThat(none.because()).extracting(Remedy.Reason::code).containsExactly("laboratory-first");
        Remedy.Answer foam = answer("sulphur", "carbonatePercent", null, "fizz", "foam");
        assertThat(foam.answer()).containsEntry("practical", false);
        double low = (Double) foam.answer().get("carbonateLowKgPerHa");
        double high = (Double) foam.answer().get("carbonateHighKgPerHa");
        assertThat(low / high).isCloseTo(16 / 25.0, within(1e-9));
    }

    @Test
    void sulphur_lowers_and_takes_carbonate_one_way() {
        assertThat(refusals("sulphur", "phTarget", 7.9)).containsExactly("/phTarget nothing-to-do");
        assertThat(refusals("sulphur", "fizz", "foam")).containsExactly("/carbonatePercent given-twice");
        assertThat(refusals("sulphur", "carbonatePercent", null)).containsExactly("/carbonatePercent missing");
    }

    // Gypsum

    @Test
    void two_half_falls_of_sodium_need_the_gypsum_of_one_whole() {
        Draws.each(60, draw -> {
            double between = draw.from(7, 21);

            assertThat(number("tPerHa", "gypsum", "espTarget", between) + number("tPerHa", "gypsum", "espNow", between))
                    .isCloseTo(number("tPerHa", "gypsum"), within(1e-9));
        });
    }

    @Test
    void half_the_purity_doubles_the_product_and_not_the_water() {
        Draws.each(60, draw -> {
            double purity = draw.from(20, 100);

            assertThat(number("tPerHa", "gypsum", "purityPercent", purity / 2))
                    .isCloseTo(2 * number("tPerHa", "gypsum", "purityPercent", purity), within(1e-9));
            assertThat(number("waterToDissolveMm", "gypsum", "purityPercent", purity / 2))
                    .isCloseTo(number("waterToDissolveMm", "gypsum", "purityPercent", purity), within(1e-9));
        });
    }

    @Test
    void a_large_dressing_of_gypsum_is_split() {
        assertThat(reasons("gypsum")).containsExactly("split");
        assertThat(reasons("gypsum", "espTarget", 18)).isEmpty();
        assertThat(refusals("gypsum", "espTarget", 22)).containsExactly("/espTarget nothing-to-do");
    }

    // Leaching

    @ParameterizedTest
    @CsvSource({"ponded,coarse,0.1", "ponded,medium,0.2", "ponded,fine,0.3", "ponded,peat,0.45", "sprinkled,peat,0.1"})
    void water_to_wash_salt_goes_by_way_and_texture(String way, String group, double k) {
        assertThat(number("waterMm", "leaching", "way", way, "textureGroup", group))
                .isCloseTo(k * 600 * (10.6 - 0.84) / (3.3 - 0.84), within(1e-6));
    }

    @Test
    void leaching_needs_an_outlet_and_a_target_between_the_water_and_the_soil() {
        assertThat(refusals("leaching", "outlet", false)).containsExactly("/outlet no-outlet");
        assertThat(refusals("leaching", "eceTarget", 0.84)).containsExactly("/eceTarget below-water");
        assertThat(refusals("leaching", "eceTarget", 0.85)).isEmpty();
        assertThat(refusals("leaching", "eceTarget", 10.6)).containsExactly("/eceTarget nothing-to-do");
    }

    @Test
    void sodium_comes_first() {
        assertThat(answer("leaching", "esp", 6).answer()).containsEntry("sodiumFirst", "gypsum-first");
        assertThat(answer("leaching", "esp", 5.9).answer()).containsEntry("sodiumFirst", "none");
        assertThat(answer("leaching", "esp", 5, "dispersionScore", 59).answer())
                .containsEntry("sodiumFirst", "gypsum-first");
        assertThat(answer("leaching", "esp", 5, "dispersionScore", 60).answer()).containsEntry("sodiumFirst", "none");
        assertThat(answer("leaching").answer()).containsEntry("sodiumFirst", "ask-esp");
        assertThat(answer("leaching", "eceNow", 3.9).answer()).containsEntry("sodiumFirst", "none");
        assertThat(reasons("leaching", "dispersionScore", 20)).containsExactly("gypsum-first", "ask-esp");
        assertThat(reasons("leaching", "esp", 7)).containsExactly("gypsum-first");
    }

    @Test
    void water_too_salt_is_not_practical() {
        // ECw/(5·target − ECw) over 0.4: 5.6 against a target of 8.5 is 0.15; no target over 1.5·ECw reaches it.
        assertThat(answer("leaching", "ecWater", 5.6, "eceTarget", 8.5).answer())
                .containsEntry("practical", true);
        assertThat(reasons("leaching", "ecWater", 5.6, "eceTarget", 8.5)).doesNotContain("water-too-salt");
    }

    // Drains

    @Test
    void hooghoudts_example_is_25_9_metres() {
        assertThat(number("spacingM", "drains")).isCloseTo(25.9, within(0.05));
    }

    @Test
    void the_spacing_satisfies_the_formula_it_was_solved_from() {
        Draws.each(60, draw -> {
            double k = draw.from(0.05, 5);
            double barrier = draw.from(1, 15);
            double discharge = draw.from(2, 20);

            Object[] changes = {"kAbove", k, "kBelow", k, "barrierDepth", barrier, "dischargeMmPerDay", discharge};
            double spacing = number("spacingM", "drains", changes);
            double depth = number("equivalentDepthM", "drains", changes);
            assertThat(depth).isLessThanOrEqualTo(barrier);
            double squared = (8 * k * depth * 0.6 + 4 * k * 0.36) / (discharge / 1000);
            assertThat(spacing * spacing).isCloseTo(squared, within(2 * spacing * 0.001));
        });
    }

    @Test
    void drains_keep_off_the_tight_layer_tight_soil_and_sulphide() {
        assertThat(refusals("drains", "barrierDepth", 0.19)).containsExactly("/barrierDepth out-of-range");
        assertThat(refusals("drains", "barrierDepth", 0.2)).isEmpty();
        assertThat(refusals("drains", "kAbove", 0.001, "kBelow", 0.001, "h", 0.1, "dischargeMmPerDay", 50))
                .containsExactly("/dischargeMmPerDay no-spacing");
        assertThat(refusals("drains", "lowOrPeatLand", true, "sulphideSigns", true))
                .containsExactly("/sulphideSigns sulphide-first");
        assertThat(refusals("drains", "lowOrPeatLand", true)).isEmpty();
        assertThat(refusals("drains", "sulphideSigns", true)).isEmpty();
    }

    // Organic matter

    @Test
    void the_least_of_what_is_allowed_is_spread_in_a_year() {
        assertThat(number("perYearTPerHa", "organic-matter")).isEqualTo(50);
        assertThat(number("perYearTPerHa", "organic-matter", "mostTPerHaYear", 30))
                .isEqualTo(30);
        assertThat(number("perYearTPerHa", "organic-matter", "omTarget", 1.81))
                .isEqualTo(number("freshTPerHa", "organic-matter", "omTarget", 1.81));
        assertThat(number("totalNKgPerHaYear", "organic-matter", "carbonToNitrogen", 10))
                .isCloseTo(170, within(1e-9));
        assertThat(number("years", "organic-matter", "omTarget", 1.81)).isEqualTo(1);
    }

    @Test
    void over_ten_years_is_not_practical() {
        assertThat(answer("organic-matter", "omTarget", 3.59).answer())
                .containsEntry("practical", true)
                .containsEntry("years", 8.0);
        assertThat(answer("organic-matter", "omTarget", 4.2).answer()).containsEntry("practical", false);
        assertThat(reasons("organic-matter", "omTarget", 4.2)).contains("too-long");
        assertThat(refusals("organic-matter", "omTarget", 1.8)).containsExactly("/omTarget nothing-to-do");
    }

    @Test
    void nitrogen_is_freed_bridged_or_too_much_locked_up() {
        assertThat(reasons("organic-matter")).containsExactly("compost-first");
        assertThat(reasons("organic-matter", "carbonToNitrogen", 22)).containsExactly("bridge");
        assertThat(reasons("organic-matter", "carbonToNitrogen", 20)).doesNotContain("bridge", "compost-first");
        assertThat(number("nitrogenKgPerHaYear", "organic-matter", "carbonToNitrogen", 20))
                .isCloseTo(0, within(1e-6));
        assertThat(number("nitrogenKgPerHaYear", "organic-matter", "carbonToNitrogen", 12))
                .isPositive();
    }

    // Spread

    @Test
    void where_some_draws_need_nothing_the_answer_says_in_how_many() {
        Remedy.Answer got = answer("gypsum", "espTarget", 21.5, "spread", Map.of("espNow", 1));
        assertThat(got.because()).extracting(Remedy.Reason::code).contains("nothing-in-some");
        assertThat(got.ranges()).containsKey("tPerHa").doesNotContainKey("soilMassTPerHa");
    }

    @Test
    void where_a_pan_would_end_above_its_hardest_depth_the_readings_are_said_not_to_go_together() {
        Remedy.Answer got = answer(
                "compaction", "panPeakCm", 28.5, "panBaseCm", 30, "spread", Map.of("panPeakCm", 3, "panBaseCm", 1));
        assertThat(got.because())
                .extracting(Remedy.Reason::code)
                .contains("unfit-in-some")
                .doesNotContain("nothing-in-some");
    }

    @Test
    void a_spread_alone_of_one_number_makes_the_range_of_a_normal_draw() {
        Remedy.Answer got = answer("gypsum", "spread", Map.of("espNow", 1));
        double perPoint = number("tPerHa", "gypsum") / 16;
        Remedy.Range range = got.ranges().get("tPerHa");
        // Nine of ten lie within 1.645 points either way.
        assertThat(range.low()).isCloseTo((16 - 1.645) * perPoint, within(0.25 * perPoint));
        assertThat(range.high()).isCloseTo((16 + 1.645) * perPoint, within(0.25 * perPoint));
    }

    @Test
    void draws_stay_inside_the_fields_range() {
        Remedy.Answer got = answer("gypsum", "purityPercent", 100, "spread", Map.of("purityPercent", 20));
        assertThat(got.ranges().get("tPerHa").low())
                .isCloseTo(number("tPerHa", "gypsum", "purityPercent", 100), within(1e-9));
    }
}
