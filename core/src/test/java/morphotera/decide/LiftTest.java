package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.Stream;
import morphotera.measure.Evaluation;
import morphotera.measure.methods.Methods;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LiftTest {
    /** Every warning that any method has words for, and the two that are raised for all. */
    static Stream<String> warnings() {
        return Stream.concat(
                        Methods.ALL.stream()
                                .flatMap(method -> method.description().words().keySet().stream())
                                .filter(Evaluation::isWarning),
                        Stream.of("conditions", "too-coarse"))
                .distinct();
    }

    @ParameterizedTest
    @MethodSource("warnings")
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
