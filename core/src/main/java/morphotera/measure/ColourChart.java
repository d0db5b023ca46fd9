package morphotera.measure;

import java.util.ArrayList;
import java.util.List;
import morphotera.ground.Colour;
import morphotera.ground.Decimal;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;

/**
 * A kit's printed colours as a practice entered them, each with what it stands for; read by a step, between two, or by a colour
 * put onto the line through the swatches. Not the chart that a reading carries: a reading keeps the value, so that a chart edited
 * later changes none.
 */
public record ColourChart(List<Step> steps) {
    private static final int FEWEST = 2;
    private static final int MOST = 24;
    private static final double DISTINCT = 2;
    private static final double FARTHEST = 12;

    /** @param swatch such as #C9A23B */
    public record Step(double value, @Nullable String label, String swatch) {}

    /**
     * What a chart says.
     *
     * @param between counted from 0: 2 lies between 2 and 3, {@code share} of the way
     * @param offBy how far the colour lies from the chart's line in CIELAB; null where no colour was given
     */
    public record Read(
            double value,
            int between,
            double share,
            @Nullable Double offBy) {}

    /** @throws Refused with all that keeps it from being a chart, under {@code /steps} */
    public static ColourChart of(List<Step> steps) {
        List<Refusal> wrong = new ArrayList<>();
        if (steps.size() < FEWEST || steps.size() > MOST) {
            wrong.add(new Refusal("/steps", "out-of-range", "A chart has 2 to 24 steps."));
        }
        for (int i = 0; i < steps.size(); i++) {
            if (!isSwatch(steps.get(i).swatch())) {
                wrong.add(
                        new Refusal("/steps/" + i + "/swatch", "wrong-type", "A swatch is a colour such as #C9A23B."));
            }
            if (i > 0 && !(steps.get(i).value() > steps.get(i - 1).value())) {
                wrong.add(new Refusal(
                        "/steps/" + i + "/value", "backward", "The values of a chart rise from step to step."));
            }
        }
        if (wrong.isEmpty()) {
            unlike(steps, wrong);
        }
        if (!wrong.isEmpty()) {
            throw new Refused(wrong);
        }
        return new ColourChart(List.copyOf(steps));
    }

    private static boolean isSwatch(@Nullable String swatch) {
        if (swatch == null || swatch.length() != 7 || swatch.charAt(0) != '#') {
            return false;
        }
        for (int i = 1; i < 7; i++) {
            if (Character.digit(swatch.charAt(i), 16) < 0) {
                return false;
            }
        }
        return true;
    }

    private static void unlike(List<Step> steps, List<Refusal> wrong) {
        for (int i = 0; i < steps.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (Colour.of(steps.get(i).swatch()).seen(Colour.of(steps.get(j).swatch())) < DISTINCT) {
                    wrong.add(new Refusal(
                            "/steps/" + i + "/swatch",
                            "alike",
                            "This swatch and that of step " + j + " cannot be told apart."));
                    break;
                }
            }
        }
    }

    /** By a step, by a share of the way between two (half where it is not said), or by a colour: one of the three. */
    public Read read(
            @Nullable Integer step, @Nullable Integer between, @Nullable Double share, @Nullable String colour) {
        int ways = (step == null ? 0 : 1) + (between == null ? 0 : 1) + (colour == null ? 0 : 1);
        if (ways != 1) {
            throw refused(
                    "",
                    ways == 0 ? "missing" : "one-of",
                    "A chart is read by a step, between two, or by a colour: one of the three.");
        }
        if (step != null) {
            return step(step);
        }
        return colour == null ? between(between, share == null ? 0.5 : share) : colour(colour);
    }

    public Read step(int step) {
        if (step < 0 || step >= steps.size()) {
            throw refused("/step", "out-of-range", "The chart has steps 0 to " + (steps.size() - 1) + ".");
        }
        boolean last = step == steps.size() - 1;
        return new Read(steps.get(step).value(), last ? step - 1 : step, last ? 1 : 0, null);
    }

    public Read between(int step, double share) {
        if (step < 0 || step >= steps.size() - 1) {
            throw refused(
                    "/between", "out-of-range", "Between two steps: 0 to " + (steps.size() - 2) + ", counted from 0.");
        }
        if (!(share >= 0 && share <= 1)) {
            throw refused("/share", "out-of-range", "The share of the way goes from 0 to 1.");
        }
        return new Read(value(step, share), step, share, null);
    }

    /** The nearest point of the line through the swatches. */
    public Read colour(String hex) {
        if (!isSwatch(hex)) {
            throw refused("/colour", "wrong-type", "A colour such as #C9A23B is expected here.");
        }
        Colour seen = Colour.of(hex);
        int between = 0;
        double share = 0;
        double offBy = Double.MAX_VALUE;
        for (int i = 0; i < steps.size() - 1; i++) {
            Colour from = Colour.of(steps.get(i).swatch());
            Colour to = Colour.of(steps.get(i + 1).swatch());
            double along = along(seen, from, to);
            double off = seen.distance(mixed(from, to, along));
            if (off < offBy) {
                between = i;
                share = along;
                offBy = off;
            }
        }
        if (offBy > FARTHEST) {
            throw refused(
                    "/colour",
                    "off-the-chart",
                    "This colour lies " + Decimal.show(offBy, 1)
                            + " from the chart's; at most 12 is read. Light it by day, and take the nearest step by eye.");
        }
        return new Read(value(between, share), between, share, offBy);
    }

    private static double along(Colour seen, Colour from, Colour to) {
        double l = to.lightness() - from.lightness();
        double r = to.red() - from.red();
        double y = to.yellow() - from.yellow();
        double dot = (seen.lightness() - from.lightness()) * l
                + (seen.red() - from.red()) * r
                + (seen.yellow() - from.yellow()) * y;
        return Math.max(0, Math.min(1, dot / (l * l + r * r + y * y)));
    }

    private static Colour mixed(Colour from, Colour to, double share) {
        return new Colour(
                from.lightness() + (to.lightness() - from.lightness()) * share,
                from.red() + (to.red() - from.red()) * share,
                from.yellow() + (to.yellow() - from.yellow()) * share);
    }

    private double value(int step, double share) {
        double from = steps.get(step).value();
        return from + (steps.get(step + 1).value() - from) * share;
    }

    private static Refused refused(String path, String code, String text) {
        return new Refused(List.of(new Refusal(path, code, text)));
    }
}
