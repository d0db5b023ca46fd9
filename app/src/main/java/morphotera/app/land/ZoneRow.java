package morphotera.app.land;

import java.util.UUID;
import morphotera.ground.Nullable;

/** A zone as stored; the outline is JSON, null where none is drawn. */
public record ZoneRow(
        UUID id,
        UUID fieldId,
        String name,
        String kind,
        @Nullable String texture,
        @Nullable Double clayPercent,
        @Nullable String outlineJson,
        int version) {}
