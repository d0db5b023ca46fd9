package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.tool;
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
import morphotera.measure.Evaluation;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.Method;
import morphotera.measure.Result;
import morphotera.measure.Step;

/** What lives on the surface: kinds with one or more inside a quadrat, and how many in a square metre. */
final class SurfaceLife implements Method {
    private static final Description DESCRIPTION = Description.of("surface-life", "Surface life")
            .purpose("How many kinds of small animals live on the surface")
            .group(Group.LIFE)
            .grade(Grade.B)
            .day(Day.MOIST_SOIL)
            .about(
                    "Kinds and individuals inside a quadrat, counted from the edge inward before anything is moved. The first thing "
                            + "at a spot: what can run has gone once a person has stood there.")
            .gear(tool("quadrat, 50 cm"), tool("hand lens"))
            .variants(new Description.Variant(
                    "quadrat",
                    "Quadrat",
                    List.of(
                            Step.field(
                                            "approach-lay",
                                            "Walk up slowly and lay the quadrat",
                                            "Against the sun, no shadow on it.",
                                            20)
                                    .watched(60, 120)
                                    .enters("quadratCm"),
                            Step.field("count-edge-in", "Count from the edge inward", "What runs, first.", 180)
                                    .enters("counts"),
                            Step.field("lift-litter", "Lift the litter, count on", "Piece by piece.", 120),
                            Step.field("enter", "Enter the counts", "0 for what was looked for and not found.", 45))))
            .fields(
                    Entry.cm("quadratCm", "Side of the quadrat").aboveZero().preset(50.0),
                    Entry.counts(
                            "counts",
                            "Counts",
                            option("ants", "Ants", null),
                            option("beetles", "Beetles", null),
                            option("spiders", "Spiders", null),
                            option("springtails", "Springtails", null),
                            option("mites", "Mites", null),
                            option("snails", "Snails and slugs", null),
                            option("woodlice", "Woodlice", null),
                            option("centipedes", "Centipedes and millipedes", null)))
            .checks(new Description.Check("first", "Was it counted before anything here was moved?"))
            .results(
                    Result.number("kinds", "Kinds", null, "names with one or more")
                            .onTheDay(),
                    Result.number("perM2", "In a square metre", "per m²", "all ÷ area of the quadrat")
                            .through()
                            .onTheDay())
            .curves("surface-life")
            .source("Quadrat counts; limits are field rules")
            .words(Map.ofEntries(entry("kinds", "{kinds:0} kinds, {all:0} animals.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        List<Double> counts = List.copyOf(in.counts("counts").values());
        double kinds = counts.stream().filter(count -> count > 0).count();
        double all = Numbers.sum(counts);
        double side = in.number("quadratCm") / 100;
        out.measure("kinds", kinds, null)
                .measure("perM2", all / (side * side), "per m²")
                .because("kinds", Map.of("kinds", kinds, "all", all))
                .score(curves.place("surface-life", context, kinds));
    }
}
