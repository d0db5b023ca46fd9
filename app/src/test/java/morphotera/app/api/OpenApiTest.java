package morphotera.app.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.RunningApp;
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

    /** After a change of the API: {@code mvn -pl app test -Dtest=OpenApiTest -Dopenapi.write=true}. */
    @Test
    void the_committed_description_is_the_one_the_code_gives() throws Exception {
        JsonNode now = Client.adviser().get("/v3/api-docs").expect(200).json();
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(COMMITTED, JSON.writeValueAsString(now) + "\n");
        }
        assertThat(JSON.readTree(Files.readString(COMMITTED))).isEqualTo(now);
    }

    @Test
    void every_example_it_gives_is_taken() {
        Client adviser = Client.adviser();
        JsonNode paths = adviser.get("/v3/api-docs").json().get("paths");
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
        JsonNode first = Client.adviser().get("/v3/api-docs").json();
        assertThat(Client.adviser().get("/v3/api-docs").json()).isEqualTo(first);
        assertThat(first.has("servers")).isFalse();
    }

    @Test
    void every_number_with_a_unit_says_it_in_its_name_or_has_none() {
        JsonNode schemas = Client.adviser().get("/v3/api-docs").json().at("/components/schemas");
        assertThat(schemas.at("/morphotera.app.scout.Visit/properties").propertyNames())
                .contains("soilTemperatureC", "rainMm", "daysSinceRain");
    }
}
