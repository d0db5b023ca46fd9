package morphotera.app.measure;

import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.ground.Nullable;
import morphotera.measure.Cell;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;

/**
 * What is sent to save a reading; {@code corrects} names the reading it stands in for, with the reason.
 *
 * @param variant a way of doing the method, by its id
 * @param repeat the how-many-th of its cell, 1 where it is missing
 */
public record ReadingBody(
        UUID visitId,
        UUID spotId,
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
        findings.needed("/spotId", spotId, "A spot");
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
        if (sampleId != null) {
            findings.refuse("/sampleId", "unknown-id", "There is no such sample here.");
        }
    }

    int repeatOrFirst() {
        return CellCheck.repeatOrFirst(repeat);
    }

    Cell cell() {
        return Cell.of(Methods.find(method).orElseThrow().description(), variant, repeatOrFirst(), reading);
    }
}
