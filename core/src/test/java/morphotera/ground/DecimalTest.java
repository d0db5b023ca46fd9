package morphotera.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.RoundingMode;
import morphotera.Draws;
import org.junit.jupiter.api.Test;

class DecimalTest {
    @Test
    void a_half_goes_away_from_zero_even_where_binary_holds_it_a_hair_below() {
        assertThat(Decimal.round(1.005, 2)).isEqualTo(1.01);
        assertThat(Decimal.round(-2.5, 0)).isEqualTo(-3);
        assertThat(Decimal.round(2.4999, 0)).isEqualTo(2);
    }

    @Test
    void a_number_is_shown_without_trailing_zeros_and_with_a_true_minus() {
        assertThat(Decimal.show(25.84, 1)).isEqualTo("25.8");
        assertThat(Decimal.show(26.0, 1)).isEqualTo("26");
        assertThat(Decimal.show(-0.83, 1)).isEqualTo("−0.8");
        assertThat(Decimal.show(-0.01, 1)).isEqualTo("0");
        assertThat(Decimal.show(0.999, 2)).isEqualTo("1");
        assertThat(Decimal.show(12.05, 2)).isEqualTo("12.05");
    }

    @Test
    void what_is_shown_is_the_rounded_number() {
        Draws.each(200, draw -> {
            double x = draw.from(-100_000, 100_000);
            int places = draw.whole(0, 4);

            double shown = Double.parseDouble(Decimal.show(x, places).replace('−', '-'));
            double want =
                    BigDecimal.valueOf(x).setScale(places, RoundingMode.HALF_UP).doubleValue();
            assertThat(shown).isCloseTo(want, within(1e-9));
        });
    }
}
