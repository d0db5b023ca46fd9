package morphotera.app.measure;

import java.util.UUID;

/** One measure of a reading, as stored. */
public record MeasureRow(
        UUID readingId,
        int positionInReading,
        String measureKey,
        Double measureValue,
        String unit,
        Double depthCm,
        Integer repeatIndex,
        Double plusMinus,
        boolean estimated) {}
