package morphotera.app.land;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningApp.class)
class LandTest {
    private final Client adviser = Client.adviser();
    private final String holding = Client.id();
    private final String field = Client.id();

    private static Map<String, Double> at(double lat, double lon) {
        return Map.of("lat", lat, "lon", lon);
    }

    private Map<String, Object> body() {
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("holdingId", holding);
        body.put("mainZoneId", Client.id());
        body.put("name", "Tide Corner");
        body.put("use", "arable");
        body.put("texture", "loam");
        body.put("outline", List.of(at(47.6, -29.1), at(47.601, -29.1), at(47.601, -29.098)));
        body.put("version", 0);
        return body;
    }

    private Client.Answer put(Map<String, Object> body) {
        return adviser.send("PUT", "/api/fields/" + field, body);
    }

    @BeforeEach
    void aHolding() {
        adviser.send("PUT", "/api/holdings/" + holding, Map.of("name", "New Holding", "version", 0))
                .expect(200);
    }

    @Test
    void a_new_field_has_its_area_and_its_first_zone() {
        Client.Answer made = put(body()).expect(200);
        assertThat(made.json().get("areaHa").asDouble()).isCloseTo(0.84, within(0.01));
        assertThat(made.text("/zones/0/kind")).isEqualTo("main");
        assertThat(made.text("/school")).isEqualTo("balanced");
    }

    @Test
    void water_to_draw_is_a_place_on_the_globe_or_is_not_known() {
        Map<String, Object> body = body();
        body.put("water", at(97.6, -29.1));
        assertThat(put(body).expect(422).text("/errors/0/path")).isEqualTo("/water/lat");
        body.put("water", at(47.6004, -29.1));
        assertThat(put(body).expect(200).json().at("/water/lat").asDouble()).isEqualTo(47.6004);
        body.put("water", null);
        body.put("version", 1);
        assertThat(put(body).expect(200).json().get("water").isNull()).isTrue();
    }

    @Test
    void the_same_again_is_the_same_and_a_stale_version_gets_both() {
        put(body()).expect(200);
        assertThat(put(body()).expect(200).json().get("version").asInt()).isEqualTo(1);
        Map<String, Object> renamed = body();
        renamed.put("name", "Tide Edge");
        renamed.put("version", 1);
        assertThat(put(renamed).expect(200).json().get("version").asInt()).isEqualTo(2);
        renamed.put("name", "Somebody else's name");
        Client.Answer stale = put(renamed).expect(409);
        assertThat(stale.text("/current/name")).isEqualTo("Tide Edge");
        assertThat(stale.text("/detail")).contains("version 1");
    }

    @Test
    void everything_wrong_with_a_field_is_said_at_once_at_its_place() {
        Map<String, Object> bad = body();
        bad.put("name", " ");
        bad.put("use", "moorland");
        bad.put("clayPercent", 140);
        bad.put("coastal", "yes");
        bad.put("timeZone", "Moon/Crater");
        bad.put("colour", "brown");
        bad.put("outline", List.of(at(47.6, -29.1), at(97.6, -29.1), Map.of("lat", "north", "lon", -29.1)));
        assertThat(put(bad).expect(422).refusals())
                .containsExactlyInAnyOrder(
                        "/name missing",
                        "/use unknown-word",
                        "/clayPercent out-of-range",
                        "/coastal wrong-type",
                        "/timeZone unknown-word",
                        "/colour unknown-field",
                        "/outline/1/lat out-of-range",
                        "/outline/2/lat wrong-type");
        assertThat(adviser.get("/api/fields/" + field).status())
                .as("nothing half-saved")
                .isEqualTo(404);
    }

    @Test
    void an_unknown_holding_is_refused_at_its_place() {
        Map<String, Object> lost = body();
        lost.put("holdingId", Client.id());
        assertThat(put(lost).expect(422).refusals()).containsExactly("/holdingId unknown-id");
    }

    @Test
    void a_spot_with_readings_is_retired_and_never_moved() {
        var church = adviser.card("Church Piece").get("field");
        var spot = church.get("spots").get(0);
        Map<String, Object> moved = new LinkedHashMap<>(
                Map.of("zoneId", spot.get("zoneId").asString(), "label", "1", "lat", 47.6, "lon", -29.1, "version", 1));
        String address = "/api/spots/" + spot.get("id").asString();
        assertThat(adviser.send("PUT", address, moved).expect(422).refusals()).containsExactly("/lat not-moved");
        moved.put("lat", spot.get("lat").asDouble());
        moved.put("lon", spot.get("lon").asDouble());
        moved.put("retiredOn", "2031-05-14");
        assertThat(adviser.send("PUT", address, moved).expect(422).refusals())
                .containsExactly("/retiredReason missing");
    }

    @Test
    void a_new_spot_is_free_to_move_until_something_is_read_there() {
        put(body()).expect(200);
        String zone = adviser.get("/api/fields/" + field).text("/zones/0/id");
        String spot = "/api/spots/" + Client.id();
        Map<String, Object> here =
                new LinkedHashMap<>(Map.of("zoneId", zone, "label", "1", "lat", 47.6, "lon", -29.1, "version", 0));
        adviser.send("PUT", spot, here).expect(200);
        here.put("lat", 47.6001);
        here.put("version", 1);
        assertThat(adviser.send("PUT", spot, here)
                        .expect(200)
                        .json()
                        .get("version")
                        .asInt())
                .isEqualTo(2);
    }

    private Client.Answer zone(String id, int version, Object... outline) {
        return adviser.send(
                "PUT",
                "/api/zones/" + id,
                Map.of(
                        "fieldId",
                        field,
                        "name",
                        "wet corner",
                        "kind",
                        "poor",
                        "outline",
                        List.of(outline),
                        "version",
                        version));
    }

    @Test
    void a_zone_is_drawn_redrawn_and_rubbed_out_again() {
        put(body()).expect(200);
        String id = Client.id();
        Client.Answer drawn = zone(id, 0, at(47.6005, -29.0995), at(47.601, -29.0995), at(47.601, -29.099))
                .expect(200);
        assertThat(drawn.json().get("outline")).hasSize(3);
        zone(id, 1, at(47.6005, -29.0995), at(47.6009, -29.0995), at(47.601, -29.099))
                .expect(200);
        assertThat(adviser.get("/api/fields/" + field)
                        .json()
                        .at("/zones/1/outline/1/lat")
                        .asDouble())
                .isEqualTo(47.6009);
        zone(id, 2).expect(200);
        assertThat(adviser.get("/api/fields/" + field).json().at("/zones/1/outline"))
                .isEmpty();
    }

    @Test
    void a_zone_that_crosses_itself_or_lies_beside_its_field_is_refused() {
        put(body()).expect(200);
        assertThat(zone(
                                Client.id(),
                                0,
                                at(47.6005, -29.0995),
                                at(47.601, -29.099),
                                at(47.601, -29.0995),
                                at(47.6005, -29.099))
                        .expect(422)
                        .refusals())
                .containsExactly("/outline crosses-itself");
        assertThat(zone(Client.id(), 0, at(47.7, -29.1), at(47.701, -29.1), at(47.701, -29.099))
                        .expect(422)
                        .refusals())
                .containsExactly("/outline apart");
        assertThat(zone(Client.id(), 0, at(47.7, -29.1), at(47.701, -29.1))
                        .expect(422)
                        .refusals())
                .containsExactly("/outline too-few");
    }
}
