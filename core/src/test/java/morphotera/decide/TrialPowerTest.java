package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.stream.Stream;
import morphotera.Tables;
import morphotera.ground.StudentT;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Strips beside strips: how surely they would show what a remedy promises. */
class TrialPowerTest {
    private static final TrialPower.Noise USUAL = new TrialPower.Noise(9, 8, 5);

    static Stream<JsonNode> worked() {
        return Tables.contractsAbout("trial power");
    }

    @ParameterizedTest
    @MethodSource("worked")
    void the_power_is_as_worked(JsonNode one) {
        TrialPower.Noise noise = new TrialPower.Noise(
                one.get("spotSd").asDouble(),
                one.get("observerSpread").asDouble(),
                one.get("stripSd").asDouble());
        int replicates = one.get("replicates").asInt();
        double difference = one.get("difference").asDouble();
        assertThat(TrialPower.power(replicates, one.get("spotsPerStrip").asInt(), difference, noise))
                .isCloseTo(one.get("power").asDouble(), within(1e-7));
        assertThat(TrialPower.of(replicates, difference, noise).spotsPerStrip())
                .isEqualTo(one.get("spotsPerStrip").asInt());
    }

    @Test
    void four_pairs_of_strips_show_twenty_points_with_two_spots_each() {
        TrialPower found = TrialPower.of(4, 20, USUAL);
        assertThat(found.spotsPerStrip()).isEqualTo(2);
        assertThat(found.power()).isCloseTo(0.836, within(5e-4));
        assertThat(found.differenceAt80()).isCloseTo(18.9, within(0.05));
        assertThat(found.replicatesNeeded()).isEqualTo(3);
    }

    @Test
    void a_small_promise_is_shown_by_no_number_of_strips() {
        TrialPower found = TrialPower.of(3, 1, USUAL);
        assertThat(found.spotsPerStrip()).isEqualTo(10);
        assertThat(found.power()).isLessThan(0.2);
        assertThat(found.replicatesNeeded()).isNull();
    }

    @Test
    void without_a_difference_one_trial_of_ten_seems_to_show_one() {
        assertThat(TrialPower.power(5, 3, 0, USUAL)).isCloseTo(0.10, within(1e-7));
    }

    @Test
    void the_power_is_the_share_of_simulated_trials_that_find_it() {
        Random chance = new Random(11);
        int replicates = 4;
        int spots = 3;
        double difference = 15;
        double limit = StudentT.quantile(replicates - 1, 0.95);
        int trials = 60_000;
        int found = 0;
        for (int trial = 0; trial < trials; trial++) {
            double[] blocks = new double[replicates];
            for (int i = 0; i < replicates; i++) {
                blocks[i] = difference + strip(chance, spots) - strip(chance, spots);
            }
            double mean = java.util.Arrays.stream(blocks).average().orElseThrow();
            double squares = java.util.Arrays.stream(blocks)
                    .map(one -> (one - mean) * (one - mean))
                    .sum();
            double sd = Math.sqrt(squares / (replicates - 1));
            found += Math.abs(mean) > limit * sd / Math.sqrt(replicates) ? 1 : 0;
        }
        assertThat((double) found / trials)
                .isCloseTo(TrialPower.power(replicates, spots, difference, USUAL), within(0.01));
    }

    private static double strip(Random chance, int spots) {
        double sum = 0;
        for (int i = 0; i < spots; i++) {
            sum += 9 * chance.nextGaussian();
        }
        return 5 * chance.nextGaussian() + sum / spots;
    }
}
