package morphotera.decide.remedies;

import java.util.List;
import java.util.Map;
import morphotera.decide.Remedy;
import morphotera.ground.Decimal;
import morphotera.measure.Entered;
import morphotera.measure.Field;
import morphotera.measure.FieldCheck;
import morphotera.measure.Grade;

/**
 * Size of a rain garden: depth of water m = wallK/2·24/1000, held between 0.1 and 0.3 (half for clogging, empty in a day); area m² =
 * runoff area·rain/1000·coefficient/depth. Under 6 mm/h refused, under 13 amend the soil, else it fits.
 */
final class RainGarden implements Remedy {
    private static final double SHALLOWEST_M = 0.1;
    private static final double DEEPEST_M = 0.3;
    private static final double REFUSED_UNDER = 6;
    private static final double AMEND_UNDER = 13;
    private static final double BUILDING_M = 5;
    private static final double WELL_M = 30;
    private static final double SEPTIC_M = 15;

    private static final Description DESCRIPTION = new Description(
            "rain-garden",
            "Rain garden",
            "Whether roof water can soak away here, and how large the hollow is",
            Grade.B,
            List.of(
                    Field.number("runoffAreaM2", "Roof or yard", "m²", 1, 10_000),
                    Field.number("rainMm", "Rain to take in", "mm", 1, 300),
                    Field.number("coefficient", "Share that runs off", "share", 0.5, 1),
                    Field.number("wallK", "Soil's rate", "mm/h", 0, 1000).hint("From a percolation hole."),
                    Field.number("buildingM", "To the nearest building", "m", 0, 1000),
                    Field.number("wellM", "To a drinking-water well", "m", 0, 10_000),
                    Field.number("septicM", "To a septic field", "m", 0, 10_000)),
            Map.of("wallK", List.of("percolation-hole.wallK")),
            List.of(4, 5, 9, 10),
            new Cost(35, "square metre"),
            "The first rain.",
            "Small hollows on gentle slopes; heavy rain needs an overflow.",
            "Bouwer 2002 for clogging; distances are field rules",
            List.of(
                    "Never on filled or polluted ground, over high water or on a steep slope.",
                    "Local code decides on distances and overflow."),
            List.of("time to empty after rain", "clogging"),
            "Local code decides.",
            Map.of(
                    "runoffAreaM2",
                    257,
                    "rainMm",
                    25,
                    "coefficient",
                    0.95,
                    "wallK",
                    43.4,
                    "buildingM",
                    8,
                    "wellM",
                    60,
                    "septicM",
                    40));

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Entered in, FieldCheck check) {
        far(in, check, "buildingM", BUILDING_M, "a building");
        far(in, check, "wellM", WELL_M, "a drinking-water well");
        far(in, check, "septicM", SEPTIC_M, "a septic field");
    }

    private static void far(Entered in, FieldCheck check, String key, double least, String from) {
        if (in.has(key) && in.number(key) < least) {
            check.refuse(
                    "/" + key, "too-near", "Keep " + Decimal.show(least, 0) + " m or more from " + from + "; move it.");
        }
    }

    @Override
    public void calculate(Entered in, Draft out) {
        double k = in.number("wallK");
        double depth = Math.max(SHALLOWEST_M, Math.min(DEEPEST_M, k / 2 * 24 / 1000));
        out.line(
                "pondingM",
                "Depth of the water",
                "soil's rate ÷ 2 × 24 ÷ 1000, from 0.1 to 0.3",
                Decimal.show(k, 1) + " ÷ 2 × 24 ÷ 1000",
                depth,
                "m");
        double area = in.number("runoffAreaM2") * in.number("rainMm") / 1000 * in.number("coefficient") / depth;
        out.line(
                "areaM2",
                "Area of the hollow",
                "roof × rain ÷ 1000 × share that runs off ÷ depth",
                Decimal.show(in.number("runoffAreaM2"), 0) + " × " + Decimal.show(in.number("rainMm"), 0) + " ÷ 1000 × "
                        + Decimal.show(in.number("coefficient"), 2) + " ÷ " + Decimal.show(depth, 2),
                area,
                "m²");
        String verdict = k < REFUSED_UNDER ? "refused" : k < AMEND_UNDER ? "amend" : "fits";
        out.say("verdict", verdict);
        out.because(
                verdict,
                switch (verdict) {
                    case "refused" -> "Under 6 mm/h the hollow stays full: not here.";
                    case "amend" -> "Under 13 mm/h: loosen it and mix in sand and compost, then read the hole again.";
                    default -> "The ground takes the water within a day.";
                });
    }
}
