package morphotera.app.land;

import java.time.LocalDate;
import java.util.UUID;
import morphotera.ground.Nullable;

/** A recorded point with a working radius of 5 m; retired with a reason, never moved once it has readings. */
public record Spot(
        UUID id,
        UUID fieldId,
        UUID zoneId,
        String label,
        @Nullable String note,
        double lat,
        double lon,
        @Nullable LocalDate retiredOn,
        @Nullable String retiredReason,
        int version) {}
