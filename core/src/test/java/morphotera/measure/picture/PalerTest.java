package morphotera.measure.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import morphotera.Tables;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class PalerTest {
    private static final Paler.Area LEFT = new Paler.Area(0, 0, 0.2, 1);
    private static final Paler.Area SECOND = new Paler.Area(0.2, 0, 0.2, 1);
    private static final Paler.Area FIELD = new Paler.Area(0.4, 0, 0.3, 1);
    private static final Paler.Area REFERENCE = new Paler.Area(0.7, 0, 0.3, 1);

    /** Five upright stripes: card, card, field, reference. */
    private static Pixels stripes(int card, int other, int field, int reference) {
        int[] rgb = new int[100 * 10];
        for (int i = 0; i < rgb.length; i++) {
            int x = i % 100;
            rgb[i] = x < 20 ? card : x < 40 ? other : x < 70 ? field : reference;
        }
        return new Pixels(rgb, 100, 10);
    }

    static Stream<JsonNode> worked() {
        return Tables.contractsAbout("paler");
    }

    private static int rgb(JsonNode colour) {
        return colour.get(0).asInt() << 16
                | colour.get(1).asInt() << 8
                | colour.get(2).asInt();
    }

    @ParameterizedTest
    @MethodSource("worked")
    void values_come_out_as_worked(JsonNode one) {
        int card = rgb(one.get("cards").get(0));
        Pixels picture = stripes(card, card, rgb(one.get("field")), rgb(one.get("reference")));
        List<Paler.Area> cards = new ArrayList<>(List.of(LEFT));
        if (one.get("cards").size() == 2) {
            cards.add(SECOND);
        }
        Paler.Found found = Paler.of(
                picture, new Paler.Asked(cards, one.get("cardReflectance").asDouble(), FIELD, REFERENCE));
        JsonNode expect = one.get("expect");
        assertThat(found.fieldValue()).isCloseTo(expect.get("fieldValue").asDouble(), within(1e-6));
        assertThat(found.referenceValue())
                .isCloseTo(expect.get("referenceValue").asDouble(), within(1e-6));
        assertThat(found.paler()).isCloseTo(expect.get("paler").asDouble(), within(2e-6));
    }

    @Test
    void soil_like_its_reference_is_not_paler_and_two_cards_are_surer_than_one() {
        Pixels alike = stripes(0x767676, 0x767676, 0x4a3a2c, 0x4a3a2c);
        Paler.Found found = Paler.of(alike, new Paler.Asked(List.of(LEFT, SECOND), null, FIELD, REFERENCE));
        assertThat(found.paler()).isZero();
        assertThat(found.plusMinus()).isEqualTo(0.3);
        assertThat(Paler.of(alike, new Paler.Asked(List.of(LEFT), null, FIELD, REFERENCE))
                        .plusMinus())
                .isEqualTo(0.6);
    }

    @Test
    void uneven_light_and_burnt_parts_are_not_measured() {
        Pixels uneven = stripes(0x767676, 0x909090, 0x4a3a2c, 0x3a2a1c);
        assertThatThrownBy(() -> Paler.of(uneven, new Paler.Asked(List.of(LEFT, SECOND), null, FIELD, REFERENCE)))
                .hasMessageContaining("uneven-light");
        Pixels burnt = stripes(0x767676, 0x767676, 0xff8060, 0x3a2a1c);
        assertThatThrownBy(() -> Paler.of(burnt, new Paler.Asked(List.of(LEFT), null, FIELD, REFERENCE)))
                .hasMessageContaining("clipped")
                .hasMessageContaining("/field");
    }

    @Test
    void the_value_of_a_middle_grey_is_five() {
        assertThat(Paler.value(19.2727)).isCloseTo(5, within(0.01));
        assertThat(Paler.value(0)).isCloseTo(0, within(1e-6));
    }

    @Test
    void heights_on_a_jar_are_measured_along_its_known_length() {
        // A picture twice as high as wide; the jar leans a little.
        Map<String, Double> heights = JarMarks.heights(
                2,
                Map.of(
                        "known", Map.of("from", List.of(0.5, 0.9), "to", List.of(0.5, 0.3), "mm", 120),
                        "marks",
                                Map.of(
                                        "table", List.of(0.5, 0.9),
                                        "base", List.of(0.5, 0.875),
                                        "sandTop", List.of(0.6, 0.7),
                                        "siltTop", List.of(0.4, 0.6),
                                        "clayTop", List.of(0.5, 0.55),
                                        "water", List.of(0.5, 0.3))));
        assertThat(heights.get("baseMm")).isCloseTo(5, within(1e-9));
        assertThat(heights.get("sandTopMm")).isCloseTo(40, within(1e-9));
        assertThat(heights.get("waterHeightMm")).isCloseTo(120, within(1e-9));
        assertThatThrownBy(() -> JarMarks.heights(
                        2,
                        Map.of(
                                "known", Map.of("from", List.of(0.5, 0.9), "to", List.of(0.5, 0.3), "mm", 120),
                                "marks",
                                        Map.of(
                                                "table", List.of(0.5, 0.9),
                                                "sandTop", List.of(0.5, 0.5),
                                                "siltTop", List.of(0.5, 0.6)))))
                .hasMessageContaining("/marks/siltTop")
                .hasMessageContaining("backward");
    }
}
