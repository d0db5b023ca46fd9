package morphotera.decide;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;

/**
 * The good patch speaks: what is true in it as much as in the poor one does not explain why one is poor, so it counts half
 * there. Gates are never halved.
 */
public final class GoodPatch {
    private static final double ALIKE_POINTS = 15;

    private GoodPatch() {}

    /**
     * The findings that a poor zone shares with the good one of the same visit.
     *
     * @param poorMeans each method's mean score in the poor zone; what has no score in both is alike by being true in both
     */
    public static Set<String> shared(
            Map<String, Facts.Answer> poor,
            Map<String, Facts.Answer> good,
            Map<String, Double> poorMeans,
            Map<String, Double> goodMeans) {
        Set<String> shared = new LinkedHashSet<>();
        poor.forEach((finding, answer) -> {
            Facts.Answer there = good.get(finding);
            boolean both = Boolean.TRUE.equals(answer.value()) && there != null && Boolean.TRUE.equals(there.value());
            if (both && isAlike(answer.measure(), poorMeans, goodMeans)) {
                shared.add(finding);
            }
        });
        return shared;
    }

    private static boolean isAlike(String measure, Map<String, Double> poorMeans, Map<String, Double> goodMeans) {
        if (measure == null || measure.indexOf('.') < 0) {
            return true;
        }
        String method = measure.substring(0, measure.indexOf('.'));
        Double poor = poorMeans.get(method);
        Double good = goodMeans.get(method);
        return poor == null || good == null || Math.abs(poor - good) < ALIKE_POINTS;
    }

    /** What the answers say to the causes, those shared counting half. */
    public static Map<String, Seen> seen(Map<String, Facts.Answer> answers, Set<String> shared) {
        Map<String, Seen> seen = new LinkedHashMap<>();
        answers.forEach((finding, answer) ->
                seen.put(finding, shared.contains(finding) ? answer.seen().halved() : answer.seen()));
        return seen;
    }
}
