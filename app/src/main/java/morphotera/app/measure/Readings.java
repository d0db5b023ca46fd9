package morphotera.app.measure;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import morphotera.app.api.Json;
import morphotera.app.api.NotFound;
import morphotera.app.api.Stale;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.app.scout.ConditionsChanged;
import morphotera.app.scout.Visit;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import morphotera.measure.Evaluation;
import morphotera.measure.Known;
import morphotera.measure.methods.Methods;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** Readings are taken and corrected by people, never changed: a correction is a new one, and both are kept. */
@Service
public class Readings {
    /** Says by which rules a result was computed. */
    static final String RULES = "core 0.1.0";

    private static final TypeReference<Map<String, Object>> OBJECT = new TypeReference<>() {};

    private final ReadingMapper readings;
    private final Evaluations evaluations;
    private final DraftMapper drafts;
    private final Places places;
    private final Land land;
    private final Json json;

    Readings(ReadingMapper readings, Evaluations evaluations, DraftMapper drafts, Places places, Land land, Json json) {
        this.readings = readings;
        this.evaluations = evaluations;
        this.drafts = drafts;
        this.places = places;
        this.land = land;
        this.json = json;
    }

    /** What is being typed in a visit. */
    public List<Draft> drafts(Viewer viewer, UUID visitId) {
        return drafts.ofVisit(viewer, visitId).stream()
                .map(row -> new Draft(
                        row.visitId(), row.spotId(), row.method(), json.read(row.bodyJson(), OBJECT), row.changedAt()))
                .toList();
    }

    /** All versions of a visit's readings, in the order taken. */
    public List<Reading> ofVisit(Viewer viewer, UUID visitId) {
        return with(readings.ofVisit(viewer, visitId), readings.measuresOfVisit(viewer, visitId));
    }

    /** The readings of a field that stand, oldest visit first. */
    public List<Reading> standing(Viewer viewer, UUID fieldId) {
        return with(readings.standing(viewer, fieldId), readings.measuresOfField(viewer, fieldId));
    }

    /** The same over all fields, with no measures but those that score for another group: for scores. */
    public List<Reading> standingScores(Viewer viewer) {
        List<MeasureRow> scoring = Methods.ALL.stream()
                .flatMap(method -> method.besides().stream()
                        .flatMap(beside -> readings.measuresOfMethod(viewer, method.id(), beside.measure()).stream()))
                .toList();
        return with(readings.standing(viewer, null), scoring);
    }

    private List<Reading> with(List<ReadingRow> rows, List<MeasureRow> measures) {
        Map<UUID, List<MeasureRow>> byReading = measures.stream().collect(Collectors.groupingBy(MeasureRow::readingId));
        return rows.stream()
                .map(row -> evaluations.reading(row, byReading.getOrDefault(row.id(), List.of())))
                .toList();
    }

    /** Takes a reading. The same again is the same; another under the same id is refused, since readings are corrected, not changed. */
    @Transactional
    public Reading put(Viewer viewer, UUID id, ReadingBody body) {
        Optional<Reading> there = find(viewer, id);
        if (there.isPresent()) {
            return sameOrStale(there.get(), body);
        }
        Places.Place place = places.inBody(viewer, body.visitId(), body.spotId());
        Field field = place.field();
        checkCorrection(viewer, body);
        Known known = knownAt(viewer, place.visit(), body.spotId());
        Evaluation done = evaluations.evaluate(field, place.visit(), known, body.method(), body.reading());
        try {
            save(viewer, field, evaluations.row(id, body, viewer.personId(), RULES, field, done), done, true);
        } catch (DuplicateKeyException meanwhile) {
            return sameOrStale(find(viewer, id).orElseThrow(() -> new NotFound("reading", id)), body);
        }
        drafts.drop(viewer, body.visitId(), body.spotId(), body.method());
        if (Known.isGivenBy(body.method())) {
            again(
                    viewer,
                    field,
                    place.visit(),
                    row -> row.spotId().equals(body.spotId()) && !row.id().equals(id));
        }
        return find(viewer, id).orElseThrow();
    }

    private void checkCorrection(Viewer viewer, ReadingBody body) {
        if (body.corrects() == null) {
            return;
        }
        Reading old = find(viewer, body.corrects())
                .orElseThrow(() -> refused("/corrects", "unknown-id", "There is no such reading here."));
        boolean likeIt = old.visitId().equals(body.visitId())
                && old.spotId().equals(body.spotId())
                && old.method().equals(body.method());
        if (!likeIt) {
            throw refused("/corrects", "other-place", "A correction keeps the visit, the spot and the method.");
        }
        if (old.correctedBy() != null) {
            throw new Stale("This reading was corrected already; correct the newer one.", old);
        }
    }

    private static Reading sameOrStale(Reading known, ReadingBody body) {
        boolean same = known.visitId().equals(body.visitId())
                && known.spotId().equals(body.spotId())
                && known.method().equals(body.method())
                && known.reading().equals(body.reading())
                && known.takenAt().equals(body.takenAt())
                && Objects.equals(known.corrects(), body.corrects());
        if (!same) {
            throw new Stale("There is another reading under this id. Readings are corrected, not changed.", known);
        }
        return known;
    }

    private Optional<Reading> find(Viewer viewer, UUID id) {
        return readings.reading(viewer, id)
                .map(row -> evaluations.reading(row, readings.measuresOfReading(viewer, id)));
    }

    private void save(Viewer viewer, Field field, ReadingRow row, Evaluation done, boolean isNew) {
        if (isNew) {
            readings.add(viewer, row);
        } else {
            readings.clearMeasures(row.id());
            readings.clearResult(row.id());
        }
        String band = done.band() == null ? null : done.band().word();
        readings.addResult(viewer, field.id(), band, row);
        List<MeasureRow> measures = evaluations.measures(row.id(), done);
        if (!measures.isEmpty()) {
            readings.addMeasures(measures);
        }
    }

    /** What the day was like decides what counts: its readings are computed again. */
    @EventListener
    void conditionsChanged(ConditionsChanged changed) {
        Visit visit = changed.visit();
        again(changed.viewer(), land.field(changed.viewer(), visit.fieldId()), visit, row -> true);
    }

    /** Computes readings of a visit again, because something they are read by has changed. */
    private void again(Viewer viewer, Field field, Visit visit, Predicate<ReadingRow> which) {
        Map<UUID, Known> known = new HashMap<>();
        for (ReadingRow row : readings.ofVisit(viewer, visit.id())) {
            if (!which.test(row)) {
                continue;
            }
            ReadingBody body = new ReadingBody(
                    row.visitId(),
                    row.spotId(),
                    row.method(),
                    evaluations.entered(row),
                    row.takenAt(),
                    row.device(),
                    row.corrects(),
                    row.correctionReason());
            Known here = known.computeIfAbsent(row.spotId(), spot -> knownAt(viewer, visit, spot));
            Evaluation done = evaluations.evaluate(field, visit, here, row.method(), body.reading());
            save(viewer, field, evaluations.row(row.id(), body, row.enteredById(), RULES, field, done), done, false);
        }
    }

    private Known knownAt(Viewer viewer, Visit visit, UUID spotId) {
        return Known.of(ofVisit(viewer, visit.id()).stream()
                .filter(reading -> reading.spotId().equals(spotId) && reading.correctedBy() == null)
                .map(Reading::evaluation)
                .toList());
    }

    private static Refused refused(String path, String code, String text) {
        return new Refused(List.of(new Refusal(path, code, text)));
    }
}
