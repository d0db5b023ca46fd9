package morphotera.app.read;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Zone;
import morphotera.app.measure.Reading;
import morphotera.app.measure.Readings;
import morphotera.app.measure.TakenReadings;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import morphotera.read.Beside;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Zones of a visit held beside each other. */
@RestController
class BesideController {
    private static final int FEWEST = 2;
    private static final int MOST = 4;

    private final Visits visits;
    private final Land land;
    private final Readings readings;

    BesideController(Visits visits, Land land, Readings readings) {
        this.visits = visits;
        this.land = land;
        this.readings = readings;
    }

    record Column(UUID zone, String kind, String name, int spots) {}

    /** @param total what only eyes noted of these zones */
    record Noted(int total) {}

    record BesideView(
            List<Column> columns,
            List<Beside.Row> rows,
            List<String> first,
            List<Beside.Depth> depths,
            List<Beside.Unlike> unlike,
            Noted noted) {}

    /** @param zones two to four, by id, name or kind, with commas between */
    @GetMapping("/api/visits/{id}/beside")
    BesideView beside(@PathVariable UUID id, @RequestParam String zones) {
        Viewer viewer = Viewer.current();
        Visit visit = visits.visit(viewer, id);
        Field field = land.field(viewer, visit.fieldId());
        List<Zone> asked = zones(field, zones);
        List<Reading> all = readings.ofVisit(viewer, id);
        List<List<Beside.By>> byZone = new ArrayList<>();
        List<Column> columns = new ArrayList<>();
        int noted = 0;
        for (Zone zone : asked) {
            List<Reading> here = Scores.standing(field, zone, all);
            byZone.add(here.stream()
                    .map(one -> new Beside.By(TakenReadings.of(one), one.enteredBy()))
                    .toList());
            columns.add(new Column(zone.id(), zone.kind(), zone.name(), (int)
                    here.stream().map(Reading::placeId).distinct().count()));
            noted += visit.ticks()
                    .getOrDefault(zone.id().toString(), java.util.Map.of())
                    .size();
        }
        Beside beside = Beside.of(byZone, field.crop());
        return new BesideView(
                columns, beside.rows(), beside.first(), beside.depths(), beside.unlike(), new Noted(noted));
    }

    private static List<Zone> zones(Field field, String asked) {
        List<Zone> zones = new ArrayList<>();
        for (String one : asked.split(",")) {
            String name = one.strip();
            Zone zone = field.zones().stream()
                    .filter(here -> here.id().toString().equals(name))
                    .findFirst()
                    .orElseGet(() -> field.site().zone(name).isPresent() ? field.zone(name) : null);
            if (zone == null) {
                throw refused("unknown-id", "There is no zone '" + name + "' in this field.");
            }
            if (zones.contains(zone)) {
                throw refused("twice", "The zone '" + zone.name() + "' is named twice: choose another beside it.");
            }
            zones.add(zone);
        }
        if (zones.size() < FEWEST || zones.size() > MOST) {
            throw refused("out-of-range", "Two to four zones stand beside each other; name them with commas between.");
        }
        return zones;
    }

    private static Refused refused(String code, String text) {
        return new Refused(List.of(new Refusal("/zones", code, text)));
    }
}
