package morphotera.follow;

import java.util.ArrayList;
import java.util.List;
import morphotera.ground.Coded;
import morphotera.ground.Numbers;
import morphotera.ground.Once;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * A slope through visits by Theil (1950) and Sen (1968): the median of the slopes of all pairs, with Sen's 90 % interval from four
 * visits on. Its ranks are (N ∓ C)/2, N pairs, C = 1.645·√(n(n − 1)(2n + 5)/18), less for scores of one year twice; a rank
 * between two slopes lies between them, and one beyond the ends is the end. Scores are points, slopes points a year.
 *
 * @param low null with three visits, which have no verdict
 */
public record Trend(double perYear, Double low, Double high, Verdict verdict, int visits) {
    private static final int FEWEST = 3;
    private static final int JUDGED_FROM = 4;
    private static final double NINE_OF_TEN = NormalDistribution.of(0, 1).inverseCumulativeProbability(0.95);

    /** What the interval says; three visits say nothing yet. */
    public enum Verdict implements Coded {
        RISING,
        FALLING,
        NO_CLEAR_TREND,
        TOO_FEW
    }

    /** A visit: its time in years, from any day on, and its score. */
    public record At(double years, double score) {}

    /** A trend from three visits or more at two or more times; null else. */
    public static Trend of(List<At> visits) {
        List<Double> slopes = slopes(visits);
        if (visits.size() < FEWEST || slopes.isEmpty()) {
            return null;
        }
        slopes.sort(null);
        double slope = Numbers.median(slopes);
        if (visits.size() < JUDGED_FROM) {
            return new Trend(slope, null, null, Verdict.TOO_FEW, visits.size());
        }
        double pairs = slopes.size();
        double half = NINE_OF_TEN * Math.sqrt(variance(visits));
        double low = ranked(slopes, (pairs - half) / 2);
        double high = ranked(slopes, (pairs + half) / 2 + 1);
        Verdict verdict = low > 0 ? Verdict.RISING : high < 0 ? Verdict.FALLING : Verdict.NO_CLEAR_TREND;
        return new Trend(slope, low, high, verdict, visits.size());
    }

    private static List<Double> slopes(List<At> visits) {
        List<Double> slopes = new ArrayList<>();
        for (int i = 0; i < visits.size(); i++) {
            for (int j = 0; j < i; j++) {
                double years = visits.get(i).years() - visits.get(j).years();
                if (years != 0) {
                    slopes.add((visits.get(i).score() - visits.get(j).score()) / years);
                }
            }
        }
        return slopes;
    }

    /** Variance of Kendall's sum where nothing changes; visits at one time are a tie and say nothing of each other. */
    private static double variance(List<At> visits) {
        double sum = term(visits.size());
        List<Double> times = visits.stream().map(At::years).toList();
        for (double time : Once.of(times.stream())) {
            long tied = times.stream().filter(other -> other == time).count();
            sum -= term(tied);
        }
        return sum / 18;
    }

    private static double term(double n) {
        return n * (n - 1) * (2 * n + 5);
    }

    /** The slope of a rank from 1; between two ranks by a straight line. */
    private static double ranked(List<Double> sorted, double rank) {
        double held = Math.max(1, Math.min(sorted.size(), rank));
        return sorted.size() == 1 ? sorted.get(0) : Numbers.quantile(sorted, (held - 1) / (sorted.size() - 1));
    }
}
