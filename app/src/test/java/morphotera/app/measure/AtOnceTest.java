package morphotera.app.measure;

import static morphotera.app.Plot.ph;
import static morphotera.app.Plot.slaking;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Several phones in one field: saves at the same moment end as if one came after the other. */
@ExtendWith(RunningApp.class)
class AtOnceTest {
    private static final Map<String, Object> SALT = Map.of("ec", 0.6, "compensated", true, "ratio", "1:1");

    private final Client adviser = Client.adviser();
    private final Client second = Client.signedIn("second@tidewrack.example");
    private final Plot plot = new Plot(adviser, 8, Map.of("texture", "loam"));

    private static List<Client.Answer> atOnce(List<Callable<Client.Answer>> all) throws Exception {
        ExecutorService phones = Executors.newFixedThreadPool(all.size());
        try {
            List<Client.Answer> answers = new ArrayList<>();
            for (Future<Client.Answer> one : phones.invokeAll(all)) {
                answers.add(one.get());
            }
            return answers;
        } finally {
            phones.shutdown();
        }
    }

    private Callable<Client.Answer> put(Client by, String id, Map<String, Object> body) {
        return () -> by.send("PUT", "/api/readings/" + id, body);
    }

    private static List<Integer> statuses(List<Client.Answer> answers) {
        return answers.stream().map(Client.Answer::status).sorted().toList();
    }

    /** Nothing would come out otherwise if it were computed in turn now. */
    private void isAsIfInTurn(String visit) {
        assertThat(adviser.get("/api/visits/" + visit + "/score-again")
                        .expect(200)
                        .json()
                        .get("readings"))
                .isEmpty();
    }

    @Test
    void ph_and_salt_saved_by_two_phones_at_one_moment_know_of_each_other_at_every_spot() throws Exception {
        String visit = plot.visit(Plot.DAY, "moist");
        for (String spot : plot.spots) {
            List<Client.Answer> answers = atOnce(List.of(
                    put(adviser, Client.id(), plot.reading(visit, spot, "ph", ph("water", 8.0))),
                    put(second, Client.id(), plot.reading(visit, spot, "salinity", SALT))));
            assertThat(statuses(answers)).containsExactly(200, 200);
        }
        isAsIfInTurn(visit);
        for (JsonNode reading : adviser.get("/api/visits/" + visit).json().get("readings")) {
            if (reading.get("method").asString().equals("salinity")) {
                assertThat(reading.at("/evaluation/measures").toString())
                        .as("at pH 8 salt is no nitrate")
                        .doesNotContain("nitrateNAtMost");
            }
        }
    }

    @Test
    void a_reading_saved_while_the_day_is_put_right_is_of_the_right_day() throws Exception {
        for (int i = 0; i < 6; i++) {
            String visit = plot.visit(Plot.DAY, "moist");
            String spot = plot.spots.get(i);
            List<Client.Answer> answers = atOnce(List.of(
                    put(second, Client.id(), plot.reading(visit, spot, "slaking", slaking(5, "never", "gentle"))),
                    () -> adviser.send("PUT", "/api/visits/" + visit, plot.visitBody(Plot.DAY, "wet", 1))));
            assertThat(statuses(answers)).containsExactly(200, 200);
            isAsIfInTurn(visit);
        }
    }

    @Test
    void of_two_corrections_at_once_one_stands_and_the_other_is_shown_it() throws Exception {
        String visit = plot.visit(Plot.DAY, "moist");
        String old = plot.take(visit, plot.spots.get(0), "slaking", slaking(5, "gentle", "gentle"));
        Map<String, Object> mine = plot.reading(visit, plot.spots.get(0), "slaking", slaking(5, "never", "never"));
        mine.put("corrects", old);
        mine.put("correctionReason", "dishes changed over");
        Map<String, Object> theirs = plot.reading(visit, plot.spots.get(0), "slaking", slaking(5, "strong", "never"));
        theirs.put("corrects", old);
        theirs.put("correctionReason", "a stone was counted");
        List<Client.Answer> answers =
                atOnce(List.of(put(adviser, Client.id(), mine), put(second, Client.id(), theirs)));
        assertThat(statuses(answers)).containsExactly(200, 409);
        Client.Answer stale =
                answers.stream().filter(one -> one.status() == 409).findFirst().orElseThrow();
        Client.Answer stood =
                answers.stream().filter(one -> one.status() == 200).findFirst().orElseThrow();
        assertThat(stale.text("/current/id")).isEqualTo(stood.text("/id"));
    }

    @Test
    void the_same_sent_twice_at_once_is_one_and_both_are_told_so() throws Exception {
        String visit = plot.visit(Plot.DAY, "moist");
        String spot = plot.spots.get(0);
        String id = Client.id();
        Map<String, Object> reading = plot.reading(visit, spot, "slaking", slaking(5, "never"));
        assertThat(statuses(atOnce(List.of(put(adviser, id, reading), put(adviser, id, reading)))))
                .containsExactly(200, 200);
        assertThat(adviser.get("/api/visits/" + visit).json().get("readings")).hasSize(1);

        for (int i = 1; i <= 10; i++) {
            String log = Client.id();
            Callable<Client.Answer> done = () -> adviser.send(
                    "PUT",
                    "/api/interventions/" + log,
                    Map.of("fieldId", plot.field, "doneOn", Plot.DAY, "kind", "lime", "version", 0));
            assertThat(statuses(atOnce(List.of(done, done, done)))).containsExactly(200, 200, 200);
            assertThat(adviser.get("/api/fields/" + plot.field + "/interventions")
                            .json())
                    .hasSize(i);
        }
    }

    @Test
    void eight_people_at_one_spot_all_keep_what_they_read() throws Exception {
        String visit = plot.visit(Plot.DAY, "moist");
        List<Callable<Client.Answer>> all = new ArrayList<>();
        for (int i = 1; i <= 8; i++) {
            Map<String, Object> body = plot.reading(visit, plot.spots.get(0), "slaking", slaking(5, "never", "strong"));
            body.put("repeat", i);
            all.add(put(i % 2 == 0 ? adviser : second, Client.id(), body));
        }
        assertThat(statuses(atOnce(all))).isEqualTo(Collections.nCopies(8, 200));
        assertThat(adviser.get("/api/visits/" + visit).json().get("readings")).hasSize(8);
    }

    @Test
    void two_phones_on_one_cell_keep_both_until_a_person_says_which_holds() {
        String visit = plot.visit(Plot.DAY, "moist");
        String spot = plot.spots.get(0);
        plot.take(visit, spot, "slaking", slaking(5, "never", "never"));
        String other = plot.take(visit, spot, "slaking", slaking(5, "gentle", "gentle"));
        assertThat(adviser.send("PUT", "/api/readings/" + other + "/aside", Map.of("reason", "crumbs were wet"))
                        .expect(200)
                        .text("/setAside"))
                .isEqualTo("crumbs were wet");
        assertThat(adviser.get("/api/visits/" + visit + "/scores")
                        .json()
                        .at("/methods/0/mean")
                        .asDouble())
                .isEqualTo(100);
        adviser.send("DELETE", "/api/readings/" + other + "/aside", null).expect(200);
        assertThat(adviser.get("/api/visits/" + visit + "/scores")
                        .json()
                        .at("/methods/0/mean")
                        .asDouble())
                .isLessThan(100);
    }
}
