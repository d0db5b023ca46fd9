package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.ground.LandUse.PASTURE;
import static morphotera.ground.LandUse.TURF;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Entry.option;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.ground.LandUse;
import morphotera.ground.Numbers;
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

/**
 * How the plants look: the mean of the parts scored. Green in pasture and turf; dead, legume and species in pasture; weeds,
 * evenness and growth anywhere. The leaf names the usual shortage and is not scored.
 */
final class PlantLook implements Method {
    private static final Map<String, Double> EVENNESS = Map.of("even", 100.0, "patchy", 60.0, "bare-patches", 20.0);
    private static final Map<String, Double> GROWTH = Map.of("strong", 100.0, "fair", 60.0, "weak", 20.0);
    private static final Map<String, String> SHORTAGE = Map.of(
            "green",
            "none",
            "pale-old",
            "nitrogen",
            "pale-young",
            "sulphur",
            "yellow-between-veins-old",
            "magnesium",
            "yellow-between-veins-young",
            "iron or manganese",
            "purple",
            "phosphorus",
            "scorched-edge",
            "potassium or salt");

    private static final List<String> LEAVES = List.of(
            "green",
            "pale-old",
            "pale-young",
            "yellow-between-veins-old",
            "yellow-between-veins-young",
            "purple",
            "scorched-edge");
    private static final List<String> SHORTAGES =
            LEAVES.stream().map(SHORTAGE::get).toList();

    /** A part in percent or counted, the curve it is read by, and whether it is read in this use. */
    private record Part(String key, String curve, List<LandUse> uses) {
        boolean isReadIn(LandUse use) {
            return uses.isEmpty() || (use != null && uses.contains(use));
        }
    }

    private static final List<Part> PARTS = List.of(
            new Part("greenPercent", "green", List.of(PASTURE, TURF)),
            new Part("deadPercent", "dead", List.of(PASTURE)),
            new Part("legumePercent", "legume", List.of(PASTURE)),
            new Part("weedPercent", "weeds", List.of()),
            new Part("species", "species", List.of(PASTURE)));

    private static final Description DESCRIPTION = Description.of("plant-look", "Plants")
            .purpose("How the plants stand, and what their leaves say")
            .group(Group.PLANTS)
            .grade(Grade.B)
            .judged()
            .about(
                    "A walk and a quadrat: green, dead, legumes, weeds and species, how even and how strong the stand is, and the look of "
                            + "the leaf, which names the usual shortage.")
            .gear(tool("quadrat, 50 cm"))
            .cautions("Keep out of a sprayed crop until its re-entry time has passed.")
            .variants(new Description.Variant(
                    "walk",
                    "Walk and quadrat",
                    List.of(
                            Step.field("walk-look", "Walk the spot and look", "Old leaves and young ones.", 90)
                                    .enters("evenness", "growth", "leaf"),
                            Step.field("quadrat", "Lay the quadrat and estimate", "Straight down.", 120)
                                    .enters("greenPercent", "deadPercent", "legumePercent", "weedPercent", "species"),
                            Step.field("photo-enter", "Photograph and enter", "With the quadrat in it.", 60))))
            .fields(
                    Entry.percent("greenPercent", "Green").optional(),
                    Entry.percent("deadPercent", "Dead").optional(),
                    Entry.percent("legumePercent", "Legumes").optional(),
                    Entry.percent("weedPercent", "Weeds").optional(),
                    Entry.number("species", "Species", null, 0, 500).counted().optional(),
                    Entry.choice(
                                    "evenness",
                                    "Stand",
                                    option("even", "Even", "One height, one colour, row closed."),
                                    option("patchy", "Patchy", "Taller and shorter patches, no bare ground."),
                                    option("bare-patches", "Bare patches", "Ground shows where plants should stand."))
                            .drawn()
                            .optional(),
                    Entry.choice(
                                    "growth",
                                    "Growth",
                                    option("strong", "Strong", "As tall as it should be at this date, or taller."),
                                    option("fair", "Fair", "Somewhat behind."),
                                    option("weak", "Weak", "Half of what it should be, or less."))
                            .drawn()
                            .optional(),
                    Entry.choice(
                                    "leaf",
                                    "Leaf",
                                    option("green", "Green", "All over."),
                                    option("pale-old", "Pale, old leaves", "The lower ones first."),
                                    option("pale-young", "Pale, young leaves", "The upper ones first."),
                                    option(
                                            "yellow-between-veins-old",
                                            "Yellow between veins, old",
                                            "Veins stay green."),
                                    option(
                                            "yellow-between-veins-young",
                                            "Yellow between veins, young",
                                            "Veins stay green."),
                                    option("purple", "Purple", "Stems and edges."),
                                    option("scorched-edge", "Scorched edge", "Brown from the tip along the edge."))
                            .drawn()
                            .optional())
            .checks(new Description.Check("typical", "Does the quadrat stand for the spot?"))
            .results(
                    Result.number("partScore", "Each part", "score", "by its curve or scale")
                            .each(),
                    Result.word("leaf", "Leaf", "as seen", LEAVES),
                    Result.word("shortage", "Usual shortage", "named by the leaf", SHORTAGES))
            .curves("green", "dead", "legume", "weeds", "species")
            .source("Stand and leaf by eye; shortages after common leaf guides (Bergmann 1992)")
            .words(Map.ofEntries(
                    entry("parts", "Mean of {n:0} parts, from {lowest:0} to {highest:0}."),
                    entry("shortage", "Leaves like these usually lack {shortage}; a test decides."),
                    entry("nothing-scored", "Nothing here is scored in this land use."),
                    entry("needs-use", "Green, dead, legumes and species are read by land use.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        check.oneAtLeast(
                "/reading", in, DESCRIPTION.fields().stream().map(Entry::key).toList());
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        List<Double> scores = new ArrayList<>();
        boolean unread = false;
        for (Part part : PARTS) {
            if (in.has(part.key()) && part.isReadIn(context.use())) {
                scores.add(curves.place(part.curve(), context, in.number(part.key()))
                        .score());
            } else {
                unread |= in.has(part.key());
            }
        }
        if (in.has("evenness")) {
            scores.add(EVENNESS.get(in.word("evenness")));
        }
        if (in.has("growth")) {
            scores.add(GROWTH.get(in.word("growth")));
        }
        for (int i = 0; i < scores.size(); i++) {
            out.each("partScore", scores.get(i), "score", i);
        }
        if (scores.isEmpty()) {
            out.because("nothing-scored");
            if (unread && context.use() == null) {
                out.flag("needs-use");
            }
        } else {
            out.score(Numbers.mean(scores))
                    .because(
                            "parts",
                            Map.of(
                                    "n",
                                    scores.size(),
                                    "lowest",
                                    Numbers.lowest(scores),
                                    "highest",
                                    Numbers.highest(scores)));
        }
        if (in.has("leaf")) {
            String shortage = SHORTAGE.get(in.word("leaf"));
            out.word("leaf", in.word("leaf")).word("shortage", shortage);
            if (!shortage.equals("none")) {
                out.because("shortage", Map.of("shortage", shortage));
            }
        }
    }
}
