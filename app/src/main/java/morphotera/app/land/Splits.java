package morphotera.app.land;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.api.Stale;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import morphotera.scout.Boundary;
import morphotera.scout.Plot;
import morphotera.scout.SplitField;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A field becomes two. What was read stays with the field it was read in: a spot of the part that goes is retired there, and one
 * at the same place, in a zone of the same name, begins in the new field.
 */
@Service
class Splits {
    private static final int MOST_CORNERS = 200;

    private final Land land;
    private final Parts parts;
    private final Clock clock;

    Splits(Land land, Parts parts, Clock clock) {
        this.land = land;
        this.parts = parts;
        this.clock = clock;
    }

    /**
     * @param fieldId and {@code zoneId}: of the field that begins and its first zone
     * @param version of the field that is split
     */
    record Body(List<LandBodies.CornerBody> line, UUID fieldId, UUID zoneId, String name, int version)
            implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/fieldId", fieldId, "An id for the new field");
            findings.needed("/zoneId", zoneId, "An id for its first zone");
            findings.text("/name", name, "A name", 120);
            if (line == null || line.size() < 2) {
                findings.refuse("/line", "too-few", "A line across the field needs two corners or more.");
                return;
            }
            findings.size("/line", line.size(), "Corners of the line", MOST_CORNERS);
            for (int i = 0; i < Math.min(line.size(), MOST_CORNERS); i++) {
                LandBodies.place(
                        findings, "/line/" + i, line.get(i).lat(), line.get(i).lon());
            }
        }
    }

    record Both(Field stays, Field goes) {}

    /** The same split sent again changes nothing. */
    @Transactional
    Both split(Viewer viewer, UUID id, Body body) {
        land.lock(viewer);
        Field field = land.field(viewer, id);
        if (land.isThere(viewer, body.fieldId())) {
            return new Both(field, land.field(viewer, body.fieldId()));
        }
        if (field.version() != body.version()) {
            throw new Stale("Somebody changed this field meanwhile: yours is version " + body.version() + ".", field);
        }
        Plot whole = Plot.field("/outline", List.of(Corner.boundary(field.outline())));
        Boundary.Corner gate = field.gate() == null
                ? null
                : new Boundary.Corner(field.gate().lat(), field.gate().lon());
        SplitField split = SplitField.along("/line", whole, LandBodies.boundary(body.line()), gate);
        Plot goes = whole.part("/line", List.of(split.goes()));
        Field fresh = begin(viewer, field, body, whole, split);
        Plot stays = whole.part("/line", List.of(split.stays()));
        move(viewer, field, fresh, goes, zones(viewer, field, fresh, whole, goes, stays));
        land.putField(
                viewer,
                id,
                body(
                        field,
                        null,
                        field.name(),
                        split.stays(),
                        field.gate(),
                        avoided(field, whole, stays),
                        field.version()));
        return new Both(land.field(viewer, id), land.field(viewer, fresh.id()));
    }

    private Field begin(Viewer viewer, Field field, Body body, Plot whole, SplitField split) {
        Plot part = whole.part("/line", List.of(split.goes()));
        return land.putField(
                viewer,
                body.fieldId(),
                body(field, body.zoneId(), body.name(), split.goes(), null, avoided(field, whole, part), 0));
    }

    /** The zones that are drawn in the part that goes, by those they were; in the field they keep what lies in it still. */
    private Map<UUID, UUID> zones(Viewer viewer, Field field, Field fresh, Plot whole, Plot goes, Plot stays) {
        Map<UUID, UUID> zones = new HashMap<>();
        for (Zone zone : field.zones()) {
            if (zone.outline().isEmpty()) {
                continue;
            }
            Plot drawn = whole.part("/outline", List.of(Corner.boundary(zone.outline())));
            List<List<Boundary.Corner>> shared = SplitField.of(drawn, goes);
            if (shared.isEmpty()) {
                continue;
            }
            zones.put(zone.id(), zone(viewer, fresh, zone, corners(shared.get(0))));
            List<List<Boundary.Corner>> left = SplitField.of(drawn, stays);
            parts.putZone(
                    viewer,
                    zone.id(),
                    new LandBodies.ZoneBody(
                            field.id(),
                            zone.name(),
                            zone.kind(),
                            zone.texture(),
                            zone.clayPercent(),
                            left.isEmpty() ? List.of() : corners(left.get(0)),
                            zone.version()));
        }
        return zones;
    }

    private void move(Viewer viewer, Field field, Field fresh, Plot goes, Map<UUID, UUID> zones) {
        LocalDate today = LocalDate.now(clock.withZone(ZoneId.of(field.timeZone())));
        for (Spot spot : field.spots()) {
            if (spot.retiredOn() != null || !goes.contains(new Boundary.Corner(spot.lat(), spot.lon()))) {
                continue;
            }
            UUID zone =
                    zones.computeIfAbsent(spot.zoneId(), old -> zone(viewer, fresh, field.zone(old.toString()), null));
            parts.putSpot(
                    viewer,
                    in(fresh, spot.id()),
                    new LandBodies.SpotBody(zone, spot.label(), spot.note(), spot.lat(), spot.lon(), null, null, 0));
            String why = "Lies in " + fresh.name() + " since the field was split.";
            parts.putSpot(
                    viewer,
                    spot.id(),
                    new LandBodies.SpotBody(
                            spot.zoneId(),
                            spot.label(),
                            spot.note(),
                            spot.lat(),
                            spot.lon(),
                            today,
                            why,
                            spot.version()));
        }
    }

    /** The first zone for the first, and for another one like it. */
    private UUID zone(Viewer viewer, Field fresh, Zone was, @Nullable List<LandBodies.CornerBody> outline) {
        if (was.kind().equals("main")) {
            return fresh.zones().get(0).id();
        }
        return parts.putZone(
                        viewer,
                        in(fresh, was.id()),
                        new LandBodies.ZoneBody(
                                fresh.id(), was.name(), was.kind(), was.texture(), was.clayPercent(), outline, 0))
                .id();
    }

    /** The same split always makes the same ids, so that it can be sent twice. */
    private static UUID in(Field fresh, UUID old) {
        return UUID.nameUUIDFromBytes((fresh.id() + " " + old).getBytes(StandardCharsets.US_ASCII));
    }

    private static List<List<LandBodies.CornerBody>> avoided(Field field, Plot whole, Plot part) {
        List<List<LandBodies.CornerBody>> avoided = new ArrayList<>();
        for (List<Corner> place : field.avoid()) {
            SplitField.of(whole.part("/avoid", List.of(Corner.boundary(place))), part)
                    .forEach(edge -> avoided.add(corners(edge)));
        }
        return avoided;
    }

    private static LandBodies.FieldBody body(
            Field field,
            @Nullable UUID mainZone,
            String name,
            List<Boundary.Corner> outline,
            @Nullable Corner gate,
            List<List<LandBodies.CornerBody>> avoid,
            int version) {
        return new LandBodies.FieldBody(
                field.holdingId(),
                mainZone,
                name,
                field.use(),
                field.texture(),
                field.clayPercent(),
                field.crop(),
                field.purpose(),
                field.climate(),
                field.coastal(),
                field.buildingM(),
                field.wellM(),
                field.septicM(),
                field.sulphideClearOn(),
                field.school(),
                field.yardstickId(),
                corners(outline),
                place(gate),
                place(field.water()),
                avoid,
                field.timeZone(),
                version);
    }

    private static @Nullable LandBodies.CornerBody place(@Nullable Corner at) {
        return at == null ? null : new LandBodies.CornerBody(at.lat(), at.lon());
    }

    private static List<LandBodies.CornerBody> corners(List<Boundary.Corner> edge) {
        return edge.stream()
                .map(corner -> new LandBodies.CornerBody(corner.lat(), corner.lon()))
                .toList();
    }
}
