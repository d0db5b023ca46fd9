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

/** How much of the ground is covered: cover = live + litter, percent of all points; on stony ground half of the stone counts as mulch. */
final class GroundCover implements Method {
    private static final List<String> KINDS = List.of("live", "litter", "stone", "bare");
    private static final double STONY_FROM = 30;
    private static final int FEWEST_HITS = 20;

    private static final Description DESCRIPTION = Description.of("ground-cover", "Ground cover")
            .purpose("How much of the ground is covered")
            .group(Group.WATER)
            .grade(Grade.A)
            .about(
                    "Points under a knotted line, or shares by eye, or a photograph counted: living plants, litter, stone and bare "
                            + "ground. Bare ground seals, dries and is carried off.")
            .gear(tool("line with 50 knots"), tool("two pegs"))
            .variants(
                    new Description.Variant(
                            "line",
                            "Knotted line",
                            List.of(
                                    Step.field("lay-line", "Lay the line across the rows", "Tight, on the ground.", 40),
                                    Step.field(
                                                    "fifty-points",
                                                    "Call what lies under each knot",
                                                    "Straight down, the knot's own edge.",
                                                    150)
                                            .enters("hits"),
                                    Step.field("enter", "Enter the shares", "They make 100.", 10)
                                            .enters("live", "litter", "stone", "bare"))),
                    new Description.Variant(
                            "photograph",
                            "Photograph, counted later",
                            List.of(
                                    Step.field(
                                            "photo", "Photograph straight down", "From the height of the chest.", 30),
                                    Step.field(
                                                    "count",
                                                    "Count it on the picture",
                                                    "Tap bare soil, then litter and stone; or call twenty points or more.",
                                                    60)
                                            .later()
                                            .enters("photograph", "live", "litter", "stone", "bare", "hits"))))
            .fields(
                    Entry.group(
                                    "photograph",
                                    "Counted on a photograph",
                                    Entry.text("id", "Which photograph"),
                                    Entry.number("greenLimit", "Limit of green", null, -1, 2)
                                            .optional())
                            .by(Entry.Part.PICTURE)
                            .optional(),
                    Entry.percent("live", "Living plants").by(Entry.Part.SHARES).optional(),
                    Entry.percent("litter", "Litter").by(Entry.Part.SHARES).optional(),
                    Entry.percent("stone", "Stone").by(Entry.Part.SHARES).optional(),
                    Entry.percent("bare", "Bare").by(Entry.Part.SHARES).optional(),
                    Entry.words(
                                    "hits",
                                    "Points",
                                    FEWEST_HITS,
                                    option("live", "Living", "A green part of a plant."),
                                    option("litter", "Litter", "Dead stems, leaves, mulch."),
                                    option("stone", "Stone", "Larger than a thumbnail."),
                                    option("bare", "Bare", "Soil."))
                            .by(Entry.Part.SHARES)
                            .optional()
                            .hint("In place of the shares."))
            .checks(new Description.Check("straight", "Was each point looked at from straight above?"))
            .results(
                    Result.number(
                                    "cover",
                                    "Covered",
                                    "%",
                                    "living + litter, with half of the stone where it is 30 % or more")
                            .through(),
                    Result.number("bare", "Bare", "%", "bare points"))
            .curves("ground-cover")
            .source("Point counts under a line after Levy and Madden 1933; limits after Lang and McCaffrey 1984")
            .words(Map.ofEntries(
                    entry("covered", "{live:0} % living and {litter:0} % litter."),
                    entry("stony", "30 % stone or more: half of it counts as mulch.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        List<String> given = KINDS.stream().filter(in::has).toList();
        if (in.has("hits") && !given.isEmpty()) {
            check.refuse("/reading/hits", "given-twice", "Give points or shares, one of them.");
        } else if (!in.has("hits") && given.isEmpty()) {
            check.refuse("/reading/live", "missing", "Give the four shares, or 20 points or more.");
        } else if (!in.has("hits") && given.size() < KINDS.size()) {
            KINDS.stream()
                    .filter(kind -> !in.has(kind))
                    .forEach(kind -> check.refuse(
                            "/reading/" + kind, "missing", "All four shares are needed, 0 where there is none."));
        }
        check.sumTo100("/reading", in, KINDS);
    }

    private static double sum(Entered in) {
        double sum = 0;
        for (String kind : KINDS) {
            sum += in.number(kind);
        }
        return sum;
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        double live = percent(in, "live");
        double litter = percent(in, "litter");
        double stone = percent(in, "stone");
        boolean stony = stone >= STONY_FROM;
        double cover = live + litter + (stony ? stone / 2 : 0);
        out.measure("cover", cover, "%")
                .measure("bare", percent(in, "bare"), "%")
                .because("covered", Map.of("live", live, "litter", litter))
                .score(curves.place("ground-cover", context, cover));
        if (stony) {
            out.flag("stony");
        }
    }

    private static double percent(Entered in, String kind) {
        List<String> hits = in.words("hits");
        if (hits.isEmpty()) {
            return 100 * in.number(kind) / sum(in);
        }
        return 100.0 * hits.stream().filter(kind::equals).count() / hits.size();
    }
}
