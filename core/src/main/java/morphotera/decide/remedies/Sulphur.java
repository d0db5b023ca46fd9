package morphotera.decide.remedies;

import java.util.List;
import java.util.Map;
import morphotera.decide.Remedy;
import morphotera.ground.Decimal;
import morphotera.measure.CarbonateClass;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.EntryCheck;
import morphotera.measure.Grade;

/**
 * Sulphur to lower pH: acid part kg/ha = (now − target)·pHBC·mass·0.16/purity, carbonate part = mass·carbonate/100·320.4/
 * purity, mass in t/ha, pHBC in cmol(+)/kg/pH (Aitken et al. 1990). All carbonate must be used up before the pH falls, so
 * over 2000 kg/ha of that part it cannot work.
 */
final class Sulphur implements Remedy {
    /** Sulphur, kg for each cmol(+)/kg in a tonne of soil: 16 g for each mole of acid. */
    private static final double KG_PER_CHARGE = 0.16;
    /** Sulphur, kg for each tonne of calcium carbonate: 32.06/100.09. */
    private static final double KG_PER_T_CARBONATE = 320.4;

    private static final double PRACTICAL_TO_KG = 2000;
    private static final double MOST_PER_YEAR = 500;
    private static final double MOST_PER_YEAR_TURF = 100;

    private static final Description DESCRIPTION = Description.of("sulphur", "Sulphur")
            .purpose("How much sulphur lowers the pH, and whether it can at all")
            .grade(Grade.B)
            .fields(
                    Entry.number("phNow", "pH now, in water", "pH", 3.5, 9.5),
                    Entry.number("phTarget", "pH wanted, in water", "pH", 3.5, 8),
                    SoilSum.organicCarbon(),
                    SoilSum.clay(),
                    SoilSum.depth("Depth to treat"),
                    SoilSum.density(),
                    Entry.percent("carbonatePercent", "Carbonate").optional().hint("From a laboratory."),
                    CarbonateClass.field("fizz", "Or what acid does")
                            .optional()
                            .hint("In place of a laboratory's figure: both ends of the class are reckoned."),
                    SoilSum.purity(),
                    Entry.yesNo("turf", "Turf").preset(false))
            .from(SoilSum.from(Map.of(
                    "phNow", List.of("laboratory.ph", "ph.topsoil"),
                    "carbonatePercent", List.of("laboratory.carbonatePercent", "carbonate-fizz.percent"))))
            .months(4, 5, 6, 9)
            .cost(new Cost(0.9, "kg of product, spread"))
            .effect("Months in warm moist soil; where carbonate remains, the dip lasts a season.")
            .range(
                    "Against carbonate only where the aim is a lower pH: on calcareous sodic ground 0.186 t of sulphur does a tonne of gypsum's work, slowly.")
            .source("Aitken et al. 1990; 32 g of sulphur make two moles of acid")
            .cautions(
                    "Sulphur dust burns and explodes: no flame, no sparks, a mask.",
                    "Advice to be checked: a laboratory figure for carbonate before a large dressing.")
            .watch("pH by depth", "carbonate by acid")
            .example(Map.of(
                    "phNow",
                    7.9,
                    "phTarget",
                    6.9,
                    "organicCarbonPercent",
                    1.95,
                    "clayPercent",
                    34,
                    "depthCm",
                    15,
                    "bulkDensity",
                    1.41,
                    "carbonatePercent",
                    0.05,
                    "purityPercent",
                    90))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Entered in, EntryCheck check) {
        if (in.has("phNow") && in.has("phTarget") && in.number("phTarget") >= in.number("phNow")) {
            check.refuse("/phTarget", "nothing-to-do", "The pH wanted is not below the pH now: no sulphur is needed.");
        }
        if (in.has("carbonatePercent") == in.has("fizz")) {
            check.refuse(
                    "/carbonatePercent",
                    in.has("fizz") ? "given-twice" : "missing",
                    "Give a laboratory's carbonate or what acid does, one of them.");
        }
    }

    @Override
    public void calculate(Entered in, Draft out) {
        double fall = in.number("phNow") - in.number("phTarget");
        double purity = in.number("purityPercent") / 100;
        double mass = SoilSum.mass(in, out);
        double buffer = SoilSum.buffer(in, out);
        double acid = fall * buffer * mass * KG_PER_CHARGE / purity;
        out.line(
                "acidKgPerHa",
                "To lower the pH",
                "fall × buffer capacity × soil × 0.16 ÷ purity",
                Decimal.show(fall, 2) + " × " + Decimal.show(buffer, 3) + " × " + Decimal.show(mass, 0) + " × 0.16 ÷ "
                        + Decimal.show(purity, 2),
                acid,
                "kg/ha");
        CarbonateClass carbonate = in.has("fizz")
                ? CarbonateClass.of(in.word("fizz"))
                : new CarbonateClass(
                        in.number("carbonatePercent"), in.number("carbonatePercent"), in.number("carbonatePercent"));
        double used = part(mass, carbonate.percent(), purity);
        out.line(
                "carbonateKgPerHa",
                "To use up the carbonate",
                "soil × carbonate ÷ 100 × 320.4 ÷ purity",
                Decimal.show(mass, 0) + " × " + Decimal.show(carbonate.percent() / 100, 4) + " × 320.4 ÷ "
                        + Decimal.show(purity, 2),
                used,
                "kg/ha");
        if (in.has("fizz")) {
            ends(carbonate, mass, purity, out);
        }
        boolean lowWorks = part(mass, carbonate.low(), purity) <= PRACTICAL_TO_KG;
        boolean highWorks = part(mass, carbonate.high(), purity) <= PRACTICAL_TO_KG;
        if (lowWorks != highWorks) {
            out.say("practical", null);
            out.because(
                    "laboratory-first",
                    "The two ends of that class fall on both sides of 2000 kg/ha: ask a laboratory for the carbonate.");
        } else {
            out.say("practical", lowWorks);
        }
        if (!lowWorks) {
            out.because(
                    "cannot-work",
                    "The carbonate alone would use up more than 2000 kg/ha, so the pH will not stay down. Instead: tolerant "
                            + "crops, sulphur banded in the row, acidifying nitrogen, organic matter, drainage.");
        } else if (highWorks) {
            years(in, acid + used, out);
        }
    }

    private static double part(double mass, double carbonatePercent, double purity) {
        return mass * carbonatePercent / 100 * KG_PER_T_CARBONATE / purity;
    }

    private static void ends(CarbonateClass carbonate, double mass, double purity, Draft out) {
        out.line(
                "carbonateLowKgPerHa",
                "The same, low end of the class",
                "at " + Decimal.show(carbonate.low(), 1) + " %",
                Decimal.show(mass, 0) + " × " + Decimal.show(carbonate.low() / 100, 4) + " × 320.4 ÷ "
                        + Decimal.show(purity, 2),
                part(mass, carbonate.low(), purity),
                "kg/ha");
        out.line(
                "carbonateHighKgPerHa",
                "The same, high end of the class",
                "at " + Decimal.show(carbonate.high(), 1) + " %",
                Decimal.show(mass, 0) + " × " + Decimal.show(carbonate.high() / 100, 4) + " × 320.4 ÷ "
                        + Decimal.show(purity, 2),
                part(mass, carbonate.high(), purity),
                "kg/ha");
    }

    private static void years(Entered in, double total, Draft out) {
        double most = in.yes("turf") ? MOST_PER_YEAR_TURF : MOST_PER_YEAR;
        double years = Math.max(1, Math.ceil(total / most - 1e-9));
        out.line(
                "perYearKgPerHa",
                "In one year",
                "the whole in equal parts of at most " + Decimal.show(most, 0),
                Decimal.show(total, 0) + " ÷ " + Decimal.show(years, 0),
                total / years,
                "kg/ha");
        out.line(
                "years",
                "Years",
                "whole ÷ " + Decimal.show(most, 0) + " a year, rounded up",
                Decimal.show(total, 0) + " ÷ " + Decimal.show(most, 0),
                years,
                "years");
    }
}
