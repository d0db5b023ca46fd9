package morphotera.scout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import morphotera.scout.runsheet.Asked;
import morphotera.scout.runsheet.Outing;
import morphotera.scout.runsheet.RunSheet;

/** A kit as it is asked for; {@code spots} and {@code gate} where they are known, without them spots are taken to lie some 60 m apart. */
public record KitAsked(
        List<Asked.Test> tests,
        Integer people,
        Double holeDiameterMm,
        Double ringDiameterMm,
        @Nullable List<Asked.Spot> spots,
        @Nullable Asked.Place gate,
        @Nullable String textureGroup) {
    private static final double SPOT_APART_DEGREES = 0.0008;
    private static final double LEAST_MM = 50;
    private static final double MOST_MM = 600;

    /** @param plan the run sheet of a visit, which may be at hand already */
    public Kit kit(Function<Outing, RunSheet> plan) {
        List<Refusal> refusals = new ArrayList<>();
        Map<String, Double> sizes = new LinkedHashMap<>();
        size(refusals, sizes, "holeDiameterMm", holeDiameterMm, "The hole");
        size(refusals, sizes, "ringDiameterMm", ringDiameterMm, "The ring");
        if (!refusals.isEmpty()) {
            throw new Refused(refusals);
        }
        List<Asked.Spot> at = spots == null && tests != null ? inARow() : spots;
        Outing outing =
                new Asked(people == null ? 1 : people, textureGroup, gate, at, tests, null, null, null).outing();
        return Kit.of(outing, plan.apply(outing), sizes);
    }

    private static void size(
            List<Refusal> refusals, Map<String, Double> sizes, String key, @Nullable Double mm, String label) {
        if (mm == null) {
            return;
        }
        if (!(mm >= LEAST_MM && mm <= MOST_MM)) {
            refusals.add(new Refusal("/" + key, "out-of-range", label + ", mm across, goes from 50 to 600."));
        }
        sizes.put(key, mm);
    }

    private List<Asked.Spot> inARow() {
        Set<String> ids = new LinkedHashSet<>();
        for (Asked.Test test : tests) {
            if (test != null && test.spot() != null && ids.size() <= Asked.MOST_SPOTS) {
                ids.add(test.spot());
            }
        }
        List<Asked.Spot> at = new ArrayList<>();
        for (String id : ids) {
            at.add(new Asked.Spot(id, 0.0, at.size() * SPOT_APART_DEGREES));
        }
        return at;
    }
}
