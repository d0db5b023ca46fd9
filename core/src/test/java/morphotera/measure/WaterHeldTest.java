package morphotera.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import morphotera.Draws;
import morphotera.ground.TextureTriangle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WaterHeldTest {
    /** Saxton and Rawls 2006, table 3: twelve classes at 2.5 % organic matter, percent of volume and mm/h. */
    @ParameterizedTest
    @CsvSource({
        "sand,88,5,5,10,46,108.1", "loamy sand,80,5,5,12,46,96.7", "sandy loam,65,10,8,18,45,50.3",
        "loam,40,20,14,28,46,15.5", "silt loam,20,15,11,31,48,16.1", "silt,10,5,6,30,48,22.0",
        "sandy clay loam,60,25,17,27,43,11.3", "clay loam,30,35,22,36,48,4.3", "silty clay loam,10,35,22,38,51,5.7",
        "sandy clay,50,40,25,36,44,1.4", "silty clay,10,45,27,41,52,3.7", "clay,25,50,30,42,50,1.1"
    })
    void each_class_holds_what_the_source_prints(
            String name, double sand, double clay, double wilting, double capacity, double saturation, double k) {
        WaterHeld got = WaterHeld.of(new TextureTriangle.Shares(sand, 100 - sand - clay, clay), 2.5);
        assertThat(100 * got.wiltingPoint()).as(name).isCloseTo(wilting, within(0.51));
        assertThat(100 * got.fieldCapacity()).as(name).isCloseTo(capacity, within(0.51));
        assertThat(100 * got.saturation()).as(name).isCloseTo(saturation, within(0.51));
        assertThat(got.conductivityMmPerH()).as(name).isCloseTo(k, within(0.06));
    }

    @Test
    void wilting_lies_under_capacity_and_capacity_under_saturation() {
        Draws.each(200, draw -> {
            double clay = draw.from(0, 60);
            double ofTheRest = draw.from(0, 1);
            double organicMatter = draw.from(0.5, 8);

            double sand = (100 - clay) * ofTheRest;
            WaterHeld got =
                    WaterHeld.of(new TextureTriangle.Shares(sand, Math.max(0, 100 - sand - clay), clay), organicMatter);
            assertThat(got.wiltingPoint()).isLessThan(got.fieldCapacity());
            assertThat(got.available(0)).isPositive();
            assertThat(got.available(0.4)).isCloseTo(0.6 * got.available(0), within(1e-12));
        });
    }

    @Test
    void beyond_sixty_percent_clay_or_eight_of_organic_matter_it_is_silent() {
        assertThat(WaterHeld.knows(60, 8)).isTrue();
        assertThat(WaterHeld.knows(60.1, 8)).isFalse();
        assertThat(WaterHeld.knows(60, 8.1)).isFalse();
        assertThat(WaterHeld.knows(-1, 2)).isFalse();
        assertThat(WaterHeld.knows(20, -1)).isFalse();
        assertThatThrownBy(() -> WaterHeld.of(new TextureTriangle.Shares(0, 35, 65), 2))
                .hasMessageContaining("65");
    }
}
