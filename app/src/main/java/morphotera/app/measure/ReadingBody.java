package morphotera.app.measure;

import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.ground.Nullable;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;

/** What is sent to save a reading; {@code corrects} names the reading it stands in for, with the reason. */
public record ReadingBody(
        UUID visitId,
        UUID spotId,
        String method,
        Map<String, Object> reading,
        Instant takenAt,
        @Nullable String device,
        @Nullable UUID corrects,
        @Nullable String correctionReason)
        implements Checked {

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
        findings.needed("/reading", reading, "What was read");
        findings.needed("/takenAt", takenAt, "The time it was taken");
        findings.atMost("/device", device, "The device", 60);
        if (corrects != null) {
            findings.text("/correctionReason", correctionReason, "Why it is corrected", 300);
        }
    }
}
