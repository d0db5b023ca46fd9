package morphotera.app.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import morphotera.app.Client;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningApp.class)
class SessionTest {
    private final Client client = new Client();

    private Client.Answer signIn(String email, String password) {
        client.get("/api/welcome");
        return client.send("POST", "/api/session", Map.of("email", email, "password", password));
    }

    /** The tests' own servers take less: {@link RunningApp}. */
    @Test
    void a_password_takes_sixteen_megabytes_and_two_rounds_to_try() {
        assertThat(new Security().passwords().encode("slack-tide-41")).startsWith("$argon2id$v=19$m=16384,t=2,p=1$");
    }

    @Test
    void nobody_is_told_anything_but_who_may_come_in() {
        assertThat(client.get("/api/session").status()).isEqualTo(401);
        assertThat(client.get("/api/season").status()).isEqualTo(401);
        assertThat(client.get("/v3/api-docs").status()).isEqualTo(401);
        assertThat(client.get("/api/health").status()).isEqualTo(200);
        assertThat(client.get("/api/welcome").json().get("demoLogins")).hasSize(4);
        assertThat(client.get("/api/welcome").text("/now")).as("the pinned day").startsWith("2031-05-14T");
    }

    @Test
    void signing_in_says_who_one_is_and_signing_out_ends_it() {
        Client.Answer me = signIn("Adviser@Tidewrack.example ", "slack-tide-41").expect(200);
        assertThat(me.text("/practice")).isEqualTo("Tidewrack Soil Advice");
        assertThat(client.get("/api/session").text("/name")).isEqualTo("Adviser");
        client.send("DELETE", "/api/session", null).expect(204);
        assertThat(client.get("/api/session").status()).isEqualTo(401);
    }

    @Test
    void units_are_kept_with_the_person_and_one_that_is_not_said_is_metric() {
        signIn("second@tidewrack.example", "slack-tide-41").expect(200);
        assertThat(client.get("/api/session").text("/units/length")).isEqualTo("mm");
        client.send("PUT", "/api/session/units", Map.of("length", "in", "pressure", "psi"))
                .expect(200);
        Client again = Client.signedIn("second@tidewrack.example");
        assertThat(again.get("/api/session").text("/units/length")).isEqualTo("in");
        assertThat(again.get("/api/session").text("/units/pressure")).isEqualTo("psi");
        assertThat(again.get("/api/session").text("/units/area")).isEqualTo("ha");
        again.send("PUT", "/api/session/units", Map.of()).expect(200);
        assertThat(again.get("/api/session").text("/units/length")).isEqualTo("mm");
    }

    @Test
    void a_unit_of_another_quantity_is_none() {
        signIn("second@tidewrack.example", "slack-tide-41").expect(200);
        assertThat(client.send("PUT", "/api/session/units", Map.of("length", "psi", "area", "rood"))
                        .expect(422)
                        .refusals())
                .containsExactly("/length unknown-word", "/area unknown-word");
    }

    @Test
    void the_session_cookie_is_not_for_scripts_nor_for_other_sites() {
        String cookie =
                signIn("adviser@tidewrack.example", "slack-tide-41")
                        .response()
                        .headers()
                        .allValues("Set-Cookie")
                        .stream()
                        .filter(one -> one.startsWith("SESSION"))
                        .findFirst()
                        .orElseThrow();
        assertThat(cookie).contains("HttpOnly").contains("SameSite=Lax").contains("Max-Age=2592000");
    }

    @Test
    void a_wrong_password_and_an_unknown_address_are_told_alike() {
        assertThat(signIn("second@tidewrack.example", "wrong").expect(422).refusals())
                .isEqualTo(signIn("nobody@nowhere.example", "wrong").expect(422).refusals());
        assertThat(signIn("", "").expect(422).refusals()).containsExactly("/email missing", "/password missing");
    }

    @Test
    void five_wrong_passwords_slow_the_next_one_even_where_it_is_right() {
        for (int i = 0; i < 5; i++) {
            signIn("grower@hallowquay.example", "wrong " + i).expect(422);
        }
        Client.Answer slowed =
                signIn("grower@hallowquay.example", "slack-tide-41").expect(429);
        assertThat(slowed.text("/detail")).contains("Try again in");
        assertThat(slowed.response().headers().firstValue("Retry-After")).isPresent();
    }

    @Test
    void a_change_without_the_token_is_refused() {
        signIn("adviser@tidewrack.example", "slack-tide-41").expect(200);
        assertThat(client.withoutToken("PUT", "/api/holdings/" + Client.id(), Map.of("name", "x", "version", 0))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void the_page_may_run_only_its_own_scripts() {
        assertThat(client.get("/").response().headers().firstValue("Content-Security-Policy"))
                .hasValueSatisfying(policy ->
                        assertThat(policy).startsWith("default-src 'self'").doesNotContain("unsafe"));
    }

    @Test
    void a_second_first_owner_is_refused() {
        client.get("/api/welcome");
        Client.Answer answer = client.send(
                "POST",
                "/api/first-owner",
                Map.of(
                        "practiceId",
                        Client.id(),
                        "personId",
                        Client.id(),
                        "practice",
                        "Late",
                        "name",
                        "Late",
                        "email",
                        "late@own.example",
                        "password",
                        "long enough to keep"));
        assertThat(answer.expect(422).refusals()).containsExactly(" not-empty");
    }
}
