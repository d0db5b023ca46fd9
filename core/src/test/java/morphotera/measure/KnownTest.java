package morphotera.measure;

import static morphotera.Tables.evaluate;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
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

    private static Taken at(Double depthCm, Evaluation done) {
        return Taken.at("spot", new Cell(null, depthCm, null, null, 1), done);
    }

    private static Known of(Evaluation... all) {
        return Known.of(
                "dispersion", Arrays.stream(all).map(one -> at(null, one)).toList());
    }

    @Test
    void the_newest_reading_tells_and_a_laboratory_before_a_meter() {
        assertThat(of(salt(3, "paste"), salt(5, "paste"), ph(6.2))).isEqualTo(new Known(6.2, 5.0, null, null));
        Evaluation sheet = evaluate(
                "laboratory",
                Map.of(),
                Map.of("ece", 1.5, "clayPercent", 31, "ph", Map.of("value", 7, "basis", "water")));
        assertThat(of(sheet, salt(5, "paste"), ph(6.2))).isEqualTo(new Known(7.0, 1.5, null, 31.0));
    }

    @Test
    void a_value_that_was_not_found_or_carries_a_warning_tells_nothing() {
        assertThat(of(salt(3, "paste"), salt(5, "1:5")).ece()).isEqualTo(3.0);
        assertThat(of(evaluate(
                                "salinity",
                                Map.of("texture", "loam"),
                                Map.of("ec", 3, "compensated", true, "ratio", "in-place")))
                        .ece())
                .isNull();
        assertThat(of()).isEqualTo(Known.NOTHING);
        assertThat(Known.isGivenBy("ph")).isTrue();
        assertThat(Known.isGivenBy("slaking")).isFalse();
    }

    @Test
    void the_jar_tells_the_texture_before_the_hand_and_the_topsoil_before_what_lies_below() {
        Evaluation feel = evaluate("texture-feel", Map.of(), Map.of("ball", false, "ribbonMm", 0, "feel", "gritty"));
        Evaluation loam = jar(40, 40, 20);
        Evaluation clay = jar(20, 20, 60);
        assertThat(of(feel).texture()).isEqualTo("sand");
        assertThat(Known.of("salinity", List.of(at(5.0, feel), at(45.0, clay), at(5.0, loam)))
                        .texture())
                .isEqualTo("loam");
        assertThat(of(loam, feel).clayPercent()).isEqualTo(20);
    }

    @Test
    void a_method_tells_itself_nothing_and_what_others_rest_on_comes_first() {
        assertThat(Known.of("ph", List.of(at(null, ph(6.2))))).isEqualTo(Known.NOTHING);
        assertThat(Known.order("texture-jar")).isLessThan(Known.order("laboratory"));
        assertThat(Known.order("salinity")).isLessThan(Known.order("dispersion"));
    }

    private static Evaluation jar(double sand, double silt, double clay) {
        return evaluate(
                "texture-jar",
                Map.of(),
                Map.of(
                        "baseMm",
                        0,
                        "sandTopMm",
                        sand,
                        "siltTopMm",
                        sand + silt,
                        "clayTopMm",
                        sand + silt + clay,
                        "waterHeightMm",
                        150,
                        "clayMarkedAfterHours",
                        48));
    }
}
