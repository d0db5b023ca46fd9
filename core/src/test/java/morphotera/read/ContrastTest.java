package morphotera.read;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.Taken;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ContrastTest {
    private static FieldScores zone(Map<String, Double> scores) {
        List<Taken> readings = new ArrayList<>();
        scores.forEach((method, score) -> readings.add(Scored.at("spot", method, Group.STRUCTURE, Grade.A, score)));
        return FieldScores.of(readings, School.BALANCED, null);
    }

    @Test
    void the_largest_differences_come_first_and_three_say_where_to_look() {
        List<Contrast.Row> rows = Contrast.of(
                zone(Map.of("ph", 40.0, "slaking", 50.0, "penetration", 20.0, "smell", 100.0, "slump", 60.0)),
                zone(Map.of("ph", 90.0, "slaking", 55.0, "penetration", 85.0, "smell", 50.0, "earthworms", 70.0)));
        assertThat(rows).extracting(Contrast.Row::method).containsExactly("penetration", "ph", "smell", "slaking");
        assertThat(rows.get(0)).isEqualTo(new Contrast.Row("penetration", 20, 85, -65));
        assertThat(rows.get(2).difference()).isEqualTo(50);
        assertThat(Contrast.whereToLook(rows)).containsExactly("penetration", "ph", "smell");
    }

    @Test
    void what_was_measured_in_one_zone_alone_is_not_compared() {
        assertThat(Contrast.of(zone(Map.of("ph", 40.0)), zone(Map.of("slump", 40.0))))
                .isEmpty();
        assertThat(Contrast.whereToLook(List.of())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "PERCENT,62.5,62.5", "TEN_POINT,62.5,6.25", "FIVE_STEP,100,1", "FIVE_STEP,80,1", "FIVE_STEP,79.9,2",
                "FIVE_STEP,20,4",
        "FIVE_STEP,19.9,5", "FIVE_STEP,0,5", "THREE_STEP,75,2", "THREE_STEP,74.9,1", "THREE_STEP,40,1",
                "THREE_STEP,39.9,0"
    })
    void a_lens_shows_a_score_on_another_scale(Lens lens, double score, double shown) {
        assertThat(lens.of(score)).isEqualTo(shown);
    }

    @Test
    void a_lens_shows_scores_only() {
        assertThatThrownBy(() -> Lens.PERCENT.of(101)).hasMessageContaining("101");
        assertThatThrownBy(() -> Lens.PERCENT.of(Double.NaN)).isInstanceOf(IllegalArgumentException.class);
    }
}
