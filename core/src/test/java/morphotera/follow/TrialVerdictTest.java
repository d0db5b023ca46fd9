package morphotera.follow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import morphotera.Tables;
import morphotera.ground.StudentT;
import morphotera.measure.Cell;
import morphotera.measure.Taken;
import morphotera.measure.methods.Methods;
import org.junit.jupiter.api.Test;

/** Treated strips against strips left as they are, block by block. */
class TrialVerdictTest {
    private static Taken ph(String spot, double value) {
        Map<String, Object> entered = Map.of("points", List.of(Map.of("depthCm", 5, "value", value, "basis", "water")));
        Cell cell = Cell.of(Methods.find("ph").orElseThrow().description(), null, 1, entered);
        return Taken.at(spot, cell, Tables.evaluate("ph", Map.of(), entered));
    }

    private static TrialVerdict.Strip strip(int treatment, int block, double... phs) {
        List<Taken> readings = new ArrayList<>();
        for (int i = 0; i < phs.length; i++) {
            readings.add(ph(block + "/" + treatment + "/" + i, phs[i]));
        }
        return new TrialVerdict.Strip(treatment, block, readings);
    }

    @Test
    void limed_strips_that_rose_in_every_block_are_better() {
        List<TrialVerdict.OfMethod> verdicts = TrialVerdict.of(List.of(
                strip(0, 0, 5.0, 5.1), strip(1, 0, 6.2, 6.3),
                strip(0, 1, 4.9, 5.0), strip(1, 1, 6.1, 6.3),
                strip(0, 2, 5.1, 5.2), strip(1, 2, 6.4, 6.4)));
        assertThat(verdicts).singleElement().satisfies(one -> {
            assertThat(one.method()).isEqualTo("ph");
            assertThat(one.blocks()).hasSize(3);
            assertThat(one.verdict()).isEqualTo(TrialVerdict.Verdict.BETTER);
            assertThat(one.low()).isPositive();
            assertThat(one.spotsPerStrip()).isEqualTo(2);
        });
    }

    @Test
    void blocks_that_disagree_say_nothing_clear() {
        assertThat(TrialVerdict.of(List.of(
                        strip(0, 0, 5.0), strip(1, 0, 6.2),
                        strip(0, 1, 6.0), strip(1, 1, 5.1),
                        strip(0, 2, 5.5), strip(1, 2, 5.6))))
                .singleElement()
                .satisfies(one -> assertThat(one.verdict()).isEqualTo(TrialVerdict.Verdict.NO_CLEAR_DIFFERENCE));
    }

    @Test
    void one_block_cannot_tell() {
        assertThat(TrialVerdict.of(List.of(strip(0, 0, 5.0), strip(1, 0, 6.2))))
                .singleElement()
                .satisfies(one -> {
                    assertThat(one.verdict()).isEqualTo(TrialVerdict.Verdict.ONE_BLOCK);
                    assertThat(one.low()).isNull();
                    assertThat(one.stripSd()).isNull();
                });
    }

    @Test
    void a_treated_strip_without_its_neighbour_counts_in_nothing() {
        assertThat(TrialVerdict.of(List.of(strip(0, 0, 5.0), strip(1, 1, 6.2)))).isEmpty();
        assertThat(TrialVerdict.of(List.of(strip(1, 0, 5.0), strip(2, 0, 6.2)))).isEmpty();
    }

    @Test
    void each_of_two_treatments_is_held_against_what_was_left_alone() {
        assertThat(TrialVerdict.of(List.of(
                        strip(0, 0, 5.0),
                        strip(1, 0, 6.2),
                        strip(2, 0, 5.0),
                        strip(0, 1, 5.0),
                        strip(1, 1, 6.2),
                        strip(2, 1, 5.0))))
                .extracting(TrialVerdict.OfMethod::treatment, one -> Math.round(one.difference()) == 0)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(1, false), org.assertj.core.groups.Tuple.tuple(2, true));
    }

    @Test
    void blocks_that_agree_by_chance_are_no_surer_than_the_eye() {
        TrialVerdict.OfMethod one = TrialVerdict.of(List.of(
                        strip(0, 0, 5.0), strip(1, 0, 5.3),
                        strip(0, 1, 5.0), strip(1, 1, 5.3),
                        strip(0, 2, 5.0), strip(1, 2, 5.3)))
                .get(0);
        // A meter's reading: 4 points of spread, one spot a strip, three blocks.
        double half = StudentT.quantile(2, 0.95) * Math.sqrt(2 * 16 / 3.0);
        assertThat(one.high() - one.difference()).isCloseTo(half, within(1e-9));
    }

    @Test
    void nine_of_ten_intervals_hold_what_the_treatment_did() {
        Random chance = new Random(4);
        int held = 0;
        int trials = 400;
        for (int i = 0; i < trials; i++) {
            List<TrialVerdict.Strip> strips = new ArrayList<>();
            for (int block = 0; block < 5; block++) {
                double ground = 5.2 + 0.2 * chance.nextGaussian();
                strips.add(strip(0, block, ground + 0.1 * chance.nextGaussian()));
                strips.add(strip(1, block, ground + 0.1 * chance.nextGaussian()));
            }
            TrialVerdict.OfMethod one = TrialVerdict.of(strips).get(0);
            if (one.low() <= 0 && one.high() >= 0) {
                held++;
            }
        }
        assertThat(held / (double) trials).isBetween(0.87, 0.995);
    }
}
