package morphotera.app.follow;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.api.Changes;
import morphotera.app.api.NotFound;
import morphotera.app.api.Patching;
import morphotera.app.api.Put;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was done to a field, kept with it. */
@Service
public class Interventions {
    private final InterventionMapper interventions;
    private final Land land;
    private final Promises promises;
    private final Patching patching;

    Interventions(InterventionMapper interventions, Land land, Promises promises, Patching patching) {
        this.interventions = interventions;
        this.land = land;
        this.promises = promises;
        this.patching = patching;
    }

    public List<Intervention> of(Viewer viewer, UUID fieldId) {
        return interventions.of(viewer, land.field(viewer, fieldId).id());
    }

    @Transactional
    public Intervention patch(Viewer viewer, UUID id, Changes changes) {
        land.lock(viewer);
        Intervention stands =
                interventions.intervention(viewer, id).orElseThrow(() -> new NotFound("intervention", id));
        return put(viewer, id, patching.apply(stands, changes, InterventionController.InterventionBody.class));
    }

    @Transactional
    public Intervention put(Viewer viewer, UUID id, InterventionController.InterventionBody body) {
        Field field = field(viewer, body.fieldId());
        boolean known = body.zoneId() == null
                || field.zones().stream().anyMatch(zone -> zone.id().equals(body.zoneId()));
        if (!known) {
            throw refused("/zoneId", "There is no such zone in this field.");
        }
        Intervention it = new Intervention(
                id,
                body.fieldId(),
                body.doneOn(),
                body.kind(),
                body.amount(),
                body.unit(),
                body.product(),
                body.zoneId(),
                body.depthCm(),
                body.crop(),
                body.note(),
                body.version());
        Intervention saved = new Put<Intervention>() {
            @Override
            protected Optional<Intervention> find() {
                return interventions.intervention(viewer, id);
            }

            @Override
            protected boolean same(Intervention known) {
                return known.equals(sameVersion(it, known.version()));
            }

            @Override
            protected void lock() {
                land.lock(viewer);
            }

            @Override
            protected int insert() {
                return interventions.add(viewer, it);
            }

            @Override
            protected int update() {
                return interventions.update(viewer, it);
            }
        }.put("intervention", id, body.version());
        promises.fix(viewer, field, saved, Map.of());
        land.touch(viewer, field.id());
        return saved;
    }

    /** Writes what a plan's step did into the log, once; {@code inputs} of its sum. */
    @Transactional
    public void log(Viewer viewer, Intervention done, Map<String, Object> inputs) {
        if (interventions.intervention(viewer, done.id()).isEmpty()) {
            land.lock(viewer);
            interventions.add(viewer, done);
            promises.fix(viewer, land.field(viewer, done.fieldId()), done, inputs);
            land.touch(viewer, done.fieldId());
        }
    }

    private Field field(Viewer viewer, UUID id) {
        try {
            return land.field(viewer, id);
        } catch (NotFound none) {
            throw refused("/fieldId", "There is no such field here.");
        }
    }

    private static Intervention sameVersion(Intervention it, int version) {
        return new Intervention(
                it.id(),
                it.fieldId(),
                it.doneOn(),
                it.kind(),
                it.amount(),
                it.unit(),
                it.product(),
                it.zoneId(),
                it.depthCm(),
                it.crop(),
                it.note(),
                version);
    }

    private static Refused refused(String path, String text) {
        return new Refused(List.of(new Refusal(path, "unknown-id", text)));
    }
}
