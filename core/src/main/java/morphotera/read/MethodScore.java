package morphotera.read;

import java.util.ArrayList;
import java.util.List;
import morphotera.ground.DepthClass;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;
import morphotera.measure.Grade;
import morphotera.measure.Group;

/**
 * One method at one class of depth over the spots of one zone. Each spot counts once; hollow spots and those for which a
 * better way speaks stand beside and count in nothing. Where all are hollow, {@code n} is 0 and the mean is theirs.
 *
 * @param depthClass null where the method has no depth, or its spots' own depths made the score
 * @param inGroup whether it makes the group's score
 * @param sd n − 1; null for one spot
 * @param mixed read from a mixed sample: the zone's one value, never in a mean of spots
 * @param uneven highest − lowest is 40 or more
 * @param odd spots that stay in the mean and are named
 */
public record MethodScore(
        String method,
        @Nullable DepthClass depthClass,
        boolean inGroup,
        Group group,
        Grade grade,
        int n,
        double mean,
        @Nullable Double sd,
        double lowest,
        double highest,
        boolean uneven,
        List<String> odd,
        boolean hollow,
        boolean mixed,
        List<AtSpot> spots) {

    private static final double UNEVEN = 40;
    private static final int ODD_NEEDS_SPOTS = 4;
    private static final double ODD_POINTS = 20;
    /** 1.4826·MAD estimates the standard deviation of normal values. */
    private static final double ODD_DEVIATIONS = 3 * 1.4826;

    /** Whether it enters its group and the soil's number. */
    public boolean counts() {
        return inGroup && grade != Grade.C;
    }

    /**
     * A spot's score, 0 to 100.
     *
     * @param hollow made on a day or in a way that makes it no evidence
     * @param beside a better way to the same quantity speaks for this spot
     */
    public record AtSpot(String spot, double score, boolean hollow, boolean beside) {
        boolean speaks() {
            return !hollow && !beside;
        }
    }

    static MethodScore of(
            String method,
            @Nullable DepthClass depthClass,
            boolean mayJoinGroup,
            Group group,
            Grade grade,
            boolean mixed,
            List<AtSpot> spots) {
        List<AtSpot> speaking = spots.stream().filter(AtSpot::speaks).toList();
        boolean hollow = speaking.isEmpty() && spots.stream().allMatch(AtSpot::hollow);
        boolean speaks = !speaking.isEmpty();
        List<AtSpot> counted = speaks ? speaking : spots;
        List<Double> scores = counted.stream().map(AtSpot::score).toList();
        double lowest = Numbers.lowest(scores);
        double highest = Numbers.highest(scores);
        return new MethodScore(
                method,
                depthClass,
                mayJoinGroup && speaks,
                group,
                grade,
                hollow ? 0 : scores.size(),
                Numbers.mean(scores),
                Numbers.sd(scores),
                lowest,
                highest,
                highest - lowest >= UNEVEN,
                speaks ? odd(counted, scores) : List.of(),
                hollow,
                mixed,
                List.copyOf(spots));
    }

    /** Spots more than 3·1.4826·MAD (0 counts as 1) and more than 20 points from the median, where there are four or more. */
    private static List<String> odd(List<AtSpot> spots, List<Double> scores) {
        if (scores.size() < ODD_NEEDS_SPOTS) {
            return List.of();
        }
        double median = Numbers.median(scores);
        double mad = Numbers.medianDeviation(scores);
        double far = ODD_DEVIATIONS * (mad == 0 ? 1 : mad);
        List<String> odd = new ArrayList<>();
        for (AtSpot spot : spots) {
            double apart = Math.abs(spot.score() - median);
            if (apart > far && apart > ODD_POINTS) {
                odd.add(spot.spot());
            }
        }
        return List.copyOf(odd);
    }
}
