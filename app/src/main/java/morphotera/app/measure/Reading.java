package morphotera.app.measure;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import morphotera.ground.Nullable;
import morphotera.measure.Evaluation;

/** What was entered for one method at one spot, by whom and when, and what came of it. */
public record Reading(
        UUID id,
        UUID visitId,
        LocalDate visitDay,
        UUID spotId,
        String method,
        Map<String, Object> reading,
        Instant takenAt,
        UUID enteredById,
        String enteredBy,
        @Nullable String device,
        String rulesVersion,
        @Nullable UUID corrects,
        @Nullable String correctionReason,
        @Nullable UUID correctedBy,
        String yardstick,
        int yardstickVersion,
        Evaluation evaluation) {}
