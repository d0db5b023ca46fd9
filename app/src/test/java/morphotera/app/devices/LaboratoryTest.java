package morphotera.app.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** The laboratory's stand-in: slow, nearly right, and never in a real practice. */
class LaboratoryTest {
    private static final Instant SENT = Instant.parse("2031-05-14T12:00:00Z");
    private static final List<String> ALL = List.of(
            "ph",
            "phosphorus",
            "potassium",
            "magnesium",
            "organic-matter",
            "clay",
            "exchange",
            "salinity",
            "carbonate",
            "microbial-carbon");

    private final Laboratory laboratory = new SimulatedLaboratory();

    private static Laboratory.Bag bag(long id, Map<String, Double> read) {
        return new Laboratory.Bag(new UUID(0x7000L + id, id * 7919), 47.6, -29.1, 0, 15, ALL, read, SENT);
    }

    private Map<String, Object> figures(Laboratory.Bag bag) {
        return laboratory
                .sheet(bag, SENT.plus(Duration.ofDays(9)))
                .orElseThrow()
                .figures();
    }

    @Test
    void it_takes_three_days_at_least_and_six_at_most_and_is_silent_until_then() {
        for (long id = 1; id <= 50; id++) {
            Laboratory.Bag bag = bag(id, Map.of());
            Instant likely = laboratory.likely(bag);
            assertThat(Duration.between(SENT, likely)).isBetween(Duration.ofDays(3), Duration.ofDays(6));
            assertThat(laboratory.sheet(bag, likely.minusSeconds(1))).isEmpty();
            assertThat(laboratory.sheet(bag, likely)).isPresent();
        }
    }

    @Test
    void asked_again_it_says_the_same_and_of_two_bags_of_one_soil_nearly_the_same() {
        Map<String, Double> read = Map.of("ph", 6.3, "clayPercent", 14.0, "ece", 0.8);
        assertThat(figures(bag(1, read))).isEqualTo(figures(bag(1, read)));
        double one = (Double) figures(bag(1, read)).get("p");
        double other = (Double) figures(bag(2, read)).get("p");
        assertThat(other).isCloseTo(one, within(one * 0.4));
        assertThat(figures(bag(1, read))).isNotEqualTo(figures(bag(2, read)));
    }

    @Test
    void what_was_read_in_the_field_is_its_truth() {
        Map<String, Object> sheet = figures(bag(3, Map.of("ph", 8.2, "clayPercent", 48.0, "ece", 6.0)));
        assertThat((Double) ((Map<?, ?>) sheet.get("ph")).get("value")).isCloseTo(8.2, within(0.4));
        assertThat((Double) sheet.get("clayPercent")).isCloseTo(48, within(10.0));
        assertThat((Double) sheet.get("carbonatePercent"))
                .as("so high a pH has carbonate under it")
                .isPositive();
        double sodium = (Double) sheet.get("na") / (Double) sheet.get("cec");
        assertThat(sodium).as("salt brings sodium").isGreaterThan(0.08);
    }

    @Test
    void a_real_practice_has_no_stand_ins() {
        assertThat(new Laboratories(false).connected()).isEmpty();
        assertThat(new CameraRoll(false).all()).isEmpty();
        assertThat(new CameraRoll(false).take("sandy-jar")).isEmpty();
        assertThat(new Laboratories(true).connected().orElseThrow().isStandIn()).isTrue();
    }
}
