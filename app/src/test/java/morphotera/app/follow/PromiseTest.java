package morphotera.app.follow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What was done promised something; later readings lie inside, above or below, and the promise never moves. */
@ExtendWith(RunningApp.class)
class PromiseTest {
    private final Client other = Client.signedIn("other@farside.example");
    private final Plot plot = new Plot(other, 3, Map.of("texture", "silty-clay-loam", "clayPercent", 30));

    private void salt(String day, double ece) {
        String visit = plot.visit(day, "moist");
        for (String spot : plot.spots) {
            plot.take(visit, spot, "salinity", Map.of("depthCm", 20, "ec", ece, "compensated", true, "ratio", "paste"));
        }
    }

    private String done(String day, String kind, Object... more) {
        String id = Client.id();
        Map<String, Object> body =
                new LinkedHashMap<>(Map.of("fieldId", plot.field, "doneOn", day, "kind", kind, "version", 0));
        for (int i = 0; i < more.length; i += 2) {
            body.put((String) more[i], more[i + 1]);
        }
        other.send("PUT", "/api/interventions/" + id, body).expect(200);
        return id;
    }

    private JsonNode bands() {
        return other.get("/api/fields/" + plot.field + "/trend")
                .expect(200)
                .json()
                .get("bands");
    }

    @Test
    void salt_after_drains_is_held_against_a_band_from_what_was_read_before() {
        salt("2027-05-10", 8.0);
        String drains = done("2027-08-01", "drains");
        JsonNode before = bands().get(0);
        assertThat(before.get("intervention").asString()).isEqualTo(drains);
        assertThat(before.get("forecast").asString()).isEqualTo("salt");
        assertThat(before.get("measure").asString()).isEqualTo("salinity.rootZoneEce");
        assertThat(before.at("/points/0/day").asString()).isEqualTo("2027-08-01");
        assertThat(before.at("/points/0/middle").asDouble()).isCloseTo(8.0, within(1e-9));
        assertThat(before.get("outcomes")).isEmpty();

        salt("2029-05-10", 7.65);
        salt("2031-05-10", 9.0);
        JsonNode after = bands().get(0);
        assertThat(after.get("points")).isEqualTo(before.get("points"));
        assertThat(after.get("outcomes").findValuesAsString("place")).containsExactly("inside", "above");

        JsonNode score = other.get("/api/forecasts/score").expect(200).json();
        JsonNode ofSalt = Plot.one(score.get("byForecast"), "forecast", "salt");
        assertThat(ofSalt.get("of").asInt()).isGreaterThanOrEqualTo(2);
        assertThat(Plot.one(score.get("byMeasure"), "measure", "salinity.rootZoneEce")
                        .get("of")
                        .asInt())
                .isEqualTo(ofSalt.get("of").asInt());
        assertThat(score.get("byAdviser").findValuesAsString("adviser")).contains("Other adviser");
        assertThat(score.get("held").asDouble()).isBetween(0.0, 1.0);
    }

    @Test
    void lime_promises_what_so_much_of_it_lifts_where_carbon_and_clay_are_known() {
        String visit = plot.visit("2027-05-10", "moist");
        plot.spots.forEach(spot -> plot.take(visit, spot, "ph", Plot.ph("water", 5.2)));
        done("2027-09-01", "lime", "amount", 2.4, "unit", "t/ha");
        assertThat(bands()).isEmpty();
        plot.take(visit, plot.spots.get(0), "laboratory", Map.of("organicMatterPercent", 3.448));
        done("2027-09-02", "lime", "amount", 2.4, "unit", "t/ha", "depthCm", 15);
        JsonNode band = bands().get(0);
        // Fine ground by its texture.
        double density = 1.25;
        double rise = 2.4 / ((0.955 * 2 + 0.011 * 30) * 15 * density * 100 * 0.0005);
        JsonNode twoYears = band.get("points").get(4);
        assertThat(twoYears.get("middle").asDouble()).isCloseTo(5.2 + rise, within(0.02));
    }

    @Test
    void what_was_done_before_anything_was_read_promises_nothing() {
        done("2026-08-01", "drains");
        salt("2027-05-10", 8.0);
        assertThat(bands()).isEmpty();
        done("2027-06-01", "nitrogen", "amount", 60, "unit", "kg/ha");
        assertThat(bands()).isEmpty();
    }

    @Test
    void a_cause_that_was_settled_is_held_against_what_was_believed() {
        String visit = plot.visit("2027-05-10", "moist");
        plot.spots.forEach(spot -> plot.take(visit, spot, "ph", Plot.ph("water", 4.9)));
        double belief = plot.cause(visit, "acid-topsoil").get("belief").asDouble();
        String path = "/api/visits/" + visit + "/causes/acid-topsoil/ruling";
        Map<String, Object> said =
                Map.of("zone", "main", "word", "confirmed", "by", "laboratory", "why", "A buffer test.", "version", 0);
        other.send("PUT", path, said).expect(200);
        JsonNode brier = other.get("/api/forecasts/score").expect(200).json().get("brier");
        JsonNode acid = Plot.one(brier.get("byCause"), "cause", "acid-topsoil");
        assertThat(acid.get("n").asInt()).isEqualTo(1);
        assertThat(acid.get("score").asDouble()).isCloseTo((belief - 1) * (belief - 1), within(1e-12));
        assertThat(brier.get("byTable").findValuesAsString("table")).containsExactly("practice", "shipped");
        JsonNode learned = other.get("/api/forecasts/score").json().get("learned");
        assertThat(learned).isNotEmpty().allSatisfy(one -> {
            assertThat(one.get("causeText").asString()).isEqualTo("The topsoil is too acid");
            assertThat(one.at("/taught/casesWith").asInt()).isEqualTo(1);
        });
        other.send("DELETE", path + "?zone=main&version=1", null).expect(200);
        assertThat(other.get("/api/forecasts/score")
                        .expect(200)
                        .json()
                        .at("/brier/n")
                        .asInt())
                .isEqualTo(brier.get("n").asInt() - 1);
    }

    @Test
    void several_promises_are_kept_apart() {
        salt("2027-05-10", 8.0);
        List.of("2027-08-01", "2028-08-01").forEach(day -> done(day, "drains"));
        assertThat(bands()).hasSize(2);
    }
}
