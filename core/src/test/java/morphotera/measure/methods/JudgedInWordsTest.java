package morphotera.measure.methods;

import static morphotera.Tables.evaluate;
import static morphotera.measure.methods.Reading.of;
import static morphotera.measure.methods.Results.flags;
import static morphotera.measure.methods.Results.refusals;
import static morphotera.measure.methods.Results.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import morphotera.measure.Evaluation;
import morphotera.measure.Grade;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Methods whose reading is a word or two: slump, squeeze, carbonate, smell, finger stain, colour. */
class JudgedInWordsTest {
    @ParameterizedTest
    @CsvSource({"keeps,0,100", "keeps,1,70", "sags,0.5,55.25", "pancakes,0,30", "splatters,1,3.5"})
    void a_clod_scores_by_how_it_stands_less_what_it_lost(String shape, double lost, double score) {
        Evaluation got = evaluate("slump", Map.of(), of("shape", shape, "lostShare", lost));
        assertThat(got.score()).isCloseTo(score, within(1e-9));
        assertThat(value(got, "kept")).isCloseTo(1 - lost, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"none,falls-apart", "breaks-at-touch,fit", "dents,too-wet", "stays,too-wet"})
    void a_squeezed_ball_tells_whether_the_soil_is_fit_to_work(String ball, String fit) {
        Evaluation got = evaluate("squeeze", Map.of(), of("ball", ball));
        assertThat(got.words()).containsEntry("fit", fit);
        assertThat(got.score()).isNull();
    }

    @ParameterizedTest
    @CsvSource({
        "none,0,0,0.5,1",
        "hiss,3,1,5,1",
        "bubbles,10,6,15,1",
        "foam,20,16,25,1",
        "thick-foam,33,26,40,2",
        "boils,45,40,100,2"
    })
    void acid_tells_carbonate_with_the_ends_of_its_class(
            String reaction, double percent, double low, double high, int reasons) {
        Evaluation got = evaluate("carbonate-fizz", Map.of(), of("reaction", reaction));
        assertThat(value(got, "percent")).isEqualTo(percent);
        assertThat(value(got, "low")).isEqualTo(low);
        assertThat(value(got, "high")).isEqualTo(high);
        assertThat(got.because()).hasSize(reasons);
    }

    @Test
    void the_dangers_of_acid_stand_before_the_first_step() {
        assertThat(Methods.find("carbonate-fizz").orElseThrow().description().cautions())
                .anyMatch(text -> text.contains("never near bleach"))
                .anyMatch(text -> text.contains("15 minutes"));
        assertThat(Methods.find("root-pit").orElseThrow().description().cautions())
                .anyMatch(text -> text.contains("head or chest below the rim"));
    }

    @ParameterizedTest
    @CsvSource({"earthy,100", "none,50", "sour,0"})
    void smell_is_scored_and_kept_as_a_word(String smell, double score) {
        Evaluation got = evaluate("smell", Map.of(), of("smell", smell));
        assertThat(got.score()).isEqualTo(score);
        assertThat(got.words()).containsEntry("smell", smell);
        assertThat(got.because()).extracting(Evaluation.Reason::code).containsExactly(smell);
    }

    @ParameterizedTest
    @CsvSource({"none,20", "light,60", "dark,100"})
    void a_stain_is_a_first_look_of_grade_c(String stain, double score) {
        Evaluation got = evaluate("finger-stain", Map.of(), of("stain", stain));
        assertThat(got.score()).isEqualTo(score);
        assertThat(got.grade()).isEqualTo(Grade.C);
        assertThat(got.words()).containsEntry("stain", stain);
    }

    private static Map<String, Object> colours(double field, double reference) {
        return of(
                "field",
                of("hue", "10YR", "value", field, "chroma", 3),
                "reference",
                of("hue", "7.5YR", "value", reference, "chroma", 2.5));
    }

    @ParameterizedTest
    @CsvSource({"4,3,1,25,paler", "3,3,0,75,alike", "3,3.5,-0.5,87.5,darker", "5.5,3,2.5,0,paler"})
    void paler_than_the_reference_scores_lower(
            double field, double reference, double paler, double score, String reason) {
        Evaluation got = evaluate("soil-colour", Map.of(), colours(field, reference));
        assertThat(value(got, "paler")).isEqualTo(paler);
        assertThat(got.score()).isEqualTo(score);
        assertThat(got.because()).extracting(Evaluation.Reason::code).containsExactly(reason);
    }

    @Test
    void a_colour_has_a_hue_of_the_chart_and_halves_at_most() {
        Map<String, Object> odd = colours(4.25, 3);
        odd.put("reference", of("hue", "12YR", "value", 3, "chroma", 1.3));
        assertThat(refusals("soil-colour", odd))
                .containsExactlyInAnyOrder(
                        "/reading/field/value not-half",
                        "/reading/reference/hue unknown-word",
                        "/reading/reference/chroma not-half");
        for (String hue : new String[] {"green", "YR", "10.1YR", "10GY", ""}) {
            Map<String, Object> reading = colours(4, 3);
            reading.put("field", of("hue", hue, "value", 4, "chroma", 3));
            assertThat(refusals("soil-colour", reading)).as(hue).hasSize(1);
        }
        for (String hue : new String[] {"2.5Y", "5R", "10YR", "0YR"}) {
            Map<String, Object> reading = colours(4, 3);
            reading.put("field", of("hue", hue, "value", 4, "chroma", 3));
            assertThat(refusals("soil-colour", reading)).as(hue).isEmpty();
        }
    }

    @Test
    void none_of_them_raises_a_flag_by_itself() {
        assertThat(flags(evaluate("smell", Map.of(), of("smell", "sour")))).isEmpty();
        assertThat(flags(evaluate("slump", Map.of(), of("shape", "sags", "lostShare", 0))))
                .isEmpty();
    }

    @Test
    void acid_pits_and_polluted_ground_are_heeded_before_anything_else() {
        assertThat(Methods.ALL.stream()
                        .filter(method -> method.description().heedFirst())
                        .map(method -> method.description().id()))
                .containsExactlyInAnyOrder("carbonate-fizz", "root-pit", "smell");
        assertThat(Methods.ALL.stream().filter(method -> method.description().heedFirst()))
                .allSatisfy(
                        method -> assertThat(method.description().cautions()).isNotEmpty());
    }
}
