package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Entry.option;

import java.util.List;
import java.util.Map;
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

/** What a wetted handful smells of: earthy 100, none 50, sour 0. Sour also speaks for lack of air. */
final class Smell implements Method {
    private static final Map<String, Double> SCORE = Map.of("earthy", 100.0, "none", 50.0, "sour", 0.0);

    /** What a nose tells apart, here and in a pit. */
    static final Entry SCALE = Entry.choice(
                    "smell",
                    "Smell",
                    option("earthy", "Earthy", "Fresh, like a wood after rain."),
                    option("none", "None", "Of nothing, or of dust."),
                    option("sour", "Sour", "Sour, foul, of rot."))
            .drawn();

    private static final Description DESCRIPTION = Description.of("smell", "Smell")
            .purpose("Whether the soil smells alive")
            .group(Group.LIFE)
            .grade(Grade.B)
            .day(Day.MOIST_SOIL)
            .judged()
            .about(
                    "A handful from under the litter, wetted, held at a hand's width. Earthy is the smell of life at work; sour or "
                            + "rotten speaks of lack of air.")
            .gear(tool("spade"), tool("water bottle"))
            .cautions("Never on ground that may be polluted.", "Rotten eggs: leave the pit.")
            .heedFirst()
            .variants(new Description.Variant(
                    "block",
                    "From the block",
                    List.of(
                            Step.block(),
                            Step.field(
                                            "take-wet-smell",
                                            "Take a handful, wet it, smell it",
                                            "At a hand's width, away from engines.",
                                            35)
                                    .enters("smell"))))
            .fields(SCALE)
            .checks(new Description.Check("fresh", "Was it a fresh face, wetted?"))
            .results(Result.word("smell", "Smell", "earthy 100, none 50, sour 0", List.of("earthy", "none", "sour"))
                    .onTheDay())
            .source("A field rule; geosmin as a sign of life after Gerber and Lechevalier 1965")
            .words(Map.ofEntries(
                    entry("earthy", "Earthy: life at work."),
                    entry("none", "No smell: little at work."),
                    entry("sour", "Sour: too little air.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        String smell = in.word("smell");
        out.word("smell", smell).score(SCORE.get(smell)).because(smell);
    }
}
