package morphotera.app.follow;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import morphotera.ground.Nullable;

/** Something done to a field, or to one zone of it: how much of what, how deep, with which crop. */
public record Intervention(
        UUID id,
        UUID fieldId,
        LocalDate doneOn,
        String kind,
        @Nullable Double amount,
        @Nullable String unit,
        @Nullable String product,
        @Nullable UUID zoneId,
        @Nullable Double depthCm,
        @Nullable String crop,
        @Nullable String note,
        int version) {
    /** In which an amount can be said. */
    public static final List<String> UNITS =
            List.of("t/ha", "kg/ha", "m³/ha", "mm", "t", "kg", "m", "animals/ha", "days");

    /** Whether it was done to this zone: to it alone or to the whole field. */
    public boolean touches(UUID zone) {
        return zoneId == null || zoneId.equals(zone);
    }
}
