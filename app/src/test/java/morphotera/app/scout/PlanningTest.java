package morphotera.app.scout;

import static org.assertj.core.api.Assertions.assertThat;

import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A visit planned over the API: spots, hours, what fits, what to carry. */
@ExtendWith(RunningApp.class)
class PlanningTest {
    private static final String SPOTS = """
            "gate": { "lat": 47.6, "lon": -29.1 },
            "spots": [ { "id": "a", "lat": 47.6005, "lon": -29.1 }, { "id": "b", "lat": 47.601, "lon": -29.101 } ]""";
    private static final String FIELD = """
            { "type": "Polygon", "coordinates": [ [ [-29.1, 47.6], [-29.096, 47.6], [-29.096, 47.602], [-29.1, 47.602], [-29.1, 47.6] ] ] }""";

    private final Client adviser = Client.adviser();

    private Client.Answer plan(String rest) {
        return adviser.raw("POST", "/api/run-sheets/plan", "{ " + SPOTS + ", " + rest + " }");
    }

    @Test
    void a_run_sheet_says_who_does_what_where_and_when() {
        JsonNode sheet = plan("""
                        "people": 1, "textureGroup": "medium", "tests": [ { "spot": "a", "method": "structure-spade" },
                        { "spot": "a", "method": "earthworms" }, { "spot": "b", "method": "ph", "variant": "meter" } ]""").expect(200).json();
        JsonNode block = Plot.one(sheet.get("steps"), "step", "block");
        assertThat(block.get("methods").toString()).isEqualTo("[\"structure-spade\",\"earthworms\"]");
        assertThat(block.get("spot").asString()).isEqualTo("a");
        assertThat(block.get("endS").asInt() - block.get("startS").asInt()).isEqualTo(210);
        assertThat(sheet.get("totalS").asInt())
                .isGreaterThanOrEqualTo(sheet.get("lowerBoundS").asInt());
        assertThat(sheet.get("oneAfterAnotherS").asInt())
                .isGreaterThan(sheet.get("totalS").asInt());
        assertThat(sheet.get("dayBefore").get(0).get("step").asString()).isEqualTo("calibrate");
        assertThat(sheet.get("missed").size()).isZero();
    }

    @Test
    void a_pit_alone_no_people_and_what_is_not_known_are_refused_each_where_it_stands() {
        assertThat(plan("\"people\": 1, \"tests\": [ { \"spot\": \"a\", \"method\": \"root-pit\" } ]")
                        .expect(422)
                        .refusals())
                .containsExactly("/tests/0/method two-people");
        assertThat(plan("""
                                "people": 0, "textureGroup": "stony", "tests": [ { "spot": "c", "method": "ph" },
                                { "spot": "a", "method": "dowsing" }, { "spot": "a", "method": "ph", "variant": "nose" } ]""").expect(422).refusals())
                .containsExactly(
                        "/people out-of-range",
                        "/textureGroup unknown-word",
                        "/tests/0/spot unknown-id",
                        "/tests/1/method unknown-word",
                        "/tests/2/variant unknown-word");
    }

    @Test
    void a_step_told_twice_or_before_it_could_be_is_refused() {
        String tests = "\"people\": 1, \"tests\": [ { \"spot\": \"a\", \"method\": \"penetration\" } ], ";
        String zero = "{ \"spot\": \"a\", \"method\": \"penetration\", \"step\": \"choose-cone-zero\", \"endS\": 300 }";
        String push = "{ \"spot\": \"a\", \"method\": \"penetration\", \"step\": \"push-read-ten\", \"endS\": 200 }";
        assertThat(plan(tests + "\"now\": { \"atS\": 400, \"done\": [ " + zero + ", " + zero + " ] }")
                        .expect(422)
                        .refusals())
                .containsExactly("/now/done/1 twice");
        assertThat(plan(tests + "\"now\": { \"atS\": 400, \"done\": [ " + zero + ", " + push + " ] }")
                        .expect(422)
                        .refusals())
                .containsExactly("/now/done/1 too-early");
        assertThat(plan(tests + "\"now\": { \"atS\": 400, \"done\": [ " + zero + " ] }")
                        .expect(200)
                        .json()
                        .get("steps")
                        .get(0)
                        .get("step")
                        .asString())
                .isEqualTo("push-read-ten");
    }

    @Test
    void what_fits_in_an_hour_is_proposed_three_ways() {
        JsonNode proposals = adviser.raw("POST", "/api/run-sheets/fit", "{ " + SPOTS + """
                        , "people": 1, "minutes": 45, "worth": { "ph": 0.9 }, "tests": [ { "spot": "a", "method": "ph" },
                        { "spot": "b", "method": "ph" }, { "spot": "a", "method": "structure-spade" },
                        { "spot": "b", "method": "structure-spade" }, { "spot": "a", "method": "penetration" },
                        { "spot": "b", "method": "penetration" }, { "spot": "a", "method": "slaking", "variant": "dry-in-hand" } ] }""")
                .expect(200)
                .json()
                .get("proposals");
        assertThat(proposals.size()).isEqualTo(3);
        proposals.forEach(one -> assertThat(one.get("totalS").asInt()).isLessThanOrEqualTo(2700));
        assertThat(proposals.get(2).get("worth").asDouble())
                .isGreaterThanOrEqualTo(proposals.get(0).get("worth").asDouble());
    }

    @Test
    void the_kit_is_packed_for_the_tests_chosen() {
        JsonNode kit = adviser.raw("POST", "/api/kits/pack", """
                        { "people": 1, "holeDiameterMm": 150, "tests": [ { "spot": "a", "method": "percolation-hole" },
                        { "spot": "a", "method": "carbonate-fizz" }, { "spot": "a", "method": "laboratory" } ] }""").expect(200).json();
        assertThat(kit.get("protection").toString())
                .isEqualTo("[{\"item\":\"goggles and gloves\",\"because\":\"carbonate-fizz\"}]");
        assertThat(kit.get("labels").asInt()).isEqualTo(1);
        assertThat(kit.get("tools").get(0).get("for").get(0).asString()).isEqualTo("percolation-hole");
        assertThat(kit.get("carryKg").asDouble()).isGreaterThan(13);
    }

    @Test
    void spots_are_placed_on_a_field_that_nobody_saved_yet() {
        JsonNode placed = adviser.raw(
                        "POST",
                        "/api/spots/place",
                        "{ \"polygon\": " + FIELD
                                + ", \"n\": 5, \"marginM\": 15, \"plan\": \"spread\", \"seed\": 7, \"gate\": { \"lat\": 47.6, \"lon\": -29.1 } }")
                .expect(200)
                .json();
        assertThat(placed.get("spots").size()).isEqualTo(5);
        assertThat(placed.get("areaHa").asDouble()).isBetween(6.6, 6.8);
        assertThat(placed.get("farthestM").asDouble()).isBetween(60.0, 110.0);
        assertThat(placed.get("pathM").asDouble()).isGreaterThan(300);
    }

    @Test
    void an_open_ring_too_many_spots_and_a_plan_of_no_name_are_refused_each_where_it_stands() {
        String open = FIELD.replace(", [-29.1, 47.6] ] ]", " ] ]");
        assertThat(adviser.raw(
                                "POST",
                                "/api/spots/place",
                                "{ \"polygon\": " + open + ", \"n\": 31, \"plan\": \"random\" }")
                        .expect(422)
                        .refusals())
                .containsExactly("/polygon/coordinates/0 open", "/n out-of-range", "/plan unknown-word");
    }
}
