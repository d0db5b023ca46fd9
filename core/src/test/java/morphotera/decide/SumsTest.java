package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.ground.Refused;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What each sum says at its edges, and the laws they hold to. */
class SumsTest {
    /** The remedy's example with some of it changed; null takes a value out. */
    private static Map<String, Object> input(String remedy, Object... changes) {
        Map<String, Object> input = new LinkedHashMap<>(
                Remedies.find(remedy).orElseThrow().description().example());
        for (int i = 0; i < changes.length; i += 2) {
            if (changes[i + 1] == null) {
                input.remove((String) changes[i]);
            } else {
                input.put((String) changes[i], changes[i + 1]);
            }
        }
        return input;
    }

    private static Remedy.Answer answer(String remedy, Object... changes) {
        return Remedy.calculate(Remedies.find(remedy).orElseThrow(), input(remedy, changes));
    }

    private static double number(String key, String remedy, Object... changes) {
        return (Double) answer(remedy, changes).answer().get(key);
    }

    private static List<String> reasons(String remedy, Object... changes) {
        return answer(remedy, changes).because().stream().map(Remedy.Said::code).toList();
    }

    private static List<String> refusals(String remedy, Object... changes) {
        try {
            answer(remedy, changes);
            return List.of();
        } catch (Refused refused) {
            return refused.refusals().stream()
                    .map(one -> one.path() + " " + one.code())
                    .toList();
        }
    }

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

    @Property(tries = 40)
    void half_of_the_soil_is_washed_by_half_of_the_water_and_never_by_less_than_fills_it(
            @ForAll @DoubleRange(min = 3.4, max = 10.5) double target) {
        double water = number("waterMm", "leaching", "eceTarget", target);
        assertThat(water).isGreaterThanOrEqualTo(0.3 * 600);
        assertThat(number("waterMm", "leaching", "eceTarget", target, "depthMm", 300))
                .isCloseTo(water / 2, within(1e-9));
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
        assertThat(got.because()).extracting(Remedy.Said::code).containsExactly("cannot-work");
    }

    @Test
    void a_fizz_class_is_reckoned_at_both_ends_and_asks_a_laboratory_where_they_straddle() {
        Remedy.Answer none = answer("sulphur", "carbonatePercent", null, "fizz", "none");
        assertThat(none.answer()).containsEntry("practical", null).containsEntry("carbonateLowKgPerHa", 0.0);
        assertThat(none.because()).extracting(Remedy.Said::code).containsExactly("laboratory-first");
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

    @Property(tries = 60)
    void two_half_falls_of_sodium_need_the_gypsum_of_one_whole(@ForAll @DoubleRange(min = 7, max = 21) double between) {
        assertThat(number("tPerHa", "gypsum", "espTarget", between) + number("tPerHa", "gypsum", "espNow", between))
                .isCloseTo(number("tPerHa", "gypsum"), within(1e-9));
    }

    @Property(tries = 60)
    void half_the_purity_doubles_the_product_and_not_the_water(
            @ForAll @DoubleRange(min = 20, max = 100) double purity) {
        assertThat(number("tPerHa", "gypsum", "purityPercent", purity / 2))
                .isCloseTo(2 * number("tPerHa", "gypsum", "purityPercent", purity), within(1e-9));
        assertThat(number("waterToDissolveMm", "gypsum", "purityPercent", purity / 2))
                .isCloseTo(number("waterToDissolveMm", "gypsum", "purityPercent", purity), within(1e-9));
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

    @Property(tries = 60)
    void the_spacing_satisfies_the_formula_it_was_solved_from(
            @ForAll @DoubleRange(min = 0.05, max = 5) double k,
            @ForAll @DoubleRange(min = 1, max = 15) double barrier,
            @ForAll @DoubleRange(min = 2, max = 20) double discharge) {
        Object[] changes = {"kAbove", k, "kBelow", k, "barrierDepth", barrier, "dischargeMmPerDay", discharge};
        double spacing = number("spacingM", "drains", changes);
        double depth = number("equivalentDepthM", "drains", changes);
        assertThat(depth).isLessThanOrEqualTo(barrier);
        double squared = (8 * k * depth * 0.6 + 4 * k * 0.36) / (discharge / 1000);
        assertThat(spacing * spacing).isCloseTo(squared, within(2 * spacing * 0.001));
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

    // Water and nitrogen in season

    @Test
    void water_is_given_by_what_roots_can_reach_and_no_faster_than_ground_takes_it() {
        assertThat(number("heldMm", "irrigation")).isCloseTo(50.4, within(1e-9));
        assertThat(number("readilyMm", "irrigation")).isCloseTo(25.2, within(1e-9));
        assertThat(number("daysBetween", "irrigation")).isCloseTo(5.04, within(1e-9));
        assertThat(number("highestRateMmPerH", "irrigation")).isEqualTo(12);
        assertThat(answer("irrigation").answer()).containsEntry("pulse", false);
        assertThat(answer("irrigation", "intakeMmPerH", 9.9).answer()).containsEntry("pulse", true);
        assertThat(reasons("irrigation", "intakeMmPerH", 10)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"coarse,14,5", "medium,14,3", "fine,14,2", "fine,7.9,5", "fine,8,2"})
    void a_soil_that_holds_less_gets_more_dressings(String group, double cec, double dressings) {
        assertThat(number("dressings", "fertiliser-split", "textureGroup", group, "cec", cec))
                .isEqualTo(dressings);
        assertThat(number("kgEach", "fertiliser-split", "textureGroup", group, "cec", cec))
                .isCloseTo(140 / dressings, within(1e-9));
    }

    @Test
    void why_it_is_split_is_said() {
        assertThat(reasons("fertiliser-split")).containsExactly("texture");
        assertThat(reasons("fertiliser-split", "cec", 5)).containsExactly("low-cec");
        assertThat(number("dressings", "fertiliser-split", "nitrogenKgPerHa", 150, "cec", null))
                .isEqualTo(3);
    }

    // Rain garden

    @ParameterizedTest
    @CsvSource({"5.9,refused,0.1", "6,amend,0.1", "12.9,amend,0.1548", "13,fits,0.156", "100,fits,0.3"})
    void a_rain_garden_goes_by_the_soils_rate(double k, String verdict, double depth) {
        Remedy.Answer got = answer("rain-garden", "wallK", k);
        assertThat(got.answer()).containsEntry("verdict", verdict);
        assertThat((Double) got.answer().get("pondingM")).isCloseTo(depth, within(1e-9));
        assertThat(got.because()).extracting(Remedy.Said::code).containsExactly(verdict);
    }

    @Test
    void a_rain_garden_keeps_its_distances() {
        assertThat(refusals("rain-garden", "buildingM", 4.9, "wellM", 29.9, "septicM", 14.9))
                .containsExactly("/buildingM too-near", "/wellM too-near", "/septicM too-near");
        assertThat(refusals("rain-garden", "buildingM", 5, "wellM", 30, "septicM", 15))
                .isEmpty();
    }

    // Lists

    @SuppressWarnings("unchecked")
    private static List<CoverCrop.Ranked> crops(Object... changes) {
        return (List<CoverCrop.Ranked>) answer("cover-crop", changes).answer().get("crops");
    }

    @Test
    void cover_crops_in_season_come_first_and_the_best_of_them_at_the_head() {
        List<CoverCrop.Ranked> ranked = crops();
        assertThat(ranked.get(0).inSeason()).isTrue();
        assertThat(ranked.stream().map(CoverCrop.Ranked::inSeason).toList().lastIndexOf(true))
                .isLessThan(
                        ranked.stream().map(CoverCrop.Ranked::inSeason).toList().indexOf(false));
        for (int i = 1; i < ranked.size(); i++) {
            if (ranked.get(i).inSeason() == ranked.get(i - 1).inSeason()) {
                assertThat(ranked.get(i).servesPercent())
                        .isLessThanOrEqualTo(ranked.get(i - 1).servesPercent());
            }
        }
        assertThat(reasons("cover-crop")).containsExactly("best");
    }

    @Test
    void what_cannot_live_in_salt_or_acid_is_left_out() {
        assertThat(crops("limits", List.of("salt")))
                .extracting(CoverCrop.Ranked::crop)
                .doesNotContain("phacelia");
        assertThat(crops("limits", List.of("acid")))
                .extracting(CoverCrop.Ranked::crop)
                .doesNotContain("lucerne");
        assertThat(crops("limits", List.of("nitrogen")))
                .extracting(CoverCrop.Ranked::crop)
                .doesNotContain("oats");
        assertThat(crops("limits", List.of("salt", "salt"))).isEqualTo(crops("limits", List.of("salt")));
        assertThat(crops("limits", List.of("salt")).stream()
                        .filter(one -> one.crop().equals("barley"))
                        .findFirst()
                        .orElseThrow()
                        .servesPercent())
                .isEqualTo(100);
    }

    @Test
    void the_south_sows_half_a_year_later() {
        for (int month = 1; month <= 12; month++) {
            int later = (month + 5) % 12 + 1;
            assertThat(crops("sowingMonth", later, "hemisphere", "south"))
                    .isEqualTo(crops("sowingMonth", month, "hemisphere", "north"));
        }
    }

    @Test
    void in_the_depth_of_winter_the_list_is_for_another_month() {
        assertThat(reasons("cover-crop", "sowingMonth", 1)).containsExactly("out-of-season");
    }

    @Test
    @SuppressWarnings("unchecked")
    void tolerant_crops_are_those_of_the_salt_table_best_first() {
        List<TolerantCrop.Kept> kept =
                (List<TolerantCrop.Kept>) answer("tolerant-crop").answer().get("crops");
        assertThat(kept).hasSize(22);
        assertThat(kept.get(0).crop()).isEqualTo("barley");
        assertThat(kept.get(0).relativeYieldPercent()).isEqualTo(100);
        assertThat(kept.get(21).relativeYieldPercent()).isZero();
        assertThat(answer("tolerant-crop").because().get(0).text()).startsWith("7 of 22");
        assertThat(answer("tolerant-crop", "ece", 40).because().get(0).text()).startsWith("No crop");
    }

    @Test
    @SuppressWarnings("unchecked")
    void a_sample_asks_each_thing_once_and_adds_up_its_price() {
        Remedy.Answer got =
                answer("sampling-laboratory", "causes", List.of("acid-topsoil", "acid-subsoil", "sodicity"));
        List<SamplingLaboratory.Ask> asks =
                (List<SamplingLaboratory.Ask>) got.answer().get("asks");
        assertThat(asks).doesNotHaveDuplicates().hasSize(5);
        assertThat((Double) got.answer().get("cost"))
                .isEqualTo(
                        asks.stream().mapToDouble(SamplingLaboratory.Ask::cost).sum());
        assertThat(got.because()).hasSize(5);
    }

    // Spread

    @Test
    void where_some_draws_need_nothing_the_answer_says_in_how_many() {
        Remedy.Answer got = answer("gypsum", "espTarget", 21.5, "spread", Map.of("espNow", 1));
        assertThat(got.because()).extracting(Remedy.Said::code).contains("nothing-in-some");
        assertThat(got.ranges()).containsKey("tPerHa").doesNotContainKey("soilMassTPerHa");
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
