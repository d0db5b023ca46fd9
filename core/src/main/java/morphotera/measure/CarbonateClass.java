package morphotera.measure;

import static morphotera.measure.Entry.option;

import java.util.Map;

/** How much carbonate a reaction to dilute acid stands for, percent: about, at least and at most. */
public record CarbonateClass(double percent, double low, double high) {
    private static final Map<String, CarbonateClass> BY_REACTION = Map.of(
            "none",
            new CarbonateClass(0, 0, 0.5),
            "hiss",
            new CarbonateClass(3, 1, 5),
            "bubbles",
            new CarbonateClass(10, 6, 15),
            "foam",
            new CarbonateClass(20, 16, 25),
            "thick-foam",
            new CarbonateClass(33, 26, 40),
            "boils",
            new CarbonateClass(45, 40, 100));

    public static CarbonateClass of(String reaction) {
        return BY_REACTION.get(reaction);
    }

    /** The reaction as a thing to enter. */
    public static Entry field(String key, String label) {
        return Entry.choice(
                        key,
                        label,
                        option("none", "Nothing", "Not seen, not heard."),
                        option("hiss", "A hiss", "Heard close to the ear, hardly seen."),
                        option("bubbles", "Bubbles", "A few, easily seen."),
                        option("foam", "Foam", "Bubbles up to 3 mm, all over."),
                        option("thick-foam", "Thick foam", "Up to 7 mm, for a while."),
                        option("boils", "Boils", "Lasts, the crumb falls apart."))
                .drawn();
    }
}
