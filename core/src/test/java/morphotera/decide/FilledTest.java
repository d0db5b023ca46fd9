package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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
        return new Filled(judged(), site, WHOLE, TextureGroup.MEDIUM, Sheets.SHIPPED, 8)
                .of(Remedies.ALL)
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

    @Test
    void a_cover_crop_knows_the_half_of_the_world_the_month_and_what_limits_the_ground() {
        for (String spot : List.of("1", "2", "3")) {
            read(spot, "salinity", Map.of("texture", "loam", "use", "arable"), paste(9, 10));
            read(spot, "salinity", Map.of("texture", "loam", "use", "arable"), paste(9, 35));
        }
        Site field = field(null, null);
        assertThat(of(field, "cover-crop", "limits").words()).containsExactly("salt");
        assertThat(of(field, "cover-crop", "hemisphere").words()).containsExactly("north");
        assertThat(of(field, "cover-crop", "sowingMonth").value()).isEqualTo(8);
        assertThat(of(field, "leaching", "textureGroup").words()).containsExactly("medium");
    }

    @Test
    void a_laboratory_is_asked_for_the_causes_that_stand_open_and_that_it_can_settle() {
        assertThat(of(field(null, null), "sampling-laboratory", "causes"))
                .as("nothing was looked at")
                .isNull();
        phAtSpots("water", 4.6, 4.6, 4.7);
        assertThat(of(field(null, null), "sampling-laboratory", "causes").words())
                .contains("acid-topsoil")
                .doesNotContain("compacted-pan");
    }

    @Test
    void organic_matter_now_is_a_laboratorys_carbon_and_what_hangs_on_it() {
        read("1", "laboratory", Map.of(), Map.of("organicMatterPercent", 3.4));
        assertThat(of(field(null, null), "organic-matter", "omNow").value()).isEqualTo(3.4, within(1e-9));
    }
}
