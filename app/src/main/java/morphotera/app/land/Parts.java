package morphotera.app.land;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.api.Changes;
import morphotera.app.api.Findings;
import morphotera.app.api.Json;
import morphotera.app.api.NotFound;
import morphotera.app.api.Patching;
import morphotera.app.api.Put;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import morphotera.scout.Boundary;
import morphotera.scout.Plot;
import morphotera.scout.SplitField;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** Zones and spots of a field as they are saved. */
@Service
public class Parts {
    private static final TypeReference<List<Corner>> OUTLINE = new TypeReference<>() {};

    private final LandMapper land;
    private final Json json;
    private final Patching patching;

    Parts(LandMapper land, Json json, Patching patching) {
        this.land = land;
        this.json = json;
        this.patching = patching;
    }

    @Transactional
    public Zone putZone(Viewer viewer, UUID id, LandBodies.ZoneBody body) {
        FieldRow field = land.field(viewer, body.fieldId())
                .orElseThrow(() -> refused("/fieldId", "There is no such field here."));
        ZoneRow zone = new ZoneRow(
                id,
                body.fieldId(),
                body.name().strip(),
                body.kind(),
                body.texture(),
                body.clayPercent(),
                drawn(field, body.outline()),
                body.version());
        ZoneRow saved = new Put<ZoneRow>() {
            @Override
            protected Optional<ZoneRow> find() {
                return land.zone(viewer, id);
            }

            @Override
            protected boolean same(ZoneRow known) {
                if (!known.fieldId().equals(zone.fieldId())) {
                    throw refused("/fieldId", "A zone stays in its field.");
                }
                return known.name().equals(zone.name())
                        && known.kind().equals(zone.kind())
                        && Objects.equals(known.texture(), zone.texture())
                        && Objects.equals(known.clayPercent(), zone.clayPercent())
                        && Objects.equals(known.outlineJson(), zone.outlineJson());
            }

            @Override
            protected void lock() {
                land.lockPractice(viewer);
            }

            @Override
            protected int insert() {
                return land.addZone(viewer, zone);
            }

            @Override
            protected int update() {
                return land.updateZone(viewer, zone);
            }
        }.put("zone", id, body.version());
        land.touch(viewer, saved.fieldId());
        return Zone.of(saved, json);
    }

    /** What {@link #putZone} would refuse, and nothing is saved. */
    public void check(Viewer viewer, LandBodies.ZoneBody body) {
        Findings findings = new Findings();
        body.check(findings);
        findings.throwIfAny();
        drawn(
                land.field(viewer, body.fieldId()).orElseThrow(() -> new NotFound("field", body.fieldId())),
                body.outline());
    }

    /** A place to avoid that crosses itself, is too small or too large. */
    public void checkAvoided(Field field, List<LandBodies.CornerBody> outline) {
        Findings findings = new Findings();
        LandBodies.corners(findings, "/avoid", outline, "A place to avoid");
        findings.throwIfAny();
        List<Boundary.Corner> edge = Corner.boundary(field.outline());
        Plot.field("/outline", List.of(edge)).part("/avoid", List.of(LandBodies.boundary(outline)));
    }

    @Transactional
    public Spot putSpot(Viewer viewer, UUID id, LandBodies.SpotBody body) {
        ZoneRow zone =
                land.zone(viewer, body.zoneId()).orElseThrow(() -> refused("/zoneId", "There is no such zone here."));
        Spot spot = new Spot(
                id,
                zone.fieldId(),
                zone.id(),
                body.label().strip(),
                body.note(),
                body.lat(),
                body.lon(),
                body.retiredOn(),
                body.retiredReason(),
                body.version());
        Spot saved = new Put<Spot>() {
            @Override
            protected Optional<Spot> find() {
                return land.spot(viewer, id);
            }

            @Override
            protected boolean same(Spot known) {
                if (!known.fieldId().equals(spot.fieldId())) {
                    throw refused("/zoneId", "A spot stays in its field.");
                }
                boolean moved = known.lat() != spot.lat() || known.lon() != spot.lon();
                if (moved && land.readingsAt(id) > 0) {
                    throw new Refused(List.of(new Refusal(
                            "/lat",
                            "not-moved",
                            "This spot has readings: retire it with a reason and set a new one; it is not moved.")));
                }
                return known.zoneId().equals(spot.zoneId())
                        && known.label().equals(spot.label())
                        && Objects.equals(known.note(), spot.note())
                        && !moved
                        && Objects.equals(known.retiredOn(), spot.retiredOn())
                        && Objects.equals(known.retiredReason(), spot.retiredReason());
            }

            @Override
            protected void lock() {
                land.lockPractice(viewer);
            }

            @Override
            protected int insert() {
                return land.addSpot(viewer, spot);
            }

            @Override
            protected int update() {
                return land.updateSpot(viewer, spot);
            }
        }.put("spot", id, body.version());
        land.touch(viewer, saved.fieldId());
        return saved;
    }

    @Transactional
    public Zone patchZone(Viewer viewer, UUID id, Changes changes) {
        land.lockPractice(viewer);
        Zone stands = Zone.of(land.zone(viewer, id).orElseThrow(() -> new NotFound("zone", id)), json);
        return putZone(viewer, id, patching.apply(stands, changes, LandBodies.ZoneBody.class));
    }

    @Transactional
    public Spot patchSpot(Viewer viewer, UUID id, Changes changes) {
        land.lockPractice(viewer);
        Spot stands = land.spot(viewer, id).orElseThrow(() -> new NotFound("spot", id));
        return putSpot(viewer, id, patching.apply(stands, changes, LandBodies.SpotBody.class));
    }

    /** A zone's outline as it is stored; refused where it crosses itself or lies beside its field. */
    private @Nullable String drawn(FieldRow field, @Nullable List<LandBodies.CornerBody> outline) {
        if (outline == null || outline.isEmpty()) {
            return null;
        }
        List<Boundary.Corner> edge = Corner.boundary(json.read(field.outlineJson(), OUTLINE));
        Plot whole = Plot.field("/fieldId", List.of(edge));
        if (SplitField.of(whole.part("/outline", List.of(LandBodies.boundary(outline))), whole)
                .isEmpty()) {
            throw new Refused(List.of(
                    new Refusal("/outline", "apart", "This outline lies beside the field: a zone is a part of it.")));
        }
        return json.write(outline);
    }

    private static Refused refused(String path, String text) {
        return new Refused(List.of(new Refusal(path, "unknown-id", text)));
    }
}
