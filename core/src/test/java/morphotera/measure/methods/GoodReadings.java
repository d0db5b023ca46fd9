package morphotera.measure.methods;

import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import morphotera.Tables;
import tools.jackson.databind.JsonNode;

/** One good reading of each method: a worked case where there is one. */
public final class GoodReadings {
    private static final Map<String, Map<String, Object>> BESIDE = Map.of(
            "soil-temperature", Reading.of("points", List.of(Reading.of("depthCm", 5, "celsius", 18, "cover", "bare"))),
            "laboratory",
                    Reading.of(
                            "ph", Reading.of("value", 6.4, "basis", "water"),
                            "k", 140,
                            "organicMatterPercent", 3,
                            "clayPercent", 22),
            "plant-look", Reading.of("evenness", "even", "growth", "fair", "leaf", "pale-old"),
            "sap", Reading.of("brix", 9, "ph", 6.1),
            "yield", Reading.of("tPerHa", 6.1, "year", 2031, "bestTPerHa", 8.4));

    private GoodReadings() {}

    public static Map<String, Object> of(String method) {
        if (BESIDE.containsKey(method)) {
            return BESIDE.get(method);
        }
        JsonNode found = StreamSupport.stream(Tables.WORKED_CASES.get("methods").spliterator(), false)
                .filter(one -> one.get("method").asString().equals(method))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no good reading of " + method));
        return Tables.map(found.get("reading"));
    }
}
