package morphotera.decide.remedies;

import java.util.List;
import java.util.Map;
import morphotera.decide.Remedy;
import morphotera.ground.Decimal;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.Grade;

/**
 * When and how fast to water: held mm = available mm in 10 cm · root depth/10 · (1 − stones); readily = held·depletion; days =
 * readily/use. Never faster than the ground takes it in.
 */
final class Irrigation implements Remedy {
    /** Most sprinklers give more than this, mm/h: slower ground is watered in turns. */
    private static final double SPRINKLERS_GIVE_MM_PER_H = 10;

    private static final Description DESCRIPTION = Description.of("irrigation", "Watering")
            .purpose("How often, how much and how fast to water")
            .grade(Grade.A)
            .fields(
                    Entry.number("availableMmPer10Cm", "Water held in 10 cm", "mm", 1, 40)
                            .hint("Field capacity less wilting point."),
                    Entry.number("rootDepthCm", "Roots reach", "cm", 5, 300),
                    Entry.number("stonePercent", "Stones", "%", 0, 90).preset(0.0),
                    Entry.number("depletion", "Part that may be used up", "share", 0.1, 0.9)
                            .preset(0.5),
                    Entry.number("useMmPerDay", "The crop's daily use", "mm/day", 0.1, 20),
                    Entry.number("intakeMmPerH", "Ground takes in", "mm/h", 0.1, 2000))
            .from(Map.of(
                    "availableMmPer10Cm", List.of("texture.water"),
                    "rootDepthCm", List.of("root-depth.root80"),
                    "intakeMmPerH", List.of("infiltration-ring.steadyRate")))
            .months(5, 6, 7, 8)
            .cost(new Cost(0.6, "mm of water on a hectare"))
            .effect("At once.")
            .range("Level ground; the daily use is that of the season.")
            .source("Allen et al. 1998")
            .cautions("Water rights come first.", "Watch for salt: what water brings stays behind.")
            .watch("root depth", "infiltration", "salinity")
            .example(Map.of(
                    "availableMmPer10Cm",
                    14,
                    "rootDepthCm",
                    40,
                    "stonePercent",
                    10,
                    "depletion",
                    0.5,
                    "useMmPerDay",
                    5,
                    "intakeMmPerH",
                    12))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void calculate(Entered in, Draft out) {
        double roots = in.number("rootDepthCm");
        double stones = in.number("stonePercent") / 100;
        double held = in.number("availableMmPer10Cm") * roots / 10 * (1 - stones);
        double readily = held * in.number("depletion");
        double intake = in.number("intakeMmPerH");
        out.line(
                "heldMm",
                "Held within the roots",
                "held in 10 cm × root depth ÷ 10 × (1 − stones)",
                Decimal.show(in.number("availableMmPer10Cm"), 1) + " × " + Decimal.show(roots / 10, 2) + " × (1 − "
                        + Decimal.show(stones, 2) + ")",
                held,
                "mm");
        out.line(
                "readilyMm",
                "Water to give at a time",
                "held × part that may be used up",
                Decimal.show(held, 1) + " × " + Decimal.show(in.number("depletion"), 2),
                readily,
                "mm");
        out.line(
                "highestRateMmPerH",
                "No faster than",
                "what the ground takes in",
                Decimal.show(intake, 1),
                intake,
                "mm/h");
        out.line(
                "daysBetween",
                "Days between",
                "water to give ÷ daily use",
                Decimal.show(readily, 1) + " ÷ " + Decimal.show(in.number("useMmPerDay"), 1),
                readily / in.number("useMmPerDay"),
                "days");
        boolean pulse = intake < SPRINKLERS_GIVE_MM_PER_H;
        out.say("pulse", pulse);
        if (pulse) {
            out.because("pulse", "Most sprinklers give 10 mm/h or more: water in turns with rests, or it runs off.");
        }
    }
}
