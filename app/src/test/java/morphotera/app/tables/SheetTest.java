package morphotera.app.tables;

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

/** The practice's own tables: shown, edited, versioned, and gone by. */
@ExtendWith(RunningApp.class)
class SheetTest {
    // The other practice's tables, so that no sum of another test changes.
    private final Client owner = Client.signedIn("other@farside.example");

    private static final Map<String, Object> LIME = Map.of(
            "phNow",
            5.0,
            "phTarget",
            6.0,
            "organicCarbonPercent",
            2,
            "clayPercent",
            20,
            "depthCm",
            15,
            "bulkDensity",
            1.35,
            "neutralisingValue",
            100,
            "fineness",
            Map.of("under300um", 100, "300to850um", 0, "over850um", 0));

    private double lime(Client who) {
        return who.send("POST", "/api/remedies/lime/calculate", LIME)
                .expect(200)
                .json()
                .at("/answer/pureTPerHa")
                .asDouble();
    }

    private static Map<String, Object> body(int version, double perCarbon) {
        return Map.of("version", version, "rows", List.of(Map.of("key", "soil", "values", List.of(perCarbon, 0.011))));
    }

    @Test
    void a_table_is_kept_version_by_version_and_sums_go_by_the_newest() {
        JsonNode shipped = Plot.one(owner.get("/api/tables").expect(200).json(), "id", "ph-buffer");
        int version = shipped.get("version").asInt();
        double before = lime(owner);
        double others = lime(Client.adviser());
        JsonNode saved = owner.send("PUT", "/api/tables/ph-buffer", body(version, 1.91))
                .expect(200)
                .json();
        assertThat(saved.get("version").asInt()).isEqualTo(version + 1);
        assertThat(lime(owner)).isGreaterThan(1.5 * before);
        assertThat(lime(Client.adviser())).isEqualTo(others);
        assertThat(owner.get("/api/tables/ph-buffer?version=0")
                        .expect(200)
                        .json()
                        .at("/rows/0/values/0")
                        .asDouble())
                .isEqualTo(0.955);
        // Somebody who saw the table before is shown what stands.
        owner.send("PUT", "/api/tables/ph-buffer", body(version, 0.5)).expect(409);
        owner.send("PUT", "/api/tables/ph-buffer", body(version + 1, 0.955)).expect(200);
        assertThat(lime(owner)).isEqualTo(before);
    }

    @Test
    void what_a_table_cannot_hold_is_refused_at_its_place() {
        assertThat(owner.send("PUT", "/api/tables/ph-buffer", body(0, -3))
                        .expect(422)
                        .refusals())
                .containsExactly("/rows/0/values/0 out-of-range");
        owner.get("/api/tables/phlogiston").expect(404);
        owner.get("/api/tables/ph-buffer?version=99").expect(404);
        assertThat(owner.send("PUT", "/api/tables/salt-tolerance", Map.of("version", 0, "rows", List.of()))
                        .expect(422)
                        .refusals())
                .containsExactly("/rows too-many");
    }

    @Test
    void sour_ground_in_may_has_the_cover_crops_that_are_sown_in_may_first() {
        Plot plot = new Plot(Client.adviser(), 3, Map.of("texture", "loam"));
        String visit = plot.visit(Plot.DAY, "moist");
        for (String spot : plot.spots) {
            plot.take(visit, spot, "ph", Plot.ph("water", 4.7, 4.6));
        }
        JsonNode covers = plot.adviser
                .get("/api/visits/" + visit + "/causes")
                .expect(200)
                .json()
                .at("/suits/covers");
        assertThat(covers.get(0).get("inSeason").asBoolean()).isTrue();
        assertThat(covers.get(0).get("crop").asString()).isEqualTo("blue-lupin");
    }

    @Test
    void advice_says_what_suits_the_ground_and_readers_change_no_table() {
        Plot plot = new Plot(Client.adviser(), 3, Map.of("texture", "loam"));
        String visit = plot.visit(Plot.DAY, "moist");
        for (String spot : plot.spots) {
            plot.take(visit, spot, "ph", Plot.ph("water", 6.4, 6.3));
        }
        JsonNode advice =
                plot.adviser.get("/api/visits/" + visit + "/causes").expect(200).json();
        assertThat(advice.at("/suits/ph").asDouble()).isCloseTo(6.4, within(1e-9));
        assertThat(Plot.one(advice.at("/suits/crops"), "crop", "wheat")
                        .get("suits")
                        .asBoolean())
                .isTrue();
        assertThat(advice.at("/suits/covers")).isEmpty();
        assertThat(advice.at("/suits/missing/0").asString()).isEqualTo("percolation-hole");
        assertThat(advice.at("/good/keep/0/group").asString()).isEqualTo("chemistry");
        assertThat(advice.at("/known/irrigation/availableMmPer10Cm/value").asDouble())
                .isBetween(12.0, 17.0);
        Client.signedIn("grower@hallowquay.example")
                .send("PUT", "/api/tables/ph-buffer", body(0, 1))
                .expect(403);
    }
}
