package morphotera.follow.promises;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import morphotera.follow.Forecast;
import morphotera.follow.forecasts.Forecasts;
import morphotera.ground.Nullable;

/**
 * What a remedy promises in one measure, with all that its forecast takes; the same measure is read later and held against it. A
 * remedy whose forecast lacks something that was not read promises nothing.
 *
 * @param measure a measure of a method, or {@code structure}: the score of that group
 * @param of what doing nothing is reckoned with: ph, salt or score
 */
public record Promise(String forecast, String measure, String of, Map<String, Object> input) {
    public static final String TOPSOIL_PH = "ph.topsoil";
    public static final String SALT = "salinity.rootZoneEce";
    public static final String STRUCTURE = "structure";

    private static final double LEAST_LIMED_PH = 3.5;
    private static final double MOST_LIMED_PH = 8;
    private static final Set<String> LEAVES_IN_PEACE = Set.of(
            "compaction",
            "subsoiling",
            "less-tillage",
            "cover-crop",
            "controlled-traffic",
            "grazing-rest",
            "legume",
            "crop-order");

    /** What was read of a measure, and how far the mean of its spots may be out. */
    public record Read(double value, double spread) {}

    /**
     * @param remedy or a kind of the log that does the same
     * @param inputs of its sum, where there was one
     * @param known what was read before, by measure; null where it was not
     */
    public static Optional<Promise> of(String remedy, Map<String, ?> inputs, Function<String, Read> known) {
        if (remedy.equals("lime")) {
            return lime(inputs, known.apply(TOPSOIL_PH));
        } else if (remedy.equals("drains")) {
            Read salt = known.apply(SALT);
            return salt == null
                    ? Optional.empty()
                    : Optional.of(new Promise("salt", SALT, "salt", from("eceNow", salt)));
        }
        Read structure = known.apply(STRUCTURE);
        return LEAVES_IN_PEACE.contains(remedy) && structure != null && structure.value() < 100
                ? Optional.of(new Promise("structure", STRUCTURE, "score", from("scoreNow", structure)))
                : Optional.empty();
    }

    private static Optional<Promise> lime(Map<String, ?> inputs, @Nullable Read now) {
        Object target = inputs.get("phTarget");
        if (now == null || !(target instanceof Number to)) {
            return Optional.empty();
        }
        double reckoned = Math.min(MOST_LIMED_PH, to.doubleValue());
        if (reckoned <= now.value() || now.value() < LEAST_LIMED_PH) {
            return Optional.empty();
        }
        Map<String, Object> input = from("phNow", now);
        input.put("phTarget", reckoned);
        return Optional.of(new Promise("lime", TOPSOIL_PH, "ph", input));
    }

    /** Doing nothing starts from the first of these, so it stays the first. */
    private static Map<String, Object> from(String key, Read now) {
        return ordered(key, now.value(), Forecast.SPREAD_OF_READING.key(), now.spread());
    }

    private static Map<String, Object> ordered(Object... pairs) {
        Map<String, Object> map = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            map.put((String) pairs[i], pairs[i + 1]);
        }
        return map;
    }

    /** The band at these years after it was done, with what was read later held against it. */
    public Forecast.Result band(List<Double> years, List<Observed> observed) {
        Map<String, Object> asked = new LinkedHashMap<>(input);
        asked.put("places", years.stream().map(at -> Map.of("at", at)).toList());
        asked.put(
                "observed",
                observed.stream()
                        .map(one -> Map.of("at", one.years(), "value", one.value()))
                        .toList());
        return Forecast.of(Forecasts.find(forecast).orElseThrow(), asked);
    }

    /** What comes of the same measure if nothing is done. */
    public Forecast.Result nothing(List<Double> years) {
        return Forecast.of(
                Forecasts.NOTHING,
                ordered(
                        "of",
                        of,
                        "now",
                        input.values().iterator().next(),
                        "places",
                        years.stream().map(at -> Map.of("at", at)).toList()));
    }

    /** Read so many years after it was done. */
    public record Observed(double years, double value) {}
}
