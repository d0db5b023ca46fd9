package morphotera.read;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;
import morphotera.ground.Once;
import morphotera.measure.Group;
import morphotera.measure.Taken;

/**
 * One zone in one visit: methods, the groups they make, the soil by three schools, and plants beside it. Unrounded. Grade C
 * never enters a group or a number; nor do hollow values and deeper classes. {@code balance} is null where there is too
 * little to say.
 */
public record FieldScores(
        List<MethodScore> methods,
        List<GroupScore> groups,
        Soil soil,
        @Nullable Double plants,
        @Nullable Double difference,
        @Nullable Balance balance) {

    private static final double LEAST_COVERAGE = 0.5;
    private static final double LEAST_SPOTS = 3;
    private static final double IN_STEP = 15;

    /** Mean of a group's methods. */
    public record GroupScore(Group group, double score) {}

    /** The soil as one number, three ways; null without data. {@code provisional}: under half the groups or three spots. */
    public record Soil(
            Double balanced,
            Double weakest,
            Double tally,
            double coverage,
            double spotsPerMethod,
            boolean provisional) {
        public Double by(School school) {
            return switch (school) {
                case BALANCED -> balanced;
                case WEAKEST -> weakest;
                case TALLY -> tally;
            };
        }
    }

    /** Soil beside plants: within 15 points in step. */
    public enum Balance implements Coded {
        IN_STEP,
        SOIL_AHEAD,
        PLANTS_AHEAD
    }

    /** @param crop for the depth of the root zone; null where it is not known */
    public static FieldScores of(List<Taken> readings, School school, @Nullable String crop) {
        List<MethodScore> methods = SpotScores.rows(readings, crop);
        List<MethodScore> counted = methods.stream().filter(MethodScore::counts).toList();
        List<GroupScore> groups = new ArrayList<>();
        for (Group group : Group.OF_SOIL) {
            Double score = mean(counted, group);
            if (score != null) {
                groups.add(new GroupScore(group, score));
            }
        }
        Soil soil = soil(counted, groups);
        Double plants = mean(counted, Group.PLANTS);
        Double difference = plants == null || soil.by(school) == null ? null : soil.by(school) - plants;
        boolean enough = soil.coverage() >= LEAST_COVERAGE
                && cleanSpots(counted, true) >= LEAST_SPOTS
                && cleanSpots(counted, false) >= LEAST_SPOTS;
        return new FieldScores(methods, groups, soil, plants, difference, enough ? balance(difference) : null);
    }

    /** A row for each method and class of depth, whatever else speaks for a spot: what two visits are compared by. */
    public static List<MethodScore> byDepth(List<Taken> readings) {
        return SpotScores.rowsByDepth(readings);
    }

    /** The mean of each method that makes the group's score. */
    public static Map<String, Double> counted(List<MethodScore> methods, Group group) {
        Map<String, Double> means = new LinkedHashMap<>();
        methods.stream()
                .filter(method -> method.counts() && method.group() == group)
                .forEach(method -> means.put(method.method(), method.mean()));
        return means;
    }

    private static long cleanSpots(List<MethodScore> counted, boolean ofSoil) {
        return Once.of(counted.stream()
                        .filter(method -> Group.OF_SOIL.contains(method.group()) == ofSoil)
                        .flatMap(method -> method.spots().stream())
                        .filter(MethodScore.AtSpot::speaks)
                        .map(MethodScore.AtSpot::spot))
                .size();
    }

    private static Double mean(List<MethodScore> methods, Group group) {
        List<Double> means = methods.stream()
                .filter(method -> method.group() == group)
                .map(MethodScore::mean)
                .toList();
        return means.isEmpty() ? null : Numbers.mean(means);
    }

    private static Soil soil(List<MethodScore> counted, List<GroupScore> groups) {
        List<MethodScore> ofSoil = counted.stream()
                .filter(method -> Group.OF_SOIL.contains(method.group()))
                .toList();
        if (ofSoil.isEmpty()) {
            return new Soil(null, null, null, 0, 0, true);
        }
        List<Double> scores = groups.stream().map(GroupScore::score).toList();
        double points = Numbers.sum(
                ofSoil.stream().map(method -> Lens.points(method.mean())).toList());
        double coverage = groups.size() / 6.0;
        double spots =
                Numbers.mean(ofSoil.stream().map(method -> (double) method.n()).toList());
        return new Soil(
                Numbers.mean(scores),
                Numbers.lowest(scores),
                100 * points / (2.0 * ofSoil.size()),
                coverage,
                spots,
                coverage < LEAST_COVERAGE || spots < LEAST_SPOTS);
    }

    private static Balance balance(Double difference) {
        if (difference == null) {
            return null;
        }
        return difference >= IN_STEP
                ? Balance.SOIL_AHEAD
                : difference <= -IN_STEP ? Balance.PLANTS_AHEAD : Balance.IN_STEP;
    }
}
