package morphotera.app.scout;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Findings;
import morphotera.follow.Retests;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.measure.Description;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;

/**
 * How a visit's day is meant to go; what is not said goes the usual way.
 *
 * @param startsAt by the field's clock, such as 09:00
 * @param variants the way of doing it, by method; the first of the method's where none is named
 * @param leftOut what there is no time for
 * @param where by method: at every spot, once, at the reference alone, or of a mixed sample
 * @param retest what was due again and is read by this visit: in a calendar it stands in its place
 */
public record DayPlan(
        Integer people,
        @Nullable String startsAt,
        @Nullable Map<String, String> variants,
        @Nullable Map<String, String> where,
        @Nullable List<Left> leftOut,
        @Nullable Retest retest) {
    private static final int MOST_LEFT = 500;
    private static final int MOST_RETESTS = 40;

    /** Tests of a zone that are due for a reason, the how-many-th where they are due at several times. */
    public record Retest(UUID zone, String why, int nth) {}

    /** A test that is not done at a spot of its set. */
    public record Left(UUID spot, String method) {}

    static final DayPlan NONE = new DayPlan(null, null, null, null, null, null);
    static final List<String> WHERE = List.of("every-spot", "once", "reference", "mixed");
    private static final String HOUR = "([01]\\d|2[0-3]):[0-5]\\d";

    void check(String path, Findings findings) {
        findings.range(path + "/people", people == null ? null : Double.valueOf(people), "The number of people", 1, 3);
        if (startsAt != null && !startsAt.matches(HOUR)) {
            findings.refuse(path + "/startsAt", "wrong-type", "An hour such as 09:00 is expected here.");
        }
        checkKeys(path + "/variants", variants, findings);
        checkKeys(path + "/where", where, findings);
        checkLeft(path + "/leftOut", findings);
        checkRetest(path + "/retest", findings);
        if (variants != null) {
            variants.forEach((id, variant) -> Methods.find(id)
                    .ifPresent(method -> findings.word(
                            path + "/variants/" + id,
                            variant,
                            "way of doing it",
                            method.description().variants().stream()
                                    .map(Description.Variant::id)
                                    .toList())));
        }
        if (where != null) {
            where.forEach((id, place) -> findings.word(path + "/where/" + id, place, "where it is done", WHERE));
        }
    }

    private void checkRetest(String path, Findings findings) {
        if (retest != null) {
            findings.needed(path + "/zone", retest.zone(), "A zone");
            findings.needed(path + "/why", retest.why(), "Why it is due");
            findings.word(
                    path + "/why",
                    retest.why(),
                    "reason",
                    Arrays.stream(Retests.Why.values()).map(Coded::word).toList());
            findings.range(path + "/nth", (double) retest.nth(), "It", 1, MOST_RETESTS);
        }
    }

    private void checkLeft(String path, Findings findings) {
        List<Left> left = leftOut == null ? List.of() : leftOut;
        List<String> known = Methods.ALL.stream().map(Method::id).toList();
        findings.size(path, left.size(), "What is left out", MOST_LEFT);
        for (int i = 0; i < Math.min(left.size(), MOST_LEFT); i++) {
            Left one = left.get(i);
            findings.needed(path + "/" + i, one == null ? null : one.spot(), "A spot");
            findings.needed(path + "/" + i + "/method", one == null ? null : one.method(), "A method");
            findings.word(path + "/" + i + "/method", one == null ? null : one.method(), "method", known);
        }
    }

    private static void checkKeys(String path, @Nullable Map<String, String> by, Findings findings) {
        if (by == null) {
            return;
        }
        List<String> known = Methods.ALL.stream().map(Method::id).toList();
        findings.size(path, by.size(), "Tests", known.size());
        by.keySet().stream().limit(known.size()).forEach(id -> {
            findings.word(path + "/" + id, id, "method", known);
            findings.needed(path + "/" + id, by.get(id), "A word");
        });
    }
}
