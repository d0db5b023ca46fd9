package morphotera.read;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import morphotera.ground.DepthClass;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;

/**
 * Salt where the roots are: the mean of a spot's depth classes, dS/m as saturated paste, weighted by how much of each lies
 * above the depth that roots are expected to reach. A laboratory's value speaks before a meter's in its class.
 *
 * @param deep whether a class below 30 cm was read: only then can there be said to be no salt
 */
public record RootZone(double ece, boolean deep) {
    /** One value; a depth that was not said counts as the topsoil's. */
    public record At(@Nullable DepthClass depth, double ece, boolean laboratory) {}

    /** Null where nothing was read within the depth of the roots. */
    public static @Nullable RootZone of(List<At> spot, double rootsToCm) {
        Map<DepthClass, List<At>> byClass = new EnumMap<>(DepthClass.class);
        for (At at : spot) {
            DepthClass depth = at.depth() == null ? DepthClass.TO_10 : at.depth();
            byClass.computeIfAbsent(depth, key -> new ArrayList<>()).add(at);
        }
        double weighted = 0;
        double thickness = 0;
        boolean deep = false;
        for (Map.Entry<DepthClass, List<At>> entry : byClass.entrySet()) {
            double thick = entry.getKey().thicknessTo(rootsToCm);
            weighted += thick * best(entry.getValue());
            thickness += thick;
            deep |= entry.getKey().fromCm() >= DepthClass.TO_60.fromCm();
        }
        return thickness == 0 ? null : new RootZone(weighted / thickness, deep);
    }

    private static double best(List<At> ofClass) {
        List<At> laboratory = ofClass.stream().filter(At::laboratory).toList();
        return Numbers.mean((laboratory.isEmpty() ? ofClass : laboratory)
                .stream().map(At::ece).toList());
    }
}
