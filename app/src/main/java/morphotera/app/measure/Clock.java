package morphotera.app.measure;

import java.time.Instant;
import java.util.UUID;
import morphotera.ground.Nullable;

/** A wait of one step at one spot, running from the instant it began until it is ended. */
public record Clock(
        UUID id,
        UUID visitId,
        UUID fieldId,
        String fieldName,
        UUID spotId,
        String spotLabel,
        String method,
        @Nullable String variant,
        int repeat,
        String step,
        Instant beganAt,
        @Nullable Instant endedAt) {}
