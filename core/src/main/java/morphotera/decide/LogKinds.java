package morphotera.decide;

import java.util.Map;
import java.util.Set;

/** What the log calls a remedy that was done; what it has no word for is other, with the remedy's name. */
public final class LogKinds {
    private static final String OTHER = "other";
    private static final Map<String, String> KINDS = Map.ofEntries(
            Map.entry("lime", "lime"),
            Map.entry("sulphur", "sulphur"),
            Map.entry("gypsum", "gypsum"),
            Map.entry("drains", "drains"),
            Map.entry("leaching", "irrigation"),
            Map.entry("irrigation", "irrigation"),
            Map.entry("organic-matter", "compost"),
            Map.entry("manure", "manure"),
            Map.entry("mulch", "mulch"),
            Map.entry("compaction", "subsoiling"),
            Map.entry("cover-crop", "cover-crop"),
            Map.entry("legume", "sowing"),
            Map.entry("fertiliser-split", "nitrogen"),
            Map.entry("nitrogen-with-carbon", "nitrogen"),
            Map.entry("grazing-rest", "grazing"));

    /** Those of one meaning: water, nitrogen, a sowing or stock in the log may have been for something else. */
    private static final Set<String> PLAIN =
            Set.of("lime", "sulphur", "gypsum", "drains", "compost", "manure", "mulch", "subsoiling", "cover-crop");

    private LogKinds() {}

    public static String of(String remedy) {
        return KINDS.getOrDefault(remedy, OTHER);
    }

    /** Whether an entry of that kind says that the remedy was done. */
    static boolean says(String kind, String remedy) {
        return PLAIN.contains(kind) && kind.equals(of(remedy));
    }
}
