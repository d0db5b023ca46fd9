package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.perSpot;
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

/** Microbial carbon by a shaken extract read on a card, µg C per g of soil. A heuristic that others dispute. */
final class MicrobialMass implements Method {
    private static final Description DESCRIPTION = Description.of("microbial-mass", "Microbial mass")
            .purpose("How much carbon is in microbes")
            .group(Group.LIFE)
            .grade(Grade.C)
            .ofSamples()
            .about(
                    "A shaken extract read by a card with a closing window: stir half a minute, rest five, tap, rest fifteen, three "
                            + "drops each soaked in, read within two minutes.")
            .cost(9)
            .gear(perSpot("extract vial", 1, null), perSpot("card", 1, null), tool("measuring spoon"), tool("timer"))
            .variants(new Description.Variant(
                    "card",
                    "Card",
                    List.of(
                            Step.field(
                                            "gather-measure",
                                            "Take soil, measure a level spoon",
                                            "Roots and stones out.",
                                            85)
                                    .enters("charWithinSixMonths"),
                            Step.field("stir", "Stir for half a minute", "Then leave it.", 30)
                                    .waits(300, 330),
                            Step.field("tap", "Tap the vial", "Bubbles off.", 10)
                                    .waits(900, 960),
                            Step.field("three-drops", "Three drops on the card", "Each soaked in before the next.", 60)
                                    .watched(0, 120),
                            Step.field("read", "Read the card", "Within two minutes of the last drop.", 20)
                                    .enters("microgramsCPerG"))))
            .fields(
                    Entry.number("microgramsCPerG", "Microbial carbon", "µg/g", 0, 10_000),
                    Entry.yesNo("charWithinSixMonths", "Char spread within six months")
                            .preset(false))
            .checks(new Description.Check("window", "Was it read within two minutes of the last drop?"))
            .results(Result.number("microgramsCPerG", "Microbial carbon", "µg/g", "as read")
                    .through())
            .curves("microbial-mass")
            .source("Card readings of a shaken extract; limits are a practitioner's heuristic")
            .words(Map.ofEntries(
                    entry("read", "{mass:0} µg C in a gram of soil."),
                    entry("char", "Fresh char takes up the colour: the reading is not sure.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        double mass = in.number("microgramsCPerG");
        out.measure("microgramsCPerG", mass, "µg/g")
                .because("read", Map.of("mass", mass))
                .score(curves.place("microbial-mass", context, mass));
        if (in.yes("charWithinSixMonths")) {
            out.flag("char");
        }
    }
}
