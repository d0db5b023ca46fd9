package morphotera.app.measure;

import java.util.List;
import java.util.Optional;
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

/** A spot in a visit, and the check that it lies in the visit's field. */
@Component
class Places {
    private final Visits visits;
    private final Land land;

    Places(Visits visits, Land land) {
        this.visits = visits;
        this.land = land;
    }

    /** @param field with this one of its spots */
    record Place(Visit visit, Field field) {}

    /** Both as named in a body: what is not here is refused at its pointer. */
    Place inBody(Viewer viewer, UUID visitId, UUID spotId) {
        Visit visit;
        try {
            visit = visits.visit(viewer, visitId);
        } catch (NotFound none) {
            throw refused("/visitId", "There is no such visit here.");
        }
        return place(viewer, visit, spotId)
                .orElseThrow(() -> refused("/spotId", "There is no such spot in this field."));
    }

    /** Both as named in the address: what is not here is not found. */
    Place inAddress(Viewer viewer, UUID visitId, UUID spotId) {
        return place(viewer, visits.visit(viewer, visitId), spotId).orElseThrow(() -> new NotFound("spot", spotId));
    }

    private Optional<Place> place(Viewer viewer, Visit visit, UUID spotId) {
        return land.fieldAt(viewer, visit.fieldId(), spotId).map(field -> new Place(visit, field));
    }

    private static Refused refused(String path, String text) {
        return new Refused(List.of(new Refusal(path, "unknown-id", text)));
    }
}
