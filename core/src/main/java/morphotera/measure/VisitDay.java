package morphotera.measure;

import java.util.Map;
import morphotera.ground.Nullable;

/**
 * What the rules know of a visit.
 *
 * @param day counted from one day, the same for all
 * @param wet whether the time was wet enough for missing water to tell something
 * @param ticks by zone id, what eyes saw (true) or looked for and did not see (false), by finding id
 */
public record VisitDay(
        String id,
        long day,
        @Nullable String moisture,
        @Nullable Double soilTemperatureC,
        @Nullable Double daysSinceRain,
        boolean wet,
        Map<String, Map<String, Boolean>> ticks) {}
