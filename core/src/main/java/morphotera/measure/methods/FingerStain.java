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

/** The stain that wet soil leaves on a finger: none 20, light 60, dark 100. A heuristic; it never enters the field's score. */
final class FingerStain implements Method {
    private static final Map<String, Double> SCORE = Map.of("none", 20.0, "light", 60.0, "dark", 100.0);

    private static final Description DESCRIPTION = Description.of("finger-stain", "Finger stain")
            .purpose("A first look at organic matter")
            .group(Group.CARBON)
            .grade(Grade.C)
            .judged()
            .about(
                    "Wet soil rubbed between the fingers and wiped off. What stains the skin dark is rich in organic matter. A quick "
                            + "look that stays out of the field's score.")
            .gear(tool("water bottle"), tool("cloth"))
            .cautions("Not on ground that may be polluted.")
            .variants(new Description.Variant(
                    "finger",
                    "On a finger",
                    List.of(Step.field("wet-rub-judge", "Wet, rub, wipe, look", "On a clean finger, in shade.", 30)
                            .enters("stain"))))
            .fields(Entry.choice(
                            "stain",
                            "Stain",
                            option("none", "None", "Wipes off clean."),
                            option("light", "Light", "A brown shade stays."),
                            option("dark", "Dark", "A dark brown stays in the lines."))
                    .drawn())
            .checks(new Description.Check("clean", "Was the finger clean before?"))
            .results(Result.word("stain", "Stain", "none 20, light 60, dark 100", List.of("none", "light", "dark")))
            .source("A practitioner's heuristic")
            .words(Map.ofEntries(
                    entry("none", "Wipes off clean: little organic matter."),
                    entry("light", "A brown shade stays."),
                    entry("dark", "A dark stain stays: rich in organic matter.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        String stain = in.word("stain");
        out.word("stain", stain).score(SCORE.get(stain)).because(stain);
    }
}
