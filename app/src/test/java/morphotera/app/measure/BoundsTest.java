package morphotera.app.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Too much, too long or not text at all: refused at its place before anything is looked up, and never stored in part. */
@ExtendWith(RunningApp.class)
class BoundsTest {
    private final Client adviser = Client.adviser();

    private static Map<String, Object> unknownKeys(int n) {
        Map<String, Object> keys = new LinkedHashMap<>();
        IntStream.range(0, n).forEach(i -> keys.put("k" + i, i));
        return keys;
    }

    @ParameterizedTest
    @ValueSource(ints = {10_000, 40_000})
    void unknown_keys_without_end_are_told_fifty_times_and_counted(int keys) {
        Client nobody = new Client();
        nobody.get("/api/welcome");
        Client.Answer answer =
                nobody.send("POST", "/api/session", unknownKeys(keys)).expect(422);
        assertThat(answer.refusals()).hasSizeBetween(50, 53);
        assertThat(answer.text("/errors/" + (answer.refusals().size() - 1) + "/text"))
                .contains("more");
    }

    @Test
    void three_thousand_methods_ten_thousand_crumbs_and_a_hundred_thousand_holdings_are_too_many() {
        Plot plot = new Plot(adviser, 1, Map.of());
        Map<String, Object> visit = plot.visitBody(Plot.DAY, "moist", 0);
        visit.put("methods", Collections.nCopies(3000, "slaking"));
        assertThat(adviser.send("PUT", "/api/visits/" + Client.id(), visit)
                        .expect(422)
                        .refusals())
                .anyMatch(one -> one.startsWith("/methods"));

        String id = plot.visit(Plot.DAY, "moist");
        String[] crumbs = Collections.nCopies(10_000, "never").toArray(String[]::new);
        assertThat(adviser.send(
                                "PUT",
                                "/api/readings/" + Client.id(),
                                plot.reading(id, plot.spots.get(0), "slaking", Plot.slaking(5, crumbs)))
                        .expect(422)
                        .refusals())
                .anyMatch(one -> one.startsWith("/reading/crumbs"));

        assertThat(adviser.send("PUT", "/api/people/" + Client.id(), readerOf(100_000))
                        .expect(422)
                        .refusals())
                .anyMatch(one -> one.startsWith("/holdingIds"));
        adviser.send("PUT", "/api/people/" + Client.id(), readerOf(150_000)).expect(413);
    }

    @Test
    void who_is_not_signed_in_may_bring_less() {
        Client stranger = new Client();
        stranger.get("/api/welcome");
        String large = "{\"email\":\"" + "a".repeat(1_000_001) + "\",\"password\":\"x\"}";
        assertThat(stranger.raw("POST", "/api/session", large).expect(413).text("/detail"))
                .isEqualTo("A body takes 1 MB at most.");
    }

    private static Map<String, Object> readerOf(int holdings) {
        return Map.of(
                "name",
                "Many",
                "email",
                "many@tidewrack.example",
                "role",
                "reader",
                "password",
                "tide over the bar",
                "holdingIds",
                IntStream.range(0, holdings)
                        .mapToObj(i -> new UUID(1, i).toString())
                        .toList(),
                "version",
                0);
    }

    @Test
    void an_outline_of_two_thousand_corners_with_all_their_digits_is_kept() {
        List<Object> corners = new ArrayList<>();
        for (int i = 0; i < 2000; i++) {
            double turn = 2 * Math.PI * i / 2000;
            corners.add(
                    Map.of("lat", 47.123456789012345 + Math.sin(turn) / 1000, "lon", -29.1 + Math.cos(turn) / 1000));
        }
        Plot plot = new Plot(adviser, 0, Map.of("outline", corners));
        assertThat(adviser.get("/api/fields/" + plot.field).json().get("outline"))
                .hasSize(2000);
        corners.add(corners.get(0));
        Map<String, Object> body = new LinkedHashMap<>(Map.of(
                "holdingId",
                plot.holding,
                "mainZoneId",
                Client.id(),
                "name",
                "x",
                "use",
                "arable",
                "outline",
                corners,
                "version",
                0));
        assertThat(adviser.send("PUT", "/api/fields/" + Client.id(), body)
                        .expect(422)
                        .refusals())
                .containsExactly("/outline too-many");
    }

    @Test
    void a_note_of_a_megabyte_is_refused_where_it_stands() {
        Plot plot = new Plot(adviser, 1, Map.of());
        String visit = plot.visit(Plot.DAY, "moist");
        Map<String, Object> body = plot.reading(visit, plot.spots.get(0), "slaking", Plot.slaking(5, "never"));
        body.put("note", "a".repeat(1_000_000));
        assertThat(adviser.send("PUT", "/api/readings/" + Client.id(), body)
                        .expect(422)
                        .refusals())
                .anyMatch(one -> one.startsWith("/note"));
        assertThat(adviser.get("/api/visits/" + visit).json().get("readings")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"half a pair \\ud83d here", "bell \\u0007", "turned \\u202e round", "none \\u200b seen"})
    void a_name_of_signs_nobody_sees_is_refused(String name) {
        assertThat(adviser.raw("PUT", "/api/holdings/" + Client.id(), "{\"name\":\"" + name + "\",\"version\":0}")
                        .expect(422)
                        .refusals())
                .anyMatch(one -> one.startsWith("/name"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"1066-10-14", "2999-01-01", "+99999-01-01"})
    void a_day_no_visit_was_ever_made_on_is_refused(String day) {
        Plot plot = new Plot(adviser, 1, Map.of());
        assertThat(adviser.send("PUT", "/api/visits/" + Client.id(), plot.visitBody(day, "moist", 0))
                        .status())
                .isBetween(400, 422);
    }

    @Test
    void a_form_with_files_a_broken_address_and_the_error_page_are_answered_as_problems() throws Exception {
        for (String request : List.of(
                "POST /api/session HTTP/1.1\r\nContent-Type: multipart/form-data; boundary=x\r\nContent-Length: 3\r\n",
                "GET /api/fields/%zz HTTP/1.1\r\n",
                "GET /%c0%ae%c0%ae HTTP/1.1\r\n",
                "GET /error HTTP/1.1\r\n")) {
            String answer = raw(request);
            assertThat(answer).as(request).startsWith("HTTP/1.1 4");
            assertThat(answer).as(request).contains("application/problem+json").doesNotContain("<html");
        }
    }

    private static String raw(String head) throws Exception {
        try (Socket socket = new Socket("localhost", RunningApp.port())) {
            socket.setSoTimeout(20_000);
            socket.getOutputStream()
                    .write((head + "Host: localhost\r\nConnection: close\r\n\r\n--x")
                            .getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void beside_two_hundred_and_fifty_bodies_that_never_end_others_come_in() throws Exception {
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 250; i++) {
                Socket socket = new Socket("localhost", RunningApp.port());
                slow.add(socket);
                socket.getOutputStream()
                        .write(("POST /api/session HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                                        + "Content-Length: 900000\r\n\r\n{\"email\":")
                                .getBytes(StandardCharsets.US_ASCII));
            }
            new Client().get("/api/health").expect(200);
            Client.signsIn("second@tidewrack.example", RunningApp.port())
                    .get("/api/session")
                    .expect(200);
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
    }
}
