package morphotera.app.decide;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A plan over the years: kept as set, its broken rules named, its costs running. */
@ExtendWith(RunningApp.class)
class FieldPlanTest {
    private final Plot plot = new Plot(Client.adviser(), 3, Map.of("texture", "silty-clay-loam"));

    private static Map<String, Object> step(String remedy, String from, String to, Object... more) {
        Map<String, Object> step =
                new LinkedHashMap<>(Map.of("id", Client.id(), "remedy", remedy, "from", from, "to", to));
        for (int i = 0; i < more.length; i += 2) {
            step.put((String) more[i], more[i + 1]);
        }
        return step;
    }

    private Client.Answer put(int version, List<?> steps) {
        return plot.adviser.send(
                "PUT", "/api/fields/" + plot.field + "/plan", Map.of("version", version, "steps", steps));
    }

    private JsonNode get() {
        return plot.adviser
                .get("/api/fields/" + plot.field + "/plan")
                .expect(200)
                .json();
    }

    @Test
    void costs_run_from_month_to_month_and_what_was_dropped_costs_nothing() {
        JsonNode none = get();
        assertThat(none.get("version").asInt()).isZero();
        JsonNode plan = put(
                        0,
                        List.of(
                                step("lime", "2031-09", "2031-10", "cost", 620.0, "amount", 12.4, "unit", "t"),
                                step("drains", "2031-08", "2031-10", "cost", 9000.0),
                                step("mulch", "2031-10", "2031-11", "cost", 500.0, "state", "dropped")))
                .expect(200)
                .json();
        assertThat(plan.get("runningCost").findValuesAsString("month")).containsExactly("2031-08", "2031-09");
        assertThat(plan.at("/runningCost/1/total").asDouble()).isEqualTo(9620);
        assertThat(get()).isEqualTo(plan);
    }

    @Test
    void salt_washed_before_the_drains_are_laid_is_kept_and_named() {
        Map<String, Object> drains = step("drains", "2032-08", "2032-10");
        Map<String, Object> leaching = step("leaching", "2031-10", "2032-02");
        JsonNode plan = put(0, List.of(leaching, drains)).expect(200).json();
        assertThat(plan.get("steps")).hasSize(2);
        JsonNode broken = Plot.one(plan.get("breaks"), "rule", "water-before-salt");
        assertThat(broken.get("step").asString()).isEqualTo(leaching.get("id"));
        assertThat(broken.get("other").asString()).isEqualTo(drains.get("id"));

        drains.put("from", "2030-08");
        drains.put("to", "2030-10");
        assertThat(put(1, List.of(leaching, drains))
                        .expect(200)
                        .json()
                        .get("breaks")
                        .findValuesAsString("rule"))
                .doesNotContain("water-before-salt");
    }

    @Test
    void lime_is_promised_a_band_beside_that_of_doing_nothing() {
        String visit = plot.visit(Plot.DAY, "moist");
        plot.spots.forEach(spot -> plot.take(visit, spot, "ph", Plot.ph("water", 5.2)));
        JsonNode plan = put(0, List.of(step("lime", "2031-09", "2031-10", "inputs", Map.of("phTarget", 6.2))))
                .expect(200)
                .json();
        JsonNode forecast = plan.at("/forecasts/0");
        assertThat(forecast.get("measure").asString()).isEqualTo("ph.topsoil");
        JsonNode last = forecast.get("points").get(3);
        JsonNode nothing = forecast.get("nothing").get(3);
        assertThat(last.get("low").asDouble()).isGreaterThan(nothing.get("high").asDouble());
        assertThat(forecast.at("/points/0/day").asString()).isEqualTo("2031-09-01");
    }

    @Test
    void a_step_that_was_done_is_in_the_log_once() {
        Map<String, Object> lime = step(
                "lime",
                "2031-04",
                "2031-05",
                "amount",
                2.4,
                "unit",
                "t/ha",
                "inputs",
                Map.of("depthCm", 15),
                "state",
                "done");
        put(0, List.of(lime)).expect(200);
        lime.put("why", "Two dressings.");
        put(1, List.of(lime)).expect(200);
        JsonNode log = plot.adviser
                .get("/api/fields/" + plot.field + "/interventions")
                .expect(200)
                .json();
        assertThat(log).hasSize(1);
        assertThat(log.at("/0/kind").asString()).isEqualTo("lime");
        assertThat(log.at("/0/amount").asDouble()).isEqualTo(2.4);
        assertThat(log.at("/0/depthCm").asDouble()).isEqualTo(15);
    }

    @Test
    void unknown_doubled_and_impossible_steps_are_refused_each_where_it_is() {
        Map<String, Object> twice = step("lime", "2031-09", "2031-10");
        assertThat(put(
                                0,
                                List.of(
                                        step("magic", "2031-9", "2031-10"),
                                        twice,
                                        twice,
                                        step("lime", "2031-10", "2031-09", "amount", 3)))
                        .expect(422)
                        .refusals())
                .containsExactlyInAnyOrder(
                        "/steps/0/remedy unknown-word",
                        "/steps/0/from wrong-type",
                        "/steps/2/id twice",
                        "/steps/3/to before-start",
                        "/steps/3/unit missing");
        assertThat(put(0, List.of(step("lime", "2031-09", "2031-10", "zone", "the moon")))
                        .expect(422)
                        .refusals())
                .containsExactly("/steps/0/zone unknown-id");
    }

    @Test
    void two_who_plan_at_once_are_shown_each_others_plan() {
        put(0, List.of(step("lime", "2031-09", "2031-10"))).expect(200);
        Client.Answer late =
                put(0, List.of(step("mulch", "2031-10", "2031-11"))).expect(409);
        assertThat(late.text("/current/steps/0/remedy")).isEqualTo("lime");
    }

    @Test
    void a_practice_keeps_prices_of_its_own() {
        Client other = Client.signedIn("other@farside.example");
        JsonNode shipped = other.get("/api/prices").expect(200).json();
        assertThat(shipped.get("currency").asString()).isEqualTo("crowns");
        double gypsum = Plot.one(shipped.get("prices"), "remedy", "gypsum")
                .get("amount")
                .asDouble();
        JsonNode own = other.send(
                        "PUT",
                        "/api/prices",
                        Map.of(
                                "currency",
                                "shells",
                                "prices",
                                List.of(
                                        Map.of("remedy", "lime", "amount", 33.5, "per", "tonne, spread"),
                                        Map.of("remedy", "ph", "amount", 0.9, "per", "test")),
                                "version",
                                shipped.get("version").asInt()))
                .expect(200)
                .json();
        assertThat(Plot.one(own.get("prices"), "remedy", "lime").get("amount").asDouble())
                .isEqualTo(33.5);
        assertThat(Plot.one(own.get("prices"), "remedy", "ph").get("amount").asDouble())
                .isEqualTo(0.9);
        assertThat(Plot.one(own.get("prices"), "remedy", "gypsum").get("amount").asDouble())
                .isEqualTo(gypsum);
        assertThat(plot.adviser
                        .get("/api/prices")
                        .expect(200)
                        .json()
                        .get("currency")
                        .asString())
                .isEqualTo("crowns");
        List<Object> wrong = new ArrayList<>();
        wrong.add(Map.of("remedy", "lime", "amount", 1, "per", "tonne"));
        wrong.add(Map.of("remedy", "lime", "amount", 1e9, "per", ""));
        assertThat(other.send("PUT", "/api/prices", Map.of("currency", "", "prices", wrong, "version", 1))
                        .expect(422)
                        .refusals())
                .containsExactlyInAnyOrder(
                        "/currency missing",
                        "/prices/1/remedy twice",
                        "/prices/1/amount out-of-range",
                        "/prices/1/per missing");
    }
}
