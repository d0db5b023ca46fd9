package morphotera.app.land;

import java.time.Instant;
import java.util.UUID;

/** A sample as stored; {@code doneBefore}: what was done in the twelve weeks before, each as kind:days; {@code sentAt} to {@code taken}: its order. */
public record SampleRow(
        UUID id,
        UUID fieldId,
        UUID visitId,
        UUID zoneId,
        String label,
        String spotsJson,
        Integer subsamples,
        double topCm,
        double bottomCm,
        Instant takenAt,
        Instant cooledAt,
        Instant handedOverAt,
        String askedJson,
        String laboratory,
        Double cost,
        int version,
        String doneBefore,
        Instant sentAt,
        Instant likelyAt,
        Instant answeredAt,
        String answerJson,
        Boolean taken) {}
