package morphotera.app.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What somebody may is looked up at each request: a change acts on those who are signed in. */
@ExtendWith(RunningApp.class)
class RightsTest {
    private static final String WORD = "tide over the bar";

    private final Client owner = Client.adviser();
    private final String person = Client.id();
    private final String email = "p" + person + "@tidewrack.example";

    @BeforeEach
    void anAdviser() {
        owner.send("PUT", "/api/people/" + person, body("adviser", WORD, 0)).expect(200);
    }

    private Map<String, Object> body(String role, String password, int version) {
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("name", "Third");
        body.put("email", email);
        body.put("role", role);
        body.put("password", password);
        body.put("version", version);
        if (role.equals("reader")) {
            body.put(
                    "holdingIds",
                    List.of(owner.card("Church Piece").at("/field/holdingId").asString()));
        }
        return body;
    }

    private Client signedIn(String password) {
        Client client = new Client();
        client.get("/api/welcome");
        client.send("POST", "/api/session", Map.of("email", email, "password", password))
                .expect(200);
        return client;
    }

    @Test
    void a_person_made_a_reader_writes_no_more_and_makes_nobody_an_owner() {
        Client third = signedIn(WORD);
        String holding = "/api/holdings/" + Client.id();
        third.send("PUT", holding, Map.of("name", "Before", "version", 0)).expect(200);
        owner.send("PUT", "/api/people/" + person, body("reader", null, 1)).expect(200);
        assertThat(third.send("PUT", "/api/holdings/" + Client.id(), Map.of("name", "After", "version", 0))
                        .status())
                .isIn(401, 403);
        assertThat(third.send("PUT", "/api/people/" + person, body("owner", null, 2))
                        .status())
                .isIn(401, 403);
    }

    @Test
    void somebody_removed_is_out_at_once_and_named_in_what_they_did() {
        Client third = signedIn(WORD);
        Plot plot = new Plot(third, 1, Map.of());
        String visit = plot.visit(Plot.DAY, "moist");
        plot.take(visit, plot.spots.get(0), "slaking", Plot.slaking(5, "never"));
        owner.send("DELETE", "/api/people/" + person + "?version=7", null).expect(409);
        owner.send("DELETE", "/api/people/" + person + "?version=1", null).expect(204);
        assertThat(third.get("/api/session").status()).isEqualTo(401);
        assertThat(owner.get("/api/visits/" + visit).text("/readings/0/enteredBy"))
                .isEqualTo("Third");
        assertThat(owner.get("/api/people").json().toString()).doesNotContain(email);
        assertThat(new Client().get("/api/season").status()).isEqualTo(401);
    }

    @Test
    void a_new_password_asks_for_the_old_one_and_ends_what_is_open_elsewhere() {
        Client here = signedIn(WORD);
        Client elsewhere = signedIn(WORD);
        assertThat(here.get("/api/sessions").expect(200).json()).hasSize(2);
        assertThat(here.send("PUT", "/api/session/password", Map.of("old", "guessed", "password", "rain on the roof"))
                        .expect(422)
                        .refusals())
                .containsExactly("/old wrong-password");
        assertThat(here.send("PUT", "/api/session/password", Map.of("old", WORD, "password", "password123"))
                        .expect(422)
                        .refusals())
                .hasSize(1);
        here.send("PUT", "/api/session/password", Map.of("old", WORD, "password", "rain on the roof"))
                .expect(204);
        assertThat(here.get("/api/session").status()).isEqualTo(200);
        assertThat(elsewhere.get("/api/session").status()).isEqualTo(401);
        signedIn("rain on the roof");
    }

    @Test
    void one_ends_a_session_left_open_on_another_device() {
        Client here = signedIn(WORD);
        Client lost = signedIn(WORD);
        JsonNode places = here.get("/api/sessions").json();
        String other = StreamSupport.stream(places.spliterator(), false)
                .filter(place -> !place.get("here").asBoolean())
                .findFirst()
                .orElseThrow()
                .get("id")
                .asString();
        here.send("DELETE", "/api/sessions/" + other, null).expect(204);
        assertThat(lost.get("/api/session").status()).isEqualTo(401);
        assertThat(here.get("/api/session").status()).isEqualTo(200);
    }

    @Test
    void the_last_owner_stays_and_a_wrong_token_is_told_by_its_code() {
        JsonNode people = owner.get("/api/people").json();
        JsonNode me = Plot.one(people, "email", "adviser@tidewrack.example");
        assertThat(owner.send(
                                "DELETE",
                                "/api/people/" + me.get("id").asString() + "?version="
                                        + me.get("version").asInt(),
                                null)
                        .status())
                .isEqualTo(422);
        assertThat(owner.withoutToken("PUT", "/api/holdings/" + Client.id(), Map.of("name", "x", "version", 0))
                        .expect(403)
                        .text("/code"))
                .isEqualTo("token");
    }
}
