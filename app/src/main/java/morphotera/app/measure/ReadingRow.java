package morphotera.app.measure;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/**
 * A reading with its result, as selected; {@code correctedBy} is the reading that stands in its place; {@code grade} null: the
 * method's.
 */
public record ReadingRow(
        UUID id,
        UUID visitId,
        LocalDate visitDay,
        UUID spotId,
        String method,
        String variant,
        int repeatNumber,
        String enteredJson,
        String note,
        UUID sampleId,
        Instant takenAt,
        UUID enteredById,
        String enteredBy,
        String device,
        UUID corrects,
        String correctionReason,
        UUID correctedBy,
        String setAsideReason,
        String rulesVersion,
        String contextJson,
        String grade,
        Double score,
        String wordsJson,
        String becauseJson,
        String flagsJson,
        String hollowJson,
        String placedJson,
        String yardstick,
        int yardstickVersion,
        UUID yardstickId,
        int visitRevision) {

    boolean stands() {
        return correctedBy == null && setAsideReason == null;
    }
}
