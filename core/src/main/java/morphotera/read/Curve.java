package morphotera.read;

import java.util.List;

/** A score by straight lines between knots [x, score], flat outside. Knots rise in x; scores lie in 0 to 100. */
public record Curve(String key, String xMeaning, List<List<Double>> knots) {

    public Curve {
        if (knots.isEmpty()) {
            throw new IllegalArgumentException("curve '" + key + "' has no knots");
        }
        for (int i = 0; i < knots.size(); i++) {
            double score = knots.get(i).get(1);
            if (!(score >= 0 && score <= 100)) {
                throw new IllegalArgumentException("curve '" + key + "' scores " + score + ", outside 0 to 100");
            }
            if (i > 0 && !(knots.get(i).get(0) > knots.get(i - 1).get(0))) {
                throw new IllegalArgumentException("curve '" + key + "' does not rise in x at knot " + i);
            }
        }
        knots = List.copyOf(knots);
    }

    public double at(double x) {
        if (Double.isNaN(x)) {
            throw new IllegalArgumentException("curve '" + key + "' was asked for a score of NaN");
        }
        List<Double> before = knots.get(0);
        if (x <= before.get(0)) {
            return before.get(1);
        }
        for (List<Double> knot : knots) {
            if (x <= knot.get(0)) {
                double x0 = before.get(0);
                double y0 = before.get(1);
                return y0 + (knot.get(1) - y0) * (x - x0) / (knot.get(0) - x0);
            }
            before = knot;
        }
        return before.get(1);
    }

    /** How far apart the scores from one x to another lie, points. */
    public double rangeOver(double from, double to) {
        double lowest = Math.min(at(from), at(to));
        double highest = Math.max(at(from), at(to));
        for (List<Double> knot : knots) {
            if (knot.get(0) > from && knot.get(0) < to) {
                lowest = Math.min(lowest, knot.get(1));
                highest = Math.max(highest, knot.get(1));
            }
        }
        return highest - lowest;
    }
}
