package morphotera.measure;

import java.util.List;
import java.util.Map;

/** What other readings of the visit tell of a spot: pH in water and salt as saturated paste, a laboratory's first; null not known. */
public record Known(Double ph, Double ece) {
    private static final Map<String, String> PH = Map.of("laboratory", "ph", "ph", "topsoil");
    private static final Map<String, String> ECE = Map.of("laboratory", "ece", "salinity", "ece");
    private static final List<String> BEST_FIRST = List.of("laboratory", "ph", "salinity");

    public static Known of(List<Evaluation> atSpot) {
        return new Known(first(atSpot, PH), first(atSpot, ECE));
    }

    /** Whether readings of this method tell any of it. */
    public static boolean isGivenBy(String method) {
        return BEST_FIRST.contains(method);
    }

    /** The newest value of the best method that has one. */
    private static Double first(List<Evaluation> atSpot, Map<String, String> keyOf) {
        for (String method : BEST_FIRST) {
            Double newest = null;
            for (Evaluation done : atSpot) {
                if (done.method().equals(method) && keyOf.containsKey(method)) {
                    for (Evaluation.Measure measure : done.measures()) {
                        newest = measure.key().equals(keyOf.get(method)) && measure.value() != null
                                ? measure.value()
                                : newest;
                    }
                }
            }
            if (newest != null) {
                return newest;
            }
        }
        return null;
    }
}
