package morphotera.decide;

import java.util.List;
import morphotera.ground.Numbers;
import morphotera.ground.StudentT;

/**
 * What some more spots would narrow, and the minutes they cost: the 90 % interval of a mean now, t(0.95, n − 1)·s/√n, and then,
 * with the same spread and the spots added.
 *
 * @param plusMinusNow points either way of the mean; null for one spot, which has no spread to go by
 * @param plusMinusThen the same with the spots added
 */
public record StopRule(int spots, int more, Double plusMinusNow, Double plusMinusThen, double minutes) {

    /**
     * @param sd standard deviation between the spots, points; null for one spot
     * @param minutesPerSpot hands-on minutes of the method at one spot
     */
    public static StopRule of(int spots, Double sd, int more, double minutesPerSpot) {
        if (spots < 1 || more < 1) {
            throw new IllegalArgumentException("one spot or more, and one more at least, were " + spots + ", " + more);
        }
        boolean known = spots > 1 && sd != null;
        return new StopRule(
                spots,
                more,
                known ? Double.valueOf(half(spots, sd)) : null,
                known ? Double.valueOf(half(spots + more, sd)) : null,
                more * minutesPerSpot);
    }

    /**
     * The same from the scores, the observer's own spread as the floor of theirs.
     *
     * @param observerSpread points
     */
    public static StopRule of(List<Double> scores, double observerSpread, int more, double minutesPerSpot) {
        Double between = Numbers.sd(scores);
        Double sd = between == null ? null : Double.valueOf(Math.max(between, observerSpread));
        return of(scores.size(), sd, more, minutesPerSpot);
    }

    private static double half(int n, double sd) {
        return StudentT.quantile(n - 1, 0.95) * sd / Math.sqrt(n);
    }
}
