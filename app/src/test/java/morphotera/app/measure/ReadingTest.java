package morphotera.app.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import morphotera.app.Client;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class ReadingTest {
    private final Client adviser = Client.adviser();
    private final String visit = Client.id();
    private JsonNode church;
    private String spot;

    private Map<String, Object> visitBody(String moisture, int version) {
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("fieldId", church.at("/field/id").asString());
        body.put("day", "2031-05-14");
        body.put("state", "running");
        body.put("question", "routine");
        body.put("methods", List.of("slaking", "penetration"));
        body.put("moisture", moisture);
        body.put("version", version);
        return body;
    }

    @BeforeEach
    void aVisit() {
        church = adviser.card("Church Piece");
        spot = church.at("/field/spots/0/id").asString();
        adviser.send("PUT", "/api/visits/" + visit, visitBody("moist", 0)).expect(200);
    }

    private Map<String, Object> slaking(String... fellAt) {
        List<Object> crumbs = new ArrayList<>();
        for (String fell : fellAt) {
            crumbs.add(Map.of("fellAt", fell));
        }
        return body("slaking", Map.of("crumbState", "air-dry", "crumbs", crumbs));
    }

    private Map<String, Object> body(String method, Map<String, Object> reading) {
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("visitId", visit);
        body.put("spotId", spot);
        body.put("method", method);
        body.put("reading", reading);
        body.put("takenAt", "2031-05-14T10:00:00Z");
        return body;
    }

    private Client.Answer put(String id, Map<String, Object> body) {
        return adviser.send("PUT", "/api/readings/" + id, body);
    }

    @Test
    void the_same_reading_again_is_the_same_and_another_under_its_id_is_not() {
        String id = Client.id();
        Client.Answer first = put(id, slaking("never", "never", "strong")).expect(200);
        assertThat(first.json().at("/evaluation/score").asDouble()).isEqualTo(90);
        assertThat(put(id, slaking("never", "never", "strong")).expect(200).json())
                .isEqualTo(first.json());
        Client.Answer other = put(id, slaking("gentle", "gentle", "gentle")).expect(409);
        assertThat(other.text("/detail")).contains("corrected, not changed");
        assertThat(adviser.get("/api/visits/" + visit).json().get("readings")).hasSize(1);
    }

    @Test
    void a_saved_reading_is_what_evaluate_computes_of_it() {
        Map<String, Object> reading = Map.of(
                "cone",
                "small",
                "probes",
                List.of(Map.of(
                        "points",
                        List.of(
                                Map.of("depthCm", 15, "kPa", 1200),
                                Map.of("depthCm", 30, "kPa", 2600),
                                Map.of("depthCm", 45, "kPa", 1300)))));
        JsonNode saved = put(Client.id(), body("penetration", reading))
                .expect(200)
                .json()
                .get("evaluation");
        JsonNode field = church.get("field");
        Map<String, Object> context = Map.of(
                "use",
                field.get("use").asString(),
                "texture",
                field.get("texture").asString(),
                "clayPercent",
                field.get("clayPercent").asDouble(),
                "moisture",
                "moist");
        JsonNode computed = adviser.send(
                        "POST", "/api/methods/penetration/evaluate", Map.of("context", context, "reading", reading))
                .expect(200)
                .json();
        assertThat(saved).isEqualTo(computed);
        assertThat(computed.at("/words/pan").asBoolean()).isTrue();
        assertThat(computed.get("group").asString()).isEqualTo("structure");
    }

    @Test
    void a_day_put_right_names_the_readings_it_changed() {
        String cone = Client.id();
        Map<String, Object> points =
                Map.of("points", List.of(Map.of("depthCm", 15, "kPa", 1200), Map.of("depthCm", 30, "kPa", 2600)));
        put(cone, body("penetration", Map.of("cone", "small", "probes", List.of(points))))
                .expect(200);
        JsonNode saved = adviser.send("PUT", "/api/visits/" + visit, visitBody("dry", 1))
                .expect(200)
                .json();
        assertThat(saved.get("alsoChanged")).hasSize(1);
        assertThat(saved.at("/alsoChanged/0").asString()).isEqualTo(cone);
        Map<String, Object> planned = visitBody("dry", 2);
        planned.put("methods", List.of("slaking"));
        assertThat(adviser.send("PUT", "/api/visits/" + visit, planned)
                        .expect(200)
                        .json()
                        .get("alsoChanged"))
                .isEmpty();
    }

    @Test
    void a_correction_stands_and_the_old_version_is_kept() {
        String old = Client.id();
        put(old, slaking("gentle", "gentle", "gentle")).expect(200);
        Map<String, Object> corrected = slaking("never", "never", "never");
        corrected.put("corrects", old);
        assertThat(put(Client.id(), corrected).expect(422).refusals()).containsExactly("/correctionReason missing");
        corrected.put("correctionReason", "dishes changed over");
        String id = Client.id();
        put(id, corrected).expect(200);
        JsonNode readings = adviser.get("/api/visits/" + visit).json().get("readings");
        assertThat(readings).hasSize(2);
        assertThat(StreamSupport.stream(readings.spliterator(), false)
                        .filter(one -> one.get("id").asString().equals(old))
                        .findFirst()
                        .orElseThrow()
                        .get("correctedBy")
                        .asString())
                .isEqualTo(id);
        JsonNode scores = adviser.get("/api/visits/" + visit + "/scores").json();
        assertThat(scores.at("/methods/0/mean").asDouble()).isEqualTo(100);
        put(Client.id(), corrected).expect(409);
    }

    @Test
    void a_refused_reading_names_each_fault_and_nothing_is_stored() {
        Map<String, Object> bad = body(
                "slaking",
                Map.of(
                        "crumbState",
                        "soggy",
                        "crumbs",
                        List.of(Map.of("fellAt", "still"), Map.of("fellAt", "gentle", "seconds", 3))));
        assertThat(put(Client.id(), bad).expect(422).refusals())
                .containsExactlyInAnyOrder(
                        "/reading/crumbState unknown-word",
                        "/reading/crumbs/0/seconds missing",
                        "/reading/crumbs/1/seconds not-here");
        assertThat(adviser.get("/api/visits/" + visit).json().get("readings")).isEmpty();
    }

    @Test
    void an_unknown_visit_spot_or_method_is_refused_at_its_place() {
        Map<String, Object> lost = slaking("never");
        lost.put("visitId", Client.id());
        assertThat(put(Client.id(), lost).expect(422).refusals()).containsExactly("/visitId unknown-id");
        lost = slaking("never");
        lost.put("spotId", Client.id());
        assertThat(put(Client.id(), lost).expect(422).refusals()).containsExactly("/spotId unknown-id");
        lost = slaking("never");
        lost.put("method", "divining");
        lost.put("takenAt", "yesterday");
        assertThat(put(Client.id(), lost).expect(422).refusals())
                .containsExactlyInAnyOrder("/takenAt wrong-type", "/method unknown-word");
    }

    @Test
    void what_the_day_was_like_decides_what_counts_also_afterwards() {
        Map<String, Object> soft = Map.of(
                "cone", "small", "probes", List.of(Map.of("points", List.of(Map.of("depthCm", 45, "kPa", 900)))));
        JsonNode moist = put(Client.id(), body("penetration", soft)).expect(200).json();
        assertThat(moist.at("/evaluation/flags")).isEmpty();
        adviser.send("PUT", "/api/visits/" + visit, visitBody("dry", 1)).expect(200);
        JsonNode dry = adviser.get("/api/visits/" + visit).json().at("/readings/0/evaluation");
        assertThat(dry.at("/flags/0/code").asString()).isEqualTo("conditions");
        assertThat(dry.get("score").asDouble()).isEqualTo(100);
        assertThat(StreamSupport.stream(
                                adviser.get("/api/visits/" + visit + "/causes")
                                        .json()
                                        .get("blocked")
                                        .spliterator(),
                                false)
                        .map(one -> one.get("reason").asString()))
                .as("older visits still speak of the cone")
                .doesNotContain("too-coarse");
    }

    @Test
    void a_draft_is_carried_to_the_next_device_until_the_reading_counts() {
        String address = "/api/visits/" + visit + "/drafts/" + spot + "/slaking";
        adviser.send("PUT", address, Map.of("body", Map.of("step", "lay"), "changedAt", "2031-05-14T10:00:02Z"))
                .expect(204);
        adviser.send("PUT", address, Map.of("body", Map.of("step", "older"), "changedAt", "2031-05-14T10:00:01Z"))
                .expect(204);
        assertThat(adviser.get("/api/visits/" + visit).text("/drafts/0/body/step"))
                .isEqualTo("lay");
        put(Client.id(), slaking("never", "never", "never")).expect(200);
        assertThat(adviser.get("/api/visits/" + visit).json().get("drafts")).isEmpty();
    }

    @Test
    void a_clock_runs_until_it_is_ended_and_the_same_again_is_the_same() {
        String id = Client.id();
        Map<String, Object> clock = new LinkedHashMap<>(Map.of(
                "visitId",
                visit,
                "spotId",
                spot,
                "method",
                "slaking",
                "step",
                "lay",
                "beganAt",
                "2031-05-14T10:00:00Z"));
        adviser.send("PUT", "/api/clocks/" + id, clock).expect(200);
        adviser.send("PUT", "/api/clocks/" + id, clock).expect(200);
        assertThat(running(id)).isTrue();
        clock.put("endedAt", "2031-05-14T09:00:00Z");
        assertThat(adviser.send("PUT", "/api/clocks/" + id, clock).expect(422).refusals())
                .containsExactly("/endedAt backward");
        clock.put("endedAt", "2031-05-14T10:01:00Z");
        adviser.send("PUT", "/api/clocks/" + id, clock).expect(200);
        assertThat(running(id)).isFalse();
    }

    private boolean running(String id) {
        return StreamSupport.stream(adviser.get("/api/clocks").json().spliterator(), false)
                .anyMatch(one -> one.get("id").asString().equals(id));
    }

    private JsonNode result(String id) {
        return StreamSupport.stream(
                        adviser.get("/api/visits/" + visit)
                                .json()
                                .get("readings")
                                .spliterator(),
                        false)
                .filter(reading -> reading.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow()
                .get("evaluation");
    }

    private static List<String> flags(JsonNode evaluation) {
        return StreamSupport.stream(evaluation.get("flags").spliterator(), false)
                .map(flag -> flag.get("code").asString())
                .toList();
    }

    @Test
    void salt_read_later_at_the_spot_tells_that_no_halo_proves_nothing() {
        String dish = Client.id();
        put(dish, body("dispersion", Map.of("crumbs", List.of(Map.of("cloudAt10", "none")))))
                .expect(200);
        assertThat(flags(result(dish))).isEmpty();
        put(Client.id(), body("salinity", Map.of("ec", 6, "compensated", true, "ratio", "paste")))
                .expect(200);
        assertThat(flags(result(dish))).containsExactly("salt-hides");
        // A laboratory's figure comes before the meter's.
        put(Client.id(), body("laboratory", Map.of("ece", 1.5))).expect(200);
        assertThat(flags(result(dish))).isEmpty();
    }

    @Test
    void a_ph_read_at_the_spot_tells_whether_salt_may_be_nitrate() {
        String salt = Client.id();
        put(salt, body("salinity", Map.of("ec", 0.5, "compensated", true, "ratio", "1:1")))
                .expect(200);
        assertThat(result(salt).get("measures").toString()).contains("nitrateNAtMost");
        put(Client.id(), body("ph", Map.of("points", List.of(Map.of("depthCm", 5, "value", 7.6, "basis", "water")))))
                .expect(200);
        assertThat(result(salt).get("measures").toString()).doesNotContain("nitrateNAtMost");
    }

    @Test
    void how_a_ph_was_read_decides_its_grade_and_a_texture_by_hand_is_marked_as_estimated() {
        String card = Client.id();
        put(card, body("ph", Map.of("points", List.of(Map.of("depthCm", 5, "value", 6, "basis", "card")))))
                .expect(200);
        assertThat(result(card).get("grade").asString()).isEqualTo("B");
        String hand = Client.id();
        put(hand, body("texture-feel", Map.of("ball", true, "ribbonMm", 30, "feel", "neither")))
                .expect(200);
        JsonNode sand = result(hand).at("/measures/0");
        assertThat(sand.get("key").asString()).isEqualTo("sand");
        assertThat(sand.get("estimated").asBoolean()).isTrue();
    }

    @Test
    void carbon_of_a_laboratory_counts_in_its_own_group_in_the_visit_and_in_the_season() {
        put(Client.id(), body("laboratory", Map.of("organicMatterPercent", 3.448, "clayPercent", 20, "k", 180)))
                .expect(200);
        JsonNode scores =
                adviser.get("/api/visits/" + visit + "/scores?zone=main").json();
        assertThat(scores.get("groups").toString()).contains("carbon").contains("chemistry");
        double soil = scores.at("/soil/balanced").asDouble();
        Map<String, Object> done = visitBody("moist", 1);
        done.put("state", "done");
        adviser.send("PUT", "/api/visits/" + visit, done).expect(200);
        JsonNode card = adviser.card("Church Piece");
        assertThat(card.at("/scored/id").asString()).isEqualTo(visit);
        assertThat(card.get("score").asDouble()).isEqualTo(soil);
    }
}
