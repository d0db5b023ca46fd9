package morphotera.app.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Spot;
import morphotera.app.land.Zone;
import morphotera.app.measure.Reading;
import morphotera.app.measure.Readings;
import morphotera.app.measure.TakenReadings;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.measure.Taken;
import morphotera.read.GroundColumn;
import morphotera.read.Section;
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
        Zone zone = field.zone(zoneName);
        List<Reading> all = readings.standing(viewer, field.id());
        Optional<Visit> before = visits.ofField(viewer, field.id()).stream()
                .filter(one -> !one.id().equals(visit.id()) && !one.day().isAfter(visit.day()))
                .filter(one ->
                        all.stream().anyMatch(reading -> reading.visitId().equals(one.id())))
                .findFirst();
        List<Spot> here = standing(field.spotsOf(zone), visit);
        List<Spot> reference = field.zones().stream()
                .filter(one -> one.kind().equals("reference") && !one.id().equals(zone.id()))
                .flatMap(one -> standing(field.spotsOf(one), visit).stream())
                .toList();
        List<SectionView.Column> columns = Stream.concat(here.stream(), reference.stream())
                .map(spot -> column(field, spot, visit, before, all))
                .toList();
        List<GroundColumn> ground =
                columns.stream().map(SectionView.Column::ground).toList();
        List<Section.Sentence> said = new ArrayList<>(Section.inWords(ground.subList(0, here.size())));
        said.addAll(Section.beside(ground.subList(0, here.size()), ground.subList(here.size(), ground.size())));
        return new SectionView(
                ground.stream().mapToDouble(GroundColumn::deepestCm).max().orElse(0),
                before.map(Visit::id).orElse(null),
                before.map(Visit::day).orElse(null),
                columns,
                said);
    }

    private static List<Spot> standing(List<Spot> spots, Visit visit) {
        return spots.stream()
                .filter(spot -> spot.retiredOn() == null || spot.retiredOn().isAfter(visit.day()))
                .toList();
    }

    private static SectionView.Column column(
            Field field, Spot spot, Visit visit, Optional<Visit> before, List<Reading> all) {
        Zone zone = field.zoneOf(spot.id());
        List<Reading> here = at(spot, visit.id(), all);
        List<Taken> then =
                before.map(one -> TakenReadings.of(at(spot, one.id(), all))).orElse(List.of());
        return new SectionView.Column(
                spot.id(),
                spot.label(),
                spot.note(),
                zone.kind(),
                Scores.of(field, zone, here).soil().balanced(),
                GroundColumn.of(spot.id().toString(), TakenReadings.of(here), then));
    }

    private static List<Reading> at(Spot spot, UUID visit, List<Reading> all) {
        return all.stream()
                .filter(reading ->
                        reading.visitId().equals(visit) && reading.spotId().equals(spot.id()))
                .toList();
    }
}
