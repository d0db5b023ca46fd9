package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Entry.option;

import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import morphotera.ground.Moisture;
import morphotera.measure.Context;
import morphotera.measure.Curves;
import morphotera.measure.Day;
import morphotera.measure.Description;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.Evaluation;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.Method;
import morphotera.measure.Result;
import morphotera.measure.Step;

/** Earthworms in a sorted block: the mean of the blocks, scaled to 20 × 20 cm; 25 times that in a square metre. */
final class Earthworms implements Method {
    private static final double SIDE_CM = 20;
    private static final double BLOCKS_PER_M2 = 25;
    private static final double COLD_UNDER = 5;
    private static final double WARM_OVER = 20;

    private static final Description DESCRIPTION = Description.of("earthworms", "Earthworms")
            .purpose("How many earthworms live here, and of which kinds")
            .group(Group.LIFE)
            .grade(Grade.A)
            .day(Day.MOIST_SOIL)
            .about(
                    "The block sorted by hand for a fixed time, five minutes, ten in pasture, so that good spots are not searched "
                            + "longer. In cold, heat or drought they have gone down and a low count says nothing.")
            .gear(tool("spade"), tool("white tray"), tool("jar with a little water"), tool("watch"))
            .variants(
                    new Description.Variant("five-minutes", "Five minutes", steps(300)),
                    new Description.Variant("ten-minutes", "Ten minutes, pasture", steps(600)))
            .fields(
                    Entry.cm("sideCm", "Side of the block").aboveZero().preset(SIDE_CM),
                    Entry.cm("depthCm", "Depth of the block").aboveZero().preset(20.0),
                    Entry.list(
                                    "blocks",
                                    "Blocks",
                                    1,
                                    1,
                                    Entry.count("adults", "Grown").hint("With a saddle."),
                                    Entry.count("young", "Young").hint("Without one."),
                                    Entry.words(
                                                    "kinds",
                                                    "Kinds",
                                                    0,
                                                    option("surface", "Surface", "Small, dark red, in the litter."),
                                                    option("soil", "Soil", "Pale, grey or green, in the block."),
                                                    option("deep", "Deep", "Long, dark head, from a hole going down."))
                                            .drawn()
                                            .optional())
                            .by(Entry.Part.COUNT),
                    Entry.yesNo("wormsUnwanted", "Worms are unwanted here")
                            .preset(false)
                            .hint("Sand-based sports turf."))
            .checks(
                    new Description.Check("time", "Was the block sorted for the fixed time, no longer?"),
                    new Description.Check("halves", "Were cut worms counted by their heads?"))
            .results(
                    Result.number("perBlock", "In a 20 cm block", null, "count × 400 ÷ side², mean of the blocks")
                            .onTheDay(),
                    Result.number("perM2", "In a square metre", "per m²", "25 × in a 20 cm block")
                            .through()
                            .onTheDay(),
                    Result.number("youngShare", "Young", "%", "100 × young ÷ all")
                            .onTheDay(),
                    Result.words("kinds", "Kinds seen", "of surface, soil, deep", List.of("surface", "soil", "deep"))
                            .onTheDay())
            .curves("earthworms")
            .source("Hand sorting of a block; limits by use are field rules")
            .words(Map.ofEntries(
                    entry("count", "{block} in a block of 20 cm, {square:0} in a square metre."),
                    entry("unwanted", "Worms are unwanted here: counted, not scored."),
                    entry("season", "Too cold, too warm or too dry: they have gone down, count again in season.")))
            .build();

    private static List<Step> steps(int sortS) {
        return List.of(
                Step.block().enters("sideCm", "depthCm"),
                Step.field("sort", "Sort the block by hand", "For the fixed time. Then stop.", sortS),
                Step.field("count-kinds", "Count, and tell the kinds", "Grown ones have a saddle.", 60)
                        .enters("blocks", "wormsUnwanted"),
                Step.field("return-enter", "Put them back", "Under damp soil, out of the sun.", 30));
    }

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        double adults = 0;
        double young = 0;
        TreeSet<String> kinds = new TreeSet<>();
        List<Entered> blocks = in.list("blocks");
        for (Entered block : blocks) {
            adults += block.number("adults");
            young += block.number("young");
            kinds.addAll(block.words("kinds"));
        }
        double side = in.number("sideCm");
        double all = adults + young;
        double perBlock = all / blocks.size() * SIDE_CM * SIDE_CM / (side * side);
        double perM2 = BLOCKS_PER_M2 * perBlock;
        out.measure("perBlock", perBlock, null)
                .measure("perM2", perM2, "per m²")
                .measure("youngShare", all == 0 ? null : Double.valueOf(100 * young / all), "%")
                .because("count", Map.of("block", perBlock, "square", perM2));
        if (!kinds.isEmpty()) {
            out.word("kinds", List.copyOf(kinds));
        }
        if (in.yes("wormsUnwanted")) {
            out.because("unwanted");
        } else {
            out.score(curves.place("earthworms", context, perBlock));
        }
        Double celsius = context.soilTemperatureC();
        boolean outOfRange = celsius != null && (celsius < COLD_UNDER || celsius > WARM_OVER);
        if (outOfRange || context.moisture() == Moisture.DRY) {
            out.flag("season");
        }
    }
}
