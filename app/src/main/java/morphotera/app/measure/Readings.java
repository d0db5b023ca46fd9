package morphotera.app.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.api.Json;
import morphotera.app.api.NotFound;
import morphotera.app.api.Stale;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.app.scout.ConditionsChanged;
import morphotera.app.scout.Visit;
import morphotera.app.scout.VisitChanged;
import morphotera.app.scout.Visits;
import morphotera.app.tables.Yardsticks;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import morphotera.measure.Bench;
import morphotera.measure.Curves;
import morphotera.measure.Evaluation;
import morphotera.measure.Known;
import morphotera.measure.Taken;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/**
 * Readings are taken and corrected by people, never changed: a correction is a new one, and both are kept. Whatever changes
 * what a result was computed with computes it again in the same transaction, under a lock of the visit, so that saves at one
 * moment end as if one came after the other.
 */
@Service
public class Readings {
    private static final TypeReference<Map<String, Object>> OBJECT = new TypeReference<>() {};

    private final ReadingMapper readings;
    private final Evaluations evaluations;
    private final DraftMapper drafts;
    private final Places places;
    private final Visits visits;
    private final Land land;
    private final Json json;

    Readings(
            ReadingMapper readings,
            Evaluations evaluations,
            DraftMapper drafts,
            Places places,
            Visits visits,
            Land land,
            Json json) {
        this.readings = readings;
        this.evaluations = evaluations;
        this.drafts = drafts;
        this.places = places;
        this.visits = visits;
        this.land = land;
        this.json = json;
    }

    /** What is being typed in a visit. */
    public List<Draft> drafts(Viewer viewer, UUID visitId) {
        return drafts.ofVisit(viewer, visitId).stream()
                .map(row -> new Draft(
                        row.visitId(),
                        row.spotId(),
                        row.sampleId(),
                        row.method(),
                        row.variant(),
                        row.repeatNumber(),
                        row.note(),
                        json.read(row.bodyJson(), OBJECT),
                        row.changedAt()))
                .toList();
    }

    /** All versions of a visit's readings, in the order taken. */
    public List<Reading> ofVisit(Viewer viewer, UUID visitId) {
        return evaluations.readings(readings.ofVisit(viewer, visitId), readings.measuresOfVisit(viewer, visitId));
    }

    /** The readings of a field that stand, oldest visit first. */
    public List<Reading> standing(Viewer viewer, UUID fieldId) {
        return evaluations.readings(readings.standing(viewer, fieldId), readings.measuresOfField(viewer, fieldId));
    }

    /** All versions of a field's readings, oldest visit first. */
    public List<Reading> ofField(Viewer viewer, UUID fieldId) {
        return evaluations.readings(readings.ofField(viewer, fieldId), readings.measuresOfField(viewer, fieldId));
    }

    /** Where the practice's readings lie along a curve. */
    public List<Double> placedOn(Viewer viewer, String curve) {
        String plain = curve.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_");
        return readings.placedOn(viewer, "%\"curve\":\"" + plain + "\"%").stream()
                .map(placed -> json.read(placed, Curves.Placed.class).x())
                .toList();
    }

    /** The newest visit of a field that has readings; empty where none has. */
    public Optional<UUID> newestRead(Viewer viewer, UUID fieldId) {
        return readings.newestRead(viewer, fieldId);
    }

    /** Takes a reading. The same again is the same; another under the same id is refused, since readings are corrected, not changed. */
    @Transactional
    public Reading put(Viewer viewer, UUID id, ReadingBody body) {
        visits.lock(viewer, body.visitId());
        Places.Place place = places.inBody(viewer, body.visitId(), body.spotId(), body.sampleId());
        Optional<Reading> there = find(viewer, id);
        if (there.isPresent()) {
            return sameOrStale(there.get(), body);
        }
        checkCorrection(viewer, body);
        List<Reading> standing = standingAt(viewer, body.visitId(), body.placeId());
        visits.changed(viewer, body.visitId(), VisitChanged.Kind.READING, id);
        Reading taken = take(viewer, place, standing, id, body);
        land.touch(viewer, place.field().id());
        return taken;
    }

    /** A reading new to the store, under its id. */
    public record Numbered(UUID id, ReadingBody body) {}

    /** Lays out a visit's readings in the order taken: the same as taking each, with the visit's ground read once. */
    @Transactional
    public void layOut(Viewer viewer, UUID visitId, List<Numbered> all) {
        visits.lock(viewer, visitId);
        Visit visit = visits.visit(viewer, visitId);
        Places.Place place = new Places.Place(visit, land.field(viewer, visit.fieldId()));
        Map<UUID, List<Reading>> byPlace = new HashMap<>();
        for (Numbered one : all) {
            UUID at = one.body().placeId();
            List<Reading> standing = byPlace.computeIfAbsent(at, any -> standingAt(viewer, visitId, at));
            take(viewer, place, standing, one.id(), one.body());
        }
        land.touch(viewer, visit.fieldId());
    }

    /** @param standing what stands at its spot before, and after */
    private Reading take(Viewer viewer, Places.Place place, List<Reading> standing, UUID id, ReadingBody body) {
        Field field = place.field();
        standing.removeIf(one -> one.id().equals(body.corrects()));
        Known known = Known.of(body.method(), TakenReadings.of(standing));
        Map<String, Object> context = Evaluations.context(field, body.placeId(), place.visit(), known);
        Yardsticks.Used used = evaluations.used(viewer, field);
        Evaluation done = Evaluations.evaluate(used, body.method(), context, body.reading());
        if (readings.add(viewer, id, body, json.write(body.reading()), Bench.RULES) == 0) {
            // Somebody else's practice has it.
            throw refused("", "unknown-id", "This id is taken. Save it under a new one.");
        }
        List<MeasureRow> measures = save(viewer, field, id, body.spotId(), used, context, done);
        drafts.drop(viewer, body.visitId(), body.placeId(), body.method(), body.repeatOrFirst());
        Reading taken = evaluations.reading(readings.reading(viewer, id).orElseThrow(), measures);
        standing.add(taken);
        return taken.alongWith(afterChange(viewer, field, place.visit(), body.method(), standing));
    }

    /** What a reading would come to at its spot, stored nowhere. */
    @Transactional(readOnly = true)
    public Evaluation evaluate(
            Viewer viewer, UUID visitId, UUID placeId, String method, Map<String, Object> reading, UUID corrects) {
        Places.Place place = places.inAddress(viewer, visitId, placeId);
        List<Reading> standing = standingAt(viewer, visitId, placeId);
        standing.removeIf(one -> one.id().equals(corrects));
        Map<String, Object> context = Evaluations.context(
                place.field(), placeId, place.visit(), Known.of(method, TakenReadings.of(standing)));
        return Evaluations.evaluate(evaluations.used(viewer, place.field()), method, context, reading);
    }

    /** A person says that another reading of the cell holds; null takes that back. */
    @Transactional
    public Reading setAside(Viewer viewer, UUID id, String reason) {
        Reading reading = find(viewer, id).orElseThrow(() -> new NotFound("reading", id));
        visits.lock(viewer, reading.visitId());
        visits.changed(viewer, reading.visitId(), VisitChanged.Kind.READING, id);
        readings.setAside(viewer, id, reason);
        Places.Place place = places.inAddress(viewer, reading.visitId(), reading.placeId());
        List<Reading> standing = standingAt(viewer, reading.visitId(), reading.placeId());
        List<UUID> changed = afterChange(viewer, place.field(), place.visit(), reading.method(), standing);
        land.touch(viewer, place.field().id());
        return find(viewer, id).orElseThrow().alongWith(changed);
    }

    private void checkCorrection(Viewer viewer, ReadingBody body) {
        if (body.corrects() == null) {
            return;
        }
        Reading old = find(viewer, body.corrects())
                .orElseThrow(() -> refused("/corrects", "unknown-id", "There is no such reading here."));
        boolean likeIt = old.visitId().equals(body.visitId())
                && old.placeId().equals(body.placeId())
                && old.method().equals(body.method());
        if (!likeIt) {
            throw refused("/corrects", "other-place", "A correction keeps the visit, the place and the method.");
        }
        if (old.correctedBy() != null) {
            Reading newer = find(viewer, old.correctedBy()).orElseThrow();
            throw new Stale("This reading was corrected already; correct the newer one.", newer);
        }
    }

    private static Reading sameOrStale(Reading known, ReadingBody body) {
        boolean same = known.visitId().equals(body.visitId())
                && known.placeId().equals(body.placeId())
                && known.method().equals(body.method())
                && Objects.equals(known.variant(), body.variant())
                && known.repeat() == body.repeatOrFirst()
                && Objects.equals(known.note(), body.note())
                && known.reading().equals(body.reading())
                && known.takenAt().equals(body.takenAt())
                && Objects.equals(known.corrects(), body.corrects());
        if (!same) {
            throw new Stale("There is another reading under this id. Readings are corrected, not changed.", known);
        }
        return known;
    }

    Optional<Reading> find(Viewer viewer, UUID id) {
        return readings.reading(viewer, id)
                .map(row -> evaluations.reading(row, readings.measuresOfReading(viewer, id)));
    }

    private List<Reading> standingAt(Viewer viewer, UUID visitId, UUID placeId) {
        return new ArrayList<>(evaluations.readings(
                readings.standingAt(viewer, visitId, placeId), readings.measuresAt(viewer, visitId, placeId)));
    }

    private List<MeasureRow> save(
            Viewer viewer,
            Field field,
            UUID id,
            UUID spotId,
            Yardsticks.Used used,
            Map<String, Object> context,
            Evaluation done) {
        readings.putResult(viewer, evaluations.result(id, field, spotId, used, context, done));
        List<MeasureRow> measures = evaluations.measures(id, done);
        if (!measures.isEmpty()) {
            readings.addMeasures(id, MeasureColumns.of(measures));
        }
        return measures;
    }

    /** What the day was like decides what counts: its readings are computed again. */
    @EventListener
    void conditionsChanged(ConditionsChanged changed) {
        Field field = land.field(changed.viewer(), changed.visit().fieldId());
        changed.computedAgain().addAll(scoreAgain(changed.viewer(), field, changed.visit()));
    }

    /**
     * Computes the readings of a visit with what is known of its field now; asked for by a person.
     *
     * @return those that were computed with something else before
     */
    @Transactional
    public List<UUID> scoreAgain(Viewer viewer, UUID visitId) {
        visits.lock(viewer, visitId);
        Visit visit = visits.visit(viewer, visitId);
        Field field = land.field(viewer, visit.fieldId());
        List<UUID> changed = scoreAgain(viewer, field, visit);
        changed.forEach(one -> visits.changed(viewer, visitId, VisitChanged.Kind.READING, one));
        land.touch(viewer, field.id());
        return changed;
    }

    private List<UUID> scoreAgain(Viewer viewer, Field field, Visit visit) {
        List<UUID> changed = new ArrayList<>();
        byPlace(viewer, visit)
                .values()
                .forEach(standing -> changed.addAll(computeAgain(viewer, field, visit, standing)));
        return changed;
    }

    /** The readings of a visit that "score again" would change, by what is known of the field now. */
    @Transactional(readOnly = true)
    public List<UUID> wouldChange(Viewer viewer, Field field, Visit visit) {
        List<UUID> would = new ArrayList<>();
        byPlace(viewer, visit).forEach((at, all) -> {
            List<Taken> taken = TakenReadings.of(all);
            for (Reading one : all) {
                Map<String, Object> context = Evaluations.context(field, at, visit, Known.of(one.method(), taken));
                Yardsticks.Used used = evaluations.used(viewer, field, one);
                Evaluation again = Evaluations.evaluate(used, one.method(), context, one.reading());
                if (!Objects.equals(again.score(), one.evaluation().score())
                        || !again.flags().equals(one.evaluation().flags())) {
                    would.add(one.id());
                }
            }
        });
        return would;
    }

    /** What another yardstick would make of them; stored nowhere. */
    public List<Taken> with(List<Reading> all, Yardsticks.Used used) {
        return all.stream()
                .map(one -> TakenReadings.with(
                        TakenReadings.of(one),
                        Evaluations.evaluate(
                                used, one.method(), one.context() == null ? Map.of() : one.context(), one.reading())))
                .toList();
    }

    private Map<UUID, List<Reading>> byPlace(Viewer viewer, Visit visit) {
        return ofVisit(viewer, visit.id()).stream()
                .filter(Reading::stands)
                .collect(Collectors.groupingBy(Reading::placeId, LinkedHashMap::new, Collectors.toList()));
    }

    /** A method that tells others what they rest on has one more reading, or one less. */
    private List<UUID> afterChange(Viewer viewer, Field field, Visit visit, String method, List<Reading> standing) {
        return Known.isGivenBy(method) ? computeAgain(viewer, field, visit, standing) : List.of();
    }

    /** Computes those readings of a place again whose context is another now, in the order in which they rest on one another. */
    private List<UUID> computeAgain(Viewer viewer, Field field, Visit visit, List<Reading> standing) {
        Map<UUID, Taken> taken = new LinkedHashMap<>();
        standing.forEach(one -> taken.put(one.id(), TakenReadings.of(one)));
        List<Reading> inOrder = new ArrayList<>(standing);
        inOrder.sort(Comparator.comparingInt(one -> Known.order(one.method())));
        List<UUID> changed = new ArrayList<>();
        for (Reading one : inOrder) {
            Known known = Known.of(one.method(), List.copyOf(taken.values()));
            Map<String, Object> context = Evaluations.context(field, one.placeId(), visit, known);
            if (!evaluations.isOf(one, context)) {
                Yardsticks.Used used = evaluations.used(viewer, field, one);
                Evaluation done = Evaluations.evaluate(used, one.method(), context, one.reading());
                readings.clearMeasures(one.id());
                save(viewer, field, one.id(), one.spotId(), used, context, done);
                taken.put(one.id(), TakenReadings.with(taken.get(one.id()), done));
                changed.add(one.id());
            }
        }
        return changed;
    }

    private static Refused refused(String path, String code, String text) {
        return new Refused(List.of(new Refusal(path, code, text)));
    }
}
