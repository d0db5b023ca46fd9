package morphotera.measure;

import java.util.ArrayList;
import java.util.List;
import morphotera.ground.Coded;
import morphotera.ground.LandUse;
import morphotera.ground.Moisture;
import morphotera.ground.TextureClass;
import morphotera.ground.TextureGroup;

/** What is known of the field and the day. Every part may be null: not known. */
public record Context(
        LandUse use,
        TextureClass texture,
        Double clayPercent,
        String crop,
        String purpose,
        Moisture moisture,
        Double soilTemperatureC,
        Double daysSinceRain,
        Double ph,
        Double ece,
        Double sampleHours,
        Boolean sampleWarm,
        List<String> justDressed) {

    public static final Context UNKNOWN =
            new Context(null, null, null, null, null, null, null, null, null, null, null, null, List.of());

    /** Crops of the salt list and of the root list, and the one crop kind that has limits of its own. */
    public static final List<String> CROPS = List.of(
            "barley",
            "cotton",
            "sugar-beet",
            "bermuda-grass",
            "sorghum",
            "wheat",
            "ryegrass",
            "soya",
            "fescue",
            "tomato",
            "lucerne",
            "cabbage",
            "potato",
            "maize",
            "white-clover",
            "vine",
            "almond",
            "lettuce",
            "onion",
            "carrot",
            "bean",
            "strawberry",
            "grass",
            "turf",
            "cereal",
            "row-crop",
            "vegetable",
            "tree",
            "acid-loving");

    public static final List<Entry> FIELDS = List.of(
            choice("use", "Land use", words(LandUse.values())),
            choice("texture", "Texture", words(TextureClass.values())),
            Entry.number("clayPercent", "Clay", "%", 0, 100).optional(),
            choice("crop", "Crop", CROPS),
            choice("purpose", "Purpose", List.of("rain-garden")),
            choice("moisture", "Soil moisture", words(Moisture.values())),
            Entry.celsius("soilTemperatureC", "Soil temperature").optional(),
            Entry.number("daysSinceRain", "Days since 10 mm of rain", "days", 0, 10_000)
                    .optional(),
            Entry.number("ph", "pH", "pH", 0, 14).optional(),
            Entry.number("ece", "Salinity, saturated paste", "dS/m", 0, 60).optional(),
            Entry.number("sampleHours", "From taken to handed over", "h", 0, 100_000)
                    .optional(),
            Entry.yesNo("sampleWarm", "Not cooled within four hours").optional(),
            Entry.words(
                            "justDressed",
                            "Dressed just before",
                            0,
                            Entry.option(Sample.LIME, "Lime", "Within 12 weeks."),
                            Entry.option(Sample.FERTILISER, "Fertiliser or slurry", "Within 6 weeks."))
                    .optional());

    public static Context of(Entered in) {
        return new Context(
                in.has("use") ? Coded.of(LandUse.values(), in.word("use")) : null,
                in.has("texture") ? Coded.of(TextureClass.values(), in.word("texture")) : null,
                in.numberOrNull("clayPercent"),
                in.wordOrNull("crop"),
                in.wordOrNull("purpose"),
                in.has("moisture") ? Coded.of(Moisture.values(), in.word("moisture")) : null,
                in.numberOrNull("soilTemperatureC"),
                in.numberOrNull("daysSinceRain"),
                in.numberOrNull("ph"),
                in.numberOrNull("ece"),
                in.numberOrNull("sampleHours"),
                in.has("sampleWarm") ? in.yes("sampleWarm") : null,
                in.has("justDressed") ? in.words("justDressed") : List.of());
    }

    public TextureGroup textureGroup() {
        return texture == null ? null : texture.group();
    }

    private static List<String> words(Coded[] all) {
        List<String> words = new ArrayList<>();
        for (Coded one : all) {
            words.add(one.word());
        }
        return words;
    }

    private static Entry choice(String key, String label, List<String> words) {
        return Entry.choice(
                        key,
                        label,
                        words.stream()
                                .map(word -> Entry.option(word, word.replace('-', ' '), null))
                                .toArray(Entry.Option[]::new))
                .optional();
    }
}
