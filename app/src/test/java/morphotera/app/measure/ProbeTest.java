package morphotera.app.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import morphotera.app.devices.Probe;
import morphotera.app.devices.Probes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The stand-ins for probes are real enough to need the rule that says when a value counts. */
@ExtendWith(RunningApp.class)
class ProbeTest {
    private final Client adviser = Client.adviser();

    private static List<Map<String, Object>> stream(Probe probe, long seed, double fromS, double toS) {
        Probe.Run run = probe.begin(seed);
        List<Map<String, Object>> stream = new ArrayList<>();
        for (double at = fromS; at <= toS; at += 0.5) {
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("atS", at);
            one.put("value", run.at(at).value());
            stream.add(one);
        }
        return stream;
    }

    private JsonNode judged(Probe probe, List<Map<String, Object>> stream) {
        return adviser.send("POST", "/api/devices/judge", Map.of("kind", probe.kind(), "stream", stream))
                .expect(200)
                .json();
    }

    @Test
    void every_stand_in_moves_at_first_and_nearly_all_come_to_rest() {
        for (Probe probe : RunningApp.bean(Probes.class).all()) {
            int early = 0;
            int late = 0;
            for (long seed = 1; seed <= 40; seed++) {
                early += judged(probe, stream(probe, seed, 0, 10)).get("stable").asBoolean() ? 1 : 0;
                late += judged(probe, stream(probe, seed, 100, 112))
                                .get("stable")
                                .asBoolean()
                        ? 1
                        : 0;
            }
            assertThat(early).as(probe.id()).isLessThanOrEqualTo(4);
            assertThat(late).as(probe.id()).isBetween(32, 40);
        }
    }

    @Test
    void the_same_hold_says_the_same_again() {
        Probe probe = RunningApp.bean(Probes.class).find("ph-probe").orElseThrow();
        assertThat(stream(probe, 9, 0, 20)).isEqualTo(stream(probe, 9, 0, 20));
        assertThat(stream(probe, 9, 0, 20)).isNotEqualTo(stream(probe, 10, 0, 20));
    }

    @Test
    void a_probe_is_listed_and_says_its_figures_as_they_come() throws IOException {
        JsonNode listed = Plot.one(adviser.get("/api/devices").expect(200).json(), "id", "salinity-probe");
        assertThat(listed.get("unit").asString()).isEqualTo("dS/m");
        assertThat(listed.get("standIn").asBoolean()).isTrue();
        try (BufferedReader lines = adviser.stream("/api/devices/salinity-probe/stream", null)) {
            List<String> data = new ArrayList<>();
            while (data.size() < 3) {
                String line = lines.readLine();
                if (line.startsWith("data:")) {
                    data.add(line);
                }
            }
            assertThat(data).allMatch(one -> one.contains("\"unit\":\"dS/m\"") && one.contains("\"atS\":"));
        }
        adviser.get("/api/devices/dowsing-rod/stream").expect(404);
    }
}
