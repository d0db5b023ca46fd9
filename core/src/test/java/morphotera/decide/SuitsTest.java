package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import morphotera.decide.sheets.Sheet;
import morphotera.decide.sheets.Sheets;
import morphotera.read.FieldScores;
import morphotera.read.School;
import org.junit.jupiter.api.Test;

/** What grows on the ground as it is, and what is good about ground with nothing to mend. */
class SuitsTest extends ZoneRead {
    private static final Map<String, Object> LOAM = Map.of("texture", "loam", "use", "arable");

    private Suits suits() {
        return Suits.of(judged(), Sheets.SHIPPED, 9, false);
    }

    private static Suits.Crop of(Suits suits, String crop) {
        return suits.crops().stream()
                .filter(one -> one.crop().equals(crop))
                .findFirst()
                .orElseThrow();
    }

    private void salt(double ec) {
        for (String spot : List.of("1", "2", "3")) {
            read(
                    spot,
                    "salinity",
                    LOAM,
                    Map.of("depthCm", 35, "ec", ec, "compensated", true, "ratio", "paste", "placement", "none"));
        }
    }

    @Test
    void nothing_is_said_of_ground_that_was_not_read_but_what_would_tell() {
        assertThat(suits().crops()).isEmpty();
        assertThat(suits().planting()).isNull();
        assertThat(suits().missing()).containsExactly("percolation-hole", "salinity", "ph");
    }

    @Test
    void salt_leaves_barley_and_takes_beans() {
        salt(6);
        assertThat(of(suits(), "barley").suits()).isTrue();
        assertThat(of(suits(), "bean").suits()).isFalse();
        assertThat(of(suits(), "bean").why()).startsWith("salt leaves it 5 % of its yield");
        assertThat(suits().crops().get(0).suits()).isTrue();
        assertThat(suits().crops().get(suits().crops().size() - 1).suits()).isFalse();
    }

    @Test
    void sour_ground_suits_what_likes_it_sour() {
        phAtSpots("water", 4.8, 4.9, 4.8);
        assertThat(of(suits(), "lucerne").acidity()).isEqualTo("too-acid");
        assertThat(of(suits(), "acid-loving").suits()).isTrue();
        assertThat(of(suits(), "acid-loving").yieldPercent()).isNull();
        assertThat(suits().limits()).contains("acid");
        assertThat(suits().covers()).isNotEmpty().noneMatch(one -> one.crop().equals("lucerne"));
    }

    @Test
    void a_practices_own_table_is_gone_by() {
        phAtSpots("water", 4.8, 4.9, 4.8);
        Sheets own = Sheets.SHIPPED.with(Map.of(Sheets.CROP_PH, List.of(new Sheet.Row("tea", List.of(4.5, 5.5)))));
        assertThat(Suits.of(judged(), own, 9, false).crops())
                .extracting(Suits.Crop::crop)
                .containsExactly("tea");
    }

    private Good good() {
        return Good.of(judged().causes(), FieldScores.of(readings, School.BALANCED, crop));
    }

    @Test
    void good_ground_says_what_is_good_and_what_keeps_it_so() {
        phAtSpots("water", 6.5, 6.6, 6.5);
        assertThat(good().strong()).extracting(Good.Strength::method).containsExactly("ph");
        assertThat(good().strong().get(0).spots()).isEqualTo(3);
        assertThat(good().keep())
                .singleElement()
                .satisfies(keep -> assertThat(keep.text()).contains("pH"));
    }

    @Test
    void ground_with_a_likely_cause_is_not_called_good_nor_is_ground_never_read() {
        assertThat(good()).isNull();
        phAtSpots("water", 4.6, 4.6, 4.6);
        assertThat(good()).isNull();
    }
}
