package morphotera.app.read;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Zone;
import morphotera.app.measure.Readings;
import morphotera.app.measure.TakenReadings;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.ground.Nullable;
import morphotera.measure.Site;
import morphotera.read.FieldScores;
import morphotera.read.FoundValues;
import morphotera.read.TextureFound;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** {@code zone}: an id, a name, or a kind where the field has one of it. */
@RestController
class ReadController {
    private final Visits visits;
    private final Land land;
    private final Readings readings;
    private final Sections sections;

    ReadController(Visits visits, Land land, Readings readings, Sections sections) {
        this.visits = visits;
        this.land = land;
        this.readings = readings;
        this.sections = sections;
    }

    @GetMapping("/api/visits/{id}/scores")
    FieldScores scores(@PathVariable UUID id, @RequestParam(defaultValue = "main") String zone) {
        Viewer viewer = Viewer.current();
        Visit visit = visits.visit(viewer, id);
        Field field = land.field(viewer, visit.fieldId());
        return Scores.of(field, field.zone(zone), readings.ofVisit(viewer, id));
    }

    @GetMapping("/api/visits/{id}/section")
    SectionView section(@PathVariable UUID id, @RequestParam(defaultValue = "main") String zone) {
        return sections.of(Viewer.current(), id, zone);
    }

    record ValueSpot(UUID id, String label, @Nullable String note) {}

    /** What was found: a row for each quantity, a column for each spot and mixed sample of the zone. */
    record Values(List<ValueSpot> spots, List<FoundValues.Row> rows) {}

    @GetMapping("/api/visits/{id}/values")
    Values values(@PathVariable UUID id, @RequestParam(defaultValue = "main") String zone) {
        Viewer viewer = Viewer.current();
        Visit visit = visits.visit(viewer, id);
        Field field = land.field(viewer, visit.fieldId());
        Zone where = field.zone(zone);
        Stream<ValueSpot> spots =
                field.spotsOf(where).stream().map(spot -> new ValueSpot(spot.id(), spot.label(), spot.note()));
        Stream<ValueSpot> samples = field.samples().stream()
                .filter(sample -> sample.visitId().equals(id) && sample.zoneId().equals(where.id()))
                .map(sample -> new ValueSpot(sample.id(), sample.label(), "mixed sample"));
        return new Values(
                Stream.concat(spots, samples).toList(),
                FoundValues.of(TakenReadings.of(Scores.standing(field, where, readings.ofVisit(viewer, id)))));
    }

    /** @param offer what the zone would be called; null where that is what it is called already */
    record TextureOffer(
            @Nullable String texture,
            @Nullable Double clayPercent,
            List<String> at,
            int of,
            @Nullable TextureFound.Offer offer) {}

    /** The texture the zone's readings would give it, to be offered to the field. */
    @GetMapping("/api/visits/{id}/texture")
    TextureOffer texture(@PathVariable UUID id, @RequestParam(defaultValue = "main") String zone) {
        Viewer viewer = Viewer.current();
        Visit visit = visits.visit(viewer, id);
        Field field = land.field(viewer, visit.fieldId());
        Zone where = field.zone(zone);
        TextureFound found =
                TextureFound.of(TakenReadings.of(Scores.standing(field, where, readings.ofVisit(viewer, id))));
        Site site = field.site();
        Site.Zone said = site.zone(where.id().toString()).orElseThrow();
        return new TextureOffer(
                found.texture(),
                found.clayPercent(),
                found.at(),
                found.of(),
                found.offer(site.textureOf(said), site.clayOf(said)));
    }
}
