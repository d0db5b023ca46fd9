package morphotera.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import morphotera.ground.LandUse;
import morphotera.ground.Refusal;
import morphotera.ground.TextureGroup;

/** What a person's curves are refused for, each at its knot. */
public final class YardstickCheck {
    private static final int FEWEST_KNOTS = 2;
    private static final int MOST_KNOTS = 20;
    private static final double HIGHEST_SCORE = 100;

    private YardstickCheck() {}

    /**
     * @param curves by key, each its knots, [x, score]
     * @param known the yardstick they are based on: its keys alone are known, each narrowed by what can narrow one
     */
    public static List<Refusal> of(Map<String, List<List<Double>>> curves, Yardstick known) {
        List<Refusal> refused = new ArrayList<>();
        Set<String> keys =
                known.curves().keySet().stream().map(YardstickCheck::widest).collect(Collectors.toSet());
        Set<String> narrowings = narrowings(known);
        curves.forEach((key, knots) -> {
            String at = "/curves/" + key.replace("~", "~0").replace("/", "~1");
            if (!keys.contains(widest(key))) {
                refused.add(
                        new Refusal(at, "unknown-curve", "There is no curve '" + widest(key) + "' to be replaced."));
            } else if (key.contains("@") && !narrowings.contains(key.substring(key.indexOf('@') + 1))) {
                refused.add(new Refusal(
                        at,
                        "unknown-narrowing",
                        "A curve is narrowed by one of "
                                + String.join(", ", narrowings.stream().sorted().toList()) + "."));
            } else {
                knots(at + "/knots", knots, refused);
            }
        });
        return refused;
    }

    private static void knots(String at, List<List<Double>> knots, List<Refusal> refused) {
        if (knots == null || knots.size() < FEWEST_KNOTS) {
            refused.add(new Refusal(at, "too-few", "A curve has two knots at least."));
            return;
        }
        if (knots.size() > MOST_KNOTS) {
            refused.add(new Refusal(at, "too-many", "A curve has twenty knots at most."));
            return;
        }
        Double before = null;
        for (int i = 0; i < knots.size(); i++) {
            List<Double> knot = knots.get(i);
            String here = at + "/" + i;
            if (knot == null || knot.size() != 2 || knot.get(0) == null || knot.get(1) == null) {
                refused.add(new Refusal(here, "wrong-type", "A knot is a pair: x and its score."));
                before = null;
                continue;
            }
            if (before != null && !(knot.get(0) > before)) {
                refused.add(new Refusal(here, "not-rising", "Each knot lies to the right of the one before it."));
            }
            if (!(knot.get(1) >= 0 && knot.get(1) <= HIGHEST_SCORE)) {
                refused.add(new Refusal(here, "out-of-range", "Scores go from 0 to 100."));
            }
            before = knot.get(0);
        }
    }

    /** A curve's name without what it is narrowed by. */
    public static String widest(String key) {
        return key.contains("@") ? key.substring(0, key.indexOf('@')) : key;
    }

    /** Uses, texture groups, and what the known curves are narrowed by: crop kinds, purposes, preparations. */
    private static Set<String> narrowings(Yardstick known) {
        List<String> all = new ArrayList<>();
        for (LandUse use : LandUse.values()) {
            all.add(use.word());
        }
        for (TextureGroup group : TextureGroup.values()) {
            all.add(group.word());
        }
        known.curves().keySet().stream()
                .filter(key -> key.contains("@"))
                .forEach(key -> all.add(key.substring(key.indexOf('@') + 1)));
        return Set.copyOf(all);
    }
}
