package morphotera.app.land;

import java.util.UUID;
import morphotera.ground.Nullable;

/** A part of a field looked at by itself: main, good, poor, strip or reference; with a texture of its own where it has one. */
public record Zone(
        UUID id,
        UUID fieldId,
        String name,
        String kind,
        @Nullable String texture,
        @Nullable Double clayPercent,
        int version) {}
