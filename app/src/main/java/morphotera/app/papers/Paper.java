package morphotera.app.papers;

import java.time.Instant;
import java.util.UUID;
import morphotera.ground.Nullable;

/** One version of something a person wrote, with who kept it and when. */
public record Paper<T>(UUID id, int version, @Nullable UUID fieldId, T body, String keptBy, Instant keptAt) {}
