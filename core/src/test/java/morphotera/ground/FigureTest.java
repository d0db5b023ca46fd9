package morphotera.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import morphotera.Tables;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class FigureTest {
    static Stream<JsonNode> worked() {
        return Tables.contracts("/api/units/read");
    }

    @ParameterizedTest
    @MethodSource("worked")
    void the_worked_figures_are_read(JsonNode one) {
        String text = one.at("/body/text").asString();
        String unit = one.at("/body/unit").asString();
        if (one.get("status").asInt() == 200) {
            Figure read = Figure.read(text, unit);
            assertThat(read.value()).isCloseTo(one.at("/expect/value").asDouble(), within(1e-9));
            assertThat(read.unit()).isEqualTo(unit);
            assertThat(read.as()).isEqualTo(text);
        } else {
            assertThat(unread(text, unit).refusal().code())
                    .isEqualTo(one.at("/errors/0/code").asString());
        }
    }

    private static Figure.Unread unread(String text, String unit) {
        return catchThrowableOfType(Figure.Unread.class, () -> Figure.read(text, unit));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3½ in | mm | 88.9",
                "-3 1/2 | °C | -3.5",
                "−4 | °C | -4",
                "68 °F | °C | 20",
                "0.5 ft | cm | 15.24",
                "6' | m | 1.8288",
                "2 min 30 s | s | 150",
                "2:30 | min | 2.5",
                "1:05:00 | min | 65",
                "1.5 h | min | 90",
                "1,5 | mm | 1.5",
                "12,5000 | mm | 12.5",
                "2 gal | l | 7.570823568",
                "100 lb/ac | kg/ha | 112.08511562",
                "40 % | share | 0.4",
                "7 | pH | 7",
            })
    void figures_are_read_as_people_write_them(String text, String unit, double value) {
        assertThat(Figure.read(text, unit).value()).isCloseTo(value, within(1e-9));
    }

    @Test
    void a_comma_before_three_digits_is_asked_about_with_both_ways() {
        assertThat(unread("1,200", "mm").offers()).isEqualTo(List.of(1.2, 1200.0));
        assertThat(unread("-12,500", "mm").refusal().code()).isEqualTo("ambiguous");
        assertThat(unread("1,200 cm", "mm").offers()).isEqualTo(List.of(12.0, 12_000.0));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "two thousand | kPa",
                "1.2.3 | mm",
                "1/2/3 | mm",
                "3 in 4 | mm",
                "in | mm",
                "- | mm",
                "½½ | mm",
                "2:75 | s",
                "1e5 | mm",
                "NaN | mm",
                "1 1 1/2 | mm",
            })
    void what_is_no_figure_is_refused(String text, String unit) {
        assertThat(unread(text, unit).refusal().code()).isEqualTo("not-a-number");
    }

    @Test
    void another_quantity_is_said_to_be_one() {
        assertThat(unread("3 kg/ha", "mm").refusal().code()).isEqualTo("other-quantity");
        assertThat(unread("3 mm", "pH").refusal().code()).isEqualTo("other-quantity");
    }

    @Test
    void a_word_that_is_no_unit_is_named_and_the_right_one_told() {
        assertThat(unread("3 kg", "mm").getMessage()).isEqualTo("'kg' is not a unit here; write it in mm.");
        assertThat(unread("1,200", "mm").getMessage()).contains("write 1.200 or 1200.");
    }

    @Test
    void a_count_has_no_unit_and_takes_none() {
        assertThat(Figure.read("7", null).value()).isEqualTo(7);
        assertThat(unread("7 mm", null).refusal().code()).isEqualTo("other-quantity");
        assertThat(unread("many", null).getMessage()).isEqualTo("This is not a number.");
    }

    @ParameterizedTest
    @CsvSource({"0.1", "4.35", "1234567.891", "0.000123", "123456789012345", "6.894757293"})
    void every_digit_that_is_typed_is_kept(String typed) {
        assertThat(Figure.read(typed, "mm").value()).isEqualTo(Double.parseDouble(typed));
    }

    @Test
    void a_kept_figure_is_turned_into_a_persons_unit_and_an_unlike_one_is_not() {
        assertThat(Figure.turned(20, "°C", "°F")).isCloseTo(68, within(1e-9));
        assertThat(Figure.turned(88.9, "mm", "in")).isCloseTo(3.5, within(1e-9));
        assertThat(Figure.turned(5, "mm", "ha")).isEqualTo(5);
    }
}
