package morphotera.measure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import morphotera.ground.Nullable;

/**
 * What other readings of the visit tell of a spot, clean ones alone, the best way first and the shallowest: pH in water, salt
 * as saturated paste, texture and clay; null not known. They decide the sums of their neighbours.
 */
public record Known(
        @Nullable Double ph,
        @Nullable Double ece,
        @Nullable String texture,
        @Nullable Double clayPercent) {
    public static final Known NOTHING = new Known(null, null, null, null);

    /** A way to know something: the method and the key it stands under. */
    private record Way(String method, String key) {}

    private static final List<Way> PH = List.of(new Way("laboratory", "ph"), new Way("ph", "topsoil"));
    private static final List<Way> ECE = List.of(new Way("laboratory", "ece"), new Way("salinity", "ece"));
    private static final List<Way> TEXTURE =
            List.of(new Way("texture-jar", "texture"), new Way("texture-feel", "texture"));
    private static final List<Way> CLAY = List.of(new Way("laboratory", "clayPercent"), new Way("texture-jar", "clay"));

    /** Methods that tell any of it, those first that others of them rest on. */
    private static final Map<String, Integer> ORDER =
            Map.of("texture-jar", 0, "texture-feel", 0, "laboratory", 1, "ph", 2, "salinity", 3);

    /** A method's own readings tell it nothing. */
    public static Known of(String forMethod, List<Taken> atSpot) {
        return at(atSpot.stream()
                .filter(taken -> !taken.evaluation().method().equals(forMethod))
                .toList());
    }

    /** What all of a spot's readings tell, given oldest first. */
    public static Known at(List<Taken> readings) {
        List<Taken> others = new ArrayList<>(readings);
        // The newest first among those of one depth.
        Collections.reverse(others);
        others.sort(Comparator.comparingDouble(Known::depth));
        return new Known(
                (Double) first(others, PH), (Double) first(others, ECE), (String) first(others, TEXTURE), (Double)
                        first(others, CLAY));
    }

    /** Whether readings of this method tell any of it. */
    public static boolean isGivenBy(String method) {
        return ORDER.containsKey(method);
    }

    /** The order in which a spot's readings are computed, so that each finds what it rests on. */
    public static int order(String method) {
        return ORDER.getOrDefault(method, ORDER.size());
    }

    private static double depth(Taken taken) {
        return taken.cell().depthCm() == null ? 0 : taken.cell().depthCm();
    }

    private static @Nullable Object first(List<Taken> shallowestFirst, List<Way> ways) {
        for (Way way : ways) {
            Object coarse = null;
            for (Taken taken : shallowestFirst) {
                Evaluation done = taken.evaluation();
                if (!done.method().equals(way.method()) || !done.counts(way.key())) {
                    continue;
                }
                Evaluation.Measure measure = done.measure(way.key());
                Object value = measure == null ? done.words().get(way.key()) : measure.value();
                if (value != null && (measure == null || measure.plusMinus() == null)) {
                    return value;
                }
                coarse = coarse == null ? value : coarse;
            }
            if (coarse != null) {
                return coarse;
            }
        }
        return null;
    }
}
