package morphotera.app.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** One line that finds fields, spots, visits and what was written. */
@ExtendWith(RunningApp.class)
class SearchTest {
    private final Client adviser = Client.adviser();
    private final Plot plot = new Plot(adviser, 1, Map.of("name", "Quill Meadow 50%"));

    private List<String> kinds(Client who, String words) {
        List<String> kinds = new ArrayList<>();
        for (JsonNode one : who.get(
                        "/api/search?words=" + words.replace(" ", "%20").replace("%%", "%25"))
                .expect(200)
                .json()) {
            if (one.get("fieldId").asString().equals(plot.field)) {
                kinds.add(one.get("kind").asString());
            }
        }
        return kinds;
    }

    @Test
    void a_field_is_found_by_a_part_of_its_name_whatever_the_capitals() {
        assertThat(kinds(adviser, "quill mea")).containsExactly("field");
        assertThat(kinds(adviser, "MEADOW")).containsExactly("field");
    }

    @Test
    void signs_of_the_database_are_only_themselves() {
        assertThat(kinds(adviser, "50%%")).containsExactly("field");
        assertThat(kinds(adviser, "q_ill")).isEmpty();
        assertThat(Search.like(" A!b_ ")).isEqualTo("%a!!b!_%");
    }

    @Test
    void a_visit_is_found_by_its_day_and_a_reading_by_its_note() {
        String visit = plot.visit("2029-08-17", "moist");
        Map<String, Object> reading = plot.reading(visit, plot.spots.get(0), "smell", Map.of("smell", "earthy"));
        reading.put("note", "Tile drain found under the hedge");
        adviser.send("PUT", "/api/readings/" + Client.id(), reading).expect(200);
        assertThat(kinds(adviser, "2029-08-17")).contains("visit");
        assertThat(kinds(adviser, "tile drain")).containsExactly("note");
    }

    @Test
    void another_practice_finds_nothing_of_it_and_a_reader_only_the_own_holding() {
        assertThat(kinds(Client.signedIn("other@farside.example"), "quill")).isEmpty();
        assertThat(kinds(reader(new Plot(adviser, 1, Map.of()).holding), "quill"))
                .isEmpty();
        assertThat(kinds(reader(plot.holding), "quill")).containsExactly("field");
    }

    private static Client reader(String holding) {
        String id = Client.id();
        Map<String, Object> body = Map.of(
                "name",
                "Reader",
                "email",
                id + "@tidewrack.example",
                "role",
                "reader",
                "password",
                "slack-tide-41",
                "holdingIds",
                List.of(holding),
                "version",
                0);
        Client.adviser().send("PUT", "/api/people/" + id, body).expect(200);
        return Client.signedIn(id + "@tidewrack.example");
    }

    @Test
    void one_sign_is_too_little_to_look_for() {
        assertThat(adviser.get("/api/search?words=q").expect(422).refusals()).containsExactly("/words too-short");
    }
}
