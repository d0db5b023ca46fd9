package morphotera.app.season;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.follow.Intervention;
import morphotera.app.follow.InterventionMapper;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Zone;
import morphotera.app.measure.Reading;
import morphotera.app.measure.Readings;
import morphotera.app.people.Viewer;
import morphotera.app.read.Scores;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.follow.Retest;
import morphotera.ground.Band;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.read.FieldScores;
import morphotera.read.School;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** All fields as they stand: for the map and the list of the season. */
@RestController
class SeasonController {
    private final Land land;
    private final Visits visits;
    private final Readings readings;
    private final InterventionMapper interventions;

    SeasonController(Land land, Visits visits, Readings readings, InterventionMapper interventions) {
        this.land = land;
        this.visits = visits;
        this.readings = readings;
        this.interventions = interventions;
    }

    record VisitBrief(UUID id, LocalDate day, String state, String question) {}

    /** A field with its newest score by its own school; {@code provisional}: too little measured to stand on. */
    record FieldCard(
            Field field,
            List<VisitBrief> visits,
            @Nullable VisitBrief scored,
            Double score,
            @Nullable Band band,
            boolean provisional,
            @Nullable Retest lookAgain) {}

    @GetMapping("/api/fields")
    List<FieldCard> fields() {
        Viewer viewer = Viewer.current();
        Map<UUID, List<Visit>> byField = visits.all(viewer).stream().collect(Collectors.groupingBy(Visit::fieldId));
        Map<UUID, List<Reading>> byVisit = readings.standingScores(viewer).stream()
                .collect(Collectors.groupingBy(Reading::visitId, LinkedHashMap::new, Collectors.toList()));
        Map<UUID, List<Intervention>> done =
                interventions.of(viewer, null).stream().collect(Collectors.groupingBy(Intervention::fieldId));
        return land.fields(viewer).stream()
                .map(field -> card(
                        field,
                        byField.getOrDefault(field.id(), List.of()),
                        byVisit,
                        done.getOrDefault(field.id(), List.of())))
                .toList();
    }

    private static FieldCard card(
            Field field, List<Visit> visits, Map<UUID, List<Reading>> byVisit, List<Intervention> done) {
        Optional<Visit> scored =
                visits.stream().filter(visit -> byVisit.containsKey(visit.id())).findFirst();
        Optional<Zone> main = field.zones().stream()
                .filter(zone -> zone.kind().equals("main"))
                .findFirst();
        FieldScores scores = scored.isEmpty() || main.isEmpty()
                ? null
                : Scores.of(field, main.get(), byVisit.get(scored.get().id()));
        Double score = scores == null ? null : scores.soil().by(Coded.of(School.values(), field.school()));
        Retest lookAgain = visits.stream()
                .filter(visit -> visit.state().equals("done"))
                .findFirst()
                .map(visit -> Retest.after(
                        visit.day(),
                        visit.question().equals("poor-patch"),
                        done.stream().anyMatch(one -> !one.doneOn().isBefore(visit.day()))))
                .orElse(null);
        return new FieldCard(
                field,
                visits.stream().map(SeasonController::brief).toList(),
                scored.map(SeasonController::brief).orElse(null),
                score,
                score == null ? null : Band.of(score),
                scores != null && scores.soil().provisional(),
                lookAgain);
    }

    private static VisitBrief brief(Visit visit) {
        return new VisitBrief(visit.id(), visit.day(), visit.state(), visit.question());
    }
}
