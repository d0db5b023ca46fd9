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
 * Distance between drains (Hooghoudt 1940): L² = (8·K2·d·h + 4·K1·h²)/q, K in m/day, h in m above the drains midway, q in m/day.
 * Equivalent depth d (Moody 1966): D/(1 + (D/L)·((8/π)·ln(D/r) − 3.4)) for D/L to 0.3, else L/((8/π)·(ln(L/r) − 1.15)), never
 * more than D. Solved by halving, far under 1 mm. Checked: 0.5, 0.5, 0.6, 3, 7, 0.05 gives 25.9 m.
 */
final class Drains implements Remedy {
    private static final double DEEP_RATIO = 0.3;
    private static final double FARTHEST_M = 5000;
    private static final double MM_PER_DAY = 1000;

    private static final Description DESCRIPTION = Description.of("drains", "Drains")
            .purpose("How far apart drains may lie")
            .grade(Grade.A)
            .fields(
                    Entry.number("kAbove", "Soil's rate above the drains", "m/day", 0.001, 20)
                            .hint("1 mm/h is 0.024 m/day."),
                    Entry.number("kBelow", "Soil's rate below the drains", "m/day", 0.001, 20)
                            .hint("By an auger hole at that depth, not by a ring."),
                    Entry.number("h", "Water over the drains, midway", "m", 0.1, 2),
                    Entry.number("barrierDepth", "Tight layer below the drains", "m", 0.08, 20),
                    Entry.number("dischargeMmPerDay", "Water to carry off", "mm/day", 1, 50),
                    Entry.number("radius", "Radius of the drain", "m", 0.02, 0.2),
                    Entry.yesNo("lowOrPeatLand", "Coastal, reclaimed, mine or peat land")
                            .preset(false),
                    Entry.yesNo("sulphideSigns", "Signs of sulphide")
                            .preset(false)
                            .hint("Black or grey mud, rotten eggs, straw-yellow mottles, or pH under 4.5."))
            .from(Map.of("lowOrPeatLand", List.of("field.coastal")))
            .months(5, 6, 7, 8, 9)
            .cost(new Cost(9, "metre laid"))
            .effect("The first winter; salt over years.")
            .range("Steady rain on level ground. K of a topsoil ring or a shallow hole is not K at drain depth.")
            .source("Hooghoudt 1940; Moody 1966")
            .cautions(
                    "Licensed design, an outlet, water law, wetland and heritage rules decide.",
                    "K at drain depth is measured there: an auger hole, in several places.")
            .watch("percolation", "colours of water in the pit", "salinity at depths")
            .decides("A licensed designer and the water authority decide.")
            .example(Map.of(
                    "kAbove", 0.5, "kBelow", 0.5, "h", 0.6, "barrierDepth", 3, "dischargeMmPerDay", 7, "radius", 0.05))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Entered in, EntryCheck check) {
        Double barrier = in.numberOrNull("barrierDepth");
        Double radius = in.numberOrNull("radius");
        boolean near = barrier != null && radius != null && barrier < 4 * radius;
        if (near) {
            check.refuse(
                    "/barrierDepth",
                    "out-of-range",
                    "The tight layer lies at least four radii below the drains, " + Decimal.show(4 * radius, 2)
                            + " m.");
        }
        boolean all = List.of("kAbove", "kBelow", "h", "barrierDepth", "dischargeMmPerDay", "radius").stream()
                .allMatch(in::has);
        if (all && !near && surplus(in, 4 * radius) <= 0) {
            check.refuse(
                    "/dischargeMmPerDay",
                    "no-spacing",
                    "This soil cannot carry so much water: drains would lie closer than their own width.");
        }
        if (in.yes("lowOrPeatLand") && in.yes("sulphideSigns")) {
            check.refuse(
                    "/sulphideSigns",
                    "sulphide-first",
                    "A sulphide test by a laboratory first: drained, this mud turns to acid. Drains are struck out.");
        }
    }

    @Override
    public void calculate(Entered in, Draft out) {
        double low = 4 * in.number("radius");
        double high = FARTHEST_M;
        for (int i = 0; i < 100; i++) {
            double middle = (low + high) / 2;
            if (surplus(in, middle) > 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        double spacing = (low + high) / 2;
        double depth = equivalentDepth(in, spacing);
        out.line(
                "equivalentDepthM",
                "Equivalent depth",
                "depth to the tight layer, less what bending costs",
                "at " + Decimal.show(spacing, 1) + " m of " + Decimal.show(in.number("barrierDepth"), 2),
                depth,
                "m");
        out.line(
                "spacingM",
                "Distance between drains",
                "√((8 × K below × d × h + 4 × K above × h²) ÷ q)",
                "√((8 × " + Decimal.show(in.number("kBelow"), 3) + " × " + Decimal.show(depth, 2) + " × "
                        + Decimal.show(in.number("h"), 2) + " + 4 × " + Decimal.show(in.number("kAbove"), 3) + " × "
                        + Decimal.show(in.number("h"), 2) + "²) ÷ "
                        + Decimal.show(in.number("dischargeMmPerDay") / MM_PER_DAY, 4) + ")",
                spacing,
                "m");
    }

    /** How much further than L the formula would go from an equivalent depth at L; falls through zero once. */
    private static double surplus(Entered in, double spacing) {
        double h = in.number("h");
        double q = in.number("dischargeMmPerDay") / MM_PER_DAY;
        double squared =
                (8 * in.number("kBelow") * equivalentDepth(in, spacing) * h + 4 * in.number("kAbove") * h * h) / q;
        return squared - spacing * spacing;
    }

    private static double equivalentDepth(Entered in, double spacing) {
        double barrier = in.number("barrierDepth");
        double radius = in.number("radius");
        double d = barrier / spacing <= DEEP_RATIO
                ? barrier / (1 + barrier / spacing * (8 / Math.PI * Math.log(barrier / radius) - 3.4))
                : spacing / (8 / Math.PI * (Math.log(spacing / radius) - 1.15));
        return Math.min(d, barrier);
    }
}
