package morphotera.app.scout;

import java.time.LocalDate;
import java.util.UUID;

/** A visit as stored; lists and maps are JSON. */
public record VisitRow(
        UUID id,
        UUID practiceId,
        UUID fieldId,
        LocalDate plannedOn,
        String state,
        String question,
        String methodsJson,
        UUID observerId,
        String observerName,
        String moisture,
        Double soilTemperatureC,
        Double daysSinceRain,
        Double rainMm,
        String weather,
        String startCardJson,
        String ticksJson,
        String planJson,
        int version,
        int revision) {}
