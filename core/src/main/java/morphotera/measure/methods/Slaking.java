package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.perSpot;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Entry.option;

import java.util.ArrayList;
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
import morphotera.measure.Water;

/**
 * Whether crumbs hold together in water. Each crumb scores by when it fell: still 20·s/60 to one minute, then 20 + 25·(s −
 * 60)/540 to ten; gentle swirl 45, strong swirl 70, never 100. Where only a share p fell, p of its stage and the rest of
 * the next. The score is the mean of the crumbs that are not stones.
 */
final class Slaking implements Method {
    private static final int FEWEST = 3;

    private static final Description DESCRIPTION = Description.of("slaking", "Slaking")
            .purpose("Whether crumbs hold together in water")
            .group(Group.STRUCTURE)
            .grade(Grade.A)
            .judged()
            .about(
                    "Air-dry crumbs are laid in rain water and watched, then swirled gently and strongly. Crumbs that fall apart by "
                            + "themselves seal the surface under rain.")
            .gear(
                    perSpot("shallow dish", 1, null),
                    perSpot("rain or distilled water", 0.2, "l"),
                    perSpot("bag or box for drying crumbs", 1, null),
                    tool("sieve, 3 and 5 mm"))
            .variants(
                    new Description.Variant("dried-later", "Gather now, dry at home", driedLater()),
                    new Description.Variant("dry-in-hand", "Dry crumbs in hand", wet(Step.When.FIELD)),
                    new Description.Variant(
                            "ten-minute", "Ten minutes, no swirling", List.of(lay().watched(600, 630), press())))
            .fields(
                    Entry.SAMPLE_DEPTH,
                    Entry.choice(
                            "crumbState",
                            "Crumbs",
                            option("air-dry", "Air-dry", "Dried a day or more, light and pale."),
                            option("field-moist", "Field-moist", "As dug. Never compared with dry crumbs.")),
                    Water.field(),
                    Entry.list(
                                    "crumbs",
                                    "Crumbs",
                                    1,
                                    5,
                                    Entry.choice(
                                                    "fellAt",
                                                    "Fell apart",
                                                    option(
                                                            "still",
                                                            "in still water",
                                                            "By itself, before any swirling."),
                                                    option(
                                                            "gentle",
                                                            "at a gentle swirl",
                                                            "The dish tilted slowly, five times."),
                                                    option(
                                                            "strong",
                                                            "at a strong swirl",
                                                            "The dish turned fast, five times."),
                                                    option("never", "never", "Still a crumb when pressed."))
                                            .drawn(),
                                    Entry.number("seconds", "After", "s", 0, 600)
                                            .aboveZero()
                                            .optional()
                                            .hint("Only for still water."),
                                    Entry.share("share", "Part that fell").preset(1.0),
                                    Entry.yesNo("stone", "A stone").preset(false))
                            .by(Entry.Part.SPECIMENS))
            .checks(
                    new Description.Check("pressed", "Was each that is left pressed, and every stone struck out?"),
                    new Description.Check("placed", "Were the crumbs placed, not dropped?"))
            .results(
                    Result.number(
                                    "crumbScore",
                                    "Each crumb",
                                    "score",
                                    "still 20 × s ÷ 60, gentle 45, strong 70, never 100")
                            .each(),
                    Result.word(
                            "verdict",
                            "Most crumbs",
                            "the commonest of still poor, gentle fair, strong or never good",
                            List.of("poor", "fair", "good")))
            .source("A field form of slaking in water after Emerson 1967, with three stages of disturbance")
            .words(Map.ofEntries(
                    entry("crumbs", "Crumbs counted: {n:0}, from {lowest:0} to {highest:0}."),
                    entry("stones", "{n:0} struck out as stone."),
                    entry("few-crumbs", "Under three crumbs counted: lay more before you trust it."),
                    entry("moist-crumbs", "Moist crumbs hold longer than dry ones; never compared with dry.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    private static Step lay() {
        return Step.field(
                        "lay",
                        "Lay the crumbs in water",
                        "Place each, never drop it. Start the clock with the last crumb, then watch.",
                        45)
                .enters("crumbState", "water", "depthCm");
    }

    private static Step press() {
        return Step.field(
                        "press-stones-enter",
                        "Press what is left",
                        "A crumb gives way between thumb and finger. A stone does not: strike it out.",
                        60)
                .enters("crumbs");
    }

    private static List<Step> wet(Step.When when) {
        List<Step> steps = List.of(
                lay().watched(60, 62),
                Step.field(
                                "note-swirl-gently",
                                "Note what fell, then swirl gently",
                                "Tilt the dish slowly, five times. Touch each crumb that falls now.",
                                15)
                        .enters("crumbs"),
                Step.field(
                                "swirl-strongly",
                                "Swirl strongly",
                                "Turn the dish fast, five times. Touch each crumb that falls now.",
                                15)
                        .enters("crumbs"),
                press());
        return when == Step.When.LATER ? steps.stream().map(Step::later).toList() : steps;
    }

    private static List<Step> driedLater() {
        List<Step> steps = new ArrayList<>();
        steps.add(Step.field("gather", "Gather crumbs of 3 to 5 mm", "Two dozen, from the depth in hand.", 60));
        steps.add(Step.field("dry", "Let them dry in the air", "A day or more, out of the sun.", 0)
                .later()
                .waits(86_400, 604_800));
        steps.addAll(wet(Step.When.LATER));
        return List.copyOf(steps);
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        List<Entered> crumbs = in.list("crumbs");
        for (int i = 0; i < crumbs.size(); i++) {
            Entered crumb = crumbs.get(i);
            String path = "/reading/crumbs/" + i + "/seconds";
            boolean still = "still".equals(crumb.wordOrNull("fellAt"));
            if (still && !crumb.has("seconds") && !crumb.yes("stone")) {
                check.refuse(path, "missing", "Say after how many seconds it fell, up to 600.");
            }
            if (crumb.has("fellAt") && !still && crumb.has("seconds")) {
                check.refuse(path, "not-here", "Seconds are only for a crumb that fell in still water.");
            }
        }
        if (!crumbs.isEmpty() && crumbs.stream().allMatch(crumb -> crumb.yes("stone"))) {
            check.refuse("/reading/crumbs", "only-stones", "Every crumb is struck out as a stone; lay new ones.");
        }
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        List<Entered> crumbs =
                in.list("crumbs").stream().filter(crumb -> !crumb.yes("stone")).toList();
        List<Double> scores = crumbs.stream().map(Slaking::score).toList();
        for (int i = 0; i < scores.size(); i++) {
            out.each("crumbScore", scores.get(i), "score", i);
        }
        out.word("verdict", verdict(crumbs)).score(Numbers.mean(scores));
        out.because(
                "crumbs",
                Map.of("n", scores.size(), "lowest", Numbers.lowest(scores), "highest", Numbers.highest(scores)));
        int stones = in.list("crumbs").size() - crumbs.size();
        if (stones > 0) {
            out.because("stones", Map.of("n", stones));
        }
        if (scores.size() < FEWEST) {
            out.flag("few-crumbs");
        }
        if (in.word("crumbState").equals("field-moist")) {
            out.flag("moist-crumbs");
        }
    }

    private static double score(Entered crumb) {
        double share = crumb.number("share");
        return switch (crumb.word("fellAt")) {
            case "still" -> share * still(crumb.number("seconds")) + (1 - share) * 45;
            case "gentle" -> share * 45 + (1 - share) * 70;
            case "strong" -> share * 70 + (1 - share) * 100;
            default -> 100;
        };
    }

    private static double still(double seconds) {
        return seconds <= 60 ? 20 * seconds / 60 : 20 + 25 * (seconds - 60) / 540;
    }

    /** The commonest of poor, fair, good; a tie goes to the worse. */
    private static String verdict(List<Entered> crumbs) {
        int poor = 0;
        int fair = 0;
        for (Entered crumb : crumbs) {
            String fell = crumb.word("fellAt");
            poor += fell.equals("still") ? 1 : 0;
            fair += fell.equals("gentle") ? 1 : 0;
        }
        int good = crumbs.size() - poor - fair;
        return poor >= fair && poor >= good ? "poor" : fair >= good ? "fair" : "good";
    }
}
