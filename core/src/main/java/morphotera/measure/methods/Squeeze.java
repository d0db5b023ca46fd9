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
import morphotera.measure.Evaluation;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.Method;
import morphotera.measure.Result;
import morphotera.measure.Step;

/** Whether soil is fit to work today, by a handful squeezed and touched. Words only. */
final class Squeeze implements Method {
    private static final Map<String, String> FIT =
            Map.of("none", "falls-apart", "breaks-at-touch", "fit", "dents", "too-wet", "stays", "too-wet");

    private static final Description DESCRIPTION = Description.of("squeeze", "Squeeze")
            .purpose("Whether the soil is fit to work today")
            .group(Group.CONTEXT)
            .grade(Grade.B)
            .judged()
            .about(
                    "A handful from working depth squeezed into a ball and touched with a finger: fit to work, too wet, or so dry "
                            + "that it falls apart.")
            .gear(tool("spade"))
            .variants(new Description.Variant(
                    "hand",
                    "By hand",
                    List.of(Step.field(
                                    "squeeze-touch",
                                    "Squeeze a handful, touch the ball",
                                    "From the depth to be worked.",
                                    30)
                            .enters("ball"))))
            .fields(Entry.choice(
                            "ball",
                            "The ball",
                            option("none", "No ball", "It falls apart: dry."),
                            option("breaks-at-touch", "Breaks at a touch", "Crumbles when a finger presses it."),
                            option("dents", "Dents", "The finger leaves its mark."),
                            option("stays", "Stays", "Shines, sticks, keeps its shape."))
                    .drawn())
            .checks(new Description.Check("depth", "Was it from the depth that will be worked?"))
            .results(Result.word(
                    "fit", "Fit to work", "by how the ball takes a finger", List.of("falls-apart", "fit", "too-wet")))
            .source("Workability by hand; a field rule near the lower plastic limit")
            .words(Map.ofEntries(
                    entry("fit", "It crumbles at a touch: fit to work."),
                    entry("too-wet", "Too wet to work: it would smear and pack."),
                    entry("falls-apart", "Falls apart: dry enough for wheels, hard on a tilth.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        String fit = FIT.get(in.word("ball"));
        out.word("fit", fit).because(fit);
    }
}
