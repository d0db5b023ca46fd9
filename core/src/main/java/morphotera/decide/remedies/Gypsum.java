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
 * Gypsum to take sodium off the clay: t/ha = CEC·(now − target)/100·mass·0.000861/purity/0.8, CEC in cmol(+)/kg, mass in t/ha,
 * 86.1 g of gypsum for each mole of charge, of which four fifths exchange. Water to dissolve it: 41 mm for each pure tonne.
 */
final class Gypsum implements Remedy {
    private static final double T_PER_CHARGE = 0.000861;
    private static final double EXCHANGES = 0.8;
    private static final double DISSOLVES_MM_PER_T = 41;
    private static final double SPLIT_OVER_T = 5;

    private static final Description DESCRIPTION = Description.of("gypsum", "Gypsum")
            .purpose("How much gypsum takes the sodium off the clay")
            .grade(Grade.A)
            .fields(
                    Entry.number("cec", "Exchange capacity", "cmol(+)/kg", 1, 80),
                    Entry.number("espNow", "Exchangeable sodium now", "%", 0, 80),
                    Entry.number("espTarget", "Exchangeable sodium wanted", "%", 0, 80),
                    SoilSum.depth("Depth to treat"),
                    SoilSum.density(),
                    SoilSum.purity())
            .from(Map.of(
                    "cec", List.of("laboratory.cec"),
                    "espNow", List.of("laboratory.esp"),
                    "bulkDensity", List.of("texture.density")))
            .months(9, 10, 3, 4)
            .cost(new Cost(48, "tonne of product, spread"))
            .effect("With water through it, one to two years; without an outlet, never.")
            .range("Soils whose sodium is on the clay; four fifths of the calcium exchange.")
            .source("United States Salinity Laboratory Staff 1954")
            .cautions(
                    "It needs an outlet: the sodium must leave with the water.",
                    "Never with slurry: deadly gas.",
                    "By-product gypsum only with its analysis.",
                    "Advice to be checked: exchangeable sodium from a laboratory first.")
            .watch("exchangeable sodium", "dispersion", "infiltration")
            .example(Map.of(
                    "cec", 35, "espNow", 22, "espTarget", 6, "depthCm", 15, "bulkDensity", 1.34, "purityPercent", 80))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Entered in, EntryCheck check) {
        if (in.has("espNow") && in.has("espTarget") && in.number("espTarget") >= in.number("espNow")) {
            check.refuse(
                    "/espTarget",
                    "nothing-to-do",
                    "The sodium wanted is not below the sodium now: no gypsum is needed.");
        }
    }

    @Override
    public void calculate(Entered in, Draft out) {
        double cec = in.number("cec");
        double fall = in.number("espNow") - in.number("espTarget");
        double purity = in.number("purityPercent") / 100;
        double mass = SoilSum.mass(in, out);
        double tonnes = cec * fall / 100 * mass * T_PER_CHARGE / purity / EXCHANGES;
        out.line(
                "tPerHa",
                "Gypsum",
                "exchange capacity × fall ÷ 100 × soil × 0.000861 ÷ purity ÷ 0.8",
                Decimal.show(cec, 1) + " × " + Decimal.show(fall / 100, 3) + " × " + Decimal.show(mass, 0)
                        + " × 0.000861 ÷ " + Decimal.show(purity, 2) + " ÷ 0.8",
                tonnes,
                "t/ha");
        out.line(
                "waterToDissolveMm",
                "Water to dissolve it",
                "41 × gypsum × purity",
                "41 × " + Decimal.show(tonnes, 2) + " × " + Decimal.show(purity, 2),
                DISSOLVES_MM_PER_T * tonnes * purity,
                "mm");
        if (tonnes > SPLIT_OVER_T) {
            out.because("split", "Over 5 t/ha: split over seasons.");
        }
    }
}
