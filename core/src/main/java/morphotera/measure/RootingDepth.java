package morphotera.measure;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.ground.Nullable;

/** How deep four fifths of a crop's roots are expected in open soil, cm; after common field guides. */
public final class RootingDepth {
    /** Where no crop is known. */
    public static final double UNKNOWN_CROP_CM = 60;

    private static final Map<String, Double> BY_KIND = byKind();
    private static final Map<String, List<String>> CROPS_OF_KIND = cropsOfKind();

    private RootingDepth() {}

    private static Map<String, Double> byKind() {
        Map<String, Double> depths = new LinkedHashMap<>();
        depths.put("turf", 10.0);
        depths.put("grass", 20.0);
        depths.put("vegetable", 25.0);
        depths.put("cereal", 35.0);
        depths.put("row-crop", 40.0);
        depths.put("lucerne", 60.0);
        depths.put("vine", 60.0);
        depths.put("tree", 60.0);
        return depths;
    }

    /** The crops of the salt list that root like a kind. */
    private static Map<String, List<String>> cropsOfKind() {
        Map<String, List<String>> crops = new LinkedHashMap<>();
        crops.put("grass", List.of("ryegrass", "fescue", "bermuda-grass", "white-clover"));
        crops.put("vegetable", List.of("tomato", "cabbage", "lettuce", "onion", "carrot", "bean", "strawberry"));
        crops.put("cereal", List.of("barley", "wheat"));
        crops.put("row-crop", List.of("cotton", "sugar-beet", "sorghum", "soya", "potato", "maize"));
        crops.put("tree", List.of("almond"));
        return crops;
    }

    /** Of a kind or a crop; {@value #UNKNOWN_CROP_CM} cm where it is not known. */
    public static double expectedCm(@Nullable String crop) {
        if (crop == null) {
            return UNKNOWN_CROP_CM;
        }
        Double ofKind = BY_KIND.get(crop);
        if (ofKind != null) {
            return ofKind;
        }
        for (Map.Entry<String, List<String>> kind : CROPS_OF_KIND.entrySet()) {
            if (kind.getValue().contains(crop)) {
                return BY_KIND.get(kind.getKey());
            }
        }
        return UNKNOWN_CROP_CM;
    }
}
