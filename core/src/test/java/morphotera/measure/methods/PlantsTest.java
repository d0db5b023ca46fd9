package morphotera.measure.methods;

import static morphotera.Tables.evaluate;
import static morphotera.measure.methods.Reading.of;
import static morphotera.measure.methods.Results.flags;
import static morphotera.measure.methods.Results.refusals;
import static morphotera.measure.methods.Results.value;
import static morphotera.measure.methods.Results.values;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import morphotera.measure.Evaluation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The look of the plants, their sap and their yield. */
class PlantsTest {
    private static final Map<String, Object> SWARD =
            of("greenPercent", 70, "deadPercent", 15, "legumePercent", 20, "weedPercent", 5, "species", 5);

    @Test
    void each_use_reads_the_parts_that_speak_of_it() {
        assertThat(values(look("pasture"), "partScore")).containsExactly(65.0, 75.0, 70.0, 85.0, 70.0);
        assertThat(values(look("turf"), "partScore")).containsExactly(65.0, 85.0);
        assertThat(values(look("arable"), "partScore")).containsExactly(85.0);
        assertThat(look("pasture").score()).isCloseTo(73, within(1e-9));
    }

    private static Evaluation look(String use) {
        return evaluate("plant-look", Map.of("use", use), SWARD);
    }

    @Test
    void stand_and_growth_are_scored_anywhere() {
        assertThat(evaluate("plant-look", Map.of(), of("evenness", "patchy", "growth", "strong"))
                        .score())
                .isEqualTo(80);
        assertThat(evaluate("plant-look", Map.of(), of("evenness", "bare-patches", "growth", "weak"))
                        .score())
                .isEqualTo(20);
        assertThat(evaluate("plant-look", Map.of(), of("evenness", "even", "growth", "fair"))
                        .score())
                .isEqualTo(80);
    }

    @Test
    void what_is_not_scored_here_says_why() {
        Evaluation unknown = evaluate("plant-look", Map.of(), of("greenPercent", 70));
        assertThat(unknown.score()).isNull();
        assertThat(flags(unknown)).containsExactly("needs-use");
        Evaluation arable = evaluate("plant-look", Map.of("use", "arable"), of("greenPercent", 70));
        assertThat(arable.score()).isNull();
        assertThat(flags(arable)).isEmpty();
        Evaluation leaf = evaluate("plant-look", Map.of(), of("leaf", "purple"));
        assertThat(leaf.score()).isNull();
        assertThat(flags(leaf)).isEmpty();
        assertThat(refusals("plant-look", Map.of())).containsExactly("/reading missing");
    }

    @ParameterizedTest
    @CsvSource({
        "green,none",
        "pale-old,nitrogen",
        "pale-young,sulphur",
        "yellow-between-veins-old,magnesium",
        "yellow-between-veins-young,iron or manganese",
        "purple,phosphorus",
        "scorched-edge,potassium or salt"
    })
    void a_leaf_names_the_usual_shortage(String leaf, String shortage) {
        Evaluation got = evaluate("plant-look", Map.of(), of("leaf", leaf));
        assertThat(got.words()).containsEntry("leaf", leaf).containsEntry("shortage", shortage);
        assertThat(got.because().stream().anyMatch(said -> said.code().equals("shortage")))
                .isEqualTo(!shortage.equals("none"));
    }

    @Test
    void sap_has_three_scores_and_none_as_a_whole() {
        Evaluation got = evaluate("sap", Map.of(), of("brix", 8, "ph", 6.1, "ecMsPerCm", 3, "plant", "weed"));
        assertThat(value(got, "brixScore")).isEqualTo(55);
        assertThat(value(got, "phScore")).isCloseTo(80, within(1e-6));
        assertThat(value(got, "ecScore")).isEqualTo(80);
        assertThat(got.score()).isNull();
        assertThat(got.words()).containsEntry("plant", "weed");
        assertThat(value(evaluate("sap", Map.of(), of("ph", 7.0)), "phScore")).isCloseTo(50, within(1e-6));
        assertThat(refusals("sap", of("plant", "crop"))).containsExactly("/reading missing");
    }

    @Test
    void yield_is_held_against_the_best_zone_and_is_a_hundred_at_most() {
        Evaluation got = evaluate("yield", Map.of(), of("tPerHa", 6.3, "year", 2031, "bestTPerHa", 8.4));
        assertThat(got.score()).isCloseTo(75, within(1e-9));
        assertThat(value(got, "ofBest")).isCloseTo(0.75, within(1e-9));
        assertThat(evaluate("yield", Map.of(), of("tPerHa", 9, "year", 2031, "bestTPerHa", 8.4))
                        .score())
                .isEqualTo(100);
    }
}
