package morphotera.app.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What is due again, and in which season. */
@ExtendWith(RunningApp.class)
class RetestTest {
    private final Client adviser = Client.adviser();
    private final Plot plot = new Plot(adviser, 1, Map.of());

    private void read(String day, String method, Map<String, ?> reading) {
        Map<String, Object> body = plot.visitBody(day, "moist", 0);
        body.put("state", "done");
        String visit = Client.id();
        adviser.send("PUT", "/api/visits/" + visit, body).expect(200);
        plot.take(visit, plot.spots.get(0), method, reading);
    }

    private List<JsonNode> due(Client who, String from, String to) {
        List<JsonNode> of = new ArrayList<>();
        for (JsonNode one :
                who.get("/api/retests?from=" + from + "&to=" + to).expect(200).json()) {
            if (one.get("field").asString().equals(plot.field)) {
                of.add(one);
            }
        }
        return of;
    }

    @Test
    void a_zone_is_due_in_the_season_it_was_first_read_in() {
        read("2028-05-14", "ph", Plot.ph("water", 5.0));
        List<JsonNode> due = due(adviser, "2031-01-01", "2031-12-31");
        assertThat(due).hasSize(1);
        assertThat(due.get(0).get("why").asString()).isEqualTo("routine");
        assertThat(due.get(0).get("due").asString()).isEqualTo("2031-04-14");
        assertThat(due.get(0).at("/window/to").asString()).isEqualTo("2031-06-14");
        assertThat(due.get(0).get("zone").asString()).isEqualTo(plot.mainZone);
        assertThat(due(adviser, "2032-01-01", "2032-12-31")).isEmpty();
    }

    @Test
    void ground_that_holds_throughout_waits_five_years() {
        read("2028-05-14", "ph", Plot.ph("water", 6.5));
        assertThat(due(adviser, "2031-01-01", "2031-12-31")).isEmpty();
        assertThat(due(adviser, "2033-01-01", "2033-12-31")).hasSize(1);
    }

    @Test
    void lime_is_given_its_time_and_its_season() {
        read("2030-05-14", "ph", Plot.ph("water", 5.0));
        adviser.send(
                        "PUT",
                        "/api/interventions/" + Client.id(),
                        new LinkedHashMap<>(
                                Map.of("fieldId", plot.field, "doneOn", "2030-09-20", "kind", "lime", "version", 0)))
                .expect(200);
        List<JsonNode> due = due(adviser, "2030-09-20", "2032-01-01");
        assertThat(due).hasSize(1);
        assertThat(due.get(0).get("why").asString()).isEqualTo("under-treatment");
        assertThat(due.get(0).get("due").asString()).isEqualTo("2031-04-14");
    }

    @Test
    void what_came_otherwise_than_promised_is_looked_at_again_in_the_next_season() {
        Map<String, Object> salt = Map.of("depthCm", 20, "ec", 8.0, "compensated", true, "ratio", "paste");
        read("2027-05-14", "salinity", salt);
        done("2027-08-01", "drains");
        Map<String, Object> more = new LinkedHashMap<>(salt);
        more.put("ec", 12.0);
        read("2029-05-14", "salinity", more);
        JsonNode missed = due(adviser, "2029-06-01", "2031-12-31").stream()
                .filter(one -> one.get("why").asString().equals("forecast-missed"))
                .findFirst()
                .orElseThrow();
        assertThat(missed.get("due").asString()).isEqualTo("2030-04-14");
        assertThat(missed.at("/methods/0").asString()).isEqualTo("salinity");
    }

    @Test
    void a_laboratory_is_asked_again_before_the_next_sowing() {
        read("2030-08-14", "laboratory", Map.of("clayPercent", 20));
        done("2030-10-01", "sowing");
        JsonNode due = due(adviser, "2031-01-01", "2031-12-31").stream()
                .filter(one -> one.get("why").asString().equals("laboratory"))
                .findFirst()
                .orElseThrow();
        assertThat(due.at("/window/from").asString()).isEqualTo("2031-08-02");
        assertThat(due.at("/window/to").asString()).isEqualTo("2031-09-17");
    }

    private void done(String day, String kind) {
        adviser.send(
                        "PUT",
                        "/api/interventions/" + Client.id(),
                        Map.of("fieldId", plot.field, "doneOn", day, "kind", kind, "version", 0))
                .expect(200);
    }

    @Test
    void the_steps_of_a_plan_stand_in_the_calendar_over_their_months() {
        String step = Client.id();
        adviser.send(
                        "PUT",
                        "/api/fields/" + plot.field + "/plan",
                        Map.of(
                                "version",
                                0,
                                "steps",
                                List.of(Map.of("id", step, "remedy", "lime", "from", "2031-09", "to", "2031-10"))))
                .expect(200);
        String url = adviser.send("POST", "/api/calendar", null).expect(200).text("/url");
        String feed = adviser.get(url.substring(url.indexOf("/api/")))
                .response()
                .body()
                .replace("\r\n ", "");
        assertThat(feed).contains("UID:step-" + step + "@morphotera");
        String event = feed.substring(feed.indexOf("step-" + step));
        assertThat(event.substring(0, event.indexOf("END:VEVENT")))
                .contains("DTSTART;VALUE=DATE:20310901")
                .contains("DTEND;VALUE=DATE:20311101");
    }

    @Test
    void fields_go_out_as_geojson_with_their_scores() {
        read("2030-05-14", "ph", Plot.ph("water", 5.0));
        JsonNode all = adviser.get("/api/fields.geojson").expect(200).json();
        JsonNode own = Plot.one(all.get("features"), "id", plot.field);
        JsonNode ring = own.at("/geometry/coordinates/0");
        assertThat(ring).hasSize(4);
        assertThat(ring.get(0)).isEqualTo(ring.get(3));
        assertThat(ring.at("/0/0").asDouble()).isEqualTo(-29.0);
        assertThat(own.at("/properties/score").asDouble()).isBetween(0.0, 100.0);
        assertThat(Client.signedIn("other@farside.example")
                        .get("/api/fields.geojson")
                        .expect(200)
                        .json()
                        .get("features")
                        .findValuesAsString("id"))
                .doesNotContain(plot.field);
    }

    @Test
    void another_practice_sees_none_of_it_and_the_days_come_in_their_order() {
        read("2028-05-14", "ph", Plot.ph("water", 5.0));
        assertThat(due(Client.signedIn("other@farside.example"), "2031-01-01", "2031-12-31"))
                .isEmpty();
        assertThat(adviser.get("/api/retests?from=2031-02-01&to=2031-01-01")
                        .expect(422)
                        .refusals())
                .containsExactly("/to out-of-range");
    }

    private static String feed(String url) {
        java.net.http.HttpResponse<byte[]> answer = new Client().download(url.replaceAll("^https?://[^/]+", ""));
        return answer.statusCode() == 200
                ? new String(answer.body(), java.nio.charset.StandardCharsets.UTF_8).replace("\r\n ", "")
                : String.valueOf(answer.statusCode());
    }

    @Test
    void another_program_reads_what_is_planned_and_due_by_an_address_that_is_shown_once() {
        read("2028-05-14", "ph", Plot.ph("water", 5.0));
        String visit = Client.id();
        Map<String, Object> planned = plot.visitBody("2031-07-01", "moist", 0);
        planned.put("state", "planned");
        adviser.send("PUT", "/api/visits/" + visit, planned).expect(200);
        String url = adviser.send("POST", "/api/calendar", null).expect(200).text("/url");
        String feed = feed(url);
        assertThat(feed)
                .startsWith("BEGIN:VCALENDAR\r\nVERSION:2.0")
                .contains(
                        "UID:visit-" + visit + "@morphotera",
                        "DTSTART;VALUE=DATE:20310701",
                        "DTEND;VALUE=DATE:20310702")
                .contains("UID:retest-" + plot.mainZone + "-routine-1@morphotera");
        planned.put("day", "2031-07-04");
        planned.put("version", 1);
        adviser.send("PUT", "/api/visits/" + visit, planned).expect(200);
        String moved = feed(url);
        assertThat(moved.substring(moved.indexOf("UID:visit-" + visit)))
                .contains("SEQUENCE:1", "DTSTART;VALUE=DATE:20310704");
    }

    @Test
    void a_new_address_closes_the_old_and_no_address_opens_nothing() {
        String first = adviser.send("POST", "/api/calendar", null).expect(200).text("/url");
        String second = adviser.send("POST", "/api/calendar", null).expect(200).text("/url");
        assertThat(first).isNotEqualTo(second);
        assertThat(feed(first)).isEqualTo("404");
        assertThat(feed(second)).startsWith("BEGIN:VCALENDAR");
        assertThat(feed("/api/calendar/guess.ics")).isEqualTo("404");
        assertThat(new Client()
                        .get("/api/retests?from=2031-01-01&to=2031-02-01")
                        .status())
                .isEqualTo(401);
    }

    @Test
    void a_visit_made_of_a_retest_stands_in_its_place_in_the_calendar() {
        read("2028-05-14", "ph", Plot.ph("water", 5.0));
        String address = adviser.send("POST", "/api/calendar", Map.of())
                .expect(200)
                .json()
                .get("url")
                .asString();
        String path = address.substring(address.indexOf("/api/"));
        String uid = "UID:retest-" + plot.mainZone + "-routine-1";
        String before = unfolded(path);
        assertThat(before).contains(uid).contains("Look again: Plot");
        Map<String, Object> visit = plot.visitBody("2031-05-02", "moist", 0);
        visit.put("state", "planned");
        visit.put("plan", Map.of("retest", Map.of("zone", plot.mainZone, "why", "routine", "nth", 1)));
        adviser.send("PUT", "/api/visits/" + Client.id(), visit).expect(200);
        String after = unfolded(path);
        assertThat(after).contains(uid);
        assertThat(after.split(uid, -1)).hasSize(2);
        String event = after.substring(after.lastIndexOf("BEGIN:VEVENT", after.indexOf(uid)));
        assertThat(event.substring(0, event.indexOf("END:VEVENT"))).contains("Soil visit: Plot", "20310502");
        assertThat(sequence(after, uid)).isGreaterThan(sequence(before, uid));
        Map<String, Object> wrong = plot.visitBody("2031-05-02", "moist", 0);
        wrong.put("plan", Map.of("retest", Map.of("zone", plot.mainZone, "why", "whim", "nth", 0)));
        assertThat(adviser.send("PUT", "/api/visits/" + Client.id(), wrong)
                        .expect(422)
                        .refusals())
                .containsExactly("/plan/retest/why unknown-word", "/plan/retest/nth out-of-range");
    }

    private String unfolded(String path) {
        return feed(path).replaceAll("\r?\n[ \t]", "");
    }

    private static int sequence(String calendar, String uid) {
        String event = calendar.substring(calendar.lastIndexOf("BEGIN:VEVENT", calendar.indexOf(uid)));
        String line = event.substring(event.indexOf("SEQUENCE:") + "SEQUENCE:".length());
        return Integer.parseInt(line.substring(0, line.indexOf('\n')).strip());
    }
}
