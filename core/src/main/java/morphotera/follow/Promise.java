package morphotera.follow;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
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

    /**
     * @param remedy or a kind of the log that does the same
     * @param inputs of its sum, where there was one
     * @param known what was read before, by measure; null where it was not
     */
    public static Optional<Promise> of(String remedy, Map<String, ?> inputs, Function<String, Double> known) {
        if (remedy.equals("lime")) {
            Double now = number(inputs.get("phNow"), known.apply(TOPSOIL_PH));
            Double target = number(inputs.get("phTarget"), null);
            boolean fits = now != null && target != null && target > now && target <= MOST_LIMED_PH;
            return fits
                    ? Optional.of(new Promise("lime", TOPSOIL_PH, "ph", ordered("phNow", now, "phTarget", target)))
                    : Optional.empty();
        }
        if (remedy.equals("drains")) {
            return salt(known.apply(SALT));
        }
        Double structure = known.apply(STRUCTURE);
        return LEAVES_IN_PEACE.contains(remedy) && structure != null && structure < 100
                ? Optional.of(new Promise("structure", STRUCTURE, "score", ordered("scoreNow", structure)))
                : Optional.empty();
    }

    private static Optional<Promise> salt(@Nullable Double now) {
        return now == null ? Optional.empty() : Optional.of(new Promise("salt", SALT, "salt", ordered("eceNow", now)));
    }

    private static @Nullable Double number(@Nullable Object said, @Nullable Double read) {
        return said instanceof Number given ? Double.valueOf(given.doubleValue()) : read;
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
