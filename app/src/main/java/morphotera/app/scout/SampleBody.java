package morphotera.app.scout;

import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.ground.Nullable;

/** What is sent to keep a mixed sample. */
public record SampleBody(
        UUID visitId,
        String label,
        List<UUID> spots,
        @Nullable Integer subsamples,
        Double topCm,
        Double bottomCm,
        Instant takenAt,
        @Nullable Instant cooledAt,
        @Nullable Instant handedOverAt,
        @Nullable List<String> asked,
        @Nullable String laboratory,
        @Nullable Double cost,
        int version)
        implements Checked {

    private static final int MOST_SPOTS = 60;
    private static final int MOST_CORES = 200;
    private static final double DEEPEST_CM = 300;
    private static final int MOST_ASKED = 40;

    @Override
    public void check(Findings findings) {
        findings.needed("/visitId", visitId, "A visit");
        findings.text("/label", label, "A label", 20);
        findings.needed("/spots", spots, "Where its cores were taken");
        if (spots != null) {
            checkSpots(findings);
        }
        findings.range("/subsamples", subsamples == null ? null : subsamples.doubleValue(), "Cores", 1, MOST_CORES);
        findings.needed("/topCm", topCm, "Its upper depth");
        findings.needed("/bottomCm", bottomCm, "Its lower depth");
        findings.range("/topCm", topCm, "Its upper depth", 0, DEEPEST_CM);
        findings.range("/bottomCm", bottomCm, "Its lower depth", 0, DEEPEST_CM);
        if (topCm != null && bottomCm != null && bottomCm <= topCm) {
            findings.refuse("/bottomCm", "backward", "The lower depth lies under the upper one.");
        }
        findings.needed("/takenAt", takenAt, "The time it was taken");
        findings.instant("/takenAt", takenAt);
        after(findings, "/cooledAt", cooledAt, "A sample is cooled after it was taken.");
        after(findings, "/handedOverAt", handedOverAt, "A sample is handed over after it was taken.");
        if (asked != null) {
            findings.size("/asked", asked.size(), "What is asked for", MOST_ASKED);
            for (int i = 0; i < asked.size(); i++) {
                findings.text("/asked/" + i, asked.get(i), "What is asked for", 60);
            }
        }
        findings.atMost("/laboratory", laboratory, "The laboratory", 120);
        findings.range("/cost", cost, "The cost", 0, 1_000_000);
    }

    private void checkSpots(Findings findings) {
        findings.size("/spots", spots.size(), "Spots", MOST_SPOTS);
        if (spots.isEmpty()) {
            findings.refuse("/spots", "missing", "A sample comes from one spot at least.");
        }
        HashSet<UUID> seen = new HashSet<>();
        for (int i = 0; i < spots.size(); i++) {
            findings.needed("/spots/" + i, spots.get(i), "A spot");
            if (spots.get(i) != null && !seen.add(spots.get(i))) {
                findings.refuse("/spots/" + i, "twice", "This spot is named twice.");
            }
        }
    }

    private void after(Findings findings, String path, Instant instant, String text) {
        findings.instant(path, instant);
        if (instant != null && takenAt != null && instant.isBefore(takenAt)) {
            findings.refuse(path, "backward", text);
        }
    }
}
