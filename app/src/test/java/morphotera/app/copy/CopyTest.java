package morphotera.app.copy;

import static morphotera.app.Plot.slaking;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A field taken along holds what its pages need. */
@ExtendWith(RunningApp.class)
class CopyTest {
    private final Client adviser = Client.adviser();

    @Test
    void a_copy_holds_the_field_its_visits_readings_log_and_tables() {
        Plot plot = new Plot(adviser, 2, Map.of("texture", "loam"));
        String visit = plot.visit(Plot.DAY, "moist");
        String wrong = plot.take(visit, plot.spots.get(0), "slaking", slaking(5, "never"));
        Map<String, Object> right = plot.reading(visit, plot.spots.get(0), "slaking", slaking(5, "gentle"));
        right.put("corrects", wrong);
        right.put("correctionReason", "dishes changed over");
        adviser.send("PUT", "/api/readings/" + Client.id(), right).expect(200);
        JsonNode copy =
                adviser.get("/api/fields/" + plot.field + "/copy").expect(200).json();
        assertThat(copy.at("/field/spots")).hasSize(2);
        assertThat(copy.at("/visits/0/id").asString()).isEqualTo(visit);
        // Both versions, each with its result, just as the visit has them.
        assertThat(copy.get("readings"))
                .isEqualTo(adviser.get("/api/visits/" + visit).json().get("readings"));
        assertThat(copy.at("/yardstick/curves").isEmpty()).isFalse();
        assertThat(copy.at("/tables/causes/causes").isEmpty()).isFalse();
        assertThat(copy.get("log").isArray()).isTrue();
    }

    @Test
    void another_practices_field_is_not_taken_along() {
        String church = adviser.card("Church Piece").at("/field/id").asString();
        Client.signedIn("other@farside.example")
                .get("/api/fields/" + church + "/copy")
                .expect(404);
    }
}
