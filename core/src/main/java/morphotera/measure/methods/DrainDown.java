package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Description.water;

import java.util.List;
import java.util.Map;
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

/**
 * The quick form of the percolation hole: wetted once, filled again, watched until empty. From a first fall, hours =
 * (depth + 75)·ln((depth + 75)/75)/rate, mm and mm/h, for the fall slows as the hole empties.
 */
final class DrainDown implements Method {
    /** Half of the radius of the hole 300 mm wide that this form asks for. */
    private static final double HALF_RADIUS_MM = 75;

    private static final double REPEAT_OVER_HOURS = 18;
    private static final double QUARTER_HOUR = 15;
    /** A hole that does not drain is read at the far end of the curve, two weeks. */
    private static final double LONGEST_HOURS = 336;

    private static final Description DESCRIPTION = Description.of("drain-down", "Drain-down")
            .purpose("Whether a filled hole empties in a day")
            .group(Group.WATER)
            .grade(Grade.B)
            .day(Day.UNFROZEN)
            .about(
                    "A hole about 300 mm wide and 150 to 200 deep, filled once to wet it, filled again and watched until it is "
                            + "empty, or for its first quarter of an hour.")
            .gear(
                    tool("spade"),
                    tool("ruler"),
                    tool("cover for the hole"),
                    water(
                            "water, two fills: 25 l for a hole 300 mm wide and 175 deep",
                            new Description.Fill("holeWidthMm", 300, "holeDepthMm", 175, 2)))
            .cautions("Ask the dig-safe service before digging.", "Cover the hole while it stands open.")
            .variants(new Description.Variant(
                    "quarter-hour",
                    "A quarter of an hour, then until empty",
                    List.of(
                            Step.field(
                                            "dig-wet",
                                            "Dig the hole and fill it once",
                                            "About 300 mm wide, sides rough.",
                                            240)
                                    .waits(900, 86_400)
                                    .enters("holeDepthMm", "wetted"),
                            Step.field("fill-start", "Fill it again, start the clock", "To the brim.", 45)
                                    .waits(840, 960),
                            Step.field("read-15-cover", "Read how far it fell, cover it", "The true minutes count.", 45)
                                    .enters("dropMm", "afterMinutes"),
                            Step.field("empty-hour", "Note when it was empty", "Ask the grower to look.", 60)
                                    .later()
                                    .enters("hoursToEmpty"))))
            .fields(
                    Entry.mm("holeDepthMm", "Hole depth").aboveZero().hint("150 to 200 mm."),
                    Entry.yesNo("wetted", "Filled and drained once before"),
                    Entry.hours("hoursToEmpty", "Empty after").optional(),
                    Entry.mm("dropMm", "Fell by").optional(),
                    Entry.minutes("afterMinutes", "After").aboveZero().optional())
            .checks(
                    new Description.Check("wetted", "Was it filled and drained once before the clock?"),
                    new Description.Check("brim", "Was the fall read from the same mark?"))
            .results(
                    Result.number("hours", "Time to empty", "h", "read, or (depth + 75) × ln((depth + 75) ÷ 75) ÷ rate")
                            .onTheDay(),
                    Result.number("dropRate", "First fall", "mm/h", "fall ÷ hours")
                            .through()
                            .onTheDay())
            .curves("drain-hours", "drain-quick")
            .source("Percolation of a shallow hole by its falling head (van Hoorn 1979); limits are field rules")
            .words(Map.ofEntries(
                    entry("watched", "Empty after {hours} h."),
                    entry("first-fall", "Fell {drop:0} mm in {minutes:0} min: empty in about {hours} h."),
                    entry("no-fall", "The water did not fall: no time to empty."),
                    entry("dry-hole", "Not wetted first: dry soil drinks, so it is not scored."),
                    entry("repeat-as-hole", "Over 18 hours: read it as a percolation hole before a decision.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        boolean fall = in.has("dropMm") || in.has("afterMinutes");
        if (in.has("hoursToEmpty") && fall) {
            check.refuse(
                    "/reading/hoursToEmpty", "given-twice", "Give the hours to empty or the first fall, one of them.");
        } else if (!in.has("hoursToEmpty") && !fall) {
            check.refuse(
                    "/reading/hoursToEmpty", "missing", "Give the hours to empty, or the first fall and its minutes.");
        } else if (fall && in.has("dropMm") != in.has("afterMinutes")) {
            String key = in.has("dropMm") ? "afterMinutes" : "dropMm";
            check.refuse("/reading/" + key, "missing", "A fall needs both: by how much, and after how many minutes.");
        }
        if (in.has("dropMm") && in.has("holeDepthMm") && in.number("dropMm") > in.number("holeDepthMm")) {
            check.refuse("/reading/dropMm", "outside-hole", "The water cannot fall further than the hole is deep.");
        }
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        boolean garden = "rain-garden".equals(context.purpose());
        Double hours = in.numberOrNull("hoursToEmpty");
        Curves.Placed placed;
        if (hours != null) {
            out.measure("hours", hours, "h").because("watched", Map.of("hours", hours));
            placed = curves.place("drain-hours", context, hours);
        } else {
            double drop = in.number("dropMm");
            double minutes = in.number("afterMinutes");
            double rate = drop / (minutes / 60);
            double full = in.number("holeDepthMm") + HALF_RADIUS_MM;
            hours = rate > 0 ? full * Math.log(full / HALF_RADIUS_MM) / rate : null;
            out.measure("dropRate", rate, "mm/h").measure("hours", hours, "h");
            if (hours == null) {
                out.flag("no-fall");
            } else {
                out.because("first-fall", Map.of("drop", drop, "minutes", minutes, "hours", hours));
            }
            placed = garden
                    ? curves.place("drain-hours", context, hours == null ? LONGEST_HOURS : hours)
                    : curves.place("drain-quick", context, drop * QUARTER_HOUR / minutes);
        }
        if (in.yes("wetted")) {
            out.score(placed);
        } else {
            out.flag("dry-hole");
        }
        if (hours != null && hours > REPEAT_OVER_HOURS) {
            out.flag("repeat-as-hole");
        }
    }
}
