package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.perSpot;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Entry.option;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.ground.Numbers;
import morphotera.ground.OrganicCarbon;
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
 * A laboratory's figures, brought to what the yardstick reads: organic carbon = organic matter/1.724; ESP = 100·Na/CEC; carbon
 * to clay against 1/13, 1/10, 1/8 (Prout et al. 2021) where clay is 10 to 60 %. The chemistry score is the mean of the curves
 * present; carbon scores for itself.
 */
final class Laboratory implements Method {
    private static final double WATER_OVER_CACL2 = 0.8;
    private static final double CLAY_FROM = 10;
    private static final double CLAY_TO = 60;
    private static final List<String> BASES = List.of("ca", "mgExchangeable", "kExchangeable", "na");

    private static final Description DESCRIPTION = Description.of("laboratory", "Laboratory sample")
            .purpose("What only a laboratory can tell")
            .group(Group.CHEMISTRY)
            .grade(Grade.A)
            .ofSamples()
            .about(
                    "Taking the sample is part of it: 15 to 20 cores of one depth within one spot or zone, mixed in a clean bucket, two "
                            + "handfuls in a labelled bag, cool, handed over within two days; before the main sowing, not after.")
            .gear(tool("corer or auger"), tool("clean bucket"), tool("cool box"), perSpot("labelled bag", 1, null))
            .cautions("No galvanised bucket where zinc is asked for.")
            .variants(new Description.Variant(
                    "composite",
                    "Composite of 15 cores",
                    List.of(
                            Step.field("label", "Label the bag", "Field, spot, depth, date, what is asked for.", 30)
                                    .enters("depthCm"),
                            Step.field(
                                    "cores",
                                    "Take 15 to 20 cores",
                                    "One depth, within the spot, off rows and heaps.",
                                    300),
                            Step.field(
                                    "mix-bag",
                                    "Mix, fill two handfuls",
                                    "Stones and roots out, some air in the bag.",
                                    90),
                            Step.field(
                                    "photo-cool", "Photograph the label, keep it cool", "Out of the sun at once.", 30),
                            Step.field("hand-over", "Hand it over", "Within two days.", 300)
                                    .later()
                                    .enters(
                                            "ph",
                                            "p",
                                            "k",
                                            "mg",
                                            "pExtract",
                                            "organicMatterPercent",
                                            "clayPercent",
                                            "cec",
                                            "ca",
                                            "mgExchangeable",
                                            "kExchangeable",
                                            "na",
                                            "ece",
                                            "carbonatePercent",
                                            "microbialCarbon",
                                            "methodText"))))
            .fields(
                    Entry.group(
                                    "ph",
                                    "pH",
                                    Entry.pH("value", "pH").optional(),
                                    Entry.choice(
                                                    "basis",
                                                    "Read in",
                                                    option("water", "Water", "In distilled water."),
                                                    option("cacl2", "CaCl₂", "In weak calcium chloride."))
                                            .optional())
                            .optional(),
                    mgPerKg("p", "Phosphorus"),
                    Entry.choice(
                                    "pExtract",
                                    "Phosphorus by",
                                    option("bicarbonate", "Bicarbonate", "The extract the curve is made for."),
                                    option("other", "Another", "Shown, not scored."))
                            .optional(),
                    mgPerKg("k", "Potassium"),
                    mgPerKg("mg", "Magnesium"),
                    Entry.percent("organicMatterPercent", "Organic matter").optional(),
                    Entry.percent("clayPercent", "Clay").optional(),
                    charge("cec", "Exchange capacity").aboveZero().optional(),
                    charge("ca", "Calcium, exchangeable").optional(),
                    charge("mgExchangeable", "Magnesium, exchangeable").optional(),
                    charge("kExchangeable", "Potassium, exchangeable").optional(),
                    charge("na", "Sodium, exchangeable").optional(),
                    Entry.number("ece", "Salinity, saturated paste", "dS/m", 0, 60)
                            .optional(),
                    Entry.percent("carbonatePercent", "Carbonate").optional(),
                    mgPerKg("microbialCarbon", "Microbial carbon"),
                    Entry.SAMPLE_DEPTH,
                    Entry.text("methodText", "Laboratory's methods").optional())
            .checks(
                    new Description.Check("label", "Do field, spot and depth on the sheet match the bag?"),
                    new Description.Check("units", "Are the figures in the units shown here?"))
            .results(
                    Result.number("ph", "pH, in water", "pH", "as read, or + 0.8 from CaCl₂")
                            .through(),
                    Result.number("ece", "Salt, saturated paste", "dS/m", "as given")
                            .through(),
                    Result.number("clayPercent", "Clay", "%", "as given"),
                    Result.number("p", "Phosphorus", "mg/kg", "as given").through(),
                    Result.number("k", "Potassium", "mg/kg", "as given").through(),
                    Result.number("mg", "Magnesium", "mg/kg", "as given"),
                    Result.number("organicCarbon", "Organic carbon", "%", "organic matter ÷ 1.724")
                            .through(),
                    Result.number("carbonToClay", "Carbon to clay", "share", "organic carbon ÷ clay"),
                    Result.number("carbonScore", "Carbon's score", "score", "curve on carbon to clay"),
                    Result.number("baseShare", "Ca, Mg, K, Na in the exchange", "%", "100 × cation ÷ exchange capacity")
                            .each(),
                    Result.number("cec", "Exchange capacity", "cmol(+)/kg", "as given"),
                    Result.number("esp", "Exchangeable sodium", "%", "100 × sodium ÷ exchange capacity")
                            .through(),
                    Result.number("carbonatePercent", "Carbonate", "%", "as given"),
                    Result.number("pScore", "Phosphorus", "score", "curve on bicarbonate extract"),
                    Result.number("kScore", "Potassium", "score", "curve on exchangeable potassium"),
                    Result.number("lowest", "Lowest nutrient", "score", "the lowest of phosphorus and potassium"),
                    Result.number("microbialShare", "Of carbon in microbes", "%", "microbial ÷ organic carbon"))
            .curves("ph", "salinity", "phosphorus", "potassium", "sodicity", "carbon-to-clay")
            .source("Prout et al. 2021 for carbon to clay; van Bemmelen's 1.724 for carbon in organic matter")
            .words(Map.ofEntries(
                    entry("carbon", "Organic carbon {carbon:2} % at 1.724 to one; in some soils rather 2.0."),
                    entry("to-clay", "Carbon to clay 1 to {parts:0}; 13 is poor, 10 fair, 8 good."),
                    entry("bases", "Shares of the exchange are shown and not scored: what is ideal is disputed."),
                    entry("other-extract", "Phosphorus by another extract is shown, not scored."),
                    entry("from-cacl2", "pH in calcium chloride, brought to water by 0.8."),
                    entry("outside", "Carbon to clay is judged at 10 to 60 % clay only.")))
            .build();

    private static Entry mgPerKg(String key, String label) {
        return Entry.number(key, label, "mg/kg", 0, 10_000).optional();
    }

    private static Entry charge(String key, String label) {
        return Entry.number(key, label, "cmol(+)/kg", 0, 150);
    }

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public List<Description.Beside> besides() {
        return List.of(new Description.Beside("laboratory-carbon", "Carbon to clay", Group.CARBON, "carbonScore"));
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        List<String> figures = DESCRIPTION.fields().stream()
                .map(Entry::key)
                .filter(key ->
                        !List.of("ph", "pExtract", "depthCm", "methodText").contains(key))
                .toList();
        Entered ph = in.group("ph");
        if (!ph.has("value")) {
            check.oneAtLeast("/reading", in, figures);
        } else if (!ph.has("basis")) {
            check.refuse(
                    "/reading/ph/basis", "missing", "Say whether the pH was read in water or in calcium chloride.");
        }
        if (in.has("p") && !in.has("pExtract")) {
            check.refuse("/reading/pExtract", "missing", "Say by which extract the phosphorus was found.");
        }
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        List<Double> scores = new ArrayList<>();
        nutrients(context, in, curves, scores, out);
        exchange(context, in, curves, scores, out);
        Entered ph = in.group("ph");
        if (ph.has("value")) {
            boolean cacl2 = ph.word("basis").equals("cacl2");
            double inWater = ph.number("value") + (cacl2 ? WATER_OVER_CACL2 : 0);
            out.measure("ph", inWater, "pH");
            scores.add(curves.place("ph", context, inWater).score());
            if (cacl2) {
                out.because("from-cacl2");
            }
        }
        if (in.has("ece")) {
            out.measure("ece", in.number("ece"), "dS/m");
            scores.add(curves.place("salinity", context, in.number("ece")).score());
        }
        if (in.has("carbonatePercent")) {
            out.measure("carbonatePercent", in.number("carbonatePercent"), "%");
        }
        carbon(context, in, curves, out);
        if (!scores.isEmpty()) {
            out.score(Numbers.mean(scores));
        }
    }

    private static void nutrients(
            Context context, Entered in, Curves curves, List<Double> scores, Evaluation.Draft out) {
        List<Double> nutrients = new ArrayList<>();
        for (String key : List.of("p", "k", "mg")) {
            if (in.has(key)) {
                out.measure(key, in.number(key), "mg/kg");
            }
        }
        if (in.has("p")) {
            if (in.word("pExtract").equals("bicarbonate")) {
                double score =
                        curves.place("phosphorus", context, in.number("p")).score();
                out.measure("pScore", score, "score");
                nutrients.add(score);
            } else {
                out.because("other-extract");
            }
        }
        if (in.has("k")) {
            double score = curves.place("potassium", context, in.number("k")).score();
            out.measure("kScore", score, "score");
            nutrients.add(score);
        }
        if (!nutrients.isEmpty()) {
            out.measure("lowest", Numbers.lowest(nutrients), "score");
            scores.addAll(nutrients);
        }
    }

    private static void exchange(
            Context context, Entered in, Curves curves, List<Double> scores, Evaluation.Draft out) {
        if (!in.has("cec")) {
            return;
        }
        double cec = in.number("cec");
        out.measure("cec", cec, "cmol(+)/kg");
        boolean any = false;
        for (int i = 0; i < BASES.size(); i++) {
            if (in.has(BASES.get(i))) {
                out.each("baseShare", 100 * in.number(BASES.get(i)) / cec, "%", i);
                any = true;
            }
        }
        if (any) {
            out.because("bases");
        }
        if (in.has("na")) {
            double esp = 100 * in.number("na") / cec;
            out.measure("esp", esp, "%");
            scores.add(curves.place("sodicity", context, esp).score());
        }
    }

    private static void carbon(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        Double clay = in.has("clayPercent") ? in.numberOrNull("clayPercent") : context.clayPercent();
        if (in.has("clayPercent")) {
            out.measure("clayPercent", clay, "%");
        }
        if (!in.has("organicMatterPercent")) {
            return;
        }
        double carbon = in.number("organicMatterPercent") / OrganicCarbon.MATTER_PER_CARBON;
        out.measure("organicCarbon", carbon, "%").because("carbon", Map.of("carbon", carbon));
        if (in.has("microbialCarbon") && carbon > 0) {
            // mg/kg is a ten-thousandth of a percent.
            out.measure("microbialShare", in.number("microbialCarbon") / 100 / carbon, "%");
        }
        if (clay == null) {
            return;
        }
        if (clay < CLAY_FROM || clay > CLAY_TO) {
            out.flag("outside");
            return;
        }
        double toClay = carbon / clay;
        out.measure("carbonToClay", toClay, "share")
                .measure(
                        "carbonScore",
                        curves.place("carbon-to-clay", context, toClay).score(),
                        "score");
        if (toClay > 0) {
            out.because("to-clay", Map.of("parts", 1 / toClay));
        }
    }
}
