package morphotera.app.measure;

import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import morphotera.ground.Nullable;

/** What is being typed at a bench, as the device keeps it; the server only carries it to the next device; at a spot or of a sample. */
public record Draft(
        UUID visitId,
        @Nullable UUID spotId,
        @Nullable UUID sampleId,
        String method,
        @Nullable String variant,
        int repeat,
        @Nullable String note,
        Map<String, Object> body,
        Instant changedAt) {}
