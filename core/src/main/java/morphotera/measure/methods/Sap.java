package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Entry.option;

import java.util.List;
import java.util.Map;
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
import morphotera.measure.Step;

/** Sap pressed from torn leaves: sugar, pH (by its distance from 6.4) and conductivity, each scored by itself. */
final class Sap implements Method {
    private static final double BEST_PH = 6.4;

    private static final Description DESCRIPTION = Description.of("sap", "Sap")
            .purpose("Sugar, pH and salts in the leaf's sap")
            .group(Group.PLANTS)
            .grade(Grade.C)
            .about(
                    "Two drops pressed from torn leaves between ten and two o'clock. Crop and weed of one spot may be compared; against "
                            + "the yardstick it is a heuristic that others dispute.")
            .gear(
                    tool("refractometer"),
                    tool("sap press"),
                    tool("small pH and conductivity meter"),
                    tool("distilled water"))
            .cautions("Never tasted: leaves may be sprayed or poisonous.")
            .variants(new Description.Variant(
                    "press",
                    "Two drops",
                    List.of(
                            Step.field("zero", "Zero the refractometer", "With distilled water.", 30),
                            Step.field("pick", "Pick leaves", "Youngest full leaves, sunny side, 10 to 14 h.", 90)
                                    .enters("plant"),
                            Step.field("press", "Tear and press them", "Two drops.", 120),
                            Step.field("read", "Read each", "At once.", 30).enters("brix", "ph", "ecMsPerCm"),
                            Step.field("rinse", "Rinse everything", "Before the next plant.", 30))))
            .fields(
                    Entry.number("brix", "Sugar", "%", 0, 50).optional(),
                    Entry.pH("ph", "pH").optional(),
                    Entry.number("ecMsPerCm", "Conductivity", "mS/cm", 0, 60).optional(),
                    Entry.choice("plant", "From the", option("crop", "Crop", null), option("weed", "Weed", null))
                            .preset("crop"))
            .checks(new Description.Check("hours", "Was it between ten and two, in the sun?"))
            .results(
                    Result.number("brixScore", "Sugar", "score", "curve on percent"),
                    Result.number("phScore", "pH", "score", "curve on the distance from 6.4"),
                    Result.number("ecScore", "Salts", "score", "curve on mS/cm"),
                    Result.word("plant", "Of", "as picked", List.of("crop", "weed")))
            .curves("brix", "sap-ph", "sap-ec")
            .source("A practitioner's heuristic")
            .words(Map.ofEntries(
                    entry("no-score", "Shown and not scored as a whole: compare crop and weed of one spot.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        check.oneAtLeast("/reading", in, List.of("brix", "ph", "ecMsPerCm"));
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        if (in.has("brix")) {
            scored(out, "brixScore", curves.place("brix", context, in.number("brix")));
        }
        if (in.has("ph")) {
            scored(out, "phScore", curves.place("sap-ph", context, Math.abs(in.number("ph") - BEST_PH)));
        }
        if (in.has("ecMsPerCm")) {
            scored(out, "ecScore", curves.place("sap-ec", context, in.number("ecMsPerCm")));
        }
        out.word("plant", in.word("plant")).because("no-score");
    }

    private static void scored(Evaluation.Draft out, String key, Curves.Placed placed) {
        out.measure(key, placed.score(), "score");
    }
}
