package morphotera.app.demo;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** Draws readings from a true state, as a careful person with honest tools would read it. Seeded: the same each time. */
final class Simulator {
    private static final double CONE_STEP_CM = 7.5;
    private static final int CONE_DEPTHS = 8;
    private static final int PUSHES = 5;
    private static final double PIT_CM = 70;
    private static final List<String> SHAPES = List.of("crumb", "granular", "rounded-blocks", "sharp-blocks", "plates");
    private static final List<String> EFFORTS = List.of("falls", "gentle", "firm", "hard");

    private final Random noise;
    private final SimulatedSigns signs;

    Simulator(long seed) {
        this.noise = new Random(seed);
        this.signs = new SimulatedSigns(seed + 1);
    }

    Map<String, Object> reading(String method, Scenario.Ground ground, Scenario.SpotOf spot) {
        return switch (method) {
            case "penetration" -> cone(ground.hardness(), spot);
            case "structure-spade" -> block(ground.layers(), spot);
            case "slaking" -> crumbs(ground.crumbStrength());
            case "ph" -> ph(ground.ph(), ground.phBasis());
            case "root-depth" -> roots(ground.roots(), spot);
            case "salinity" -> salt(ground.ece(), spot);
            case "laboratory" -> laboratory(ground.organicMatterPercent());
            case "root-pit" -> pit(ground, spot);
            case "percolation-hole" -> hole(ground.wallKMmPerH());
            default -> signs.reading(method, ground.signs());
        };
    }

    /** Resistance at a depth: a straight rise, and a pan that begins softly and ends sharply. */
    static double kPa(Scenario.Hardness hardness, Scenario.SpotOf spot, double depthCm) {
        double plain = (hardness.surfaceKPa() + hardness.kPaPerCm() * depthCm) * spot.harder();
        if (hardness.panTopCm() == null) {
            return plain;
        }
        double top = hardness.panTopCm() + spot.deeperCm();
        double base = hardness.panBaseCm() + spot.deeperCm();
        double middle = (top + base) / 2;
        double half = (base - top) / 2;
        double inPan = Math.max(0, 1 - Math.pow(Math.abs(depthCm - middle) / (half * 1.6), 2));
        return plain + (hardness.panKPa() * spot.harder() - plain) * inPan;
    }

    private Map<String, Object> cone(Scenario.Hardness hardness, Scenario.SpotOf spot) {
        List<Object> probes = new ArrayList<>();
        for (int push = 0; push < PUSHES; push++) {
            double here = 1 + 0.07 * noise.nextGaussian();
            List<Object> points = new ArrayList<>();
            for (int i = 1; i <= CONE_DEPTHS; i++) {
                double depth = i * CONE_STEP_CM;
                double read = kPa(hardness, spot, depth) * here * (1 + 0.06 * noise.nextGaussian());
                points.add(map("depthCm", depth, "kPa", Math.round(Math.max(100, read) / 10) * 10.0));
            }
            probes.add(map("points", points));
        }
        return map("cone", "small", "probes", probes);
    }

    private Map<String, Object> block(List<Scenario.Layer> layers, Scenario.SpotOf spot) {
        List<Object> judged = new ArrayList<>();
        double top = 0;
        for (Scenario.Layer layer : layers) {
            double bottom = Math.round(layer.bottomCm() + spot.deeperCm() + noise.nextGaussian());
            bottom = Math.max(top + 3, bottom);
            judged.add(map(
                    "topCm",
                    top,
                    "bottomCm",
                    bottom,
                    "shape",
                    layer.shape().equals("massive") ? "massive" : nearly(SHAPES, layer.shape(), 0.08),
                    "effort",
                    nearly(EFFORTS, layer.effort(), 0.15),
                    "pores",
                    layer.pores(),
                    "roots",
                    layer.roots()));
            top = bottom;
        }
        return map("layers", judged);
    }

    /** The block's layers again, and one below them to the pit's floor; pH where it was read. */
    private Map<String, Object> pit(Scenario.Ground ground, Scenario.SpotOf spot) {
        List<Object> layers = new ArrayList<>();
        double top = 0;
        for (int i = 0; i <= ground.layers().size(); i++) {
            boolean floor = i == ground.layers().size();
            Scenario.Layer layer =
                    ground.layers().get(Math.min(i, ground.layers().size() - 1));
            double bottom = floor
                    ? PIT_CM
                    : Math.max(top + 3, Math.round(layer.bottomCm() + spot.deeperCm() + noise.nextGaussian()));
            double pH = ground.ph().get(Math.min(i, ground.ph().size() - 1)).get(1);
            layers.add(map(
                    "topCm",
                    top,
                    "bottomCm",
                    bottom,
                    "moisture",
                    "moist",
                    "shape",
                    floor || layer.shape().equals("massive") ? layer.shape() : nearly(SHAPES, layer.shape(), 0.08),
                    "roots",
                    layer.roots(),
                    "mottles",
                    "none",
                    "ph",
                    Math.round((pH + 0.08 * noise.nextGaussian()) * 10) / 10.0));
            top = bottom;
        }
        return map("depthCm", PIT_CM, "fromAbove", false, "people", 2, "layers", layers);
    }

    /** The step that is true, or now and then a neighbour. */
    private String nearly(List<String> steps, String truth, double slips) {
        int at = steps.indexOf(truth);
        if (noise.nextDouble() < slips) {
            at = Math.max(0, Math.min(steps.size() - 1, at + (noise.nextBoolean() ? 1 : -1)));
        }
        return steps.get(at);
    }

    private Map<String, Object> crumbs(double strength) {
        List<Object> crumbs = new ArrayList<>();
        int count = 6;
        for (int i = 0; i < count; i++) {
            double s = strength + 0.2 * noise.nextGaussian();
            if (s < 0.25) {
                double seconds = Math.max(4, Math.round(60 * Math.max(0.05, s) / 0.25));
                crumbs.add(map("fellAt", "still", "seconds", seconds));
            } else if (s < 0.5) {
                crumbs.add(map("fellAt", "gentle", "share", s < 0.4 ? 1.0 : 0.75));
            } else if (s < 0.75) {
                crumbs.add(map("fellAt", "strong", "share", s < 0.65 ? 1.0 : 0.5));
            } else {
                crumbs.add(map("fellAt", "never"));
            }
        }
        if (noise.nextDouble() < 0.2) {
            crumbs.add(map("fellAt", "never", "stone", true));
        }
        return map("depthCm", 5, "crumbState", "air-dry", "water", "rain", "crumbs", crumbs);
    }

    private Map<String, Object> ph(List<List<Double>> truth, String basis) {
        List<Object> points = new ArrayList<>();
        for (List<Double> at : truth) {
            double read = at.get(1) + 0.08 * noise.nextGaussian();
            double step = "card".equals(basis) ? 2 : 10;
            points.add(map("depthCm", at.get(0), "value", Math.round(read * step) / step, "basis", basis));
        }
        return map("points", points, "offset", 0.8);
    }

    /** Of a saturated paste, as read at 25 °C. */
    private Map<String, Object> salt(double ece, Scenario.SpotOf spot) {
        double true25 = ece * (spot.saltier() == null ? 1 : spot.saltier());
        double read = true25 * (1 + 0.02 * noise.nextGaussian());
        return map("depthCm", 20, "ec", Math.round(read * 100) / 100.0, "compensated", true, "ratio", "paste");
    }

    private Map<String, Object> laboratory(double organicMatterPercent) {
        double read = organicMatterPercent * (1 + 0.04 * noise.nextGaussian());
        return map("organicMatterPercent", Math.round(read * 10) / 10.0);
    }

    private Map<String, Object> roots(Scenario.Roots roots, Scenario.SpotOf spot) {
        double root80 = Math.max(3, Math.round(roots.root80Cm() + spot.deeperCm() + noise.nextGaussian()));
        double max = Math.max(root80 + 2, Math.round(roots.maxCm() + spot.deeperCm() + 2 * noise.nextGaussian()));
        return map(
                "root80Cm",
                root80,
                "maxCm",
                max,
                "sharpEdge",
                noise.nextDouble() < roots.flatShare(),
                "bent",
                noise.nextDouble() < roots.bentShare(),
                "crop",
                roots.crop());
    }

    /** A ruler in a 300 mm hole, read at odd times; the first stretch is fast, as walls drink. */
    private Map<String, Object> hole(double wallK) {
        double radius = 150;
        double depth = 240;
        double minutes = 0;
        List<Object> levels = new ArrayList<>();
        levels.add(map("minutes", 0.0, "depthMm", depth));
        for (int i = 0; i < 4; i++) {
            double step = 30 + Math.round(4 * noise.nextGaussian());
            double k = wallK * (i == 0 ? 1.6 : i == 1 ? 1.12 : 1) * (1 + 0.03 * noise.nextGaussian());
            depth = (depth + radius / 2) * Math.exp(-2 * k * step / 60 / radius) - radius / 2;
            minutes += step;
            levels.add(map("minutes", minutes, "depthMm", (double) Math.round(Math.max(0, depth))));
            if (depth <= 0) {
                break;
            }
        }
        return map(
                "holeDiameterMm",
                300,
                "holeDepthMm",
                300,
                "square",
                false,
                "presoaked",
                true,
                "waterTemperatureC",
                11,
                "levels",
                levels);
    }

    static Map<String, Object> map(Object... pairs) {
        Map<String, Object> map = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            map.put((String) pairs[i], pairs[i + 1]);
        }
        return map;
    }
}
