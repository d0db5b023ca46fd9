package morphotera.decide.remedies;

import java.util.List;
import java.util.Map;
import morphotera.decide.Remedy;
import morphotera.ground.Decimal;
import morphotera.ground.OrganicCarbon;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.EntryCheck;
import morphotera.measure.Grade;

/**
 * Compost or manure to raise organic matter: fresh t/ha = rise/100·mass/(dry matter·organic matter in it·share kept). Nitrogen in
 * a year's dressing, kg/ha = (1 − kept)·C·(1/CN − 0.4/8), C = 1000·t·DM·OM/1.724: microbes of C:N 8 that keep 0.4 of what
 * they eat; negative locks nitrogen up.
 */
final class OrganicMatter implements Remedy {
    private static final double MICROBES_NEED = 0.4 / 8;
    private static final double PRACTICAL_TO_YEARS = 10;
    private static final double BRIDGED_TO_KG = 60;

    private static final Description DESCRIPTION = Description.of("organic-matter", "Organic matter")
            .purpose("How much compost or manure raises organic matter, and what it does to nitrogen")
            .grade(Grade.B)
            .fields(
                    Entry.number("omNow", "Organic matter now", "%", 0, 20),
                    Entry.number("omTarget", "Organic matter wanted", "%", 0, 20),
                    SoilSum.depth("Depth to raise"),
                    SoilSum.density(),
                    Entry.number("dryMatterPercent", "Dry matter", "%", 5, 100).hint("Of the fresh material."),
                    Entry.number("organicMatterOfDryPercent", "Organic matter in it", "%", 5, 100)
                            .hint("Of the dry matter."),
                    Entry.number("shareKept", "Share that stays", "share", 0.05, 0.9)
                            .preset(0.3)
                            .hint("After the first years; compost more, straw less."),
                    Entry.number("carbonToNitrogen", "Carbon to nitrogen", "to 1", 5, 300),
                    Entry.number("mostTPerHaYear", "At most in a year", "t/ha", 1, 200)
                            .preset(50.0),
                    Entry.number("mostNKgPerHaYear", "Nitrogen at most in a year", "kg/ha", 10, 500)
                            .preset(170.0)
                            .hint("Local law and phosphorus first."))
            .from(Map.of(
                    "omNow", List.of("laboratory.organicMatter"),
                    "bulkDensity", List.of("texture.density")))
            .months(3, 4, 8, 9, 10)
            .cost(new Cost(18, "tonne of product, spread"))
            .effect("Structure and life in one to three years, the figure itself in five to ten.")
            .range("Material that is spread and worked in shallowly; the share that stays differs by climate.")
            .source("van Bemmelen's 1.724; microbial efficiency 0.4 and C:N 8 after common mineralisation models")
            .cautions(
                    "Pathogens: fresh manure months before a raw crop.",
                    "Weed-killer residue, metals and its own salt: ask for the analysis.",
                    "No poultry litter on grazed land. Mould in dry compost: a mask.",
                    "Advice to be checked: local law on nitrogen and phosphorus comes first.")
            .watch("organic carbon", "nitrogen by kit", "worms", "slaking")
            .example(Map.of(
                    "omNow",
                    1.8,
                    "omTarget",
                    2.7,
                    "depthCm",
                    15,
                    "bulkDensity",
                    1.39,
                    "dryMatterPercent",
                    51,
                    "organicMatterOfDryPercent",
                    61,
                    "shareKept",
                    0.3,
                    "carbonToNitrogen",
                    59))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Entered in, EntryCheck check) {
        if (in.has("omNow") && in.has("omTarget") && in.number("omTarget") <= in.number("omNow")) {
            check.refuse("/omTarget", "nothing-to-do", "The organic matter wanted is not above what there is.");
        }
    }

    @Override
    public void calculate(Entered in, Draft out) {
        double rise = in.number("omTarget") - in.number("omNow");
        double dry = in.number("dryMatterPercent") / 100;
        double organic = in.number("organicMatterOfDryPercent") / 100;
        double kept = in.number("shareKept");
        double mass = SoilSum.mass(in, out);
        double fresh = rise / 100 * mass / (dry * organic * kept);
        out.line(
                "freshTPerHa",
                "Fresh material, in all",
                "rise ÷ 100 × soil ÷ (dry matter × organic matter in it × share that stays)",
                Decimal.show(rise / 100, 4) + " × " + Decimal.show(mass, 0) + " ÷ (" + Decimal.show(dry, 2) + " × "
                        + Decimal.show(organic, 2) + " × " + Decimal.show(kept, 2) + ")",
                fresh,
                "t/ha");
        double carbonKgPerT = 1000 * dry * organic / OrganicCarbon.MATTER_PER_CARBON;
        double nitrogenKgPerT = carbonKgPerT / in.number("carbonToNitrogen");
        double byNitrogen = in.number("mostNKgPerHaYear") / nitrogenKgPerT;
        double perYear = Math.min(Math.min(in.number("mostTPerHaYear"), byNitrogen), fresh);
        out.line(
                "perYearTPerHa",
                "In one year",
                "the least of the whole, the most in a year, and what carries the nitrogen allowed",
                "least of " + Decimal.show(fresh, 1) + ", " + Decimal.show(in.number("mostTPerHaYear"), 0) + ", "
                        + Decimal.show(byNitrogen, 1),
                perYear,
                "t/ha");
        double years = Math.ceil(fresh / perYear - 1e-9);
        out.line(
                "years",
                "Years",
                "whole ÷ in one year, rounded up",
                Decimal.show(fresh, 1) + " ÷ " + Decimal.show(perYear, 1),
                years,
                "years");
        out.say("practical", years <= PRACTICAL_TO_YEARS);
        if (years > PRACTICAL_TO_YEARS) {
            out.because("too-long", "Over ten years of dressings: aim lower, or build it with roots and cover.");
        }
        nitrogen(in, perYear, carbonKgPerT, nitrogenKgPerT, out);
    }

    private static void nitrogen(Entered in, double perYear, double carbonKgPerT, double nitrogenKgPerT, Draft out) {
        double kept = in.number("shareKept");
        double ratio = in.number("carbonToNitrogen");
        double carbon = carbonKgPerT * perYear;
        out.line(
                "totalNKgPerHaYear",
                "Nitrogen in it",
                "material × nitrogen in a tonne",
                Decimal.show(perYear, 1) + " × " + Decimal.show(nitrogenKgPerT, 2),
                perYear * nitrogenKgPerT,
                "kg/ha a year");
        double freed = (1 - kept) * carbon * (1 / ratio - MICROBES_NEED);
        out.line(
                "nitrogenKgPerHaYear",
                freed < 0 ? "Nitrogen locked up" : "Nitrogen set free",
                "(1 − share that stays) × carbon × (1 ÷ C:N − 0.4 ÷ 8)",
                "(1 − " + Decimal.show(kept, 2) + ") × " + Decimal.show(carbon, 0) + " × (1 ÷ " + Decimal.show(ratio, 0)
                        + " − 0.05)",
                freed,
                "kg/ha a year");
        if (freed < -BRIDGED_TO_KG) {
            out.because(
                    "compost-first",
                    "It locks up more than 60 kg of nitrogen: compost it first or lay it on top; never more fertiliser.");
        } else if (freed < 0) {
            out.because(
                    "bridge", "It locks up nitrogen: give " + Decimal.show(-freed, 0) + " kg/ha of nitrogen with it.");
        }
    }
}
