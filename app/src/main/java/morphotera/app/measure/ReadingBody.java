package morphotera.app.measure;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.ground.Nullable;
import morphotera.measure.Cell;
import morphotera.measure.Description;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;

/**
 * What is sent to save a reading; {@code corrects} names the reading it stands in for, with the reason.
 *
 * @param spotId where it was read; null where {@code sampleId} names the mixed sample it was read from
 * @param variant a way of doing the method, by its id
 * @param repeat the how-many-th of its cell, 1 where it is missing
 */
public record ReadingBody(
        UUID visitId,
        @Nullable UUID spotId,
        String method,
        @Nullable String variant,
        @Nullable Integer repeat,
        Map<String, Object> reading,
        @Nullable String note,
        @Nullable UUID sampleId,
        Instant takenAt,
        @Nullable String device,
        @Nullable UUID corrects,
        @Nullable String correctionReason)
        implements Checked {
    static final int LONGEST_NOTE = 2000;

    @Override
    public void check(Findings findings) {
        findings.needed("/visitId", visitId, "A visit");
        if (spotId == null && sampleId == null) {
            findings.refuse("/spotId", "missing", "A spot is needed here, or a sample under sampleId.");
        } else if (spotId != null && sampleId != null) {
            findings.refuse("/sampleId", "one-of", "A reading is of a spot or of a mixed sample, not of both.");
        } else if (sampleId != null && !ofSamples().contains(method)) {
            findings.refuse(
                    "/sampleId",
                    "not-mixed",
                    "This is read at a spot; from a mixed sample come: " + String.join(", ", ofSamples()) + ".");
        }
        findings.needed("/method", method, "A method");
        findings.word(
                "/method",
                method,
                "method",
                Methods.ALL.stream().map(Method::id).toList());
        CellCheck.variantAndRepeat(findings, method, variant, repeat);
        findings.needed("/reading", reading, "What was read");
        findings.atMost("/note", note, "A note", LONGEST_NOTE);
        findings.needed("/takenAt", takenAt, "The time it was taken");
        findings.instant("/takenAt", takenAt);
        findings.atMost("/device", device, "The device", 60);
        if (corrects != null) {
            findings.text("/correctionReason", correctionReason, "Why it is corrected", 300);
        }
    }

    int repeatOrFirst() {
        return CellCheck.repeatOrFirst(repeat);
    }

    private static List<String> ofSamples() {
        return Methods.ALL.stream()
                .map(Method::description)
                .filter(Description::ofSamples)
                .map(Description::id)
                .toList();
    }

    UUID placeId() {
        return spotId == null ? sampleId : spotId;
    }

    Cell cell() {
        return Cell.of(Methods.find(method).orElseThrow().description(), variant, repeatOrFirst(), reading);
    }
}
