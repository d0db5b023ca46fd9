package morphotera.follow.forecasts;

import static morphotera.measure.Entry.option;

import java.util.List;
import java.util.Map;
import morphotera.follow.Forecast;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.Grade;

/**
 * Organic carbon in two pools, t C/ha (Andrén and Kätterer 1997): dY/dt = i − k1·r·Y, dO/dt = h·k1·r·Y − k2·r·O, a year, k1 0.8, k2
 * 0.006, h 0.13 (0.31 for manure), r 1 in a cool moist climate, 0.8 cold, 2 warm, 3 warm and irrigated; solved exactly. The band
 * draws input and pace each within a quarter, nine of ten.
 */
final class CarbonPools implements Forecast {
    private static final double K_YOUNG = 0.8;
    private static final double K_OLD = 0.006;
    private static final double H_PLANTS = 0.13;
    private static final double H_MANURE = 0.31;
    private static final double WITHIN = 0.25;
    private static final Map<String, Double> PACE =
            Map.of("cold", 0.8, "cool-moist", 1.0, "warm", 2.0, "warm-irrigated", 3.0);

    private static final Description DESCRIPTION = new Description(
            "carbon",
            "Organic carbon",
            Grade.A,
            "years",
            "t/ha",
            List.of(
                    Entry.number("youngTPerHa", "Young carbon now", "t/ha", 0, 100)
                            .optional()
                            .hint("Left open: what the input keeps up."),
                    Entry.number("oldTPerHa", "Old carbon now", "t/ha", 0, 500),
                    Entry.number("inputTPerHaYear", "Carbon brought in", "t/ha a year", 0, 30),
                    Entry.choice(
                            "from",
                            "As",
                            option("plants", "Plants", "Roots, straw, cover crops."),
                            option("manure", "Manure", "Or compost.")),
                    Entry.choice(
                            "climate",
                            "Climate",
                            option("cold", "Cold", null),
                            option("cool-moist", "Cool and moist", null),
                            option("warm", "Warm", null),
                            option("warm-irrigated", "Warm and irrigated", null))),
            "Young carbon turns over in a year or two, old carbon in a lifetime; most of what is brought in is breathed out.",
            "Andrén and Kätterer 1997",
            Map.of("oldTPerHa", 42, "inputTPerHaYear", 3.5, "from", "plants", "climate", "cool-moist"));

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public List<Double> usual(Entered in) {
        return List.of(0.0, 1.0, 2.0, 3.0, 5.0, 10.0, 20.0, 30.0);
    }

    @Override
    public Path path(Entered in, Luck luck) {
        double input = in.number("inputTPerHaYear") * luck.of(1 - WITHIN, 1, 1 + WITHIN);
        double r = PACE.get(in.word("climate")) * luck.of(1 - WITHIN, 1, 1 + WITHIN);
        double h = in.word("from").equals("manure") ? H_MANURE : H_PLANTS;
        double old = in.number("oldTPerHa");
        Double known = in.numberOrNull("youngTPerHa");
        double young = known == null ? in.number("inputTPerHaYear") / (K_YOUNG * PACE.get(in.word("climate"))) : known;
        return years -> total(young, old, input, h, r, years);
    }

    /** Both pools after so many years. */
    static double total(double young, double old, double input, double h, double r, double years) {
        double a = K_YOUNG * r;
        double b = K_OLD * r;
        double youngEnd = input / a;
        double oldEnd = h * input / b;
        double slack = young - youngEnd;
        double y = youngEnd + slack * Math.exp(-a * years);
        // The old pool is fed by what is left of the young one's slack.
        double fed = h * a * slack / (b - a);
        double o = oldEnd + fed * Math.exp(-a * years) + (old - oldEnd - fed) * Math.exp(-b * years);
        return y + o;
    }
}
