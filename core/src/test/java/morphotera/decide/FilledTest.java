package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import morphotera.decide.Advice.Known;
import morphotera.decide.remedies.Remedies;
import morphotera.decide.sheets.Sheets;
import morphotera.ground.TextureGroup;
import morphotera.measure.Site;
import org.junit.jupiter.api.Test;

/** What a sum is filled in with, so that nobody types what was read or said already. */
class FilledTest extends ZoneRead {
    private static final Site.Zone WHOLE = new Site.Zone("z", "whole field", "main", null, null);

    private static Site field(Boolean coastal, Double clay) {
        return new Site(
                "arable",
                "loam",
                clay,
                "wheat",
                null,
                "humid",
                coastal,
                12.0,
                null,
                null,
                null,
                "balanced",
                47.6,
                List.of(WHOLE),
                List.of(),
                List.of());
    }

    private Known of(Site site, String remedy, String entry) {
        return Filled.of(Remedies.ALL, facts(), site, WHOLE, TextureGroup.MEDIUM, Sheets.SHIPPED)
                .get(remedy)
                .get(entry);
    }

    @Test
    void drains_on_reclaimed_land_ask_for_the_sulphide_test_without_being_told() {
        assertThat(of(field(true, null), "drains", "lowOrPeatLand").value()).isEqualTo(1);
        assertThat(of(field(false, null), "drains", "lowOrPeatLand").value()).isZero();
        assertThat(of(field(null, null), "drains", "lowOrPeatLand"))
                .as("nobody said: the sum asks")
                .isNull();
    }

    @Test
    void a_laboratorys_clay_comes_before_what_was_said_of_the_field() {
        assertThat(of(field(null, 22.0), "lime", "clayPercent").value()).isEqualTo(22);
        read("1", "laboratory", Map.of(), Map.of("clayPercent", 31));
        Known known = of(field(null, 22.0), "lime", "clayPercent");
        assertThat(known.value()).isEqualTo(31);
        assertThat(known.readings()).hasSize(1);
    }

    @Test
    void a_rain_garden_knows_how_near_the_building_is_and_says_nothing_of_a_well_nobody_named() {
        assertThat(of(field(null, null), "rain-garden", "buildingM").value()).isEqualTo(12);
        assertThat(of(field(null, null), "rain-garden", "wellM")).isNull();
    }
}
