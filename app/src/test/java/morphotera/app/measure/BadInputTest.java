package morphotera.app.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.stream.Stream;
import morphotera.app.Client;
import morphotera.app.RunningApp;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whatever is sent, the answer is a problem with words, never a stack trace and never a 500. */
@ExtendWith(RunningApp.class)
class BadInputTest {
    private static final String EVALUATE = "/api/methods/slaking/evaluate";
    private final Client adviser = Client.adviser();

    static Stream<String> methods() {
        return Methods.ALL.stream().map(Method::id);
    }

    @Test
    void a_body_that_is_not_json_is_said_to_be_none() {
        for (String body :
                new String[] {"{nope", "", "[1,2", "{\"a\":1}{\"b\":2}", "{\"reading\":1,\"reading\":2}", "NaN"}) {
            assertThat(adviser.raw("POST", EVALUATE, body).expect(400).text("/title"))
                    .as(body)
                    .isEqualTo("Not readable");
        }
        assertThat(adviser.raw("POST", EVALUATE, "null").expect(422).refusals()).contains("/reading/crumbs missing");
    }

    @Test
    void a_body_nested_too_deep_or_too_large_is_turned_away() {
        String deep = "{\"reading\":" + "[".repeat(2000) + "]".repeat(2000) + "}";
        adviser.raw("POST", EVALUATE, deep).expect(400);
        String large = "{\"reading\":{\"x\":\"" + "a".repeat(5_000_001) + "\"}}";
        assertThat(adviser.raw("POST", EVALUATE, large).expect(413).text("/detail"))
                .contains("5 MB");
    }

    @Test
    void a_body_of_the_wrong_shape_says_where() {
        assertThat(adviser.raw("POST", EVALUATE, "[]").expect(422).refusals()).containsExactly(" wrong-type");
        assertThat(adviser.raw("POST", EVALUATE, "{\"reading\":7,\"more\":1}")
                        .expect(422)
                        .refusals())
                .containsExactlyInAnyOrder("/reading wrong-type", "/more unknown-field");
    }

    @ParameterizedTest
    @MethodSource("methods")
    void a_number_too_large_to_hold_is_refused_and_not_computed_with(String method) {
        Client.Answer answer = adviser.raw(
                "POST",
                "/api/methods/" + method + "/evaluate",
                "{\"context\":{\"clayPercent\":1e400,\"soilTemperatureC\":-1e400},\"reading\":{}}");
        assertThat(answer.expect(422).refusals())
                .contains("/context/clayPercent not-finite", "/context/soilTemperatureC not-finite");
    }

    @ParameterizedTest
    @MethodSource("methods")
    void a_method_answers_for_itself(String method) {
        assertThat(adviser.get("/api/methods/" + method).text("/id")).isEqualTo(method);
        Client.Answer refused =
                adviser.send("POST", "/api/methods/" + method + "/evaluate", Map.of("reading", Map.of("x~/y", 1)));
        assertThat(refused.expect(422).refusals()).contains("/reading/x~0~1y unknown-field");
        assertThat(refused.response().headers().firstValue("Content-Type").orElseThrow())
                .startsWith("application/problem+json");
    }

    @Test
    void an_address_that_leads_nowhere_is_not_found() {
        adviser.send("POST", "/api/methods/divining/evaluate", Map.of()).expect(404);
        adviser.get("/api/visits/not-an-id").expect(404);
        adviser.get("/api/nowhere").expect(404);
        adviser.send("DELETE", "/api/methods", null).expect(405);
        assertThat(adviser.get("/a/deep/link").response().body()).contains("<div id=\"root\">");
        assertThat(adviser.get("/no-such-file.js").status()).isEqualTo(404);
    }

    @Test
    void a_calculator_refuses_at_the_place_in_its_own_words() {
        assertThat(adviser.send(
                                "POST",
                                "/api/remedies/lime/calculate",
                                Map.of("phNow", 6.5, "phTarget", 6, "colour", 1))
                        .expect(422)
                        .refusals())
                .contains("/phTarget nothing-to-do", "/clayPercent missing", "/colour unknown-field");
        adviser.send("POST", "/api/remedies/magic/calculate", Map.of()).expect(404);
    }
}
