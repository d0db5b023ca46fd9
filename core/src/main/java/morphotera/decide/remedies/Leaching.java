package morphotera.decide.remedies;

import static morphotera.measure.Entry.option;

import java.util.List;
import java.util.Map;
import morphotera.decide.Remedy;
import morphotera.ground.Decimal;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.EntryCheck;
import morphotera.measure.Grade;

/**
 * Water to wash salt down: water mm = k·depth·(now − Cw)/(target − Cw), Cw = 1.5·ECw, all as saturated paste in dS/m; k 0.1 to
 * 0.45 ponded by texture, 0.1 sprinkled in turns (Hoffman 1980). What keeps it down: ECw/(5·target − ECw) (Rhoades 1974).
 */
final class Leaching implements Remedy {
    private static final Map<String, Double> PONDED = Map.of("coarse", 0.1, "medium", 0.2, "fine", 0.3, "peat", 0.45);
    private static final double SPRINKLED = 0.1;
    private static final double PASTE_PER_WATER = 1.5;
    private static final double PRACTICAL_TO = 0.4;
    private static final double SODIC_FROM_ESP = 6;
    private static final double DISPERSES_UNDER = 60;
    private static final double SALTY_FROM = 4;

    private static final Description DESCRIPTION = Description.of("leaching", "Leaching")
            .purpose("How much water washes the salt below the roots")
            .grade(Grade.A)
            .fields(
                    Entry.number("ecWater", "Salt in the water", "dS/m", 0, 10),
                    Entry.number("eceNow", "Salt now, saturated paste", "dS/m", 0.5, 60),
                    Entry.number("eceTarget", "Salt wanted, saturated paste", "dS/m", 0.5, 60),
                    Entry.number("depthMm", "Depth to wash", "mm", 100, 2000),
                    Entry.choice(
                            "way",
                            "Given",
                            option("ponded", "Ponded", "Standing between bunds."),
                            option("sprinkled", "Sprinkled in turns", "Slower, and less water.")),
                    Entry.choice(
                            "textureGroup",
                            "Soil",
                            option("coarse", "Coarse", "Sand to sandy loam."),
                            option("medium", "Medium", "Loam, silt."),
                            option("fine", "Fine", "Clay loam to clay."),
                            option("peat", "Peat", "Organic soil.")),
                    Entry.yesNo("outlet", "The water has a way out").hint("Drains, or free ground below."),
                    Entry.number("esp", "Exchangeable sodium", "%", 0, 80).optional(),
                    Entry.number("dispersionScore", "Dispersion's score", "score", 0, 100)
                            .optional())
            .from(Map.of(
                    "textureGroup", List.of("texture.group"),
                    "eceNow", List.of("salinity.rootZoneEce"),
                    "esp", List.of("laboratory.esp"),
                    "dispersionScore", List.of("dispersion.score")))
            .months(10, 11, 12, 1, 2, 3)
            .cost(new Cost(0.6, "mm of water on a hectare"))
            .effect("At once, where the water can leave.")
            .range("Salt moves with water that drains; peat and cracked clay need more.")
            .source("Hoffman 1980; Rhoades 1974")
            .cautions(
                    "Water rights and where the salt water goes come first.",
                    "Watch the water table: it must not rise into the roots.")
            .watch("salinity at depths", "water table", "dispersion")
            .decides("The water authority decides on the water and its outlet.")
            .example(Map.of(
                    "ecWater",
                    0.56,
                    "eceTarget",
                    3.3,
                    "eceNow",
                    10.6,
                    "depthMm",
                    600,
                    "way",
                    "ponded",
                    "textureGroup",
                    "fine",
                    "outlet",
                    true))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Entered in, EntryCheck check) {
        Double now = in.numberOrNull("eceNow");
        Double target = in.numberOrNull("eceTarget");
        if (now != null && target != null && target >= now) {
            check.refuse("/eceTarget", "nothing-to-do", "The salt wanted is not below the salt now.");
        }
        if (target != null && in.has("ecWater") && target <= PASTE_PER_WATER * in.number("ecWater")) {
            check.refuse(
                    "/eceTarget",
                    "below-water",
                    "This water alone keeps the soil at " + Decimal.show(PASTE_PER_WATER * in.number("ecWater"), 2)
                            + " dS/m; want more than that, or find better water.");
        }
        if (in.has("outlet") && !in.yes("outlet")) {
            check.refuse("/outlet", "no-outlet", "Without an outlet salt comes back up: drains first.");
        }
    }

    @Override
    public void calculate(Entered in, Draft out) {
        double water = in.number("ecWater");
        double target = in.number("eceTarget");
        double requirement = water / (5 * target - water);
        out.line(
                "requirement",
                "To keep it down, of all water given",
                "water ÷ (5 × wanted − water)",
                Decimal.show(water, 2) + " ÷ (5 × " + Decimal.show(target, 2) + " − " + Decimal.show(water, 2) + ")",
                requirement,
                "share");
        double k = in.word("way").equals("ponded") ? PONDED.get(in.word("textureGroup")) : SPRINKLED;
        double floor = PASTE_PER_WATER * water;
        double depth = in.number("depthMm");
        double now = in.number("eceNow");
        out.line(
                "waterMm",
                "Water to wash it down",
                "k × depth × (now − 1.5 × water) ÷ (wanted − 1.5 × water)",
                Decimal.show(k, 2) + " × " + Decimal.show(depth, 0) + " × (" + Decimal.show(now, 2) + " − "
                        + Decimal.show(floor, 2) + ") ÷ (" + Decimal.show(target, 2) + " − " + Decimal.show(floor, 2)
                        + ")",
                k * depth * (now - floor) / (target - floor),
                "mm");
        boolean practical = requirement <= PRACTICAL_TO;
        out.say("practical", practical);
        if (!practical) {
            out.because("water-too-salt", "Over two fifths of all water would have to drain: find better water.");
        }
        sodium(in, now, out);
    }

    private static void sodium(Entered in, double now, Draft out) {
        boolean sodic = in.has("esp") && in.number("esp") >= SODIC_FROM_ESP;
        boolean disperses = in.has("dispersionScore") && in.number("dispersionScore") < DISPERSES_UNDER;
        boolean unknown = !in.has("esp") && now >= SALTY_FROM;
        String first = sodic || disperses ? "gypsum-first" : unknown ? "ask-esp" : "none";
        out.say("sodiumFirst", first);
        if (sodic || disperses) {
            out.because("gypsum-first", "Sodium first: gypsum before or with the water; fresh water seals sodic soil.");
        }
        if (!in.has("esp") && (disperses || unknown)) {
            out.because("ask-esp", "Ask a laboratory for exchangeable sodium before any water is given.");
        }
    }
}
