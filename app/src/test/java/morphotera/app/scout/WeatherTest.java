package morphotera.app.scout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class WeatherTest {
    private final Client adviser = Client.adviser();
    private final Plot plot = new Plot(adviser, 1, Map.of());

    private JsonNode weather(String from, String to) {
        return adviser.get("/api/fields/" + plot.field + "/weather?from=" + from + "&to=" + to)
                .expect(200)
                .json();
    }

    private JsonNode rain(String text, boolean keep) {
        JsonNode look = adviser.raw("POST", "/api/imports?kind=rain&holding=" + plot.holding, text)
                .expect(200)
                .json();
        return keep ? adviser.confirm(look.get("id").asString()).expect(200).json() : look;
    }

    @Test
    void the_station_knows_each_day_and_says_the_same_again() {
        JsonNode first = weather("2031-05-01", "2031-06-10");
        assertThat(first.get("days").size()).isEqualTo(41);
        assertThat(weather("2031-05-01", "2031-06-10")).isEqualTo(first);
        assertThat(first.get("days").get(0).get("source").asString()).isEqualTo("station");
    }

    @Test
    void what_is_yet_to_come_is_expected_and_not_measured() {
        JsonNode record = weather("2031-05-01", "2031-06-10");
        String today = record.get("today").asString();
        record.get("days")
                .forEach(day -> assertThat(day.get("forecast").asBoolean())
                        .isEqualTo(day.get("day").asString().compareTo(today) > 0));
    }

    @Test
    void what_the_holding_read_itself_counts_before_the_station() {
        rain("day,rain_mm,air_mean_c\n2031-05-02,14.5,11\n2031-05-03,0,\n", true);
        JsonNode days = weather("2031-05-01", "2031-05-03").get("days");
        assertThat(days.get(0).get("source").asString()).isEqualTo("station");
        assertThat(days.get(1).get("source").asString()).isEqualTo("record");
        assertThat(days.get(1).get("rainMm").asDouble()).isEqualTo(14.5);
        assertThat(days.get(2).get("airMeanC").isNumber()).isTrue();
    }

    @Test
    void rows_that_cannot_be_read_are_listed_and_nothing_is_kept_before_it_is_asked_for() {
        JsonNode read = rain(
                "day;rain_mm;air_mean_c\n2031-04-01;3,5;9,1\n1 April;2;9\n2031-04-01;1;9\n2031-04-03;-2;9\n2031-04-04;;9\n",
                false);
        assertThat(read.get("good").asInt()).isEqualTo(1);
        assertThat(read.get("sample").get(0).get("rainMm").asDouble()).isEqualTo(3.5);
        assertThat(read.get("bad").findValuesAsString("text"))
                .containsExactly(
                        "A day such as 2031-05-14 is expected.",
                        "This day stands in line 2 already.",
                        "rain_mm goes from 0 to 2000.",
                        "The rain is missing; a dry day has 0.");
        assertThat(read.get("bad").get(0).get("line").asInt()).isEqualTo(3);
        assertThat(weather("2031-04-01", "2031-04-01")
                        .get("days")
                        .get(0)
                        .get("source")
                        .asString())
                .isEqualTo("station");
    }

    @Test
    void a_table_without_its_columns_says_which_is_missing() {
        assertThat(rain("date,mm\n2031-04-01,3\n", false)
                        .get("bad")
                        .get(0)
                        .get("text")
                        .asString())
                .isEqualTo("There is no column 'day'.");
    }

    @Test
    void nobody_keeps_rain_for_the_holding_of_another_practice() {
        Client other = Client.signedIn("other@farside.example");
        other.raw("POST", "/api/imports?kind=rain&holding=" + plot.holding, "day,rain_mm\n")
                .expect(404);
        other.get("/api/fields/" + plot.field + "/weather?from=2031-05-01&to=2031-05-02")
                .expect(404);
    }

    @Test
    void the_sets_that_ship_are_there_and_a_practice_makes_them_its_own() {
        JsonNode routine = Plot.one(adviser.get("/api/templates").expect(200).json(), "id", "routine");
        assertThat(Plot.one(routine.get("tests"), "method", "texture-feel")
                        .get("where")
                        .asString())
                .isEqualTo("once");
        Map<String, Object> body = Map.of(
                "name",
                "Short routine",
                "question",
                "routine",
                "tests",
                List.of(Map.of("method", "ph", "variant", "meter", "where", "every-spot")),
                "version",
                0);
        String id = "short-" + Client.id().substring(0, 8);
        JsonNode made =
                adviser.send("PUT", "/api/templates/" + id, body).expect(200).json();
        assertThat(made.get("version").asInt()).isEqualTo(1);
        adviser.send("PUT", "/api/templates/" + id, body).expect(200);
        assertThat(Client.signedIn("other@farside.example")
                        .get("/api/templates")
                        .json()
                        .findValuesAsString("id"))
                .doesNotContain(id);
    }

    @Test
    void a_set_with_a_test_twice_or_in_no_known_way_is_refused_where_it_stands() {
        Map<String, Object> body = Map.of(
                "name",
                "x",
                "question",
                "routine",
                "tests",
                List.of(
                        Map.of("method", "ph"),
                        Map.of("method", "ph"),
                        Map.of("method", "slaking", "variant", "nose")));
        assertThat(adviser.send("PUT", "/api/templates/odd", body).expect(422).refusals())
                .containsExactly("/tests/1/method twice", "/tests/2/variant unknown-word");
    }

    @Test
    void a_visit_keeps_how_its_day_is_meant() {
        Map<String, Object> body = new java.util.LinkedHashMap<>(plot.visitBody("2031-05-14", "moist", 0));
        body.put("plan", Map.of("people", 2, "startsAt", "09:00", "variants", Map.of("ph", "meter")));
        String id = Client.id();
        JsonNode visit =
                adviser.send("PUT", "/api/visits/" + id, body).expect(200).json();
        assertThat(visit.get("plan").get("variants").get("ph").asString()).isEqualTo("meter");
        body.put("plan", Map.of("people", 4, "startsAt", "9 am", "variants", Map.of("ph", "nose")));
        assertThat(adviser.send("PUT", "/api/visits/" + Client.id(), body)
                        .expect(422)
                        .refusals())
                .containsExactlyInAnyOrder(
                        "/plan/people out-of-range", "/plan/startsAt wrong-type", "/plan/variants/ph unknown-word");
    }

    @Test
    void a_field_whose_outline_crosses_itself_is_refused_with_the_place_where() {
        Client.Answer answer = adviser.send(
                "PATCH",
                "/api/fields/" + plot.field,
                Map.of(
                        "version",
                        1,
                        "changes",
                        List.of(Map.of(
                                "path",
                                "/outline",
                                "was",
                                adviser.get("/api/fields/" + plot.field).json().get("outline"),
                                "is",
                                List.of(
                                        Map.of("lat", 47.0, "lon", -29.0),
                                        Map.of("lat", 47.001, "lon", -29.001),
                                        Map.of("lat", 47.001, "lon", -29.0),
                                        Map.of("lat", 47.0, "lon", -29.001))))));
        assertThat(answer.expect(422).refusals()).containsExactly("/outline crosses-itself");
        assertThat(answer.json().toString()).contains("47.0005, −29.0005");
    }
}
