package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.tool;

import java.util.List;
import java.util.Map;
import morphotera.measure.Context;
import morphotera.measure.Curves;
import morphotera.measure.Description;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.Evaluation;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.Method;
import morphotera.measure.Result;
import morphotera.measure.Step;

/** This zone's yield against the best of the holding's zones: 100·min(1, yield/best). */
final class Yield implements Method {
    private static final Description DESCRIPTION = Description.of("yield", "Yield")
            .purpose("What the zone yields against the best of the holding")
            .group(Group.PLANTS)
            .grade(Grade.A)
            .about(
                    "The harvest of this zone beside the best zone of the holding in the same year and crop. Plants judged by what they "
                            + "gave, for the question whether soil and plants are in step.")
            .gear(tool("harvest record"))
            .variants(new Description.Variant(
                    "record",
                    "From the harvest record",
                    List.of(Step.field("enter", "Enter the yields", "Same crop, same year.", 60)
                            .later()
                            .enters("tPerHa", "year", "bestTPerHa"))))
            .fields(
                    Entry.number("tPerHa", "Yield", "t/ha", 0, 300),
                    Entry.number("year", "Year", null, 1900, 2200).counted().by(Entry.Part.NUMBER),
                    Entry.number("bestTPerHa", "Best zone of the holding", "t/ha", 0, 300)
                            .aboveZero())
            .checks(new Description.Check("same-crop", "Are both yields of the same crop and year?"))
            .results(Result.number("ofBest", "Of the best", "share", "yield ÷ best")
                    .through())
            .source("The holding's own harvest record")
            .words(Map.ofEntries(entry("of-best", "{yield:2} of {best:2} t/ha in {year:0}.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        double ofBest = in.number("tPerHa") / in.number("bestTPerHa");
        out.measure("ofBest", ofBest, "share")
                .score(100 * Math.min(1, ofBest))
                .because(
                        "of-best",
                        Map.of(
                                "yield",
                                in.number("tPerHa"),
                                "best",
                                in.number("bestTPerHa"),
                                "year",
                                in.number("year")));
    }
}
