package morphotera.app.measure;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.ground.Nullable;
import morphotera.measure.Evaluation;

/**
 * What was entered for one method at one spot, by whom and when, and what came of it.
 *
 * @param spotId null where it was read from a sample
 * @param sampleId the mixed sample it was read from; null where it was read at a spot
 * @param repeat the how-many-th of its cell
 * @param depthClass of the depth it was taken at, where it has one
 * @param cell the same for two readings of one cell, of which a person says which holds or that they are repeats
 * @param rulesVersion by which rules the result was computed
 * @param context all that the result was computed with, beside what was entered; null in results of before it was kept
 * @param setAside why a person said that another reading of the cell holds
 * @param yardstickId the practice's own that scored it; null: the one that ships
 * @param visitRevision of its visit, when it was read
 * @param alsoChanged readings of the spot that were computed again because of this one
 */
public record Reading(
        UUID id,
        UUID visitId,
        LocalDate visitDay,
        @Nullable UUID spotId,
        String method,
        @Nullable String variant,
        int repeat,
        @Nullable String depthClass,
        String cell,
        Map<String, Object> reading,
        @Nullable String note,
        @Nullable UUID sampleId,
        Instant takenAt,
        UUID enteredById,
        String enteredBy,
        @Nullable String device,
        String rulesVersion,
        @Nullable Map<String, Object> context,
        @Nullable UUID corrects,
        @Nullable String correctionReason,
        @Nullable UUID correctedBy,
        @Nullable String setAside,
        String yardstick,
        int yardstickVersion,
        @Nullable UUID yardstickId,
        Evaluation evaluation,
        int visitRevision,
        List<UUID> alsoChanged) {

    /** Whether it speaks: neither corrected since nor set aside. */
    public boolean stands() {
        return correctedBy == null && setAside == null;
    }

    /** The spot or the sample it was read at. */
    public UUID placeId() {
        return spotId == null ? sampleId : spotId;
    }

    Reading alongWith(List<UUID> changed) {
        return new Reading(
                id,
                visitId,
                visitDay,
                spotId,
                method,
                variant,
                repeat,
                depthClass,
                cell,
                reading,
                note,
                sampleId,
                takenAt,
                enteredById,
                enteredBy,
                device,
                rulesVersion,
                context,
                corrects,
                correctionReason,
                correctedBy,
                setAside,
                yardstick,
                yardstickVersion,
                yardstickId,
                evaluation,
                visitRevision,
                changed);
    }
}
