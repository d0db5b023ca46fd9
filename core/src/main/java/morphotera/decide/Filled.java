package morphotera.decide;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import morphotera.decide.Advice.Known;
import morphotera.decide.sheets.Sheets;
import morphotera.ground.Nullable;
import morphotera.ground.TextureGroup;
import morphotera.measure.RootingDepth;
import morphotera.measure.Site;

/** What a sum can be filled in with: the best reading, else what is known of the field. A yes is 1, a no is 0. */
final class Filled {
    private Filled() {}

    /** By remedy, and for the water budget, by what is entered. */
    static Map<String, Map<String, Known>> of(
            List<Remedy> remedies, Facts facts, Site site, Site.Zone zone, TextureGroup texture, Sheets sheets) {
        Map<String, Map<String, Known>> known = new LinkedHashMap<>();
        remedies.forEach(remedy -> known.put(
                remedy.description().id(), known(remedy.description().from(), facts, site, zone, texture, sheets)));
        Map<String, Known> water = known(
                Map.of(
                        "sand", List.of("texture-jar.sand", "texture-feel.sand"),
                        "clay", List.of("texture-jar.clay", "texture-feel.clay"),
                        "rootDepthCm", List.of("root-pit.rootStop", "root-depth.root80")),
                facts,
                site,
                zone,
                texture,
                sheets);
        water.put("expectedDepthCm", said(RootingDepth.expectedCm(site.crop()), "field.crop"));
        known.put("water-budget", water);
        return known;
    }

    private static Map<String, Known> known(
            Map<String, List<String>> from,
            Facts facts,
            Site site,
            Site.Zone zone,
            TextureGroup texture,
            Sheets sheets) {
        Map<String, Known> values = new LinkedHashMap<>();
        from.forEach((key, sources) -> sources.stream()
                .map(source -> taken(source, facts, site, zone, texture, sheets))
                .filter(Objects::nonNull)
                .findFirst()
                .ifPresent(value -> values.put(key, value)));
        return values;
    }

    private static @Nullable Known taken(
            String from, Facts facts, Site site, Site.Zone zone, @Nullable TextureGroup texture, Sheets sheets) {
        return switch (from) {
            case "field.clayPercent" -> said(site.clayOf(zone), from);
            case "field.coastal" -> said(site.coastal() == null ? null : site.coastal() ? 1.0 : 0.0, from);
            case "field.buildingM" -> said(site.buildingM(), from);
            case "field.wellM" -> said(site.wellM(), from);
            case "field.septicM" -> said(site.septicM(), from);
            case "texture.water" ->
                said(sheets.availableMmPer10Cm(zone.texture() == null ? site.texture() : zone.texture()), from);
            case "texture.density" -> said(texture == null ? null : texture.densityGPerCm3(), from);
            default ->
                facts.best(from)
                        .map(best -> new Known(best.value(), best.spread(), best.measure(), best.readings()))
                        .orElse(null);
        };
    }

    private static @Nullable Known said(@Nullable Double value, String measure) {
        return value == null ? null : new Known(value, null, measure, new ArrayList<>());
    }
}
