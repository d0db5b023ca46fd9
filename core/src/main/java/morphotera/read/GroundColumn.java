package morphotera.read;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import morphotera.ground.Nullable;
import morphotera.measure.Evaluation;
import morphotera.measure.Taken;

/**
 * One spot as a column of ground: what was read there in one visit, by depth, whichever test read it. Null: not looked at;
 * {@code limitCm} null with a cone: the limit was not met.
 *
 * @param layers of the block, and of the pit below it
 * @param coneHollow whether the cone was pushed on a day that makes it no evidence
 * @param coneBefore the cone of the visit before
 * @param ph in water, from a probe, a laboratory or a pit's layers
 * @param salinity as saturated paste, dS/m
 */
public record GroundColumn(
        String spot,
        List<Layer> layers,
        List<At> cone,
        boolean coneHollow,
        List<At> coneBefore,
        @Nullable Double limitCm,
        @Nullable Double panPeakCm,
        @Nullable Double panBaseCm,
        @Nullable Double root80Cm,
        @Nullable Double rootMaxCm,
        @Nullable Double rootRatio,
        @Nullable Double rootStopCm,
        @Nullable Boolean rootsEndFlat,
        @Nullable Boolean rootsBent,
        @Nullable Double waterAtCm,
        List<At> ph,
        List<At> salinity) {

    /** A layer as it was judged; of a pit, effort and pores are null. */
    public record Layer(
            double topCm,
            double bottomCm,
            String shape,
            @Nullable String effort,
            @Nullable String pores,
            String roots,
            @Nullable String mottles,
            @Nullable String moisture,
            boolean pit) {}

    /** A value at a depth, cm. */
    public record At(double depthCm, double value) {}

    public static GroundColumn of(String spot, List<Taken> here, List<Taken> before) {
        Optional<Taken> cone = last(here, "penetration");
        Optional<Taken> roots = last(here, "root-depth");
        Optional<Taken> pit = last(here, "root-pit");
        return new GroundColumn(
                spot,
                layers(last(here, "structure-spade"), pit),
                cone.map(taken -> profile(taken, "meanAt")).orElse(List.of()),
                cone.map(taken -> !taken.evaluation().counts("meanAt")).orElse(false),
                last(before, "penetration")
                        .map(taken -> profile(taken, "meanAt"))
                        .orElse(List.of()),
                clean(cone, "depthToLimit"),
                clean(cone, "panPeak"),
                clean(cone, "panBase"),
                number(roots, "root80"),
                roots.map(taken -> entered(taken.entered(), "maxCm")).orElse(null),
                clean(roots, "ratio"),
                number(pit, "rootStop"),
                yesNo(roots, "sharpEdge"),
                yesNo(roots, "bent"),
                pit.map(taken -> entered(taken.entered(), "waterAtCm")).orElse(null),
                ph(here, pit),
                salinity(here));
    }

    /** The depth of the deepest mark, cm. */
    public double deepestCm() {
        double deepest = rootMaxCm == null ? 0 : rootMaxCm;
        for (Layer layer : layers) {
            deepest = Math.max(deepest, layer.bottomCm());
        }
        for (List<At> line : List.of(cone, ph, salinity)) {
            for (At at : line) {
                deepest = Math.max(deepest, at.depthCm());
            }
        }
        return deepest;
    }

    private static Optional<Taken> last(List<Taken> taken, String method) {
        List<Taken> all = taken.stream()
                .filter(one -> one.evaluation().method().equals(method))
                .toList();
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1));
    }

    private static List<Layer> layers(Optional<Taken> block, Optional<Taken> pit) {
        List<Layer> layers = new ArrayList<>();
        block.ifPresent(taken -> each(taken, layers, false));
        double bottom = layers.isEmpty() ? 0 : layers.get(layers.size() - 1).bottomCm();
        List<Layer> below = new ArrayList<>();
        pit.ifPresent(taken -> each(taken, below, true));
        for (Layer layer : below) {
            if (layer.bottomCm() > bottom) {
                layers.add(new Layer(
                        Math.max(bottom, layer.topCm()),
                        layer.bottomCm(),
                        layer.shape(),
                        null,
                        null,
                        layer.roots(),
                        layer.mottles(),
                        layer.moisture(),
                        true));
            }
        }
        return List.copyOf(layers);
    }

    private static void each(Taken taken, List<Layer> to, boolean pit) {
        for (Map<?, ?> layer : parts(taken)) {
            to.add(new Layer(
                    entered(layer, "topCm"),
                    entered(layer, "bottomCm"),
                    (String) layer.get("shape"),
                    (String) layer.get("effort"),
                    (String) layer.get("pores"),
                    (String) layer.get("roots"),
                    (String) layer.get("mottles"),
                    (String) layer.get("moisture"),
                    pit));
        }
    }

    private static List<Map<?, ?>> parts(Taken taken) {
        List<Map<?, ?>> parts = new ArrayList<>();
        if (taken.entered().get("layers") instanceof List<?> layers) {
            for (Object layer : layers) {
                parts.add((Map<?, ?>) layer);
            }
        }
        return parts;
    }

    private static List<At> ph(List<Taken> here, Optional<Taken> pit) {
        List<At> ph = new ArrayList<>();
        for (Taken taken : here) {
            ph.addAll(profile(taken, "inWater"));
            if (taken.evaluation().method().equals("laboratory")) {
                at(taken, "ph", ph);
            }
        }
        pit.ifPresent(taken -> {
            for (Map<?, ?> layer : parts(taken)) {
                Double value = entered(layer, "ph");
                if (value != null) {
                    ph.add(new At((entered(layer, "topCm") + entered(layer, "bottomCm")) / 2, value));
                }
            }
        });
        ph.sort(Comparator.comparingDouble(At::depthCm));
        return List.copyOf(ph);
    }

    private static List<At> salinity(List<Taken> here) {
        List<At> salinity = new ArrayList<>();
        for (Taken taken : here) {
            String method = taken.evaluation().method();
            if (method.equals("salinity") || method.equals("laboratory")) {
                at(taken, "ece", salinity);
            }
        }
        salinity.sort(Comparator.comparingDouble(At::depthCm));
        return List.copyOf(salinity);
    }

    /** A value at the depth its sample was taken from, where that was said. */
    private static void at(Taken taken, String key, List<At> to) {
        Double value = number(Optional.of(taken), key);
        if (value != null && taken.cell().depthCm() != null) {
            to.add(new At(taken.cell().depthCm(), value));
        }
    }

    private static List<At> profile(Taken taken, String key) {
        List<At> profile = new ArrayList<>();
        for (Evaluation.Measure measure : taken.evaluation().measures()) {
            if (measure.key().equals(key) && measure.depthCm() != null && measure.value() != null) {
                profile.add(new At(measure.depthCm(), measure.value()));
            }
        }
        return List.copyOf(profile);
    }

    private static @Nullable Double clean(Optional<Taken> taken, String key) {
        return number(taken.filter(one -> one.evaluation().counts(key)), key);
    }

    private static @Nullable Double number(Optional<Taken> taken, String key) {
        if (taken.isPresent()) {
            for (Evaluation.Measure measure : taken.get().evaluation().measures()) {
                if (measure.key().equals(key)) {
                    return measure.value();
                }
            }
        }
        return null;
    }

    private static @Nullable Boolean yesNo(Optional<Taken> taken, String key) {
        return taken.map(one -> (Boolean) one.evaluation().words().get(key)).orElse(null);
    }

    private static @Nullable Double entered(Map<?, ?> of, String key) {
        return of.get(key) instanceof Number number ? Double.valueOf(number.doubleValue()) : null;
    }
}
