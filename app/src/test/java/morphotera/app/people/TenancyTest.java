package morphotera.app.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Of one practice nobody of another may see a thing, nor the reverse. */
@ExtendWith(RunningApp.class)
class TenancyTest {
    private static Client adviser;
    private static Client other;
    private static JsonNode church;
    private static String field;
    private static String visit;

    @BeforeAll
    static void signIn() {
        adviser = Client.adviser();
        other = Client.signedIn("other@farside.example");
        church = adviser.card("Church Piece");
        field = church.at("/field/id").asString();
        visit = church.at("/visits/0/id").asString();
    }

    @Test
    void another_practices_rows_are_not_found() {
        List<String> addresses = List.of(
                "/api/fields/" + field,
                "/api/fields/" + field + "/visits",
                "/api/fields/" + field + "/trend",
                "/api/fields/" + field + "/interventions",
                "/api/visits/" + visit,
                "/api/visits/" + visit + "/scores",
                "/api/visits/" + visit + "/section",
                "/api/visits/" + visit + "/causes",
                "/api/visits/" + visit + "/change?since=" + visit);
        for (String address : addresses) {
            assertThat(adviser.get(address).status()).as(address).isEqualTo(200);
            assertThat(other.get(address).status()).as(address).isEqualTo(404);
        }
        assertThat(other.get("/api/season?limit=200").json().findValuesAsString("holdingName"))
                .isNotEmpty()
                .doesNotContainAnyElementsOf(adviser.get("/api/holdings").json().findValuesAsString("name"));
        assertThat(other.get("/api/holdings").json().findValuesAsString("id"))
                .isNotEmpty()
                .doesNotContainAnyElementsOf(adviser.get("/api/holdings").json().findValuesAsString("id"));
        assertThat(other.get("/api/clocks").json()).isEmpty();
        assertThat(adviser.get("/api/clocks").json()).hasSizeGreaterThanOrEqualTo(2);
    }

    @Test
    void another_practices_rows_cannot_be_written_over() {
        String holding = church.at("/field/holdingId").asString();
        other.send("PUT", "/api/holdings/" + holding, Map.of("name", "mine now", "version", 1))
                .expect(404);
        other.send("PUT", "/api/holdings/" + holding, Map.of("name", "mine now", "version", 0))
                .expect(404);
        String spot = church.at("/field/spots/0/id").asString();
        Client.Answer reading = other.send(
                "PUT",
                "/api/readings/" + Client.id(),
                Map.of(
                        "visitId",
                        visit,
                        "spotId",
                        spot,
                        "method",
                        "slaking",
                        "takenAt",
                        "2031-05-14T10:00:00Z",
                        "reading",
                        Map.of("crumbState", "air-dry", "crumbs", List.of(Map.of("fellAt", "never")))));
        assertThat(reading.expect(422).refusals()).containsExactly("/visitId unknown-id");
        other.send(
                        "PUT",
                        "/api/visits/" + visit + "/drafts/" + spot + "/slaking",
                        Map.of("body", Map.of("a", 1), "changedAt", "2031-05-14T10:00:00Z"))
                .expect(404);
        assertThat(adviser.card("Church Piece").at("/field/holdingName").asString())
                .isEqualTo("Hallow Quay");
    }

    @Test
    void a_grower_reads_the_holding_named_to_them_and_changes_nothing() {
        Client owner = Client.adviser();
        String hallow = church.at("/field/holdingId").asString();
        owner.send(
                        "PUT",
                        "/api/people/" + Client.id(),
                        Map.of(
                                "name",
                                "Reader",
                                "email",
                                "reader@tidewrack.example",
                                "role",
                                "reader",
                                "password",
                                "slack-tide-41",
                                "holdingIds",
                                List.of(hallow),
                                "version",
                                0))
                .expect(200);
        Client grower = Client.signedIn("reader@tidewrack.example");
        assertThat(grower.get("/api/season").json().get("fields")).hasSize(2);
        assertThat(grower.get("/api/visits/" + visit).status()).isEqualTo(200);
        assertThat(grower.get("/api/fields/"
                                + owner.card("Far Cleave").at("/field/id").asString())
                        .status())
                .isEqualTo(404);
        grower.send("PUT", "/api/holdings/" + hallow, Map.of("name", "x", "version", 1))
                .expect(403);
        assertThat(grower.get("/api/people").status()).isEqualTo(403);
    }

    @Test
    void only_an_owner_keeps_the_people_and_cannot_lock_themselves_out() {
        assertThat(Client.signedIn("second@tidewrack.example")
                        .get("/api/people")
                        .status())
                .isEqualTo(403);
        JsonNode me = adviser.get("/api/session").json();
        Client.Answer down = adviser.send(
                "PUT",
                "/api/people/" + me.get("id").asString(),
                Map.of("name", "Adviser", "email", "adviser@tidewrack.example", "role", "adviser", "version", 1));
        assertThat(down.expect(422).refusals()).containsExactly("/role last-owner");
        Client.Answer bad = adviser.send(
                "PUT",
                "/api/people/" + Client.id(),
                Map.of("name", "", "email", "no address", "role", "king", "password", "short", "version", 0));
        assertThat(bad.expect(422).refusals())
                .contains("/name missing", "/role unknown-word", "/email no-address", "/password too-short");
    }
}
