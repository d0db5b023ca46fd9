package morphotera.ground;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class OnceTest {
    @Test
    void a_spot_that_two_readings_name_counts_once_where_it_was_met_first() {
        assertThat(Once.of(Stream.of(List.of("2", "1"), List.of("1", "3", "2")).flatMap(List::stream)))
                .containsExactly("2", "1", "3");
    }

    @Test
    void what_has_no_depth_is_a_thing_like_another() {
        assertThat(Once.of(Stream.of(null, "0-10", null))).containsExactly(null, "0-10");
    }
}
