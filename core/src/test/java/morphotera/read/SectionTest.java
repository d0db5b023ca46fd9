package morphotera.read;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class SectionTest {
    private static Section.Column closed(String spot, double limit, double root80) {
        return new Section.Column(spot, root80, true, limit, 60.0, "plates", limit - 2, true);
    }

    private static Section.Column open(String spot, double root80) {
        return new Section.Column(spot, root80, false, null, 60.0, null, null, true);
    }

    private static List<String> codes(Section.Column... columns) {
        return Section.inWords(List.of(columns)).stream()
                .map(Section.Said::code)
                .toList();
    }

    @Test
    void a_pan_that_stops_roots_is_the_headline_and_its_numbers_follow() {
        List<Section.Said> said = Section.inWords(List.of(closed("1", 28, 21), closed("2", 24, 19)));
        assertThat(said.stream().map(Section.Said::code)).containsExactly("roots-stop", "cone-limit", "shape", "roots");
        assertThat(said.get(0).text()).isEqualTo("Roots stop at 20 cm, where the ground closes");
        assertThat(said.get(1).text()).contains("26 cm on average (24 to 28), at 2 of 2 spots");
    }

    @Test
    void ground_that_nothing_closes_is_said_to_be_open() {
        assertThat(codes(open("1", 33), open("2", 36))).containsExactly("open", "cone-open", "roots-free");
    }

    @Test
    void what_was_not_looked_at_is_not_spoken_of() {
        assertThat(codes()).isEmpty();
        assertThat(codes(new Section.Column("1", null, null, null, null, null, null, false)))
                .isEmpty();
        assertThat(codes(new Section.Column("1", null, null, 22.0, 45.0, null, null, false)))
                .contains("cone-limit-once")
                .doesNotContain("shape", "roots", "roots-free");
    }

    @Test
    void hard_ground_that_roots_still_pass_is_not_said_to_stop_them() {
        assertThat(codes(new Section.Column("1", 34.0, false, 22.0, 45.0, null, null, false))
                        .get(0))
                .isEqualTo("hard-but-rooted");
    }

    @Test
    void one_stopped_spot_of_three_does_not_make_the_headline() {
        assertThat(codes(open("1", 33), open("2", 36), closed("3", 24, 19)).get(0))
                .isEqualTo("open-mostly");
    }

    @Test
    void undisturbed_ground_shows_how_deep_roots_could_go() {
        List<Section.Said> said = Section.beside(List.of(closed("1", 28, 21)), List.of(open("fence", 46)));
        assertThat(said.get(0).code()).isEqualTo("beside-open");
        assertThat(said.get(0).text()).contains("46 cm");
        assertThat(Section.beside(List.of(open("1", 30)), List.of(open("fence", 46)))
                        .get(0)
                        .code())
                .isEqualTo("beside");
        assertThat(Section.beside(List.of(open("1", 30)), List.of())).isEmpty();
    }
}
