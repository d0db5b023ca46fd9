package morphotera.app.decide;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Strips laid out on a field, read without knowing the treatment, and judged block by block. */
@ExtendWith(RunningApp.class)
class TrialTest {
    private final Client adviser = Client.adviser();
    private final Plot plot = new Plot(adviser, 1, Map.of());
    private final String trial = Client.id();
    /** By block and treatment: the zone, and its two spots. */
    private final Map<String, List<String>> strips = new LinkedHashMap<>();

    private Map<String, Object> body(int blocks, int version) {
        List<Object> all = new ArrayList<>();
        for (int block = 0; block < blocks; block++) {
            for (int treatment = 1; treatment >= 0; treatment--) {
                List<String> ids = strips.computeIfAbsent(
                        block + "/" + treatment, any -> List.of(Client.id(), Client.id(), Client.id()));
                double lat = 47.0006 + 1e-5 * (2 * block + treatment);
                all.add(Map.of(
                        "treatment", treatment,
                        "block", block,
                        "zoneId", ids.get(0),
                        "polygon",
                                List.of(
                                        Map.of("lat", lat, "lon", -29.0002),
                                        Map.of("lat", lat, "lon", -29.0004),
                                        Map.of("lat", lat + 1e-5, "lon", -29.0004)),
                        "spots",
                                List.of(
                                        Map.of("id", ids.get(1), "lat", lat, "lon", -29.00025),
                                        Map.of("id", ids.get(2), "lat", lat, "lon", -29.00035))));
            }
        }
        return new LinkedHashMap<>(Map.of(
                "fieldId",
                plot.field,
                "name",
                "Lime",
                "treatments",
                List.of("left alone", "limed"),
                "strips",
                all,
                "version",
                version));
    }

    private String read(String day, double untreated, double treated) {
        Map<String, Object> visit = plot.visitBody(day, "moist", 0);
        visit.put("state", "done");
        String id = Client.id();
        adviser.send("PUT", "/api/visits/" + id, visit).expect(200);
        strips.forEach((which, ids) -> {
            double ph = which.endsWith("/1") ? treated : untreated;
            plot.take(id, ids.get(1), "ph", Plot.ph("water", ph));
            plot.take(id, ids.get(2), "ph", Plot.ph("water", ph + 0.1));
        });
        return id;
    }

    private JsonNode trials() {
        return adviser.get("/api/fields/" + plot.field + "/trials").expect(200).json();
    }

    @Test
    @SuppressWarnings("unchecked")
    void a_strip_beside_the_field_is_refused_at_its_place_and_none_is_laid_out() {
        Map<String, Object> body = body(2, 0);
        Map<String, Object> strip = new LinkedHashMap<>((Map<String, Object>) ((List<?>) body.get("strips")).get(1));
        strip.put(
                "polygon",
                List.of(
                        Map.of("lat", 46.9, "lon", -29.0),
                        Map.of("lat", 46.9, "lon", -29.001),
                        Map.of("lat", 46.901, "lon", -29.0)));
        ((List<Object>) body.get("strips")).set(1, strip);
        assertThat(adviser.send("PUT", "/api/trials/" + trial, body).expect(422).refusals())
                .containsExactly("/strips/1/polygon apart");
        assertThat(adviser.get("/api/fields/" + plot.field).json().get("zones")).hasSize(1);
    }

    @Test
    void each_strip_becomes_a_zone_that_does_not_tell_its_treatment() {
        adviser.send("PUT", "/api/trials/" + trial, body(3, 0)).expect(200);
        JsonNode field = adviser.get("/api/fields/" + plot.field).json();
        assertThat(Plot.one(field.get("zones"), "name", "Lime, strip 1a").get("outline"))
                .as("it is drawn on the map")
                .hasSize(3);
        List<String> names = new ArrayList<>();
        field.get("zones").forEach(zone -> {
            if (zone.get("kind").asString().equals("strip")) {
                names.add(zone.get("name").asString());
            }
        });
        assertThat(names)
                .containsExactlyInAnyOrder(
                        "Lime, strip 1a",
                        "Lime, strip 1b",
                        "Lime, strip 2a",
                        "Lime, strip 2b",
                        "Lime, strip 3a",
                        "Lime, strip 3b");
        assertThat(field.get("spots")).hasSize(13);
        // Sent again after a lost answer it is the same, and lays out nothing twice.
        assertThat(adviser.send("PUT", "/api/trials/" + trial, body(3, 0))
                        .expect(200)
                        .json()
                        .get("version")
                        .asInt())
                .isEqualTo(1);
    }

    @Test
    void a_later_visit_gives_the_verdict_and_the_strips_come_due_again() {
        adviser.send("PUT", "/api/trials/" + trial, body(3, 0)).expect(200);
        read("2029-05-14", 5.0, 5.0);
        Map<String, Object> begun = body(3, 1);
        begun.put("begunOn", "2029-09-01");
        adviser.send("PUT", "/api/trials/" + trial, begun).expect(200);
        String strip = strips.get("0/1").get(0);
        JsonNode due = adviser.get("/api/retests?from=2029-09-01&to=2031-12-31").json();
        JsonNode ofStrip = Plot.one(due, "zone", strip);
        assertThat(ofStrip.get("why").asString()).isEqualTo("trial");
        assertThat(ofStrip.get("due").asString()).isEqualTo("2030-04-14");

        String later = read("2030-05-14", 5.0, 6.2);
        JsonNode verdicts = trials().get(0).get("verdicts");
        assertThat(verdicts.get(0).get("before").asBoolean()).isTrue();
        assertThat(verdicts.get(0).at("/methods/0/verdict").asString()).isEqualTo("no-clear-difference");
        JsonNode now = Plot.one(verdicts, "visit", later).at("/methods/0");
        assertThat(now.get("verdict").asString()).isEqualTo("better");
        assertThat(now.get("low").asDouble()).isPositive();
        assertThat(now.get("blocks")).hasSize(3);
    }

    @Test
    void strips_that_were_laid_out_are_not_moved() {
        adviser.send("PUT", "/api/trials/" + trial, body(3, 0)).expect(200);
        assertThat(adviser.send("PUT", "/api/trials/" + trial, body(2, 1))
                        .expect(422)
                        .refusals())
                .containsExactly("/strips not-moved");
    }

    @Test
    void a_trial_that_cannot_be_is_refused_at_its_places() {
        Map<String, Object> body = body(2, 0);
        body.put("treatments", List.of("only one"));
        assertThat(adviser.send("PUT", "/api/trials/" + trial, body).expect(422).refusals())
                .containsExactly("/treatments too-few");
        Map<String, Object> twice = body(2, 0);
        @SuppressWarnings("unchecked")
        List<Object> all = (List<Object>) twice.get("strips");
        all.set(1, all.get(0));
        assertThat(adviser.send("PUT", "/api/trials/" + trial, twice)
                        .expect(422)
                        .refusals())
                .containsExactly("/strips/1 twice", "/strips/1/zoneId twice");
        Map<String, Object> ended = body(2, 0);
        ended.put("begunOn", "2030-05-01");
        ended.put("endedOn", "2030-04-01");
        assertThat(adviser.send("PUT", "/api/trials/" + trial, ended)
                        .expect(422)
                        .refusals())
                .containsExactly("/endedOn out-of-range");
        assertThat(trials()).isEmpty();
    }

    @Test
    void nobody_of_another_practice_sees_a_trial() {
        adviser.send("PUT", "/api/trials/" + trial, body(3, 0)).expect(200);
        Client.signedIn("other@farside.example")
                .get("/api/fields/" + plot.field + "/trials")
                .expect(404);
    }

    @Test
    void a_grower_may_design_a_trial_though_the_practice_has_one_they_do_not_see() {
        adviser.send("PUT", "/api/trials/" + trial, body(3, 0)).expect(200);
        Map<String, Object> design = new LinkedHashMap<>(Map.of(
                "treatments", 2,
                "replicates", 4,
                "stripM", 12,
                "marginM", 15,
                "difference", 20,
                "spotSd", 9,
                "observerSpread", 8));
        List<List<Double>> ring = List.of(
                List.of(-29.0, 47.0),
                List.of(-28.994, 47.0),
                List.of(-28.994, 47.003),
                List.of(-29.0, 47.003),
                List.of(-29.0, 47.0));
        design.put("polygon", Map.of("type", "Polygon", "coordinates", List.of(ring)));
        Client.signedIn("grower@hallowquay.example")
                .send("POST", "/api/trials/design", design)
                .expect(200);
    }
}
