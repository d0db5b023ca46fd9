package morphotera.app.learn;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import morphotera.app.devices.DrawnGround;
import morphotera.app.devices.DrawnSoil;
import morphotera.ground.Chance;

/**
 * A drawn specimen with a known answer: the same number always draws the same one, and no two numbers alike.
 *
 * @param truth what a faultless eye would enter
 * @param jpeg its picture
 */
record Specimen(String method, int number, Map<String, Object> truth, Supplier<byte[]> jpeg) {
    static final List<String> METHODS = List.of("ground-cover", "structure-spade", "slaking");

    private static final List<String> SHAPES = List.of("crumb", "rounded-blocks", "sharp-blocks", "plates", "massive");
    private static final List<String> ROOTS = List.of("many", "some", "cracks-only", "none");
    private static final List<Double> DENSE = List.of(1.0, 0.4, 0.12, 0.0);
    private static final double BLOCK_CM = 25;
    private static final int CRUMBS = 5;

    static Specimen of(String method, int number) {
        Chance chance = new Chance(31L * number + METHODS.indexOf(method) * 7_919L);
        chance.nextDouble();
        return switch (method) {
            case "ground-cover" -> cover(number, chance);
            case "structure-spade" -> block(number, chance);
            case "slaking" -> dish(number, chance);
            default -> throw new IllegalArgumentException("no specimens of " + method);
        };
    }

    private static Specimen cover(int number, Chance chance) {
        double wished = 0.05 + 0.9 * chance.nextDouble();
        int straws = (int) (260 * chance.nextDouble());
        DrawnGround.Ground drawn = DrawnGround.ground(number + 101L, wished, straws);
        return new Specimen("ground-cover", number, cover(drawn.live(), drawn.litter()), drawn::jpeg);
    }

    /** Shares to a whole percent; what is neither is bare. */
    static Map<String, Object> cover(double live, double litter) {
        double green = Math.rint(100 * live);
        double straw = Math.min(100 - green, Math.rint(100 * litter));
        Map<String, Object> shares = new LinkedHashMap<>();
        shares.put("live", green);
        shares.put("litter", straw);
        shares.put("stone", 0.0);
        shares.put("bare", 100 - green - straw);
        return shares;
    }

    private static Specimen block(int number, Chance chance) {
        String shape = SHAPES.get((int) (SHAPES.size() * chance.nextDouble()));
        int roots = (int) (ROOTS.size() * chance.nextDouble());
        return new Specimen(
                "structure-spade",
                number,
                layer(shape, ROOTS.get(roots)),
                () -> DrawnSoil.block(number + 211L, List.of(new DrawnSoil.Band(BLOCK_CM, shape, DENSE.get(roots)))));
    }

    /** A block of one layer; the force it took and its pores are told, not judged. */
    static Map<String, Object> layer(String shape, String roots) {
        Map<String, Object> layer = new LinkedHashMap<>();
        layer.put("topCm", 0.0);
        layer.put("bottomCm", BLOCK_CM);
        layer.put("shape", shape);
        layer.put("effort", "firm");
        layer.put("pores", "some");
        layer.put("roots", roots);
        return Map.of("layers", List.of(layer));
    }

    private static Specimen dish(int number, Chance chance) {
        double strength = 0.1 + 0.8 * chance.nextDouble();
        List<Double> fell = new ArrayList<>();
        for (int i = 0; i < CRUMBS; i++) {
            fell.add(Math.min(1, Math.max(0.05, Math.rint(20 * (strength + 0.15 * chance.nextGaussian())) / 20)));
        }
        return new Specimen("slaking", number, crumbs(fell), () -> DrawnSoil.dish(number + 307L, fell));
    }

    /** Crumbs after a gentle swirl, each by the part that fell. */
    static Map<String, Object> crumbs(List<Double> fell) {
        List<Object> crumbs = new ArrayList<>();
        for (double share : fell) {
            Map<String, Object> crumb = new LinkedHashMap<>();
            crumb.put("fellAt", "gentle");
            crumb.put("share", share);
            crumbs.add(crumb);
        }
        Map<String, Object> reading = new LinkedHashMap<>();
        reading.put("depthCm", 5.0);
        reading.put("crumbState", "air-dry");
        reading.put("water", "rain");
        reading.put("crumbs", crumbs);
        return reading;
    }
}
