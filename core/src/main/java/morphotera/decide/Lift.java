package morphotera.decide;

import static java.util.Map.entry;

import java.util.Map;

/** What turns a reading that is no evidence into one that is: the test to make, and how. */
public record Lift(String method, String text) {
    private record By(String method, String text) {}

    /** By the reason; a method where another test settles it, else the same one again. */
    private static final Map<String, By> BY_REASON = Map.ofEntries(
            entry("conditions", new By(null, "Again on a day with moist soil, by texture after rain.")),
            entry("season", new By(null, "Again in moist soil of 5 to 20 °C.")),
            entry("water", new By(null, "Again in rain or distilled water.")),
            entry("salt-hides", new By("laboratory", "Exchangeable sodium by a laboratory.")),
            entry("moist-crumbs", new By(null, "Again with crumbs dried for a day.")),
            entry("not-presoaked", new By(null, "Again in a hole that was filled and drained first.")),
            entry("dry-hole", new By(null, "Again in a hole that was filled and drained first.")),
            entry("estimated", new By(null, "Again with a cone that has a scale.")),
            entry("young", new By(null, "Again when the crop has stood for 60 days.")),
            entry("approximate", new By(null, "A mixed sample, one part soil to one or five of water.")),
            entry("contradiction", new By("texture-jar", "The jar settles it.")),
            entry("contradiction of drop-shatter", new By(null, "Again, dropped as often as the texture asks.")),
            entry("clay-not-settled", new By(null, "Read the clay again when the water is clear.")),
            entry("hours", new By(null, "Again with 18 to 27 hours in the jar.")),
            entry("char", new By("respiration", "Respiration does not mind char.")),
            entry("not-deep", new By(null, "The same, deeper: salt from below 30 cm, the cone to 25 cm.")),
            entry("dry-time", new By(null, "Look again in the wet season, or within five days of 30 mm of rain.")),
            entry("too-coarse", new By(null, "By a meter, or a laboratory.")));

    static Lift of(String reason, String method) {
        By by = BY_REASON.getOrDefault(reason + " of " + method, BY_REASON.get(reason));
        if (by == null) {
            throw new IllegalArgumentException(
                    "nothing is known to lift '" + reason + "'; there are " + BY_REASON.keySet());
        }
        return new Lift(by.method() == null ? method : by.method(), by.text());
    }
}
