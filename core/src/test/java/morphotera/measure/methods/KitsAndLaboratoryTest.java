package morphotera.measure.methods;

import static morphotera.Tables.evaluate;
import static morphotera.measure.methods.Reading.of;
import static morphotera.measure.methods.Results.flags;
import static morphotera.measure.methods.Results.refusals;
import static morphotera.measure.methods.Results.value;
import static morphotera.measure.methods.Results.values;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import morphotera.Draws;
import morphotera.measure.Cell;
import morphotera.measure.Evaluation;
import morphotera.measure.Group;
import morphotera.measure.KitChart;
import morphotera.measure.Taken;
import morphotera.read.FieldScores;
import morphotera.read.School;
import org.junit.jupiter.api.Test;

class KitsAndLaboratoryTest {
    private static final KitChart CHART = new KitChart(
            "Made-up jar kit",
            "mg CO2-C per kg and day",
            List.of(new KitChart.Step(4, "yellow"), new KitChart.Step(10, "green"), new KitChart.Step(30, "blue")));

    @Test
    void a_kit_is_the_mean_of_what_was_read_and_names_the_lowest() {
        Evaluation got = evaluate("nutrient-kit", Map.of(), of("n", "low", "k", "surplus"));
        assertThat(got.score()).isEqualTo(60);
        assertThat(value(got, "nScore")).isEqualTo(30);
        assertThat(value(got, "kScore")).isEqualTo(90);
        assertThat(value(got, "lowest")).isEqualTo(30);
        assertThat(got.measures()).noneMatch(measure -> measure.key().equals("pScore"));
        assertThat(flags(got)).isEmpty();
    }

    @Test
    void too_much_nitrogen_is_carried_down() {
        Evaluation got = evaluate("nutrient-kit", Map.of(), of("n", "surplus", "p", "surplus"));
        assertThat(got.score()).isEqualTo(72.5);
        assertThat(flags(got)).containsExactly("leaching");
        assertThat(evaluate("nutrient-kit", Map.of(), of("p", "depleted")).score())
                .isZero();
        assertThat(refusals("nutrient-kit", of("n", null))).containsExactly("/reading missing");
    }

    @Test
    void between_two_printed_steps_a_value_lies_between_theirs() {
        assertThat(CHART.at(1)).isEqualTo(4);
        assertThat(CHART.at(1.5)).isEqualTo(7);
        assertThat(CHART.at(2)).isEqualTo(10);
        assertThat(CHART.at(2.25)).isEqualTo(15);
        assertThat(CHART.at(3)).isEqualTo(30);
        assertThatThrownBy(() -> CHART.at(3.1)).hasMessageContaining("1 to 3");
        assertThatThrownBy(() -> CHART.at(0.9)).hasMessageContaining("1 to 3");
        assertThatThrownBy(() -> new KitChart("one", "x", List.of(new KitChart.Step(1, null))))
                .hasMessageContaining("two steps");
    }

    @Test
    void a_chart_that_rises_never_falls() {
        Draws.each(50, draw -> {
            double position = draw.from(1, 2.99);

            assertThat(CHART.at(position + 0.01)).isGreaterThan(CHART.at(position));
        });
    }

    private static Map<String, Object> jar(double value, String unit, double hours, double celsius) {
        return of("value", value, "unit", unit, "hours", hours, "prep", "field-moist", "jarTemperatureC", celsius);
    }

    private static Map<String, Object> chart(double... steps) {
        return of(
                "name",
                "Made-up jar kit",
                "quantity",
                "mg",
                "steps",
                Arrays.stream(steps).mapToObj(step -> of("value", step)).toList());
    }

    @Test
    void a_jar_is_brought_to_a_day_at_twenty_degrees() {
        assertThat(value(evaluate("respiration", Map.of(), jar(24, "mgCO2C-kg", 24, 20)), "at20C"))
                .isEqualTo(24);
        assertThat(value(evaluate("respiration", Map.of(), jar(24, "mgCO2C-kg", 24, 30)), "at20C"))
                .isEqualTo(12);
        assertThat(value(evaluate("respiration", Map.of(), jar(24, "mgCO2C-kg", 18, 20)), "at20C"))
                .isEqualTo(32);
    }

    @Test
    void dried_and_moist_soil_have_curves_of_their_own() {
        Map<String, Object> moist = jar(30, "mgCO2C-kg", 24, 20);
        Map<String, Object> rewetted = jar(30, "mgCO2C-kg", 24, 20);
        rewetted.put("prep", "rewetted");
        assertThat(evaluate("respiration", Map.of(), moist).score()).isEqualTo(100);
        assertThat(evaluate("respiration", Map.of(), rewetted).score()).isCloseTo(43.75, within(1e-9));
    }

    @Test
    void other_than_a_day_in_the_jar_is_no_evidence() {
        assertThat(flags(evaluate("respiration", Map.of(), jar(24, "mgCO2C-kg", 17.9, 20))))
                .containsExactly("hours");
        assertThat(flags(evaluate("respiration", Map.of(), jar(24, "mgCO2C-kg", 27.1, 20))))
                .containsExactly("hours");
        assertThat(flags(evaluate("respiration", Map.of(), jar(24, "mgCO2C-kg", 18, 20))))
                .isEmpty();
        assertThat(flags(evaluate("respiration", Map.of(), jar(24, "mgCO2C-kg", 27, 20))))
                .isEmpty();
    }

    @Test
    void a_kits_step_is_read_by_the_kits_own_chart() {
        Map<String, Object> kit = jar(2.5, "kit", 24, 20);
        kit.put("kitChart", chart(4, 10, 30));
        assertThat(value(evaluate("respiration", Map.of(), kit), "at20C")).isEqualTo(20);
        kit.put("value", 3.5);
        assertThat(refusals("respiration", kit)).containsExactly("/reading/value out-of-range");
        kit.put("value", 2);
        kit.put("kitChart", chart(4, 30, 10));
        assertThat(refusals("respiration", kit)).containsExactly("/reading/kitChart/steps/2/value backward");
        kit.put("kitChart", chart(4, 4));
        assertThat(refusals("respiration", kit)).containsExactly("/reading/kitChart/steps/1/value backward");
        kit.put("kitChart", chart(30, 10, 4));
        assertThat(refusals("respiration", kit)).isEmpty();
        kit.remove("kitChart");
        assertThat(refusals("respiration", kit)).containsExactly("/reading/kitChart missing");
        Map<String, Object> trap = jar(24, "mgCO2C-kg", 24, 20);
        trap.put("kitChart", chart(4, 10));
        assertThat(refusals("respiration", trap)).containsExactly("/reading/kitChart not-here");
    }

    @Test
    void char_makes_a_card_of_microbes_unsure() {
        Evaluation got = evaluate("microbial-mass", Map.of(), of("microgramsCPerG", 250, "charWithinSixMonths", true));
        assertThat(got.score()).isEqualTo(55);
        assertThat(flags(got)).containsExactly("char");
        assertThat(flags(evaluate("microbial-mass", Map.of(), of("microgramsCPerG", 250))))
                .isEmpty();
    }

    @Test
    void a_laboratory_scores_what_it_has_a_curve_for() {
        Evaluation got = evaluate(
                "laboratory",
                Map.of(),
                of(
                        "ph", of("value", 5.7, "basis", "cacl2"),
                        "p", 16,
                        "pExtract", "bicarbonate",
                        "k", 60,
                        "cec", 20,
                        "na", 1.2,
                        "ece", 4));
        assertThat(value(got, "ph")).isCloseTo(6.5, within(1e-9));
        assertThat(value(got, "pScore")).isEqualTo(60);
        assertThat(value(got, "kScore")).isEqualTo(30);
        assertThat(value(got, "lowest")).isEqualTo(30);
        assertThat(value(got, "esp")).isCloseTo(6, within(1e-9));
        // pH 100, phosphorus 60, potassium 30, sodicity 60, salinity 60.
        assertThat(got.score()).isCloseTo(62, within(1e-9));
        assertThat(value(got, "cec")).isEqualTo(20);
    }

    @Test
    void another_extract_is_shown_and_not_scored() {
        Evaluation got = evaluate("laboratory", Map.of(), of("p", 5, "pExtract", "other"));
        assertThat(value(got, "p")).isEqualTo(5);
        assertThat(got.score()).isNull();
        assertThat(got.because()).extracting(Evaluation.Reason::code).containsExactly("other-extract");
    }

    @Test
    void cations_are_shares_of_the_exchange_in_their_order() {
        Evaluation got =
                evaluate("laboratory", Map.of(), of("cec", 20, "ca", 12, "mgExchangeable", 3, "kExchangeable", 1));
        assertThat(values(got, "baseShare")).containsExactly(60.0, 15.0, 5.0);
        assertThat(got.score()).isNull();
        assertThat(evaluate("laboratory", Map.of(), of("ca", 12)).measures()).isEmpty();
    }

    @Test
    void carbon_is_held_against_clay_and_scores_in_a_group_of_its_own() {
        Evaluation got = evaluate(
                "laboratory", Map.of(), of("organicMatterPercent", 3.448, "clayPercent", 20, "microbialCarbon", 400));
        assertThat(value(got, "organicCarbon")).isCloseTo(2, within(1e-9));
        assertThat(value(got, "carbonToClay")).isCloseTo(0.1, within(1e-9));
        assertThat(value(got, "carbonScore")).isCloseTo(60, within(1e-6));
        assertThat(value(got, "microbialShare")).isCloseTo(2, within(1e-9));
        assertThat(got.score()).isNull();
        FieldScores field = FieldScores.of(List.of(Taken.at("1", Cell.PLAIN, got)), School.BALANCED, null);
        assertThat(field.methods()).singleElement().satisfies(row -> {
            assertThat(row.method()).isEqualTo("laboratory-carbon");
            assertThat(row.group()).isEqualTo(Group.CARBON);
            assertThat(row.mean()).isCloseTo(60, within(1e-6));
        });
        assertThat(Methods.nameOf("laboratory-carbon")).isEqualTo("Carbon to clay");
        assertThat(Methods.nameOf("laboratory")).isEqualTo("Laboratory sample");
        assertThat(Methods.giving("laboratory-carbon").id()).isEqualTo("laboratory");
        assertThatThrownBy(() -> Methods.giving("nothing")).hasMessageContaining("nothing");
    }

    @Test
    void carbon_to_clay_is_judged_at_ten_to_sixty_percent_clay() {
        for (double clay : new double[] {9.9, 60.1}) {
            Evaluation got = evaluate("laboratory", Map.of(), of("organicMatterPercent", 3, "clayPercent", clay));
            assertThat(flags(got)).containsExactly("outside");
            assertThat(got.measures()).noneMatch(measure -> measure.key().equals("carbonScore"));
        }
        for (double clay : new double[] {10, 60}) {
            assertThat(flags(evaluate("laboratory", Map.of(), of("organicMatterPercent", 3, "clayPercent", clay))))
                    .isEmpty();
        }
        // Without a figure of its own the field's clay is taken; without both nothing is said.
        assertThat(value(
                        evaluate("laboratory", Map.of("clayPercent", 20), of("organicMatterPercent", 3)),
                        "carbonToClay"))
                .isPositive();
        assertThat(evaluate("laboratory", Map.of(), of("organicMatterPercent", 0, "microbialCarbon", 10))
                        .measures())
                .extracting(Evaluation.Measure::key)
                .containsExactly("organicCarbon");
    }

    @Test
    void a_sheet_has_one_figure_at_least_and_says_by_which_way() {
        assertThat(refusals("laboratory", of("methodText", "as usual", "depthCm", 10)))
                .containsExactly("/reading missing");
        assertThat(refusals("laboratory", of("ph", of("value", 6)))).containsExactly("/reading/ph/basis missing");
        assertThat(refusals("laboratory", of("p", 20))).containsExactly("/reading/pExtract missing");
        assertThat(refusals("laboratory", of("carbonatePercent", 3))).isEmpty();
    }
}
