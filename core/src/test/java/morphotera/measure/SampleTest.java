package morphotera.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.Tables;
import org.junit.jupiter.api.Test;

/** What the bag's way to the laboratory, and what was spread before, take from a result. */
class SampleTest {
    private static final Map<String, Object> KIT = Map.of("n", "low", "p", "adequate");
    private static final Map<String, Object> FIELD_MOIST =
            Map.of("value", 20, "unit", "mgCO2C-kg", "hours", 24, "prep", "field-moist", "jarTemperatureC", 20);

    private static Map<String, Object> told(double takenHour, Double cooledHour, Double handedHour, String... dressed) {
        Map<String, Object> context = new LinkedHashMap<>(Map.of("moisture", "moist", "daysSinceRain", 2));
        new Sample("a", "main", "A", takenHour, cooledHour, handedHour, List.of(dressed)).tell(context);
        return context;
    }

    private static List<String> flags(Evaluation done) {
        return done.flags().stream()
                .map(flag -> flag.code() + " " + flag.level().word())
                .toList();
    }

    @Test
    void two_days_on_the_way_are_not_too_long_and_four_hours_not_too_warm() {
        assertThat(flags(Tables.evaluate("nutrient-kit", told(0, 4.0, 48.0), KIT)))
                .isEmpty();
    }

    @Test
    void nitrate_changes_in_the_bag_and_phosphorus_keeps() {
        Evaluation done = Tables.evaluate("nutrient-kit", told(0, 1.0, 49.0), KIT);
        assertThat(flags(done)).containsExactly("kept-long warning");
        assertThat(done.hollow()).containsExactly("n", "nScore");
    }

    @Test
    void what_was_handed_over_within_four_hours_needs_no_cooling() {
        assertThat(flags(Tables.evaluate("nutrient-kit", told(0, null, 3.0), KIT)))
                .isEmpty();
        assertThat(flags(Tables.evaluate("nutrient-kit", told(0, null, 5.0), KIT)))
                .containsExactly("kept-warm warning");
    }

    @Test
    void breath_of_soil_that_was_dried_anyway_is_told_and_counts() {
        Evaluation moist = Tables.evaluate("respiration", told(0, 5.0, 20.0), FIELD_MOIST);
        assertThat(flags(moist)).containsExactly("kept-warm warning");
        assertThat(moist.hollow()).contains("score", "at20C");
        Map<String, Object> dried = new LinkedHashMap<>(FIELD_MOIST);
        dried.put("prep", "rewetted");
        Evaluation rewetted = Tables.evaluate("respiration", told(0, 5.0, 20.0), dried);
        assertThat(flags(rewetted)).containsExactly("kept-warm info");
        assertThat(rewetted.hollow()).isEmpty();
    }

    @Test
    void a_dressing_is_found_again_in_what_it_was_dressed_with() {
        Map<String, Object> figures =
                Map.of("ph", Map.of("value", 6.5, "basis", "water"), "p", 30, "pExtract", "bicarbonate");
        Evaluation limed = Tables.evaluate("laboratory", told(0, 1.0, 20.0, Sample.LIME), figures);
        assertThat(limed.hollow()).containsExactly("ph", "score");
        Evaluation dressed = Tables.evaluate("laboratory", told(0, 1.0, 20.0, Sample.FERTILISER), figures);
        assertThat(dressed.hollow()).containsExactly("p", "score");
    }

    @Test
    void lime_tells_for_twelve_weeks_and_slurry_for_six() {
        assertThat(Sample.dressing("lime", 84)).isEqualTo(Sample.LIME);
        assertThat(Sample.dressing("lime", 85)).isNull();
        assertThat(Sample.dressing("manure", 42)).isEqualTo(Sample.FERTILISER);
        assertThat(Sample.dressing("nitrogen", 43)).isNull();
        assertThat(Sample.dressing("lime", -1)).isNull();
        assertThat(Sample.dressing("gypsum", 3)).isNull();
    }
}
