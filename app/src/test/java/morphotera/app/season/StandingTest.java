package morphotera.app.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** How fields stood year by year, whole and by group, and what is due of them. */
@ExtendWith(RunningApp.class)
class StandingTest {
    private final Client adviser = Client.adviser();
    private final Plot plot = new Plot(adviser, 1, Map.of("name", "Standing " + Client.id()));

    private void read(String day, double ph) {
        Map<String, Object> body = plot.visitBody(day, "moist", 0);
        body.put("state", "done");
        String visit = Client.id();
        adviser.send("PUT", "/api/visits/" + visit, body).expect(200);
        plot.take(visit, plot.spots.get(0), "ph", Plot.ph("water", ph));
    }

    private JsonNode card() {
        return adviser.card(
                adviser.get("/api/fields/" + plot.field).json().get("name").asString());
    }

    @Test
    void a_field_keeps_how_it_stood_in_each_year_by_the_last_visit_of_it() {
        read("2028-05-14", 4.6);
        read("2029-03-01", 4.6);
        read("2029-05-14", 6.5);
        JsonNode standings = card().get("standings");
        assertThat(standings).hasSize(2);
        assertThat(standings.get(0).get("year").asInt()).isEqualTo(2029);
        assertThat(standings.get(0).get("day").asString()).isEqualTo("2029-05-14");
        assertThat(standings.get(0).get("score").asDouble())
                .isGreaterThan(standings.get(1).get("score").asDouble());
        assertThat(standings.get(0).at("/groups/0/group").asString()).isEqualTo("chemistry");
        assertThat(card().get("score").asDouble())
                .isEqualTo(standings.get(0).get("score").asDouble());
    }

    @Test
    void what_is_due_stands_with_the_field_and_in_the_retests_alike() {
        assertThat(card().get("due")).isEmpty();
        read("2028-05-14", 5.0);
        JsonNode due = card().get("due");
        assertThat(due).hasSize(1);
        assertThat(due.get(0).get("due").asString()).isEqualTo("2031-04-14");
        JsonNode all = adviser.get("/api/retests?from=2031-01-01&to=2031-12-31").json();
        assertThat(Plot.one(all, "field", plot.field).get("due").asString()).isEqualTo("2031-04-14");
        adviser.send(
                        "PUT",
                        "/api/interventions/" + Client.id(),
                        Map.of("fieldId", plot.field, "doneOn", "2028-06-01", "kind", "lime", "version", 0))
                .expect(200);
        assertThat(card().at("/due/0/why").asString()).isEqualTo("under-treatment");
        assertThat(List.of(card().at("/due/0/due").asString())).containsExactly("2029-04-14");
    }

    @Test
    void strips_that_are_read_by_themselves_leave_the_field_as_it_stood() {
        read("2029-05-14", 6.5);
        String strip = plot.zone("strip 1a", "strip");
        Map<String, Object> body = plot.visitBody("2029-06-14", "moist", 0);
        body.put("state", "done");
        String visit = Client.id();
        adviser.send("PUT", "/api/visits/" + visit, body).expect(200);
        plot.take(visit, plot.spot(strip, "1a1", 9), "ph", Plot.ph("water", 4.6));
        assertThat(card().at("/standings/0/day").asString()).isEqualTo("2029-05-14");
        assertThat(card().get("score").asDouble()).isGreaterThan(80);
    }
}
