package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.tool;

import java.util.List;
import java.util.Map;
import morphotera.ground.TextureGroup;
import morphotera.measure.Context;
import morphotera.measure.Curves;
import morphotera.measure.Day;
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

/** How a fresh cube breaks when dropped: fineShare, percent under 20 mm, and the mean piece with middles 2.5, 12.5, 47.5, 100 mm. */
final class DropShatter implements Method {
    private static final List<String> SIZES = List.of("under5mm", "5to20mm", "20to75mm", "over75mm");
    private static final List<Double> MIDDLE_MM = List.of(2.5, 12.5, 47.5, 100.0);
    private static final double POWDER_OVER = 80;
    private static final double POWDER_CAP = 60;

    private static final Description DESCRIPTION = Description.of("drop-shatter", "Drop and shatter")
            .purpose("Whether the soil breaks into crumbs or clods")
            .group(Group.STRUCTURE)
            .grade(Grade.B)
            .day(Day.MOIST_SOIL)
            .judged()
            .about(
                    "A fresh cube of 20 cm dropped from a metre into a tray: once in coarse, twice in medium, three times in fine "
                            + "soil. Big pieces are parted along their cracks, and all is sorted by size.")
            .gear(tool("spade"), tool("tray, 50 cm"), tool("sheet"), tool("stick of one metre"))
            .cautions("The cube weighs 12 to 15 kg: lift with the legs.")
            .variants(new Description.Variant(
                    "cube",
                    "Cube of 20 cm",
                    List.of(
                            Step.field("cut-cube", "Cut the cube", "20 cm each way, topsoil.", 120),
                            Step.field(
                                            "drop",
                                            "Drop it from a metre",
                                            "Flat into the tray; once, twice or three times by texture.",
                                            90)
                                    .enters("drops"),
                            Step.field(
                                    "part-sort",
                                    "Part along the cracks, sort by size",
                                    "By hand, no force. Heaps from fine to coarse.",
                                    240),
                            Step.field("photo-enter", "Photograph, enter the shares", "By eye or by weight.", 45)
                                    .enters("share"))))
            .fields(
                    Entry.number("drops", "Drops", null, 1, 3).counted().hint("Coarse 1, medium 2, fine 3."),
                    Entry.group(
                                    "share",
                                    "Shares by size",
                                    Entry.percent("under5mm", "Under 5 mm"),
                                    Entry.percent("5to20mm", "5 to 20 mm"),
                                    Entry.percent("20to75mm", "20 to 75 mm"),
                                    Entry.percent("over75mm", "Over 75 mm"))
                            .by(Entry.Part.SHARES)
                            .hint("Percent; together 100."))
            .checks(
                    new Description.Check("cracks", "Were big pieces parted along their own cracks, not forced?"),
                    new Description.Check("drops", "Was it dropped as often as the texture asks?"))
            .results(
                    Result.number("fineShare", "Under 20 mm", "%", "under 5 mm + 5 to 20 mm")
                            .onTheDay(),
                    Result.number("meanPiece", "Mean piece", "mm", "Σ share × middle of the size ÷ 100")
                            .through()
                            .onTheDay())
            .curves("drop-shatter")
            .source("Drop tests of clods after Marshall and Quirk 1950; limits are field rules")
            .words(Map.ofEntries(
                    entry("fine", "{fine:0} % under 20 mm; the mean piece is {mean:0} mm."),
                    entry("coarse-ground", "Coarse soil falls into single grains: not scored."),
                    entry(
                            "contradiction",
                            "Dropped {drops:0} times where this texture asks for {asked:0}: the shares do not compare."),
                    entry("powder", "Over 80 % under 5 mm: powder, not crumbs; 60 at most.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        check.sumTo100("/reading/share", in.group("share"), SIZES);
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        Entered share = in.group("share");
        double fine = share.number("under5mm") + share.number("5to20mm");
        double mean = 0;
        for (int i = 0; i < SIZES.size(); i++) {
            mean += share.number(SIZES.get(i)) * MIDDLE_MM.get(i) / 100;
        }
        out.measure("fineShare", fine, "%")
                .measure("meanPiece", mean, "mm")
                .because("fine", Map.of("fine", fine, "mean", mean));
        if (context.textureGroup() == TextureGroup.COARSE) {
            out.because("coarse-ground");
            return;
        }
        out.score(curves.place("drop-shatter", context, fine));
        if (context.texture() != null && in.number("drops") != dropsFor(context.textureGroup())) {
            out.flag("contradiction", Map.of("drops", in.number("drops"), "asked", dropsFor(context.textureGroup())));
        }
        if (share.number("under5mm") > POWDER_OVER) {
            out.cap(POWDER_CAP).flag("powder");
        }
    }

    private static int dropsFor(TextureGroup group) {
        return group == TextureGroup.FINE ? 3 : group == TextureGroup.MEDIUM ? 2 : 1;
    }
}
