package morphotera.decide.remedies;

import java.util.List;
import java.util.Map;
import morphotera.decide.Remedy;
import morphotera.ground.Decimal;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.EntryCheck;
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
    private static final double ON_MIX_M = 0.15;
    /** A quick hole is about 300 mm wide. */
    private static final double QUICK_HOLE_RADIUS_MM = 150;

    private static final double BUILDING_M = 5;
    private static final double WELL_M = 30;
    private static final double SEPTIC_M = 15;

    private static final Description DESCRIPTION = Description.of("rain-garden", "Rain garden")
            .purpose("Whether roof water can soak away here, and how large the hollow is")
            .grade(Grade.B)
            .fields(
                    Entry.number("runoffAreaM2", "Roof or yard", "m²", 1, 10_000),
                    Entry.number("rainMm", "Rain to take in", "mm", 1, 300),
                    Entry.number("coefficient", "Share that runs off", "share", 0.5, 1),
                    Entry.number("wallK", "Soil's rate", "mm/h", 0, 1000)
                            .optional()
                            .hint("From a percolation hole."),
                    Entry.number("dropRateMmPerH", "First fall in a quick hole", "mm/h", 0, 5000)
                            .optional()
                            .hint("In place of the soil's rate, with the depth of that hole."),
                    Entry.mm("holeDepthMm", "Depth of the quick hole")
                            .aboveZero()
                            .optional(),
                    distance("buildingM", "To the nearest building"),
                    distance("wellM", "To a drinking-water well"),
                    distance("septicM", "To a septic field"),
                    Entry.yesNo("rebuilt", "The bed is rebuilt")
                            .preset(false)
                            .hint("Dug out and filled with a sandy mix over an underdrain."))
            .from(Map.of(
                    "wallK", List.of("percolation-hole.wallK"),
                    "dropRateMmPerH", List.of("drain-down.dropRate"),
                    "buildingM", List.of("field.buildingM"),
                    "wellM", List.of("field.wellM"),
                    "septicM", List.of("field.septicM")))
            .months(4, 5, 9, 10)
            .cost(new Cost(35, "square metre"))
            .effect("The first rain.")
            .range("Small hollows on gentle slopes; heavy rain needs an overflow.")
            .source("Bouwer 2002 for clogging; distances are field rules")
            .cautions(
                    "Never on filled or polluted ground, over high water or on a steep slope.",
                    "Local code decides on distances and overflow.")
            .watch("time to empty after rain", "clogging")
            .decides("Local code decides.")
            .example(Map.of(
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
                    40))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Entered in, EntryCheck check) {
        boolean quick = in.has("dropRateMmPerH") || in.has("holeDepthMm");
        if (in.has("wallK") && quick) {
            check.refuse(
                    "/wallK", "given-twice", "Give the soil's rate, or the first fall in a quick hole, one of them.");
        } else if (!in.has("wallK") && !quick) {
            check.refuse(
                    "/wallK", "missing", "Give the soil's rate, or the first fall in a quick hole with its depth.");
        } else if (quick && in.has("dropRateMmPerH") != in.has("holeDepthMm")) {
            String key = in.has("holeDepthMm") ? "dropRateMmPerH" : "holeDepthMm";
            check.refuse("/" + key, "missing", "A quick hole needs both: how fast it fell first, and how deep it was.");
        }
        far(in, check, "buildingM", BUILDING_M, "a building");
        far(in, check, "wellM", WELL_M, "a drinking-water well");
        far(in, check, "septicM", SEPTIC_M, "a septic field");
    }

    /** Left open: none within 100 m. */
    private static Entry distance(String key, String label) {
        return Entry.number(key, label, "m", 0, 10_000).optional().hint("Left open: none within 100 m.");
    }

    /** How fast the ground takes water, from whichever hole was read; a quick hole's wall wets as the 300 mm hole's does. */
    private static double soilsRate(Entered in) {
        if (in.has("wallK")) {
            return in.number("wallK");
        }
        double depth = in.number("holeDepthMm");
        return in.number("dropRateMmPerH") * QUICK_HOLE_RADIUS_MM / (2 * (depth + QUICK_HOLE_RADIUS_MM / 2));
    }

    private static void far(Entered in, EntryCheck check, String key, double least, String from) {
        if (in.has(key) && in.number(key) < least) {
            check.refuse(
                    "/" + key, "too-near", "Keep " + Decimal.show(least, 0) + " m or more from " + from + "; move it.");
        }
    }

    @Override
    public void calculate(Entered in, Draft out) {
        double k = soilsRate(in);
        boolean onMix = in.yes("rebuilt") && k < REFUSED_UNDER;
        double depth = onMix ? ON_MIX_M : Math.max(SHALLOWEST_M, Math.min(DEEPEST_M, k / 2 * 24 / 1000));
        out.line(
                "pondingM",
                "Depth of the water",
                onMix ? "0.15 on a rebuilt bed" : "soil's rate ÷ 2 × 24 ÷ 1000, from 0.1 to 0.3",
                onMix ? "0.15" : Decimal.show(k, 1) + " ÷ 2 × 24 ÷ 1000",
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
        String verdict =
                onMix || (k >= REFUSED_UNDER && k < AMEND_UNDER) ? "amend" : k < REFUSED_UNDER ? "refused" : "fits";
        out.say("verdict", verdict);
        out.because(
                verdict,
                switch (verdict) {
                    case "refused" ->
                        "Under 6 mm/h the hollow stays full: not here, unless the bed is rebuilt over a drain.";
                    case "amend" ->
                        onMix
                                ? "Under 6 mm/h: only as a bed dug out, filled with a sandy mix and drained below."
                                : "Under 13 mm/h: loosen it and mix in sand and compost, then read the hole again.";
                    default -> "The ground takes the water within a day.";
                });
    }
}
