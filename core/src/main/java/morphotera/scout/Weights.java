package morphotera.scout;

import java.util.LinkedHashMap;
import java.util.Map;
import morphotera.ground.Nullable;

/** What gear weighs, in kg, by a word of its name; taken from a scale, for tools of the usual kind. The first that fits counts. */
final class Weights {
    private static final double OTHER_KG = 0.2;
    private static final Map<String, Double> KG = new LinkedHashMap<>();
    private static final String[] USED_UP = {"bag", "box for", "card", "film", "paddle", "bottle for"};

    static {
        KG.put("spade and pick", 4.5);
        KG.put("spade or", 2.2);
        KG.put("spade", 2.2);
        KG.put("corer or auger", 2.5);
        KG.put("auger", 2.5);
        KG.put("penetrometer", 3.0);
        KG.put("ring", 1.8);
        KG.put("mallet", 1.6);
        KG.put("tray", 1.0);
        KG.put("fence", 6.0);
        KG.put("cover", 1.2);
        KG.put("cool box", 2.5);
        KG.put("bucket", 0.7);
        KG.put("quadrat", 0.8);
        KG.put("balance", 0.9);
        KG.put("kit", 1.5);
        KG.put("refractometer", 0.4);
        KG.put("press", 1.0);
        KG.put("meter", 0.4);
        KG.put("sieve", 0.4);
        KG.put("stick", 0.5);
        KG.put("board", 0.6);
        KG.put("water bottle", 1.1);
        KG.put("distilled water", 1.1);
        KG.put("eyes and skin", 1.1);
        KG.put("bottle of known volume", 1.1);
        KG.put("jar", 0.4);
        KG.put("dish", 0.08);
        KG.put("chart", 0.3);
        KG.put("bag", 0.02);
        KG.put("vial", 0.03);
        KG.put("card", 0.01);
        KG.put("film", 0.02);
        KG.put("cloth", 0.1);
        KG.put("ruler", 0.1);
        KG.put("watch", 0.05);
        KG.put("timer", 0.05);
        KG.put("lens", 0.05);
        KG.put("thermometer", 0.1);
    }

    private Weights() {}

    static double kg(String item, @Nullable String unit) {
        if ("l".equals(unit)) {
            return 1;
        }
        if ("g".equals(unit)) {
            return 0.001;
        }
        for (Map.Entry<String, Double> one : KG.entrySet()) {
            if (item.contains(one.getKey())) {
                return one.getValue();
            }
        }
        return OTHER_KG;
    }

    /** Whether so many are needed as there are tests, because each is used once and stays with its soil. */
    static boolean isUsedUp(String item) {
        for (String word : USED_UP) {
            if (item.contains(word)) {
                return true;
            }
        }
        return false;
    }
}
