package morphotera.app.scout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.scout.Boundary;
import morphotera.scout.Plot;
import morphotera.scout.SpotPlan;
import morphotera.scout.runsheet.Asked;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Where to stand: spots placed on a field that need not be saved yet. */
@RestController
class PlacingController {
    private static final int MOST_CORNERS = 2000;
    private static final int MOST_AVOIDED = 50;
    private static final double WIDEST_MARGIN_M = 500;

    /** GeoJSON: longitude first, the first corner again at the end. */
    record PolygonBody(String type, List<List<List<Double>>> coordinates) {
        void check(String path, Findings findings) {
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
            if (whole
                    && !ring.get(0)
                            .subList(0, 2)
                            .equals(ring.get(ring.size() - 1).subList(0, 2))) {
                findings.refuse(path, "open", "The ring is open: its last corner is not its first one again.");
            }
        }

        List<List<Boundary.Corner>> rings() {
            List<List<Boundary.Corner>> rings = new ArrayList<>();
            for (List<List<Double>> ring : coordinates) {
                rings.add(ring.subList(0, ring.size() - 1).stream()
                        .map(at -> new Boundary.Corner(at.get(1), at.get(0)))
                        .toList());
            }
            return rings;
        }
    }

    record PlaceBody(
            PolygonBody polygon,
            @Nullable List<PolygonBody> avoid,
            Integer n,
            Double marginM,
            @Nullable String plan,
            Integer seed,
            @Nullable Asked.Place gate)
            implements Checked {
        @Override
        public void check(Findings findings) {
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
            findings.needed("/n", n, "How many spots");
            findings.range("/n", n == null ? null : Double.valueOf(n), "How many spots", 1, SpotPlan.MOST);
            findings.range("/marginM", marginM, "The margin, m,", 0, WIDEST_MARGIN_M);
            findings.word(
                    "/plan",
                    plan,
                    "plan",
                    Arrays.stream(SpotPlan.Way.values()).map(Coded::word).toList());
            if (gate != null) {
                findings.needed("/gate/lat", gate.lat(), "The latitude");
                findings.needed("/gate/lon", gate.lon(), "The longitude");
                findings.range("/gate/lat", gate.lat(), "Latitude", -90, 90);
                findings.range("/gate/lon", gate.lon(), "Longitude", -180, 180);
            }
        }
    }

    @PostMapping("/api/spots/place")
    SpotPlan place(@RequestBody PlaceBody body) {
        Plot field = Plot.field("/polygon", body.polygon().rings());
        List<Plot> avoid = new ArrayList<>();
        List<PolygonBody> avoided = body.avoid() == null ? List.of() : body.avoid();
        for (int i = 0; i < avoided.size(); i++) {
            avoid.add(field.part("/avoid/" + i, avoided.get(i).rings()));
        }
        return SpotPlan.place(
                field,
                avoid,
                body.n(),
                body.marginM() == null ? SpotPlan.MARGIN_M : body.marginM(),
                body.plan() == null ? SpotPlan.Way.SPREAD : Coded.of(SpotPlan.Way.values(), body.plan()),
                body.seed() == null ? 1 : body.seed(),
                body.gate() == null
                        ? null
                        : new Boundary.Corner(body.gate().lat(), body.gate().lon()));
    }
}
