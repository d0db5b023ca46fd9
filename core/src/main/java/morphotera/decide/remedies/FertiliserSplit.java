package morphotera.decide.remedies;

import static morphotera.measure.Entry.option;

import java.util.List;
import java.util.Map;
import morphotera.decide.Remedy;
import morphotera.ground.Decimal;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.Grade;

/** How many dressings a soil can hold on to: one for each 30 kg of nitrogen on coarse ground or a CEC under 8, 50 medium, 80 fine. */
final class FertiliserSplit implements Remedy {
    private static final Map<String, Double> KG_AT_ONCE = Map.of("coarse", 30.0, "medium", 50.0, "fine", 80.0);
    private static final double LOW_CEC = 8;

    private static final Description DESCRIPTION = Description.of("fertiliser-split", "Split dressings")
            .purpose("Into how many dressings nitrogen is split")
            .grade(Grade.B)
            .fields(
                    Entry.choice(
                            "textureGroup",
                            "Soil",
                            option("coarse", "Coarse", "Sand to sandy loam."),
                            option("medium", "Medium", "Loam, silt."),
                            option("fine", "Fine", "Clay loam to clay.")),
                    Entry.number("cec", "Exchange capacity", "cmol(+)/kg", 1, 80)
                            .optional(),
                    Entry.number("nitrogenKgPerHa", "Nitrogen in all", "kg/ha", 1, 500))
            .from(Map.of("textureGroup", List.of("texture.group"), "cec", List.of("laboratory.cec")))
            .months(3, 4, 5, 6)
            .cost(new Cost(12, "hectare and dressing"))
            .effect("The same season.")
            .range("Nitrogen as fertiliser; manure and legumes are counted off first.")
            .source("A field rule by texture and exchange capacity")
            .cautions(
                    "No dressing before heavy rain, on frozen or on standing water.",
                    "Local law sets dates and amounts.")
            .watch("nitrogen by kit", "leaf colour")
            .example(Map.of("textureGroup", "medium", "cec", 14, "nitrogenKgPerHa", 140))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void calculate(Entered in, Draft out) {
        boolean lowCec = in.has("cec") && in.number("cec") < LOW_CEC;
        double atOnce = lowCec ? KG_AT_ONCE.get("coarse") : KG_AT_ONCE.get(in.word("textureGroup"));
        double nitrogen = in.number("nitrogenKgPerHa");
        double dressings = Math.ceil(nitrogen / atOnce - 1e-9);
        out.line(
                "kgEach",
                "Each",
                "nitrogen ÷ dressings",
                Decimal.show(nitrogen, 0) + " ÷ " + Decimal.show(dressings, 0),
                nitrogen / dressings,
                "kg/ha");
        out.line(
                "dressings",
                "Dressings",
                "nitrogen ÷ " + Decimal.show(atOnce, 0) + ", rounded up",
                Decimal.show(nitrogen, 0) + " ÷ " + Decimal.show(atOnce, 0),
                dressings,
                "dressings");
        if (lowCec) {
            out.because("low-cec", "Under 8 cmol(+)/kg the soil holds on to little: small dressings, often.");
        } else {
            out.because("texture", "This ground holds on to about " + Decimal.show(atOnce, 0) + " kg/ha at a time.");
        }
    }
}
