package morphotera.app.measure;

import java.time.Instant;
import java.util.UUID;
import morphotera.ground.Nullable;

/** A wait of one step at one spot, or of one sample (its label under {@code spotLabel}), running from the instant it began until it is ended. */
public record Clock(
        UUID id,
        UUID visitId,
        UUID fieldId,
        String fieldName,
        @Nullable UUID spotId,
        @Nullable UUID sampleId,
        String spotLabel,
        String method,
        @Nullable String variant,
        int repeat,
        String step,
        Instant beganAt,
        @Nullable Instant endedAt) {}
