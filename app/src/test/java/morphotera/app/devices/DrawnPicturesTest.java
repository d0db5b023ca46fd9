package morphotera.app.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Drawn pictures show what they were drawn from, so that what is measured on them can be held against it. */
class DrawnPicturesTest {
    private static BufferedImage read(byte[] jpeg) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(jpeg));
    }

    /** Rows of the picture from one colour to another, down its middle. */
    private static int edge(BufferedImage image, int x, int fromY, int by) {
        int first = image.getRGB(x, fromY);
        int y = fromY;
        while (far(first, image.getRGB(x, y)) < 40) {
            y += by;
        }
        return y;
    }

    private static int far(int one, int other) {
        int far = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            far += Math.abs((one >> shift & 255) - (other >> shift & 255));
        }
        return far;
    }

    @Test
    void a_jars_clay_ends_where_its_figure_says_on_its_own_ruler() throws IOException {
        BufferedImage jar = read(DrawnJar.settled(5, 41, 71, 86));
        // Ten pixels in from the glass, from the water down to the clay; the ruler has 5.4 pixels a millimetre from 800
        // up.
        int clay = edge(jar, 560, 300, 1);
        assertThat((800 - clay) / 5.4).isCloseTo(86, within(1.0));
    }

    @Test
    void a_block_with_many_roots_shows_more_of_them_than_one_with_none() throws IOException {
        int many = pale(read(DrawnSoil.block(3, List.of(new DrawnSoil.Band(25, "massive", 1)))));
        int none = pale(read(DrawnSoil.block(3, List.of(new DrawnSoil.Band(25, "massive", 0)))));
        assertThat(many).isGreaterThan(none + 2000);
    }

    private static int pale(BufferedImage image) {
        int pale = 0;
        for (int y = 120; y < 800; y++) {
            for (int x = 340; x < 880; x++) {
                pale += (image.getRGB(x, y) >> 8 & 255) > 170 ? 1 : 0;
            }
        }
        return pale;
    }

    @Test
    void a_crumb_that_fell_whole_leaves_no_core_and_one_that_held_leaves_its_own() throws IOException {
        assertThat(dark(read(DrawnSoil.dish(5, List.of(0.05, 0.05, 0.05, 0.05, 0.05)))))
                .isGreaterThan(3 * dark(read(DrawnSoil.dish(5, List.of(1.0, 1.0, 1.0, 1.0, 1.0)))));
    }

    private static int dark(BufferedImage image) {
        int dark = 0;
        for (int y = 100; y < 800; y++) {
            for (int x = 150; x < 1050; x++) {
                int rgb = image.getRGB(x, y);
                dark += far(rgb, 0x5d4433) < 24 ? 1 : 0;
            }
        }
        return dark;
    }

    @Test
    void every_picture_of_the_roll_is_one() throws IOException {
        CameraRoll roll = new CameraRoll(true);
        assertThat(roll.all()).extracting(CameraRoll.Shot::method).contains("ground-cover", "texture-jar", "root-pit");
        for (CameraRoll.Shot shot : roll.all()) {
            assertThat(read(roll.take(shot.id()).orElseThrow()).getWidth()).isEqualTo(1200);
        }
        assertThat(roll.take("holiday")).isEmpty();
    }
}
