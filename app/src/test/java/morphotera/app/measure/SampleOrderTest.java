package morphotera.app.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import morphotera.app.api.Json;
import morphotera.app.devices.Laboratories;
import morphotera.app.devices.Laboratory;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Bags that are sent, answered after days, looked at and taken by a person. */
@ExtendWith(RunningApp.class)
class SampleOrderTest {
    private static final List<String> BASIC = List.of("ph", "clay", "organic-matter");

    private final Client adviser = Client.adviser();
    private Plot plot;
    private String visit;

    @BeforeEach
    void aVisit() {
        plot = new Plot(adviser, 3, Map.of());
        visit = plot.visit(Plot.DAY, "moist");
    }

    private String sample() {
        String id = Client.id();
        adviser.send(
                        "PUT",
                        "/api/samples/" + id,
                        Map.of(
                                "visitId",
                                visit,
                                "label",
                                "A",
                                "spots",
                                plot.spots,
                                "topCm",
                                0,
                                "bottomCm",
                                15,
                                "takenAt",
                                "2031-05-14T00:00:10Z",
                                "version",
                                0))
                .expect(200);
        return id;
    }

    private Client.Answer order(String sample, List<String> asked) {
        return adviser.send("PUT", "/api/samples/" + sample + "/order", Map.of("asked", asked));
    }

    private JsonNode stands(String sample) {
        for (JsonNode one : adviser.get("/api/fields/" + plot.field).json().get("samples")) {
            if (one.get("id").asString().equals(sample)) {
                return one;
            }
        }
        throw new AssertionError("no sample " + sample);
    }

    @Test
    void what_is_sent_says_what_was_asked_for_and_when_an_answer_is_likely() {
        String id = sample();
        JsonNode sent = order(id, List.of("pH", "clay")).expect(200).json();
        assertThat(sent.get("asked")).extracting(JsonNode::asString).containsExactly("ph", "clay");
        assertThat(sent.get("laboratory").asString()).isEqualTo("simulated laboratory");
        assertThat(sent.get("handedOverAt").asString()).startsWith("2031-05-14");
        assertThat(sent.at("/order/likelyAt").asString()).isBetween("2031-05-17", "2031-05-20");
        assertThat(sent.at("/order/answer").isNull()).isTrue();
        RunningApp.bean(SampleOrders.class).fetch();
        assertThat(stands(id).at("/order/answeredAt").isNull())
                .as("a laboratory takes days")
                .isTrue();
    }

    @Test
    void sent_twice_is_one_and_what_was_asked_for_stands() {
        String id = sample();
        String first = order(id, BASIC).expect(200).json().at("/order/sentAt").asString();
        assertThat(order(id, BASIC).expect(200).json().at("/order/sentAt").asString())
                .isEqualTo(first);
        assertThat(order(id, List.of("salinity")).expect(422).refusals()).containsExactly("/asked sent");
    }

    @Test
    void what_it_does_not_measure_is_named_with_what_it_does() {
        String id = sample();
        Client.Answer refused = order(id, List.of("ph", "moon dust")).expect(422);
        assertThat(refused.refusals()).containsExactly("/asked/1 not-offered");
        assertThat(refused.text("/errors/0/text")).contains("organic-matter");
        assertThat(order(id, List.of()).expect(422).refusals()).containsExactly("/asked missing");
        order(Client.id(), BASIC).expect(404);
        assertThat(stands(id).get("order").isNull()).as("nothing half sent").isTrue();
    }

    @Test
    void it_is_taken_once_a_reading_of_the_laboratory_stands_of_it_and_open_again_when_that_is_put_away() {
        String id = sample();
        order(id, BASIC).expect(200);
        Map<String, Object> body = plot.reading(
                visit,
                plot.spots.get(0),
                "laboratory",
                Map.of("ph", Map.of("value", 6.1, "basis", "water"), "clayPercent", 21));
        body.remove("spotId");
        body.put("sampleId", id);
        String reading = Client.id();
        adviser.send("PUT", "/api/readings/" + reading, body).expect(200);
        assertThat(stands(id).at("/order/taken").asBoolean()).isTrue();
        adviser.send("PUT", "/api/readings/" + reading + "/aside", Map.of("reason", "another field's sheet"))
                .expect(200);
        assertThat(stands(id).at("/order/taken").asBoolean()).isFalse();
    }

    @Test
    void the_post_goes_on_where_one_bag_cannot_be_answered() {
        Laboratory chokes = mock(Laboratory.class);
        when(chokes.sheet(any(), any())).thenThrow(new IllegalStateException("spilt"));
        Laboratories laboratories = mock(Laboratories.class);
        when(laboratories.connected()).thenReturn(Optional.of(chokes));
        SampleOrderMapper mapper = mock(SampleOrderMapper.class);
        UUID one = UUID.randomUUID();
        String bag = RunningApp.bean(Json.class)
                .write(new Laboratory.Bag(one, 47, -29, 0, 15, List.of("ph"), Map.of(), Instant.EPOCH));
        when(mapper.waiting(anyInt()))
                .thenReturn(List.of(
                        new SampleOrderMapper.Row(one, one, one, one, one, bag),
                        new SampleOrderMapper.Row(one, one, one, one, one, "{")));
        new SampleOrders(mapper, laboratories, null, null, null, null, RunningApp.bean(Json.class), Clock.systemUTC())
                .fetch();
        verify(mapper, never()).answer(any(), any(), any());
    }

    @Test
    void a_reader_sends_nothing_and_the_other_practice_sees_no_sample() {
        String id = sample();
        Client.signedIn("other@farside.example")
                .send("PUT", "/api/samples/" + id + "/order", Map.of("asked", BASIC))
                .expect(404);
        Client.signedIn("grower@hallowquay.example")
                .send("PUT", "/api/samples/" + id + "/order", Map.of("asked", BASIC))
                .expect(403);
    }

    @Test
    void in_the_demo_a_sheet_came_back_near_what_the_field_says_and_counts_once_a_person_took_it() {
        JsonNode sample = adviser.card("Church Piece").at("/field/samples/0");
        JsonNode order = sample.get("order");
        assertThat(order.get("taken").asBoolean()).isFalse();
        assertThat(order.at("/answer/ph/value").asDouble())
                .as("read as 6.3 there")
                .isCloseTo(6.3, within(0.4));
        assertThat(order.at("/answer/clayPercent").asDouble()).isCloseTo(14, within(3.0));
        assertThat(order.get("answer").has("ece")).as("nobody asked for salt").isFalse();
        adviser.send("POST", "/api/methods/laboratory/evaluate", Map.of("reading", order.get("answer")))
                .expect(200);
    }
}
