package morphotera.app.exchange;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import morphotera.app.land.LandBodies;
import morphotera.ground.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** GeoJSON (RFC 7946): the features of a file, and their corners. */
@Component
class Geo {
    private static final long MOST_BYTES = 20_000_000;

    private final JsonMapper json;

    Geo(JsonMapper json) {
        this.json = json;
    }

    /** A feature by its how-many-th, from 1. */
    record Feature(
            long number,
            JsonNode geometry,
            JsonNode properties,
            @Nullable String id) {
        String kind() {
            return geometry.path("type").asString("");
        }

        /** A property that is a word or a number; null where it is missing or empty. */
        @Nullable
        String text(String name) {
            JsonNode value = properties.path(name);
            return value.isValueNode() && !value.isNull() && !value.asString("").isBlank()
                    ? value.asString("").strip()
                    : null;
        }
    }

    List<Feature> features(Path file) {
        JsonNode tree;
        try {
            if (Files.size(file) > MOST_BYTES) {
                throw Sifted.refused("too-large", "A file of places takes 20 MB at most.");
            }
            tree = json.readTree(Files.readAllBytes(file));
        } catch (IOException fault) {
            throw Sifted.refused("not-readable", "The file cannot be read.");
        } catch (JacksonException fault) {
            throw Sifted.refused("not-readable", "This is not GeoJSON: " + fault.getOriginalMessage());
        }
        List<JsonNode> all = new ArrayList<>();
        switch (tree.path("type").asString("")) {
            case "FeatureCollection" -> tree.path("features").forEach(all::add);
            case "Feature" -> all.add(tree);
            default ->
                throw Sifted.refused("not-readable", "GeoJSON with a FeatureCollection or a Feature is expected.");
        }
        List<Feature> features = new ArrayList<>();
        for (JsonNode one : all) {
            features.add(new Feature(
                    features.size() + 1L,
                    one.path("geometry"),
                    one.path("properties"),
                    one.path("id").isString() ? one.path("id").asString() : null));
        }
        return features;
    }

    /** The corners of a ring without the repeated last one; refused where it is open or holds what is no place. */
    static List<LandBodies.CornerBody> ring(JsonNode ring) {
        List<LandBodies.CornerBody> corners = new ArrayList<>();
        for (JsonNode at : ring) {
            corners.add(corner(at));
        }
        if (corners.size() < 4 || !corners.get(0).equals(corners.get(corners.size() - 1))) {
            throw Sifted.refused("open", "This outline is open: its last corner has to be its first again.");
        }
        return corners.subList(0, corners.size() - 1);
    }

    static LandBodies.CornerBody corner(JsonNode at) {
        if (!at.isArray()
                || at.size() < 2
                || !at.get(0).isNumber()
                || !at.get(1).isNumber()) {
            throw Sifted.refused("not-a-place", "A place is two numbers, the longitude first.");
        }
        double lon = at.get(0).asDouble();
        double lat = at.get(1).asDouble();
        if (!(Math.abs(lat) <= 90 && Math.abs(lon) <= 180)) {
            throw Sifted.refused("off-the-globe", "This place lies off the globe: longitude first, in degrees.");
        }
        return new LandBodies.CornerBody(lat, lon);
    }
}
