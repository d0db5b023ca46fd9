package morphotera.app.read;

import java.util.UUID;
import morphotera.app.api.NotFound;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.measure.Readings;
import morphotera.app.measure.TakenReadings;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.measure.Site;
import morphotera.read.Cut;
import org.springframework.stereotype.Service;

/** Gathers the spots of a section and the visit before. */
@Service
class Sections {
    private final Visits visits;
    private final Land land;
    private final Readings readings;

    Sections(Visits visits, Land land, Readings readings) {
        this.visits = visits;
        this.land = land;
        this.readings = readings;
    }

    SectionView of(Viewer viewer, UUID visitId, String zoneName) {
        Visit visit = visits.visit(viewer, visitId);
        Field field = land.field(viewer, visit.fieldId());
        Site site = field.site();
        Site.Zone zone = site.zone(zoneName).orElseThrow(() -> new NotFound("zone", zoneName));
        return SectionView.of(Cut.of(
                site,
                zone,
                visit.on(field),
                visits.ofField(viewer, field.id()).stream()
                        .map(one -> one.on(field))
                        .toList(),
                TakenReadings.of(readings.standing(viewer, field.id()))));
    }
}
