package morphotera.app.read;

import java.util.List;
import java.util.UUID;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.measure.Reading;
import morphotera.app.measure.Readings;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.read.FieldScores;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ReadController {
    private final Visits visits;
    private final Land land;
    private final Readings readings;

    ReadController(Visits visits, Land land, Readings readings) {
        this.visits = visits;
        this.land = land;
        this.readings = readings;
    }

    /** {@code zone}: an id, or a kind where the field has one of it. */
    @GetMapping("/api/visits/{id}/scores")
    FieldScores scores(@PathVariable UUID id, @RequestParam(defaultValue = "main") String zone) {
        Viewer viewer = Viewer.current();
        Visit visit = visits.visit(viewer, id);
        Field field = land.field(viewer, visit.fieldId());
        return Scores.of(field, field.zone(zone), readings.ofVisit(viewer, id));
    }

    @GetMapping("/api/visits/{id}/section")
    SectionView section(@PathVariable UUID id, @RequestParam(defaultValue = "main") String zone) {
        Viewer viewer = Viewer.current();
        Visit visit = visits.visit(viewer, id);
        Field field = land.field(viewer, visit.fieldId());
        List<Reading> all = readings.standing(viewer, field.id());
        return SectionView.of(field, field.zone(zone), visit, visits.ofField(viewer, field.id()), all);
    }
}
