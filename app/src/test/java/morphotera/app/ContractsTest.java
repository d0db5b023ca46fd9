package morphotera.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The worked contracts that have an address, over the API: each expected value stands in the answer. */
@ExtendWith(RunningApp.class)
class ContractsTest {
    private final Client adviser = Client.adviser();

    static Stream<JsonNode> worked() throws IOException {
        JsonNode all = JsonMapper.builder()
                .build()
                .readTree(Files.readString(Path.of("../core/src/test/resources/morphotera/worked-contracts.json")));
        return StreamSupport.stream(all.spliterator(), false).filter(one -> one.has("post"));
    }

    @ParameterizedTest
    @MethodSource("worked")
    void a_contract_is_kept(JsonNode one) {
        Client.Answer answer =
                adviser.raw("POST", one.get("post").asString(), one.get("body").toString());
        answer.expect(one.get("status").asInt());
        if (one.has("expect")) {
            holds("", one.get("expect"), answer.json());
        } else {
            List<String> wanted = new ArrayList<>();
            one.get("errors")
                    .forEach(error -> wanted.add(error.get("path").asString() + " "
                            + error.get("code").asString()));
            assertThat(answer.refusals()).containsExactlyElementsOf(wanted);
        }
    }

    /** A worked weather day names one method and its reasons beside the day's figures. */
    private static void holds(String at, JsonNode want, JsonNode got) {
        if (want.isObject() && want.has("penetration")) {
            JsonNode method = Plot.one(got.get("methods"), "method", "penetration");
            assertThat(method.get("verdict")).as(at).isEqualTo(want.get("penetration"));
            assertThat(method.get("why")).as(at).isEqualTo(want.get("why"));
            holds(at + "/soilC", want.get("soilC"), got.get("soilC"));
            return;
        }
        if (want.isNumber()) {
            assertThat(got.asDouble()).as(at).isCloseTo(want.asDouble(), within(1e-6));
        } else if (want.isObject()) {
            want.properties()
                    .forEach(entry -> holds(at + "/" + entry.getKey(), entry.getValue(), got.get(entry.getKey())));
        } else if (want.isArray()) {
            assertThat(got).as(at).hasSize(want.size());
            for (int i = 0; i < want.size(); i++) {
                holds(at + "/" + i, want.get(i), got.get(i));
            }
        } else {
            assertThat(got).as(at).isEqualTo(want);
        }
    }

    @Test
    void what_cannot_be_judged_is_said_at_its_place() {
        assertThat(adviser.raw("POST", "/api/devices/judge", """
                {"kind":"ph","stream":[{"atS":1,"value":6},{"atS":1,"value":6}]}""").expect(422).refusals())
                .containsExactly("/stream/1/atS backward");
        assertThat(adviser.send("POST", "/api/devices/judge", Map.of("kind", "smell"))
                        .expect(422)
                        .refusals())
                .containsExactly("/kind unknown-word", "/stream empty-list");
        assertThat(adviser.raw("POST", "/api/weather-gates/judge", """
                {"methods":["ph","psychic"],"from":"2031-05-04","to":"2031-05-01","days":[
                {"day":"2031-05-01","rainMm":-1},{"day":"2031-05-01","rainMm":1}]}""")
                        .expect(422)
                        .refusals())
                .containsExactlyInAnyOrder(
                        "/to backward", "/methods/1 unknown-word", "/days/0/rainMm out-of-range", "/days/1/day twice");
        assertThat(adviser.raw("POST", "/api/change/stop", "{\"scores\":[],\"more\":0}")
                        .expect(422)
                        .refusals())
                .containsExactlyInAnyOrder("/scores empty-list", "/more out-of-range", "/minutesPerSpot missing");
        assertThat(adviser.raw("POST", "/api/change/stop", "{\"scores\":[50],\"more\":2,\"minutesPerSpot\":9}")
                        .expect(200)
                        .json()
                        .get("plusMinusNow")
                        .isNull())
                .isTrue();
    }
}
