package morphotera.app.follow;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What a zone came to through the years is remembered, and never longer than it holds: each change is seen at the next look. */
@ExtendWith(RunningApp.class)
class TrendTest {
    private final Client other = Client.signedIn("other@farside.example");
    private final Plot plot = new Plot(other, 2, Map.of("texture", "loam"));
    private final List<String> readings = new ArrayList<>();
    private String visit;

    @BeforeEach
    void threeYears() {
        for (String day : List.of("2029-05-14", "2030-05-14", "2031-05-14")) {
            visit = plot.visit(day, "moist");
            for (String spot : plot.spots) {
                readings.add(plot.take(visit, spot, "slaking", crumbs("never")));
            }
        }
        assertThat(means()).containsExactly(100.0, 100.0, 100.0);
    }

    private static Map<String, Object> crumbs(String fell) {
        return Map.of("crumbState", "air-dry", "crumbs", List.of(Map.of("fellAt", fell), Map.of("fellAt", fell)));
    }

    private JsonNode trend() {
        return other.get("/api/fields/" + plot.field + "/trend").expect(200).json();
    }

    private List<Double> means() {
        List<Double> means = new ArrayList<>();
        trend().get("visits")
                .forEach(one -> means.add(Plot.one(one.at("/scores/methods"), "method", "slaking")
                        .get("mean")
                        .asDouble()));
        return means;
    }

    private double now() {
        return means().get(2);
    }

    @Test
    void one_more_reading_a_correction_and_a_reading_set_aside_are_seen_at_once() {
        Map<String, Object> correction =
                new LinkedHashMap<>(plot.reading(visit, plot.spots.get(0), "slaking", crumbs("gentle")));
        correction.putAll(Map.of("corrects", readings.get(4), "correctionReason", "The dish was shaken."));
        String corrected = Client.id();
        other.send("PUT", "/api/readings/" + corrected, correction).expect(200);
        double afterCorrection = now();
        assertThat(afterCorrection).isLessThan(100);

        other.send("PUT", "/api/readings/" + corrected + "/aside", Map.of("reason", "A stone."))
                .expect(200);
        assertThat(now()).isEqualTo(100);

        Map<String, Object> again = plot.reading(visit, plot.spots.get(0), "slaking", crumbs("strong"));
        again.put("repeat", 2);
        other.send("PUT", "/api/readings/" + Client.id(), again).expect(200);
        assertThat(now()).isLessThan(100);
    }

    @Test
    void a_day_put_right_moves_on_the_axis_of_time() {
        Map<String, Object> earlier = plot.visitBody("2031-03-01", "moist", 1);
        other.send("PUT", "/api/visits/" + visit, earlier).expect(200);
        assertThat(trend().at("/visits/2/day").asString()).isEqualTo("2031-03-01");
    }

    @Test
    void what_was_done_since_stands_with_its_promise() {
        plot.take(
                visit,
                plot.spots.get(0),
                "salinity",
                Map.of("depthCm", 20, "ec", 8.0, "compensated", true, "ratio", "paste"));
        assertThat(trend().get("bands")).isEmpty();
        other.send(
                        "PUT",
                        "/api/interventions/" + Client.id(),
                        Map.of("fieldId", plot.field, "doneOn", "2031-08-01", "kind", "drains", "version", 0))
                .expect(200);
        assertThat(trend().get("bands")).hasSize(1);
    }

    @Test
    void a_spot_that_goes_to_another_zone_takes_its_readings_along() {
        String patch = plot.zone("Wet corner", "poor");
        assertThat(trend().at("/visits/2/scores/methods/0/n").asInt()).isEqualTo(2);
        Map<String, Object> moved = new LinkedHashMap<>(
                Map.of("zoneId", patch, "label", "2", "lat", 47.0001 + 2 * 1e-5, "lon", -29.0002, "version", 1));
        other.send("PUT", "/api/spots/" + plot.spots.get(1), moved).expect(200);
        assertThat(trend().at("/visits/2/scores/methods/0/n").asInt()).isEqualTo(1);
    }
}
