package morphotera.decide;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import morphotera.decide.Advice.Known;
import morphotera.decide.sheets.Sheets;
import morphotera.ground.Nullable;
import morphotera.ground.OrganicCarbon;
import morphotera.ground.TextureGroup;
import morphotera.measure.Entry;
import morphotera.measure.RootingDepth;
import morphotera.measure.Site;

/**
 * What a sum can be filled in with: the best reading, else what is known of the field, the day and the causes. A yes is 1, a no
 * is 0.
 *
 * @param month 1 to 12, of the visit
 */
record Filled(
        Judgement judgement,
        Site site,
        Site.Zone zone,
        @Nullable TextureGroup texture,
        Sheets sheets,
        int month) {
    /** By remedy, and for the water budget, by what is entered. */
    Map<String, Map<String, Known>> of(List<Remedy> remedies) {
        Map<String, Map<String, Known>> known = new LinkedHashMap<>();
        remedies.forEach(remedy -> known.put(remedy.description().id(), offered(remedy.description())));
        Map<String, Known> water = known(Map.of(
                "sand", List.of("texture-jar.sand", "texture-feel.sand"),
                "clay", List.of("texture-jar.clay", "texture-feel.clay"),
                "rootDepthCm", List.of("root-pit.rootStop", "root-depth.root80")));
        water.put("expectedDepthCm", said(RootingDepth.expectedCm(site.crop()), "field.crop"));
        known.put("water-budget", water);
        return known;
    }

    /** Of words, those that the sum offers. */
    private Map<String, Known> offered(Remedy.Description remedy) {
        Map<String, Known> known = known(remedy.from());
        for (Entry field : remedy.fields()) {
            known.computeIfPresent(field.key(), (key, one) -> one.words().isEmpty() ? one : offered(field, one));
        }
        return known;
    }

    private static @Nullable Known offered(Entry field, Known one) {
        return told(
                one.words().stream()
                        .filter(word -> field.options().stream()
                                .anyMatch(option -> option.word().equals(word)))
                        .toList(),
                one.measure());
    }

    private Map<String, Known> known(Map<String, List<String>> from) {
        Map<String, Known> values = new LinkedHashMap<>();
        from.forEach((key, sources) -> sources.stream()
                .map(this::taken)
                .filter(Objects::nonNull)
                .findFirst()
                .ifPresent(value -> values.put(key, value)));
        return values;
    }

    private @Nullable Known taken(String from) {
        return switch (from) {
            case "field.clayPercent" -> said(site.clayOf(zone), from);
            case "field.coastal" -> said(site.coastal() == null ? null : site.coastal() ? 1.0 : 0.0, from);
            case "field.buildingM" -> said(site.buildingM(), from);
            case "field.wellM" -> said(site.wellM(), from);
            case "field.septicM" -> said(site.septicM(), from);
            case "field.hemisphere" -> told(List.of(site.latitude() < 0 ? "south" : "north"), from);
            case "texture.water" ->
                said(sheets.availableMmPer10Cm(zone.texture() == null ? site.texture() : zone.texture()), from);
            case "texture.density" -> said(texture == null ? null : texture.densityGPerCm3(), from);
            case "texture.group" -> told(texture == null ? List.of() : List.of(texture.word()), from);
            case "day.month" -> said((double) month, from);
            case "causes.limits" -> told(Suits.limits(judgement), from);
            case "causes.open" -> told(open(), from);
            case "laboratory.organicMatter" -> read("laboratory.organicCarbon", OrganicCarbon.MATTER_PER_CARBON);
            default -> read(from, 1);
        };
    }

    private @Nullable Known read(String measure, double times) {
        return judgement
                .facts()
                .best(measure)
                .map(best -> new Known(
                        best.value() * times,
                        best.spread() == null ? null : best.spread() * times,
                        List.of(),
                        best.measure(),
                        best.readings()))
                .orElse(null);
    }

    private List<String> open() {
        return judgement.causes().stream()
                .filter(one ->
                        one.word() != Causes.Word.UNLIKELY && !one.evidence().isEmpty())
                .map(one -> one.cause().id())
                .toList();
    }

    private static @Nullable Known said(@Nullable Double value, String measure) {
        return value == null ? null : new Known(value, null, List.of(), measure, List.of());
    }

    private static @Nullable Known told(List<String> words, String measure) {
        return words.isEmpty() ? null : new Known(null, null, words, measure, List.of());
    }
}
