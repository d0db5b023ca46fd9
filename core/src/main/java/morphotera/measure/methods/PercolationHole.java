package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Description.water;
import static morphotera.measure.Entry.option;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.ground.Numbers;
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
import morphotera.measure.Water;

/**
 * How fast water leaves a hole, with the hole's size taken out (inverse auger hole method; van Hoorn 1979).
 *
 * <p>For each interval K = (r/2)·ln((h0 + r/2)/(h1 + r/2))/Δt, r the radius (half the side of a square hole), h the depth
 * of water above the bottom: mm and hours in, mm/h out. The score reads the plateau, where K no longer falls.
 */
final class PercolationHole implements Method {
    /** A level may rise this much by the ruler's error alone, mm. */
    private static final double RULER_MM = 2;
    /** Intervals belong to the plateau within this share of its median. */
    private static final double PLATEAU = 0.2;
    /** The fall in a 300 mm hole with 150 mm of water is three times wallK. */
    private static final double STANDARD_FALL = 3;

    private static final List<String> PLANTING =
            List.of("wet-lovers-or-raised", "bears-wet-feet", "most", "bears-drought");

    private static final Description DESCRIPTION = Description.of("percolation-hole", "Percolation hole")
            .purpose("How fast the ground below the surface drains")
            .group(Group.WATER)
            .grade(Grade.A)
            .day(Day.UNFROZEN)
            .about(
                    "A hole is wetted, filled again and read with a ruler as the water falls. How fast it falls depends on the "
                            + "hole as well as on the soil, so the soil's part is taken out and every hole compares.")
            .gear(
                    tool("spade or 150 mm auger"),
                    tool("ruler and straight edge"),
                    tool("cover or fence for the hole"),
                    water(
                            "water, two fills: 42 l for a hole of 300 mm, 11 for an auger hole of 150",
                            new Description.Fill("holeDiameterMm", 300, "holeDepthMm", 300, 2)))
            .cautions(
                    "Ask the dig-safe service before digging.",
                    "Cover or fence an open hole: stock, children and you in the dark.",
                    "Cracked clay is soaked until its cracks have closed, or the hole reads the cracks.")
            .variants(new Description.Variant(
                    "ruler",
                    "Ruler every half hour",
                    List.of(
                            Step.dayBefore(
                                            "dig-roughen",
                                            "Dig the hole and roughen its sides",
                                            "A smeared wall drains slower than the soil. Loose soil out.",
                                            360)
                                    .enters("holeDiameterMm", "holeDepthMm", "square"),
                            Step.dayBefore(
                                            "presoak-fill",
                                            "Fill it and let it drain",
                                            "Dry soil drinks. The night before is best, four hours at the least.",
                                            60)
                                    .waits(14_400, 86_400)
                                    .enters("presoaked"),
                            Step.field(
                                            "refill-read-0",
                                            "Fill it again and read the ruler",
                                            "Measure the water above the bottom, always from the same mark.",
                                            90)
                                    .waits(1500, 2100)
                                    .enters("levels"),
                            Step.field("read-30", "Read the ruler", "Odd times are welcome: the true time counts.", 20)
                                    .waits(1500, 2100)
                                    .enters("levels"),
                            Step.field("read-60", "Read the ruler", "Under 50 mm left: refill and note both.", 20)
                                    .waits(1500, 2100)
                                    .enters("levels"),
                            Step.field("read-90", "Read the ruler", "Same mark, same edge.", 20)
                                    .waits(1500, 2100)
                                    .enters("levels"),
                            Step.field(
                                            "read-120-backfill",
                                            "Last reading, then fill the hole",
                                            "Tread the soil back in layers.",
                                            140)
                                    .enters("levels", "waterTemperatureC"))))
            .fields(
                    Entry.mm("holeDiameterMm", "Hole width")
                            .aboveZero()
                            .hint("The side, where the hole is square. A 300 mm hole takes 21 litres a fill."),
                    Entry.mm("holeDepthMm", "Hole depth").aboveZero(),
                    Entry.yesNo("square", "Square hole").preset(false),
                    Entry.yesNo("presoaked", "Wetted and drained before"),
                    Entry.celsius("waterTemperatureC", "Water temperature").optional(),
                    Entry.list(
                                    "levels",
                                    "Levels",
                                    3,
                                    5,
                                    Entry.minutes("minutes", "After"),
                                    Entry.mm("depthMm", "Water above the bottom")
                                            .optional(),
                                    Entry.mm("fromTopMm", "Down from the edge")
                                            .optional()
                                            .hint("In place of the depth: from a straight edge over the hole."),
                                    Entry.mm("refilledToMm", "Refilled to").optional())
                            .by(Entry.Part.LEVELS),
                    Entry.choice(
                                    "rateRule",
                                    "What the curve reads",
                                    option("standard", "Standard hole", "The fall a 300 mm hole would show."),
                                    option("late-fall", "Late fall", "The plain fall once it is steady."),
                                    option("mean-fall", "Mean fall", "The plain mean of all intervals."))
                            .preset("standard"))
            .checks(
                    new Description.Check("same-mark", "Was every level read from the same mark?"),
                    new Description.Check("true-times", "Are the minutes the true ones, not the planned ones?"))
            .results(
                    Result.number(
                                    "intervalK",
                                    "Soil's rate, by interval",
                                    "mm/h",
                                    "(r ÷ 2) × ln((h₀ + r ÷ 2) ÷ (h₁ + r ÷ 2)) ÷ hours")
                            .each()
                            .onTheDay(),
                    Result.number("intervalFall", "Plain fall, by interval", "mm/h", "(h₀ − h₁) ÷ hours")
                            .each()
                            .onTheDay(),
                    Result.number("meanFall", "Mean of the plain falls", "mm/h", "mean of the plain falls")
                            .onTheDay(),
                    Result.number(
                                    "lateFall",
                                    "Plain fall, once steady",
                                    "mm/h",
                                    "whole fall ÷ whole time of the plateau")
                            .onTheDay(),
                    Result.number(
                                    "wallK",
                                    "Soil's rate",
                                    "mm/h",
                                    "time-weighted mean of the soil's rate over the plateau, at 20 °C where the water was measured")
                            .onTheDay(),
                    Result.number("standardRate", "Fall in a standard hole", "mm/h", "3 × soil's rate")
                            .through()
                            .onTheDay(),
                    Result.number(
                                    "hoursToEmpty",
                                    "Time to empty",
                                    "h",
                                    "(r ÷ (2 × soil's rate)) × ln((h + r ÷ 2) ÷ (r ÷ 2))")
                            .onTheDay(),
                    Result.word(
                                    "planting",
                                    "Plants that suit it",
                                    "by the fall in a standard hole: under 10, 25, to 100, over",
                                    PLANTING)
                            .onTheDay())
            .curves("rain-garden", "percolation")
            .source("van Hoorn 1979, inverse auger hole; viscosity of water by the Vogel form (Likhachev 2003)")
            .words(Map.ofEntries(
                    entry("steady-plateau", "Steady from interval {from:0} on: {k} mm/h within 20 %."),
                    entry("last-interval", "No steady stretch yet, so the last interval counts: {k} mm/h."),
                    entry("standard-hole", "In a 300 mm hole that is a fall of {rate} mm an hour."),
                    entry("not-presoaked", "The hole was not wetted first: dry soil drinks, the rate reads high."),
                    entry("not-steady-yet", "The rate was still falling at the last reading."),
                    entry("no-fall", "The water did not fall: no time to empty.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        Double hole = in.numberOrNull("holeDepthMm");
        List<Entered> levels = in.list("levels");
        Double minutesBefore = null;
        Double waterBefore = null;
        for (int i = 0; i < levels.size(); i++) {
            Entered level = levels.get(i);
            String path = "/reading/levels/" + i;
            Double minutes = level.numberOrNull("minutes");
            if (minutes != null && minutesBefore != null && minutes <= minutesBefore) {
                check.refuse(path + "/minutes", "backward", "Each time must be later than the one before it.");
            }
            if (level.has("depthMm") == level.has("fromTopMm")) {
                check.refuse(
                        path + "/depthMm",
                        level.has("depthMm") ? "given-twice" : "missing",
                        "Give the depth of the water or the distance down from the edge, one of them.");
            }
            Double water = level.has("depthMm") || hole != null ? depth(level, hole) : null;
            if (water != null && hole != null && (water < 0 || water > hole)) {
                String key = level.has("depthMm") ? "/depthMm" : "/fromTopMm";
                check.refuse(path + key, "outside-hole", "The water must lie inside the hole, 0 to its depth.");
            }
            if (water != null && waterBefore != null && water > waterBefore + RULER_MM) {
                check.refuse(
                        path + "/depthMm",
                        "rises",
                        "The water rose. Say what it was refilled to at the reading before, or look at the ruler again.");
            }
            Double refilled = level.numberOrNull("refilledToMm");
            if (refilled != null && water != null && refilled < water) {
                check.refuse(path + "/refilledToMm", "refill-below-level", "A refill cannot end below the level read.");
            }
            if (refilled != null && hole != null && refilled > hole) {
                check.refuse(path + "/refilledToMm", "outside-hole", "A refill cannot stand above the hole's edge.");
            }
            minutesBefore = minutes == null ? minutesBefore : minutes;
            waterBefore = refilled != null ? refilled : water;
        }
    }

    /** From one level to the next: hours, water at its start and end in mm, the soil's rate in mm/h. */
    private record Interval(double hours, double from, double to, double k) {
        double fall() {
            return (from - to) / hours;
        }
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        double radius = in.number("holeDiameterMm") / 2;
        double hole = in.number("holeDepthMm");
        List<Entered> levels = untilEmpty(in.list("levels"), hole);
        List<Interval> intervals = intervals(levels, hole, radius);
        for (int i = 0; i < intervals.size(); i++) {
            out.each("intervalK", intervals.get(i).k(), "mm/h", i);
        }
        for (int i = 0; i < intervals.size(); i++) {
            out.each("intervalFall", intervals.get(i).fall(), "mm/h", i);
        }
        int from = plateau(intervals);
        boolean steady = from < intervals.size() - 1;
        List<Interval> late = intervals.subList(from, intervals.size());
        double hours = Numbers.sum(late.stream().map(Interval::hours).toList());
        double wallK = Numbers.sum(late.stream().map(i -> i.k() * i.hours()).toList()) / hours;
        Double celsius = in.numberOrNull("waterTemperatureC");
        if (celsius != null) {
            wallK *= Water.viscosityPaS(celsius) / Water.viscosityPaS(20);
        }
        double meanFall = Numbers.mean(intervals.stream().map(Interval::fall).toList());
        double lateFall = Numbers.sum(late.stream().map(i -> i.from() - i.to()).toList()) / hours;
        Entered last = levels.get(levels.size() - 1);
        double left = last.has("refilledToMm") ? last.number("refilledToMm") : depth(last, hole);
        boolean falls = wallK > 0;
        out.measure("meanFall", meanFall, "mm/h")
                .measure("lateFall", lateFall, "mm/h")
                .measure("wallK", wallK, "mm/h")
                .measure("standardRate", STANDARD_FALL * wallK, "mm/h")
                .measure(
                        "hoursToEmpty",
                        falls ? radius / (2 * wallK) * Math.log((left + radius / 2) / (radius / 2)) : null,
                        "h");
        if (steady) {
            out.because("steady-plateau", Map.of("from", from + 1, "k", wallK));
        } else {
            out.because("last-interval", Map.of("k", wallK)).flag("not-steady-yet");
        }
        out.word("planting", planting(STANDARD_FALL * wallK));
        out.because("standard-hole", Map.of("rate", STANDARD_FALL * wallK));
        if (!in.yes("presoaked")) {
            out.flag("not-presoaked");
        }
        if (!falls) {
            out.flag("no-fall");
        }
        Curves.Narrowing narrowing = Curves.Narrowing.of(context);
        if ("rain-garden".equals(context.purpose())) {
            out.score(curves.place("rain-garden", narrowing, wallK));
        } else {
            double x = switch (in.word("rateRule")) {
                case "late-fall" -> lateFall;
                case "mean-fall" -> meanFall;
                default -> STANDARD_FALL * wallK;
            };
            out.score(curves.place("percolation", narrowing, x));
        }
    }

    /** What kind of plants bear such a fall in a standard hole, mm/h. */
    private static String planting(double rate) {
        return PLANTING.get(rate < 10 ? 0 : rate < 25 ? 1 : rate <= 100 ? 2 : 3);
    }

    private static double depth(Entered level, Double holeMm) {
        Double above = level.numberOrNull("depthMm");
        return above != null ? above : holeMm - (level.has("fromTopMm") ? level.number("fromTopMm") : 0);
    }

    /** An empty hole falls no further: what was read after the first zero says nothing. */
    private static List<Entered> untilEmpty(List<Entered> levels, double hole) {
        List<Entered> kept = new ArrayList<>();
        for (Entered level : levels) {
            kept.add(level);
            if (depth(level, hole) <= 0 && !level.has("refilledToMm")) {
                break;
            }
        }
        return kept.size() < 2 ? levels : kept;
    }

    private static List<Interval> intervals(List<Entered> levels, double hole, double radius) {
        List<Interval> intervals = new ArrayList<>();
        for (int i = 1; i < levels.size(); i++) {
            Entered before = levels.get(i - 1);
            double from = before.has("refilledToMm") ? before.number("refilledToMm") : depth(before, hole);
            double to = depth(levels.get(i), hole);
            double hours = (levels.get(i).number("minutes") - before.number("minutes")) / 60;
            double k = radius / 2 * Math.log((from + radius / 2) / (to + radius / 2)) / hours;
            intervals.add(new Interval(hours, from, to, k));
        }
        return intervals;
    }

    /** The earliest interval from which all, two at least, lie within 20 % of their median; else the last alone. */
    private static int plateau(List<Interval> intervals) {
        for (int i = 0; i < intervals.size() - 1; i++) {
            List<Double> rest = intervals.subList(i, intervals.size()).stream()
                    .map(Interval::k)
                    .toList();
            double median = Numbers.median(rest);
            // The bound is inclusive; a hair of arithmetic must not decide.
            double bound = PLATEAU * Math.abs(median) * (1 + 1e-12);
            if (rest.stream().allMatch(k -> Math.abs(k - median) <= bound)) {
                return i;
            }
        }
        return intervals.size() - 1;
    }
}
