package morphotera.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColourTest {
    @ParameterizedTest
    @CsvSource({
        // Pairs of the published test data (Sharma, Wu and Dalal 2005), one of each kind of case.
        "50,2.6772,-79.7751,50,0,-82.7485,2.0425",
        "50,-1.3802,-84.2814,50,0,-82.7485,1.0000",
        "50,0,0,50,-1,2,2.3669",
        "50,2.4900,-0.0010,50,-2.4900,0.0009,7.1792",
        "50,2.5,0,73,25,-18,27.1492",
        "60.2574,-34.0099,36.2677,60.4626,-34.1751,39.4387,1.2644",
        "22.7233,20.0904,-46.6940,23.0331,14.9730,-42.5619,2.0373",
        "90.8027,-2.0831,1.4410,91.1528,-1.6435,0.0447,1.4441",
        "2.0776,0.0795,-1.1350,0.9033,-0.0636,-0.5514,0.9082"
    })
    void the_difference_that_an_eye_sees_is_as_published(
            double l1, double a1, double b1, double l2, double a2, double b2, double seen) {
        Colour one = new Colour(l1, a1, b1);
        Colour other = new Colour(l2, a2, b2);
        assertThat(one.seen(other)).isCloseTo(seen, within(1e-4));
        assertThat(other.seen(one)).isCloseTo(seen, within(1e-4));
    }

    @Test
    void white_is_lightest_black_darkest_and_grey_has_no_hue() {
        assertThat(Colour.of(0xffffff).lightness()).isCloseTo(100, within(1e-4));
        assertThat(Colour.of(0).lightness()).isCloseTo(0, within(1e-9));
        Colour grey = Colour.of("#808080");
        assertThat(grey.lightness()).isCloseTo(53.585, within(1e-3));
        assertThat(grey.red()).isCloseTo(0, within(0.01));
        assertThat(grey.yellow()).isCloseTo(0, within(0.02));
        assertThat(Colour.lightness(0x808080)).isCloseTo(53.585, within(1e-3));
    }
}
