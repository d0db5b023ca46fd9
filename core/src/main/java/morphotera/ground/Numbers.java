package morphotera.ground;

import java.util.ArrayList;
import java.util.List;

/** Plain statistics of a few values. Each refuses an empty list: no mean of nothing. */
public final class Numbers {
    private Numbers() {}

    public static double sum(List<Double> values) {
        double sum = 0;
        for (double value : values) {
            sum += value;
        }
        return sum;
    }

    public static double mean(List<Double> values) {
        return sum(some(values)) / values.size();
    }

    /** Standard deviation with n − 1; null for one value, which has no spread to show. */
    public static Double sd(List<Double> values) {
        if (some(values).size() == 1) {
            return null;
        }
        double mean = mean(values);
        double squares = 0;
        for (double value : values) {
            squares += (value - mean) * (value - mean);
        }
        return Math.sqrt(squares / (values.size() - 1));
    }

    public static double median(List<Double> values) {
        List<Double> sorted = new ArrayList<>(some(values));
        sorted.sort(null);
        int half = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(half) : (sorted.get(half - 1) + sorted.get(half)) / 2;
    }

    /** The value below which that share of the values lies, by a straight line between two; share 0 to 1. */
    public static double quantile(List<Double> values, double share) {
        List<Double> sorted = new ArrayList<>(some(values));
        sorted.sort(null);
        double at = share * (sorted.size() - 1);
        int below = (int) Math.floor(at);
        int above = Math.min(below + 1, sorted.size() - 1);
        return sorted.get(below) + (at - below) * (sorted.get(above) - sorted.get(below));
    }

    /** Median of the absolute deviations from the median. */
    public static double medianDeviation(List<Double> values) {
        double median = median(values);
        return median(
                some(values).stream().map(value -> Math.abs(value - median)).toList());
    }

    public static double lowest(List<Double> values) {
        return some(values).stream().mapToDouble(Double::doubleValue).min().getAsDouble();
    }

    public static double highest(List<Double> values) {
        return some(values).stream().mapToDouble(Double::doubleValue).max().getAsDouble();
    }

    private static List<Double> some(List<Double> values) {
        if (values.isEmpty()) {
            throw new IllegalArgumentException("no values: a mean needs one at least");
        }
        return values;
    }
}
