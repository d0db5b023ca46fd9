package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.perSpot;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Entry.option;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import morphotera.ground.TextureClass;
import morphotera.ground.TextureTriangle;
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
import morphotera.measure.Texture;
import morphotera.measure.Water;

/**
 * Texture by what settles first in a jar: sand, silt and clay in percent of (clay top − base). The settling school takes
 * the times from Stokes's law by the height of the water and its warmth; the clock school 1 min, 2 h, 48 h. Settled clay
 * packs loosely, so that a jar overstates it.
 */
final class TextureJar implements Method {
    private static final double USUAL_WATER_MM = 100;
    private static final double USUAL_CELSIUS = 20;
    private static final double NEAR_POINTS = 3;
    private static final double CLAY_SETTLES_HOURS = 24;

    private static final Description DESCRIPTION = Description.of("texture-jar", "Texture by jar")
            .purpose("How much sand, silt and clay there is")
            .group(Group.CONTEXT)
            .grade(Grade.B)
            .about(
                    "A jar a third full of crushed, sieved soil, water and a pinch of dispersant, soaked, shaken for minutes, stood "
                            + "level and marked as it settles: sand first, then silt, then clay.")
            .cost(0.3)
            .gear(
                    perSpot("straight jar with a lid", 1, null),
                    perSpot("water", 0.7, "l"),
                    perSpot("dispersant", 5, "g"),
                    tool("sieve, 2 mm"),
                    tool("marker and ruler"))
            .cautions("Never in a jar that goes back to the kitchen.")
            .variants(
                    new Description.Variant("clock", "By the clock", steps(58, 62, 7000, 7400)),
                    new Description.Variant(
                            "settling",
                            "By settling, for 100 mm of water at 20 °C",
                            steps(
                                    within(Water.SMALLEST_SAND_M, 0.95),
                                    within(Water.SMALLEST_SAND_M, 1.05),
                                    within(Water.SMALLEST_SILT_M, 0.95),
                                    within(Water.SMALLEST_SILT_M, 1.05))))
            .fields(
                    Entry.SAMPLE_DEPTH,
                    Entry.mm("baseMm", "Bottom of the jar")
                            .hint("Height from the table to where soil begins.")
                            .by(Entry.Part.MARKS),
                    Entry.mm("sandTopMm", "Top of the sand").by(Entry.Part.MARKS),
                    Entry.mm("siltTopMm", "Top of the silt").by(Entry.Part.MARKS),
                    Entry.mm("clayTopMm", "Top of the clay").by(Entry.Part.MARKS),
                    Entry.mm("waterHeightMm", "Height of the water").aboveZero().by(Entry.Part.MARKS),
                    Entry.celsius("waterTemperatureC", "Water temperature").preset(USUAL_CELSIUS),
                    Entry.choice(
                                    "marks",
                                    "Marked",
                                    option("clock", "By the clock", "1 min, 2 h, 48 h."),
                                    option("settling", "By settling", "The times of Stokes's law for this jar."))
                            .preset("clock"),
                    Entry.hours("clayMarkedAfterHours", "Clay marked after"),
                    Entry.yesNo("stillCloudy", "Still cloudy").preset(false))
            .checks(
                    new Description.Check("base", "Is the thick bottom of the jar left out?"),
                    new Description.Check("level", "Did the jar stand level and still?"))
            .results(Stream.concat(
                            Texture.results("(its top − the one below) ÷ (clay top − base)").stream(),
                            Stream.of(
                                    Result.number(
                                            "boundaryDistance",
                                            "To the next class",
                                            "points",
                                            "fewest points moved from one share to another"),
                                    Result.number(
                                            "sandMarkSeconds",
                                            "Sand has settled after",
                                            "s",
                                            "18 × η × h ÷ (g × (ρs − ρw) × d²), d 50 µm"),
                                    Result.number(
                                            "siltMarkSeconds",
                                            "Silt has settled after",
                                            "s",
                                            "18 × η × h ÷ (g × (ρs − ρw) × d²), d 2 µm")))
                    .toList())
            .source("Stokes 1851; USDA classes; water by Saxton and Rawls 2006")
            .words(Map.ofEntries(
                    entry("shares", "Sand {sand:0}, silt {silt:0}, clay {clay:0} %: {texture}."),
                    entry("loose-clay", "Settled clay packs loosely: a jar shows more of it than there is."),
                    entry("near-boundary", "{points} points from {texture}: near the boundary."),
                    entry(
                            "clay-not-settled",
                            "Marked before the clay had settled: let it stand 24 hours and until it is clear."),
                    entry("held", Texture.HELD),
                    entry("not-held", Texture.NOT_HELD)))
            .build();

    private static int within(double diameterM, double part) {
        return (int) (Water.settlingSeconds(diameterM, USUAL_WATER_MM, USUAL_CELSIUS) * part);
    }

    private static List<Step> steps(int sandFrom, int sandTo, int siltFrom, int siltTo) {
        return Stream.of(
                        Step.field("gather-label", "Take soil and label the bag", "From the depth in hand.", 60)
                                .enters("depthCm"),
                        Step.field("crush-sieve", "Crush and sieve it", "Roots and stones out.", 300)
                                .later(),
                        Step.field(
                                        "soak",
                                        "A third of the jar soil, then water and dispersant",
                                        "Stands overnight.",
                                        60)
                                .later()
                                .waits(43_200, 86_400),
                        Step.field("shake", "Shake for five minutes", "Lid on.", 300)
                                .later(),
                        Step.field("set-level", "Stand it level, start the clock", "Never move it again.", 10)
                                .later()
                                .watched(sandFrom, sandTo)
                                .enters("waterHeightMm", "waterTemperatureC", "marks"),
                        Step.field("mark-sand", "Mark the top of the sand", "On the glass.", 10)
                                .later()
                                .waits(siltFrom, siltTo)
                                .enters("sandTopMm"),
                        Step.field("mark-silt", "Mark the top of the silt", "On the glass.", 15)
                                .later()
                                .waits(158_000, 252_000)
                                .enters("siltTopMm"),
                        Step.field("mark-clay-read", "Mark the clay, read all heights", "From the table up.", 60)
                                .later()
                                .enters("baseMm", "clayTopMm", "clayMarkedAfterHours", "stillCloudy"))
                .toList();
    }

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        Double base = in.numberOrNull("baseMm");
        Double sand = in.numberOrNull("sandTopMm");
        Double silt = in.numberOrNull("siltTopMm");
        Double clay = in.numberOrNull("clayTopMm");
        Double water = in.numberOrNull("waterHeightMm");
        if (base != null && sand != null && sand <= base) {
            check.refuse("/reading/sandTopMm", "backward", "The sand's top lies above the bottom of the jar.");
        }
        if (sand != null && silt != null && silt < sand) {
            check.refuse("/reading/siltTopMm", "backward", "The silt lies on the sand, not below its top.");
        }
        if (silt != null && clay != null && clay < silt) {
            check.refuse("/reading/clayTopMm", "backward", "The clay lies on the silt, not below its top.");
        }
        if (base != null && clay != null && water != null && clay - base > water) {
            check.refuse("/reading/clayTopMm", "outside-jar", "The soil stands higher than the water in the jar.");
        }
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        double base = in.number("baseMm");
        double all = in.number("clayTopMm") - base;
        double sand = 100 * (in.number("sandTopMm") - base) / all;
        double silt = 100 * (in.number("siltTopMm") - in.number("sandTopMm")) / all;
        TextureTriangle.Shares shares = new TextureTriangle.Shares(sand, silt, Math.max(0, 100 - sand - silt));
        TextureClass texture = TextureTriangle.classOf(shares);
        TextureTriangle.Neighbour next = TextureTriangle.nearest(shares);
        double height = in.number("waterHeightMm");
        double celsius = in.number("waterTemperatureC");
        out.measure("sand", shares.sand(), "%")
                .measure("silt", shares.silt(), "%")
                .measure("clay", shares.clay(), "%")
                .measure("boundaryDistance", next.points(), "points")
                .measure("sandMarkSeconds", Water.settlingSeconds(Water.SMALLEST_SAND_M, height, celsius), "s")
                .measure("siltMarkSeconds", Water.settlingSeconds(Water.SMALLEST_SILT_M, height, celsius), "s")
                .because(
                        "shares",
                        Map.of(
                                "sand",
                                shares.sand(),
                                "silt",
                                shares.silt(),
                                "clay",
                                shares.clay(),
                                "texture",
                                named(texture)))
                .because("loose-clay");
        Texture.tell(texture, shares, out);
        if (next.points() < NEAR_POINTS) {
            out.flag("near-boundary", Map.of("points", next.points(), "texture", named(next.texture())));
        }
        if (in.yes("stillCloudy") || in.number("clayMarkedAfterHours") < CLAY_SETTLES_HOURS) {
            out.flag("clay-not-settled");
        }
    }

    private static String named(TextureClass texture) {
        return texture.word().replace('-', ' ');
    }
}
