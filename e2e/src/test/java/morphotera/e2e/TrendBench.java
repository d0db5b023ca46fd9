package morphotera.e2e;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** Ten years of a field, every method at ten spots twice a year, and what its trend takes; figures are kept in docs/performance.md. */
class TrendBench {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int YEARS = 10;
    private static final int SPOTS = 10;
    private static final int WARM = 20;
    private static final int ASKED = 60;

    private final Map<String, Deque<Object>> bodies = new LinkedHashMap<>();
    private final Caller adviser = new Caller(Jar.demo()).signIn("other@farside.example");
    private String newest;

    TrendBench() {
        Corpus.of(6000)
                .forEach(one -> bodies.computeIfAbsent(one.method(), any -> new ArrayDeque<>())
                        .add(JSON.convertValue(JSON.readTree(one.body()).get("reading"), Object.class)));
    }

    @Test
    void ten_years_of_every_method() {
        String field = field();
        List<String> spots = spots(field);
        int readings = 0;
        for (int year = 0; year < YEARS; year++) {
            for (String month : List.of("04", "10")) {
                readings += visit(field, spots, (2021 + year) + "-" + month + "-14");
            }
        }
        System.out.println("BENCH " + readings + " readings in " + 2 * YEARS + " visits");
        String path = "/api/fields/" + field + "/trend";
        long from = System.nanoTime();
        int bytes = adviser.get(path).body().length;
        System.out.printf("BENCH the first: %.1f ms, %d kB%n", (System.nanoTime() - from) / 1e6, bytes / 1024);
        Figures.print("trend, as it was left", asked(path, () -> {}));
        Figures.print(
                "trend, after a reading of its newest visit",
                asked(path, () -> save(newest, spots.get(0), "smell", Map.of("smell", "earthy"))));
    }

    private List<Double> asked(String path, Runnable before) {
        List<Double> millis = new ArrayList<>();
        for (int i = 0; i < WARM + ASKED; i++) {
            before.run();
            long from = System.nanoTime();
            adviser.get(path);
            if (i >= WARM) {
                millis.add((System.nanoTime() - from) / 1e6);
            }
        }
        return millis;
    }

    private String field() {
        String holding = UUID.randomUUID().toString();
        put("/api/holdings/" + holding, Map.of("name", "Bench", "version", 0));
        String field = UUID.randomUUID().toString();
        put(
                "/api/fields/" + field,
                Map.of(
                        "holdingId",
                        holding,
                        "mainZoneId",
                        UUID.randomUUID().toString(),
                        "name",
                        "Ten years",
                        "use",
                        "arable",
                        "crop",
                        "cereal",
                        "outline",
                        List.of(at(40, -29), at(40.002, -29), at(40, -28.998)),
                        "version",
                        0));
        return field;
    }

    private List<String> spots(String field) {
        String zone = JSON.readTree(adviser.get("/api/fields/" + field).body())
                .at("/zones/0/id")
                .asString();
        List<String> spots = new ArrayList<>();
        for (int i = 0; i < SPOTS; i++) {
            String spot = UUID.randomUUID().toString();
            Map<String, Object> body = new LinkedHashMap<>(at(40.0002 + i / 20000.0, -28.9998));
            body.putAll(Map.of("zoneId", zone, "label", String.valueOf(i + 1), "version", 0));
            put("/api/spots/" + spot, body);
            spots.add(spot);
        }
        return spots;
    }

    /** Every method that is asked for at every spot, made from the core's own cases; how many were taken. */
    private int visit(String field, List<String> spots, String day) {
        String visit = UUID.randomUUID().toString();
        put(
                "/api/visits/" + visit,
                Map.of(
                        "fieldId",
                        field,
                        "day",
                        day,
                        "state",
                        "running",
                        "question",
                        "routine",
                        "methods",
                        List.of("slaking"),
                        "moisture",
                        "moist",
                        "version",
                        0));
        int taken = 0;
        for (String spot : spots) {
            for (Map.Entry<String, Deque<Object>> method : bodies.entrySet()) {
                taken += take(visit, spot, method.getKey(), method.getValue());
            }
        }
        newest = visit;
        return taken;
    }

    /** The next of a method's cases that its rules take; those that are wrong are left for good. */
    private int take(String visit, String spot, String method, Deque<Object> cases) {
        while (!cases.isEmpty()) {
            Object reading = cases.poll();
            try {
                save(visit, spot, method, reading);
                cases.add(reading);
                return 1;
            } catch (IllegalStateException refused) {
                // Cases that are wrong are made too.
            }
        }
        return 0;
    }

    private void save(String visit, String spot, String method, Object reading) {
        put(
                "/api/readings/" + UUID.randomUUID(),
                Map.of(
                        "visitId",
                        visit,
                        "spotId",
                        spot,
                        "method",
                        method,
                        "reading",
                        reading,
                        "takenAt",
                        "2031-05-14T10:00:00Z"));
    }

    private static Map<String, Object> at(double lat, double lon) {
        return Map.of("lat", lat, "lon", lon);
    }

    private void put(String path, Map<String, Object> body) {
        adviser.send("PUT", path, JSON.writeValueAsString(body));
    }
}
