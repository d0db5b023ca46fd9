package morphotera.app;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import tools.jackson.databind.JsonNode;

/** A field of a test's own with its spots, so that no test meets what another left. */
public final class Plot {
    public static final String DAY = "2031-05-14";

    public final Client adviser;
    public final String field = Client.id();
    public final String holding = Client.id();
    public final String mainZone = Client.id();
    public final List<String> spots = new ArrayList<>();

    /** @param known of the field beside its name, use and outline */
    public Plot(Client adviser, int spots, Map<String, Object> known) {
        this.adviser = adviser;
        adviser.send("PUT", "/api/holdings/" + holding, Map.of("name", "Plot " + holding, "version", 0))
                .expect(200);
        Map<String, Object> body = fieldBody(known);
        adviser.send("PUT", "/api/fields/" + field, body).expect(200);
        for (int i = 1; i <= spots; i++) {
            this.spots.add(spot(mainZone, String.valueOf(i), i));
        }
    }

    private Map<String, Object> fieldBody(Map<String, Object> known) {
        Map<String, Object> body = new LinkedHashMap<>(Map.of(
                "holdingId",
                holding,
                "mainZoneId",
                mainZone,
                "name",
                "Plot",
                "use",
                "arable",
                "outline",
                List.of(
                        Map.of("lat", 47.0, "lon", -29.0),
                        Map.of("lat", 47.001, "lon", -29.0),
                        Map.of("lat", 47.001, "lon", -29.001)),
                "version",
                0));
        body.putAll(known);
        return body;
    }

    public String zone(String name, String kind) {
        String id = Client.id();
        adviser.send("PUT", "/api/zones/" + id, Map.of("fieldId", field, "name", name, "kind", kind, "version", 0))
                .expect(200);
        return id;
    }

    public String spot(String zone, String label, int north) {
        String id = Client.id();
        adviser.send(
                        "PUT",
                        "/api/spots/" + id,
                        Map.of(
                                "zoneId",
                                zone,
                                "label",
                                label,
                                "lat",
                                47.0001 + north * 1e-5,
                                "lon",
                                -29.0002,
                                "version",
                                0))
                .expect(200);
        return id;
    }

    public Map<String, Object> visitBody(String day, String moisture, int version) {
        return new LinkedHashMap<>(Map.of(
                "fieldId",
                field,
                "day",
                day,
                "state",
                "running",
                "question",
                "routine",
                "methods",
                List.of("slaking", "ph"),
                "moisture",
                moisture,
                "version",
                version));
    }

    public String visit(String day, String moisture) {
        String id = Client.id();
        adviser.send("PUT", "/api/visits/" + id, visitBody(day, moisture, 0)).expect(200);
        return id;
    }

    public Map<String, Object> reading(String visit, String spot, String method, Map<String, ?> reading) {
        return new LinkedHashMap<>(Map.of(
                "visitId", visit, "spotId", spot, "method", method, "reading", reading, "takenAt", DAY + "T10:00:00Z"));
    }

    /** Takes a reading; its id. */
    public String take(String visit, String spot, String method, Map<String, ?> reading) {
        String id = Client.id();
        adviser.send("PUT", "/api/readings/" + id, reading(visit, spot, method, reading))
                .expect(200);
        return id;
    }

    public JsonNode cause(String visit, String cause) {
        return one(
                adviser.get("/api/visits/" + visit + "/causes")
                        .expect(200)
                        .json()
                        .get("causes"),
                "id",
                cause);
    }

    public static JsonNode one(JsonNode list, String key, String value) {
        return StreamSupport.stream(list.spliterator(), false)
                .filter(one -> value.equals(one.get(key).asString()))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + value + " in " + list));
    }

    public static Map<String, Object> ph(String basis, double... values) {
        List<Object> points = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            points.add(Map.of("depthCm", 5 + 20 * i, "value", values[i], "basis", basis));
        }
        return Map.of("points", points);
    }

    public static Map<String, Object> slaking(double depthCm, String... fellAt) {
        List<Object> crumbs = new ArrayList<>();
        for (String fell : fellAt) {
            crumbs.add(Map.of("fellAt", fell));
        }
        return Map.of("depthCm", depthCm, "crumbState", "air-dry", "crumbs", crumbs);
    }
}
