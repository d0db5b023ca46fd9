package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.perSpot;
import static morphotera.measure.Entry.option;

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
 * Whether clay leaves fresh crumbs as a milky halo (after Emerson 1967): looked for at 10 and 30 minutes, and at two hours
 * where there is time. Score by the first two looks, less what a stronger halo at two hours takes off; mean of the crumbs.
 */
final class Dispersion implements Method {
    private static final List<String> CLOUD = List.of("none", "faint", "strong");
    private static final List<String> LOOKS = List.of("cloudAt10", "cloudAt30", "cloudAt120");
    private static final double[] AT_10_ONLY = {100, 50, 10};
    /** By the look at 10 (row) and at 30 (column); a cloud does not clear. */
    private static final double[][] AT_10_AND_30 = {{100, 75, 40}, {0, 50, 25}, {0, 0, 5}};

    private static final double NONE_TO_FAINT = 15;
    private static final double NONE_TO_STRONG = 45;
    private static final double FAINT_TO_STRONG = 25;
    private static final double SALTY_FROM = 4;

    private static final Description DESCRIPTION = Description.of("dispersion", "Dispersion")
            .purpose("Whether the clay lets go in water")
            .group(Group.STRUCTURE)
            .grade(Grade.A)
            .day(Day.NOT_DRY)
            .judged()
            .about(
                    "Fresh crumbs in a dish of their own, never swirled: swirling clouds any soil. A milky halo around a crumb is clay "
                            + "that lets go, most often because sodium holds it.")
            .gear(perSpot("shallow dish of its own", 1, null), perSpot("rain or distilled water", 0.2, "l"))
            .variants(
                    new Description.Variant("half-hour", "Ten and thirty minutes", List.of(lay(), look10(), look30())),
                    new Description.Variant(
                            "two-hours",
                            "And at two hours",
                            List.of(
                                    lay(),
                                    look10(),
                                    look30().waits(5100, 5700),
                                    Step.field("look-2h", "Look once more", "Slow sodic clays show late.", 15)
                                            .enters("crumbs"))))
            .fields(
                    Entry.SAMPLE_DEPTH,
                    Water.field(),
                    Entry.list(
                                    "crumbs",
                                    "Crumbs",
                                    1,
                                    5,
                                    halo("cloudAt10", "At 10 min"),
                                    halo("cloudAt30", "At 30 min").optional(),
                                    halo("cloudAt120", "At 2 h").optional())
                            .by(Entry.Part.SPECIMENS))
            .checks(
                    new Description.Check("still", "Was the dish left alone, never swirled or moved?"),
                    new Description.Check("halo", "Is it a halo in the water, not the crumb's own slope?"))
            .results(Result.number(
                            "crumbScore",
                            "Each crumb",
                            "score",
                            "by the halo at 10 and 30 min, less 15 to 45 where it is stronger at 2 h")
                    .each()
                    .onTheDay())
            .source("Emerson 1967; Loveday and Pyle 1973")
            .words(Map.ofEntries(
                    entry("crumbs", "{clear:0} of {n:0} crumbs without a halo."),
                    entry("water", "Tap water's salts hold clay together: no halo proves nothing."),
                    entry("salt-hides", "Salt keeps clay together at 4 dS/m or more: no halo proves nothing.")))
            .build();

    private static Step lay() {
        return Step.field(
                        "lay-own-dish",
                        "Lay fresh crumbs in a dish of their own",
                        "Place them; never move the dish again.",
                        45)
                .waits(555, 645)
                .enters("water", "depthCm");
    }

    private static Step look10() {
        return Step.field("look-10", "Look for a halo", "Against a dark ground, from above.", 15)
                .waits(1140, 1260)
                .enters("crumbs");
    }

    private static Step look30() {
        return Step.field("look-30", "Look again", "The same crumbs in the same order.", 15)
                .enters("crumbs");
    }

    private static Entry halo(String key, String label) {
        return Entry.choice(
                        key,
                        label,
                        option("none", "none", "The water stays clear."),
                        option("faint", "faint", "A thin milky rim close to the crumb."),
                        option("strong", "strong", "A milky cloud that spreads over the bottom."))
                .drawn();
    }

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        List<Entered> crumbs = in.list("crumbs");
        for (int i = 0; i < crumbs.size(); i++) {
            int before = -1;
            for (String look : LOOKS) {
                int cloud = cloud(crumbs.get(i), look);
                if (cloud >= 0 && cloud < before) {
                    check.refuse(
                            "/reading/crumbs/" + i + "/" + look, "backward", "A cloud does not clear; look again.");
                }
                before = Math.max(before, cloud);
            }
        }
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        List<Double> scores = in.list("crumbs").stream().map(Dispersion::score).toList();
        for (int i = 0; i < scores.size(); i++) {
            out.each("crumbScore", scores.get(i), "score", i);
        }
        long clear = scores.stream().filter(score -> score == 100).count();
        out.score(Numbers.mean(scores)).because("crumbs", Map.of("clear", clear, "n", scores.size()));
        if (in.word("water").equals("tap")) {
            out.flag("water");
        }
        if (context.ece() != null && context.ece() >= SALTY_FROM) {
            out.flag("salt-hides");
        }
    }

    private static double score(Entered crumb) {
        int at10 = cloud(crumb, "cloudAt10");
        int at30 = cloud(crumb, "cloudAt30");
        int last = Math.max(at10, at30);
        double score = at30 < 0 ? AT_10_ONLY[at10] : AT_10_AND_30[at10][at30];
        int at120 = Math.max(last, cloud(crumb, "cloudAt120"));
        if (at120 == last) {
            return score;
        }
        return score - (last == 1 ? FAINT_TO_STRONG : at120 == 1 ? NONE_TO_FAINT : NONE_TO_STRONG);
    }

    /** The step of the cloud at a look, −1 where nobody looked. */
    private static int cloud(Entered crumb, String look) {
        return crumb.has(look) ? CLOUD.indexOf(crumb.word(look)) : -1;
    }
}
