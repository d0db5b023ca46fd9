package morphotera.measure.methods;

import static morphotera.Tables.evaluate;
import static morphotera.measure.methods.Reading.of;
import static morphotera.measure.methods.Results.flags;
import static morphotera.measure.methods.Results.refusals;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import morphotera.measure.Evaluation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DispersionTest {
    private static Map<String, Object> crumb(String at10, String at30, String at120) {
        return of("cloudAt10", at10, "cloudAt30", at30, "cloudAt120", at120);
    }

    private static Map<String, Object> dish(Object... crumbs) {
        return of("water", "rain", "crumbs", List.of(crumbs));
    }

    @ParameterizedTest
    @CsvSource({
        "none,,,100", "faint,,,50", "strong,,,10",
        "none,none,,100", "none,faint,,75", "none,strong,,40",
        "faint,faint,,50", "faint,strong,,25", "strong,strong,,5",
        "none,none,none,100", "none,none,faint,85", "none,none,strong,55",
        "none,faint,strong,50", "faint,faint,strong,25", "strong,strong,strong,5",
        "none,,strong,55", "faint,,faint,50"
    })
    void each_crumb_is_scored_by_its_looks(String at10, String at30, String at120, double score) {
        assertThat(evaluate("dispersion", Map.of(), dish(crumb(at10, at30, at120)))
                        .score())
                .isEqualTo(score);
    }

    @Test
    void a_cloud_that_clears_is_refused() {
        assertThat(refusals("dispersion", dish(crumb("faint", "none", null), crumb("none", "strong", "faint"))))
                .containsExactly("/reading/crumbs/0/cloudAt30 backward", "/reading/crumbs/1/cloudAt120 backward");
        assertThat(refusals("dispersion", dish(crumb("strong", null, "faint"))))
                .containsExactly("/reading/crumbs/0/cloudAt120 backward");
    }

    @Test
    void tap_water_and_salty_soil_prove_nothing() {
        Map<String, Object> tap = dish(crumb("none", null, null));
        tap.put("water", "tap");
        assertThat(flags(evaluate("dispersion", Map.of("ece", 4), tap)))
                .containsExactlyInAnyOrder("water", "salt-hides");
        Evaluation rain = evaluate("dispersion", Map.of("ece", 3.9), dish(crumb("none", null, null)));
        assertThat(flags(rain)).isEmpty();
        assertThat(rain.counts("score")).isTrue();
    }
}
