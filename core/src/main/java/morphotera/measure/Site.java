package morphotera.measure;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import morphotera.ground.TextureClass;
import morphotera.ground.TextureGroup;

/** What the rules know of a field: what was said of it, its zones and its spots. Days are counted from one day, the same for all. */
public record Site(
        String use,
        @Nullable String texture,
        @Nullable Double clayPercent,
        @Nullable String crop,
        @Nullable String purpose,
        @Nullable String climate,
        @Nullable Boolean coastal,
        @Nullable Double buildingM,
        @Nullable Double wellM,
        @Nullable Double septicM,
        @Nullable Long sulphideClearDay,
        String school,
        double latitude,
        List<Zone> zones,
        List<Spot> spots,
        List<Sample> samples) {

    /** A part of the field that is looked at by itself. */
    public record Zone(
            String id,
            String name,
            String kind,
            @Nullable String texture,
            @Nullable Double clayPercent) {}

    /** @param retiredDay from when it is not gone to any more */
    public record Spot(
            String id,
            String zoneId,
            String label,
            @Nullable String note,
            @Nullable Long retiredDay) {}

    /** The one zone asked for, by id, name or kind; zones are never mixed. */
    public Optional<Zone> zone(String asked) {
        List<Zone> found = zones.stream()
                .filter(zone -> zone.kind().equals(asked)
                        || zone.name().equals(asked)
                        || zone.id().equals(asked))
                .toList();
        if (found.size() > 1) {
            throw new Refused(List.of(new Refusal(
                    "/zone",
                    "several",
                    "There are " + found.size() + " zones of kind " + asked + " here: name one by its name or id.")));
        }
        return found.stream().findFirst();
    }

    /** The sample of that id; none where it is a spot's. */
    public Optional<Sample> sample(String id) {
        return samples.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /** The zone that a spot lies in, or that a sample was mixed from. */
    public Zone zoneOf(String placeId) {
        String zoneId = sample(placeId)
                .map(Sample::zoneId)
                .orElseGet(() -> spots.stream()
                        .filter(one -> one.id().equals(placeId))
                        .findFirst()
                        .orElseThrow()
                        .zoneId());
        return zones.stream()
                .filter(zone -> zone.id().equals(zoneId))
                .findFirst()
                .orElseThrow();
    }

    /** What is said of a zone's texture: its own, else the field's. */
    public @Nullable String textureOf(Zone zone) {
        return zone.texture() == null ? texture : zone.texture();
    }

    public @Nullable TextureGroup textureGroupOf(Zone zone) {
        String said = textureOf(zone);
        return said == null ? null : Coded.of(TextureClass.values(), said).group();
    }

    /** The clay that goes with the texture said of a zone. */
    public @Nullable Double clayOf(Zone zone) {
        return zone.texture() == null ? clayPercent : zone.clayPercent();
    }

    /** The spots of a zone, given up or not, in their order. */
    public List<Spot> spotsOf(Zone zone) {
        return spots.stream().filter(spot -> spot.zoneId().equals(zone.id())).toList();
    }

    /** Whether a reading of this place, a spot or a sample, is one of the zone's. */
    public boolean isOf(Zone zone, String placeId) {
        return spots.stream()
                        .anyMatch(one ->
                                one.zoneId().equals(zone.id()) && one.id().equals(placeId))
                || samples.stream()
                        .anyMatch(one ->
                                one.zoneId().equals(zone.id()) && one.id().equals(placeId));
    }

    /** The readings of a zone's spots and samples. */
    public List<Taken> ofZone(Zone zone, List<Taken> readings) {
        Set<String> ids = new LinkedHashSet<>();
        spotsOf(zone).forEach(one -> ids.add(one.id()));
        samples.stream().filter(one -> one.zoneId().equals(zone.id())).forEach(one -> ids.add(one.id()));
        return readings.stream().filter(reading -> ids.contains(reading.spot())).toList();
    }

    /** What is known of a place on its day: what was measured there before what is said of its zone, and that before the field's. */
    public Map<String, Object> context(String placeId, VisitDay day, Known known) {
        Zone zone = zoneOf(placeId);
        String said = textureOf(zone);
        // Clay that was said goes with the texture it was said with.
        boolean asSaid = known.texture() == null || known.texture().equals(said);
        Map<String, Object> context = new LinkedHashMap<>();
        context.put("use", use);
        context.put("texture", known.texture() == null ? said : known.texture());
        context.put("clayPercent", known.clayPercent() != null ? known.clayPercent() : asSaid ? clayOf(zone) : null);
        context.put("crop", crop);
        context.put("purpose", purpose);
        context.put("moisture", day.moisture());
        context.put("soilTemperatureC", day.soilTemperatureC());
        context.put("daysSinceRain", day.daysSinceRain());
        context.put("ph", known.ph());
        context.put("ece", known.ece());
        sample(placeId).ifPresent(one -> one.tell(context));
        return context;
    }
}
