package morphotera.app.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What a probe said before its figure was taken stays with the reading. */
@ExtendWith(RunningApp.class)
class StreamTest {
    private final Client adviser = Client.adviser();
    private final Plot plot = new Plot(adviser, 1, Map.of());
    private final String reading =
            plot.take(plot.visit(Plot.DAY, "moist"), plot.spots.get(0), "ph", Plot.ph("water", 6.2));

    private static Map<String, Object> stream(double... instants) {
        List<Map<String, Object>> points = new ArrayList<>();
        for (double atS : instants) {
            points.add(Map.of("atS", atS, "value", 6.2));
        }
        return Map.of(
                "streams",
                List.of(Map.of(
                        "field", "/reading/points/0/value", "probe", "pH probe", "unit", "pH", "points", points)));
    }

    private Client.Answer put(Map<String, Object> body) {
        return adviser.send("PUT", "/api/readings/" + reading + "/streams", body);
    }

    @Test
    void is_kept_once_and_sent_again_it_is_the_same() {
        assertThat(adviser.get("/api/readings/" + reading + "/streams")
                        .expect(200)
                        .json()
                        .get("streams"))
                .isEmpty();
        put(stream(0, 0.5, 1)).expect(200);
        put(stream(0, 9)).expect(200);
        assertThat(adviser.get("/api/readings/" + reading + "/streams").json().at("/streams/0/points"))
                .hasSize(3);
    }

    @Test
    void must_rise_last_a_minute_and_be_whole() {
        assertThat(put(stream(1, 1)).expect(422).refusals()).containsExactly("/streams/0/points/1/atS backward");
        assertThat(put(stream(0, 90)).expect(422).refusals()).containsExactly("/streams/0/points too-long");
        assertThat(put(Map.of("streams", List.of(Map.of("probe", "x", "unit", "pH"))))
                        .expect(422)
                        .refusals())
                .containsExactly("/streams/0/field missing", "/streams/0/points missing");
    }

    @Test
    void another_practice_neither_sees_nor_adds_it() {
        Client other = Client.signedIn("other@farside.example");
        other.get("/api/readings/" + reading + "/streams").expect(404);
        other.send("PUT", "/api/readings/" + reading + "/streams", stream(0, 1)).expect(404);
    }
}
