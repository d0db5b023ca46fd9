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
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.stereotype.Component;

/** A spot or a sample in a visit, and the check that it is one of the visit's field. */
@Component
class Places {
    private final Visits visits;
    private final Land land;

    Places(Visits visits, Land land) {
        this.visits = visits;
        this.land = land;
    }

    /** @param field with this one of its spots, or its samples */
    record Place(Visit visit, Field field) {}

    /** As named in a body, a spot or a sample: what is not here is refused at its pointer. */
    Place inBody(Viewer viewer, UUID visitId, @Nullable UUID spotId, @Nullable UUID sampleId) {
        Visit visit;
        try {
            visit = visits.visit(viewer, visitId);
        } catch (NotFound none) {
            throw refused("/visitId", "There is no such visit here.");
        }
        if (spotId == null) {
            return ofSample(viewer, visit, sampleId)
                    .orElseThrow(() -> refused("/sampleId", "There is no such sample in this visit."));
        }
        return atSpot(viewer, visit, spotId)
                .orElseThrow(() -> refused("/spotId", "There is no such spot in this field."));
    }

    /** As named in the address: what is not here is not found. */
    Place inAddress(Viewer viewer, UUID visitId, UUID placeId) {
        Visit visit = visits.visit(viewer, visitId);
        return atSpot(viewer, visit, placeId)
                .or(() -> ofSample(viewer, visit, placeId))
                .orElseThrow(() -> new NotFound("spot or sample", placeId));
    }

    private Optional<Place> atSpot(Viewer viewer, Visit visit, UUID spotId) {
        return land.fieldAt(viewer, visit.fieldId(), spotId).map(field -> new Place(visit, field));
    }

    private Optional<Place> ofSample(Viewer viewer, Visit visit, UUID sampleId) {
        Field field = land.field(viewer, visit.fieldId());
        boolean here = field.samples().stream()
                .anyMatch(one -> one.id().equals(sampleId) && one.visitId().equals(visit.id()));
        return here ? Optional.of(new Place(visit, field)) : Optional.empty();
    }

    private static Refused refused(String path, String text) {
        return new Refused(List.of(new Refusal(path, "unknown-id", text)));
    }
}
