package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.perSpot;
import static morphotera.measure.Description.tool;

import java.util.List;
import java.util.Map;
import morphotera.measure.CarbonateClass;
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

/** Carbonate by how dilute acid fizzes: percent with the low and high end of each class. Dolomite answers late. */
final class CarbonateFizz implements Method {
    private static final Description DESCRIPTION = Description.of("carbonate-fizz", "Carbonate by acid")
            .purpose("Whether the soil holds free carbonate")
            .group(Group.CONTEXT)
            .grade(Grade.A)
            .judged()
            .about(
                    "Drops of dilute acid on two crumbs, judged after half a minute. Carbonate holds the pH high and uses up sulphur; "
                            + "the stronger the foam, the more there is.")
            .cost(0.1)
            .gear(
                    tool("dropper of ready-made 1 M acid in a second box"),
                    tool("goggles and gloves"),
                    tool("bicarbonate for spills"),
                    tool("water for eyes and skin, 1 l"),
                    perSpot("white tile or dish", 1, null))
            .cautions(
                    "Ready-made 1 M acid in a small dropper inside a second box; never mixed in the field, never near bleach.",
                    "Not on ash, works ground, black mud or fill: poison gas.",
                    "Goggles and gloves. On skin or eyes: running water for 15 minutes and medical help.",
                    "Bicarbonate is for spills only, never for skin or eyes.",
                    "Household vinegar is the safe weak stand-in; it shows strong carbonate only.")
            .heedFirst()
            .variants(new Description.Variant(
                    "acid",
                    "Drops of acid",
                    List.of(
                            Step.field(
                                    "goggles-gloves",
                                    "Goggles and gloves on",
                                    "Read the cautions. Wind from behind.",
                                    60),
                            Step.field("drop", "Three drops on each of two crumbs", "Fresh broken faces.", 15)
                                    .watched(30, 45),
                            Step.field("judge", "Look and listen", "Dolomite answers late: look once more.", 30)
                                    .enters("reaction", "depthCm"),
                            Step.field("rinse-cap", "Cap the dropper, rinse the tile", "Into the second box.", 30))))
            .fields(CarbonateClass.field("reaction", "After 30 s"), Entry.SAMPLE_DEPTH)
            .checks(new Description.Check("fresh", "Was it soil that fizzed, not a piece of stone or shell?"))
            .results(
                    Result.number("percent", "Carbonate, about", "%", "by the reaction's class"),
                    Result.number("low", "At least", "%", "low end of the class"),
                    Result.number("high", "At most", "%", "high end of the class"))
            .source("Reaction classes to 1 M hydrochloric acid after common soil description guides")
            .words(Map.ofEntries(
                    entry("range", "Between {low} and {high} % carbonate."),
                    entry("rough", "The two strongest are told apart only roughly.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        CarbonateClass share = CarbonateClass.of(in.word("reaction"));
        out.measure("percent", share.percent(), "%")
                .measure("low", share.low(), "%")
                .measure("high", share.high(), "%")
                .because("range", Map.of("low", share.low(), "high", share.high()));
        if (share.percent() >= CarbonateClass.of("thick-foam").percent()) {
            out.because("rough");
        }
    }
}
