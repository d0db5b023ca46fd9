package morphotera.app.decide;

import java.util.List;
import java.util.UUID;
import morphotera.app.api.NotFound;
import morphotera.app.follow.Interventions;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.measure.Readings;
import morphotera.app.measure.TakenReadings;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.decide.Advice;
import morphotera.decide.CauseTable;
import morphotera.decide.remedies.Remedies;
import morphotera.measure.Site;
import morphotera.measure.Taken;
import org.springframework.stereotype.Service;

/** Gathers what is known of a zone on a visit's day and has it judged. */
@Service
class Judgements {
    private final Visits visits;
    private final Land land;
    private final Readings readings;
    private final Interventions interventions;
    private final CauseTable table;

    Judgements(Visits visits, Land land, Readings readings, Interventions interventions, CauseTable table) {
        this.visits = visits;
        this.land = land;
        this.readings = readings;
        this.interventions = interventions;
        this.table = table;
    }

    Advice of(Viewer viewer, UUID visitId, String zoneName) {
        Visit visit = visits.visit(viewer, visitId);
        Field field = land.field(viewer, visit.fieldId());
        Site site = field.site();
        Site.Zone zone = site.zone(zoneName).orElseThrow(() -> new NotFound("zone", zoneName));
        List<Taken> standing =
                TakenReadings.of(readings.standing(viewer, field.id()), field, visits.ofField(viewer, field.id()));
        List<Advice.Log> log = interventions.of(viewer, field.id()).stream()
                .map(one -> new Advice.Log(
                        one.kind(),
                        one.doneOn().toEpochDay(),
                        one.zoneId() == null ? null : one.zoneId().toString()))
                .toList();
        return Advice.of(table, Remedies.ALL, site, zone, visit.on(field), standing, log);
    }
}
