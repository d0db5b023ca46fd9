package morphotera.app.land;

import java.util.UUID;

/** A part of a field looked at by itself: main, good, poor, strip or reference. */
public record Zone(UUID id, UUID fieldId, String name, String kind, int version) {}
