package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import morphotera.measure.Methods;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LiftTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "conditions",
                "season",
                "water",
                "salt-hides",
                "moist-crumbs",
                "not-presoaked",
                "dry-hole",
                "estimated",
                "young",
                "approximate",
                "contradiction",
                "clay-not-settled",
                "hours",
                "char",
                "too-coarse"
            })
    void every_warning_says_which_test_lifts_it_and_how(String reason) {
        Lift lift = Lift.of(reason, "slaking");
        assertThat(Methods.find(lift.method())).isPresent();
        assertThat(lift.text()).endsWith(".");
    }

    @Test
    void mostly_it_is_the_same_test_again_and_sometimes_another() {
        assertThat(Lift.of("conditions", "penetration").method()).isEqualTo("penetration");
        assertThat(Lift.of("contradiction", "texture-feel").method()).isEqualTo("texture-jar");
        assertThatThrownBy(() -> Lift.of("mood", "slaking")).hasMessageContaining("mood");
    }
}
