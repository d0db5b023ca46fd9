package morphotera.app.scout;

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
    private static final double WIDEST_MARGIN_M = 500;

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
            PolygonBody.check(polygon, avoid, findings);
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
        return SpotPlan.place(
                field,
                PolygonBody.on(field, body.avoid()),
                body.n(),
                body.marginM() == null ? SpotPlan.MARGIN_M : body.marginM(),
                body.plan() == null ? SpotPlan.Way.SPREAD : Coded.of(SpotPlan.Way.values(), body.plan()),
                body.seed() == null ? 1 : body.seed(),
                body.gate() == null
                        ? null
                        : new Boundary.Corner(body.gate().lat(), body.gate().lon()));
    }
}
