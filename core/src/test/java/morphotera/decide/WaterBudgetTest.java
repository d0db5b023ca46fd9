package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.BadInput;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.junit.jupiter.api.Test;

class WaterBudgetTest {
    private static Map<String, Object> input(Object... changes) {
        Map<String, Object> input = new LinkedHashMap<>(WaterBudget.EXAMPLE);
        for (int i = 0; i < changes.length; i += 2) {
            if (changes[i + 1] == null) {
                input.remove((String) changes[i]);
            } else {
                input.put((String) changes[i], changes[i + 1]);
            }
        }
        return input;
    }

    private static List<Refusal> refused(Map<String, ?> input) {
        try {
            WaterBudget.of(input);
            return List.of();
        } catch (Refused refused) {
            return new ArrayList<>(refused.refusals());
        }
    }

    private static List<String> refusals(Object... changes) {
        return refused(input(changes)).stream()
                .map(one -> one.path() + " " + one.code())
                .toList();
    }

    @Test
    void a_pan_at_28_centimetres_costs_what_the_soil_below_it_holds() {
        // Loam, 40 % sand and 20 % clay: 0.2796 − 0.1370 of the volume, less a tenth of stones.
        WaterBudget got = WaterBudget.of(input("texture", null, "sand", 40, "clay", 20));
        assertThat(got.nowMm()).isCloseTo(0.1426 * 0.9 * 280, within(0.05));
        assertThat(got.expectedMm()).isCloseTo(0.1426 * 0.9 * 600, within(0.1));
        assertThat(got.gainMm()).isCloseTo(got.expectedMm() - got.nowMm(), within(1e-9));
        assertThat(got.daysNow()).isCloseTo(got.nowMm() / 4, within(1e-9));
        assertThat(got.gainDays()).isCloseTo(got.gainMm() / 4, within(1e-9));
        assertThat(got.availableMmPer10Cm()).isCloseTo(12.83, within(0.01));
        assertThat(got.saturatedKMmPerH()).isCloseTo(15.5, within(0.05));
    }

    @Test
    void roots_deeper_than_expected_gain_nothing_and_lose_nothing() {
        WaterBudget got = WaterBudget.of(input("rootDepthCm", 70));
        assertThat(got.gainMm()).isZero();
        assertThat(got.gainDays()).isZero();
        assertThat(got.nowMm()).isGreaterThan(got.expectedMm());
    }

    @Test
    void organic_matter_lets_a_soil_hold_more_and_stones_less() {
        double plain = WaterBudget.of(input()).availableMmPer10Cm();
        assertThat(WaterBudget.of(input("organicMatterPercent", 6)).availableMmPer10Cm())
                .isGreaterThan(plain);
        assertThat(WaterBudget.of(input("stonePercent", 55)).availableMmPer10Cm())
                .isCloseTo(plain / 2, within(1e-9));
    }

    @Test
    void texture_is_measured_or_named_and_within_reach_of_the_sum() {
        assertThat(refusals("texture", null)).containsExactly("/texture missing");
        assertThat(refusals("texture", null, "sand", 40)).containsExactly("/texture missing");
        assertThat(refusals("sand", 60, "clay", 41)).containsExactly("/clay sum-over-100");
        assertThat(refusals("sand", 5, "clay", 61)).containsExactly("/clay out-of-range");
        assertThat(refusals("texture", "clay")).containsExactly("/texture out-of-range");
        assertThat(refusals("sand", 99.98, "clay", 0.02)).isEmpty();
        assertThat(refusals("sand", 40, "clay", 60)).isEmpty();
    }

    @Test
    void everything_wrong_is_refused_at_its_own_place() {
        new BadInput(WaterBudget.FIELDS, "", WaterBudgetTest::refused).isRefused();
    }
}
