package morphotera.app.follow;

import java.time.LocalDate;
import java.util.UUID;

/** Something done to a field. */
public record Intervention(UUID id, UUID fieldId, LocalDate doneOn, String kind, String note, int version) {}
