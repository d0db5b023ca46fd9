package morphotera.app.scout;

import java.util.UUID;
import morphotera.ground.Coded;

/** Something of a visit was written, or somebody stands elsewhere in it. */
public record VisitChanged(UUID visitId, int revision, Kind kind, UUID what) {
    public enum Kind implements Coded {
        VISIT,
        READING,
        DRAFT,
        CLOCK,
        PHOTOGRAPH,
        PRESENCE
    }
}
