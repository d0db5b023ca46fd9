package morphotera.app.land;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.ground.Coded;
import morphotera.ground.LandUse;
import morphotera.ground.Nullable;
import morphotera.ground.TextureClass;
import morphotera.measure.Context;
import morphotera.read.School;
import morphotera.scout.Boundary;

/** What is sent to save land. Version 0 is new. */
public final class LandBodies {
    static final List<String> ZONE_KINDS = List.of("main", "good", "poor", "strip", "reference");
    private static final int MOST_CORNERS = 2000;
    public static final int MOST_AVOIDED = 50;

    private LandBodies() {}

    public record HoldingBody(String name, int version) implements Checked {
        @Override
        public void check(Findings findings) {
            findings.text("/name", name, "A name", 120);
        }
    }

    /** {@code mainZoneId} is the id of the field's first zone, needed when the field is new. */
    public record FieldBody(
            UUID holdingId,
            @Nullable UUID mainZoneId,
            String name,
            String use,
            @Nullable String texture,
            Double clayPercent,
            @Nullable String crop,
            @Nullable String purpose,
            @Nullable String climate,
            Boolean coastal,
            @Nullable Double buildingM,
            @Nullable Double wellM,
            @Nullable Double septicM,
            @Nullable LocalDate sulphideClearOn,
            @Nullable String school,
            @Nullable UUID yardstickId,
            List<CornerBody> outline,
            @Nullable CornerBody gate,
            @Nullable CornerBody water,
            @Nullable List<List<CornerBody>> avoid,
            @Nullable String timeZone,
            int version)
            implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/holdingId", holdingId, "A holding");
            if (version == 0) {
                findings.needed("/mainZoneId", mainZoneId, "An id for the field's first zone");
            }
            findings.text("/name", name, "A name", 120);
            findings.needed("/use", use, "The land use");
            findings.word("/use", use, "land use", words(LandUse.values()));
            findings.word("/texture", texture, "texture", words(TextureClass.values()));
            findings.range("/clayPercent", clayPercent, "Clay, %,", 0, 100);
            findings.word("/crop", crop, "crop", Context.CROPS);
            findings.word("/purpose", purpose, "purpose", List.of("rain-garden"));
            findings.word("/climate", climate, "climate", List.of("humid", "arid"));
            findings.range("/buildingM", buildingM, "The way to a building, m,", 0, 10_000);
            findings.range("/wellM", wellM, "The way to a drinking-water well, m,", 0, 10_000);
            findings.range("/septicM", septicM, "The way to a septic field, m,", 0, 10_000);
            findings.day("/sulphideClearOn", sulphideClearOn);
            findings.word("/school", school, "school", words(School.values()));
            checkZone(findings);
            corners(findings, "/outline", outline, "An outline");
            if (gate != null) {
                place(findings, "/gate", gate.lat(), gate.lon());
            }
            if (water != null) {
                place(findings, "/water", water.lat(), water.lon());
            }
            List<List<CornerBody>> avoided = avoid == null ? List.of() : avoid;
            findings.size("/avoid", avoided.size(), "Places to avoid", MOST_AVOIDED);
            for (int i = 0; i < Math.min(avoided.size(), MOST_AVOIDED); i++) {
                corners(findings, "/avoid/" + i, avoided.get(i), "A place to avoid");
            }
        }

        private void checkZone(Findings findings) {
            try {
                ZoneId.of(timeZone == null ? "UTC" : timeZone);
            } catch (DateTimeException unknown) {
                findings.refuse("/timeZone", "unknown-word", "There is no time zone '" + timeZone + "'.");
            }
        }
    }

    static void corners(Findings findings, String path, List<CornerBody> corners, String label) {
        if (corners == null || corners.size() < 3) {
            findings.refuse(path, "too-few", label + " needs three corners or more.");
            return;
        }
        if (corners.size() > MOST_CORNERS) {
            findings.refuse(path, "too-many", label + " takes " + MOST_CORNERS + " corners at most.");
            return;
        }
        for (int i = 0; i < corners.size(); i++) {
            CornerBody corner = corners.get(i);
            if (corner == null) {
                findings.refuse(path + "/" + i, "missing", "A corner is needed here.");
            } else {
                place(findings, path + "/" + i, corner.lat(), corner.lon());
            }
        }
    }

    public record CornerBody(Double lat, Double lon) {}

    static List<Boundary.Corner> boundary(List<CornerBody> corners) {
        return corners.stream()
                .map(corner -> new Boundary.Corner(corner.lat(), corner.lon()))
                .toList();
    }

    public record ZoneBody(
            UUID fieldId,
            String name,
            String kind,
            @Nullable String texture,
            @Nullable Double clayPercent,
            @Nullable List<CornerBody> outline,
            int version)
            implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/fieldId", fieldId, "A field");
            findings.text("/name", name, "A name", 120);
            findings.needed("/kind", kind, "A kind");
            findings.word("/kind", kind, "kind of zone", ZONE_KINDS);
            findings.word("/texture", texture, "texture", words(TextureClass.values()));
            findings.range("/clayPercent", clayPercent, "Clay, %,", 0, 100);
            if (outline != null && !outline.isEmpty()) {
                corners(findings, "/outline", outline, "An outline");
            }
        }
    }

    public record SpotBody(
            UUID zoneId,
            String label,
            @Nullable String note,
            Double lat,
            Double lon,
            @Nullable LocalDate retiredOn,
            @Nullable String retiredReason,
            int version)
            implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/zoneId", zoneId, "A zone");
            findings.text("/label", label, "A label", 20);
            findings.atMost("/note", note, "A note", 300);
            place(findings, "", lat, lon);
            findings.day("/retiredOn", retiredOn);
            if (retiredOn != null) {
                findings.text("/retiredReason", retiredReason, "Why it is given up", 300);
            }
        }
    }

    /** Whether a place is on the globe. */
    public static void place(Findings findings, String path, @Nullable Double lat, @Nullable Double lon) {
        findings.needed(path + "/lat", lat, "The latitude");
        findings.needed(path + "/lon", lon, "The longitude");
        findings.range(path + "/lat", lat, "Latitude", -90, 90);
        findings.range(path + "/lon", lon, "Longitude", -180, 180);
    }

    private static List<String> words(Coded[] all) {
        return Arrays.stream(all).map(Coded::word).toList();
    }
}
