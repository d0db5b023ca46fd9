package morphotera.measure.methods;

import static java.util.Map.entry;
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
import morphotera.measure.Evaluation;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.Method;
import morphotera.measure.Result;
import morphotera.measure.Step;

/** Soil temperature under bare and covered ground: what cover is worth in degrees, and whether life is slowed. */
final class SoilTemperature implements Method {
    private static final double COLD_UNDER = 5;
    private static final double HOT_OVER = 35;

    private static final Description DESCRIPTION = Description.of("soil-temperature", "Soil temperature")
            .purpose("How warm the soil is, and what cover is worth")
            .group(Group.CONTEXT)
            .grade(Grade.A)
            .about(
                    "A thermometer at 5 cm under bare soil and under residue or leaves, at the same hour. Under 5 and over 35 °C life in "
                            + "the soil is slowed.")
            .gear(tool("soil thermometer"))
            .variants(new Description.Variant(
                    "two-covers",
                    "Bare and covered",
                    List.of(
                            Step.field("insert", "Push the thermometer in", "To 5 cm, shaded from the sun.", 15)
                                    .waits(60, 180),
                            Step.field("read", "Read it when it holds still", "Then the next cover.", 20)
                                    .enters("points"))))
            .fields(Entry.list(
                            "points",
                            "Readings",
                            1,
                            2,
                            Entry.cm("depthCm", "Depth").preset(5.0),
                            Entry.celsius("celsius", "Temperature"),
                            Entry.choice(
                                    "cover",
                                    "Under",
                                    option("bare", "Bare soil", null),
                                    option("residue", "Residue", "Straw, litter, mulch."),
                                    option("canopy", "Leaves", "A closed canopy.")))
                    .by(Entry.Part.PROFILE))
            .checks(new Description.Check("same-hour", "Were all read within the same half hour?"))
            .results(
                    Result.number("celsius", "Each point", "°C", "as read").each(),
                    Result.number("coverDifference", "Bare over covered", "°C", "mean of bare − mean of covered"),
                    Result.word(
                                    "activity",
                                    "Life",
                                    "slowed under 5 and over 35 °C, for each cover by itself",
                                    List.of("active", "slowed-cold", "slowed-hot"))
                            .each())
            .source("Field thermometry; limits of activity are field rules")
            .words(Map.ofEntries(
                    entry("active", "Warm enough, and not too warm, for life: {mean} °C."),
                    entry("slowed-cold", "Under 5 °C life is slowed: {mean} °C."),
                    entry("slowed-hot", "Over 35 °C life is slowed: {mean} °C."),
                    entry("cover", "Bare ground is {difference} °C warmer than covered.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        List<Double> all = new ArrayList<>();
        List<Double> bare = new ArrayList<>();
        List<Double> covered = new ArrayList<>();
        List<Entered> points = in.list("points");
        for (int i = 0; i < points.size(); i++) {
            double celsius = points.get(i).number("celsius");
            out.each("celsius", celsius, "°C", i);
            all.add(celsius);
            (points.get(i).word("cover").equals("bare") ? bare : covered).add(celsius);
        }
        double mean = Numbers.mean(all);
        out.word("activity", byCover(points));
        String most = activity(mean);
        out.because(most, Map.of("mean", mean));
        if (!bare.isEmpty() && !covered.isEmpty()) {
            double difference = Numbers.mean(bare) - Numbers.mean(covered);
            out.measure("coverDifference", difference, "°C").because("cover", Map.of("difference", difference));
        }
    }

    private static String activity(double celsius) {
        return celsius < COLD_UNDER ? "slowed-cold" : celsius > HOT_OVER ? "slowed-hot" : "active";
    }

    /** What its mean says under each cover. */
    private static Map<String, String> byCover(List<Entered> points) {
        Map<String, List<Double>> byCover = new LinkedHashMap<>();
        for (Entered point : points) {
            byCover.computeIfAbsent(point.word("cover"), cover -> new ArrayList<>())
                    .add(point.number("celsius"));
        }
        Map<String, String> activity = new LinkedHashMap<>();
        byCover.forEach((cover, values) -> activity.put(cover, activity(Numbers.mean(values))));
        return activity;
    }
}
