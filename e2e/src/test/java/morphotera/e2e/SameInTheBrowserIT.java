package morphotera.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import morphotera.browser.Calls;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The core in Chromium says what the server says, of every method, remedy, section, score, cause and change. */
@Order(3)
class SameInTheBrowserIT {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int CASES = Integer.getInteger("morphotera.corpus", 1000);

    private static final Jar jar = Jar.demo();

    private static Visitor adviser;
    private static Page page;

    @BeforeAll
    static void sitDown() {
        adviser = Visitor.atDeskInSignal(jar).signIn("adviser@tidewrack.example");
        page = adviser.page;
    }

    @AfterAll
    static void leave() {
        adviser.close();
    }

    @AfterEach
    void nothingWentWrong() {
        List<String> faults = List.copyOf(adviser.faults());
        adviser.faults().clear();
        assertThat(faults).isEmpty();
    }

    /** What the browser's core answers to each call, in order. */
    @SuppressWarnings("unchecked")
    private List<String> inBrowser(String function, List<List<String>> calls) {
        return (List<String>) page.evaluate("""
                        async ([name, calls]) => {
                          const core = await import('/core/core.js');
                          return calls.map((call) => core[name](...call));
                        }""", List.of(function, calls));
    }

    private static List<String> differences(String called, String here, String there) {
        return Alike.differences(JSON.readTree(here), JSON.readTree(there)).stream()
                .limit(3)
                .map(one -> called + " " + one)
                .toList();
    }

    @Test
    void the_server_hands_out_the_core_and_the_page_that_were_built_last() throws IOException {
        Caller visitor = new Caller(jar);
        Path modules = Path.of(System.getProperty("morphotera.run")).resolve("../../..");
        for (String built : List.of("browser/target/classes/static/core/core.js", "web/target/classes/static/sw.js")) {
            byte[] handedOut = visitor.get(built.replaceFirst(".*/static", "")).body();
            assertThat(Arrays.mismatch(handedOut, Files.readAllBytes(modules.resolve(built))))
                    .as("first byte of " + built + " that is another")
                    .isEqualTo(-1);
        }
    }

    @Test
    void readings_of_every_method_come_out_alike() {
        List<Corpus.Case> cases = Corpus.of(CASES);
        List<String> there = inBrowser(
                "evaluate",
                cases.stream().map(one -> List.of(one.method(), one.body())).toList());
        List<String> differ = new ArrayList<>();
        int computed = 0;
        for (int i = 0; i < cases.size(); i++) {
            Corpus.Case one = cases.get(i);
            String here = Calls.evaluate(one.method(), one.body());
            computed += here.contains("\"hollow\"") ? 1 : 0;
            differ.addAll(differences(one.method() + " " + one.body(), here, there.get(i)));
        }
        assertThat(differ).isEmpty();
        assertThat(computed).as("cases that compute").isGreaterThan(CASES / 4);
    }

    @Test
    void a_kits_chart_is_read_alike_by_step_between_and_colour_and_off_it() {
        String steps = "{\"steps\":[{\"value\":4,\"label\":\"sour\",\"swatch\":\"#C9702F\"},"
                + "{\"value\":5,\"label\":null,\"swatch\":\"#D2A43A\"},{\"value\":8,\"label\":null,\"swatch\":\"#2D6577\"}],";
        List<String> calls = List.of(
                steps + "\"step\":2}",
                steps + "\"between\":0,\"share\":0.3}",
                steps + "\"colour\":\"#CE8A34\"}",
                steps + "\"colour\":\"#FFFFFF\"}",
                steps + "\"step\":1,\"colour\":\"#CE8A34\"}",
                "{\"steps\":[{\"value\":4,\"label\":null,\"swatch\":\"#C9702F\"}],\"step\":0}");
        List<String> there = inBrowser("readChart", calls.stream().map(List::of).toList());
        for (int i = 0; i < calls.size(); i++) {
            assertThat(differences(calls.get(i), Calls.readChart(calls.get(i)), there.get(i)))
                    .isEmpty();
        }
        assertThat(there.get(0)).contains("8");
        assertThat(there.get(3)).contains("off-the-chart");
    }

    @Test
    void a_reading_comes_out_in_the_browser_as_the_server_answers() {
        List<Typed> cases = Corpus.of(62).stream()
                .map(one -> new Typed(
                        "/api/methods/" + one.method() + "/evaluate",
                        one.body(),
                        "evaluate",
                        List.of(one.method(), one.body())))
                .toList();
        assertThat(typed(List.of(), cases)).isEmpty();
    }

    @Test
    void every_remedy_calculates_alike() {
        List<String> differ = new ArrayList<>();
        for (JsonNode remedy : adviser.fromServer("/api/remedies")) {
            String id = remedy.get("id").asString();
            ObjectNode input = remedy.get("example").asObject();
            Map<String, Double> spread = input.propertyStream()
                    .filter(field -> field.getValue().isNumber())
                    .limit(1)
                    .collect(java.util.stream.Collectors.toMap(
                            Map.Entry::getKey,
                            field -> Math.abs(field.getValue().asDouble()) * 0.05));
            List<String> bodies = new ArrayList<>(List.of(input.toString(), "{}"));
            if (!spread.isEmpty()) {
                ObjectNode wide = input.deepCopy();
                wide.set("spread", JSON.valueToTree(spread));
                bodies.add(wide.toString());
            }
            for (String body : bodies) {
                String there = inBrowser("remedy", List.of(List.of(id, body))).get(0);
                differ.addAll(differences(id + " " + body, Calls.remedy(id, body), there));
            }
        }
        assertThat(differ).isEmpty();
    }

    @Test
    void a_visit_gets_the_same_run_sheet_step_by_step_and_the_same_kit() {
        String spots = """
                "gate": { "lat": 47.6, "lon": -29.1 }, "spots": [ { "id": "a", "lat": 47.601, "lon": -29.1 },
                { "id": "b", "lat": 47.602, "lon": -29.101 } ]""";
        List<String> tests = new ArrayList<>();
        for (String spot : List.of("a", "b")) {
            for (String method : List.of("percolation-hole", "dispersion", "ph", "structure-spade", "penetration")) {
                tests.add("{ \"spot\": \"" + spot + "\", \"method\": \"" + method + "\" }");
            }
        }
        String now = ", \"now\": { \"atS\": 700, \"people\": [ { \"person\": 0, \"spot\": \"a\" } ], "
                + "\"done\": [ { \"spot\": \"a\", \"method\": \"dispersion\", \"step\": \"lay-own-dish\", \"endS\": 90 } ] }";
        for (int people = 1; people <= 2; people++) {
            String body =
                    "{ \"people\": " + people + ", " + spots + ", \"tests\": [ " + String.join(", ", tests) + " ]";
            for (String asked : List.of(body + " }", body + now + " }")) {
                String there =
                        inBrowser("planRunSheet", List.of(List.of(asked))).get(0);
                assertThat(there).contains("\"totalS\"");
                assertThat(differences("run sheet", Calls.planRunSheet(asked), there))
                        .isEmpty();
            }
            // It is counted on a sheet of its own.
            String kit = inBrowser("packKit", List.of(List.of(body + " }"))).get(0);
            assertThat(kit).contains("\"carryKg\"");
            assertThat(differences("kit", Calls.packKit(body + " }"), kit)).isEmpty();
        }
    }

    @Test
    void what_is_read_and_decided_of_each_demo_field_comes_out_alike() {
        Compared all = Compared.of(adviser.fromServer("/api/season")
                .get("fields")
                .valueStream()
                .map(card -> Compared.whileNothingMoves(
                        adviser, () -> readAndDecided(card.at("/field/id").asString()))));
        assertThat(all.differ()).isEmpty();
        assertThat(all.calls()).isGreaterThan(20);
    }

    private Compared readAndDecided(String id) {
        JsonNode field = adviser.fromServer("/api/fields/" + id);
        String today =
                LocalDate.now(ZoneId.of(field.get("timeZone").asString())).toString();
        List<String> visits = adviser.fromServer("/api/fields/" + id + "/visits")
                .valueStream()
                .map(visit -> visit.get("id").asString())
                .toList();
        if (visits.isEmpty()) {
            return new Compared(0, List.of());
        }
        String newest = visits.get(0);
        String first = visits.get(visits.size() - 1);
        List<Asked> asked = new ArrayList<>();
        // The newest stands on all the others; the first has nothing before it.
        for (String visit : new LinkedHashSet<>(List.of(newest, first))) {
            for (JsonNode zone : visit.equals(newest) ? field.get("zones") : List.of(field.at("/zones/0"))) {
                String zoneId = zone.get("id").asString();
                ObjectNode of = JSON.createObjectNode();
                of.put("visitId", visit).put("zone", zoneId).put("today", today);
                for (String what : List.of("scores", "section", "causes")) {
                    asked.add(new Asked(what, "/api/visits/" + visit + "/" + what + "?zone=" + zoneId, of));
                }
                if (!visit.equals(first)) {
                    asked.add(new Asked(
                            "change",
                            "/api/visits/" + visit + "/change?since=" + first + "&zone=" + zoneId,
                            of.deepCopy().put("since", first)));
                }
            }
        }
        return new Compared(asked.size(), held("/api/fields/" + id + "/copy", asked));
    }

    /** A function of the core, where the server answers the same, and what it is asked beside the copy. */
    private record Asked(String function, String path, ObjectNode more) {}

    /** The copy stays in the page: it is large. */
    @SuppressWarnings("unchecked")
    private List<String> held(String copy, List<Asked> asked) {
        List<List<String>> calls = asked.stream()
                .map(one -> List.of(one.function(), one.path(), one.more().toString()))
                .toList();
        List<List<String>> said = (List<List<String>>) page.evaluate("""
                        async ([copy, calls]) => {
                          const core = await import('/core/core.js');
                          const text = (path) => fetch(path).then((answer) => answer.text());
                          const bundle = await text(copy);
                          const both = [];
                          for (const [name, path, more] of calls) {
                            both.push([await text(path), core[name](more, bundle)]);
                          }
                          const [name, , more] = calls.at(-1);
                          both.push([both.at(-1)[1], core[name](`${more.slice(0, -1)},"bundle":${bundle}}`)]);
                          return both;
                        }""", List.of(copy, calls));
        List<String> differ = new ArrayList<>();
        for (int i = 0; i < said.size(); i++) {
            String called = i < asked.size() ? asked.get(i).path() : "all of it in one body: " + copy;
            differ.addAll(differences(called, said.get(i).get(0), said.get(i).get(1)));
        }
        return differ;
    }

    /** What the bench is told while somebody types: the place's field, visit and readings, and a yardstick where it has its own. */
    @Test
    void what_is_typed_at_a_spot_comes_out_as_the_server_answers_it_there_beside_its_neighbours() {
        Compared all = Compared.of(
                newestVisits().stream().map(visit -> Compared.whileNothingMoves(adviser, () -> typedAt(visit))));
        assertThat(all.differ()).isEmpty();
        assertThat(all.calls()).isGreaterThan(40);
    }

    private Compared typedAt(String visit) {
        JsonNode whole = adviser.fromServer("/api/visits/" + visit);
        List<Typed> here = new ArrayList<>();
        for (JsonNode reading : firstOfEachMethod(whole)) {
            ObjectNode body = JSON.createObjectNode();
            body.set("spotId", reading.get("spotId"));
            body.set("method", reading.get("method"));
            body.set("reading", reading.get("reading"));
            body.set("corrects", reading.get("id"));
            String there = body.toString();
            body.put("visitId", visit);
            here.add(new Typed("/api/visits/" + visit + "/evaluate", there, "evaluateAt", List.of(body.toString())));
        }
        return new Compared(here.size(), typed(List.of(ground(whole).toString()), here));
    }

    @Test
    void a_field_with_a_yardstick_of_its_own_is_scored_by_it_while_somebody_types() {
        ObjectNode ours =
                adviser.fromServer("/api/yardsticks").get(0).asObject().deepCopy();
        ours.get("curves").forEach(curve -> curve.asObject().set("knots", JSON.readTree("[[0,17],[1,17]]")));
        JsonNode whole = null;
        JsonNode worms = null;
        for (String visit : newestVisits()) {
            JsonNode one = adviser.fromServer("/api/visits/" + visit);
            for (JsonNode reading : firstOfEachMethod(one)) {
                if (reading.get("method").asString().equals("earthworms")) {
                    whole = one;
                    worms = reading;
                }
            }
        }
        ObjectNode ground = ground(whole);
        ground.set("yardstick", ours);
        ObjectNode body = JSON.createObjectNode();
        body.set("visitId", whole.at("/visit/id"));
        body.set("spotId", worms.get("spotId"));
        body.put("method", "earthworms");
        body.set("reading", worms.get("reading"));
        String there = inBrowser("evaluateAt", List.of(List.of(ground.toString(), body.toString())))
                .get(0);
        assertThat(JSON.readTree(there).get("score").asDouble()).isEqualTo(17);
    }

    /** Of each field that was visited. */
    private static List<String> newestVisits() {
        return adviser.fromServer("/api/season")
                .get("fields")
                .valueStream()
                .map(card -> adviser.fromServer(
                                "/api/fields/" + card.at("/field/id").asString() + "/visits")
                        .get(0))
                .filter(Objects::nonNull)
                .map(visit -> visit.get("id").asString())
                .toList();
    }

    /** At a spot, of those that stand. */
    private static Collection<JsonNode> firstOfEachMethod(JsonNode whole) {
        Map<String, JsonNode> first = new LinkedHashMap<>();
        for (JsonNode reading : whole.get("readings")) {
            if (reading.hasNonNull("spotId") && !reading.hasNonNull("correctedBy") && !reading.hasNonNull("setAside")) {
                first.putIfAbsent(reading.get("method").asString(), reading);
            }
        }
        return first.values();
    }

    private static ObjectNode ground(JsonNode whole) {
        ObjectNode ground = JSON.createObjectNode();
        ground.set("field", whole.get("field"));
        ground.set("visits", JSON.createArrayNode().add(whole.get("visit")));
        ground.set("readings", whole.get("readings"));
        return ground;
    }

    /** What is sent to the server at that path, and the function of the core that says the same of these. */
    private record Typed(String path, String body, String function, List<String> of) {}

    /** The core is given the ground first, which stays in the page: it is large. */
    @SuppressWarnings("unchecked")
    private List<String> typed(List<String> ground, List<Typed> typed) {
        List<List<Object>> calls = typed.stream()
                .map(one -> List.<Object>of(one.path(), one.body(), one.function(), one.of()))
                .toList();
        List<List<String>> said = (List<List<String>>) page.evaluate("""
                        async ([ground, calls]) => {
                          const core = await import('/core/core.js');
                          const headers = {
                            'Content-Type': 'application/json',
                            'X-XSRF-TOKEN': document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1],
                          };
                          const both = [];
                          for (const [path, body, name, of] of calls) {
                            const answer = await fetch(path, { method: 'POST', body, headers });
                            both.push([await answer.text(), core[name](...ground, ...of)]);
                          }
                          return both;
                        }""", List.of(ground, calls));
        List<String> differ = new ArrayList<>();
        for (int i = 0; i < said.size(); i++) {
            String called = typed.get(i).path() + " " + typed.get(i).body();
            differ.addAll(differences(called, said.get(i).get(0), said.get(i).get(1)));
        }
        return differ;
    }
}
