package morphotera.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class EntryCheckTest {
    private static final List<Entry> FIELDS = List.of(
            Entry.cm("depthCm", "Depth"),
            Entry.number("count", "Count", null, 0, 10).counted().optional(),
            Entry.yesNo("square", "Square").preset(false),
            Entry.choice("tip", "Tip", Entry.option("small", "Small", null), Entry.option("large", "Large", null))
                    .optional(),
            Entry.list("rows", "Rows", 1, 1, Entry.mm("mm", "Level").aboveZero()));

    private final EntryCheck check = new EntryCheck();

    private List<String> refused(Object body) {
        check.object("", FIELDS, body);
        return check.refusals().stream()
                .map(one -> one.path() + " " + one.code())
                .toList();
    }

    @Test
    void zero_is_a_measurement_and_absent_is_not_zero() {
        Entered in = check.object("", FIELDS, Map.of("depthCm", 0, "rows", List.of(Map.of("mm", 5))));
        assertThat(check.refusals()).isEmpty();
        assertThat(in.number("depthCm")).isZero();
        assertThat(in.numberOrNull("count")).isNull();
        assertThat(in.has("count")).isFalse();
        assertThat(in.yes("square")).isFalse();
        assertThat(in.list("rows").get(0).number("mm")).isEqualTo(5);
        assertThatThrownBy(() -> in.number("count"))
                .hasMessageContaining("'count'")
                .hasMessageContaining("depthCm");
    }

    @Test
    void everything_wrong_is_said_at_once_each_at_its_place() {
        assertThat(refused(Map.of(
                        "depthCm",
                        301,
                        "count",
                        2.5,
                        "square",
                        "yes",
                        "tip",
                        "huge",
                        "rows",
                        List.of(Map.of("mm", 0)),
                        "colour",
                        1)))
                .containsExactlyInAnyOrder(
                        "/depthCm out-of-range",
                        "/count not-whole",
                        "/square wrong-type",
                        "/tip unknown-word",
                        "/rows/0/mm out-of-range",
                        "/colour unknown-field");
    }

    @Test
    void a_broken_item_keeps_its_place_so_that_later_pointers_stay_true() {
        List<Object> rows = new ArrayList<>(Arrays.asList(Map.of("mm", 5), null, Map.of("mm", -1)));
        assertThat(refused(Map.of("depthCm", 1, "rows", rows)))
                .containsExactly("/rows/1 wrong-type", "/rows/2/mm out-of-range");
    }

    @Test
    void a_body_that_is_no_object_and_one_that_is_missing_are_told_apart() {
        assertThat(refused("text")).containsExactly(" wrong-type");
        assertThat(new EntryCheck().object("", FIELDS, null).has("depthCm")).isFalse();
    }

    @Test
    void a_list_is_bounded_on_both_sides() {
        assertThat(refused(Map.of("depthCm", 1, "rows", List.of()))).containsExactly("/rows empty-list");
        List<Object> many = Collections.nCopies(501, Map.of("mm", 1));
        EntryCheck other = new EntryCheck();
        other.object("", FIELDS, Map.of("depthCm", 1, "rows", many));
        assertThat(other.refusals().get(0).code()).isEqualTo("too-many");
    }

    @Test
    void words_say_what_was_given_and_what_there_is() {
        check.object("", FIELDS, Map.of("depthCm", 301, "tip", "huge", "rows", List.of(Map.of("mm", 1))));
        assertThat(check.refusals().get(0).text()).isEqualTo("Depth goes from 0 to 300 cm; 301 was given.");
        assertThat(check.refusals().get(1).text()).contains("small, large");
    }
}
