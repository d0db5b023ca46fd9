package morphotera.follow;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.ground.Nullable;
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

    public record GroupSlope(Group group, @Nullable Trend trend) {}

    /** A visit as it was made: its time in years, from any day on, and its readings that stand. */
    public record Made(String id, double years, List<Taken> readings) {}

    /** @param crop for the depth of the root zone; null where it is not known */
    public static ZoneTrend of(List<Made> made, School school, @Nullable String crop) {
        List<Visit> visits = new ArrayList<>();
        Map<String, List<Trend.At>> byMethod = new LinkedHashMap<>();
        Map<Group, List<Trend.At>> byGroup = new LinkedHashMap<>();
        for (Made one : made) {
            FieldScores scores = FieldScores.of(one.readings(), school, crop);
            visits.add(new Visit(one.id(), scores));
            for (MethodScore method : scores.methods()) {
                if (method.inGroup()) {
                    byMethod.computeIfAbsent(method.method(), key -> new ArrayList<>())
                            .add(new Trend.At(one.years(), method.mean()));
                }
            }
            for (FieldScores.GroupScore group : scores.groups()) {
                byGroup.computeIfAbsent(group.group(), key -> new ArrayList<>())
                        .add(new Trend.At(one.years(), group.score()));
            }
        }
        return new ZoneTrend(
                List.copyOf(visits),
                byMethod.entrySet().stream()
                        .map(entry -> new MethodSlope(
                                entry.getKey(), Methods.nameOf(entry.getKey()), Trend.of(entry.getValue())))
                        .toList(),
                byGroup.entrySet().stream()
                        .map(entry -> new GroupSlope(entry.getKey(), Trend.of(entry.getValue())))
                        .toList(),
                ValueTrend.of(made));
    }
}
