package morphotera.measure.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import morphotera.ground.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** On drawn ground with known shares: living within 3 points and, with taps, each of the others within 6. */
class CoverTest {
    private static final Cover.Asked NOTHING = new Cover.Asked(null, null, null);

    private static Cover.Asked tapped(Pixels picture, boolean litter, boolean stone) {
        return new Cover.Asked(
                null,
                null,
                new Cover.Taps(
                        List.of(Drawn.tap(picture, Drawn.SOIL)),
                        litter ? List.of(Drawn.tap(picture, Drawn.LITTER)) : List.of(),
                        stone ? List.of(Drawn.tap(picture, Drawn.STONE)) : List.of()));
    }

    @ParameterizedTest
    @CsvSource({"5,20,5", "25,30,10", "50,10,30", "80,5,5", "95,2,1", "0,40,10"})
    void what_covers_the_ground_is_counted_as_it_was_drawn(double live, double litter, double stone) {
        Pixels picture = Drawn.ground(600, 480, live, litter, stone, (long) (live * 7 + litter));
        Cover.Found found = Cover.of(picture, tapped(picture, true, true));
        assertThat(found.live()).isCloseTo(live, within(3.0));
        assertThat(found.litter()).isCloseTo(litter, within(6.0));
        assertThat(found.stone()).isCloseTo(stone, within(6.0));
        assertThat(found.bare()).isCloseTo(100 - live - litter - stone, within(6.0));
        assertThat(found.live() + found.litter() + found.stone() + found.bare()).isCloseTo(100, within(1e-9));
        assertThat(found.confidence()).isEqualTo("good");
    }

    @Test
    void without_a_tap_only_what_lives_is_told() {
        Cover.Found found = Cover.of(Drawn.ground(300, 300, 40, 20, 10, 1), NOTHING);
        assertThat(found.live()).isCloseTo(40, within(3.0));
        assertThat(found.litter()).isNull();
        assertThat(found.stone()).isNull();
        assertThat(found.bare()).isNull();
    }

    @Test
    void a_kind_that_nobody_tapped_is_none_where_bare_soil_was() {
        Pixels picture = Drawn.ground(300, 300, 40, 20, 0, 2);
        Cover.Found found = Cover.of(picture, tapped(picture, true, false));
        assertThat(found.stone()).isZero();
        assertThatThrownBy(() ->
                        Cover.of(picture, new Cover.Asked(null, null, new Cover.Taps(List.of(), List.of(), List.of()))))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("/taps/bare");
    }

    @Test
    void ground_without_a_plant_takes_the_usual_limit() {
        Cover.Found bare = Cover.of(Drawn.ground(300, 300, 0, 30, 10, 3), NOTHING);
        assertThat(bare.greenLimit()).isEqualTo(0.10);
        assertThat(bare.live()).isZero();
        assertThat(Cover.of(Drawn.ground(300, 300, 50, 0, 0, 3), NOTHING).greenLimit())
                .isBetween(0.12, 0.42);
    }

    @Test
    void a_limit_that_a_person_moves_is_the_one_used() {
        Pixels picture = Drawn.ground(300, 300, 50, 0, 0, 4);
        Cover.Found strict = Cover.of(picture, new Cover.Asked(null, 0.9, null));
        assertThat(strict.greenLimit()).isEqualTo(0.9);
        assertThat(strict.live()).isZero();
    }

    @Test
    void only_the_region_is_counted() {
        int[] rgb = new int[200 * 100];
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = i % 200 < 100 ? Drawn.PLANT : Drawn.SOIL;
        }
        Pixels half = new Pixels(rgb, 200, 100);
        List<Pixels.At> left =
                List.of(new Pixels.At(0, 0), new Pixels.At(0.5, 0), new Pixels.At(0.5, 1), new Pixels.At(0, 1));
        assertThat(Cover.of(half, new Cover.Asked(left, null, null)).live()).isEqualTo(100);
        assertThat(Cover.of(half, NOTHING).live()).isEqualTo(50);
        Cover.Mask mask = Cover.mask(half, new Cover.Asked(left, null, null));
        assertThat(mask.kinds()[0]).isEqualTo(Cover.Kind.LIVE);
        assertThat(mask.kinds()[199]).isEqualTo(Cover.Kind.LEFT_OUT);
    }

    @Test
    void a_white_crust_and_deep_shadow_make_it_doubtful() {
        assertThat(Cover.of(Drawn.plain(0xe8e8ea), NOTHING).why()).containsExactly("frost-or-crust");
        int[] rgb = new int[100 * 100];
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = i % 100 < 30 ? 0x120d0a : 0x8d7058;
        }
        Pixels shaded = new Pixels(rgb, 100, 100);
        Cover.Asked asked =
                new Cover.Asked(null, null, new Cover.Taps(List.of(new Pixels.At(0.8, 0.5)), List.of(), List.of()));
        Cover.Found found = Cover.of(shaded, asked);
        assertThat(found.confidence()).isEqualTo("doubtful");
        assertThat(found.why()).containsExactly("shadow");
    }

    @Test
    void a_large_picture_is_looked_at_at_an_even_distance_and_says_the_same() {
        Pixels large = Drawn.ground(2400, 1800, 35, 20, 5, 5);
        assertThat(Cover.of(large, NOTHING).live()).isCloseTo(35, within(3.0));
        assertThat(Cover.mask(large, NOTHING).width()).isLessThan(2000);
    }

    @Test
    void what_is_asked_comes_as_a_tree_and_is_refused_where_it_is_wrong() {
        Cover.Asked asked = Cover.asked(Map.of("taps", Map.of("bare", List.of(List.of(0.2, 0.3)))));
        assertThat(asked.taps().bare()).containsExactly(new Pixels.At(0.2, 0.3));
        assertThatThrownBy(() -> Cover.asked(Map.of("region", List.of(List.of(0.2, 1.3)))))
                .hasMessageContaining("/region/0");
        assertThatThrownBy(() -> Cover.asked(Map.of("taps", Map.of("bare", List.of("here")))))
                .hasMessageContaining("/taps/bare/0");
    }
}
