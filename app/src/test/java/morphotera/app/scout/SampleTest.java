package morphotera.app.scout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Soil of several spots in one bag: the zone's one value, and what the way to the laboratory does to it. */
@ExtendWith(RunningApp.class)
class SampleTest {
    private static final Map<String, Object> FIGURES =
            Map.of("ph", Map.of("value", 6.1, "basis", "water"), "microbialCarbon", 300, "organicMatterPercent", 3);

    private final Client adviser = Client.adviser();
    private Plot plot;
    private String visit;

    @BeforeEach
    void aVisit() {
        plot = new Plot(adviser, 3, Map.of());
        visit = plot.visit(Plot.DAY, "moist");
    }

    private Map<String, Object> body(Object... more) {
        Map<String, Object> body = new LinkedHashMap<>(Map.of(
                "visitId",
                visit,
                "label",
                "A",
                "spots",
                plot.spots,
                "subsamples",
                10,
                "topCm",
                0,
                "bottomCm",
                15,
                "takenAt",
                Plot.DAY + "T09:00:00Z",
                "cooledAt",
                Plot.DAY + "T10:00:00Z",
                "asked",
                List.of("ph", "phosphorus"),
                "version",
                0));
        for (int i = 0; i < more.length; i += 2) {
            body.put((String) more[i], more[i + 1]);
        }
        return body;
    }

    private String sample(Object... more) {
        String id = Client.id();
        adviser.send("PUT", "/api/samples/" + id, body(more)).expect(200);
        return id;
    }

    private Map<String, Object> of(String sample, String method, Map<String, ?> reading) {
        Map<String, Object> body = plot.reading(visit, plot.spots.get(0), method, reading);
        body.remove("spotId");
        body.put("sampleId", sample);
        return body;
    }

    private JsonNode take(String sample, String method, Map<String, ?> reading) {
        return adviser.send("PUT", "/api/readings/" + Client.id(), of(sample, method, reading))
                .expect(200)
                .json();
    }

    private JsonNode row(String method, boolean mixed) {
        for (JsonNode row : adviser.get("/api/visits/" + visit + "/scores")
                .expect(200)
                .json()
                .get("methods")) {
            if (row.get("method").asString().equals(method) && row.get("mixed").asBoolean() == mixed) {
                return row;
            }
        }
        throw new AssertionError("no row of " + method);
    }

    @Test
    void what_is_read_from_a_mixture_is_the_zones_one_value_and_in_no_mean_of_spots() {
        String kit = "nutrient-kit";
        plot.take(visit, plot.spots.get(0), kit, Map.of("p", "adequate"));
        plot.take(visit, plot.spots.get(1), kit, Map.of("p", "adequate"));
        JsonNode read = take(sample(), kit, Map.of("p", "depleted"));
        assertThat(read.get("spotId").isNull()).isTrue();
        JsonNode spots = row(kit, false);
        assertThat(spots.get("n").asInt()).isEqualTo(2);
        assertThat(spots.get("mean").asDouble()).isEqualTo(70);
        assertThat(spots.get("inGroup").asBoolean()).isTrue();
        JsonNode mixed = row(kit, true);
        assertThat(mixed.get("n").asInt()).isEqualTo(1);
        assertThat(mixed.get("mean").asDouble()).isZero();
        assertThat(mixed.get("inGroup").asBoolean()).isFalse();
    }

    @Test
    void a_mixture_alone_makes_its_groups_score() {
        take(sample(), "laboratory", FIGURES);
        assertThat(row("laboratory", true).get("inGroup").asBoolean()).isTrue();
    }

    @Test
    void a_bag_handed_over_late_keeps_its_ph_and_loses_its_life() {
        String id = sample();
        JsonNode read = take(id, "laboratory", FIGURES);
        assertThat(read.at("/evaluation/flags")).isEmpty();
        adviser.send(
                        "PATCH",
                        "/api/samples/" + id,
                        Map.of("version", 1, "changes", List.of(new LinkedHashMap<String, Object>() {
                            {
                                put("path", "/handedOverAt");
                                put("was", null);
                                put("is", "2031-05-17T09:00:00Z");
                            }
                        })))
                .expect(200);
        JsonNode after = Plot.one(
                adviser.get("/api/visits/" + visit).expect(200).json().get("readings"),
                "id",
                read.get("id").asString());
        assertThat(after.at("/evaluation/flags/0/code").asString()).isEqualTo("kept-long");
        assertThat(after.at("/evaluation/flags/0/level").asString()).isEqualTo("warning");
        assertThat(after.at("/evaluation/hollow").toString()).isEqualTo("[\"microbialShare\"]");
    }

    @Test
    void lime_spread_in_the_weeks_before_is_found_again() {
        adviser.send(
                        "PUT",
                        "/api/interventions/" + Client.id(),
                        Map.of("fieldId", plot.field, "doneOn", "2031-04-01", "kind", "lime", "version", 0))
                .expect(200);
        JsonNode read = take(sample(), "laboratory", FIGURES);
        assertThat(read.at("/evaluation/flags/0/code").asString()).isEqualTo("just-dressed");
        assertThat(read.at("/evaluation/hollow").toString()).contains("ph").doesNotContain("microbialShare");
    }

    @Test
    void a_reading_is_of_a_spot_or_of_a_sample_that_mixing_does_not_spoil() {
        String sample = sample();
        Map<String, Object> both = of(sample, "laboratory", FIGURES);
        both.put("spotId", plot.spots.get(0));
        assertThat(refused(both)).containsExactly("/sampleId one-of");
        Map<String, Object> neither = of(sample, "laboratory", FIGURES);
        neither.remove("sampleId");
        assertThat(refused(neither)).containsExactly("/spotId missing");
        assertThat(refused(of(sample, "slaking", Plot.slaking(5, "never", "never", "never"))))
                .containsExactly("/sampleId not-mixed");
        assertThat(refused(of(Client.id(), "laboratory", FIGURES))).containsExactly("/sampleId unknown-id");
    }

    private List<String> refused(Map<String, Object> reading) {
        return adviser.send("PUT", "/api/readings/" + Client.id(), reading)
                .expect(422)
                .refusals();
    }

    @Test
    void a_sample_is_mixed_from_one_zone_with_its_times_in_order() {
        String poor = plot.spot(plot.zone("poor corner", "poor"), "9", 9);
        assertThat(refusedSample("spots", List.of(plot.spots.get(0), poor))).containsExactly("/spots/1 other-zone");
        assertThat(refusedSample("spots", List.of())).containsExactly("/spots missing");
        assertThat(refusedSample("spots", List.of(Client.id()))).containsExactly("/spots/0 unknown-id");
        assertThat(refusedSample("bottomCm", 0)).containsExactly("/bottomCm backward");
        assertThat(refusedSample("cooledAt", "2031-05-13T09:00:00Z")).containsExactly("/cooledAt backward");
        assertThat(refusedSample("visitId", Client.id())).containsExactly("/visitId unknown-id");
    }

    private List<String> refusedSample(Object... more) {
        return adviser.send("PUT", "/api/samples/" + Client.id(), body(more))
                .expect(422)
                .refusals();
    }

    @Test
    void its_clock_and_its_draft_run_under_the_samples_own_place() {
        String sample = sample();
        String clock = Client.id();
        adviser.send(
                        "PUT",
                        "/api/clocks/" + clock,
                        Map.of(
                                "visitId",
                                visit,
                                "sampleId",
                                sample,
                                "method",
                                "respiration",
                                "step",
                                "seal",
                                "beganAt",
                                Plot.DAY + "T10:00:00Z"))
                .expect(200);
        JsonNode running = Plot.one(adviser.get("/api/clocks").expect(200).json(), "id", clock);
        assertThat(running.get("sampleId").asString()).isEqualTo(sample);
        assertThat(running.get("spotLabel").asString()).isEqualTo("A");
        adviser.send(
                        "PUT",
                        "/api/visits/" + visit + "/drafts/" + sample + "/laboratory",
                        Map.of("body", Map.of("step", "label"), "changedAt", Plot.DAY + "T10:00:00Z"))
                .expect(204);
        JsonNode draft = adviser.get("/api/visits/" + visit).expect(200).json().at("/drafts/0");
        assertThat(draft.get("sampleId").asString()).isEqualTo(sample);
        assertThat(draft.get("spotId").isNull()).isTrue();
    }

    @Test
    void another_practice_knows_nothing_of_it() {
        Client other = Client.signedIn("other@farside.example");
        other.send("PUT", "/api/samples/" + sample(), body("version", 1)).expect(422);
    }
}
