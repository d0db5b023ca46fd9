package morphotera.app.measure;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/** A reading with its result, as stored; {@code correctedBy} is the reading that stands in its place; {@code grade} null: the method's. */
public record ReadingRow(
        UUID id,
        UUID visitId,
        LocalDate visitDay,
        UUID spotId,
        String method,
        String enteredJson,
        Instant takenAt,
        UUID enteredById,
        String enteredBy,
        String device,
        String rulesVersion,
        UUID corrects,
        String correctionReason,
        UUID correctedBy,
        String grade,
        Double score,
        String wordsJson,
        String becauseJson,
        String flagsJson,
        String placedJson,
        String yardstick,
        int yardstickVersion) {}
