package morphotera.app.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import morphotera.app.Client;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Every worked case asked for over HTTP, as a program of somebody else's would; and the sums that have none. */
@ExtendWith(RunningApp.class)
class SumsTest {
    private static final JsonNode CASES = cases();
    private final Client adviser = Client.adviser();

    private static JsonNode cases() {
        try {
            return JsonMapper.builder()
                    .build()
                    .readTree(Files.readString(Path.of("../core/src/test/resources/morphotera/worked-cases.json")));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    static Stream<JsonNode> methods() {
        return StreamSupport.stream(CASES.get("methods").spliterator(), false);
    }

    static Stream<JsonNode> remedies() {
        return StreamSupport.stream(CASES.get("remedies").spliterator(), false);
    }

    @ParameterizedTest
    @MethodSource("methods")
    void a_reading_is_evaluated_as_worked_by_hand(JsonNode one) {
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("context", one.get("context"));
        body.put("reading", one.get("reading"));
        JsonNode got = adviser.send("POST", "/api/methods/" + one.get("method").asString() + "/evaluate", body)
                .expect(200)
                .json();
        JsonNode score = one.at("/expect/score");
        if (score.isNull()) {
            assertThat(got.get("score").isNull()).isTrue();
            assertThat(got.get("band").isNull()).isTrue();
        } else {
            assertThat(got.get("score").asDouble()).isCloseTo(score.asDouble(), within(0.01));
            assertThat(got.get("band").asString())
                    .isEqualTo(one.at("/expect/band").asString());
        }
        assertThat(got.propertyNames())
                .contains("method", "grade", "group", "measures", "words", "score", "band", "because", "flags");
    }

    @ParameterizedTest
    @MethodSource("remedies")
    void a_remedy_is_calculated_as_worked_by_hand(JsonNode one) {
        JsonNode got = adviser.send(
                        "POST", "/api/remedies/" + one.get("remedy").asString() + "/calculate", one.get("input"))
                .expect(200)
                .json();
        one.get("expect").properties().forEach(wanted -> {
            JsonNode answer = got.get("answer").get(wanted.getKey());
            if (wanted.getValue().isNumber()) {
                double value = wanted.getValue().asDouble();
                assertThat(answer.asDouble()).isCloseTo(value, within(1e-6 + 1e-4 * Math.abs(value)));
            } else {
                assertThat(answer).isEqualTo(wanted.getValue());
            }
        });
        assertThat(got.propertyNames()).contains("remedy", "grade", "answer", "because", "cautions");
    }

    @Test
    void every_remedy_tells_the_causes_it_serves_and_its_example_calculates() {
        JsonNode remedies = adviser.get("/api/remedies").expect(200).json();
        assertThat(remedies).hasSize(29);
        remedies.forEach(remedy -> {
            assertThat(remedy.get("serves")).isNotEmpty();
            adviser.send("POST", "/api/remedies/" + remedy.get("id").asString() + "/calculate", remedy.get("example"))
                    .expect(200);
        });
    }

    @Test
    void an_input_with_a_spread_has_ranges() {
        JsonNode gypsum = adviser.send(
                        "POST",
                        "/api/remedies/gypsum/calculate",
                        Map.of(
                                "cec",
                                20,
                                "espNow",
                                18,
                                "espTarget",
                                6,
                                "depthCm",
                                15,
                                "bulkDensity",
                                1.3,
                                "purityPercent",
                                80,
                                "spread",
                                Map.of("espNow", 2)))
                .expect(200)
                .json();
        assertThat(gypsum.at("/ranges/tPerHa/low").asDouble())
                .isLessThan(gypsum.at("/answer/tPerHa").asDouble());
        assertThat(gypsum.at("/ranges/tPerHa/high").asDouble())
                .isGreaterThan(gypsum.at("/answer/tPerHa").asDouble());
    }

    @Test
    void a_forecast_is_a_band_that_later_readings_are_held_against() {
        JsonNode forecasts = adviser.get("/api/forecasts").expect(200).json();
        assertThat(forecasts).hasSize(6);
        forecasts.forEach(forecast -> assertThat(adviser.send(
                                "POST", "/api/forecasts/" + forecast.get("id").asString(), forecast.get("example"))
                        .expect(200)
                        .json()
                        .get("band"))
                .isNotEmpty());
        JsonNode lime = adviser.send(
                        "POST",
                        "/api/forecasts/lime",
                        Map.of(
                                "phNow",
                                5.2,
                                "phTarget",
                                6.2,
                                "places",
                                List.of(Map.of("at", 1)),
                                "observed",
                                List.of(Map.of("at", 2, "value", 7.5))))
                .expect(200)
                .json();
        assertThat(lime.at("/band/0/middle").asDouble()).isCloseTo(6, within(1e-9));
        assertThat(lime.at("/outcomes/0/held").asString()).isEqualTo("above");
        assertThat(adviser.send("POST", "/api/forecasts/lime", Map.of("phNow", 6, "phTarget", 5))
                        .expect(422)
                        .refusals())
                .containsExactly("/phTarget nothing-to-do");
        adviser.send("POST", "/api/forecasts/weather", Map.of()).expect(404);
    }

    @Test
    void a_water_budget_tells_what_a_root_limit_costs() {
        JsonNode got = adviser.send(
                        "POST",
                        "/api/water-budgets/calculate",
                        Map.of("texture", "loam", "rootDepthCm", 28, "expectedDepthCm", 60, "useMmPerDay", 4))
                .expect(200)
                .json();
        assertThat(got.get("gainMm").asDouble())
                .isCloseTo(got.get("expectedMm").asDouble() - got.get("nowMm").asDouble(), within(1e-9));
        assertThat(adviser.send("POST", "/api/water-budgets/calculate", Map.of("texture", "clay"))
                        .expect(422)
                        .refusals())
                .contains("/texture out-of-range", "/rootDepthCm missing");
    }
}
