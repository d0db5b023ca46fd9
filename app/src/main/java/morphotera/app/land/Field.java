package morphotera.app.land;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import morphotera.app.api.NotFound;
import morphotera.ground.Nullable;
import morphotera.measure.Site;

/**
 * A field with its outline, its zones and its spots, and what is known of it.
 *
 * @param coastal coastal, reclaimed, mine or peat ground
 * @param buildingM {@code wellM} and {@code septicM}: how far the nearest building, drinking-water well and septic field are;
 *     null: none within 100 m, or not known
 * @param yardstickId the practice's own yardstick it is scored with; null: the one that ships
 * @param gate where people come in; {@code water}: a tap, trough or ditch to draw from; {@code avoid}: outlines of tracks, gateways, heaps where no spot is set
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
        @Nullable UUID yardstickId,
        List<Corner> outline,
        @Nullable Corner gate,
        @Nullable Corner water,
        List<List<Corner>> avoid,
        double areaHa,
        String timeZone,
        int version,
        List<Zone> zones,
        List<Spot> spots,
        List<Sample> samples) {

    /** What the rules know of it. */
    public Site site() {
        return new Site(
                use,
                texture,
                clayPercent,
                crop,
                purpose,
                climate,
                coastal,
                buildingM,
                wellM,
                septicM,
                sulphideClearOn == null ? null : sulphideClearOn.toEpochDay(),
                school,
                outline.get(0).lat(),
                zones.stream()
                        .map(zone -> new Site.Zone(
                                zone.id().toString(), zone.name(), zone.kind(), zone.texture(), zone.clayPercent()))
                        .toList(),
                spots.stream()
                        .map(spot -> new Site.Spot(
                                spot.id().toString(),
                                spot.zoneId().toString(),
                                spot.label(),
                                spot.note(),
                                spot.retiredOn() == null
                                        ? null
                                        : spot.retiredOn().toEpochDay()))
                        .toList(),
                samples.stream().map(Sample::forRules).toList());
    }

    /** The one zone asked for, by id, name or kind. */
    public Zone zone(String asked) {
        String id = site().zone(asked)
                .orElseThrow(() -> new NotFound("zone", asked))
                .id();
        return zones.stream()
                .filter(zone -> zone.id().toString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** The spots of a zone, given up or not, in their order. */
    public List<Spot> spotsOf(Zone zone) {
        return spots.stream().filter(spot -> spot.zoneId().equals(zone.id())).toList();
    }
}
