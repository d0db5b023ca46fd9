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
 * Lime to raise pH: pure t/ha = (target − now)·pHBC·mass·0.0005, pH in water, pH buffer capacity cmol(+)/kg/pH = 0.955·organic
 * carbon % + 0.011·clay % (Aitken et al. 1990, weathered subtropical soils), mass t/ha = depth cm·density g/cm³·100. Younger
 * clays hold pH harder: over 25 % clay the high end is three times that.
 */
final class Lime implements Remedy {
    /** Pure lime, t for each cmol(+)/kg in a tonne of soil: 50 mg of calcium carbonate for each mmol of charge. */
    static final double T_PER_CHARGE = 0.0005;

    private static final double YOUNG_CLAY_OVER = 25;
    private static final double YOUNG_CLAY_TIMES = 3;
    private static final double SPLIT_OVER_T = 4;
    private static final double SURFACE_CM = 15;
    private static final List<String> FINENESS = List.of("under300um", "300to850um", "over850um");

    private static final Description DESCRIPTION = Description.of("lime", "Lime")
            .purpose("How much lime brings the pH to where the crop wants it")
            .grade(Grade.B)
            .fields(
                    Entry.number("phNow", "pH now, in water", "pH", 3.5, 8),
                    Entry.number("phTarget", "pH wanted, in water", "pH", 3.5, 8),
                    SoilSum.organicCarbon(),
                    SoilSum.clay(),
                    SoilSum.depth("Depth to lime"),
                    SoilSum.density(),
                    Entry.number("neutralisingValue", "Neutralising value", "%", 20, 180)
                            .hint("Pure calcium carbonate is 100."),
                    Entry.group(
                                    "fineness",
                                    "Fineness of the lime",
                                    Entry.percent("under300um", "Under 0.3 mm"),
                                    Entry.percent("300to850um", "0.3 to 0.85 mm"),
                                    Entry.percent("over850um", "Over 0.85 mm"))
                            .hint("Percent by weight; together 100."))
            .from(SoilSum.from(Map.of("phNow", List.of("laboratory.ph", "ph.topsoil"))))
            .months(8, 9, 10, 2, 3)
            .cost(new Cost(55, "tonne of product, spread"))
            .effect("40, 80, 100 % of the rise after 6, 12, 24 months.")
            .range("Weathered subtropical soils gave the buffer line; a laboratory buffer test decides.")
            .source("Aitken et al. 1990")
            .cautions(
                    "Not together with urea, ammonium or fresh manure: ammonia is lost.",
                    "Watch for shortages of manganese, zinc and boron; not for acid-loving crops.",
                    "Magnesium lime only where magnesium is low.",
                    "Advice to be checked: a laboratory buffer test before a large dressing.")
            .watch("pH by depth", "manganese, zinc and boron in the leaf")
            .example(Map.of(
                    "phNow",
                    5.2,
                    "phTarget",
                    6.2,
                    "organicCarbonPercent",
                    3.77,
                    "clayPercent",
                    5,
                    "depthCm",
                    20,
                    "bulkDensity",
                    1.24,
                    "neutralisingValue",
                    99,
                    "fineness",
                    Map.of("under300um", 80, "300to850um", 15, "over850um", 5)))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Entered in, EntryCheck check) {
        Double now = in.numberOrNull("phNow");
        Double target = in.numberOrNull("phTarget");
        if (now != null && target != null && target <= now) {
            check.refuse("/phTarget", "nothing-to-do", "The pH wanted is not above the pH now: no lime is needed.");
        }
        check.sumTo100("/fineness", in.group("fineness"), FINENESS);
    }

    @Override
    public void calculate(Entered in, Draft out) {
        double clay = in.number("clayPercent");
        double rise = in.number("phTarget") - in.number("phNow");
        double mass = SoilSum.mass(in, out);
        double buffer = SoilSum.buffer(in, out);
        double pure = rise * buffer * mass * T_PER_CHARGE;
        double pureHigh = clay > YOUNG_CLAY_OVER ? YOUNG_CLAY_TIMES * pure : pure;
        Entered fine = in.group("fineness");
        double effect =
                (fine.number("under300um") + 0.6 * fine.number("300to850um") + 0.1 * fine.number("over850um")) / 100;
        double effective = in.number("neutralisingValue") * effect;
        double product = pure / (effective / 100);
        out.line(
                "pureTPerHa",
                "Pure lime",
                "rise × buffer capacity × soil × 0.0005",
                Decimal.show(rise, 2) + " × " + Decimal.show(buffer, 3) + " × " + Decimal.show(mass, 0) + " × 0.0005",
                pure,
                "t/ha");
        out.line(
                "pureHighTPerHa",
                "Pure lime, high end",
                "3 × pure lime where clay is over 25 %",
                clay > YOUNG_CLAY_OVER
                        ? "3 × " + Decimal.show(pure, 2)
                        : "clay " + Decimal.show(clay, 1) + " %: the same",
                pureHigh,
                "t/ha");
        out.line(
                "effectiveNeutralisingValue",
                "Value of this lime",
                "neutralising value × Σ share × efficiency",
                show(in, "neutralisingValue") + " × " + Decimal.show(effect, 3),
                effective,
                "%");
        out.line(
                "productTPerHa",
                "Of this lime",
                "pure lime ÷ (value ÷ 100)",
                Decimal.show(pure, 2) + " ÷ " + Decimal.show(effective / 100, 3),
                product,
                "t/ha");
        if (product > SPLIT_OVER_T) {
            out.because("split", "Over 4 t/ha: split over seasons, each dressing worked in.");
        }
        if (pureHigh > pure) {
            out.because(
                    "young-clay",
                    "Over 25 % clay: younger clays hold pH harder, up to three times as much. A buffer test decides.");
        }
        if (in.number("depthCm") > SURFACE_CM) {
            out.because(
                    "work-in",
                    "Surface lime does not reach an acid subsoil in a season: work it in to the depth you reckon with.");
        }
        if (in.number("neutralisingValue") > 110) {
            out.caution("A value over 110 is caustic: goggles and gloves.");
        }
    }

    private static String show(Entered in, String key) {
        return Decimal.show(in.number(key), 1);
    }
}
