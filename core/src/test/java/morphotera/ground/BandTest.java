package morphotera.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class BandTest {
    @Test
    void a_band_begins_at_its_limit() {
        assertThat(Band.of(75)).isEqualTo(Band.THRIVING);
        assertThat(Band.of(74.99)).isEqualTo(Band.HOLDING);
        assertThat(Band.of(50)).isEqualTo(Band.HOLDING);
        assertThat(Band.of(25)).isEqualTo(Band.SLIPPING);
        assertThat(Band.of(0)).isEqualTo(Band.SPENT);
    }

    @Test
    void a_score_that_is_no_number_is_a_programmers_mistake() {
        assertThatThrownBy(() -> Band.of(Double.NaN)).hasMessageContaining("NaN");
        assertThatThrownBy(() -> Band.of(101)).hasMessageContaining("101");
    }

    @Test
    void a_word_that_is_not_known_names_those_that_are() {
        assertThatThrownBy(() -> Coded.of(Moisture.values(), "damp")).hasMessageContaining("dry, moist, wet");
    }
}
