package morphotera.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class ChanceTest {
    @Test
    void the_same_seed_draws_the_same() {
        Chance one = new Chance(20_311);
        Chance other = new Chance(20_311);
        for (int i = 0; i < 100; i++) {
            assertThat(one.nextGaussian()).isEqualTo(other.nextGaussian());
        }
        assertThat(new Chance(1).nextDouble()).isNotEqualTo(new Chance(2).nextDouble());
    }

    @Test
    void the_published_first_values_of_seed_1234567_come_out() {
        // 6457827717110365317 and 3203168211198807973, cut to 53 bits.
        Chance chance = new Chance(1_234_567);
        assertThat(chance.nextDouble()).isEqualTo((6457827717110365317L >>> 11) / 9007199254740992.0);
        assertThat(chance.nextDouble()).isEqualTo((3203168211198807973L >>> 11) / 9007199254740992.0);
    }

    @Test
    void normal_draws_have_mean_nought_and_spread_one() {
        Chance chance = new Chance(7);
        int n = 20_000;
        double sum = 0;
        double squares = 0;
        int inNineOfTen = 0;
        for (int i = 0; i < n; i++) {
            double drawn = chance.nextGaussian();
            sum += drawn;
            squares += drawn * drawn;
            inNineOfTen += Math.abs(drawn) < 1.6449 ? 1 : 0;
        }
        assertThat(sum / n).isCloseTo(0, within(0.02));
        assertThat(squares / n).isCloseTo(1, within(0.03));
        assertThat(inNineOfTen / (double) n).isCloseTo(0.9, within(0.01));
    }
}
