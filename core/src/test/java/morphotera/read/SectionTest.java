package morphotera.read;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class SectionTest {
    /** A column of what the words speak of; {@code probedTo} null: no cone. */
    private static GroundColumn column(
            Double root80,
            Boolean endFlat,
            Double limit,
            Double probedTo,
            String shape,
            Double shapeTop,
            boolean block) {
        List<GroundColumn.Layer> layers = !block
                ? List.of()
                : List.of(new GroundColumn.Layer(
                        shapeTop == null ? 0 : shapeTop,
                        30,
                        shape == null ? "crumb" : shape,
                        "firm",
                        "few",
                        "some",
                        null,
                        null,
                        false));
        List<GroundColumn.At> cone = probedTo == null ? List.of() : List.of(new GroundColumn.At(probedTo, 1000));
        return new GroundColumn(
                "spot", layers, cone, false, List.of(), limit, null, null, root80, null, null, null, endFlat, null,
                null, List.of(), List.of());
    }

    /** Open ground with roots to 30 cm, bent or short or in acid soil. */
    private static GroundColumn rooted(Boolean bent, Double ratio, GroundColumn.At... ph) {
        return new GroundColumn(
                "spot",
                List.of(),
                List.of(),
                false,
                List.of(),
                null,
                null,
                null,
                30.0,
                null,
                ratio,
                null,
                false,
                bent,
                null,
                List.of(ph),
                List.of());
    }

    @Test
    void bent_taproots_short_roots_and_acid_below_are_not_called_open() {
        assertThat(codes(rooted(true, 0.9)).get(0)).isEqualTo("roots-bent");
        assertThat(codes(rooted(false, 0.4)).get(0)).isEqualTo("roots-short");
        assertThat(codes(rooted(false, 0.9, new GroundColumn.At(5, 6.2), new GroundColumn.At(40, 4.9)))
                        .get(0))
                .isEqualTo("acid-from");
        assertThat(codes(rooted(false, 0.9, new GroundColumn.At(40, 5.6))).get(0))
                .isEqualTo("open");
    }

    /** Massive from 11 cm, pH 4.7 at 40 cm. */
    private static GroundColumn massiveAndAcid(GroundColumn.At... cone) {
        GroundColumn.Layer massive =
                new GroundColumn.Layer(11, 30, "massive", "firm", "few", "some", null, null, false);
        return new GroundColumn(
                "spot",
                List.of(massive),
                List.of(cone),
                false,
                List.of(),
                null,
                null,
                null,
                8.0,
                null,
                0.4,
                null,
                false,
                false,
                null,
                List.of(new GroundColumn.At(40, 4.7)),
                List.of());
    }

    @Test
    void massive_pieces_that_a_cone_passes_are_not_what_holds_roots_back_in_acid_ground() {
        assertThat(Section.inWords(List.of(massiveAndAcid(new GroundColumn.At(70, 1200))))
                        .get(0)
                        .text())
                .isEqualTo("Too acid for most roots from 40 cm, and not too hard for them");
        assertThat(codes(massiveAndAcid()).get(0)).isEqualTo("limiting-shape");
    }

    @Test
    void a_pit_alone_tells_where_roots_stop_though_no_ruler_was_laid_to_them() {
        GroundColumn pit = new GroundColumn(
                "spot", List.of(), List.of(), false, List.of(), null, null, null, null, null, null, 20.0, null, null,
                null, List.of(), List.of());
        assertThat(Section.inWords(List.of(pit)).get(0).text()).isEqualTo("Roots end flat at 20 cm");
    }

    @Test
    void a_cone_pushed_on_a_dry_day_is_drawn_and_not_spoken_of() {
        GroundColumn dry = new GroundColumn(
                "spot",
                List.of(),
                List.of(new GroundColumn.At(15, 2500)),
                true,
                List.of(),
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                List.of(),
                List.of());
        assertThat(codes(dry)).isEmpty();
    }

    private static GroundColumn closed(String spot, double limit, double root80) {
        return column(root80, true, limit, 60.0, "plates", limit - 2, true);
    }

    private static GroundColumn open(String spot, double root80) {
        return column(root80, false, null, 60.0, null, null, true);
    }

    private static List<String> codes(GroundColumn... columns) {
        return Section.inWords(List.of(columns)).stream()
                .map(Section.Sentence::code)
                .toList();
    }

    @Test
    void a_pan_that_stops_roots_is_the_headline_and_its_numbers_follow() {
        List<Section.Sentence> said = Section.inWords(List.of(closed("1", 28, 21), closed("2", 24, 19)));
        assertThat(said.stream().map(Section.Sentence::code))
                .containsExactly("roots-stop", "cone-limit", "shape", "roots");
        assertThat(said.get(0).text()).isEqualTo("Roots stop at 20 cm, where the ground closes");
        assertThat(said.get(1).text()).contains("26 cm on average (24 to 28 cm), at 2 of 2 spots");
    }

    @Test
    void ground_that_nothing_closes_is_said_to_be_open() {
        assertThat(codes(open("1", 33), open("2", 36))).containsExactly("open", "cone-open", "roots-free");
    }

    @Test
    void what_was_not_looked_at_is_not_spoken_of() {
        assertThat(codes()).isEmpty();
        assertThat(codes(column(null, null, null, null, null, null, false))).isEmpty();
        assertThat(codes(column(null, null, 22.0, 45.0, null, null, false)))
                .contains("cone-limit-once")
                .doesNotContain("shape", "roots", "roots-free");
    }

    @Test
    void hard_ground_that_roots_still_pass_is_not_said_to_stop_them() {
        assertThat(codes(column(34.0, false, 22.0, 45.0, null, null, false)).get(0))
                .isEqualTo("hard-but-rooted");
    }

    @Test
    void one_stopped_spot_of_three_does_not_make_the_headline() {
        assertThat(codes(open("1", 33), open("2", 36), closed("3", 24, 19)).get(0))
                .isEqualTo("open-mostly");
    }

    @Test
    void undisturbed_ground_shows_how_deep_roots_could_go() {
        List<Section.Sentence> said = Section.beside(List.of(closed("1", 28, 21)), List.of(open("fence", 46)));
        assertThat(said.get(0).code()).isEqualTo("beside-open");
        assertThat(said.get(0).text()).contains("46 cm");
        assertThat(Section.beside(List.of(open("1", 30)), List.of(open("fence", 46)))
                        .get(0)
                        .code())
                .isEqualTo("beside");
        assertThat(Section.beside(List.of(open("1", 30)), List.of())).isEmpty();
    }

    private static GroundColumn block(String spot, String shape, Double top) {
        return column(30.0, false, null, null, shape, top, true);
    }

    @Test
    void a_closed_layer_at_half_of_the_spots_is_named_by_its_shapes() {
        List<Section.Sentence> said = Section.inWords(List.of(block("1", "plates", 12.0), block("2", null, null)));
        assertThat(said.get(0).text()).isEqualTo("Plates from 12 cm hold the soil back");
        assertThat(said.get(1).text()).isEqualTo("The block comes apart in plates from 12 cm at 1 of 2 spots.");
        assertThat(Section.inWords(List.of(block("1", "massive", 8.0), block("2", "plates", 12.0)))
                        .get(0)
                        .text())
                .isEqualTo("Plates or massive pieces from 10 cm hold the soil back");
        assertThat(Section.inWords(List.of(block("1", "massive", 8.0))).get(0).text())
                .isEqualTo("Massive pieces from 8 cm hold the soil back");
        assertThat(Section.inWords(List.of(block("1", "plates", 12.0), block("2", null, null), block("3", null, null)))
                        .get(0)
                        .code())
                .isEqualTo("open");
    }

    @Test
    void roots_that_end_flat_without_a_closed_layer_are_a_riddle() {
        List<Section.Sentence> said = Section.inWords(List.of(column(9.0, true, null, null, null, null, false)));
        assertThat(said.get(0).text()).isEqualTo("Roots end flat at 9 cm");
        assertThat(said.get(1).text()).contains("they end flat at 1 of 1 spots");
    }

    @Test
    void a_limit_met_at_fewer_than_half_of_the_spots_closes_nothing() {
        GroundColumn met = column(30.0, false, 22.0, 45.0, null, null, false);
        GroundColumn notMet = column(30.0, false, null, 45.0, null, null, false);
        assertThat(codes(met, notMet).get(0)).isEqualTo("hard-but-rooted");
        assertThat(codes(met, notMet, notMet).get(0)).isEqualTo("open");
        assertThat(Section.inWords(List.of(met, notMet, notMet)).get(0).text())
                .isEqualTo("Nothing stops the roots to 22 cm");
        assertThat(Section.inWords(List.of(notMet, notMet)).get(0).text())
                .isEqualTo("Nothing stops the roots to 45 cm");
        assertThat(Section.inWords(List.of(block("1", null, null))).get(0).text())
                .isEqualTo("Nothing stops the roots to 30 cm");
    }

    @Test
    void one_flat_spot_of_three_leaves_two_where_roots_run_on() {
        List<Section.Sentence> said = Section.inWords(List.of(
                block("1", null, null), block("2", null, null), column(9.0, true, null, null, null, null, false)));
        assertThat(said.get(0).text()).isEqualTo("Roots run on at 2 of 3 spots");
    }
}
