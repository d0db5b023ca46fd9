package morphotera.app.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningApp.class)
class OpenApiTest {
    private static final Path COMMITTED = Path.of("../web/openapi.json");
    private static final JsonMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    /** It takes its time, and is the same each time. */
    private static JsonNode api;

    @BeforeAll
    static void asked() {
        api = Client.adviser().get("/v3/api-docs").expect(200).json();
    }

    /** After a change of the API: {@code mvn -pl app test -Dtest=OpenApiTest -Dopenapi.write=true}. */
    @Test
    void the_committed_description_is_the_one_the_code_gives() throws Exception {
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(COMMITTED, JSON.writeValueAsString(api) + "\n");
        }
        assertThat(JSON.readTree(Files.readString(COMMITTED))).isEqualTo(api);
    }

    @Test
    void every_example_it_gives_is_taken() {
        Client adviser = Client.adviser();
        JsonNode paths = api.get("paths");
        int tried = 0;
        for (Map.Entry<String, JsonNode> path : paths.properties()) {
            JsonNode examples = path.getValue().at("/post/requestBody/content/application~1json/examples");
            for (Map.Entry<String, JsonNode> example : examples.properties()) {
                adviser.send(
                                "POST",
                                path.getKey().replace("{id}", example.getKey()),
                                example.getValue().get("value"))
                        .expect(200);
                tried++;
            }
        }
        assertThat(tried).isEqualTo(23);
    }

    @Test
    void it_is_the_same_whoever_asks_and_however_often() {
        assertThat(Client.adviser().get("/v3/api-docs").json()).isEqualTo(api);
        assertThat(api.has("servers")).isFalse();
    }

    @Test
    void every_number_with_a_unit_says_it_in_its_name_or_has_none() {
        assertThat(api.at("/components/schemas/morphotera.app.scout.Visit/properties")
                        .propertyNames())
                .contains("soilTemperatureC", "rainMm", "daysSinceRain");
    }

    @Test
    void it_names_every_body_with_its_units_and_an_example() {
        assertThat(api.at(
                        "/paths/~1api~1remedies~1{id}~1calculate/post/requestBody/content/application~1json/examples"))
                .isNotEmpty();
        assertThat(api.at("/components/schemas/LimeInput/properties/depthCm/maximum")
                        .asDouble())
                .isEqualTo(30);
        assertThat(api.at("/components/schemas/SlakingReading/properties/crumbs/type")
                        .asString())
                .isEqualTo("array");
        assertThat(api.at("/components/schemas/CarbonForecastInput/properties/climate/enum"))
                .hasSize(4);
    }
}
