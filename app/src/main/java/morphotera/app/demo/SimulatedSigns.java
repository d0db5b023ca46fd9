package morphotera.app.demo;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** Draws what is seen, counted and smelled beside the profile, each with its own honest noise. */
final class SimulatedSigns {
    private static final double RING_MM = 150;
    private static final double POUR_ML = 444;
    private static final double GIVE_UP_S = 3600;
    private static final List<String> CLOUDS = List.of("none", "faint", "strong");
    private static final double SLIPS = 0.1;

    private static final double JAR_BASE_MM = 5;
    private static final double JAR_SOIL_MM = 80;
    private static final double JAR_WATER_MM = 120;

    private final Random noise;

    SimulatedSigns(long seed) {
        this.noise = new Random(seed);
    }

    Map<String, Object> reading(String method, Scenario.Signs signs) {
        return switch (method) {
            case "ground-cover" -> cover(signs.cover());
            case "earthworms" -> worms(signs.worms());
            case "infiltration-ring" -> ring(signs.ringMmPerH());
            case "dispersion" -> halos(signs.halo());
            case "smell" -> Simulator.map("smell", smell(signs.smell()));
            case "soil-colour" -> colours(signs.colour());
            case "texture-feel" -> ribbon(signs.ribbonMm(), signs.feel());
            case "carbonate-fizz" -> Simulator.map("reaction", signs.fizz(), "depthCm", 10.0);
            case "texture-jar" -> jar(signs.jar());
            case "nutrient-kit" ->
                Simulator.map(
                        "n",
                        signs.kit().get(0),
                        "p",
                        signs.kit().get(1),
                        "k",
                        signs.kit().get(2));
            case "plant-look" -> plants(signs.plants());
            default -> throw new IllegalArgumentException("the simulator knows no method '" + method + "'");
        };
    }

    /** Whole percents by eye; what is bare takes the rest. */
    private Map<String, Object> cover(List<Double> truth) {
        double live = percent(truth.get(0), 4);
        double litter = Math.min(100 - live, percent(truth.get(1), 3));
        double stone = Math.min(100 - live - litter, percent(truth.get(2), 0.5));
        return Simulator.map("live", live, "litter", litter, "stone", stone, "bare", 100 - live - litter - stone);
    }

    private double percent(double truth, double sd) {
        return Math.round(Math.max(0, Math.min(100, truth + sd * noise.nextGaussian())));
    }

    private Map<String, Object> worms(double mean) {
        double young = 0;
        double adults = 0;
        int total = poisson(mean);
        for (int i = 0; i < total; i++) {
            if (noise.nextDouble() < 0.4) {
                adults++;
            } else {
                young++;
            }
        }
        List<String> kinds = new ArrayList<>();
        if (total > 0) {
            kinds.add("soil");
        }
        if (total > 4) {
            kinds.add("surface");
        }
        return Simulator.map(
                "sideCm",
                20.0,
                "depthCm",
                20.0,
                "blocks",
                List.of(Simulator.map("adults", adults, "young", young, "kinds", kinds)));
    }

    /** Knuth's way, for small means. */
    private int poisson(double mean) {
        double limit = Math.exp(-mean);
        int count = -1;
        double product = 1;
        do {
            count++;
            product *= noise.nextDouble();
        } while (product > limit);
        return count;
    }

    /** Two pours, the first into drier ground; after an hour the level left is read instead. */
    private Map<String, Object> ring(double mmPerH) {
        double pourMm = POUR_ML * 1000 / (Math.PI * RING_MM * RING_MM / 4);
        List<Object> pours = new ArrayList<>();
        double[] faster = {1.7, 1};
        for (double times : faster) {
            double rate = Math.max(1, mmPerH * times * (1 + 0.12 * noise.nextGaussian()));
            double seconds = pourMm / rate * GIVE_UP_S;
            pours.add(
                    seconds <= GIVE_UP_S
                            ? Simulator.map("volumeMl", POUR_ML, "seconds", (double) Math.round(seconds), "leftMm", 0.0)
                            : Simulator.map(
                                    "volumeMl",
                                    POUR_ML,
                                    "seconds",
                                    GIVE_UP_S,
                                    "leftMm",
                                    Math.round((pourMm - rate) * 10) / 10.0));
        }
        return Simulator.map("ringDiameterMm", RING_MM, "insertionMm", 50.0, "soilState", "structured", "pours", pours);
    }

    private Map<String, Object> halos(double truth) {
        List<Object> crumbs = new ArrayList<>();
        int count = 5;
        for (int i = 0; i < count; i++) {
            int at10 = step(truth * 0.7 + 0.2 * noise.nextGaussian());
            int at30 = Math.max(at10, step(truth + 0.2 * noise.nextGaussian()));
            crumbs.add(Simulator.map("cloudAt10", CLOUDS.get(at10), "cloudAt30", CLOUDS.get(at30)));
        }
        return Simulator.map("depthCm", 5.0, "water", "rain", "crumbs", crumbs);
    }

    private static int step(double value) {
        return (int) Math.max(0, Math.min(CLOUDS.size() - 1, Math.round(value)));
    }

    private String smell(String truth) {
        return noise.nextDouble() < SLIPS ? "none" : truth;
    }

    private Map<String, Object> colours(List<Double> values) {
        double field = values.get(0) + (noise.nextDouble() < SLIPS ? 0.5 : 0);
        return Simulator.map("field", munsell(field), "reference", munsell(values.get(1)));
    }

    private static Map<String, Object> munsell(double value) {
        return Simulator.map("hue", "10YR", "value", value, "chroma", value > 4 ? 2.0 : 3.0);
    }

    private Map<String, Object> ribbon(double mm, String feel) {
        double read = mm == 0 ? 0 : Math.max(2, Math.round(mm + 2 * noise.nextGaussian()));
        return Simulator.map("ball", true, "ribbonMm", read, "feel", feel, "depthCm", 10.0);
    }

    /** Marked by the clock, to the millimetre. */
    private Map<String, Object> jar(List<Double> truth) {
        double mm = JAR_SOIL_MM / 100;
        double sand = Math.round(JAR_BASE_MM + truth.get(0) * mm + noise.nextGaussian());
        double silt = Math.round(sand + truth.get(1) * mm + noise.nextGaussian());
        double clay = Math.round(silt + truth.get(2) * mm + noise.nextGaussian());
        return Simulator.map(
                "depthCm",
                10.0,
                "baseMm",
                JAR_BASE_MM,
                "sandTopMm",
                sand,
                "siltTopMm",
                silt,
                "clayTopMm",
                clay,
                "waterHeightMm",
                JAR_WATER_MM,
                "waterTemperatureC",
                18.0,
                "marks",
                "clock",
                "clayMarkedAfterHours",
                48.0,
                "stillCloudy",
                false);
    }

    private Map<String, Object> plants(Scenario.Plants truth) {
        Map<String, Object> plants = new LinkedHashMap<>();
        put(plants, "greenPercent", truth.greenPercent(), 3);
        put(plants, "deadPercent", truth.deadPercent(), 2);
        put(plants, "legumePercent", truth.legumePercent(), 2);
        put(plants, "weedPercent", truth.weedPercent(), 2);
        if (truth.species() != null) {
            plants.put("species", Math.max(1, truth.species() + Math.round(noise.nextGaussian() * 0.7)));
        }
        plants.put("evenness", truth.evenness());
        plants.put("growth", truth.growth());
        plants.put("leaf", truth.leaf());
        return plants;
    }

    private void put(Map<String, Object> plants, String key, Double truth, double sd) {
        if (truth != null) {
            plants.put(key, percent(truth, sd));
        }
    }
}
