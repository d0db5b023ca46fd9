package morphotera.read;

import static morphotera.Tables.evaluate;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import morphotera.measure.Cell;
import morphotera.measure.Taken;
import org.junit.jupiter.api.Test;

class TextureFoundTest {
    private static Taken feel(String spot, double depthCm, int ribbonMm) {
        return Taken.at(
                spot,
                new Cell(null, depthCm, null, null, 1),
                evaluate(
                        "texture-feel",
                        Map.of(),
                        Map.of("ball", ribbonMm > 0, "ribbonMm", ribbonMm, "feel", "gritty")));
    }

    private static Taken sheet(String spot, double clay) {
        return Taken.at(spot, Cell.PLAIN, evaluate("laboratory", Map.of(), Map.of("clayPercent", clay)));
    }

    @Test
    void the_texture_most_spots_have_is_offered_and_the_topsoil_speaks() {
        TextureFound found =
                TextureFound.of(List.of(feel("1", 5, 0), feel("1", 45, 60), feel("2", 5, 0), feel("3", 5, 60)));
        assertThat(found.texture()).isEqualTo("sand");
        assertThat(found.at()).containsExactly("1", "2");
        assertThat(found.of()).isEqualTo(3);
    }

    @Test
    void what_is_known_already_is_not_offered_and_the_clay_of_another_texture_is_not_carried_over() {
        TextureFound sand = TextureFound.of(List.of(feel("1", 5, 0)));
        assertThat(sand.offer("sand", 4.0)).isNull();
        assertThat(sand.offer("clay-loam", 31.0)).isEqualTo(new TextureFound.Offer("sand", null));
        assertThat(sand.offer(null, null)).isEqualTo(new TextureFound.Offer("sand", null));
        TextureFound clay = TextureFound.of(List.of(sheet("1", 20.14), sheet("2", 20.14)));
        assertThat(clay.offer("loam", 18.0)).isEqualTo(new TextureFound.Offer("loam", 20.1));
        assertThat(clay.offer("loam", 20.1)).isNull();
        assertThat(TextureFound.of(List.of()).offer("loam", 18.0)).isNull();
    }

    @Test
    void spots_that_disagree_evenly_offer_no_name() {
        TextureFound found = TextureFound.of(List.of(feel("1", 5, 0), feel("2", 5, 60)));
        assertThat(found.texture()).isNull();
        assertThat(found.at()).containsExactly("1", "2");
    }

    @Test
    void a_laboratory_tells_the_clay_alone_and_nothing_read_offers_nothing() {
        assertThat(TextureFound.of(List.of(sheet("1", 20), sheet("2", 30))))
                .isEqualTo(new TextureFound(null, 25.0, List.of("1", "2"), 2));
        assertThat(TextureFound.of(List.of())).isEqualTo(new TextureFound(null, null, List.of(), 0));
    }
}
