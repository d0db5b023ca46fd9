package morphotera.app.land;

import java.util.List;
import java.util.UUID;
import morphotera.app.api.Json;
import morphotera.ground.Nullable;
import tools.jackson.core.type.TypeReference;

/**
 * A part of a field looked at by itself: main, good, poor, strip or reference; with a texture of its own where it has one.
 *
 * @param outline its corners; empty where it is known by its spots alone
 */
public record Zone(
        UUID id,
        UUID fieldId,
        String name,
        String kind,
        @Nullable String texture,
        @Nullable Double clayPercent,
        List<Corner> outline,
        int version) {
    private static final TypeReference<List<Corner>> OUTLINE = new TypeReference<>() {};

    static Zone of(ZoneRow row, Json json) {
        List<Corner> outline = row.outlineJson() == null ? List.of() : json.read(row.outlineJson(), OUTLINE);
        return new Zone(
                row.id(),
                row.fieldId(),
                row.name(),
                row.kind(),
                row.texture(),
                row.clayPercent(),
                outline,
                row.version());
    }
}
