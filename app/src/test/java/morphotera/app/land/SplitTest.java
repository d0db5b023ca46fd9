package morphotera.app.land;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class SplitTest {
    private final Client adviser = Client.adviser();
    // 222 m to the north, 152 m to the east; a track along its northern edge.
    private final Plot plot = new Plot(
            adviser,
            0,
            Map.of(
                    "outline", List.of(at(47, -29), at(47, -28.998), at(47.002, -28.998), at(47.002, -29)),
                    "gate", at(47.0001, -29),
                    "water", at(47.0003, -29.0002),
                    "clayPercent", 31,
                    "avoid", List.of(List.of(at(47.0018, -29), at(47.0018, -28.998), at(47.0019, -28.999)))));
    private final String fresh = Client.id();
    private final String freshZone = Client.id();

    private static Map<String, Double> at(double lat, double lon) {
        return Map.of("lat", lat, "lon", lon);
    }

    private Client.Answer split(int version, Object... line) {
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("line", List.of(line));
        body.put("fieldId", fresh);
        body.put("zoneId", freshZone);
        body.put("name", "Upper half");
        body.put("version", version);
        return adviser.send("POST", "/api/fields/" + plot.field + "/split", body);
    }

    private String spot(String zone, String label, double lat) {
        String id = Client.id();
        adviser.send(
                        "PUT",
                        "/api/spots/" + id,
                        Map.of("zoneId", zone, "label", label, "lat", lat, "lon", -28.999, "version", 0))
                .expect(200);
        return id;
    }

    private int version() {
        return adviser.get("/api/fields/" + plot.field).json().get("version").asInt();
    }

    @Test
    void a_field_is_cut_in_two_and_the_part_with_the_gate_keeps_the_name() {
        JsonNode both = split(version(), at(47.0005, -29.001), at(47.0005, -28.997))
                .expect(200)
                .json();
        JsonNode stays = both.get("stays");
        JsonNode goes = both.get("goes");
        assertThat(stays.get("name").asString()).isEqualTo("Plot");
        assertThat(stays.get("areaHa").asDouble()).isCloseTo(0.846, within(0.01));
        assertThat(goes.get("name").asString()).isEqualTo("Upper half");
        assertThat(goes.get("areaHa").asDouble()).isCloseTo(2.54, within(0.01));
        assertThat(goes.get("clayPercent").asInt()).isEqualTo(31);
        assertThat(goes.get("gate").isNull()).isTrue();
        assertThat(goes.get("water")).as("water is drawn from one place").isEqualTo(stays.get("water"));
        assertThat(goes.at("/water/lat").asDouble()).isEqualTo(47.0003);
        assertThat(stays.get("avoid")).as("the track lies in the other part").isEmpty();
        assertThat(goes.get("avoid")).hasSize(1);
    }

    @Test
    void spots_of_the_part_that_goes_begin_there_and_what_was_read_stays_where_it_was() {
        String strip = plot.zone("limed strip", "strip");
        String low = spot(plot.mainZone, "1", 47.0002);
        String high = spot(plot.mainZone, "2", 47.0015);
        String inStrip = spot(strip, "3", 47.0016);
        JsonNode both = split(version(), at(47.0005, -29.001), at(47.0005, -28.997))
                .expect(200)
                .json();
        JsonNode stays = both.get("stays");
        assertThat(Plot.one(stays.get("spots"), "id", low).get("retiredOn").isNull())
                .isTrue();
        for (String gone : List.of(high, inStrip)) {
            assertThat(Plot.one(stays.get("spots"), "id", gone)
                            .get("retiredReason")
                            .asString())
                    .isEqualTo("Lies in Upper half since the field was split.");
        }
        JsonNode goes = both.get("goes");
        assertThat(goes.get("spots")).hasSize(2);
        assertThat(Plot.one(goes.get("spots"), "label", "2").get("zoneId").asString())
                .isEqualTo(freshZone);
        JsonNode third = Plot.one(goes.get("spots"), "label", "3");
        JsonNode zone = Plot.one(goes.get("zones"), "id", third.get("zoneId").asString());
        assertThat(zone.get("name").asString()).isEqualTo("limed strip");
        assertThat(zone.get("kind").asString()).isEqualTo("strip");
    }

    @Test
    void a_zone_that_is_drawn_over_the_line_goes_on_in_the_new_field() {
        String wet = Client.id();
        adviser.send(
                        "PUT",
                        "/api/zones/" + wet,
                        Map.of(
                                "fieldId",
                                plot.field,
                                "name",
                                "wet corner",
                                "kind",
                                "poor",
                                "outline",
                                List.of(
                                        at(47.0003, -28.9995),
                                        at(47.0003, -28.9985),
                                        at(47.0009, -28.9985),
                                        at(47.0009, -28.9995)),
                                "version",
                                0))
                .expect(200);
        JsonNode goes = split(version(), at(47.0005, -29.001), at(47.0005, -28.997))
                .expect(200)
                .json()
                .get("goes");
        JsonNode there = Plot.one(goes.get("zones"), "name", "wet corner");
        assertThat(there.at("/outline")).hasSize(4);
        there.at("/outline")
                .forEach(corner -> assertThat(corner.get("lat").asDouble())
                        .as("nothing of it lies below the line")
                        .isGreaterThan(47.000499));
        JsonNode here = Plot.one(adviser.get("/api/fields/" + plot.field).json().get("zones"), "id", wet);
        assertThat(here.at("/outline")).hasSize(4);
        here.at("/outline")
                .forEach(corner -> assertThat(corner.get("lat").asDouble())
                        .as("the rest stays where it was")
                        .isLessThan(47.000501));
    }

    @Test
    void the_same_split_sent_twice_is_one() {
        spot(plot.mainZone, "1", 47.0015);
        int version = version();
        JsonNode once = split(version, at(47.0005, -29.001), at(47.0005, -28.997))
                .expect(200)
                .json();
        JsonNode again = split(version, at(47.0005, -29.001), at(47.0005, -28.997))
                .expect(200)
                .json();
        assertThat(again).isEqualTo(once);
    }

    @Test
    void a_line_that_does_not_cut_and_a_field_somebody_changed_are_refused_and_nothing_is_saved() {
        int version = version();
        assertThat(split(version, at(46.9, -29.001), at(46.9, -28.997))
                        .expect(422)
                        .refusals())
                .containsExactly("/line not-in-two");
        assertThat(split(version, at(47.0005, -29.001)).expect(422).refusals()).containsExactly("/line too-few");
        assertThat(split(version + 1, at(47.0005, -29.001), at(47.0005, -28.997))
                        .expect(409)
                        .text("/current/name"))
                .isEqualTo("Plot");
        assertThat(adviser.get("/api/fields/" + fresh).status()).isEqualTo(404);
        assertThat(version()).isEqualTo(version);
    }
}
