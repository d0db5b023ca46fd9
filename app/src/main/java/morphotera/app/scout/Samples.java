package morphotera.app.scout;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.api.Changes;
import morphotera.app.api.Json;
import morphotera.app.api.NotFound;
import morphotera.app.api.Patching;
import morphotera.app.api.Put;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.LandMapper;
import morphotera.app.land.Sample;
import morphotera.app.land.SampleRow;
import morphotera.app.land.Spot;
import morphotera.app.people.Viewer;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Mixed samples of a visit. When and how one was carried decides what of its readings counts: they are computed again. */
@Service
public class Samples {
    private final LandMapper mapper;
    private final Land land;
    private final Visits visits;
    private final Json json;
    private final Patching patching;
    private final ApplicationEventPublisher events;

    Samples(
            LandMapper mapper,
            Land land,
            Visits visits,
            Json json,
            Patching patching,
            ApplicationEventPublisher events) {
        this.mapper = mapper;
        this.land = land;
        this.visits = visits;
        this.json = json;
        this.patching = patching;
        this.events = events;
    }

    public Optional<Sample> find(Viewer viewer, UUID id) {
        return mapper.sample(viewer, id).map(row -> Sample.of(row, json));
    }

    @Transactional
    public Sample patch(Viewer viewer, UUID id, Changes changes) {
        Sample stands = find(viewer, id).orElseThrow(() -> new NotFound("sample", id));
        visits.lock(viewer, stands.visitId());
        return put(viewer, id, patching.apply(find(viewer, id).orElseThrow(), changes, SampleBody.class));
    }

    @Transactional
    public Sample put(Viewer viewer, UUID id, SampleBody body) {
        Visit visit = visitOf(viewer, body.visitId());
        visits.lock(viewer, visit.id());
        Field field = land.field(viewer, visit.fieldId());
        SampleRow row = row(id, field, zoneOf(field, body.spots()), body);
        Sample sent = Sample.of(row, json);
        Sample saved = new Put<Sample>() {
            @Override
            protected Optional<Sample> find() {
                return Samples.this.find(viewer, id);
            }

            @Override
            protected boolean same(Sample known) {
                if (!known.visitId().equals(visit.id())) {
                    throw refused("/visitId", "other-place", "A sample stays in its visit.");
                }
                if (!known.zoneId().equals(sent.zoneId())) {
                    throw refused("/spots", "other-place", "A sample stays in its zone.");
                }
                return alike(known, sent);
            }

            @Override
            protected void lock() {
                land.lock(viewer);
            }

            @Override
            protected int insert() {
                int added = mapper.addSample(viewer, row);
                visits.changed(viewer, visit.id(), VisitChanged.Kind.VISIT, id);
                return added;
            }

            @Override
            protected int update() {
                int changed = mapper.updateSample(viewer, row);
                if (changed == 1) {
                    visits.changed(viewer, visit.id(), VisitChanged.Kind.VISIT, id);
                    events.publishEvent(new ConditionsChanged(viewer, visit, new ArrayList<>()));
                }
                return changed;
            }
        }.put("sample", id, body.version());
        land.touch(viewer, field.id());
        return saved;
    }

    private Visit visitOf(Viewer viewer, UUID visitId) {
        try {
            return visits.visit(viewer, visitId);
        } catch (NotFound none) {
            throw refused("/visitId", "unknown-id", "There is no such visit here.");
        }
    }

    /** Soil of two zones is never mixed. */
    private static UUID zoneOf(Field field, List<UUID> spots) {
        UUID zone = null;
        for (int i = 0; i < spots.size(); i++) {
            UUID id = spots.get(i);
            Spot spot = field.spots().stream()
                    .filter(one -> one.id().equals(id))
                    .findFirst()
                    .orElse(null);
            if (spot == null) {
                throw refused("/spots/" + i, "unknown-id", "There is no such spot in this field.");
            }
            if (zone != null && !zone.equals(spot.zoneId())) {
                throw refused(
                        "/spots/" + i, "other-zone", "Soil of two zones is not mixed: this spot lies in another.");
            }
            zone = spot.zoneId();
        }
        return zone;
    }

    private SampleRow row(UUID id, Field field, UUID zoneId, SampleBody body) {
        return new SampleRow(
                id,
                field.id(),
                body.visitId(),
                zoneId,
                body.label().strip(),
                json.write(body.spots()),
                body.subsamples(),
                body.topCm(),
                body.bottomCm(),
                body.takenAt(),
                body.cooledAt(),
                body.handedOverAt(),
                json.write(body.asked() == null ? List.of() : body.asked()),
                body.laboratory(),
                body.cost(),
                body.version(),
                null,
                null,
                null,
                null,
                null,
                null);
    }

    private static boolean alike(Sample one, Sample other) {
        return one.label().equals(other.label())
                && one.spots().equals(other.spots())
                && Objects.equals(one.subsamples(), other.subsamples())
                && one.topCm() == other.topCm()
                && one.bottomCm() == other.bottomCm()
                && one.takenAt().equals(other.takenAt())
                && Objects.equals(one.cooledAt(), other.cooledAt())
                && Objects.equals(one.handedOverAt(), other.handedOverAt())
                && one.asked().equals(other.asked())
                && Objects.equals(one.laboratory(), other.laboratory())
                && Objects.equals(one.cost(), other.cost());
    }

    private static Refused refused(String path, String code, String text) {
        return new Refused(List.of(new Refusal(path, code, text)));
    }
}
