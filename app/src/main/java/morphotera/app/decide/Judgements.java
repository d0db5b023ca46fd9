package morphotera.app.decide;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import morphotera.app.follow.Interventions;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Zone;
import morphotera.app.measure.Readings;
import morphotera.app.measure.TakenReadings;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.app.tables.PracticeSheets;
import morphotera.decide.Advice;
import morphotera.decide.CauseTable;
import morphotera.decide.Judgement;
import morphotera.decide.Ruling;
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
    private final PracticeSheets sheets;
    private final Clock clock;

    Judgements(
            Visits visits,
            Land land,
            Readings readings,
            Interventions interventions,
            PracticeSheets sheets,
            Clock clock) {
        this.visits = visits;
        this.land = land;
        this.readings = readings;
        this.interventions = interventions;
        this.sheets = sheets;
        this.clock = clock;
    }

    Advice advice(Viewer viewer, CauseTable table, Visit visit, Field field, Zone zone, List<Ruling> rulings) {
        return Advice.of(
                table,
                Remedies.ALL,
                field.site(),
                site(field, zone),
                visit.on(field),
                LocalDate.now(clock.withZone(ZoneId.of(field.timeZone()))).toEpochDay(),
                standing(viewer, field),
                log(viewer, field),
                rulings,
                sheets.of(viewer));
    }

    Judgement judge(Viewer viewer, CauseTable table, Visit visit, Field field, Zone zone) {
        return Advice.judge(
                table,
                field.site(),
                site(field, zone),
                visit.on(field),
                standing(viewer, field),
                log(viewer, field),
                sheets.of(viewer));
    }

    private static Site.Zone site(Field field, Zone zone) {
        return field.site().zone(zone.id().toString()).orElseThrow();
    }

    private List<Taken> standing(Viewer viewer, Field field) {
        return TakenReadings.of(readings.standing(viewer, field.id()), field, visits.ofField(viewer, field.id()));
    }

    private List<Advice.Log> log(Viewer viewer, Field field) {
        return interventions.of(viewer, field.id()).stream()
                .map(one -> new Advice.Log(
                        one.kind(),
                        one.doneOn().toEpochDay(),
                        one.zoneId() == null ? null : one.zoneId().toString()))
                .toList();
    }

    Visit visit(Viewer viewer, UUID id) {
        return visits.visit(viewer, id);
    }

    Field field(Viewer viewer, UUID id) {
        return land.field(viewer, id);
    }
}
