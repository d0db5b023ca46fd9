package morphotera.measure;

import static morphotera.Tables.evaluate;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class KnownTest {
    private static Evaluation salt(double ec, String ratio) {
        return evaluate("salinity", Map.of(), Map.of("ec", ec, "compensated", true, "ratio", ratio));
    }

    private static Evaluation ph(double value) {
        return evaluate(
                "ph", Map.of(), Map.of("points", List.of(Map.of("depthCm", 5, "value", value, "basis", "water"))));
    }

    @Test
    void the_newest_reading_tells_and_a_laboratory_before_a_meter() {
        assertThat(Known.of(List.of(salt(3, "paste"), salt(5, "paste"), ph(6.2))))
                .isEqualTo(new Known(6.2, 5.0));
        Evaluation sheet =
                evaluate("laboratory", Map.of(), Map.of("ece", 1.5, "ph", Map.of("value", 7, "basis", "water")));
        assertThat(Known.of(List.of(sheet, salt(5, "paste"), ph(6.2)))).isEqualTo(new Known(7.0, 1.5));
    }

    @Test
    void a_value_that_was_not_found_tells_nothing() {
        assertThat(Known.of(List.of(salt(3, "paste"), salt(5, "1:5")))).isEqualTo(new Known(null, 3.0));
        assertThat(Known.of(List.of())).isEqualTo(new Known(null, null));
        assertThat(Known.isGivenBy("ph")).isTrue();
        assertThat(Known.isGivenBy("slaking")).isFalse();
    }
}
