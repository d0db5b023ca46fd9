package morphotera.app.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Findings;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.LandBodies;
import morphotera.app.land.Parts;
import morphotera.app.land.Spot;
import morphotera.app.land.Zone;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import morphotera.ground.Refused;
import morphotera.scout.Boundary;
import morphotera.scout.Plot;
import org.springframework.stereotype.Component;

/**
 * Spots from GeoJSON points or GPX waypoints. Each belongs to the field it lies in, or to the one that was said; to the zone its
 * property names, or to the main one. One within a metre of a spot of the same label is that spot.
 */
@Component
class SpotImporter implements Importer {
    private static final double SAME_DEGREES = 1e-5;

    private final Geo geo;
    private final Land land;
    private final Parts parts;

    SpotImporter(Geo geo, Land land, Parts parts) {
        this.geo = geo;
        this.land = land;
        this.parts = parts;
    }

    @Override
    public String kind() {
        return "spots";
    }

    private record Point(
            long number,
            LandBodies.CornerBody at,
            @Nullable String label,
            @Nullable String note,
            @Nullable String zone) {}

    @Override
    public void read(Viewer viewer, Incoming incoming, Sifted sifted, boolean save) {
        Ground ground = new Ground(viewer, incoming.fieldId());
        for (Point point :
                isXml(incoming.file()) ? ofGpx(incoming.file(), sifted) : ofGeoJson(incoming.file(), sifted)) {
            try {
                ground.take(point, sifted, save);
            } catch (Refused fault) {
                sifted.bad(point.number(), fault);
            }
        }
    }

    private static boolean isXml(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            byte[] start = in.readNBytes(200);
            return new String(start, java.nio.charset.StandardCharsets.UTF_8)
                    .replace("\uFEFF", "")
                    .stripLeading()
                    .startsWith("<");
        } catch (IOException fault) {
            throw Sifted.refused("not-readable", "The file cannot be read.");
        }
    }

    private List<Point> ofGeoJson(Path file, Sifted sifted) {
        List<Point> points = new ArrayList<>();
        for (Geo.Feature feature : geo.features(file)) {
            if (!feature.kind().equals("Point")) {
                sifted.bad(feature.number(), null, "not-a-point", "A spot is a Point; this is " + feature.kind() + ".");
                continue;
            }
            try {
                points.add(new Point(
                        feature.number(),
                        Geo.corner(feature.geometry().path("coordinates")),
                        feature.text("label") == null ? feature.text("name") : feature.text("label"),
                        feature.text("note"),
                        feature.text("zone")));
            } catch (Refused fault) {
                sifted.bad(feature.number(), fault);
            }
        }
        return points;
    }

    private static List<Point> ofGpx(Path file, Sifted sifted) {
        List<Point> points = new ArrayList<>();
        for (GpxPoints.Point one : GpxPoints.read(file)) {
            try {
                LandBodies.CornerBody at =
                        new LandBodies.CornerBody(Double.valueOf(one.lat()), Double.valueOf(one.lon()));
                points.add(new Point(one.number(), at, one.name(), one.note(), null));
            } catch (NumberFormatException | NullPointerException fault) {
                sifted.bad(one.number(), "lat", "not-a-place", "A waypoint needs lat and lon in degrees.");
            }
        }
        return points;
    }

    /** The fields that spots may lie in, with their spots as they come to be. */
    private final class Ground {
        private final Viewer viewer;
        private final Map<Field, Plot> plots = new LinkedHashMap<>();
        private final Map<UUID, List<Spot>> spots = new LinkedHashMap<>();
        private final boolean said;

        Ground(Viewer viewer, @Nullable UUID fieldId) {
            this.viewer = viewer;
            this.said = fieldId != null;
            List<Field> fields = said ? List.of(land.field(viewer, fieldId)) : land.allFields(viewer);
            for (Field field : fields) {
                List<Boundary.Corner> edge = field.outline().stream()
                        .map(at -> new Boundary.Corner(at.lat(), at.lon()))
                        .toList();
                plots.put(field, Plot.field("/outline", List.of(edge)));
                spots.put(field.id(), new ArrayList<>(field.spots()));
            }
        }

        void take(Point point, Sifted sifted, boolean save) {
            Field field = fieldOf(point.at());
            Zone zone = zoneOf(field, point.zone());
            List<Spot> there = spots.get(field.id());
            String label = point.label() == null ? nextLabel(there) : point.label();
            LandBodies.SpotBody body = new LandBodies.SpotBody(
                    zone.id(), label, point.note(), point.at().lat(), point.at().lon(), null, null, 0);
            Findings findings = new Findings();
            body.check(findings);
            findings.throwIfAny();
            Map<String, Object> shown = Sifted.shown(
                    "field", field.name(), "zone", zone.name(), "label", label, "lat", body.lat(), "lon", body.lon());
            for (Spot spot : there) {
                if (spot.label().equals(label) && isNear(spot, point.at())) {
                    sifted.same(shown);
                    return;
                }
                if (spot.label().equals(label) && spot.retiredOn() == null) {
                    throw Sifted.refused(
                            "already-there", "There is a spot '" + label + "' elsewhere in " + field.name() + ".");
                }
            }
            UUID id = NewId.now();
            there.add(new Spot(id, field.id(), zone.id(), label, point.note(), body.lat(), body.lon(), null, null, 1));
            if (save) {
                parts.putSpot(viewer, id, body);
            }
            sifted.add(shown);
        }

        private Field fieldOf(LandBodies.CornerBody at) {
            Boundary.Corner corner = new Boundary.Corner(at.lat(), at.lon());
            return plots.entrySet().stream()
                    .filter(one -> one.getValue().contains(corner))
                    .map(Map.Entry::getKey)
                    .findFirst()
                    .orElseThrow(() -> Sifted.refused(
                            "outside",
                            said ? "This place lies outside the field." : "This place lies in none of the fields."));
        }
    }

    private static Zone zoneOf(Field field, @Nullable String name) {
        return field.zones().stream()
                .filter(one -> name == null
                        ? one.kind().equals("main")
                        : one.name().equals(name) || one.kind().equals(name))
                .findFirst()
                .orElseThrow(() ->
                        Sifted.refused("unknown-zone", "There is no zone '" + name + "' in " + field.name() + "."));
    }

    private static boolean isNear(Spot spot, LandBodies.CornerBody at) {
        double east = (spot.lon() - at.lon()) * Math.cos(Math.toRadians(at.lat()));
        return Math.hypot(spot.lat() - at.lat(), east) < SAME_DEGREES;
    }

    private static String nextLabel(List<Spot> there) {
        int next = 1;
        while (isTaken(there, String.valueOf(next))) {
            next++;
        }
        return String.valueOf(next);
    }

    private static boolean isTaken(List<Spot> there, String label) {
        return there.stream().anyMatch(spot -> spot.label().equals(label));
    }
}
