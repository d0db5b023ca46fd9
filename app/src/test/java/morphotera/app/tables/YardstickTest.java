package morphotera.app.tables;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A practice makes a yardstick of its own, and what was scored by the old one stays as it was. */
@ExtendWith(RunningApp.class)
class YardstickTest {
    private static final List<List<Double>> SOUR_IS_FINE = List.of(List.of(3.0, 100.0), List.of(9.0, 0.0));

    private final Client adviser = Client.adviser();
    private final String id = Client.id();

    private Client.Answer put(int version, Map<String, ?> curves, Object... more) {
        Map<String, Object> body = new LinkedHashMap<>(
                Map.of("name", "Sour hills", "region", "the hills", "curves", curves, "version", version));
        for (int i = 0; i < more.length; i += 2) {
            body.put((String) more[i], more[i + 1]);
        }
        return adviser.send("PUT", "/api/yardsticks/" + id, body);
    }

    private static Map<String, Object> ph(List<List<Double>> knots) {
        return Map.of("ph", Map.of("knots", knots));
    }

    @Test
    void a_copy_takes_over_all_curves_but_those_it_replaces_and_old_versions_stay_readable() {
        JsonNode shipped = shipped();
        JsonNode first = put(0, ph(SOUR_IS_FINE)).expect(200).json();
        assertThat(first.get("version").asInt()).isEqualTo(1);
        assertThat(first.at("/curves/ph/knots/0/1").asDouble()).isEqualTo(100);
        assertThat(first.at("/curves/ph/x")).isEqualTo(shipped.at("/curves/ph/x"));
        assertThat(first.at("/curves/earthworms")).isEqualTo(shipped.at("/curves/earthworms"));
        assertThat(first.at("/basedOn/id")).isEqualTo(shipped.get("id"));

        put(1, ph(List.of(List.of(3.0, 50.0), List.of(9.0, 0.0))), "name", "Sourer hills")
                .expect(200);
        assertThat(adviser.get("/api/yardsticks/" + id + "?version=1")
                        .expect(200)
                        .json())
                .isEqualTo(first);
        assertThat(adviser.get("/api/yardsticks/" + id).expect(200).text("/name"))
                .isEqualTo("Sourer hills");
        assertThat(put(1, ph(SOUR_IS_FINE)).expect(409).text("/current/name")).isEqualTo("Sourer hills");
        adviser.get("/api/yardsticks/" + id + "?version=9").expect(404);
    }

    @Test
    void one_that_was_taken_out_as_a_file_comes_in_with_every_curve() {
        JsonNode shipped = shipped();
        Map<String, Object> curves = new LinkedHashMap<>();
        shipped.get("curves").properties().forEach(one -> curves.put(one.getKey(), one.getValue()));
        JsonNode brought = put(0, curves, "basedOn", null).expect(200).json();
        assertThat(brought.get("curves")).isEqualTo(shipped.get("curves"));
    }

    @Test
    void the_one_that_ships_is_never_changed() {
        String of = shipped().get("id").asString();
        assertThat(adviser.send("PUT", "/api/yardsticks/" + of, Map.of("name", "Mine now", "version", 2))
                        .expect(422)
                        .refusals())
                .containsExactly(" shipped");
    }

    @Test
    void every_wrong_knot_is_named_where_it_is() {
        Map<String, Object> curves = new LinkedHashMap<>();
        curves.put("ph", Map.of("knots", List.of(List.of(5.0, 10.0), List.of(5.0, 20.0), List.of(6.0, 101.0))));
        curves.put("earthworms", Map.of("knots", List.of(List.of(1.0, 10.0))));
        curves.put("brix", Map.of("knots", List.of(List.of(1.0), List.of(2.0, 20.0))));
        curves.put("mood", Map.of("knots", SOUR_IS_FINE));
        curves.put("ph@full-moon", Map.of("knots", SOUR_IS_FINE));
        assertThat(put(0, curves).expect(422).refusals())
                .containsExactlyInAnyOrder(
                        "/curves/ph/knots/1 not-rising",
                        "/curves/ph/knots/2 out-of-range",
                        "/curves/earthworms/knots too-few",
                        "/curves/brix/knots/0 wrong-type",
                        "/curves/mood unknown-curve",
                        "/curves/ph@full-moon unknown-narrowing");
        adviser.get("/api/yardsticks/" + id).expect(404);
    }

    @Test
    void a_field_is_scored_by_its_own_from_then_on_and_what_was_scored_before_keeps_what_it_had() {
        put(0, ph(SOUR_IS_FINE)).expect(200);
        Plot plot = new Plot(adviser, 3, Map.of("texture", "loam"));
        String visit = plot.visit(Plot.DAY, "moist");
        String before = plot.take(visit, plot.spots.get(0), "ph", Plot.ph("water", 3.0));
        JsonNode field = adviser.get("/api/fields/" + plot.field).expect(200).json();
        adviser.send(
                        "PATCH",
                        "/api/fields/" + plot.field,
                        Map.of(
                                "version",
                                field.get("version").asInt(),
                                "changes",
                                List.of(Map.of("path", "/yardstickId", "is", id))))
                .expect(200);
        String after = plot.take(visit, plot.spots.get(1), "ph", Plot.ph("water", 3.0));
        JsonNode readings =
                adviser.get("/api/visits/" + visit).expect(200).json().get("readings");
        assertThat(Plot.one(readings, "id", after).at("/evaluation/score").asDouble())
                .isEqualTo(100);
        assertThat(Plot.one(readings, "id", after).get("yardstick").asString()).isEqualTo("Sour hills");
        assertThat(Plot.one(readings, "id", before).at("/evaluation/score").asDouble())
                .isLessThan(40);
        // Another day's conditions compute both again, each by its own.
        adviser.send("PUT", "/api/visits/" + visit, plot.visitBody(Plot.DAY, "wet", 1))
                .expect(200);
        JsonNode again = adviser.get("/api/visits/" + visit).expect(200).json().get("readings");
        assertThat(Plot.one(again, "id", before).at("/evaluation/score").asDouble())
                .isLessThan(40);
        assertThat(Plot.one(again, "id", after).at("/evaluation/score").asDouble())
                .isEqualTo(100);
    }

    @Test
    void scoring_again_with_another_is_a_comparison_and_changes_nothing() {
        put(0, ph(SOUR_IS_FINE), "school", "weakest").expect(200);
        Plot plot = new Plot(adviser, 3, Map.of("texture", "loam"));
        String visit = plot.visit(Plot.DAY, "moist");
        plot.spots.forEach(spot -> plot.take(visit, spot, "ph", Plot.ph("water", 3.0)));
        JsonNode before =
                adviser.get("/api/visits/" + visit + "/scores").expect(200).json();
        JsonNode other = adviser.get("/api/visits/" + visit + "/scores?yardstick=" + id)
                .expect(200)
                .json();
        assertThat(other.at("/methods/0/mean").asDouble()).isEqualTo(100);
        assertThat(other.at("/yardstick/name").asString()).isEqualTo("Sour hills");
        assertThat(other.at("/yardstick/version").asInt()).isEqualTo(1);
        assertThat(adviser.get("/api/visits/" + visit + "/scores").expect(200).json())
                .isEqualTo(before);
        assertThat(before.at("/yardstick/id")).isEqualTo(shipped().get("id"));
        adviser.get("/api/visits/" + visit + "/scores?yardstick=" + Client.id()).expect(404);
    }

    private JsonNode shipped() {
        return adviser.get("/api/yardsticks").expect(200).json().get(0);
    }
}
