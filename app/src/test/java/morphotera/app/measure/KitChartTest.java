package morphotera.app.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class KitChartTest {
    private final Client adviser = Client.adviser();
    private final String id = Client.id();

    private Map<String, Object> body(int version, double last) {
        return Map.of(
                "name", "Card of the blue box",
                "kit", "Blue box",
                "quantity", "ph",
                "unit", "pH",
                "steps",
                        List.of(
                                Map.of("value", 4.0, "label", "sour", "swatch", "#C9A23B"),
                                Map.of("value", 5.5, "swatch", "#9AA53B"),
                                Map.of("value", last, "swatch", "#3F8F5A")),
                "version", version);
    }

    private JsonNode read(Map<String, Object> by) {
        return adviser.send("POST", "/api/kit-charts/" + id + "/read", by)
                .expect(200)
                .json();
    }

    @Test
    void a_chart_is_kept_and_read_by_a_step_between_two_or_by_a_colour() {
        adviser.send("PUT", "/api/kit-charts/" + id, body(0, 7)).expect(200);
        assertThat(adviser.get("/api/kit-charts").json().findValuesAsString("id"))
                .contains(id);
        assertThat(read(Map.of("step", 2)).get("value").asDouble()).isEqualTo(7);
        assertThat(read(Map.of("between", 0, "share", 0.5)).get("value").asDouble())
                .isEqualTo(4.75);
        JsonNode seen = read(Map.of("colour", "#9AA53B"));
        assertThat(seen.get("value").asDouble()).isEqualTo(5.5);
        assertThat(seen.get("offBy").asDouble()).isZero();
    }

    @Test
    void what_the_chart_does_not_show_is_not_read_from_it() {
        adviser.send("PUT", "/api/kit-charts/" + id, body(0, 7)).expect(200);
        assertThat(refused(Map.of("colour", "#B02080"))).containsExactly("/colour off-the-chart");
        assertThat(refused(Map.of("step", 3))).containsExactly("/step out-of-range");
        assertThat(refused(Map.of("step", 1, "colour", "#9AA53B"))).containsExactly(" one-of");
        assertThat(refused(Map.of())).containsExactly(" missing");
    }

    private List<String> refused(Map<String, Object> by) {
        return adviser.send("POST", "/api/kit-charts/" + id + "/read", by)
                .expect(422)
                .refusals();
    }

    @Test
    void two_who_edit_one_chart_do_not_overwrite_each_other() {
        adviser.send("PUT", "/api/kit-charts/" + id, body(0, 7)).expect(200);
        assertThat(adviser.send("PUT", "/api/kit-charts/" + id, body(1, 7.5))
                        .expect(200)
                        .json()
                        .get("version")
                        .asInt())
                .isEqualTo(2);
        adviser.send("PUT", "/api/kit-charts/" + id, body(1, 8)).expect(409);
        assertThat(Client.signedIn("other@farside.example")
                        .get("/api/kit-charts")
                        .json()
                        .findValuesAsString("id"))
                .doesNotContain(id);
    }

    @Test
    void a_chart_whose_values_fall_is_refused_where_it_does() {
        assertThat(adviser.send("PUT", "/api/kit-charts/" + id, body(0, 5))
                        .expect(422)
                        .refusals())
                .containsExactly("/steps/2/value backward");
    }
}
