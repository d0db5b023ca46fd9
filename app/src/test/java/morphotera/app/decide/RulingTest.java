package morphotera.app.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** An adviser says what was the matter after all. Each test is a practice of its own, so that none learns from another. */
@ExtendWith(RunningApp.class)
class RulingTest {
    private final Plot plot = new Plot(Client.signedIn("other@farside.example"), 3, Map.of("texture", "loam"));
    private final String visit = plot.visit(Plot.DAY, "moist");

    RulingTest() {
        for (String spot : plot.spots) {
            plot.take(visit, spot, "ph", Plot.ph("water", 4.9));
        }
    }

    private static Map<String, Object> said(String word, String by, int version) {
        return Map.of(
                "zone",
                "main",
                "word",
                word,
                "by",
                by,
                "why",
                "The laboratory's buffer test says so.",
                "version",
                version);
    }

    private Client.Answer rule(String cause, Map<String, Object> body) {
        return plot.adviser.send("PUT", "/api/visits/" + visit + "/causes/" + cause + "/ruling", body);
    }

    private void takeBack(String cause, int version) {
        plot.adviser
                .send(
                        "DELETE",
                        "/api/visits/" + visit + "/causes/" + cause + "/ruling?zone=main&version=" + version,
                        null)
                .expect(200);
    }

    @Test
    void what_a_laboratory_ruled_out_calls_for_nothing_and_comes_back_when_taken_back() {
        JsonNode before = plot.cause(visit, "acid-topsoil");
        assertThat(before.get("word").asString()).isEqualTo("likely");
        assertThat(remedies()).contains("lime");

        JsonNode ruled = rule("acid-topsoil", said("ruled-out", "opinion", 0))
                .expect(200)
                .json();
        assertThat(ruled.get("taught")).isEmpty();
        JsonNode after = plot.cause(visit, "acid-topsoil");
        assertThat(after.get("belief")).isEqualTo(before.get("belief"));
        assertThat(after.at("/ruling/word").asString()).isEqualTo("ruled-out");
        assertThat(remedies()).doesNotContain("lime");

        takeBack("acid-topsoil", 1);
        assertThat(plot.cause(visit, "acid-topsoil")).isEqualTo(before);
        assertThat(remedies()).contains("lime");
    }

    @Test
    void what_was_confirmed_teaches_the_table_and_is_forgotten_when_taken_back() {
        JsonNode before = plot.cause(visit, "acid-topsoil");
        JsonNode ruled = rule("acid-topsoil", said("confirmed", "laboratory", 0))
                .expect(200)
                .json();
        JsonNode taught = Plot.one(ruled.get("taught"), "finding", "acid-top");
        double t = taught.get("tBefore").asDouble();
        assertThat(taught.get("tAfter").asDouble()).isCloseTo((20 * t + 1) / 21, within(1e-12));
        assertThat(taught.get("fAfter")).isEqualTo(taught.get("fBefore"));
        assertThat(plot.cause(visit, "acid-topsoil").get("belief")).isNotEqualTo(before.get("belief"));
        // A device that takes the field along judges by the same figures.
        JsonNode copy = plot.adviser
                .get("/api/fields/" + plot.field + "/copy")
                .expect(200)
                .json();
        JsonNode evidence = Plot.one(
                Plot.one(copy.at("/tables/causes/causes"), "id", "acid-topsoil").get("evidence"),
                "finding",
                "acid-top");
        assertThat(evidence.get("t")).isEqualTo(taught.get("tAfter"));
        assertThat(copy.at("/rulings/0/word").asString()).isEqualTo("confirmed");

        takeBack("acid-topsoil", 1);
        assertThat(plot.cause(visit, "acid-topsoil")).isEqualTo(before);
    }

    @Test
    void sent_again_after_a_lost_answer_it_is_the_same_ruling_and_believes_nothing_of_itself() {
        JsonNode first = rule("acid-topsoil", said("confirmed", "laboratory", 0))
                .expect(200)
                .json();
        assertThat(rule("acid-topsoil", said("confirmed", "laboratory", 0))
                        .expect(200)
                        .json())
                .isEqualTo(first);
        JsonNode other =
                rule("acid-topsoil", said("confirmed", "trial", 1)).expect(200).json();
        assertThat(other.get("belief")).isEqualTo(first.get("belief"));
        takeBack("acid-topsoil", 2);
    }

    @Test
    void somebody_who_saw_the_same_findings_teaches_nothing_new() {
        assertThat(rule("acid-topsoil", said("confirmed", "opinion", 0))
                        .expect(200)
                        .json()
                        .get("taught"))
                .isEmpty();
        assertThat(rule("acid-topsoil", said("set-aside", "laboratory", 1))
                        .expect(200)
                        .json()
                        .get("taught"))
                .isEmpty();
        takeBack("acid-topsoil", 2);
    }

    @Test
    void a_ruling_needs_a_reason_and_a_cause_and_the_newest_version() {
        assertThat(rule(
                                "acid-topsoil",
                                Map.of("zone", "main", "word", "wrong", "by", "a dream", "why", "no", "version", 0))
                        .expect(422)
                        .refusals())
                .containsExactlyInAnyOrder("/word unknown-word", "/by unknown-word", "/why too-short");
        rule("no-such-cause", said("confirmed", "trial", 0)).expect(404);
        rule("acid-topsoil", said("confirmed", "opinion", 0)).expect(200);
        assertThat(rule("acid-topsoil", said("ruled-out", "trial", 0))
                        .expect(409)
                        .text("/current/word"))
                .isEqualTo("confirmed");
        assertThat(rule("acid-topsoil", said("confirmed", "opinion", 0))
                        .expect(200)
                        .text("/version"))
                .isEqualTo("1");
        takeBack("acid-topsoil", 1);
    }

    private List<String> remedies() {
        return plot.adviser
                .get("/api/visits/" + visit + "/causes")
                .expect(200)
                .json()
                .get("plan")
                .findValuesAsString("remedy");
    }
}
