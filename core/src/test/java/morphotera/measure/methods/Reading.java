package morphotera.measure.methods;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Writes readings as a person would say them. */
final class Reading {
    private Reading() {}

    static Map<String, Object> of(Object... pairs) {
        Map<String, Object> map = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            map.put((String) pairs[i], pairs[i + 1]);
        }
        return map;
    }

    /** A 300 mm hole, wetted before, with {@code minutes, depthMm} pairs. */
    static Map<String, Object> hole(double... minutesAndDepths) {
        List<Object> levels = new ArrayList<>();
        for (int i = 0; i < minutesAndDepths.length; i += 2) {
            levels.add(of("minutes", minutesAndDepths[i], "depthMm", minutesAndDepths[i + 1]));
        }
        return of("holeDiameterMm", 300, "holeDepthMm", 300, "presoaked", true, "levels", levels);
    }

    /** One push with {@code depthCm, kPa} pairs. */
    static Map<String, Object> push(double... depthsAndKPa) {
        List<Object> points = new ArrayList<>();
        for (int i = 0; i < depthsAndKPa.length; i += 2) {
            points.add(of("depthCm", depthsAndKPa[i], "kPa", depthsAndKPa[i + 1]));
        }
        return of("points", points);
    }

    static Map<String, Object> cone(Object... pushes) {
        return of("cone", "small", "probes", List.of(pushes));
    }

    static Map<String, Object> crumbs(Object... crumbs) {
        return of("crumbState", "air-dry", "water", "rain", "crumbs", List.of(crumbs));
    }

    static Map<String, Object> layer(
            double top, double bottom, String shape, String effort, String pores, String roots) {
        return of("topCm", top, "bottomCm", bottom, "shape", shape, "effort", effort, "pores", pores, "roots", roots);
    }
}
