package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.ground.TextureClass.LOAM;
import static morphotera.ground.TextureClass.LOAMY_SAND;
import static morphotera.ground.TextureClass.SAND;
import static morphotera.ground.TextureClass.SANDY_CLAY_LOAM;
import static morphotera.ground.TextureClass.SANDY_LOAM;
import static morphotera.measure.Description.perSpot;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Entry.option;

import java.util.List;
import java.util.Map;
import morphotera.ground.TextureClass;
import morphotera.measure.Context;
import morphotera.measure.Curves;
import morphotera.measure.Description;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.EntryCheck;
import morphotera.measure.Evaluation;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.Method;
import morphotera.measure.Result;
import morphotera.measure.SaltTable;
import morphotera.measure.Step;

/**
 * Salt by conductivity, brought to the saturated paste: 1:5 times a factor by texture (Slavich and Petterson 1993); 1:1 by a
 * line by texture, never less than the reading (Franzen 2003). At 25 °C: EC/(1 + 0.0191·(T − 25)) where the probe did not.
 */
final class Salinity implements Method {
    /** By salt as saturated paste: under 2, 4, 8, 16 dS/m, and over. */
    private static final List<String> CLASSES =
            List.of("non-saline", "slightly", "moderately", "strongly", "very-strongly");

    private static final double PER_DEGREE = 0.0191;
    private static final double HEAVY_CLAY_OVER = 45;
    private static final double HEAVY_CLAY_FACTOR = 5.8;
    private static final double NITRATE_PER_EC = 140;
    private static final double NITRATE_TO_EC = 0.8;
    private static final double NITRATE_UNDER_PH = 7.2;

    private static final Description DESCRIPTION = Description.of("salinity", "Salinity")
            .purpose("How much salt roots have to drink against")
            .group(Group.CHEMISTRY)
            .grade(Grade.A)
            .about(
                    "Conductivity of soil mixed with water, or of a probe put into wetted soil, brought to what a saturated paste "
                            + "would read, which is what crops are held against.")
            .cost(0.2)
            .gear(
                    tool("auger"),
                    tool("conductivity meter and standard"),
                    perSpot("jar with lid", 2, null),
                    perSpot("distilled water", 0.3, "l"))
            .variants(
                    new Description.Variant(
                            "mixed",
                            "Mixed with water",
                            List.of(
                                    Step.dayBefore(
                                            "check-standard",
                                            "Check the probe in its standard",
                                            "At the same warmth.",
                                            120),
                                    Step.auger(),
                                    Step.field(
                                                    "mix",
                                                    "Mix soil and distilled water",
                                                    "One part to one, or to five, by weight.",
                                                    90)
                                            .enters("ratio", "placement", "depthCm"),
                                    Step.field("shake", "Shake, then let it settle", "A minute of shaking, lid on.", 60)
                                            .waits(600, 1800),
                                    Step.field(
                                                    "read",
                                                    "Read when it holds still",
                                                    "Sensing part wholly under, clear of the walls.",
                                                    80)
                                            .enters("ec", "temperatureC", "compensated"),
                                    Step.field("rinse-enter", "Rinse the probe", "Distilled water.", 30))),
                    new Description.Variant(
                            "in-place",
                            "Probe in the ground",
                            List.of(
                                    Step.field("wet", "Wet the ground, let it stand", "Rain or distilled water.", 30)
                                            .waits(300, 600),
                                    Step.field(
                                                    "insert-read",
                                                    "Push the probe in and read",
                                                    "Wholly in, no stone touching.",
                                                    80)
                                            .enters(
                                                    "ec",
                                                    "temperatureC",
                                                    "compensated",
                                                    "ratio",
                                                    "depthCm",
                                                    "placement"),
                                    Step.field("wipe", "Wipe the probe", "And between spots.", 20))))
            .fields(
                    Entry.number("ec", "Conductivity", "dS/m", 0, 60),
                    Entry.celsius("temperatureC", "Temperature").optional(),
                    Entry.yesNo("compensated", "Reads at 25 °C already").hint("Most probes do: ask, never guess."),
                    Entry.choice(
                            "ratio",
                            "Soil to water",
                            option("1:1", "1 to 1", "By weight."),
                            option("1:5", "1 to 5", "By weight."),
                            option("paste", "Paste", "Saturated, by a laboratory."),
                            option("in-place", "In place", "A probe in the ground; a first look.")),
                    Entry.SAMPLE_DEPTH,
                    Entry.choice(
                                    "placement",
                                    "Taken",
                                    option("none", "Anywhere", null),
                                    option("row", "In the row", "Drip and bed salts lie elsewhere."),
                                    option("between", "Between rows", null),
                                    option("manured", "Manured ground", "Manure reads as salt."))
                            .preset("none"))
            .checks(
                    new Description.Check("stable", "Did it hold still before it was read?"),
                    new Description.Check("clear", "Was the sensing part wholly under, clear of the walls?"))
            .results(
                    Result.number("ec25", "At 25 °C", "dS/m", "EC ÷ (1 + 0.0191 × (T − 25))"),
                    Result.number("ece", "As saturated paste", "dS/m", "by ratio and texture")
                            .through(),
                    Result.word("salinityClass", "Class", "under 2, 4, 8, 16 dS/m as paste", CLASSES),
                    Result.number("nitrateNAtMost", "Nitrate nitrogen, at most", "mg/kg", "140 × EC at 25 °C"),
                    Result.number("relativeYield", "Yield of this crop", "%", "100 − b × (paste − a)"))
            .curves("salinity")
            .source("Slavich and Petterson 1993; Franzen 2003; Maas and Hoffman 1977")
            .words(Map.ofEntries(
                    entry("paste", "As saturated paste {ece:2} dS/m: {class}."),
                    entry("crop", "{crop} begins to lose yield at {from} dS/m; here it keeps {kept:0} %."),
                    entry("nitrate", "Nitrate nitrogen at most {most:0} mg/kg; other salts read the same."),
                    entry("in-place", "A probe in the ground is a first look and is not scored."),
                    entry("approximate", "Read in place: confirm with a mixed sample."),
                    entry("needs-texture", "To reckon the paste from this mixture the field's texture is needed.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        if (in.has("compensated") && !in.yes("compensated") && !in.has("temperatureC")) {
            check.refuse("/reading/temperatureC", "missing", "Without compensation the temperature is needed.");
        }
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        double ec25 = in.yes("compensated")
                ? in.number("ec")
                : in.number("ec") / (1 + PER_DEGREE * (in.number("temperatureC") - 25));
        String ratio = in.word("ratio");
        Double ece = ratio.equals("paste") ? Double.valueOf(ec25) : ece(ratio, ec25, context);
        out.measure("ec25", ec25, "dS/m").measure("ece", ece, "dS/m");
        if (ece == null) {
            out.flag("needs-texture");
        } else {
            out.word("salinityClass", salinityClass(ece))
                    .because(
                            "paste",
                            Map.of("ece", ece, "class", salinityClass(ece).replace('-', ' ')));
        }
        boolean likeNitrate = context.ph() == null || context.ph() < NITRATE_UNDER_PH;
        if (ratio.equals("1:1") && ec25 <= NITRATE_TO_EC && likeNitrate) {
            out.measure("nitrateNAtMost", NITRATE_PER_EC * ec25, "mg/kg")
                    .because("nitrate", Map.of("most", NITRATE_PER_EC * ec25));
        }
        SaltTable.Tolerance crop = SaltTable.of(context.crop()).orElse(null);
        if (crop != null) {
            out.measure("relativeYield", ece == null ? null : Double.valueOf(crop.relativeYield(ece)), "%");
        }
        if (crop != null && ece != null) {
            out.because(
                    "crop",
                    Map.of(
                            "crop",
                            context.crop().replace('-', ' '),
                            "from",
                            crop.fromDSPerM(),
                            "kept",
                            crop.relativeYield(ece)));
        }
        if (ratio.equals("in-place")) {
            out.flag("approximate").because("in-place");
        } else if (ece != null) {
            out.score(
                    crop == null
                            ? curves.place("salinity", context, ece)
                            : curves.placeOn("salinity of " + context.crop(), "ece dS/m", crop.knots(), ece));
        }
    }

    private static Double ece(String ratio, double ec, Context context) {
        TextureClass texture = context.texture();
        if (texture == null) {
            return null;
        }
        if (ratio.equals("1:5")) {
            return ec * oneToFive(texture, context.clayPercent());
        }
        double line;
        if (texture == SAND || texture == LOAMY_SAND) {
            line = 3.01 * ec - 0.06;
        } else if (texture == SANDY_LOAM || texture == LOAM || texture == SANDY_CLAY_LOAM) {
            line = 3.01 * ec - 0.77;
        } else {
            line = 2.96 * ec - 0.95;
        }
        return Math.max(line, ec);
    }

    private static double oneToFive(TextureClass texture, Double clayPercent) {
        return switch (texture) {
            case SAND, LOAMY_SAND -> 22.7;
            case SANDY_LOAM -> 13.8;
            case LOAM, SILT_LOAM, SILT, SANDY_CLAY_LOAM -> 9.5;
            case CLAY_LOAM, SILTY_CLAY_LOAM, SANDY_CLAY, SILTY_CLAY -> 8.6;
            case CLAY -> clayPercent != null && clayPercent > HEAVY_CLAY_OVER ? HEAVY_CLAY_FACTOR : 7.5;
        };
    }

    private static String salinityClass(double ece) {
        int i = ece < 2 ? 0 : ece < 4 ? 1 : ece < 8 ? 2 : ece < 16 ? 3 : 4;
        return CLASSES.get(i);
    }
}
