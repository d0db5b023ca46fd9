package morphotera.measure;

import java.util.ArrayList;
import java.util.List;
import morphotera.ground.Coded;
import morphotera.ground.LandUse;
import morphotera.ground.Moisture;
import morphotera.ground.Nullable;
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
        Double ece) {

    public static final Context UNKNOWN = new Context(null, null, null, null, null, null, null, null, null, null);

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

    public static final List<Field> FIELDS = List.of(
            choice("use", "Land use", words(LandUse.values())),
            choice("texture", "Texture", words(TextureClass.values())),
            Field.number("clayPercent", "Clay", "%", 0, 100).optional(),
            choice("crop", "Crop", CROPS),
            choice("purpose", "Purpose", List.of("rain-garden")),
            choice("moisture", "Soil moisture", words(Moisture.values())),
            Field.celsius("soilTemperatureC", "Soil temperature").optional(),
            Field.number("daysSinceRain", "Days since 10 mm of rain", "days", 0, 10_000)
                    .optional(),
            Field.number("ph", "pH", "pH", 0, 14).optional(),
            Field.number("ece", "Salinity, saturated paste", "dS/m", 0, 60).optional());

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
                in.numberOrNull("ece"));
    }

    public TextureGroup textureGroup() {
        return texture == null ? null : texture.group();
    }

    /** Days after at least 10 mm of rain or irrigation. */
    public record Days(double from, double to) {}

    /** When the soil is fit for field methods: 1 to 2 days after rain (coarse), 2 to 3 (medium), 3 to 5 (fine), 1 to 5 (unknown). */
    public static Days validDays(@Nullable TextureGroup group) {
        if (group == null) {
            return new Days(1, 5);
        }
        return switch (group) {
            case COARSE -> new Days(1, 2);
            case MEDIUM -> new Days(2, 3);
            case FINE -> new Days(3, 5);
        };
    }

    /**
     * Whether a field method may count today: soil moist, not frozen, not over 30 °C at 5 cm, and on a valid day after rain.
     * What is not known does not speak against it.
     */
    public boolean validDay() {
        Days days = validDays(textureGroup());
        return (moisture == null || moisture == Moisture.MOIST)
                && (soilTemperatureC == null || (soilTemperatureC > 0 && soilTemperatureC <= 30))
                && (daysSinceRain == null || (daysSinceRain >= days.from() && daysSinceRain <= days.to()));
    }

    private static List<String> words(Coded[] all) {
        List<String> words = new ArrayList<>();
        for (Coded one : all) {
            words.add(one.word());
        }
        return words;
    }

    private static Field choice(String key, String label, List<String> words) {
        return Field.choice(
                        key,
                        label,
                        words.stream()
                                .map(word -> Field.option(word, word.replace('-', ' '), null))
                                .toArray(Field.Option[]::new))
                .optional();
    }
}
