package morphotera.decide;

import java.util.LinkedHashMap;
import java.util.Map;
import morphotera.ground.Nullable;

/**
 * What a finding says to the causes. A finding that is missing was not looked at.
 *
 * @param value null where it was looked at and says neither: patchy, or too near a limit
 * @param half whether it counts half and decides nothing: a card near a limit, or the same in the good patch
 * @param decides whether a cause it settles is settled by it
 * @param raisesGate whether it counts towards a gate; gates are never halved
 */
public record Seen(@Nullable Boolean value, boolean half, boolean decides, boolean raisesGate) {
    public static Seen plainly(boolean value) {
        return new Seen(value, false, true, value);
    }

    /** The same, counting half. */
    public Seen halved() {
        return new Seen(value, true, false, raisesGate);
    }

    public static Map<String, Seen> plainly(Map<String, Boolean> findings) {
        Map<String, Seen> seen = new LinkedHashMap<>();
        findings.forEach((finding, value) -> seen.put(finding, plainly(value)));
        return seen;
    }
}
