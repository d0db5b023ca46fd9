package morphotera.measure;

import java.util.List;
import java.util.Map;
import morphotera.ground.TextureClass;
import morphotera.ground.TextureGroup;
import morphotera.ground.TextureTriangle;

/** What both texture methods tell: the class, its group, and the water that such a soil holds. */
public final class Texture {
    public static final String HELD =
            "Held by Saxton and Rawls (2006) at {om} % organic matter, without stones: {available:0} mm in 10 cm.";
    public static final String NOT_HELD = "Over 60 % clay the sum of water held does not reach.";

    private Texture() {}

    public static void tell(TextureClass texture, TextureTriangle.Shares shares, Evaluation.Draft out) {
        out.word("texture", texture.word()).word("group", texture.group().word());
        double om = WaterHeld.USUAL_ORGANIC_MATTER_PERCENT;
        if (!WaterHeld.knows(shares.clay(), om)) {
            out.because("not-held");
            return;
        }
        WaterHeld held = WaterHeld.of(shares, om);
        out.estimated("wiltingPoint", held.wiltingPoint(), "m³/m³")
                .estimated("fieldCapacity", held.fieldCapacity(), "m³/m³")
                .estimated("saturation", held.saturation(), "m³/m³")
                .estimated("saturatedK", held.conductivityMmPerH(), "mm/h")
                .because("held", Map.of("om", om, "available", 100 * held.available(0)));
    }

    public static List<Result> results(String shares) {
        String held = "from sand, clay and organic matter";
        return List.of(
                Result.word("texture", "Texture", "the class of the triangle", Result.wordsOf(TextureClass.values())),
                Result.word("group", "Texture group", "of the class", Result.wordsOf(TextureGroup.values())),
                Result.number("sand", "Sand", "%", shares),
                Result.number("silt", "Silt", "%", shares),
                Result.number("clay", "Clay", "%", shares),
                Result.number("wiltingPoint", "Wilting point", "m³/m³", held),
                Result.number("fieldCapacity", "Field capacity", "m³/m³", held),
                Result.number("saturation", "Saturation", "m³/m³", held),
                Result.number(
                        "saturatedK",
                        "Saturated conductivity",
                        "mm/h",
                        "1930 × (saturation − field capacity)^(3 − 1/B)"));
    }
}
