package morphotera.read;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.ground.Numbers;
import morphotera.measure.Grade;
import morphotera.measure.Group;

/**
 * One method over the spots of one zone. Each spot counts once; repeats are averaged within the spot first.
 *
 * @param sd n − 1; null for one spot
 * @param uneven highest − lowest is 40 or more
 * @param odd spots that stay in the mean and are named
 */
public record MethodScore(
        String method,
        Group group,
        Grade grade,
        int n,
        double mean,
        Double sd,
        double lowest,
        double highest,
        boolean uneven,
        List<String> odd,
        List<AtSpot> spots) {

    private static final double UNEVEN = 40;
    private static final int ODD_NEEDS_SPOTS = 4;
    private static final double ODD_POINTS = 20;
    /** 1.4826·MAD estimates the standard deviation of normal values. */
    private static final double ODD_DEVIATIONS = 3 * 1.4826;

    /** A spot's score, 0 to 100. */
    public record AtSpot(String spot, double score) {}

    static MethodScore of(String method, Group group, Grade grade, List<AtSpot> readings) {
        Map<String, List<Double>> bySpot = new LinkedHashMap<>();
        for (AtSpot reading : readings) {
            bySpot.computeIfAbsent(reading.spot(), spot -> new ArrayList<>()).add(reading.score());
        }
        List<AtSpot> spots = bySpot.entrySet().stream()
                .map(entry -> new AtSpot(entry.getKey(), Numbers.mean(entry.getValue())))
                .toList();
        List<Double> scores = spots.stream().map(AtSpot::score).toList();
        double lowest = Numbers.lowest(scores);
        double highest = Numbers.highest(scores);
        return new MethodScore(
                method,
                group,
                grade,
                scores.size(),
                Numbers.mean(scores),
                Numbers.sd(scores),
                lowest,
                highest,
                highest - lowest >= UNEVEN,
                odd(spots, scores),
                spots);
    }

    /** Spots more than 3·1.4826·MAD (0 counts as 1) and more than 20 points from the median, where there are four or more. */
    private static List<String> odd(List<AtSpot> spots, List<Double> scores) {
        if (scores.size() < ODD_NEEDS_SPOTS) {
            return List.of();
        }
        double median = Numbers.median(scores);
        double mad = Numbers.medianDeviation(scores);
        double far = ODD_DEVIATIONS * (mad == 0 ? 1 : mad);
        return spots.stream()
                .filter(spot -> Math.abs(spot.score() - median) > far && Math.abs(spot.score() - median) > ODD_POINTS)
                .map(AtSpot::spot)
                .toList();
    }
}
