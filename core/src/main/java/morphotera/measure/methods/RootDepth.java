package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Entry.option;

import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.ground.LandUse;
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
import morphotera.measure.RootingDepth;
import morphotera.measure.Step;

/**
 * How deep roots go against what the crop should reach: root80 / expected. Cereal, row crop and vegetable are expected to
 * reach their depth at 90 days. A sharp flat edge caps the score at 30, bent taproots at 50: something stops them.
 */
final class RootDepth implements Method {
    private static final Set<String> SOWN = Set.of("cereal", "row-crop", "vegetable");
    private static final double GROWN_DAYS = 90;
    private static final double YOUNG_DAYS = 60;
    private static final double SHARP_CAP = 30;
    private static final double BENT_CAP = 50;

    private static final Description DESCRIPTION = Description.of("root-depth", "Root depth")
            .purpose("How deep the roots go, and what stops them")
            .group(Group.ROOTS)
            .grade(Grade.B)
            .judged()
            .about(
                    "A block or pit face with a ruler down it. What counts is the depth above which four fifths of the roots lie, "
                            + "against what this crop should reach, and whether roots end flat or turn sideways.")
            .gear(tool("spade"), tool("ruler"), tool("knife or pick"))
            .variants(new Description.Variant(
                    "block",
                    "On the block",
                    List.of(
                            Step.block(),
                            Step.field("clean-face", "Clean one face", "Pick away what the spade has smeared.", 60),
                            Step.field("rule-photo", "Ruler down the face, photograph", "Zero at the surface.", 30),
                            Step.field(
                                            "tease-root80",
                                            "Find where four fifths of the roots end",
                                            "Tease the soil off from the top. Go deeper if roots leave the block.",
                                            90)
                                    .enters("root80Cm", "maxCm"),
                            Step.field(
                                            "judge-enter",
                                            "Look how the roots end",
                                            "Flat edge? Turned sideways? Nodules?",
                                            45)
                                    .enters("sharpEdge", "bent", "nodules", "crop", "daysSinceSowing"))))
            .fields(
                    Entry.cm("root80Cm", "Four fifths of roots above"),
                    Entry.cm("maxCm", "Deepest root").optional(),
                    Entry.yesNo("sharpEdge", "Roots end flat").optional().hint("At one depth, as if cut."),
                    Entry.yesNo("bent", "Taproots bent").optional().hint("Turned sideways or forked."),
                    Entry.choice(
                                    "nodules",
                                    "Nodules",
                                    option("none", "None", "On a legume, none or white inside."),
                                    option("few", "Few", "One or two on a root."),
                                    option("many", "Many", "Pink inside, on most roots."))
                            .drawn()
                            .optional(),
                    Entry.choice(
                            "crop",
                            "Crop",
                            option("grass", "Grass", "20 cm expected."),
                            option("turf", "Turf", "10 cm expected."),
                            option("cereal", "Cereal", "35 cm expected at 90 days."),
                            option("row-crop", "Row crop", "40 cm expected at 90 days."),
                            option("vegetable", "Vegetable", "25 cm expected at 90 days."),
                            option("lucerne", "Lucerne", "60 cm expected."),
                            option("tree", "Tree", "60 cm expected."),
                            option("vine", "Vine", "60 cm expected.")),
                    Entry.number("daysSinceSowing", "Days since sowing", "days", 0, 10_000)
                            .aboveZero()
                            .counted()
                            .by(Entry.Part.NUMBER)
                            .optional())
            .checks(
                    new Description.Check("whole", "Did you see the end of the roots, not the end of the block?"),
                    new Description.Check("crop", "Is the crop the one standing here?"))
            .results(
                    Result.number("root80", "Four fifths of the roots above", "cm", "as read")
                            .through(),
                    Result.number("expected", "Expected depth", "cm", "by crop × min(1, days ÷ 90)"),
                    Result.number("ratio", "Of what is expected", "share", "four fifths above ÷ expected depth"),
                    Result.yesNo("sharpEdge", "Roots end flat", "seen"),
                    Result.yesNo("bent", "Taproots bent", "seen"),
                    Result.yesNo("nodulesMissing", "Legume without nodules", "seen"))
            .curves("root-ratio")
            .source(
                    "Rooting depths by crop after common field guides; the share of four fifths after Gale and Grigal 1987")
            .words(Map.ofEntries(
                    entry("ratio", "{root80} cm of the {expected} cm expected."),
                    entry("sharp-edge", "Roots end flat at one depth: 30 at most."),
                    entry("bent", "Taproots turn sideways: 50 at most."),
                    entry("young", "Under 60 days since sowing: too young to speak of the soil.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        Double root80 = in.numberOrNull("root80Cm");
        Double max = in.numberOrNull("maxCm");
        if (root80 != null && max != null && max < root80) {
            check.refuse("/reading/maxCm", "above-root80", "The deepest root cannot lie above four fifths of them.");
        }
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        String crop = in.word("crop");
        Double days = in.numberOrNull("daysSinceSowing");
        boolean growing = SOWN.contains(crop) && days != null;
        double expected = RootingDepth.expectedCm(crop) * (growing ? Math.min(1, days / GROWN_DAYS) : 1);
        double ratio = in.number("root80Cm") / expected;
        out.measure("root80", in.number("root80Cm"), "cm")
                .measure("expected", expected, "cm")
                .measure("ratio", ratio, "share")
                .score(curves.place("root-ratio", Curves.Narrowing.of(context), ratio))
                .because("ratio", Map.of("root80", in.number("root80Cm"), "expected", expected));
        if (in.has("sharpEdge")) {
            out.word("sharpEdge", in.yes("sharpEdge"));
        }
        if (in.has("bent")) {
            out.word("bent", in.yes("bent"));
        }
        if (in.has("nodules")) {
            boolean legume = crop.equals("lucerne") || (crop.equals("grass") && context.use() == LandUse.PASTURE);
            out.word("nodulesMissing", legume && in.word("nodules").equals("none"));
        }
        if (in.yes("sharpEdge")) {
            out.cap(SHARP_CAP).because("sharp-edge");
        } else if (in.yes("bent")) {
            out.cap(BENT_CAP).because("bent");
        }
        if (growing && days < YOUNG_DAYS) {
            out.flag("young");
        }
    }
}
