package morphotera.app.follow;

import java.time.LocalDate;
import java.util.UUID;
import morphotera.ground.Nullable;

/** Something done to a field. */
public record Intervention(
        UUID id,
        UUID fieldId,
        LocalDate doneOn,
        String kind,
        @Nullable String note,
        int version) {}
