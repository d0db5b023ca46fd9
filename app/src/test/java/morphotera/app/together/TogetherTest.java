package morphotera.app.together;

import static morphotera.app.Plot.slaking;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Two on one visit hear of each other. */
@ExtendWith(RunningApp.class)
@Timeout(60)
class TogetherTest {
    private final Client adviser = Client.adviser();
    private final Client second = Client.signedIn("second@tidewrack.example");
    private final Plot plot = new Plot(adviser, 2, Map.of("texture", "loam"));
    private final String visit = plot.visit(Plot.DAY, "moist");
    private final String events = "/api/visits/" + visit + "/events";

    /** The next event: its id and its data. */
    private static String[] next(BufferedReader stream) throws IOException {
        String id = null;
        for (String line = stream.readLine(); line != null; line = stream.readLine()) {
            if (line.startsWith("id:")) {
                id = line.substring(3).strip();
            } else if (line.startsWith("data:")) {
                return new String[] {id, line.substring(5).strip()};
            }
        }
        throw new AssertionError("the stream ended");
    }

    @Test
    void the_other_hears_what_was_counted_and_goes_on_where_a_cut_stream_ended() throws IOException {
        String heard;
        try (BufferedReader stream = second.stream(events, null)) {
            assertThat(stream.readLine()).startsWith(":");
            String reading = plot.take(visit, plot.spots.get(0), "slaking", slaking(5, "never"));
            String[] event = next(stream);
            assertThat(event[1]).isEqualTo("{\"kind\":\"reading\",\"id\":\"" + reading + "\"}");
            heard = event[0];
        }
        String missed = plot.take(visit, plot.spots.get(1), "slaking", slaking(5, "never"));
        try (BufferedReader stream = second.stream(events, heard)) {
            String[] event = next(stream);
            assertThat(event[1]).contains(missed);
            assertThat(event[0]).isEqualTo(String.valueOf(Integer.parseInt(heard) + 1));
        }
    }

    @Test
    void one_who_heard_nothing_for_long_is_told_to_load_the_visit() throws IOException {
        plot.take(visit, plot.spots.get(0), "slaking", slaking(5, "never"));
        try (BufferedReader stream = second.stream(events, "0")) {
            assertThat(next(stream)[1]).contains(visit).contains("\"visit\"");
        }
    }

    @Test
    void each_sees_where_the_other_stands() {
        adviser.send("PUT", "/api/visits/" + visit + "/presence", Map.of("spotId", plot.spots.get(1)))
                .expect(204);
        JsonNode stands =
                second.get("/api/visits/" + visit + "/presence").expect(200).json();
        assertThat(stands).hasSize(1);
        assertThat(stands.at("/0/name").asString()).isEqualTo("Adviser");
        assertThat(stands.at("/0/spotId").asString()).isEqualTo(plot.spots.get(1));
        assertThat(adviser.send("PUT", "/api/visits/" + visit + "/presence", Map.of("spotId", Client.id()))
                        .expect(422)
                        .refusals())
                .containsExactly("/spotId unknown-id");
    }

    @Test
    void a_stranger_hears_nothing() {
        Client stranger = Client.signedIn("other@farside.example");
        stranger.get(events).expect(404);
        stranger.get("/api/visits/" + visit + "/presence").expect(404);
    }
}
