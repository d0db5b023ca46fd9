package morphotera.app.api;

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

/** Two people edit one thing by its paths: only what both changed differently is asked about. */
@ExtendWith(RunningApp.class)
class PatchTest {
    private final Client adviser = Client.adviser();
    private final Client second = Client.signedIn("second@tidewrack.example");
    private final Plot plot = new Plot(adviser, 1, Map.of("texture", "loam"));
    private final String visit = plot.visit(Plot.DAY, "moist");

    private static Map<String, Object> change(String path, Object was, Object is) {
        Map<String, Object> change = new LinkedHashMap<>();
        change.put("path", path);
        change.put("was", was);
        change.put("is", is);
        return change;
    }

    private static Map<String, Object> changes(int version, Object... all) {
        return Map.of("version", version, "changes", List.of(all));
    }

    private Client.Answer patch(Client by, Map<String, Object> changes) {
        return by.send("PATCH", "/api/visits/" + visit, changes);
    }

    @Test
    void two_people_tick_one_visit() {
        String ticks = "/ticks/" + plot.mainZone + "/";
        patch(adviser, changes(1, change(ticks + "white-crust", null, true))).expect(200);
        JsonNode both = patch(second, changes(1, change(ticks + "crust", null, false)))
                .expect(200)
                .json();
        assertThat(both.at(ticks + "white-crust").asBoolean()).isTrue();
        assertThat(both.at(ticks + "crust").asBoolean()).isFalse();
        assertThat(both.at(ticks + "crust").isMissingNode()).isFalse();
    }

    @Test
    void what_both_changed_differently_is_stale_with_what_stands() {
        patch(adviser, changes(1, change("/moisture", "moist", "wet"))).expect(200);
        Client.Answer stale =
                patch(second, changes(1, change("/moisture", "moist", "dry"))).expect(409);
        assertThat(stale.text("/code")).isEqualTo("stale");
        assertThat(stale.text("/current/moisture")).isEqualTo("wet");
        // Both said the same: nothing to ask about.
        patch(second, changes(1, change("/moisture", "moist", "wet"))).expect(200);
        // Having seen what stands, the other may say so.
        patch(second, changes(2, change("/moisture", "wet", "dry"))).expect(200);
    }

    @Test
    void a_value_is_taken_away_and_the_rest_stays() {
        patch(adviser, changes(1, change("/soilTemperatureC", null, 12), change("/weather", null, "fog")))
                .expect(200);
        JsonNode left = patch(adviser, changes(1, change("/weather", "fog", null)))
                .expect(200)
                .json();
        assertThat(left.get("weather").isNull()).isTrue();
        assertThat(left.get("soilTemperatureC").asDouble()).isEqualTo(12);
        assertThat(left.get("moisture").asString()).isEqualTo("moist");
    }

    @Test
    void what_is_wrong_is_said_at_its_place_in_the_thing() {
        assertThat(patch(adviser, changes(1, change("/moisture", "moist", "soaked")))
                        .expect(422)
                        .refusals())
                .containsExactly("/moisture unknown-word");
        assertThat(patch(adviser, changes(1, change("/soilTemperatureC", null, "warm")))
                        .expect(422)
                        .refusals())
                .containsExactly("/soilTemperatureC wrong-type");
        assertThat(patch(adviser, changes(1, change("/version", 1, 7)))
                        .expect(422)
                        .refusals())
                .containsExactly("/changes/0/path unknown-field");
        assertThat(patch(adviser, changes(1, change("moisture", "moist", "wet")))
                        .expect(422)
                        .refusals())
                .containsExactly("/changes/0/path not-a-path");
        assertThat(patch(adviser, changes(1, change("/day/year", null, 3)))
                        .expect(422)
                        .refusals())
                .containsExactly("/day/year unknown-field");
        assertThat(patch(adviser, Map.of("version", 1)).expect(422).refusals()).containsExactly("/changes missing");
        assertThat(patch(adviser, changes(1, change("/ticks/nowhere/white-crust", null, true)))
                        .expect(422)
                        .refusals())
                .containsExactly("/ticks/nowhere unknown-id");
    }

    @Test
    void land_and_what_was_done_to_it_are_edited_the_same_way() {
        JsonNode field = adviser.send(
                        "PATCH", "/api/fields/" + plot.field, changes(1, change("/name", "Plot", "Long Plot")))
                .expect(200)
                .json();
        assertThat(field.get("name").asString()).isEqualTo("Long Plot");
        assertThat(field.get("texture").asString()).isEqualTo("loam");
        adviser.send("PATCH", "/api/fields/" + plot.field, changes(1, change("/outline/0/lat", 47.0, 46.9999)))
                .expect(200);
        adviser.send("PATCH", "/api/zones/" + plot.mainZone, changes(1, change("/texture", null, "clay-loam")))
                .expect(200);
        String spot = plot.spots.get(0);
        assertThat(adviser.send("PATCH", "/api/spots/" + spot, changes(1, change("/note", null, "by the gate")))
                        .expect(200)
                        .text("/note"))
                .isEqualTo("by the gate");
        adviser.send("PATCH", "/api/holdings/" + plot.holding, changes(9, change("/name", "?", "Home")))
                .expect(409);
        String done = Client.id();
        adviser.send(
                        "PUT",
                        "/api/interventions/" + done,
                        Map.of("fieldId", plot.field, "doneOn", Plot.DAY, "kind", "lime", "version", 0))
                .expect(200);
        assertThat(adviser.send(
                                "PATCH",
                                "/api/interventions/" + done,
                                changes(1, change("/amount", null, 2.5), change("/unit", null, "t/ha")))
                        .expect(200)
                        .json()
                        .get("amount")
                        .asDouble())
                .isEqualTo(2.5);
    }

    @Test
    void a_stranger_finds_nothing_to_change_and_a_reader_changes_nothing() {
        Client.signedIn("other@farside.example")
                .send("PATCH", "/api/visits/" + visit, changes(1, change("/moisture", "moist", "wet")))
                .expect(404);
        Client.signedIn("grower@hallowquay.example")
                .send("PATCH", "/api/visits/" + visit, changes(1, change("/moisture", "moist", "wet")))
                .expect(403);
    }
}
