package morphotera.app.read;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.StreamSupport;
import morphotera.app.Client;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Church Piece through the API: what is read, decided and followed, in the handbook's own names. */
@ExtendWith(RunningApp.class)
class ContractTest {
    private static Client adviser;
    private static JsonNode church;
    private static String first;
    private static String last;

    @BeforeAll
    static void story() {
        adviser = Client.adviser();
        church = adviser.card("Church Piece");
        List<String> done = StreamSupport.stream(church.get("visits").spliterator(), false)
                .filter(visit -> visit.get("state").asString().equals("done"))
                .map(visit -> visit.get("id").asString())
                .toList();
        last = done.get(0);
        first = done.get(done.size() - 1);
    }

    @Test
    void scores_have_spots_means_groups_schools_and_coverage() {
        JsonNode scores = adviser.get("/api/visits/" + first + "/scores?zone=main")
                .expect(200)
                .json();
        assertThat(scores.propertyNames())
                .containsExactlyInAnyOrder("methods", "groups", "soil", "plants", "difference", "balance", "yardstick");
        assertThat(scores.at("/methods/0").propertyNames())
                .containsExactlyInAnyOrder(
                        "method",
                        "depthClass",
                        "inGroup",
                        "group",
                        "grade",
                        "n",
                        "mean",
                        "sd",
                        "lowest",
                        "highest",
                        "uneven",
                        "odd",
                        "hollow",
                        "mixed",
                        "spots");
        assertThat(scores.get("soil").propertyNames())
                .containsExactlyInAnyOrder("balanced", "weakest", "tally", "coverage", "spotsPerMethod", "provisional");
        assertThat(scores.at("/soil/coverage").asDouble()).isCloseTo(1, within(1e-9));
        assertThat(scores.get("balance").asString()).isIn("in-step", "soil-ahead", "plants-ahead");
    }

    @Test
    void zones_are_never_mixed_and_two_of_a_kind_ask_which() {
        JsonNode fence =
                adviser.get("/api/visits/" + first + "/scores?zone=reference").json();
        assertThat(fence.at("/methods/0/n").asInt()).isEqualTo(1);
        assertThat(adviser.get("/api/visits/" + first + "/scores?zone=strip")
                        .expect(422)
                        .refusals())
                .containsExactly("/zone several");
        adviser.get("/api/visits/" + first + "/scores?zone=swamp").expect(404);
    }

    @Test
    void the_section_says_in_words_where_roots_stop() {
        JsonNode section = adviser.get("/api/visits/" + first + "/section").json();
        assertThat(section.get("columns")).hasSize(6);
        assertThat(section.at("/said/0/code").asString()).isEqualTo("roots-stop");
        assertThat(adviser.get("/api/visits/" + last + "/section")
                        .json()
                        .get("previousVisit")
                        .isNull())
                .isFalse();
    }

    @Test
    void the_pan_is_likely_at_first_and_unlikely_once_it_is_broken() {
        assertThat(word(first, "compacted-pan")).isEqualTo("likely");
        assertThat(word(last, "compacted-pan")).isEqualTo("unlikely");
    }

    private static String word(String visit, String cause) {
        return StreamSupport.stream(
                        adviser.get("/api/visits/" + visit + "/causes")
                                .json()
                                .get("causes")
                                .spliterator(),
                        false)
                .filter(one -> one.get("id").asString().equals(cause))
                .findFirst()
                .orElseThrow()
                .get("word")
                .asString();
    }

    @Test
    void every_piece_of_evidence_leads_to_the_readings_it_came_from() {
        JsonNode causes = adviser.get("/api/visits/" + first + "/causes").json();
        JsonNode evidence = causes.at("/causes/0/evidence/0");
        assertThat(evidence.propertyNames()).contains("finding", "value", "weight", "readings");
        assertThat(evidence.get("readings")).hasSize(5);
        assertThat(causes.at("/known/compaction/panBaseCm/value").asDouble()).isBetween(25.0, 40.0);
        assertThat(causes.at("/known/lime/bulkDensity/value").asDouble()).isEqualTo(1.5);
    }

    @Test
    void causes_are_judged_from_what_is_given() {
        JsonNode judged = adviser.send(
                        "POST",
                        "/api/causes/judge",
                        Map.of(
                                "context",
                                Map.of("use", "arable"),
                                "findings",
                                Map.of("acid-top", true, "carbonate", false)))
                .expect(200)
                .json();
        assertThat(judged.at("/causes/0/id").asString()).isEqualTo("acid-topsoil");
        assertThat(judged.at("/nextTests/0").propertyNames()).contains("method", "bits", "minutes", "finding", "cause");
        assertThat(adviser.send("POST", "/api/causes/judge", Map.of("findings", Map.of("bad-luck", true)))
                        .expect(422)
                        .refusals())
                .containsExactly("/findings/bad-luck unknown-word");
    }

    @Test
    void change_is_told_from_noise_and_slaking_is_not_clearly_better() {
        JsonNode change =
                adviser.get("/api/visits/" + last + "/change?since=" + first).json();
        Map<String, String> verdicts = new TreeMap<>();
        change.get("methods")
                .forEach(one -> verdicts.put(
                        one.get("method").asString(), one.at("/change/verdict").asString()));
        assertThat(verdicts)
                .containsEntry("penetration", "better")
                .containsEntry("root-depth", "better")
                .containsEntry("slaking", "no-clear-change");
        JsonNode trend = adviser.get("/api/fields/" + church.at("/field/id").asString() + "/trend")
                .json();
        assertThat(trend.get("visits")).hasSizeGreaterThanOrEqualTo(3);
        assertThat(trend.at("/methods/0/methodName").asString()).isNotBlank();
        assertThat(trend.get("groups")).isNotEmpty();
        trend.get("methods")
                .forEach(one -> assertThat(one.at("/trend/verdict").asString()).isIn("too-few", ""));
        List<JsonNode> rates = new ArrayList<>();
        trend.get("values").forEach(one -> {
            if (one.get("key").asString().equals("steadyRate")) {
                rates.add(one);
            }
        });
        assertThat(rates).as("water goes in, in its unit").hasSize(1);
        assertThat(rates.get(0).get("unit").asString()).isEqualTo("mm/h");
        JsonNode through = rates.get(0).get("visits");
        assertThat(through.get(through.size() - 1).get("mean").asDouble())
                .as("faster since the pan was broken")
                .isGreaterThan(through.get(0).get("mean").asDouble());
        assertThat(through.get(0).get("spots")).hasSize(5);
    }

    @Test
    void change_is_judged_from_pairs() {
        JsonNode got = adviser.send(
                        "POST",
                        "/api/change/judge",
                        Map.of("pairs", List.of(Map.of("before", 44, "after", 51)), "observerSpread", 8))
                .expect(200)
                .json();
        assertThat(got.propertyNames())
                .containsExactlyInAnyOrder(
                        "difference", "low", "high", "verdict", "smallestChange", "spotsForTenPoints");
        assertThat(got.get("verdict").asString()).isEqualTo("one-spot");
        assertThat(adviser.send("POST", "/api/change/judge", Map.of("pairs", List.of(Map.of("before", 144))))
                        .expect(422)
                        .refusals())
                .containsExactlyInAnyOrder("/pairs/0/after missing", "/pairs/0/before out-of-range");
    }

    @Test
    void what_was_done_is_logged_and_shown() {
        String field = church.at("/field/id").asString();
        Map<String, Object> lime =
                Map.of("fieldId", field, "doneOn", "2031-03-01", "kind", "lime", "note", "2 t/ha", "version", 0);
        String id = Client.id();
        adviser.send("PUT", "/api/interventions/" + id, lime).expect(200);
        adviser.send("PUT", "/api/interventions/" + id, lime).expect(200);
        assertThat(adviser.get("/api/fields/" + field + "/interventions").json())
                .hasSize(3);
        assertThat(adviser.send("PUT", "/api/interventions/" + Client.id(), Map.of("kind", "prayer", "version", 0))
                        .expect(422)
                        .refusals())
                .containsExactlyInAnyOrder("/fieldId missing", "/doneOn missing", "/kind unknown-word");
    }
}
