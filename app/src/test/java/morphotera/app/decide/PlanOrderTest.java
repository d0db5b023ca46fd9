package morphotera.app.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.RunningApp;
import morphotera.scout.Boundary;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Plans and trials, asked of the API. */
@ExtendWith(RunningApp.class)
class PlanOrderTest {
    private final Client adviser = Client.adviser();

    private static Map<String, Object> order(Object... more) {
        Map<String, Object> body = new LinkedHashMap<>(Map.of(
                "remedies",
                List.of("leaching", "gypsum", "drains"),
                "ground",
                Map.of("outlet", false, "esp", 9),
                "hemisphere",
                "north",
                "from",
                "2031-06",
                "years",
                5));
        for (int i = 0; i < more.length; i += 2) {
            body.put((String) more[i], more[i + 1]);
        }
        return body;
    }

    private JsonNode plan(Object... more) {
        return adviser.send("POST", "/api/plans/order", order(more)).expect(200).json();
    }

    @Test
    void drains_come_before_the_salt_is_washed_and_the_months_are_theirs() {
        JsonNode plan = plan();
        assertThat(plan.get("struckOut")).isEmpty();
        assertThat(plan.get("steps").findValuesAsString("remedy"))
                .containsSubsequence("gypsum", "leaching")
                .containsSubsequence("drains", "leaching");
        JsonNode leaching = morphotera.app.Plot.one(plan.get("steps"), "remedy", "leaching");
        assertThat(leaching.get("after").findValuesAsString("rule"))
                .contains("water-before-salt", "calcium-with-water");
        assertThat(leaching.get("with").isNull()).isTrue();
        assertThat(plan).isEqualTo(plan());
    }

    @Test
    void a_raised_gate_strikes_drains_out_and_what_rests_on_them() {
        JsonNode plan = plan("gates", List.of("acid-sulphate"));
        assertThat(plan.get("struckOut").findValuesAsString("remedy")).containsExactlyInAnyOrder("drains", "leaching");
        assertThat(plan.get("struckOut").get(0).get("text").asString()).isNotBlank();
    }

    @Test
    void a_remedy_sent_twice_stands_there_once() {
        assertThat(plan("remedies", List.of("lime", "lime"), "ground", Map.of("phInWater", 5.2))
                        .get("steps"))
                .hasSize(1);
    }

    @Test
    void what_is_not_known_is_named_at_its_place() {
        assertThat(refused(order("remedies", List.of("lime", "prayer")))).containsExactly("/remedies/1 unknown-word");
        assertThat(refused(order("gates", List.of("compaction")))).containsExactly("/gates/0 unknown-word");
        assertThat(refused(order("from", "June 2031"))).containsExactly("/from wrong-type");
        assertThat(refused(order("years", 40))).containsExactly("/years out-of-range");
    }

    private List<String> refused(Map<String, Object> body) {
        return adviser.send("POST", "/api/plans/order", body).expect(422).refusals();
    }

    /** A field of some 300 by 200 m. */
    private static Map<String, Object> trial(Object... more) {
        List<List<Double>> ring = List.of(
                List.of(-29.0, 47.0),
                List.of(-28.996, 47.0),
                List.of(-28.996, 47.0018),
                List.of(-29.0, 47.0018),
                List.of(-29.0, 47.0));
        Map<String, Object> body = new LinkedHashMap<>(Map.of(
                "polygon", Map.of("type", "Polygon", "coordinates", List.of(ring)),
                "treatments", 2,
                "replicates", 4,
                "stripM", 12,
                "marginM", 15,
                "difference", 20,
                "spotSd", 9,
                "observerSpread", 8,
                "seed", 7));
        for (int i = 0; i < more.length; i += 2) {
            body.put((String) more[i], more[i + 1]);
        }
        return body;
    }

    private JsonNode design(Object... more) {
        return adviser.send("POST", "/api/trials/design", trial(more))
                .expect(200)
                .json();
    }

    @Test
    void strips_lie_side_by_side_in_blocks_with_their_spots_in_them() {
        JsonNode design = design();
        assertThat(design.get("fits").asBoolean()).isTrue();
        assertThat(design.get("spotsPerStrip").asInt()).isEqualTo(2);
        assertThat(design.get("power").asDouble()).isCloseTo(0.836, within(5e-4));
        assertThat(design.get("strips")).hasSize(8);
        double first = 0;
        for (JsonNode strip : design.get("strips")) {
            List<Boundary.Corner> corners = new ArrayList<>();
            strip.at("/polygon/coordinates/0")
                    .forEach(at -> corners.add(
                            new Boundary.Corner(at.get(1).asDouble(), at.get(0).asDouble())));
            double area = new Boundary(corners.subList(0, 4)).areaHa();
            first = first == 0 ? area : first;
            assertThat(area).isCloseTo(first, within(first * 1e-3)).isGreaterThan(0.024);
            assertThat(strip.get("spots")).hasSize(2);
        }
        for (int block = 0; block < 4; block++) {
            List<Integer> treatments = new ArrayList<>();
            for (JsonNode strip : design.get("strips")) {
                if (strip.get("block").asInt() == block) {
                    treatments.add(strip.get("treatment").asInt());
                }
            }
            assertThat(treatments).containsExactlyInAnyOrder(0, 1);
        }
        assertThat(design()).isEqualTo(design);
    }

    @Test
    void a_field_too_small_for_its_strips_says_so_and_still_tells_the_power() {
        JsonNode design = design("stripM", 90, "replicates", 6);
        assertThat(design.get("fits").asBoolean()).isFalse();
        assertThat(design.get("why").toString()).contains("no-room");
        assertThat(design.get("power").asDouble()).isPositive();
    }

    @Test
    void a_small_promise_asks_for_more_replicates_than_there_are() {
        JsonNode design = design("difference", 7);
        assertThat(design.get("spotsPerStrip").asInt()).isEqualTo(10);
        assertThat(design.get("why").toString()).contains("too-few-replicates");
        assertThat(design.get("replicatesNeeded").asInt()).isGreaterThan(4);
    }

    @Test
    void two_replicates_are_too_few_to_begin_with() {
        assertThat(adviser.send("POST", "/api/trials/design", trial("replicates", 2))
                        .expect(422)
                        .refusals())
                .containsExactly("/replicates out-of-range");
    }

    @Test
    void zones_stand_beside_each_other_in_the_order_of_their_difference() {
        JsonNode card = adviser.card("Church Piece");
        String visit = morphotera.app.Plot.one(card.get("visits"), "state", "done")
                .get("id")
                .asString();
        JsonNode beside = adviser.get("/api/visits/" + visit + "/beside?zones=main,reference")
                .expect(200)
                .json();
        assertThat(beside.get("columns").findValuesAsString("kind")).containsExactly("main", "reference");
        double before = Double.MAX_VALUE;
        for (JsonNode row : beside.get("rows")) {
            if (!row.get("spread").isNull()) {
                assertThat(row.get("spread").asDouble()).isLessThanOrEqualTo(before);
                before = row.get("spread").asDouble();
            }
            assertThat(row.get("n")).hasSize(2);
        }
        assertThat(beside.get("first").size()).isBetween(1, 3);
        assertThat(beside.get("depths")).isNotEmpty();
        assertThat(refusedBeside(visit, "main")).containsExactly("/zones out-of-range");
        assertThat(refusedBeside(visit, "main,main")).containsExactly("/zones twice");
        assertThat(refusedBeside(visit, "main,nowhere")).containsExactly("/zones unknown-id");
    }

    private List<String> refusedBeside(String visit, String zones) {
        return adviser.get("/api/visits/" + visit + "/beside?zones=" + zones)
                .expect(422)
                .refusals();
    }
}
