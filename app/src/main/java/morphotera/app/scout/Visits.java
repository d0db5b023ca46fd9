package morphotera.app.scout;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.api.Changes;
import morphotera.app.api.Json;
import morphotera.app.api.NotFound;
import morphotera.app.api.Patching;
import morphotera.app.api.Put;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.decide.CauseTable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** Visits of a practice: planned, running, done. */
@Service
public class Visits {
    private static final TypeReference<List<String>> WORDS = new TypeReference<>() {};
    private static final TypeReference<Map<String, Instant>> TIMES = new TypeReference<>() {};
    private static final TypeReference<Map<String, Map<String, Boolean>>> TICKS = new TypeReference<>() {};

    private static final TypeReference<DayPlan> PLAN = new TypeReference<>() {};

    private final VisitMapper visits;
    private final Land land;
    private final CauseTable causes;
    private final Json json;
    private final ApplicationEventPublisher events;
    private final Patching patching;

    Visits(
            VisitMapper visits,
            Land land,
            CauseTable causes,
            Json json,
            ApplicationEventPublisher events,
            Patching patching) {
        this.visits = visits;
        this.land = land;
        this.causes = causes;
        this.json = json;
        this.events = events;
        this.patching = patching;
    }

    public Visit visit(Viewer viewer, UUID id) {
        return visits.visit(viewer, id).map(this::visit).orElseThrow(() -> new NotFound("visit", id));
    }

    /** Newest first. */
    public List<Visit> ofField(Viewer viewer, UUID fieldId) {
        land.field(viewer, fieldId);
        return visits.visits(viewer, fieldId).stream().map(this::visit).toList();
    }

    /** Newest first, of these fields. */
    public List<Visit> ofFields(Viewer viewer, List<UUID> fieldIds) {
        return fieldIds.isEmpty()
                ? List.of()
                : visits.ofFields(viewer, fieldIds).stream().map(this::visit).toList();
    }

    /** Until the transaction ends, nobody else saves a reading of this visit or changes its day. */
    public void lock(Viewer viewer, UUID id) {
        visits.lock(viewer, id);
    }

    /** Something of a visit was written: its revision is raised, and whoever looks at it is told when it is stored. */
    public void changed(Viewer viewer, UUID id, VisitChanged.Kind kind, UUID what) {
        visits.raise(viewer, id);
        events.publishEvent(new VisitChanged(id, visits.revision(viewer, id).orElseThrow(), kind, what));
    }

    /** Edits by path; what another one changed beside it stands. */
    @Transactional
    public Visit patch(Viewer viewer, UUID id, Changes changes) {
        lock(viewer, id);
        return put(viewer, id, patching.apply(visit(viewer, id), changes, VisitBody.class));
    }

    @Transactional
    public Visit put(Viewer viewer, UUID id, VisitBody body) {
        checkTicks(viewer, body);
        lock(viewer, id);
        VisitRow row = row(viewer, id, body);
        List<UUID> computedAgain = new ArrayList<>();
        Visit saved = visit(
                new Put<VisitRow>() {
                    @Override
                    protected Optional<VisitRow> find() {
                        return visits.visit(viewer, id);
                    }

                    @Override
                    protected boolean same(VisitRow known) {
                        if (!known.fieldId().equals(row.fieldId())) {
                            throw refused("/fieldId", "unknown-id", "A visit stays in its field.");
                        }
                        return known.equals(withNamesOf(known, row));
                    }

                    @Override
                    protected void lock() {
                        land.lock(viewer);
                    }

                    @Override
                    protected int insert() {
                        return visits.add(row);
                    }

                    @Override
                    protected int update() {
                        Visit before = visit(find().orElseThrow());
                        int changed = visits.update(row);
                        if (changed == 1) {
                            changed(viewer, id, VisitChanged.Kind.VISIT, id);
                        }
                        Visit after = visit(find().orElseThrow());
                        if (changed == 1 && !before.likeConditions(after)) {
                            events.publishEvent(new ConditionsChanged(viewer, after, computedAgain));
                        }
                        return changed;
                    }
                }.put("visit", id, body.version()));
        land.touch(viewer, saved.fieldId());
        return saved.alongWith(computedAgain);
    }

    private void checkTicks(Viewer viewer, VisitBody body) {
        Field field;
        try {
            field = land.field(viewer, body.fieldId());
        } catch (NotFound none) {
            throw refused("/fieldId", "unknown-id", "There is no such field here.");
        }
        if (body.ticks() == null) {
            return;
        }
        body.ticks().forEach((zone, ticks) -> {
            if (field.zones().stream().noneMatch(one -> one.id().toString().equals(zone))) {
                throw refused("/ticks/" + zone, "unknown-id", "There is no such zone in this field.");
            }
            if (ticks == null) {
                throw refused("/ticks/" + zone, "wrong-type", "An object of findings is expected here.");
            }
            ticks.keySet().forEach(finding -> {
                boolean known = causes.finding(finding)
                        .map(CauseTable.Finding::isTicked)
                        .orElse(false);
                if (!known) {
                    throw refused(
                            "/ticks/" + zone + "/" + finding, "unknown-word", "This is not a thing that eyes tick.");
                }
            });
        });
    }

    private VisitRow row(Viewer viewer, UUID id, VisitBody body) {
        UUID observer = visits.visit(viewer, id).map(VisitRow::observerId).orElse(viewer.personId());
        return new VisitRow(
                id,
                viewer.practiceId(),
                body.fieldId(),
                body.day(),
                body.state(),
                body.question(),
                json.write(body.methods() == null ? List.of() : body.methods()),
                observer,
                null,
                body.moisture(),
                body.soilTemperatureC(),
                body.daysSinceRain(),
                body.rainMm(),
                body.weather(),
                json.write(body.startCard() == null ? Map.of() : body.startCard()),
                json.write(body.ticks() == null ? Map.of() : body.ticks()),
                json.write(body.plan() == null ? DayPlan.NONE : body.plan()),
                body.version(),
                0);
    }

    private static VisitRow withNamesOf(VisitRow known, VisitRow row) {
        return new VisitRow(
                row.id(),
                row.practiceId(),
                row.fieldId(),
                row.plannedOn(),
                row.state(),
                row.question(),
                row.methodsJson(),
                row.observerId(),
                known.observerName(),
                row.moisture(),
                row.soilTemperatureC(),
                row.daysSinceRain(),
                row.rainMm(),
                row.weather(),
                row.startCardJson(),
                row.ticksJson(),
                row.planJson(),
                known.version(),
                known.revision());
    }

    private Visit visit(VisitRow row) {
        return new Visit(
                row.id(),
                row.fieldId(),
                row.plannedOn(),
                row.state(),
                row.question(),
                json.read(row.methodsJson(), WORDS),
                row.observerId(),
                row.observerName(),
                row.moisture(),
                row.soilTemperatureC(),
                row.daysSinceRain(),
                row.rainMm(),
                row.weather(),
                json.read(row.startCardJson(), TIMES),
                json.read(row.ticksJson(), TICKS),
                json.read(row.planJson(), PLAN),
                row.version(),
                row.revision(),
                List.of());
    }

    private static Refused refused(String path, String code, String text) {
        return new Refused(List.of(new Refusal(path, code, text)));
    }
}
