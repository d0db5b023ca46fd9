package morphotera.app.decide;

import static morphotera.app.Plot.one;
import static morphotera.app.Plot.ph;
import static morphotera.app.Plot.slaking;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What may be concluded from several readings, told as stories of a field. */
@ExtendWith(RunningApp.class)
class EvidenceTest {
    private final Client adviser = Client.adviser();

    private Plot plot(int spots) {
        return new Plot(adviser, spots, Map.of("texture", "loam", "climate", "humid"));
    }

    private static Map<String, Object> layer(int top, int bottom, String shape, String roots) {
        Map<String, Object> layer = new LinkedHashMap<>();
        layer.put("topCm", top);
        layer.put("bottomCm", bottom);
        layer.put("moisture", "moist");
        layer.put("shape", shape);
        layer.put("roots", roots);
        return layer;
    }

    @Test
    void a_laboratory_ph_beside_a_card_speaks_in_its_place_and_the_card_is_asked_about() {
        Plot plot = plot(3);
        String visit = plot.visit(Plot.DAY, "moist");
        for (String spot : plot.spots) {
            plot.take(visit, spot, "ph", ph("card", 4.6));
        }
        assertThat(plot.cause(visit, "acid-topsoil").get("word").asString()).isEqualTo("likely");
        for (String spot : plot.spots) {
            plot.take(visit, spot, "laboratory", Map.of("ph", Map.of("value", 6.6, "basis", "water")));
        }
        assertThat(plot.cause(visit, "acid-topsoil").get("word").asString()).isEqualTo("unlikely");
        JsonNode judged = adviser.get("/api/visits/" + visit + "/causes").json();
        assertThat(judged.get("questions").toString()).contains("card");
    }

    @Test
    void what_a_visit_of_last_autumn_asks_for_is_not_planned_into_the_months_that_are_past() {
        Plot plot = plot(3);
        String visit = plot.visit("2030-10-27", "moist");
        for (String spot : plot.spots) {
            plot.take(visit, spot, "ph", ph("water", 4.6));
        }
        JsonNode advice = adviser.get("/api/visits/" + visit + "/causes").json();
        assertThat(one(advice.get("plan"), "remedy", "lime").get("from").asString())
                .isEqualTo("2031-08");
        assertThat(advice.get("plan").findValuesAsString("from")).allMatch(month -> month.compareTo("2031-05") >= 0);
    }

    @Test
    void trodden_pasture_is_rested_from_grazing_and_nobody_aerates_it_as_turf() {
        JsonNode season = adviser.get("/api/season?limit=100").expect(200).json();
        JsonNode yard = StreamSupport.stream(season.get("fields").spliterator(), false)
                .filter(card -> card.at("/field/name").asString().equals("Yard Close"))
                .findFirst()
                .orElseThrow();
        JsonNode read = adviser.get("/api/fields/" + yard.at("/field/id").asString() + "/visits")
                .json();
        String visit = one(read, "state", "done").get("id").asString();
        JsonNode advice = adviser.get("/api/visits/" + visit + "/causes").json();
        assertThat(one(advice.get("causes"), "id", "compacted-surface")
                        .get("remedies")
                        .toString())
                .contains("aeration");
        assertThat(advice.get("plan").findValuesAsString("remedy"))
                .contains("grazing-rest")
                .doesNotContain("aeration");
    }

    @Test
    void lime_that_is_in_the_log_says_when_beside_the_lime_that_is_called_for() {
        Plot plot = plot(3);
        String visit = plot.visit(Plot.DAY, "moist");
        for (String spot : plot.spots) {
            plot.take(visit, spot, "ph", ph("water", 4.6));
        }
        String causes = "/api/visits/" + visit + "/causes";
        assertThat(one(adviser.get(causes).json().get("plan"), "remedy", "lime").hasNonNull("doneIn"))
                .isFalse();
        adviser.send(
                        "PUT",
                        "/api/interventions/" + Client.id(),
                        Map.of("fieldId", plot.field, "doneOn", "2030-03-02", "kind", "lime", "version", 0))
                .expect(200);
        JsonNode plan = adviser.get(causes).json().get("plan");
        assertThat(one(plan, "remedy", "lime").get("doneIn").asString()).isEqualTo("2030-03");
        assertThat(plan.findValuesAsString("doneIn").stream().filter("2030-03"::equals))
                .hasSize(1);
    }

    @Test
    void a_dry_day_leaves_a_root_pit_what_needs_no_moist_soil() {
        Plot plot = plot(1);
        Map<String, Object> pit = Map.of(
                "depthCm",
                60,
                "fromAbove",
                true,
                "layers",
                List.of(
                        layer(0, 20, "granular", "many"),
                        layer(20, 32, "massive", "none"),
                        layer(32, 60, "rounded-blocks", "none")));
        String moist = plot.visit(Plot.DAY, "moist");
        plot.take(moist, plot.spots.get(0), "root-pit", pit);
        String dry = plot.visit("2031-05-15", "dry");
        plot.take(dry, plot.spots.get(0), "root-pit", pit);
        JsonNode evidence = plot.cause(dry, "compacted-pan").get("evidence");
        assertThat(evidence.size())
                .as("roots stop where they stop, dry or moist")
                .isPositive();
        assertThat(plot.cause(dry, "compacted-pan").get("belief").asDouble())
                .as("what the pit says counts, as on a moist day, but for what dry soil hides")
                .isBetween(
                        plot.cause(plot.visit("2031-05-16", "moist"), "compacted-pan")
                                .get("belief")
                                .asDouble(),
                        plot.cause(moist, "compacted-pan").get("belief").asDouble());
        adviser.get("/api/visits/" + dry + "/section").expect(200);
    }

    @Test
    void crumbs_of_the_topsoil_are_not_compared_with_crumbs_from_below() {
        Plot plot = plot(3);
        String before = plot.visit("2030-05-14", "moist");
        String after = plot.visit(Plot.DAY, "moist");
        for (String spot : plot.spots) {
            plot.take(before, spot, "slaking", slaking(5, "never", "never", "strong"));
            plot.take(after, spot, "slaking", slaking(45, "gentle", "gentle", "gentle"));
        }
        JsonNode change = adviser.get("/api/visits/" + after + "/change?since=" + before)
                .expect(200)
                .json();
        for (JsonNode method : change.get("methods")) {
            assertThat(method.get("pairs")).as(method.toString()).isEmpty();
        }
    }

    @Test
    void a_card_before_a_meter_is_no_change_of_the_soil() {
        Plot plot = plot(5);
        String before = plot.visit("2030-05-14", "moist");
        String after = plot.visit(Plot.DAY, "moist");
        for (String spot : plot.spots) {
            plot.take(before, spot, "ph", ph("card", 5.8));
            plot.take(after, spot, "ph", ph("water", 6.3));
        }
        JsonNode change = adviser.get("/api/visits/" + after + "/change?since=" + before)
                .expect(200)
                .json();
        JsonNode ph = one(change.get("methods"), "method", "ph");
        assertThat(ph.get("unlike").get(0).get("text").asString())
                .contains("card")
                .contains("meter");
        assertThat(ph.at("/change/verdict").asString())
                .as("within what a card may be out")
                .isEqualTo("no-clear-change");
    }

    @Test
    void sand_by_itself_is_not_called_droughty() {
        Plot plot = new Plot(adviser, 1, Map.of("texture", "sand", "climate", "humid"));
        String visit = plot.visit(Plot.DAY, "moist");
        plot.take(visit, plot.spots.get(0), "texture-feel", Map.of("ball", false, "ribbonMm", 0, "feel", "gritty"));
        assertThat(plot.cause(visit, "droughty").get("word").asString()).isNotIn("likely", "possible");
    }

    @Test
    void two_depths_at_one_spot_both_stand_and_are_not_averaged() {
        Plot plot = plot(1);
        String visit = plot.visit(Plot.DAY, "moist");
        String spot = plot.spots.get(0);
        plot.take(visit, spot, "slaking", slaking(5, "never", "never", "never"));
        plot.take(visit, spot, "slaking", slaking(45, "gentle", "gentle", "gentle"));
        JsonNode scores = adviser.get("/api/visits/" + visit + "/scores").json();
        assertThat(scores.get("methods").get(0).get("mean").asDouble())
                .as("the topsoil's alone")
                .isEqualTo(100);
        assertThat(adviser.get("/api/visits/" + visit).json().get("readings")).hasSize(2);
        JsonNode rows = adviser.get("/api/visits/" + visit + "/values").json().get("rows");
        assertThat(rows.toString()).contains("\"depthCm\":5.0").contains("\"depthCm\":45.0");
    }

    @Test
    void two_strips_are_asked_for_by_name_and_each_judged_by_itself() {
        Plot plot = plot(1);
        String limed = plot.zone("limed strip", "strip");
        String bare = plot.zone("bare strip", "strip");
        String visit = plot.visit(Plot.DAY, "moist");
        plot.take(visit, plot.spot(limed, "S1", 20), "ph", ph("water", 6.9));
        plot.take(visit, plot.spot(bare, "S2", 30), "ph", ph("water", 4.6));
        assertThat(adviser.get("/api/visits/" + visit + "/scores?zone=strip")
                        .expect(422)
                        .refusals())
                .containsExactly("/zone several");
        JsonNode well = adviser.get("/api/visits/" + visit + "/causes?zone=limed%20strip")
                .expect(200)
                .json();
        JsonNode ill = adviser.get("/api/visits/" + visit + "/causes?zone=bare%20strip")
                .expect(200)
                .json();
        assertThat(one(well.get("causes"), "id", "acid-topsoil").get("word").asString())
                .isEqualTo("unlikely");
        assertThat(one(ill.get("causes"), "id", "acid-topsoil").get("word").asString())
                .isEqualTo("likely");
    }

    @Test
    void a_field_put_right_leaves_scores_as_they_were_until_they_are_asked_for_again() {
        Plot plot = plot(1);
        String visit = plot.visit(Plot.DAY, "moist");
        plot.take(visit, plot.spots.get(0), "salinity", Map.of("ec", 0.5, "compensated", true, "ratio", "1:5"));
        JsonNode before = adviser.get("/api/visits/" + visit).json().at("/readings/0/evaluation");
        Map<String, Object> field = new LinkedHashMap<>();
        JsonNode known = adviser.get("/api/fields/" + plot.field).json();
        for (String key : List.of("holdingId", "name", "use", "outline", "version")) {
            field.put(key, known.get(key));
        }
        field.put("texture", "clay");
        adviser.send("PUT", "/api/fields/" + plot.field, field).expect(200);
        assertThat(adviser.get("/api/visits/" + visit).json().at("/readings/0/evaluation"))
                .isEqualTo(before);
        String again = "/api/visits/" + visit + "/score-again";
        assertThat(adviser.get(again).json().get("readings")).hasSize(1);
        assertThat(adviser.send("POST", again, null).expect(200).json().get("readings"))
                .hasSize(1);
        assertThat(adviser.get("/api/visits/" + visit).json().at("/readings/0/evaluation"))
                .isNotEqualTo(before);
        assertThat(adviser.get(again).json().get("readings")).isEmpty();
    }

    @Test
    void the_texture_that_was_found_is_offered_and_serves_its_own_spot_at_once() {
        Plot plot = new Plot(adviser, 2, Map.of());
        String visit = plot.visit(Plot.DAY, "moist");
        String spot = plot.spots.get(0);
        plot.take(visit, spot, "salinity", Map.of("ec", 0.5, "compensated", true, "ratio", "1:5"));
        plot.take(visit, spot, "texture-feel", Map.of("ball", false, "ribbonMm", 0, "feel", "gritty", "depthCm", 5));
        JsonNode salinity = one(adviser.get("/api/visits/" + visit).json().get("readings"), "method", "salinity");
        assertThat(salinity.at("/evaluation/flags").toString()).doesNotContain("needs-texture");
        JsonNode offer =
                adviser.get("/api/visits/" + visit + "/texture").expect(200).json();
        assertThat(offer.get("texture").asString()).isEqualTo("sand");
        assertThat(offer.get("at").get(0).asString()).isEqualTo(spot);
    }
}
