package morphotera.app.parcels;

import static morphotera.app.Plot.slaking;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What a device sends may come twice, late, or under another name; it is written once, under the right one. */
@ExtendWith(RunningApp.class)
class ParcelTest {
    private static final String PARCEL = ParcelFilter.PARCEL;

    private final Client adviser = Client.adviser();
    private final Plot plot = new Plot(adviser, 1, Map.of("texture", "loam"));
    private final String visit = plot.visit(Plot.DAY, "moist");

    private String me(Client who) {
        return who.get("/api/session").expect(200).text("/id");
    }

    private JsonNode readings() {
        return adviser.get("/api/visits/" + visit).expect(200).json().get("readings");
    }

    @Test
    void an_answer_lost_on_the_way_is_said_again_and_nothing_is_written_twice() {
        String parcel = Client.id();
        String zone = Client.id();
        Map<String, Object> body = Map.of("fieldId", plot.field, "name", "wet corner", "kind", "poor", "version", 0);
        JsonNode first = adviser.once(PARCEL, parcel, "PUT", "/api/zones/" + zone, body)
                .expect(200)
                .json();
        // Somebody else renames it before the device asks again.
        adviser.send(
                        "PUT",
                        "/api/zones/" + zone,
                        Map.of("fieldId", plot.field, "name", "low corner", "kind", "poor", "version", 1))
                .expect(200);
        JsonNode again = adviser.once(PARCEL, parcel, "PUT", "/api/zones/" + zone, body)
                .expect(200)
                .json();
        assertThat(again).isEqualTo(first);
        assertThat(adviser.get("/api/fields/" + plot.field).expect(200).json().toString())
                .contains("low corner")
                .doesNotContain("wet corner");
    }

    @Test
    void the_same_parcel_from_two_lines_at_once_is_one_reading() throws Exception {
        String parcel = Client.id();
        String id = Client.id();
        Map<String, Object> body = plot.reading(visit, plot.spots.get(0), "slaking", slaking(5, "never", "never"));
        Callable<Client.Answer> send = () -> Client.adviser().once(PARCEL, parcel, "PUT", "/api/readings/" + id, body);
        ExecutorService lines = Executors.newFixedThreadPool(4);
        List<Integer> statuses = new ArrayList<>();
        for (Future<Client.Answer> one : lines.invokeAll(List.of(send, send, send, send))) {
            statuses.add(one.get().status());
        }
        lines.shutdown();
        assertThat(statuses).containsOnly(200);
        assertThat(readings()).hasSize(1);
    }

    @Test
    void one_that_was_refused_can_be_mended_and_sent_again_under_its_id() {
        String parcel = Client.id();
        String id = Client.id();
        Map<String, Object> body = plot.reading(visit, plot.spots.get(0), "slaking", Map.of("crumbState", "air-dry"));
        adviser.once(PARCEL, parcel, "PUT", "/api/readings/" + id, body).expect(422);
        assertThat(readings()).isEmpty();
        body.put("reading", slaking(5, "never"));
        adviser.once(PARCEL, parcel, "PUT", "/api/readings/" + id, body).expect(200);
        assertThat(readings()).hasSize(1);
    }

    @Test
    void a_parcel_is_for_one_address_and_one_person() {
        String parcel = Client.id();
        Map<String, Object> body = Map.of("name", "Parcel holding", "version", 0);
        adviser.once(PARCEL, parcel, "PUT", "/api/holdings/" + Client.id(), body)
                .expect(200);
        adviser.once(PARCEL, parcel, "PUT", "/api/holdings/" + Client.id(), body)
                .expect(422);
        Client second = Client.signedIn("second@tidewrack.example");
        second.once(PARCEL, parcel, "PUT", "/api/holdings/" + Client.id(), body).expect(422);
        adviser.once(PARCEL, "not a parcel", "PUT", "/api/holdings/" + Client.id(), body)
                .expect(400);
    }

    @Test
    void nothing_is_read_or_written_under_the_wrong_name() {
        Client second = Client.signedIn("second@tidewrack.example");
        String mine = me(adviser);
        Map<String, Object> body = Map.of("name", "Wrong name", "version", 0);
        String holding = Client.id();
        Client.Answer refused = second.once(ParcelFilter.PERSON, mine, "PUT", "/api/holdings/" + holding, body)
                .expect(409);
        assertThat(refused.text("/code")).isEqualTo("other-person");
        assertThat(second.once(ParcelFilter.PERSON, mine, "GET", "/api/season", null)
                        .expect(409)
                        .text("/code"))
                .isEqualTo("other-person");
        assertThat(second.get("/api/season?person=" + mine).expect(409).text("/code"))
                .isEqualTo("other-person");
        adviser.once(ParcelFilter.PERSON, mine, "PUT", "/api/holdings/" + holding, body)
                .expect(200);
    }

    @Test
    void what_a_lost_phone_had_counted_is_taken_in_by_an_owner_under_its_persons_name() {
        Client second = Client.signedIn("second@tidewrack.example");
        String theirs = me(second);
        String id = Client.id();
        Map<String, Object> body = plot.reading(visit, plot.spots.get(0), "slaking", slaking(5, "never"));
        adviser.once(ParcelFilter.MADE_BY, theirs, "PUT", "/api/readings/" + id, body)
                .expect(200);
        assertThat(readings().get(0).get("enteredById").asString()).isEqualTo(theirs);
        // The phone turns up again, and sends the same.
        second.send("PUT", "/api/readings/" + id, body).expect(200);
        assertThat(readings()).hasSize(1);
    }

    @Test
    void nobody_but_an_owner_takes_in_anothers_work_and_nobody_anothers_account() {
        Client second = Client.signedIn("second@tidewrack.example");
        Client farside = Client.signedIn("other@farside.example");
        Map<String, Object> body = Map.of("name", "Taken in", "version", 0);
        String holding = "/api/holdings/" + Client.id();
        second.once(ParcelFilter.MADE_BY, me(adviser), "PUT", holding, body).expect(403);
        adviser.once(ParcelFilter.MADE_BY, me(farside), "PUT", holding, body).expect(403);
        adviser.once(
                        ParcelFilter.MADE_BY,
                        me(second),
                        "PUT",
                        "/api/session/password",
                        Map.of("old", "slack-tide-41", "password", "another long one"))
                .expect(403);
        adviser.once(ParcelFilter.MADE_BY, me(second), "PUT", holding, body).expect(200);
    }

    @Test
    void a_page_older_than_the_server_reads_is_told_so() {
        assertThat(adviser.once(ParcelFilter.PAGE, "0", "GET", "/api/season", null)
                        .expect(426)
                        .text("/code"))
                .isEqualTo("page-too-old");
        adviser.once(ParcelFilter.PAGE, "1", "GET", "/api/season", null).expect(200);
    }

    @Test
    void each_write_raises_the_revision_of_its_visit() {
        int planned =
                adviser.get("/api/visits/" + visit).json().at("/visit/revision").asInt();
        String id = plot.take(visit, plot.spots.get(0), "slaking", slaking(5, "never"));
        JsonNode counted = adviser.get("/api/visits/" + visit).json();
        assertThat(counted.at("/visit/revision").asInt()).isEqualTo(planned + 1);
        assertThat(Plot.one(counted.get("readings"), "id", id)
                        .get("visitRevision")
                        .asInt())
                .isEqualTo(planned + 1);
        adviser.send("PUT", "/api/visits/" + visit, plot.visitBody(Plot.DAY, "dry", 1))
                .expect(200);
        assertThat(adviser.get("/api/visits/" + visit)
                        .json()
                        .at("/visit/revision")
                        .asInt())
                .isEqualTo(planned + 2);
    }
}
