package morphotera.decide.remedies;

import static morphotera.decide.remedies.Examples.answer;
import static morphotera.decide.remedies.Examples.number;
import static morphotera.decide.remedies.Examples.reasons;
import static morphotera.decide.remedies.Examples.refusals;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import morphotera.decide.Remedy;
import morphotera.decide.sheets.CoverCrops;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sums for a season or a place, and the lists that rank crops and tests. */
class SeasonSumsTest {
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
        assertThat(got.because()).extracting(Remedy.Reason::code).containsExactly(verdict);
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
    private static List<CoverCrops.Ranked> crops(Object... changes) {
        return (List<CoverCrops.Ranked>) answer("cover-crop", changes).answer().get("crops");
    }

    @Test
    void cover_crops_in_season_come_first_and_the_best_of_them_at_the_head() {
        List<CoverCrops.Ranked> ranked = crops();
        assertThat(ranked.get(0).inSeason()).isTrue();
        assertThat(ranked.stream().map(CoverCrops.Ranked::inSeason).toList().lastIndexOf(true))
                .isLessThan(ranked.stream()
                        .map(CoverCrops.Ranked::inSeason)
                        .toList()
                        .indexOf(false));
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
                .extracting(CoverCrops.Ranked::crop)
                .doesNotContain("phacelia");
        assertThat(crops("limits", List.of("acid")))
                .extracting(CoverCrops.Ranked::crop)
                .doesNotContain("lucerne");
        assertThat(crops("limits", List.of("nitrogen")))
                .extracting(CoverCrops.Ranked::crop)
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
}
