package morphotera.app.devices;

import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import morphotera.ground.Chance;
import morphotera.ground.Decimal;

/**
 * A stand-in for a laboratory. It cannot hold the soil in hand, so it takes what was read of it in the field for the truth, draws
 * the rest by the place, and measures all of it with a laboratory's own small errors. A bag asked for twice gets one sheet.
 */
class SimulatedLaboratory implements Laboratory {
    private static final List<Test> TESTS = List.of(
            new Test("ph", "pH in water", 8),
            new Test("phosphorus", "Phosphorus, by bicarbonate", 9),
            new Test("potassium", "Potassium", 7),
            new Test("magnesium", "Magnesium", 7),
            new Test("organic-matter", "Organic matter", 12),
            new Test("clay", "Clay", 14),
            new Test("exchange", "Exchange capacity and its cations", 22),
            new Test("salinity", "Salinity of the saturated paste", 16),
            new Test("carbonate", "Carbonate", 10),
            new Test("microbial-carbon", "Microbial carbon", 28));

    private static final int FEWEST_DAYS = 3;
    private static final int MORE_DAYS = 3;
    private static final double PH_ERROR = 0.08;
    /** Of what is there. */
    private static final double ERROR = 0.05;

    private static final double MATTER_PER_CARBON = 1.724;
    private static final double MG_PER_KG_A_PERCENT = 10_000;

    @Override
    public String name() {
        return "simulated laboratory";
    }

    @Override
    public boolean isStandIn() {
        return true;
    }

    @Override
    public List<Test> tests() {
        return TESTS;
    }

    @Override
    public Instant likely(Bag bag) {
        double chance = new Chance(bag.id().getLeastSignificantBits()).nextDouble();
        return bag.sentAt().plus(Duration.ofDays(FEWEST_DAYS + (long) (MORE_DAYS * chance)));
    }

    @Override
    public Optional<Sheet> sheet(Bag bag, Instant now) {
        Instant ready = likely(bag);
        return now.isBefore(ready) ? Optional.empty() : Optional.of(new Sheet(ready, figures(bag)));
    }

    private static Map<String, Object> figures(Bag bag) {
        Soil soil = Soil.of(bag);
        Chance error = new Chance(bag.id().getMostSignificantBits());
        Map<String, Object> figures = new LinkedHashMap<>();
        for (String test : bag.asked()) {
            switch (test) {
                case "ph" ->
                    figures.put(
                            "ph",
                            Map.of(
                                    "value",
                                    Decimal.round(soil.ph + PH_ERROR * error.nextGaussian(), 1),
                                    "basis",
                                    "water"));
                case "phosphorus" -> {
                    figures.put("p", read(soil.phosphorus, error, 0));
                    figures.put("pExtract", "bicarbonate");
                }
                case "potassium" -> figures.put("k", read(soil.potassium, error, 0));
                case "magnesium" -> figures.put("mg", read(soil.magnesium, error, 0));
                case "organic-matter" -> figures.put("organicMatterPercent", read(soil.matter, error, 1));
                case "clay" -> figures.put("clayPercent", read(soil.clay, error, 0));
                case "exchange" -> exchange(figures, soil, error);
                case "salinity" -> figures.put("ece", read(soil.ece, error, 2));
                case "carbonate" -> figures.put("carbonatePercent", read(soil.carbonate, error, 1));
                case "microbial-carbon" ->
                    figures.put(
                            "microbialCarbon",
                            read(
                                    soil.matter / MATTER_PER_CARBON / 100 * MG_PER_KG_A_PERCENT * soil.microbes,
                                    error,
                                    0));
                default -> throw new IllegalStateException("not offered: " + test);
            }
        }
        figures.put("methodText", "made up by the simulated laboratory");
        return figures;
    }

    private static void exchange(Map<String, Object> figures, Soil soil, Chance error) {
        double capacity = 0.5 * soil.clay + 2 * soil.matter / MATTER_PER_CARBON;
        double bases = capacity * Math.min(0.98, Math.max(0.3, 0.85 + 0.2 * (soil.ph - 6.5)));
        figures.put("cec", read(capacity, error, 1));
        figures.put("ca", read(bases * (0.85 - soil.sodium), error, 1));
        figures.put("mgExchangeable", read(bases * 0.11, error, 2));
        figures.put("kExchangeable", read(bases * 0.04, error, 2));
        figures.put("na", read(bases * soil.sodium, error, 2));
    }

    private static double read(double there, Chance error, int decimals) {
        return Decimal.round(Math.max(0, there * (1 + ERROR * error.nextGaussian())), decimals);
    }

    /** What the bag holds: two bags of one place and depth hold the same. */
    private record Soil(
            double ph,
            double phosphorus,
            double potassium,
            double magnesium,
            double matter,
            double clay,
            double ece,
            double carbonate,
            double microbes,
            double sodium) {

        private static final double CELLS_A_DEGREE = 1000;
        private static final long FAR = 1_000_003;

        static Soil of(Bag bag) {
            long place = Math.round(bag.lat() * CELLS_A_DEGREE) * FAR + Math.round(bag.lon() * CELLS_A_DEGREE);
            Chance at = new Chance(place);
            Map<String, Double> read = bag.readInField();
            double ph = read.getOrDefault("ph", between(at, 5.4, 7.6));
            double clay = read.getOrDefault("clayPercent", between(at, 10, 35));
            double ece = read.getOrDefault("ece", between(at, 0.3, 1.2));
            double deep = Math.exp(-(bag.topCm() + bag.bottomCm()) / 2 / 60);
            return new Soil(
                    ph,
                    between(at, 14, 48) * deep,
                    between(at, 90, 260) * deep,
                    between(at, 60, 180),
                    between(at, 2.2, 4.8) * deep,
                    clay,
                    ece,
                    ph > 7.4 ? between(at, 1, 9) : 0,
                    between(at, 0.012, 0.028),
                    ece > 4 ? 0.14 : 0.02);
        }

        private static double between(Chance chance, double from, double to) {
            return from + (to - from) * chance.nextDouble();
        }
    }
}
