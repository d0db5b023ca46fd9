package morphotera.follow;

import java.util.List;
import morphotera.ground.Coded;
import morphotera.ground.Numbers;
import morphotera.ground.StudentT;

/**
 * Visit 1 to visit 2, one method, spots measured in both. 90 % interval d ± √(t(0.95, n − 1)²·max(s², 2e²)/n + 1.645²·(b₁² +
 * b₂²)): s of the paired differences (n − 1), which holds the reading noise, e an observer's spread as its floor, b each
 * visit's bias spread of observer and instrument, all in points; a known bias takes no t. Nulls where one spot cannot tell.
 *
 * @param smallestChange the smallest change this many spots could have shown
 * @param spotsForTenPoints spots that would show a change of 10 points at 80 % power; null where no number would
 */
public record Change(
        double difference, Double low, Double high, Verdict verdict, Double smallestChange, Integer spotsForTenPoints) {

    private static final double TEN_POINTS = 10;
    private static final int MOST_SPOTS = 1000;
    private static final double Z_95 = 1.645;
    private static final double Z_80 = 0.842;
    private static final double SPREAD_JUDGED = 8;
    private static final double SPREAD_MEASURED = 4;
    private static final double BIAS_JUDGED = 4;

    public enum Verdict implements Coded {
        BETTER,
        WORSE,
        NO_CLEAR_CHANGE,
        ONE_SPOT
    }

    /** One spot's score before and after. */
    public record Pair(double before, double after) {}

    /** What the observers add: their spread, and the bias spread of each visit's; all 0 or more, in points. */
    public record Observers(double spread, double biasBefore, double biasAfter) {
        public Observers {
            if (!(spread >= 0 && biasBefore >= 0 && biasAfter >= 0)) {
                throw new IllegalArgumentException(
                        "spreads are 0 or more, were " + spread + ", " + biasBefore + ", " + biasAfter);
            }
        }

        /** Until practice specimens say better: 8 and 4 points on judged scales, 4 and 0 on what is counted or measured. */
        public static Observers usual(boolean judged, boolean sameObserver) {
            double bias = judged && !sameObserver ? BIAS_JUDGED : 0;
            return new Observers(judged ? SPREAD_JUDGED : SPREAD_MEASURED, bias, bias);
        }

        /** The same, with what an instrument may be out by at each visit, points. */
        public Observers withInstruments(double before, double after) {
            return new Observers(
                    spread,
                    Math.sqrt(biasBefore * biasBefore + before * before),
                    Math.sqrt(biasAfter * biasAfter + after * after));
        }

        /** Half-width at a factor for what varies from spot to spot and one for what is the same at all of them. */
        double halfWidth(double sSquared, int n, double factor, double biasFactor) {
            double variance = Math.max(sSquared, 2 * spread * spread) / n;
            double biases = biasBefore * biasBefore + biasAfter * biasAfter;
            return Math.sqrt(factor * factor * variance + biasFactor * biasFactor * biases);
        }
    }

    public static Change judge(List<Pair> pairs, Observers observers) {
        List<Double> differences =
                pairs.stream().map(pair -> pair.after() - pair.before()).toList();
        double mean = Numbers.mean(differences);
        Double sd = Numbers.sd(differences);
        double sSquared = sd == null ? 0 : sd * sd;
        Integer spots = spotsFor(TEN_POINTS, sSquared, observers);
        if (sd == null) {
            return new Change(mean, null, null, Verdict.ONE_SPOT, null, spots);
        }
        int n = differences.size();
        double smallest = observers.halfWidth(sSquared, n, t(0.95, n), Z_95);
        double low = mean - smallest;
        double high = mean + smallest;
        Verdict verdict = low > 0 ? Verdict.BETTER : high < 0 ? Verdict.WORSE : Verdict.NO_CLEAR_CHANGE;
        return new Change(mean, low, high, verdict, smallest, spots);
    }

    /**
     * The fewest spots, measured before and after, that would show such a change at 80 % power; null where no number up to 1000
     * would.
     *
     * @param sSquared variance of the differences between the visits, points²
     */
    public static Integer spotsFor(double points, double sSquared, Observers observers) {
        // What observers differ by stays, however many spots there are.
        if (observers.halfWidth(sSquared, MOST_SPOTS, 0, Z_95 + Z_80) > points) {
            return null;
        }
        // What n spots can show only shrinks with n; few are tried first: t for many takes longest.
        int tooFew = 1;
        int enough = 2;
        while (shows(enough, sSquared, observers) > points) {
            if (enough == MOST_SPOTS) {
                return null;
            }
            tooFew = enough;
            enough = Math.min(2 * enough, MOST_SPOTS);
        }
        while (enough - tooFew > 1) {
            int n = (tooFew + enough) / 2;
            if (shows(n, sSquared, observers) <= points) {
                enough = n;
            } else {
                tooFew = n;
            }
        }
        return enough;
    }

    /** The change that n spots would show at 80 % power, points. */
    private static double shows(int n, double sSquared, Observers observers) {
        return observers.halfWidth(sSquared, n, t(0.95, n) + t(0.80, n), Z_95 + Z_80);
    }

    private static double t(double p, int n) {
        return StudentT.quantile(n - 1, p);
    }
}
