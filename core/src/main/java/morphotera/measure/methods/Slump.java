package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.perSpot;
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

/** How an air-dry clod stands after a soak: keeps 100, sags 65, pancakes 30, splatters 5, times 1 − 0.3·lostShare. */
final class Slump implements Method {
    private static final Map<String, Double> SHAPE =
            Map.of("keeps", 100.0, "sags", 65.0, "pancakes", 30.0, "splatters", 5.0);
    private static final double LOST_WEIGHS = 0.3;

    private static final Description DESCRIPTION = Description.of("slump", "Slump")
            .purpose("Whether a clod keeps its shape when soaked")
            .group(Group.STRUCTURE)
            .grade(Grade.B)
            .judged()
            .about(
                    "An air-dry clod soaked in a sieve in a jar of water, lifted, drained and turned out on a board. Made for two to "
                            + "four managements side by side.")
            .gear(
                    perSpot("jar with a sieve in its neck", 1, null),
                    tool("board"),
                    perSpot("rain water", 0.5, "l"),
                    perSpot("box for drying a clod", 1, null))
            .variants(new Description.Variant(
                    "clod",
                    "Soak and turn out",
                    List.of(
                            Step.field(
                                    "gather",
                                    "Gather a clod as large as a fist",
                                    "From the topsoil, one for each management.",
                                    60),
                            Step.field("dry", "Let it dry in the air", "A day or more, out of the sun.", 0)
                                    .later()
                                    .waits(86_400, 604_800),
                            Step.field("soak", "Lower it into the water", "Five to ten minutes, all at once.", 30)
                                    .later()
                                    .waits(300, 600),
                            Step.field("lift-drain", "Lift it and let it drain", "Do not shake it.", 20)
                                    .later()
                                    .watched(30, 60),
                            Step.field(
                                            "turn-out-judge",
                                            "Turn it out and judge its shape",
                                            "And what stayed in the water.",
                                            50)
                                    .later()
                                    .enters("shape", "lostShare"),
                            Step.field("rinse", "Rinse the sieve", "Before the next clod.", 30)
                                    .later())))
            .fields(
                    Entry.choice(
                                    "shape",
                                    "On the board",
                                    option("keeps", "Keeps its shape", "As it went in."),
                                    option("sags", "Sags", "Rounded, still a heap."),
                                    option("pancakes", "Pancakes", "Flat, edges run."),
                                    option("splatters", "Splatters", "A puddle of mud."))
                            .drawn(),
                    Entry.share("lostShare", "Lost in the water"))
            .checks(new Description.Check("dry", "Was the clod dry through before it was soaked?"))
            .results(Result.number("kept", "Kept", "share", "1 − lost in the water")
                    .through())
            .source("A field form of wet stability after Yoder 1936; weights are this product's own")
            .words(Map.ofEntries(entry("shape", "It {shape}; {lost:0} % went into the water.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        double lost = in.number("lostShare");
        String shape = in.word("shape");
        out.measure("kept", 1 - lost, "share")
                .score(SHAPE.get(shape) * (1 - LOST_WEIGHS * lost))
                .because(
                        "shape",
                        Map.of("shape", shape.equals("keeps") ? "keeps its shape" : shape, "lost", 100 * lost));
    }
}
