package morphotera.read;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;
import morphotera.measure.Description;
import morphotera.measure.Evaluation;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.methods.Methods;

/**
 * One zone in one visit: methods, the groups they make, the soil by three schools, and plants beside it. Unrounded. Grade C
 * never enters a group or a number.
 */
public record FieldScores(
        List<MethodScore> methods,
        List<GroupScore> groups,
        Soil soil,
        Double plants,
        Double difference,
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

    /** A scored reading: whose method it was and at which spot. */
    public record Scored(String spot, String method, Group group, Grade grade, double score) {

        /** What an evaluation scores: its method, and what the method gives to other groups. */
        public static List<Scored> of(String spot, Evaluation done) {
            List<Scored> scored = new ArrayList<>();
            if (done.score() != null) {
                scored.add(new Scored(spot, done.method(), done.group(), done.grade(), done.score()));
            }
            for (Description.Beside beside :
                    Methods.find(done.method()).orElseThrow().besides()) {
                done.measures().stream()
                        .filter(measure -> measure.key().equals(beside.measure()) && measure.value() != null)
                        .forEach(measure -> scored.add(
                                new Scored(spot, beside.id(), beside.group(), done.grade(), measure.value())));
            }
            return scored;
        }
    }

    public static FieldScores of(List<Scored> readings, School school) {
        Map<String, List<Scored>> byMethod = new LinkedHashMap<>();
        for (Scored reading : readings) {
            byMethod.computeIfAbsent(reading.method(), method -> new ArrayList<>())
                    .add(reading);
        }
        List<MethodScore> methods = byMethod.values().stream()
                .map(all -> MethodScore.of(
                        all.get(0).method(),
                        all.get(0).group(),
                        all.get(0).grade(),
                        all.stream()
                                .map(one -> new MethodScore.AtSpot(one.spot(), one.score()))
                                .toList()))
                .toList();
        List<MethodScore> counted =
                methods.stream().filter(method -> method.grade() != Grade.C).toList();
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
        return new FieldScores(methods, groups, soil, plants, difference, balance(difference));
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
