package morphotera.measure;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How crops bear salt (Maas and Hoffman 1977): yield in percent of the best = 100 − b·(ece − a), held in 0 to 100; a in dS/m
 * of the saturated paste, b in percent for each dS/m over it.
 */
public final class SaltTable {
    /** Where yield begins to fall, dS/m, and by how much for each dS/m more, %. */
    public record Tolerance(double fromDSPerM, double percentPerDSPerM) {
        public double relativeYield(double ece) {
            return Math.max(0, Math.min(100, 100 - percentPerDSPerM * (ece - fromDSPerM)));
        }

        /** The crop's own score curve: 90 where yield begins to fall, 75 at a tenth lost, 50 at a quarter, 25 at half. */
        public List<List<Double>> knots() {
            double a = fromDSPerM;
            double b = percentPerDSPerM;
            return List.of(
                    List.of(0.0, 100.0),
                    List.of(a, 90.0),
                    List.of(a + 10 / b, 75.0),
                    List.of(a + 25 / b, 50.0),
                    List.of(a + 50 / b, 25.0),
                    List.of(a + 100 / b, 0.0));
        }
    }

    private static final Map<String, Tolerance> CROPS = crops();

    private SaltTable() {}

    private static Map<String, Tolerance> crops() {
        Map<String, Tolerance> crops = new LinkedHashMap<>();
        crops.put("barley", new Tolerance(8.0, 5.0));
        crops.put("cotton", new Tolerance(7.7, 5.2));
        crops.put("sugar-beet", new Tolerance(7.0, 5.9));
        crops.put("bermuda-grass", new Tolerance(6.9, 6.4));
        crops.put("sorghum", new Tolerance(6.8, 16));
        crops.put("wheat", new Tolerance(6.0, 7.1));
        crops.put("ryegrass", new Tolerance(5.6, 7.6));
        crops.put("soya", new Tolerance(5.0, 20));
        crops.put("fescue", new Tolerance(3.9, 5.3));
        crops.put("tomato", new Tolerance(2.5, 9.9));
        crops.put("lucerne", new Tolerance(2.0, 7.3));
        crops.put("cabbage", new Tolerance(1.8, 9.7));
        crops.put("potato", new Tolerance(1.7, 12));
        crops.put("maize", new Tolerance(1.7, 12));
        crops.put("white-clover", new Tolerance(1.5, 12));
        crops.put("vine", new Tolerance(1.5, 9.6));
        crops.put("almond", new Tolerance(1.5, 19));
        crops.put("lettuce", new Tolerance(1.3, 13));
        crops.put("onion", new Tolerance(1.2, 16));
        crops.put("carrot", new Tolerance(1.0, 14));
        crops.put("bean", new Tolerance(1.0, 19));
        crops.put("strawberry", new Tolerance(1.0, 33));
        return crops;
    }

    /** The crops of the table, the most tolerant first. */
    public static List<String> all() {
        return List.copyOf(CROPS.keySet());
    }

    public static Optional<Tolerance> of(String crop) {
        return Optional.ofNullable(crop == null ? null : CROPS.get(crop));
    }
}
