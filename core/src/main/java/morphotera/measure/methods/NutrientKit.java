package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.perSpot;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Entry.option;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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

/** Nitrogen, phosphorus and potassium by a colour kit: depleted 0, low 30, adequate 70, ample 100, surplus N 60, P 85, K 90; the mean of those given. */
final class NutrientKit implements Method {
    private static final Map<String, Double> SCORE =
            Map.of("depleted", 0.0, "low", 30.0, "adequate", 70.0, "ample", 100.0);
    private static final List<String> STEPS = List.of("depleted", "low", "adequate", "ample", "surplus");
    private static final Map<String, Double> SURPLUS = surplus();

    private static Map<String, Double> surplus() {
        Map<String, Double> surplus = new LinkedHashMap<>();
        surplus.put("n", 60.0);
        surplus.put("p", 85.0);
        surplus.put("k", 90.0);
        return surplus;
    }

    private static final Description DESCRIPTION = Description.of("nutrient-kit", "Nutrient kit")
            .purpose("Whether nitrogen, phosphorus or potassium runs short")
            .group(Group.CHEMISTRY)
            .grade(Grade.B)
            .judged()
            .ofSamples()
            .about(
                    "A colour kit for the three main nutrients, each read against the kit's own printed chart. It shows what runs "
                            + "short; how much to give, a laboratory tells.")
            .cost(6)
            .gear(
                    tool("nutrient kit with its chart"),
                    tool("sieve, 2 mm"),
                    perSpot("distilled water", 0.1, "l"),
                    perSpot("bottle for used reagent", 1, null))
            .cautions("Gloves; used reagents go home in their bottle, not on the field.")
            .variants(new Description.Variant(
                    "kit",
                    "Colour kit",
                    List.of(
                            Step.field(
                                    "gather",
                                    "Take soil from root depth",
                                    "Several places within the spot, mixed.",
                                    45),
                            Step.field("sieve-dose", "Sieve and dose it", "The kit's own spoon, level.", 90),
                            Step.field("shake", "Shake, let it settle", "As long as the kit says.", 60)
                                    .waits(300, 900),
                            Step.field("reagents", "Add the reagents, wait for the colour", "One vial for each.", 120)
                                    .waits(600, 660),
                            Step.field("read", "Read the chart", "In shade, vial against the print.", 60)
                                    .enters("n", "p", "k"),
                            Step.field("collect-waste", "Collect the used reagents", "Into their bottle.", 30))))
            .fields(level("n", "Nitrogen"), level("p", "Phosphorus"), level("k", "Potassium"))
            .checks(new Description.Check("chart", "Was the colour read in shade against this kit's own chart?"))
            .results(
                    Result.word("n", "Nitrogen, by the chart", "as read", STEPS),
                    Result.word("p", "Phosphorus, by the chart", "as read", STEPS),
                    Result.word("k", "Potassium, by the chart", "as read", STEPS),
                    Result.number("nScore", "Nitrogen", "score", "0, 30, 70, 100; surplus 60"),
                    Result.number("pScore", "Phosphorus", "score", "0, 30, 70, 100; surplus 85"),
                    Result.number("kScore", "Potassium", "score", "0, 30, 70, 100; surplus 90"),
                    Result.number("lowest", "Lowest", "score", "the lowest of those given"))
            .source("Colour kits by their printed charts; the scale is this product's own")
            .words(Map.ofEntries(
                    entry("mean", "Mean of {n:0}; the lowest is {lowest:0}."),
                    entry("moves", "Nitrogen moves with water; phosphorus and potassium stay."),
                    entry("leaching", "More nitrogen than plants will take: the next rain carries it down.")))
            .build();

    private static Entry level(String key, String label) {
        return Entry.choice(
                        key,
                        label,
                        option("depleted", "Depleted", "No colour."),
                        option("low", "Low", "The first step."),
                        option("adequate", "Adequate", "The middle of the chart."),
                        option("ample", "Ample", "Over the middle."),
                        option("surplus", "Surplus", "Darker than plants can use."))
                .drawn()
                .optional();
    }

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        check.oneAtLeast("/reading", in, List.of("n", "p", "k"));
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        List<Double> scores = new ArrayList<>();
        for (Map.Entry<String, Double> nutrient : SURPLUS.entrySet()) {
            String key = nutrient.getKey();
            if (in.has(key)) {
                String word = in.word(key);
                double score = word.equals("surplus") ? nutrient.getValue() : SCORE.get(word);
                out.measure(key + "Score", score, "score").word(key, word);
                scores.add(score);
            }
        }
        double lowest = Numbers.lowest(scores);
        out.measure("lowest", lowest, "score")
                .score(Numbers.mean(scores))
                .because("mean", Map.of("n", scores.size(), "lowest", lowest))
                .because("moves");
        if ("surplus".equals(in.wordOrNull("n"))) {
            out.flag("leaching");
        }
    }
}
