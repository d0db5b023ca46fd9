package morphotera.app.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Changes;
import morphotera.app.land.Corner;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.LandBodies;
import morphotera.app.land.Parts;
import morphotera.app.land.Zone;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import morphotera.ground.Refused;
import org.springframework.stereotype.Component;

/**
 * Parts of one field from GeoJSON polygons: the property {@code kind} says what each is, a kind of zone or a place to avoid. A zone
 * of a name that is there already gets this outline.
 */
@Component
class ZoneImporter implements Importer {
    private static final String AVOID = "avoid";

    private final Geo geo;
    private final Land land;
    private final Parts parts;

    ZoneImporter(Geo geo, Land land, Parts parts) {
        this.geo = geo;
        this.land = land;
        this.parts = parts;
    }

    @Override
    public String kind() {
        return "zones";
    }

    @Override
    public void read(Viewer viewer, Incoming incoming, Sifted sifted, boolean save) {
        if (incoming.fieldId() == null) {
            throw Sifted.refused("missing", "Zones are read into a field: say which one with ?field=.");
        }
        Ground ground = new Ground(viewer, land.field(viewer, incoming.fieldId()), sifted, save);
        for (Geo.Feature feature : geo.features(incoming.file())) {
            try {
                ground.take(feature);
            } catch (Refused fault) {
                sifted.bad(feature.number(), fault);
            }
        }
        ground.end();
    }

    /** The field as it comes to be. */
    private final class Ground {
        private final Viewer viewer;
        private final Field field;
        private final Sifted sifted;
        private final boolean save;
        private final List<Zone> zones;
        private final List<List<Corner>> avoid;

        Ground(Viewer viewer, Field field, Sifted sifted, boolean save) {
            this.viewer = viewer;
            this.field = field;
            this.sifted = sifted;
            this.save = save;
            this.zones = new ArrayList<>(field.zones());
            this.avoid = new ArrayList<>(field.avoid());
        }

        void take(Geo.Feature feature) {
            String kind = feature.text("kind");
            if (!feature.kind().equals("Polygon")) {
                throw Sifted.refused(
                        "not-a-polygon",
                        "A zone is one Polygon; this is " + feature.kind() + ". Parts that lie apart are two zones.");
            }
            if (feature.geometry().path("coordinates").size() > 1) {
                throw Sifted.refused("hole", "This outline has a hole: draw what lies in it as a zone of its own.");
            }
            List<LandBodies.CornerBody> ring =
                    Geo.ring(feature.geometry().path("coordinates").path(0));
            if (kind == null) {
                throw Sifted.refused(
                        "missing", "Its property 'kind' says what it is: good, poor, strip, reference or avoid.");
            }
            if (kind.equals(AVOID)) {
                avoid(ring);
            } else {
                zone(feature, kind, ring);
            }
        }

        private void avoid(List<LandBodies.CornerBody> ring) {
            List<Corner> corners = corners(ring);
            parts.checkAvoided(field, ring);
            Map<String, Object> shown = Sifted.shown("kind", AVOID, "corners", ring.size());
            if (avoid.contains(corners)) {
                sifted.same(shown);
                return;
            }
            if (avoid.size() == LandBodies.MOST_AVOIDED) {
                throw Sifted.refused(
                        "too-many", "A field takes " + LandBodies.MOST_AVOIDED + " places to avoid at most.");
            }
            avoid.add(corners);
            sifted.add(shown);
        }

        private void zone(Geo.Feature feature, String kind, List<LandBodies.CornerBody> ring) {
            String name = feature.text("name");
            Zone there = named(name);
            LandBodies.ZoneBody body = new LandBodies.ZoneBody(
                    field.id(),
                    name,
                    kind,
                    there == null ? feature.text("texture") : there.texture(),
                    there == null ? null : there.clayPercent(),
                    ring,
                    there == null ? 0 : there.version());
            parts.check(viewer, body);
            Map<String, Object> shown = Sifted.shown("kind", kind, "name", name, "corners", ring.size());
            if (there == null) {
                UUID id = NewId.now();
                zones.add(new Zone(id, field.id(), name, kind, body.texture(), null, corners(ring), 1));
                if (save) {
                    parts.putZone(viewer, id, body);
                }
                sifted.add(shown);
                return;
            }
            if (!there.kind().equals(kind)) {
                throw Sifted.refused(
                        "already-there", "'" + name + "' is there as " + there.kind() + ": name this one otherwise.");
            }
            if (corners(ring).equals(there.outline())) {
                sifted.same(shown);
                return;
            }
            if (save) {
                parts.putZone(viewer, there.id(), body);
            }
            sifted.change(shown);
        }

        private @Nullable Zone named(@Nullable String name) {
            return zones.stream()
                    .filter(one -> one.name().equals(name))
                    .findFirst()
                    .orElse(null);
        }

        /** Places to avoid are one list of the field: they are written once. */
        void end() {
            if (save && avoid.size() > field.avoid().size()) {
                Changes.Change change = new Changes.Change("/avoid", field.avoid(), avoid);
                land.patchField(viewer, field.id(), new Changes(field.version(), List.of(change)));
            }
        }
    }

    private static List<Corner> corners(List<LandBodies.CornerBody> ring) {
        return ring.stream().map(at -> new Corner(at.lat(), at.lon())).toList();
    }
}
