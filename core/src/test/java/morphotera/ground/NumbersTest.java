package morphotera.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import morphotera.Draws;
import org.junit.jupiter.api.Test;

class NumbersTest {
    @Test
    void a_median_has_half_of_the_values_on_each_side() {
        Draws.each(200, draw -> {
            List<Double> values = draw.list(1, 15, -100, 100);

            double median = Numbers.median(values);
            assertThat(values.stream().filter(x -> x <= median + 1e-12).count() * 2)
                    .isGreaterThanOrEqualTo(values.size());
            assertThat(values.stream().filter(x -> x >= median - 1e-12).count() * 2)
                    .isGreaterThanOrEqualTo(values.size());
        });
    }

    @Test
    void a_shift_moves_the_mean_and_leaves_the_spread() {
        Draws.each(200, draw -> {
            List<Double> values = draw.list(2, 10, -100, 100);
            double shift = draw.from(-50, 50);

            List<Double> moved = values.stream().map(x -> x + shift).toList();
            assertThat(Numbers.mean(moved)).isCloseTo(Numbers.mean(values) + shift, within(1e-9));
            assertThat(Numbers.sd(moved)).isCloseTo(Numbers.sd(values), within(1e-6));
        });
    }

    @Test
    void one_value_has_a_mean_and_no_spread_and_none_has_neither() {
        assertThat(Numbers.mean(List.of(4.0))).isEqualTo(4);
        assertThat(Numbers.sd(List.of(4.0))).isNull();
        assertThat(Numbers.medianDeviation(List.of(1.0, 2.0, 9.0))).isEqualTo(1);
        assertThatThrownBy(() -> Numbers.mean(List.of())).hasMessageContaining("no values");
        assertThatThrownBy(() -> Numbers.median(List.of())).hasMessageContaining("no values");
    }

    @Test
    void words_are_filled_with_numbers_to_the_places_asked_for() {
        assertThat(Words.fill("{a} of {b:0}, {c:2}", Map.of("a", 25.84, "b", 4.6, "c", "plates")))
                .isEqualTo("25.8 of 5, plates");
        assertThat(Words.fill("nothing to fill", Map.of())).isEqualTo("nothing to fill");
        assertThatThrownBy(() -> Words.fill("{a}", Map.of("b", 1)))
                .hasMessageContaining("'a'")
                .hasMessageContaining("b");
    }

    @Test
    void a_table_that_lacks_a_part_says_where() {
        Tree tree = Tree.of(Map.of("curves", Map.of("ph", Map.of("knots", List.of(1)))));
        assertThatThrownBy(() -> tree.at("curves").at("ph").at("x")).hasMessageContaining("/curves/ph/x");
        assertThatThrownBy(() -> tree.at("curves").at("ph").at("knots").each(Tree::text))
                .hasMessageContaining("/curves/ph/knots/0");
        assertThat(tree.eachOrNone("none", Tree::text)).isEmpty();
    }
}
