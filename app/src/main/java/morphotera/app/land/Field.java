package morphotera.app.land;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import morphotera.app.api.NotFound;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;

/**
 * A field with its outline, its zones and its spots, and what is known of it.
 *
 * @param coastal coastal, reclaimed, mine or peat ground
 * @param buildingM {@code wellM} and {@code septicM}: how far the nearest building, drinking-water well and septic field are;
 *     null: none within 100 m, or not known
 * @param sulphideClearOn when a laboratory's sulphide test to drain depth came back clear
 */
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
        @Nullable Double buildingM,
        @Nullable Double wellM,
        @Nullable Double septicM,
        @Nullable LocalDate sulphideClearOn,
        String school,
        List<Corner> outline,
        double areaHa,
        String timeZone,
        int version,
        List<Zone> zones,
        List<Spot> spots) {

    /** The one zone asked for, by id, name or kind; zones are never mixed. */
    public Zone zone(String asked) {
        List<Zone> found = zones.stream()
                .filter(zone -> zone.kind().equals(asked)
                        || zone.name().equals(asked)
                        || zone.id().toString().equals(asked))
                .toList();
        if (found.isEmpty()) {
            throw new NotFound("zone", asked);
        }
        if (found.size() > 1) {
            throw new Refused(List.of(new Refusal(
                    "/zone",
                    "several",
                    "There are " + found.size() + " zones of kind " + asked + " here: name one by its name or id.")));
        }
        return found.get(0);
    }

    /** The zone a spot lies in. */
    public Zone zoneOf(UUID spotId) {
        Spot spot = spots.stream()
                .filter(one -> one.id().equals(spotId))
                .findFirst()
                .orElseThrow();
        return zones.stream()
                .filter(zone -> zone.id().equals(spot.zoneId()))
                .findFirst()
                .orElseThrow();
    }

    /** What is said of a zone's texture: its own, else the field's. */
    public @Nullable String textureOf(Zone zone) {
        return zone.texture() == null ? texture : zone.texture();
    }

    /** The clay that goes with the texture said of a zone. */
    public @Nullable Double clayOf(Zone zone) {
        return zone.texture() == null ? clayPercent : zone.clayPercent();
    }

    /** The spots of a zone, given up or not, in their order. */
    public List<Spot> spotsOf(Zone zone) {
        return spots.stream().filter(spot -> spot.zoneId().equals(zone.id())).toList();
    }
}
