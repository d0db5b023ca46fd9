package morphotera.app.measure;

import java.time.Instant;
import java.util.Map;
import java.util.UUID;

/** What is being typed at a bench, as the device keeps it; the server only carries it to the next device. */
public record Draft(UUID visitId, UUID spotId, String method, Map<String, Object> body, Instant changedAt) {}
