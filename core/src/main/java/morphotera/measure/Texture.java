package morphotera.measure;

import java.util.List;
import java.util.Map;
import morphotera.ground.TextureClass;
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

    public static List<Description.Result> results(String shares) {
        return List.of(
                new Description.Result("texture", "Texture", null, "the class of the triangle"),
                new Description.Result("sand", "Sand", "%", shares),
                new Description.Result("silt", "Silt", "%", shares),
                new Description.Result("clay", "Clay", "%", shares),
                new Description.Result("wiltingPoint", "Wilting point", "m³/m³", "from sand, clay and organic matter"),
                new Description.Result(
                        "fieldCapacity", "Field capacity", "m³/m³", "from sand, clay and organic matter"),
                new Description.Result("saturation", "Saturation", "m³/m³", "from sand, clay and organic matter"),
                new Description.Result(
                        "saturatedK",
                        "Saturated conductivity",
                        "mm/h",
                        "1930 × (saturation − field capacity)^(3 − 1/B)"));
    }
}
