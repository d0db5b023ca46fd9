package morphotera.app.follow;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.follow.ValueTrend;
import morphotera.follow.ZoneTrend;
import morphotera.read.FieldScores;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** All visits of a zone in time. */
@RestController
class TrendController {
    private final Visits visits;
    private final Land land;
    private final Trends trends;

    TrendController(Visits visits, Land land, Trends trends) {
        this.visits = visits;
        this.land = land;
        this.trends = trends;
    }

    record TrendVisit(UUID visitId, LocalDate day, String observerName, FieldScores scores) {}

    /** Every visit of a zone, the slope of each method, group and quantity, null under three visits, and what was promised. */
    record TrendView(
            List<TrendVisit> visits,
            List<ZoneTrend.MethodSlope> methods,
            List<ZoneTrend.GroupSlope> groups,
            List<ValueTrend> values,
            List<Promises.Band> bands) {}

    /** Every visit of a zone with its scores and values, oldest first, and the slopes through them. */
    @GetMapping("/api/fields/{id}/trend")
    TrendView trend(@PathVariable UUID id, @RequestParam(defaultValue = "main") String zone) {
        Viewer viewer = Viewer.current();
        Field field = land.field(viewer, id);
        Trends.Seen seen = trends.of(viewer, field, field.zone(zone));
        Map<String, Visit> known = visits.ofField(viewer, id).stream()
                .collect(Collectors.toMap(visit -> visit.id().toString(), Function.identity()));
        return new TrendView(
                seen.trend().visits().stream()
                        .map(one -> seenOn(known.get(one.id()), one.scores()))
                        .toList(),
                seen.trend().methods(),
                seen.trend().groups(),
                seen.trend().values(),
                seen.bands());
    }

    private static TrendVisit seenOn(Visit visit, FieldScores scores) {
        return new TrendVisit(visit.id(), visit.day(), visit.observerName(), scores);
    }
}
