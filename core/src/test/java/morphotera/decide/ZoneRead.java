package morphotera.decide;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.Tables;
import morphotera.measure.Taken;

/** A zone whose readings a test gathers, with what is asked of it; each test begins with none. */
abstract class ZoneRead {
    static final long TODAY = 4000;

    final List<Taken> readings = new ArrayList<>();
    final List<Facts.Done> done = new ArrayList<>();
    final Map<String, Boolean> ticks = new LinkedHashMap<>();
    String use;
    String crop;
    boolean wet;
    Facts.Balance balance;

    void read(String spot, String method, Map<String, Object> context, Map<String, Object> entered) {
        read(TODAY, spot, method, context, entered);
    }

    void read(long day, String spot, String method, Map<String, Object> context, Map<String, Object> entered) {
        readings.add(ReadAt.spot("r" + readings.size(), day, spot, method, context, entered, wet));
    }

    Facts facts() {
        return new Facts(new Facts.Asked(TODAY, use, crop, wet, done, balance), readings, ticks);
    }

    Facts.Answer of(String finding) {
        return facts().answers(Tables.CAUSES).get(finding);
    }

    /** What the findings so far come to. */
    Judgement judged() {
        return new Judgement(
                facts(),
                facts().answers(Tables.CAUSES),
                Set.of(),
                Causes.judge(
                        Tables.CAUSES,
                        Causes.Setting.UNKNOWN,
                        GoodPatch.seen(facts().answers(Tables.CAUSES), Set.of())),
                Map.of(),
                List.of(),
                List.of(),
                List.of());
    }

    Boolean answer(String finding) {
        return of(finding) == null ? null : of(finding).value();
    }

    static Map<String, Object> ph(double top, double below, String basis) {
        return Map.of(
                "points",
                List.of(
                        Map.of("depthCm", 5, "value", top, "basis", basis),
                        Map.of("depthCm", 25, "value", below, "basis", basis)));
    }

    void phAtSpots(String basis, double... values) {
        for (int i = 0; i < values.length; i++) {
            read(String.valueOf(i + 1), "ph", Map.of(), ph(values[i], values[i], basis));
        }
    }

    static Map<String, Object> laboratoryPh(double value) {
        return Map.of("ph", Map.of("value", value, "basis", "water"));
    }

    static Map<String, Object> cone(double... depthsAndKPa) {
        List<Object> points = new ArrayList<>();
        for (int i = 0; i < depthsAndKPa.length; i += 2) {
            points.add(Map.of("depthCm", depthsAndKPa[i], "kPa", depthsAndKPa[i + 1]));
        }
        return Map.of("cone", "small", "probes", List.of(Map.of("points", points)));
    }

    static Map<String, Object> paste(double ece, double depthCm) {
        return Map.of("ec", ece, "compensated", true, "ratio", "paste", "depthCm", depthCm);
    }

    static Map<String, Object> layer(int top, int bottom, String shape, String roots, String moisture, String mottles) {
        Map<String, Object> layer = new LinkedHashMap<>();
        layer.put("topCm", top);
        layer.put("bottomCm", bottom);
        layer.put("shape", shape);
        layer.put("roots", roots);
        layer.put("moisture", moisture);
        layer.put("mottles", mottles);
        return layer;
    }

    static Map<String, Object> pit(Map<?, ?>... layers) {
        return Map.of("depthCm", 80, "layers", List.of(layers));
    }

    static Map<String, Object> block(String shape, String effort) {
        String many = shape.equals("crumb") ? "many" : "none";
        return Map.of(
                "layers",
                List.of(Map.of(
                        "topCm", 0, "bottomCm", 20, "shape", shape, "effort", effort, "pores", many, "roots", many)));
    }
}
