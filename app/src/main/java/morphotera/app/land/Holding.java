package morphotera.app.land;

import java.util.UUID;

/** The land of one grower. */
public record Holding(UUID id, String name, int version) {}
