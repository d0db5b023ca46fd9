package morphotera.app.measure;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.app.pictures.Photograph;
import morphotera.app.pictures.Photographs;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.ground.Nullable;
import morphotera.measure.Evaluation;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ReadingController {
    private final Readings readings;
    private final Visits visits;
    private final Land land;
    private final Photographs photographs;

    ReadingController(Readings readings, Visits visits, Land land, Photographs photographs) {
        this.readings = readings;
        this.visits = visits;
        this.land = land;
        this.photographs = photographs;
    }

    /** A visit with its field and its readings, all versions, what is being typed, and its photographs, in one call. */
    record WholeVisit(
            Visit visit, Field field, List<Reading> readings, List<Draft> drafts, List<Photograph> photographs) {}

    @GetMapping("/api/visits/{id}")
    WholeVisit visit(@PathVariable UUID id) {
        Viewer viewer = Viewer.current();
        Visit visit = visits.visit(viewer, id);
        return new WholeVisit(
                visit,
                land.field(viewer, visit.fieldId()),
                readings.ofVisit(viewer, id),
                readings.drafts(viewer, id),
                photographs.ofVisit(viewer, id));
    }

    @PutMapping("/api/readings/{id}")
    Reading put(@PathVariable UUID id, @RequestBody ReadingBody body) {
        return readings.put(Viewer.writing(), id, body);
    }

    record AsideBody(String reason) implements Checked {
        @Override
        public void check(Findings findings) {
            findings.text("/reason", reason, "Why the other one holds", 300);
        }
    }

    /** Of two readings of one cell a person says which holds: this one is set aside and kept. */
    @PutMapping("/api/readings/{id}/aside")
    Reading setAside(@PathVariable UUID id, @RequestBody AsideBody body) {
        return readings.setAside(Viewer.writing(), id, body.reason());
    }

    /** Takes that back. */
    @DeleteMapping("/api/readings/{id}/aside")
    Reading takeBack(@PathVariable UUID id) {
        return readings.setAside(Viewer.writing(), id, null);
    }

    /** Readings that scoring again would change, or has changed. */
    record ScoredAgain(List<UUID> readings) {}

    @GetMapping("/api/visits/{id}/score-again")
    ScoredAgain wouldChange(@PathVariable UUID id) {
        Viewer viewer = Viewer.current();
        Visit visit = visits.visit(viewer, id);
        return new ScoredAgain(readings.wouldChange(viewer, land.field(viewer, visit.fieldId()), visit));
    }

    /** What was scored stays as it was until this is asked for. */
    @PostMapping("/api/visits/{id}/score-again")
    ScoredAgain scoreAgain(@PathVariable UUID id) {
        Viewer viewer = Viewer.writing();
        visits.visit(viewer, id);
        return new ScoredAgain(readings.scoreAgain(viewer, id));
    }

    /** @param corrects the reading it would stand in for; null for another one */
    record AtSpotBody(
            UUID spotId,
            String method,
            Map<String, Object> reading,
            @Nullable UUID corrects) implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/spotId", spotId, "A spot");
            findings.needed("/method", method, "A method");
            findings.word(
                    "/method",
                    method,
                    "method",
                    Methods.ALL.stream().map(Method::id).toList());
            findings.needed("/reading", reading, "What was read");
        }
    }

    /** What a reading would come to at its spot on its day, stored nowhere. */
    @PostMapping("/api/visits/{id}/evaluate")
    Evaluation evaluate(@PathVariable UUID id, @RequestBody AtSpotBody body) {
        return readings.evaluate(Viewer.current(), id, body.spotId(), body.method(), body.reading(), body.corrects());
    }
}
