package morphotera.app.follow;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import morphotera.app.Client;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What went out to a grower stays as it was, and is theirs to read. */
@ExtendWith(RunningApp.class)
class ReportTest {
    private final Client adviser = Client.adviser();
    private final String id = Client.id();

    private String visitOf(String field) {
        for (JsonNode visit : adviser.card(field).get("visits")) {
            if (visit.get("state").asString().equals("done")) {
                return visit.get("id").asString();
            }
        }
        throw new AssertionError("no visit of " + field);
    }

    private Client.Answer put(String visit, int version, String standing) {
        return adviser.send(
                "PUT",
                "/api/reports/" + id,
                Map.of("visitId", visit, "zone", "main", "content", Map.of("standing", standing), "version", version));
    }

    @Test
    void a_report_that_was_sent_is_read_by_its_grower_and_by_no_other() {
        String visit = visitOf("Church Piece");
        put(visit, 0, "The field holds.").expect(200);
        Client grower = Client.signedIn("grower@hallowquay.example");
        assertThat(grower.get("/api/reports/" + id).expect(200).text("/content/standing"))
                .isEqualTo("The field holds.");
        assertThat(grower.get("/api/visits/" + visit + "/reports")
                        .expect(200)
                        .json()
                        .findValuesAsString("id"))
                .contains(id);
        grower.send(
                        "PUT",
                        "/api/reports/" + id,
                        Map.of("visitId", visit, "zone", "main", "content", Map.of(), "version", 1))
                .expect(403);
        Client.signedIn("other@farside.example").get("/api/reports/" + id).expect(404);
    }

    @Test
    void a_report_is_written_in_the_units_its_grower_reads_in() {
        String visit = visitOf("Church Piece");
        Client grower = Client.signedIn("grower@hallowquay.example");
        JsonNode before =
                adviser.get("/api/visits/" + visit + "/readers").expect(200).json();
        assertThat(before.at("/0/units/depth").asString()).isEqualTo("cm");
        grower.send("PUT", "/api/session/units", Map.of("depth", "in")).expect(200);
        JsonNode reads =
                adviser.get("/api/visits/" + visit + "/readers").expect(200).json();
        assertThat(reads.at("/0/name").asString())
                .isEqualTo(before.at("/0/name").asString());
        assertThat(reads.at("/0/units/depth").asString()).isEqualTo("in");
        assertThat(adviser.get("/api/visits/" + visitOf("Far Cleave") + "/readers")
                        .expect(200)
                        .json())
                .as("nobody but the practice reads that holding")
                .isEmpty();
        grower.send("PUT", "/api/session/units", Map.of()).expect(200);
        Client.signedIn("other@farside.example")
                .get("/api/visits/" + visit + "/readers")
                .expect(404);
    }

    @Test
    void of_another_holding_the_grower_sees_none() {
        put(visitOf("Far Cleave"), 0, "Sour ground.").expect(200);
        Client.signedIn("grower@hallowquay.example").get("/api/reports/" + id).expect(404);
    }

    @Test
    void two_who_send_at_once_are_told() {
        String visit = visitOf("Church Piece");
        put(visit, 0, "One.").expect(200);
        assertThat(put(visit, 0, "Two.").expect(409).text("/current/content/standing"))
                .isEqualTo("One.");
        assertThat(put(visit, 0, "One.").expect(200).text("/version")).isEqualTo("1");
    }

    @Test
    void a_report_is_of_a_visit_and_a_zone_that_are_there() {
        put(Client.id(), 0, "Of nothing.").expect(404);
        assertThat(adviser.send("PUT", "/api/reports/" + id, Map.of("version", 0))
                        .expect(422)
                        .refusals())
                .containsExactlyInAnyOrder("/visitId missing", "/zone missing", "/content missing");
    }
}
