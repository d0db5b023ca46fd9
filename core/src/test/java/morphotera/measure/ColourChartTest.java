package morphotera.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import morphotera.ground.Refused;
import org.junit.jupiter.api.Test;

class ColourChartTest {
    private static final ColourChart CARD = ColourChart.of(List.of(
            new ColourChart.Step(4, "sour", "#C9A23B"),
            new ColourChart.Step(5, null, "#9AA53B"),
            new ColourChart.Step(7, null, "#3F8F5A"),
            new ColourChart.Step(8, "chalky", "#2C5C7A")));

    private static List<String> refusals(List<ColourChart.Step> steps) {
        try {
            ColourChart.of(steps);
            return List.of();
        } catch (Refused fault) {
            return fault.refusals().stream()
                    .map(one -> one.path() + " " + one.code())
                    .toList();
        }
    }

    @Test
    void a_printed_colour_is_its_step() {
        for (int i = 0; i < CARD.steps().size(); i++) {
            ColourChart.Read read = CARD.colour(CARD.steps().get(i).swatch());
            assertThat(read.value()).isCloseTo(CARD.steps().get(i).value(), within(1e-9));
            assertThat(read.offBy()).isCloseTo(0, within(1e-9));
            assertThat(CARD.step(i).value()).isEqualTo(CARD.steps().get(i).value());
        }
    }

    @Test
    void halfway_between_two_steps_is_halfway_between_their_values() {
        assertThat(CARD.between(1, 0.5).value()).isEqualTo(6);
        ColourChart.Read read = CARD.colour("#6E9A4B");
        assertThat(read.between()).isEqualTo(1);
        assertThat(read.value()).isBetween(5.5, 6.5);
        assertThat(read.offBy()).isBetween(0.0, 6.0);
    }

    @Test
    void a_colour_that_is_none_of_the_charts_is_not_read() {
        assertThatThrownBy(() -> CARD.colour("#B02080"))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("off-the-chart");
        assertThatThrownBy(() -> CARD.step(4)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> CARD.between(3, 0.5)).isInstanceOf(Refused.class);
    }

    @Test
    void a_chart_rises_and_its_swatches_can_be_told_apart() {
        assertThat(refusals(List.of(new ColourChart.Step(4, null, "#C9A23B")))).containsExactly("/steps out-of-range");
        assertThat(refusals(List.of(
                        new ColourChart.Step(4, null, "#C9A23B"),
                        new ColourChart.Step(4, null, "#9AA53B"),
                        new ColourChart.Step(5, null, "blue"))))
                .containsExactly("/steps/1/value backward", "/steps/2/swatch wrong-type");
        assertThat(refusals(
                        List.of(new ColourChart.Step(4, null, "#C9A23B"), new ColourChart.Step(5, null, "#C9A23C"))))
                .containsExactly("/steps/1/swatch alike");
    }
}
