package morphotera.follow;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;
import morphotera.measure.Group;
import morphotera.measure.Taken;
import morphotera.measure.methods.Methods;
import morphotera.read.FieldScores;
import morphotera.read.MethodScore;
import morphotera.read.School;

/** A zone through its visits, oldest first: the scores of each, and the slope of every method, group and quantity a year. */
public record ZoneTrend(
        List<Visit> visits, List<MethodSlope> methods, List<GroupSlope> groups, List<ValueTrend> values) {

    public record Visit(String id, FieldScores scores) {}

    /** @param trend null under three visits */
    public record MethodSlope(
            String method, String methodName, @Nullable Trend trend) {}

    /** Like with like: of tests that were made at every visit that looked at the group. */
    public record GroupSlope(Group group, @Nullable Trend trend) {}

    /** A visit as it was made: its time in years, from any day on, and its readings that stand. */
    public record Made(String id, double years, List<Taken> readings) {}

    /** @param crop for the depth of the root zone; null where it is not known */
    public static ZoneTrend of(List<Made> made, School school, @Nullable String crop) {
        List<Visit> visits = new ArrayList<>();
        Map<String, List<Trend.At>> byMethod = new LinkedHashMap<>();
        for (Made one : made) {
            FieldScores scores = FieldScores.of(one.readings(), school, crop);
            visits.add(new Visit(one.id(), scores));
            for (MethodScore method : scores.methods()) {
                if (method.inGroup()) {
                    byMethod.computeIfAbsent(method.method(), key -> new ArrayList<>())
                            .add(new Trend.At(one.years(), method.mean()));
                }
            }
        }
        return new ZoneTrend(
                List.copyOf(visits),
                byMethod.entrySet().stream()
                        .map(entry -> new MethodSlope(
                                entry.getKey(), Methods.nameOf(entry.getKey()), Trend.of(entry.getValue())))
                        .toList(),
                Group.OF_SOIL.stream()
                        .flatMap(group -> slope(group, made, visits).stream())
                        .toList(),
                ValueTrend.of(made));
    }

    /** Of the tests that were made each time the group was looked at; where none was made each time, no slope is told. */
    private static Optional<GroupSlope> slope(Group group, List<Made> made, List<Visit> visits) {
        List<Map<String, Double>> means = visits.stream()
                .map(visit -> FieldScores.counted(visit.scores().methods(), group))
                .toList();
        List<Map<String, Double>> looked =
                means.stream().filter(one -> !one.isEmpty()).toList();
        if (looked.isEmpty()) {
            return Optional.empty();
        }
        List<String> eachTime = new ArrayList<>(looked.get(0).keySet());
        looked.forEach(one -> eachTime.retainAll(one.keySet()));
        List<Trend.At> through = new ArrayList<>();
        for (int i = 0; i < made.size() && !eachTime.isEmpty(); i++) {
            if (!means.get(i).isEmpty()) {
                List<Double> alike = eachTime.stream().map(means.get(i)::get).toList();
                through.add(new Trend.At(made.get(i).years(), Numbers.mean(alike)));
            }
        }
        return Optional.of(new GroupSlope(group, Trend.of(through)));
    }
}
