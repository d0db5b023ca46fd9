package morphotera.app.measure;

import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import morphotera.ground.Nullable;

/** What is being typed at a bench, as the device keeps it; the server only carries it to the next device. */
public record Draft(
        UUID visitId,
        UUID spotId,
        String method,
        @Nullable String variant,
        int repeat,
        @Nullable String note,
        @Nullable UUID sampleId,
        Map<String, Object> body,
        Instant changedAt) {}
