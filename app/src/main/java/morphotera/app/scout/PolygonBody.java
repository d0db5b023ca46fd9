package morphotera.app.scout;

import java.util.ArrayList;
import java.util.List;
import morphotera.app.api.Findings;
import morphotera.ground.Nullable;
import morphotera.scout.Boundary;
import morphotera.scout.Plot;

/** GeoJSON: longitude first, the first corner again at the end. */
public record PolygonBody(String type, List<List<List<Double>>> coordinates) {
    private static final int MOST_CORNERS = 2000;

    private static final int MOST_AVOIDED = 50;

    /** An outline that is needed, and places on it to keep away from. */
    public static void check(@Nullable PolygonBody polygon, @Nullable List<PolygonBody> avoid, Findings findings) {
        findings.needed("/polygon", polygon, "The field's outline");
        if (polygon != null) {
            polygon.check("/polygon", findings);
        }
        List<PolygonBody> avoided = avoid == null ? List.of() : avoid;
        findings.size("/avoid", avoided.size(), "Places to avoid", MOST_AVOIDED);
        for (int i = 0; i < Math.min(MOST_AVOIDED, avoided.size()); i++) {
            findings.needed("/avoid/" + i, avoided.get(i), "A polygon");
            if (avoided.get(i) != null) {
                avoided.get(i).check("/avoid/" + i, findings);
            }
        }
    }

    /** The places to avoid, laid flat with their field. */
    public static List<Plot> on(Plot field, @Nullable List<PolygonBody> avoid) {
        List<Plot> plots = new ArrayList<>();
        List<PolygonBody> avoided = avoid == null ? List.of() : avoid;
        for (int i = 0; i < avoided.size(); i++) {
            plots.add(field.part("/avoid/" + i, avoided.get(i).rings()));
        }
        return plots;
    }

    private void check(String path, Findings findings) {
        findings.word(path + "/type", type == null ? "" : type, "kind of geometry", List.of("Polygon"));
        if (coordinates == null || coordinates.isEmpty()) {
            findings.refuse(path + "/coordinates", "empty-list", "A polygon has a ring of corners.");
            return;
        }
        for (int r = 0; r < coordinates.size(); r++) {
            ring(path + "/coordinates/" + r, coordinates.get(r), findings);
        }
    }

    private static void ring(String path, List<List<Double>> ring, Findings findings) {
        if (ring == null || ring.size() < 4) {
            findings.refuse(path, "too-few", "A ring has three corners or more, and the first again at the end.");
            return;
        }
        if (ring.size() > MOST_CORNERS) {
            findings.refuse(path, "too-many", "A ring takes " + MOST_CORNERS + " corners at most.");
            return;
        }
        boolean whole = true;
        for (int i = 0; i < ring.size(); i++) {
            List<Double> at = ring.get(i);
            String here = path + "/" + i;
            if (at == null || at.size() < 2 || at.get(0) == null || at.get(1) == null) {
                findings.refuse(here, "missing", "A corner is a longitude and a latitude.");
                whole = false;
            } else {
                findings.range(here + "/0", at.get(0), "Longitude", -180, 180);
                findings.range(here + "/1", at.get(1), "Latitude", -90, 90);
            }
        }
        if (whole && !ring.get(0).subList(0, 2).equals(ring.get(ring.size() - 1).subList(0, 2))) {
            findings.refuse(path, "open", "The ring is open: its last corner is not its first one again.");
        }
    }

    public List<List<Boundary.Corner>> rings() {
        List<List<Boundary.Corner>> rings = new ArrayList<>();
        for (List<List<Double>> ring : coordinates) {
            rings.add(ring.subList(0, ring.size() - 1).stream()
                    .map(at -> new Boundary.Corner(at.get(1), at.get(0)))
                    .toList());
        }
        return rings;
    }
}
