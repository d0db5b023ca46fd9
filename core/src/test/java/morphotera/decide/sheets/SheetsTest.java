package morphotera.decide.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.decide.Remedy;
import morphotera.decide.remedies.Remedies;
import morphotera.ground.TextureClass;
import org.junit.jupiter.api.Test;

/** Tables as they ship, and a practice's own in their places. */
class SheetsTest {
    private static List<String> refused(String table, Sheet.Row... rows) {
        return Sheets.SHIPPED.sheet(table).refusals(List.of(rows)).stream()
                .map(one -> one.path() + " " + one.code())
                .toList();
    }

    private static Sheet.Row row(String key, Double... values) {
        List<Double> all = new ArrayList<>();
        java.util.Collections.addAll(all, values);
        return new Sheet.Row(key, all);
    }

    @Test
    void every_table_that_ships_would_be_taken() {
        assertThat(Sheets.SHIPPED.all()).hasSize(5).allSatisfy(sheet -> {
            assertThat(sheet.refusals(sheet.rows())).isEmpty();
            assertThat(sheet.source()).isNotBlank();
        });
    }

    @Test
    void water_is_known_of_every_texture_and_loam_holds_more_than_sand() {
        for (TextureClass texture : TextureClass.values()) {
            assertThat(Sheets.SHIPPED.availableMmPer10Cm(texture.word())).isBetween(3.0, 30.0);
        }
        assertThat(Sheets.SHIPPED.availableMmPer10Cm("loam")).isCloseTo(14.3, within(1.0));
        assertThat(Sheets.SHIPPED.availableMmPer10Cm("sand")).isLessThan(Sheets.SHIPPED.availableMmPer10Cm("loam"));
        assertThat(Sheets.SHIPPED.availableMmPer10Cm(null)).isNull();
    }

    @Test
    void what_is_wrong_with_a_row_is_said_at_its_place() {
        assertThat(refused(Sheets.SALT, row("Barley", 8.0, 5.0))).containsExactly("/rows/0/key not-a-word");
        assertThat(refused(Sheets.SALT, row("barley", 8.0, 5.0), row("barley", 8.0, 5.0)))
                .containsExactly("/rows/1/key twice");
        assertThat(refused(Sheets.SALT, row("barley", 8.0))).containsExactly("/rows/0/values too-few");
        assertThat(refused(Sheets.SALT, row("barley", null, 5.0))).containsExactly("/rows/0/values/0 missing");
        assertThat(refused(Sheets.SALT, row("barley", 80.0, Double.NaN)))
                .containsExactly("/rows/0/values/0 out-of-range", "/rows/0/values/1 missing");
        assertThat(refused(Sheets.COVER_CROPS, row("rye", 8.5, 11.0, 2.0, 2.0, 2.0, 3.0, 3.0, 0.0)))
                .containsExactly("/rows/0/values/0 not-whole");
        assertThat(refused(Sheets.PH_BUFFER, row("peat", 0.9, 0.01))).containsExactly("/rows unknown-word");
        assertThat(refused(Sheets.SALT)).containsExactly("/rows too-many");
    }

    private static Map<String, Object> answer(String remedy, Map<String, List<Sheet.Row>> own) {
        Remedy one = Remedies.find(remedy).orElseThrow();
        return Remedy.calculate(one, one.description().example(), Sheets.SHIPPED.with(own))
                .answer();
    }

    @Test
    void sums_go_by_the_practices_own_table() {
        double shipped = (Double) answer("lime", Map.of()).get("pureTPerHa");
        double twice = (Double) answer("lime", Map.of(Sheets.PH_BUFFER, List.of(row("soil", 1.91, 0.022))))
                .get("pureTPerHa");
        assertThat(twice).isCloseTo(2 * shipped, within(1e-9));
        assertThat((List<?>) answer("tolerant-crop", Map.of(Sheets.SALT, List.of(row("samphire", 15.0, 3.0))))
                        .get("crops"))
                .hasSize(1);
        assertThat((List<?>) answer(
                                "cover-crop",
                                Map.of(
                                        Sheets.COVER_CROPS,
                                        List.of(row("chicory", 7.0, 9.0, 1.0, 3.0, 2.0, 1.0, 1.0, 0.0))))
                        .get("crops"))
                .hasSize(1);
    }

    @Test
    void what_a_doubt_would_shrink_to_is_known_for_each_input() {
        Remedy lime = Remedies.find("lime").orElseThrow();
        Map<String, Object> input =
                new java.util.LinkedHashMap<>(lime.description().example());
        input.put("spread", Map.of("phNow", 0.3, "organicCarbonPercent", 0.2));
        Remedy.Answer answer = Remedy.calculate(lime, input);
        Remedy.Range all = answer.ranges().get("productTPerHa");
        assertThat(answer.narrowed()).containsOnlyKeys("phNow", "organicCarbonPercent");
        answer.narrowed()
                .values()
                .forEach(left -> assertThat(left.high() - left.low()).isLessThan(all.high() - all.low()));
        // pH carries most of the doubt here: known, least is left.
        assertThat(answer.narrowed().keySet().iterator().next()).isEqualTo("phNow");
    }
}
