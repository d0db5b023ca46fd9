package morphotera.app.measure;

import java.util.List;
import java.util.UUID;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ReadingController {
    private final Readings readings;
    private final Visits visits;
    private final Land land;

    ReadingController(Readings readings, Visits visits, Land land) {
        this.readings = readings;
        this.visits = visits;
        this.land = land;
    }

    /** A visit with its field and its readings, all versions, and what is being typed, in one call. */
    record WholeVisit(Visit visit, Field field, List<Reading> readings, List<Draft> drafts) {}

    @GetMapping("/api/visits/{id}")
    WholeVisit visit(@PathVariable UUID id) {
        Viewer viewer = Viewer.current();
        Visit visit = visits.visit(viewer, id);
        return new WholeVisit(
                visit, land.field(viewer, visit.fieldId()), readings.ofVisit(viewer, id), readings.drafts(viewer, id));
    }

    @PutMapping("/api/readings/{id}")
    Reading put(@PathVariable UUID id, @RequestBody ReadingBody body) {
        return readings.put(Viewer.writing(), id, body);
    }
}
