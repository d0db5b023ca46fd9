package morphotera.app.measure;

import java.util.UUID;

/** What came of a reading, as it is stored, with all it was computed by. */
public record ResultRow(
        UUID readingId,
        UUID fieldId,
        UUID spotId,
        String method,
        String rulesVersion,
        String contextJson,
        String grade,
        Double score,
        String band,
        String wordsJson,
        String becauseJson,
        String flagsJson,
        String hollowJson,
        String placedJson,
        String yardstick,
        int yardstickVersion,
        UUID yardstickId) {}
