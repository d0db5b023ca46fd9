package morphotera.app.scout;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import morphotera.app.land.Field;
import morphotera.ground.Nullable;
import morphotera.measure.VisitDay;
import morphotera.scout.WetTime;

/**
 * One day's tests on one field, with its conditions.
 *
 * @param startCard when each thing on the start card was ticked
 * @param ticks by zone id, what eyes saw (true) or looked for and did not see (false), by finding id
 * @param revision raised by everything that is written of the visit: what was typed, counted, ticked
 * @param alsoChanged readings that were computed again because its day was changed
 */
public record Visit(
        UUID id,
        UUID fieldId,
        LocalDate day,
        String state,
        String question,
        List<String> methods,
        UUID observerId,
        String observerName,
        @Nullable String moisture,
        Double soilTemperatureC,
        Double daysSinceRain,
        Double rainMm,
        @Nullable String weather,
        Map<String, Instant> startCard,
        Map<String, Map<String, Boolean>> ticks,
        DayPlan plan,
        int version,
        int revision,
        List<UUID> alsoChanged) {

    Visit alongWith(List<UUID> changed) {
        return new Visit(
                id,
                fieldId,
                day,
                state,
                question,
                methods,
                observerId,
                observerName,
                moisture,
                soilTemperatureC,
                daysSinceRain,
                rainMm,
                weather,
                startCard,
                ticks,
                plan,
                version,
                revision,
                changed);
    }

    /** What the rules know of it. */
    public VisitDay on(Field field) {
        double latitude = field.outline().get(0).lat();
        boolean wet = WetTime.tells(day.getMonthValue(), latitude, field.climate(), daysSinceRain, rainMm);
        return new VisitDay(id.toString(), day.toEpochDay(), moisture, soilTemperatureC, daysSinceRain, wet, ticks);
    }

    /** Whether a reading would be flagged alike on both. */
    boolean likeConditions(Visit other) {
        return Objects.equals(moisture, other.moisture)
                && Objects.equals(soilTemperatureC, other.soilTemperatureC)
                && Objects.equals(daysSinceRain, other.daysSinceRain);
    }
}
