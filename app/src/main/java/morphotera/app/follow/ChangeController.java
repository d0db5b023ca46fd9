package morphotera.app.follow;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Zone;
import morphotera.app.measure.Reading;
import morphotera.app.measure.Readings;
import morphotera.app.people.Viewer;
import morphotera.app.read.Scores;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.follow.Change;
import morphotera.follow.Trend;
import morphotera.follow.Unlike;
import morphotera.ground.Nullable;
import morphotera.measure.Group;
import morphotera.measure.methods.Methods;
import morphotera.read.FieldScores;
import morphotera.read.MethodScore;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Visit against visit, and all visits of a zone in time. */
@RestController
class ChangeController {
    /** What two readings must share to be compared: the state of crumbs, the soil in the jar, the mixture for salinity. */
    private static final List<String> PREPARED_AS = List.of("crumbState", "prep", "ratio");

    private static final double DAYS_IN_YEAR = 365.25;

    private final Visits visits;
    private final Land land;
    private final Readings readings;

    ChangeController(Visits visits, Land land, Readings readings) {
        this.visits = visits;
        this.land = land;
        this.readings = readings;
    }

    record PairView(String spot, double before, double after) {}

    record MethodChange(String method, String methodName, List<PairView> pairs, Change change, List<String> unlike) {}

    record ChangeView(
            UUID before,
            LocalDate beforeDay,
            UUID after,
            LocalDate afterDay,
            List<MethodChange> methods,
            List<String> unlike) {}

    @GetMapping("/api/visits/{id}/change")
    ChangeView change(
            @PathVariable UUID id, @RequestParam UUID since, @RequestParam(defaultValue = "main") String zone) {
        Viewer viewer = Viewer.current();
        Visit after = visits.visit(viewer, id);
        Visit before = visits.visit(viewer, since);
        if (!before.fieldId().equals(after.fieldId())) {
            Findings findings = new Findings();
            findings.refuse("/since", "other-field", "Visits of one field are compared, not of two.");
            findings.throwIfAny();
        }
        Field field = land.field(viewer, after.fieldId());
        Zone where = field.zone(zone);
        List<Reading> then = readings.ofVisit(viewer, before.id());
        List<Reading> now = readings.ofVisit(viewer, after.id());
        FieldScores scoresThen = Scores.of(field, where, then);
        FieldScores scoresNow = Scores.of(field, where, now);
        List<MethodChange> methods = new ArrayList<>();
        for (MethodScore method : scoresNow.methods()) {
            scoresThen.methods().stream()
                    .filter(old -> old.method().equals(method.method()))
                    .findFirst()
                    .map(old -> methodChange(old, method, before, after, then, now))
                    .filter(change -> !change.pairs().isEmpty())
                    .ifPresent(methods::add);
        }
        List<String> unlike = Unlike.between(conditions(before, null, null), conditions(after, null, null));
        return new ChangeView(before.id(), before.day(), after.id(), after.day(), methods, unlike);
    }

    private static MethodChange methodChange(
            MethodScore old, MethodScore method, Visit before, Visit after, List<Reading> then, List<Reading> now) {
        Map<String, Double> was =
                old.spots().stream().collect(Collectors.toMap(MethodScore.AtSpot::spot, MethodScore.AtSpot::score));
        List<PairView> pairs = method.spots().stream()
                .filter(spot -> was.containsKey(spot.spot()))
                .map(spot -> new PairView(spot.spot(), was.get(spot.spot()), spot.score()))
                .toList();
        boolean judged = Methods.giving(method.method()).description().judged();
        boolean sameObserver = before.observerId().equals(after.observerId());
        Change change = pairs.isEmpty()
                ? null
                : Change.judge(
                        pairs.stream()
                                .map(pair -> new Change.Pair(pair.before(), pair.after()))
                                .toList(),
                        Change.Observers.usual(judged, sameObserver));
        // What differs between the visits is said once for all; here only what is this method's own.
        List<String> unlike = Unlike.between(
                new Unlike.Conditions(1, null, null, yardstick(then), preparation(then, method.method())),
                new Unlike.Conditions(1, null, null, yardstick(now), preparation(now, method.method())));
        return new MethodChange(method.method(), Methods.nameOf(method.method()), pairs, change, unlike);
    }

    private static Unlike.Conditions conditions(Visit visit, String yardstick, String preparation) {
        return new Unlike.Conditions(
                visit.day().getMonthValue(), visit.moisture(), visit.observerName(), yardstick, preparation);
    }

    private static String yardstick(List<Reading> readings) {
        return readings.stream()
                .map(reading -> reading.yardstick() + " " + reading.yardstickVersion())
                .findFirst()
                .orElse(null);
    }

    private static String preparation(List<Reading> readings, String method) {
        return readings.stream()
                .filter(reading -> reading.method().equals(method))
                .flatMap(reading ->
                        PREPARED_AS.stream().map(key -> reading.reading().get(key)))
                .filter(state -> state != null)
                .map(Object::toString)
                .distinct()
                .sorted()
                .collect(Collectors.collectingAndThen(
                        Collectors.joining(" and "), text -> text.isEmpty() ? null : text));
    }

    record TrendVisit(UUID visitId, LocalDate day, String observerName, FieldScores scores) {}

    record MethodSlope(
            String method, String methodName, @Nullable Trend trend) {}

    record GroupSlope(Group group, @Nullable Trend trend) {}

    /** Every visit of a zone, and the slope of each method and group; null under three visits. */
    record TrendView(List<TrendVisit> visits, List<MethodSlope> methods, List<GroupSlope> groups) {}

    /** Every visit of a zone with its scores, oldest first, and the slopes through them. */
    @GetMapping("/api/fields/{id}/trend")
    TrendView trend(@PathVariable UUID id, @RequestParam(defaultValue = "main") String zone) {
        Viewer viewer = Viewer.current();
        Field field = land.field(viewer, id);
        Zone where = field.zone(zone);
        Map<UUID, List<Reading>> byVisit = readings.standing(viewer, id).stream()
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
            double years = visit.day().toEpochDay() / DAYS_IN_YEAR;
            for (MethodScore method : visit.scores().methods()) {
                byMethod.computeIfAbsent(method.method(), key -> new ArrayList<>())
                        .add(new Trend.At(years, method.mean()));
            }
            for (FieldScores.GroupScore group : visit.scores().groups()) {
                byGroup.computeIfAbsent(group.group(), key -> new ArrayList<>())
                        .add(new Trend.At(years, group.score()));
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
                        .toList());
    }

    record JudgeBody(List<PairBody> pairs, Double observerSpread, Double observerBiasBefore, Double observerBiasAfter)
            implements Checked {
        @Override
        public void check(Findings findings) {
            if (pairs == null || pairs.isEmpty()) {
                findings.refuse("/pairs", "empty-list", "One pair at least: a spot measured before and after.");
            }
            for (int i = 0; pairs != null && i < pairs.size(); i++) {
                PairBody pair = pairs.get(i);
                if (pair == null) {
                    findings.refuse("/pairs/" + i, "missing", "A pair is needed here.");
                    continue;
                }
                findings.needed("/pairs/" + i + "/before", pair.before(), "The score before");
                findings.needed("/pairs/" + i + "/after", pair.after(), "The score after");
                findings.range("/pairs/" + i + "/before", pair.before(), "A score", 0, 100);
                findings.range("/pairs/" + i + "/after", pair.after(), "A score", 0, 100);
            }
            findings.range("/observerSpread", observerSpread, "A spread, points,", 0, 100);
            findings.range("/observerBiasBefore", observerBiasBefore, "A bias spread, points,", 0, 100);
            findings.range("/observerBiasAfter", observerBiasAfter, "A bias spread, points,", 0, 100);
        }
    }

    record PairBody(Double before, Double after) {}

    @PostMapping("/api/change/judge")
    Change judge(@RequestBody JudgeBody body) {
        return Change.judge(
                body.pairs().stream()
                        .map(pair -> new Change.Pair(pair.before(), pair.after()))
                        .toList(),
                new Change.Observers(
                        orZero(body.observerSpread()),
                        orZero(body.observerBiasBefore()),
                        orZero(body.observerBiasAfter())));
    }

    private static double orZero(Double value) {
        return value == null ? 0 : value;
    }
}
