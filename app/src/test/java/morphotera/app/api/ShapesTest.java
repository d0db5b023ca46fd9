package morphotera.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.ground.Refused;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class ShapesTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    record Inner(Double lat) {}

    record Body(
            String name,
            UUID id,
            LocalDate day,
            Instant at,
            Boolean coastal,
            Double depth,
            int version,
            List<Inner> corners,
            Map<String, Boolean> ticks,
            Map<String, Object> free) {}

    private final Findings findings = new Findings();

    private JsonNode check(String body) {
        return new Shapes(findings).check(JSON.readTree(body), Body.class);
    }

    private List<String> refused() {
        Refused refused = catchThrowableOfType(Refused.class, findings::throwIfAny);
        return refused == null
                ? List.of()
                : refused.refusals().stream()
                        .map(one -> one.path() + " " + one.code())
                        .toList();
    }

    @Test
    void a_body_of_its_shape_passes_as_it_is() {
        String body = "{\"name\":\"a\",\"id\":\"01900000-0001-7fff-bfff-ffffffffffff\",\"day\":\"2031-05-14\","
                + "\"at\":\"2031-05-14T09:00:00Z\",\"coastal\":true,\"depth\":1,\"version\":3,"
                + "\"corners\":[{\"lat\":47.6}],\"ticks\":{\"tracks\":false},\"free\":{\"any\":[1,{\"thing\":null}]}}";
        assertThat(check(body)).isEqualTo(JSON.readTree(body));
        assertThat(refused()).isEmpty();
    }

    @Test
    void every_wrong_type_is_noted_and_taken_out() {
        JsonNode left = check(
                "{\"name\":7,\"id\":\"x\",\"day\":\"14.5.2031\",\"at\":\"noon\",\"coastal\":\"yes\","
                        + "\"depth\":\"deep\",\"version\":1.5,\"corners\":[{\"lat\":\"n\"},7],\"ticks\":{\"a\":1},\"free\":[]}");
        assertThat(refused())
                .containsExactlyInAnyOrder(
                        "/name wrong-type",
                        "/id wrong-type",
                        "/day wrong-type",
                        "/at wrong-type",
                        "/coastal wrong-type",
                        "/depth wrong-type",
                        "/version wrong-type",
                        "/corners/0/lat wrong-type",
                        "/corners/1 wrong-type",
                        "/ticks/a wrong-type",
                        "/free wrong-type");
        assertThat(left.has("name")).isFalse();
    }

    @Test
    void a_number_too_large_to_hold_is_noted_however_deep_it_lies() {
        check("{\"depth\":1e999,\"free\":{\"a\":[{\"b\":-1e999}]}}");
        assertThat(refused()).containsExactlyInAnyOrder("/depth not-finite", "/free/a/0/b not-finite");
    }

    @Test
    void a_key_is_written_as_a_json_pointer_writes_it() {
        check("{\"a/b~c\":1}");
        assertThat(refused()).containsExactly("/a~1b~0c unknown-field");
    }

    @Test
    void what_could_not_be_read_is_not_also_missing() {
        findings.refuse("/name", "wrong-type", "text is expected");
        findings.text("/name", null, "A name", 10);
        findings.text("/other", "longer than ten", "Another", 10);
        findings.range("/depth", Double.NaN, "Depth", 0, 1);
        assertThat(refused()).containsExactly("/name wrong-type", "/other too-long", "/depth out-of-range");
    }
}
