package morphotera.app.follow;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Zone;
import morphotera.app.learn.Specimens;
import morphotera.app.measure.Reading;
import morphotera.app.measure.Readings;
import morphotera.app.measure.TakenReadings;
import morphotera.app.people.Viewer;
import morphotera.app.read.Scores;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.decide.StopRule;
import morphotera.follow.Change;
import morphotera.follow.Practised;
import morphotera.follow.Unlike;
import morphotera.follow.VisitChange;
import morphotera.ground.Nullable;
import morphotera.measure.methods.Methods;
import morphotera.read.FieldScores;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Visit against visit. */
@RestController
class ChangeController {
    private final Visits visits;
    private final Land land;
    private final Readings readings;
    private final Specimens specimens;

    ChangeController(Visits visits, Land land, Readings readings, Specimens specimens) {
        this.visits = visits;
        this.land = land;
        this.readings = readings;
        this.specimens = specimens;
    }

    record MethodChange(
            String method,
            String methodName,
            @Nullable String depthClass,
            @Nullable String preparation,
            @Nullable String plant,
            List<VisitChange.Pair> pairs,
            Change change,
            List<Unlike> unlike) {
        static MethodChange of(VisitChange.OfMethod one) {
            return new MethodChange(
                    one.method(),
                    Methods.nameOf(one.method()),
                    one.depthClass() == null ? null : one.depthClass().word(),
                    one.preparation(),
                    one.plant(),
                    one.pairs(),
                    one.change(),
                    one.unlike());
        }
    }

    /** @param groups what each group came to then, by the tests that make it now at the spots they share */
    record ChangeView(
            UUID before,
            LocalDate beforeDay,
            UUID after,
            LocalDate afterDay,
            List<MethodChange> methods,
            List<FieldScores.GroupScore> groups,
            List<Unlike> unlike) {}

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
        List<Reading> now = readings.ofVisit(viewer, after.id());
        List<VisitChange.OfMethod> changes = VisitChange.of(
                TakenReadings.of(Scores.standing(field, where, readings.ofVisit(viewer, before.id()))),
                TakenReadings.of(Scores.standing(field, where, now)),
                practised(viewer, before, after));
        List<Unlike> unlike = Unlike.visits(
                before.day().getMonthValue(),
                after.day().getMonthValue(),
                before.moisture(),
                after.moisture(),
                before.observerName(),
                after.observerName());
        return new ChangeView(
                before.id(),
                before.day(),
                after.id(),
                after.day(),
                changes.stream().map(MethodChange::of).toList(),
                VisitChange.groupsThen(Scores.of(field, where, now), changes),
                unlike);
    }

    private Practised practised(Viewer viewer, Visit before, Visit after) {
        Map<UUID, Map<String, Practised.Skill>> skills =
                specimens.skills(viewer, Set.copyOf(List.of(before.observerId(), after.observerId())));
        return new Practised(
                before.observerId().equals(after.observerId()),
                skills.getOrDefault(before.observerId(), Map.of()),
                skills.getOrDefault(after.observerId(), Map.of()));
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

    record StopBody(List<Double> scores, Double observerSpread, Integer more, Double minutesPerSpot)
            implements Checked {
        private static final int MOST_SPOTS = 1000;

        @Override
        public void check(Findings findings) {
            if (scores == null || scores.isEmpty()) {
                findings.refuse("/scores", "empty-list", "One spot's score at least.");
            } else {
                findings.size("/scores", scores.size(), "Scores", MOST_SPOTS);
            }
            for (int i = 0; scores != null && i < Math.min(scores.size(), MOST_SPOTS); i++) {
                findings.needed("/scores/" + i, scores.get(i), "A score");
                findings.range("/scores/" + i, scores.get(i), "A score", 0, 100);
            }
            findings.range("/observerSpread", observerSpread, "A spread, points,", 0, 100);
            findings.needed("/more", more, "How many spots more");
            findings.range("/more", more == null ? null : Double.valueOf(more), "Spots more", 1, MOST_SPOTS);
            findings.needed("/minutesPerSpot", minutesPerSpot, "Minutes at a spot");
            findings.range("/minutesPerSpot", minutesPerSpot, "Minutes at a spot", 0, 1440);
        }
    }

    /** What some more spots would narrow, and the minutes they cost. */
    record Stop(@Nullable Double plusMinusNow, @Nullable Double plusMinusThen, double minutes) {}

    @PostMapping("/api/change/stop")
    Stop stop(@RequestBody StopBody body) {
        StopRule rule = StopRule.of(body.scores(), orZero(body.observerSpread()), body.more(), body.minutesPerSpot());
        return new Stop(rule.plusMinusNow(), rule.plusMinusThen(), rule.minutes());
    }

    private static double orZero(Double value) {
        return value == null ? 0 : value;
    }
}
