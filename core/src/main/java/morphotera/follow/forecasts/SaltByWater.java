package morphotera.follow.forecasts;

import java.util.List;
import java.util.Map;
import morphotera.follow.Forecast;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.EntryCheck;
import morphotera.measure.Grade;

/** Salt by the water that drained through: (C − Cw)/(C0 − Cw) = min(1, k·depth/water), all as saturated paste (Hoffman 1980). */
final class SaltByWater implements Forecast {
    private static final double PASTE_PER_WATER = 1.5;
    /** k differs about so much between soils of one texture: nine of ten within a quarter. */
    private static final double K_WITHIN = 0.25;

    private static final Description DESCRIPTION = new Description(
            "salt-by-water",
            "Salt, by drained water",
            Grade.A,
            "mm",
            "dS/m",
            List.of(
                    Entry.number("eceNow", "Salt now, saturated paste", "dS/m", 0, 60),
                    Entry.number("ecWater", "Salt in the water", "dS/m", 0, 10),
                    Entry.number("depthMm", "Depth of soil", "mm", 100, 2000),
                    Entry.number("k", "k", null, 0.05, 0.6)
                            .preset(0.2)
                            .hint("Ponded coarse 0.1, medium 0.2, fine 0.3, peat 0.45; sprinkled in turns 0.1.")),
            "What is left of the salt falls as one over the water that has drained in all; not year by year.",
            "Hoffman 1980",
            Map.of("eceNow", 10.6, "ecWater", 0.56, "depthMm", 600, "k", 0.3));

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Entered in, EntryCheck check) {
        if (in.has("eceNow") && in.has("ecWater") && in.number("eceNow") <= PASTE_PER_WATER * in.number("ecWater")) {
            check.refuse(
                    "/ecWater", "below-water", "This water brings as much salt as the soil has: it cannot wash it.");
        }
    }

    @Override
    public List<Double> usual(Entered in) {
        double depth = in.number("depthMm");
        return List.of(0.0, 0.1 * depth, 0.2 * depth, 0.3 * depth, 0.5 * depth, depth, 2 * depth);
    }

    @Override
    public Path path(Entered in, Luck luck) {
        double k = in.number("k") * luck.of(1 - K_WITHIN, 1, 1 + K_WITHIN);
        double floor = PASTE_PER_WATER * in.number("ecWater");
        double over = in.number("eceNow") - floor;
        double depth = in.number("depthMm");
        return water -> floor + over * (water <= 0 ? 1 : Math.min(1, k * depth / water));
    }
}
