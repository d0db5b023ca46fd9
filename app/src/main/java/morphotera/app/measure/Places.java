package morphotera.app.measure;

import java.util.List;
import java.util.UUID;
import morphotera.app.api.NotFound;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.stereotype.Component;

/** A visit with its field, and the check that a spot lies in it. */
@Component
class Places {
    private final Visits visits;
    private final Land land;

    Places(Visits visits, Land land) {
        this.visits = visits;
        this.land = land;
    }

    record Place(Visit visit, Field field) {}

    /** Both as named in a body: what is not here is refused at its pointer. */
    Place inBody(Viewer viewer, UUID visitId, UUID spotId) {
        Place place;
        try {
            place = place(viewer, visitId);
        } catch (NotFound none) {
            throw refused("/visitId", "There is no such visit here.");
        }
        if (!has(place.field(), spotId)) {
            throw refused("/spotId", "There is no such spot in this field.");
        }
        return place;
    }

    /** Both as named in the address: what is not here is not found. */
    Place inAddress(Viewer viewer, UUID visitId, UUID spotId) {
        Place place = place(viewer, visitId);
        if (!has(place.field(), spotId)) {
            throw new NotFound("spot", spotId);
        }
        return place;
    }

    private Place place(Viewer viewer, UUID visitId) {
        Visit visit = visits.visit(viewer, visitId);
        return new Place(visit, land.field(viewer, visit.fieldId()));
    }

    private static boolean has(Field field, UUID spotId) {
        return field.spots().stream().anyMatch(spot -> spot.id().equals(spotId));
    }

    private static Refused refused(String path, String text) {
        return new Refused(List.of(new Refusal(path, "unknown-id", text)));
    }
}
