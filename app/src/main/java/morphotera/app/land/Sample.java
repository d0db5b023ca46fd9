package morphotera.app.land;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Json;
import morphotera.ground.Nullable;
import tools.jackson.core.type.TypeReference;

/**
 * A mixed sample of a zone, with how it went to the laboratory. What is read from it is the zone's one value.
 *
 * @param spots where its cores were taken, all of one zone
 * @param subsamples cores in it; null: not counted
 * @param asked what the laboratory is asked for, in quantities
 * @param cost in the practice's currency
 * @param justDressed {@code lime}, {@code fertiliser}: spread so shortly before that it is found again
 * @param order null while it is not sent
 */
public record Sample(
        UUID id,
        UUID fieldId,
        UUID visitId,
        UUID zoneId,
        String label,
        List<UUID> spots,
        @Nullable Integer subsamples,
        double topCm,
        double bottomCm,
        Instant takenAt,
        @Nullable Instant cooledAt,
        @Nullable Instant handedOverAt,
        List<String> asked,
        @Nullable String laboratory,
        @Nullable Double cost,
        List<String> justDressed,
        @Nullable Order order,
        int version) {

    /**
     * That it was sent to the laboratory.
     *
     * @param likelyAt when the answer is likely to be there
     * @param answer what came back, as a reading of the method {@code laboratory} holds it; null: nothing yet
     * @param taken whether a reading of the laboratory stands of this sample
     */
    public record Order(
            Instant sentAt,
            Instant likelyAt,
            @Nullable Instant answeredAt,
            @Nullable Map<String, Object> answer,
            boolean taken) {}

    private static final TypeReference<List<UUID>> IDS = new TypeReference<>() {};
    private static final TypeReference<List<String>> WORDS = new TypeReference<>() {};
    private static final TypeReference<Map<String, Object>> FIGURES = new TypeReference<>() {};
    private static final double SECONDS_AN_HOUR = 3600;

    public static Sample of(SampleRow row, Json json) {
        return new Sample(
                row.id(),
                row.fieldId(),
                row.visitId(),
                row.zoneId(),
                row.label(),
                json.read(row.spotsJson(), IDS),
                row.subsamples(),
                row.topCm(),
                row.bottomCm(),
                row.takenAt(),
                row.cooledAt(),
                row.handedOverAt(),
                json.read(row.askedJson(), WORDS),
                row.laboratory(),
                row.cost(),
                dressed(row.doneBefore()),
                order(row, json),
                row.version());
    }

    private static @Nullable Order order(SampleRow row, Json json) {
        return row.sentAt() == null
                ? null
                : new Order(
                        row.sentAt(),
                        row.likelyAt(),
                        row.answeredAt(),
                        row.answerJson() == null ? null : json.read(row.answerJson(), FIGURES),
                        row.taken());
    }

    private static List<String> dressed(@Nullable String doneBefore) {
        List<String> dressed = new ArrayList<>();
        for (String one : doneBefore == null ? new String[0] : doneBefore.split(" ")) {
            String[] parts = one.split(":");
            String dressing = morphotera.measure.Sample.dressing(parts[0], Long.parseLong(parts[1]));
            if (dressing != null && !dressed.contains(dressing)) {
                dressed.add(dressing);
            }
        }
        return List.copyOf(dressed);
    }

    /** Whether the laboratory's sheet waits for somebody to look at it. */
    public boolean cameBack() {
        return order != null && order.answeredAt() != null && !order.taken();
    }

    /** What the rules know of it. */
    morphotera.measure.Sample forRules() {
        return new morphotera.measure.Sample(
                id.toString(),
                zoneId.toString(),
                label,
                hour(takenAt),
                hour(cooledAt),
                hour(handedOverAt),
                justDressed);
    }

    private static @Nullable Double hour(@Nullable Instant instant) {
        return instant == null ? null : instant.toEpochMilli() / (SECONDS_AN_HOUR * 1000);
    }
}
