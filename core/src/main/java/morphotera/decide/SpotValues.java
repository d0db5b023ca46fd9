package morphotera.decide;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import morphotera.ground.DepthClass;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;
import morphotera.ground.Once;
import morphotera.ground.Sorted;
import morphotera.ground.TextureTriangle;
import morphotera.measure.Evaluation;
import morphotera.measure.RootingDepth;
import morphotera.measure.Taken;
import morphotera.measure.WaterHeld;
import morphotera.read.RootZone;

/**
 * What each spot says under a key ({@code method.key}): clean values alone, from the newest visit that has it, the better way
 * before the coarser one, the shallowest class of depth, repeats together.
 */
final class SpotValues {
    static final String ROOT_ZONE = "salinity.rootZoneEce";
    static final String HELD = "water-budget.expectedMm";
    static final String TEXTURE_GROUP = "texture.group";

    private static final long OLDEST_DAYS = 3 * 365 + 1;
    /** So much older the better way may be and still speak first. */
    static final long BETTER_WAY_DAYS = 365;

    private static final String MANURED = "manured";

    /** What does not change within years. */
    private static final Set<String> AGELESS = Set.of(
            "texture-feel",
            "texture-jar",
            "texture",
            "carbonate-fizz",
            "laboratory.carbonatePercent",
            "laboratory.clayPercent");

    /** By what was done, the quantities it acts on: what was read before it speaks no more. */
    private static final Map<String, List<String>> ACTS_ON = Map.of(
            "lime", List.of("ph", "laboratory.ph"),
            "sulphur", List.of("ph", "laboratory.ph"),
            "gypsum", List.of("laboratory.esp", "dispersion"),
            "drains", List.of("percolation-hole", "drain-down", "root-pit.waterWithin100"),
            "subsoiling", List.of("penetration"),
            "nitrogen", List.of("nutrient-kit.nScore"));

    /** Keys that several methods give, the better way first, under the name they share. */
    private static final Map<String, List<String>> GIVEN_BY = Map.of(
            TEXTURE_GROUP,
            List.of("texture-jar.group", "texture-feel.group"),
            "texture.sand",
            List.of("texture-jar.sand", "texture-feel.sand"),
            "texture.clay",
            List.of("texture-jar.clay", "texture-feel.clay"));

    /** What is made of several values at a spot, by the keys it is made of. */
    private static final Map<String, List<String>> MADE_OF = Map.of(
            ROOT_ZONE,
            List.of("laboratory.ece", "salinity.ece"),
            HELD,
            List.of("texture-jar.sand", "texture-feel.sand"),
            TEXTURE_GROUP,
            List.of("texture-jar.group", "texture-feel.group"));

    /** One value of one reading. {@code rank} 0 for the best way to this quantity, more for a coarser one. */
    record Value(
            Taken reading,
            Object value,
            @Nullable Double plusMinus,
            @Nullable String unit,
            int rank) {
        DepthClass depth() {
            return reading.cell().depthClass();
        }
    }

    /**
     * What one spot says: every repeat's value; a number is their mean, null where nothing was found.
     *
     * @param deep of salt, whether a class below 30 cm was read
     */
    record AtSpot(
            String spot,
            List<Object> values,
            @Nullable Double plusMinus,
            @Nullable String unit,
            List<String> readings,
            long day,
            boolean wet,
            boolean deep) {
        @Nullable
        Double number() {
            List<Double> numbers = values.stream()
                    .filter(Double.class::isInstance)
                    .map(Double.class::cast)
                    .toList();
            return numbers.size() * 2 < values.size() || numbers.isEmpty() ? null : Numbers.mean(numbers);
        }
    }

    private final Facts.Asked asked;
    private final Map<String, List<Value>> clean = new LinkedHashMap<>();
    private final Map<String, List<AtSpot>> known = new LinkedHashMap<>();
    private final List<Taken> readings;

    SpotValues(Facts.Asked asked, List<Taken> readings) {
        this.asked = asked;
        this.readings = readings;
        for (Taken reading : readings) {
            if (reading.day() <= asked.day()) {
                add(reading);
            }
        }
    }

    private void add(Taken reading) {
        Evaluation done = reading.evaluation();
        for (Evaluation.Measure measure : done.measures()) {
            if (measure.depthCm() == null && measure.index() == null) {
                add(reading, measure.key(), measure.value(), measure.plusMinus(), measure.unit());
            }
        }
        done.words().forEach((key, value) -> add(reading, key, value, null, null));
        if (done.score() != null) {
            add(reading, Evaluation.SCORE, done.score(), null, Evaluation.SCORE);
        }
    }

    private void add(Taken reading, String key, Object value, Double plusMinus, String unit) {
        if (!reading.evaluation().counts(key)) {
            return;
        }
        String full = reading.evaluation().method() + "." + key;
        if (speaksStill(full, reading.day())) {
            put(full, new Value(reading, value, plusMinus, unit, plusMinus == null ? 0 : 1));
            GIVEN_BY.forEach((shared, ways) -> {
                if (ways.contains(full)) {
                    put(shared, new Value(reading, value, plusMinus, unit, ways.indexOf(full)));
                }
            });
        }
    }

    private void put(String key, Value value) {
        clean.computeIfAbsent(key, k -> new ArrayList<>()).add(value);
    }

    /** Not too old, and nothing done since that acts on it. */
    private boolean speaksStill(String key, long day) {
        boolean ageless = AGELESS.contains(key) || AGELESS.contains(key.substring(0, key.indexOf('.')));
        boolean actedOn = asked.done().stream()
                .anyMatch(done -> done.day() > day && done.day() <= asked.day() && actsOn(done.kind(), key));
        return (ageless || asked.day() - day <= OLDEST_DAYS) && !actedOn;
    }

    private static boolean actsOn(String kind, String key) {
        return ACTS_ON.getOrDefault(kind, List.of()).stream()
                .anyMatch(quantity -> key.equals(quantity) || key.startsWith(quantity + "."));
    }

    /** The spots that say something under this key. */
    List<AtSpot> of(String key) {
        List<AtSpot> already = known.get(key);
        if (already == null) {
            already = gather(key);
            known.put(key, already);
        }
        return already;
    }

    private List<AtSpot> gather(String key) {
        return switch (key) {
            case ROOT_ZONE -> rootZones();
            case HELD -> held();
            default -> best(clean.getOrDefault(key, List.of()));
        };
    }

    private static List<AtSpot> best(List<Value> values) {
        long newest =
                values.stream().mapToLong(value -> value.reading().day()).max().orElse(0);
        Map<String, List<Value>> bySpot = Sorted.by(value -> value.reading().spot(), values);
        boolean spotsSpeak = values.stream()
                .anyMatch(value -> !value.reading().mixed() && value.reading().day() == newest);
        List<AtSpot> spots = new ArrayList<>();
        bySpot.forEach((spot, all) -> {
            if (spotsSpeak && all.get(0).reading().mixed()) {
                return; // The spots' mixture is not one more spot.
            }
            if (all.stream().anyMatch(value -> value.reading().day() == newest)) {
                spots.add(atSpot(spot, shallowest(betterWay(all, newest))));
            }
        });
        return List.copyOf(spots);
    }

    /** The newest visit's values; or those of a better way from at most 12 months before it. */
    private static List<Value> betterWay(List<Value> atSpot, long newest) {
        int best = atSpot.stream()
                .filter(value -> newest - value.reading().day() <= BETTER_WAY_DAYS)
                .mapToInt(Value::rank)
                .min()
                .orElseThrow();
        List<Value> ofBest =
                atSpot.stream().filter(value -> value.rank() == best).toList();
        long day =
                ofBest.stream().mapToLong(value -> value.reading().day()).max().orElseThrow();
        return ofBest.stream().filter(value -> value.reading().day() == day).toList();
    }

    private static List<Value> shallowest(List<Value> values) {
        int depth = values.stream().mapToInt(SpotValues::order).min().orElseThrow();
        return values.stream().filter(value -> order(value) == depth).toList();
    }

    private static int order(Value value) {
        return value.depth() == null ? -1 : value.depth().ordinal();
    }

    private static AtSpot atSpot(String spot, List<Value> values) {
        Value first = values.get(0);
        List<Object> all = new ArrayList<>();
        values.forEach(value -> all.add(value.value()));
        return new AtSpot(
                spot,
                all,
                values.stream()
                        .map(Value::plusMinus)
                        .filter(Objects::nonNull)
                        .max(Double::compare)
                        .orElse(null),
                first.unit(),
                Once.of(values.stream().map(value -> value.reading().id())),
                first.reading().day(),
                values.stream().anyMatch(value -> value.reading().wet()),
                false);
    }

    private List<AtSpot> rootZones() {
        List<Value> meter = new ArrayList<>(clean.getOrDefault("salinity.ece", List.of()));
        List<Value> laboratory = clean.getOrDefault("laboratory.ece", List.of());
        List<Value> all = new ArrayList<>(laboratory);
        meter.removeIf(value ->
                value.value() == null || MANURED.equals(value.reading().cell().placement()));
        all.addAll(meter);
        long newest =
                all.stream().mapToLong(value -> value.reading().day()).max().orElse(0);
        double roots = RootingDepth.expectedCm(asked.crop());
        List<Value> speaking = all.stream()
                .filter(value -> value.reading().day() == newest
                        || (laboratory.contains(value)
                                && newest - value.reading().day() <= BETTER_WAY_DAYS))
                .toList();
        boolean spotsSpeak =
                speaking.stream().anyMatch(value -> !value.reading().mixed());
        Map<String, List<Value>> bySpot = Sorted.by(
                value -> value.reading().spot(),
                speaking.stream()
                        .filter(value -> !spotsSpeak || !value.reading().mixed())
                        .toList());
        List<AtSpot> spots = new ArrayList<>();
        bySpot.forEach((spot, values) -> {
            RootZone zone = RootZone.of(
                    values.stream()
                            .map(value ->
                                    new RootZone.At(value.depth(), (Double) value.value(), laboratory.contains(value)))
                            .toList(),
                    roots);
            if (zone != null) {
                AtSpot plain = atSpot(spot, values);
                spots.add(new AtSpot(
                        spot, List.of(zone.ece()), null, "dS/m", plain.readings(), newest, plain.wet(), zone.deep()));
            }
        });
        return List.copyOf(spots);
    }

    /** Water held to the depth that roots should reach, mm, where the spot's own texture was read. */
    private List<AtSpot> held() {
        Map<String, AtSpot> clay = new LinkedHashMap<>();
        of("texture.clay").forEach(at -> clay.put(at.spot(), at));
        List<AtSpot> spots = new ArrayList<>();
        for (AtSpot sand : of("texture.sand")) {
            AtSpot of = clay.get(sand.spot());
            Double held = of == null || sand.number() == null || of.number() == null
                    ? null
                    : heldMm(sand.number(), of.number(), asked.crop());
            if (held != null) {
                spots.add(new AtSpot(
                        sand.spot(), List.of(held), null, "mm", sand.readings(), sand.day(), sand.wet(), false));
            }
        }
        return List.copyOf(spots);
    }

    private static @Nullable Double heldMm(double sand, double clay, @Nullable String crop) {
        double organic = WaterHeld.USUAL_ORGANIC_MATTER_PERCENT;
        if (!WaterHeld.knows(clay, organic)) {
            return null;
        }
        TextureTriangle.Shares shares = new TextureTriangle.Shares(sand, Math.max(0, 100 - sand - clay), clay);
        return WaterHeld.of(shares, organic).available(0) * RootingDepth.expectedCm(crop) * 10;
    }

    /**
     * The newest reading whose value under one of these keys is kept from being evidence by a warning; null where there is none, or
     * where the test was made again since.
     */
    @Nullable
    Taken hollow(List<String> keys) {
        Taken newest = null;
        for (Taken reading : readings) {
            boolean touched = keys.stream().anyMatch(key -> isHollow(reading, key));
            if (touched && reading.day() <= asked.day() && (newest == null || reading.day() > newest.day())) {
                newest = reading;
            }
        }
        return newest == null || wasMadeAgain(newest) ? null : newest;
    }

    private boolean wasMadeAgain(Taken reading) {
        return readings.stream()
                .anyMatch(one ->
                        one.evaluation().method().equals(reading.evaluation().method())
                                && one.day() > reading.day()
                                && one.day() <= asked.day());
    }

    private static boolean isHollow(Taken reading, String key) {
        String method = reading.evaluation().method() + ".";
        return MADE_OF.getOrDefault(key, List.of(key)).stream()
                .anyMatch(
                        one -> one.startsWith(method) && !reading.evaluation().counts(one.substring(method.length())));
    }
}
