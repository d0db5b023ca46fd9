package morphotera.app.land;

import java.util.List;
import java.util.UUID;
import morphotera.app.api.NotFound;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;

/** A field with its outline, its zones and its spots. */
public record Field(
        UUID id,
        UUID holdingId,
        String holdingName,
        String name,
        String use,
        @Nullable String texture,
        Double clayPercent,
        @Nullable String crop,
        @Nullable String purpose,
        @Nullable String climate,
        Boolean coastal,
        String school,
        List<Corner> outline,
        double areaHa,
        String timeZone,
        int version,
        List<Zone> zones,
        List<Spot> spots) {

    /** The one zone asked for, by id or by kind; zones are never mixed. */
    public Zone zone(String idOrKind) {
        List<Zone> found = zones.stream()
                .filter(zone ->
                        zone.kind().equals(idOrKind) || zone.id().toString().equals(idOrKind))
                .toList();
        if (found.isEmpty()) {
            throw new NotFound("zone", idOrKind);
        }
        if (found.size() > 1) {
            throw new Refused(List.of(new Refusal(
                    "/zone",
                    "several",
                    "There are " + found.size() + " zones of kind " + idOrKind + " here: name one by its id.")));
        }
        return found.get(0);
    }

    /** The spots of a zone, given up or not, in their order. */
    public List<Spot> spotsOf(Zone zone) {
        return spots.stream().filter(spot -> spot.zoneId().equals(zone.id())).toList();
    }
}
