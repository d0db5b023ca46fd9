package morphotera.app.exchange;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Findings;
import morphotera.app.land.Corner;
import morphotera.app.land.Field;
import morphotera.app.land.Holding;
import morphotera.app.land.Land;
import morphotera.app.land.LandBodies;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import morphotera.ground.Refused;
import morphotera.scout.Boundary;
import morphotera.scout.Plot;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * Fields of a GeoJSON file: a polygon each, its name, holding, use and texture from the properties. Several polygons of one field
 * have to touch: parts that lie apart are fields of their own.
 */
@Component
class FieldImporter implements Importer {
    private final Geo geo;
    private final Land land;

    FieldImporter(Geo geo, Land land) {
        this.geo = geo;
        this.land = land;
    }

    @Override
    public String kind() {
        return "fields";
    }

    @Override
    public void read(Viewer viewer, Incoming incoming, Sifted sifted, boolean save) {
        Known known = new Known(viewer, incoming.holdingId());
        for (Geo.Feature feature : geo.features(incoming.file())) {
            try {
                known.take(feature, sifted, save);
            } catch (Refused fault) {
                sifted.bad(feature.number(), fault);
            }
        }
    }

    /** What is there already, and what this file added so far. */
    private final class Known {
        private final Viewer viewer;
        private final @Nullable Holding said;
        private final Map<String, UUID> holdings = new HashMap<>();
        private final Map<String, List<Corner>> outlines = new HashMap<>();

        Known(Viewer viewer, @Nullable UUID holdingId) {
            this.viewer = viewer;
            this.said = holdingId == null ? null : land.holding(viewer, holdingId);
            land.holdings(viewer).forEach(one -> holdings.putIfAbsent(one.name(), one.id()));
            for (Field field : land.allFields(viewer)) {
                outlines.put(field.holdingName() + "\n" + field.name(), field.outline());
            }
        }

        void take(Geo.Feature feature, Sifted sifted, boolean save) {
            String name = feature.text("name");
            String holding = said == null ? feature.text("holding") : said.name();
            String use = feature.text("use") == null ? "arable" : feature.text("use");
            List<LandBodies.CornerBody> outline = outline(feature);
            LandBodies.FieldBody body = body(holding, name, use, feature, outline);
            Map<String, Object> shown = Sifted.shown(
                    "holding", holding, "name", name, "use", use, "areaHa", areaHa(outline), "corners", outline.size());
            String key = holding + "\n" + name;
            List<Corner> before = outlines.get(key);
            List<Corner> now =
                    outline.stream().map(at -> new Corner(at.lat(), at.lon())).toList();
            if (before != null && before.equals(now)) {
                sifted.same(shown);
                return;
            }
            if (before != null) {
                throw Sifted.refused(
                        "already-there",
                        "There is a field '" + name
                                + "' with another outline on this holding: name this one otherwise.");
            }
            outlines.put(key, now);
            if (save) {
                land.putField(viewer, NewId.now(), body);
            }
            sifted.add(shown);
        }

        private LandBodies.FieldBody body(
                @Nullable String holding,
                @Nullable String name,
                String use,
                Geo.Feature feature,
                List<LandBodies.CornerBody> outline) {
            Findings findings = new Findings();
            findings.text("/holding", holding, "The holding's name", 120);
            findings.text("/name", name, "The field's name", 120);
            findings.throwIfAny();
            LandBodies.FieldBody body = new LandBodies.FieldBody(
                    holdings.computeIfAbsent(holding, this::newHolding),
                    NewId.now(),
                    name,
                    use,
                    feature.text("texture"),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    outline,
                    null,
                    null,
                    null,
                    feature.text("timeZone"),
                    0);
            body.check(findings);
            findings.throwIfAny();
            return body;
        }

        private UUID newHolding(String name) {
            return land.putHolding(viewer, NewId.now(), new LandBodies.HoldingBody(name, 0))
                    .id();
        }
    }

    private static double areaHa(List<LandBodies.CornerBody> outline) {
        return Plot.field("/outline", List.of(corners(outline))).areaHa();
    }

    private static List<Boundary.Corner> corners(List<LandBodies.CornerBody> outline) {
        return outline.stream()
                .map(at -> new Boundary.Corner(at.lat(), at.lon()))
                .toList();
    }

    private static List<LandBodies.CornerBody> outline(Geo.Feature feature) {
        JsonNode coordinates = feature.geometry().path("coordinates");
        List<JsonNode> polygons = new ArrayList<>();
        switch (feature.kind()) {
            case "Polygon" -> polygons.add(coordinates);
            case "MultiPolygon" -> coordinates.forEach(polygons::add);
            default ->
                throw Sifted.refused(
                        "not-a-polygon", "A field is a Polygon or a MultiPolygon; this is " + feature.kind() + ".");
        }
        List<List<Boundary.Corner>> parts = new ArrayList<>();
        for (JsonNode polygon : polygons) {
            if (polygon.size() > 1) {
                throw Sifted.refused(
                        "hole", "This outline has a hole: draw it as a place to avoid after the field is there.");
            }
            parts.add(corners(Geo.ring(polygon.path(0))));
        }
        if (parts.isEmpty()) {
            throw Sifted.refused("empty", "There is no corner in it.");
        }
        return Plot.joined("/outline", parts).stream()
                .map(at -> new LandBodies.CornerBody(at.lat(), at.lon()))
                .toList();
    }
}
