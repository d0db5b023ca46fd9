package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.perSpot;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Entry.option;

import java.util.List;
import java.util.Map;
import morphotera.ground.Numbers;
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

/**
 * pH by depth, on one basis. In water: the value for card and water, value + offset for calcium chloride. Means are of pH
 * itself, as advisers report it. Topsoil is to 10 cm, subsoil below. A card is good to half a unit and says so.
 */
final class Ph implements Method {
    private static final double TOPSOIL_TO_CM = 10;
    private static final double ACID_UNDER = 5.5;
    private static final double CARD_PLUS_MINUS = 0.5;

    private static final Description DESCRIPTION = Description.of("ph", "pH by depth")
            .purpose("How acid the topsoil is, and what lies below it")
            .group(Group.CHEMISTRY)
            .grade(Grade.A)
            .about(
                    "Soil from two depths or more, by colour card, by meter in water or in calcium chloride. Every value is shown "
                            + "in water and in calcium chloride, so that they compare.")
            .cost(0.6)
            .gear(
                    tool("auger"),
                    tool("indicator and white powder, or meter and buffers"),
                    perSpot("vial with lid", 2, null),
                    perSpot("distilled water", 0.1, "l"))
            .cautions("Shake with a lid, not a thumb: the skin changes the reading.")
            .variants(
                    new Description.Variant(
                            "card",
                            "Colour card",
                            List.of(
                                    Step.auger(),
                                    Step.field(
                                                    "mix-fill",
                                                    "Mix and fill one vial for each depth",
                                                    "Roots and stones out.",
                                                    80)
                                            .enters("offset"),
                                    Step.field(
                                                    "indicator",
                                                    "Add the indicator and wait",
                                                    "Clay needs longer, up to ten minutes.",
                                                    30)
                                            .waits(60, 600),
                                    Step.field(
                                                    "powder-read",
                                                    "Powder on, then read the card",
                                                    "Light falls between vial and card, out of the sun.",
                                                    60)
                                            .enters("points", "pack"),
                                    Step.field("rinse", "Rinse the vials", "Twice, with clean water.", 30))),
                    new Description.Variant(
                            "meter",
                            "Meter",
                            List.of(
                                    Step.dayBefore(
                                            "calibrate",
                                            "Calibrate the meter",
                                            "Two buffers, at the same warmth.",
                                            300),
                                    Step.auger(),
                                    Step.field("weigh-mix", "Weigh and mix", "One part soil, five parts liquid.", 90)
                                            .enters("offset"),
                                    Step.field("shake", "Shake, then let it settle", "A minute of shaking, lid on.", 60)
                                            .waits(900, 3600),
                                    Step.field("read", "Read the meter", "Wait until it holds still.", 120)
                                            .enters("points"),
                                    Step.field("rinse", "Rinse the probe", "Store it wet.", 20))))
            .fields(
                    Entry.list(
                                    "points",
                                    "Depths",
                                    1,
                                    2,
                                    Entry.cm("depthCm", "Depth"),
                                    Entry.pH("value", "pH"),
                                    Entry.choice(
                                            "basis",
                                            "Read by",
                                            option("card", "Card", "A colour, good to half a unit."),
                                            option("water", "Meter, water", "In distilled water."),
                                            option(
                                                    "cacl2",
                                                    "Meter, CaCl₂",
                                                    "In weak calcium chloride; about 0.8 lower.")))
                            .by(Entry.Part.PROFILE),
                    Entry.number("offset", "Water above CaCl₂ by", "pH", 0.5, 1.0)
                            .preset(0.8)
                            .hint("Larger where the soil holds little salt."),
                    Entry.text("pack", "Number on the pack")
                            .optional()
                            .hint("Of the card or its indicator. Two visits by one pack and one person differ less."))
            .checks(
                    new Description.Check("depths", "Is each value beside its own depth?"),
                    new Description.Check("basis", "Is it said how each was read?"))
            .results(
                    Result.number("inWater", "Each depth, in water", "pH", "as read, or + offset from CaCl₂")
                            .byDepth(),
                    Result.number("topsoil", "Topsoil, in water", "pH", "mean of the points to 10 cm")
                            .through(),
                    Result.number("subsoil", "Subsoil, in water", "pH", "mean of the points below 10 cm")
                            .through(),
                    Result.number("fall", "Fall with depth", "pH", "topsoil − subsoil"),
                    Result.number("acidAt", "First under 5.5 at", "cm", "the shallowest point under 5.5 in water"),
                    Result.number("lowest", "Lowest, in water", "pH", "the lowest point"),
                    Result.number("topsoilCacl2", "Topsoil, in CaCl₂", "pH", "topsoil − offset"),
                    Result.number("subsoilCacl2", "Subsoil, in CaCl₂", "pH", "subsoil − offset"),
                    Result.number("subsoilScore", "Subsoil's score", "score", "the same curve on the subsoil"))
            .curves("ph")
            .source("Glass electrode in 1:5 suspension; card readings after the maker's printed colours")
            .words(Map.ofEntries(
                    entry("in-water", "Topsoil {topsoil} in water."),
                    entry("acid-below", "Under 5.5 from {depth} cm on."),
                    entry("card", "Read by card: half a unit either way."),
                    entry("no-topsoil", "No point within 10 cm: the topsoil cannot be scored.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        List<Entered> points = in.list("points");
        for (int i = 0; i < points.size(); i++) {
            Double depth = points.get(i).numberOrNull("depthCm");
            for (int j = 0; j < i; j++) {
                if (depth != null && depth.equals(points.get(j).numberOrNull("depthCm"))) {
                    check.refuse("/reading/points/" + i + "/depthCm", "twice", "This depth stands above already.");
                }
            }
        }
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        double offset = in.number("offset");
        List<Entered> points = in.list("points").stream()
                .sorted((a, b) -> Double.compare(a.number("depthCm"), b.number("depthCm")))
                .toList();
        for (Entered point : points) {
            out.at("inWater", inWater(point, offset), "pH", point.number("depthCm"));
        }
        List<Entered> top = points.stream()
                .filter(point -> point.number("depthCm") <= TOPSOIL_TO_CM)
                .toList();
        List<Entered> below = points.stream()
                .filter(point -> point.number("depthCm") > TOPSOIL_TO_CM)
                .toList();
        Double topsoil = mean(top, offset);
        Double subsoil = mean(below, offset);
        Double acidAt = null;
        double lowest = inWater(points.get(0), offset);
        for (Entered point : points) {
            double value = inWater(point, offset);
            lowest = Math.min(lowest, value);
            if (acidAt == null && value < ACID_UNDER) {
                acidAt = point.number("depthCm");
            }
        }
        Curves.Narrowing narrowing = Curves.Narrowing.of(context);
        if (topsoil != null) {
            out.coarse("topsoil", topsoil, "pH", spread(top));
            out.measure("topsoilCacl2", topsoil - offset, "pH");
            out.score(curves.place("ph", narrowing, topsoil)).because("in-water", Map.of("topsoil", topsoil));
        } else {
            out.because("no-topsoil");
        }
        if (subsoil != null) {
            out.coarse("subsoil", subsoil, "pH", spread(below));
            out.measure("subsoilCacl2", subsoil - offset, "pH");
            out.measure("subsoilScore", curves.place("ph", narrowing, subsoil).score(), "score");
        }
        if (topsoil != null && subsoil != null) {
            out.coarse("fall", topsoil - subsoil, "pH", spread(points));
        }
        out.measure("acidAt", acidAt, "cm").coarse("lowest", lowest, "pH", spread(points));
        if (acidAt != null) {
            out.because("acid-below", Map.of("depth", acidAt));
        }
        if (spread(points) != null) {
            out.because("card").grade(Grade.B);
        }
    }

    private static double inWater(Entered point, double offset) {
        return point.word("basis").equals("cacl2") ? point.number("value") + offset : point.number("value");
    }

    private static Double mean(List<Entered> points, double offset) {
        return points.isEmpty()
                ? null
                : Numbers.mean(
                        points.stream().map(point -> inWater(point, offset)).toList());
    }

    private static Double spread(List<Entered> points) {
        return points.stream().anyMatch(point -> point.word("basis").equals("card")) ? CARD_PLUS_MINUS : null;
    }
}
