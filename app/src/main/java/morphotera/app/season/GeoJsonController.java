package morphotera.app.season;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.app.land.Corner;
import morphotera.app.people.Viewer;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Fields with their scores, for a map of somebody else's (RFC 7946). */
@RestController
class GeoJsonController {
    private static final int PAGE = 500;

    private final Season season;

    GeoJsonController(Season season) {
        this.season = season;
    }

    record Shape(String type, List<List<List<Double>>> coordinates) {}

    record Feature(String type, String id, Shape geometry, Map<String, Object> properties) {}

    record Collection(String type, List<Feature> features) {}

    @GetMapping(value = "/api/fields.geojson", produces = "application/geo+json")
    ResponseEntity<Collection> fields() {
        Viewer viewer = Viewer.current();
        List<Feature> features = new ArrayList<>();
        Season.Page page = season.page(viewer, PAGE, null);
        page.fields().forEach(card -> features.add(feature(card)));
        while (page.after() != null) {
            page = season.page(viewer, PAGE, Season.Cursor.of(page.after()).orElseThrow());
            page.fields().forEach(card -> features.add(feature(card)));
        }
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/geo+json"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("fields.geojson")
                                .build()
                                .toString())
                .body(new Collection("FeatureCollection", features));
    }

    private static Feature feature(Season.FieldCard card) {
        List<List<Double>> ring = new ArrayList<>();
        card.field().outline().forEach(corner -> ring.add(place(corner)));
        // A ring ends where it began.
        ring.add(ring.get(0));
        Map<String, Object> properties = new LinkedHashMap<>();
        properties.put("name", card.field().name());
        properties.put("holding", card.field().holdingName());
        properties.put("use", card.field().use());
        properties.put("texture", card.field().texture());
        properties.put("areaHa", card.field().areaHa());
        properties.put("score", card.score());
        properties.put("band", card.band() == null ? null : card.band().word());
        properties.put("provisional", card.provisional());
        properties.put(
                "scoredOn", card.scored() == null ? null : card.scored().day().toString());
        return new Feature("Feature", card.field().id().toString(), new Shape("Polygon", List.of(ring)), properties);
    }

    private static List<Double> place(Corner corner) {
        return List.of(corner.lon(), corner.lat());
    }
}
