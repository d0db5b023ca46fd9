package morphotera.app.follow;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Zone;
import morphotera.app.measure.Reading;
import morphotera.app.measure.Readings;
import morphotera.app.measure.TakenReadings;
import morphotera.app.people.Viewer;
import morphotera.app.read.Scores;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.follow.Trend;
import morphotera.follow.ValueTrend;
import morphotera.ground.Nullable;
import morphotera.measure.Group;
import morphotera.measure.methods.Methods;
import morphotera.read.FieldScores;
import morphotera.read.MethodScore;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** All visits of a zone in time. */
@RestController
class TrendController {
    private static final double DAYS_IN_YEAR = 365.25;

    private final Visits visits;
    private final Land land;
    private final Readings readings;
    private final Promises promises;

    TrendController(Visits visits, Land land, Readings readings, Promises promises) {
        this.visits = visits;
        this.land = land;
        this.readings = readings;
        this.promises = promises;
    }

    record TrendVisit(UUID visitId, LocalDate day, String observerName, FieldScores scores) {}

    record MethodSlope(
            String method, String methodName, @Nullable Trend trend) {}

    record GroupSlope(Group group, @Nullable Trend trend) {}

    /** Every visit of a zone, the slope of each method, group and quantity, null under three visits, and what was promised. */
    record TrendView(
            List<TrendVisit> visits,
            List<MethodSlope> methods,
            List<GroupSlope> groups,
            List<ValueTrend> values,
            List<Promises.Band> bands) {}

    /** Every visit of a zone with its scores and values, oldest first, and the slopes through them. */
    @GetMapping("/api/fields/{id}/trend")
    TrendView trend(@PathVariable UUID id, @RequestParam(defaultValue = "main") String zone) {
        Viewer viewer = Viewer.current();
        Field field = land.field(viewer, id);
        Zone where = field.zone(zone);
        List<Reading> standing = readings.standing(viewer, id);
        Map<UUID, List<Reading>> byVisit = standing.stream()
                .collect(Collectors.groupingBy(Reading::visitId, LinkedHashMap::new, Collectors.toList()));
        Map<UUID, Visit> known =
                visits.ofField(viewer, id).stream().collect(Collectors.toMap(Visit::id, visit -> visit));
        List<TrendVisit> all = byVisit.entrySet().stream()
                .map(entry -> new TrendVisit(
                        entry.getKey(),
                        known.get(entry.getKey()).day(),
                        known.get(entry.getKey()).observerName(),
                        Scores.of(field, where, entry.getValue())))
                .toList();
        Map<String, List<Trend.At>> byMethod = new LinkedHashMap<>();
        Map<Group, List<Trend.At>> byGroup = new LinkedHashMap<>();
        for (TrendVisit visit : all) {
            for (MethodScore method : visit.scores().methods()) {
                if (method.inGroup()) {
                    byMethod.computeIfAbsent(method.method(), key -> new ArrayList<>())
                            .add(new Trend.At(years(visit.day()), method.mean()));
                }
            }
            for (FieldScores.GroupScore group : visit.scores().groups()) {
                byGroup.computeIfAbsent(group.group(), key -> new ArrayList<>())
                        .add(new Trend.At(years(visit.day()), group.score()));
            }
        }
        return new TrendView(
                all,
                byMethod.entrySet().stream()
                        .map(entry -> new MethodSlope(
                                entry.getKey(), Methods.nameOf(entry.getKey()), Trend.of(entry.getValue())))
                        .toList(),
                byGroup.entrySet().stream()
                        .map(entry -> new GroupSlope(entry.getKey(), Trend.of(entry.getValue())))
                        .toList(),
                ValueTrend.of(byVisit.entrySet().stream()
                        .map(entry -> new ValueTrend.Visit(
                                entry.getKey().toString(),
                                years(known.get(entry.getKey()).day()),
                                TakenReadings.of(Scores.standing(field, where, entry.getValue()))))
                        .toList()),
                promises.bands(viewer, field, where.id(), () -> standing));
    }

    private static double years(LocalDate day) {
        return day.toEpochDay() / DAYS_IN_YEAR;
    }
}
