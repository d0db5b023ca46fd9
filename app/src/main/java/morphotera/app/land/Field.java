package morphotera.app.land;

import java.util.List;
import java.util.UUID;

/** A field with its outline, its zones and its spots. */
public record Field(
        UUID id,
        UUID holdingId,
        String holdingName,
        String name,
        String use,
        String texture,
        Double clayPercent,
        String crop,
        String purpose,
        String climate,
        Boolean coastal,
        String school,
        List<Corner> outline,
        double areaHa,
        String timeZone,
        int version,
        List<Zone> zones,
        List<Spot> spots) {

    /** The zones asked for: by id, or all of a kind. */
    public List<Zone> zones(String idOrKind) {
        return zones.stream()
                .filter(zone -> zone.kind().equals(idOrKind) || zone.id().toString().equals(idOrKind))
                .toList();
    }
}
