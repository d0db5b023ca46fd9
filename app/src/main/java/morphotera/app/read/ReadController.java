package morphotera.app.read;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Zone;
import morphotera.app.measure.Reading;
import morphotera.app.measure.Readings;
import morphotera.app.measure.TakenReadings;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.app.tables.Yardsticks;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.measure.Site;
import morphotera.read.FieldScores;
import morphotera.read.FoundValues;
import morphotera.read.School;
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
    private final Yardsticks yardsticks;

    ReadController(Visits visits, Land land, Readings readings, Sections sections, Yardsticks yardsticks) {
        this.visits = visits;
        this.land = land;
        this.readings = readings;
        this.sections = sections;
        this.yardsticks = yardsticks;
    }

    @GetMapping("/api/visits/{id}/scores")
    ScoresView scores(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "main") String zone,
            @RequestParam(required = false) UUID yardstick) {
        Viewer viewer = Viewer.current();
        Visit visit = visits.visit(viewer, id);
        Field field = land.field(viewer, visit.fieldId());
        Zone where = field.zone(zone);
        List<Reading> all = Scores.standing(field, where, readings.ofVisit(viewer, id));
        if (yardstick == null) {
            return ScoresView.of(Scores.of(field, where, all), usedBy(all));
        }
        Yardsticks.YardstickView asked = yardsticks.one(viewer, yardstick, null);
        Yardsticks.Used used = yardsticks.of(viewer, yardstick, asked.school());
        FieldScores again =
                FieldScores.of(readings.with(all, used), Coded.of(School.values(), asked.school()), field.crop());
        return ScoresView.of(again, new Yardsticks.Named(asked.id(), asked.name(), asked.version()));
    }

    /** The one most readings were scored with; null where there is none. */
    private static @Nullable Yardsticks.Named usedBy(List<Reading> all) {
        return all.stream()
                .map(one -> new Yardsticks.Named(
                        one.yardstickId() == null ? Yardsticks.SHIPPED : one.yardstickId(),
                        one.yardstick(),
                        one.yardstickVersion()))
                .collect(Collectors.groupingBy(one -> one, LinkedHashMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(null);
    }

    /** @param xs where the practice's readings lie along it */
    record Places(String curve, List<Double> xs) {}

    @GetMapping("/api/curves/{key}/places")
    Places places(@PathVariable String key) {
        return new Places(key, readings.placedOn(Viewer.current(), key));
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
