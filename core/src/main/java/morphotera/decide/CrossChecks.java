package morphotera.decide;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.ground.Coded;
import morphotera.ground.Decimal;
import morphotera.ground.Numbers;
import morphotera.ground.TextureClass;
import morphotera.ground.TextureTriangle;
import morphotera.measure.Evaluation;
import morphotera.measure.Taken;

/** Questions that catch slips: one reading against another, before anything is concluded from either. */
public final class CrossChecks {
    private static final double TIMES_APART = 20;
    private static final double SODIUM_FROM_PH = 8.2;
    private static final double THRIVING = 75;
    private static final double SENSITIVE_UNDER_PERCENT = 75;
    private static final double UNLIKE_POINTS = 20;
    private static final int FEWEST = 3;
    private static final double CARD_APART = 0.7;
    private static final String BY_CARD = " by card";

    /** Something to ask, and the readings it is about. */
    public record Question(String code, String text, List<String> readings) {}

    private record At(String reading, Object value, Double depthCm) {
        boolean isAbove(At other) {
            return depthCm != null && other.depthCm() != null && depthCm < other.depthCm();
        }

        double number() {
            return (Double) value;
        }
    }

    private final Map<String, Map<String, At>> bySpot = new LinkedHashMap<>();
    private final List<Question> questions = new ArrayList<>();

    private CrossChecks(List<Taken> readings) {
        for (Taken reading : readings) {
            Map<String, At> values = bySpot.computeIfAbsent(reading.spot(), spot -> new LinkedHashMap<>());
            Evaluation done = reading.evaluation();
            for (Evaluation.Measure measure : done.measures()) {
                if (measure.depthCm() == null && measure.index() == null && measure.value() != null) {
                    // A card's value stands apart from a meter's.
                    String way = measure.plusMinus() == null ? "" : BY_CARD;
                    put(values, reading, measure.key(), way, measure.value());
                }
            }
            done.words().forEach((key, word) -> put(values, reading, key, "", word));
            if (done.score() != null) {
                put(values, reading, Evaluation.SCORE, "", done.score());
            }
        }
    }

    /** Of several depths the shallowest speaks, of several at one depth the last. */
    private void put(Map<String, At> values, Taken reading, String key, String way, Object value) {
        if (value != null) {
            At at = new At(reading.id(), value, reading.cell().depthCm());
            values.merge(
                    reading.evaluation().method() + "." + key + way,
                    at,
                    (old, other) -> old.isAbove(other) ? old : other);
        }
    }

    /** The questions that the readings of one visit and zone raise. */
    public static List<Question> of(List<Taken> readings) {
        CrossChecks checks = new CrossChecks(readings);
        for (Map<String, At> spot : checks.bySpot.values()) {
            checks.ringAgainstTexture(spot);
            checks.jarAgainstFeel(spot);
            checks.feelAgainstLaboratory(spot);
            checks.cardAgainstBetter(spot);
            checks.highPhWithoutFizz(spot);
            checks.saltUnderAThrivingCrop(spot);
        }
        checks.spotUnlikeAllOthers();
        return List.copyOf(checks.questions);
    }

    private void ask(String code, String text, At... about) {
        Set<String> readings = new LinkedHashSet<>();
        for (At at : about) {
            readings.add(at.reading());
        }
        questions.add(new Question(code, text, List.copyOf(readings)));
    }

    private void ringAgainstTexture(Map<String, At> spot) {
        At ring = spot.get("infiltration-ring.fieldK");
        At texture = spot.getOrDefault("texture-jar.saturatedK", spot.get("texture-feel.saturatedK"));
        if (ring == null || texture == null || ring.number() <= 0) {
            return;
        }
        double times = ring.number() / texture.number();
        if (times > TIMES_APART || times < 1 / TIMES_APART) {
            ask(
                    "ring-and-texture",
                    "The ring gives " + Decimal.show(ring.number(), 1) + " mm/h, the texture "
                            + Decimal.show(texture.number(), 1)
                            + ": over 20 times apart. A leak, a worm hole, or the wrong texture?",
                    ring,
                    texture);
        }
    }

    private void jarAgainstFeel(Map<String, At> spot) {
        At jar = spot.get("texture-jar.texture");
        At feel = spot.get("texture-feel.texture");
        if (jar != null && feel != null && !TextureTriangle.neighbours(texture(jar), texture(feel))) {
            ask(
                    "jar-and-feel",
                    "The jar says " + named(jar) + ", the hand " + named(feel)
                            + ": more than one class apart. Was the thick bottom of the jar left out?",
                    jar,
                    feel);
        }
    }

    /** A laboratory gives clay alone: the hand may be one class off what that clay allows, not more. */
    private void feelAgainstLaboratory(Map<String, At> spot) {
        At clay = spot.get("laboratory.clayPercent");
        At feel = spot.get("texture-feel.texture");
        if (clay == null || feel == null) {
            return;
        }
        boolean near = false;
        for (double sand = 0; sand <= 100 - clay.number(); sand += 1) {
            TextureClass possible = TextureTriangle.classOf(
                    new TextureTriangle.Shares(sand, 100 - clay.number() - sand, clay.number()));
            near |= possible == texture(feel) || TextureTriangle.neighbours(possible, texture(feel));
        }
        if (!near) {
            ask(
                    "feel-and-laboratory",
                    "The laboratory finds " + Decimal.show(clay.number(), 0) + " % clay, the hand says " + named(feel)
                            + ": more than one class apart. Was it the same soil?",
                    clay,
                    feel);
        }
    }

    private void cardAgainstBetter(Map<String, At> spot) {
        At card = spot.get("ph.topsoil" + BY_CARD);
        At better = spot.getOrDefault("laboratory.ph", spot.get("ph.topsoil"));
        if (card != null
                && better != null
                && Decimal.round(Math.abs(card.number() - better.number()), 9) >= CARD_APART) {
            ask(
                    "card-and-better-ph",
                    "The card says pH " + Decimal.show(card.number(), 1) + ", the better way "
                            + Decimal.show(better.number(), 1)
                            + ": 0.7 or more apart. The same depth, an old indicator, or the sample's name?",
                    card,
                    better);
        }
    }

    private static TextureClass texture(At at) {
        return Coded.of(TextureClass.values(), (String) at.value());
    }

    private static String named(At at) {
        return texture(at).word().replace('-', ' ');
    }

    private void highPhWithoutFizz(Map<String, At> spot) {
        At ph = spot.getOrDefault("laboratory.ph", spot.getOrDefault("ph.topsoil", spot.get("ph.topsoil" + BY_CARD)));
        At fizz = spot.get("carbonate-fizz.percent");
        if (ph != null && fizz != null && ph.number() > SODIUM_FROM_PH && fizz.number() == 0) {
            ask(
                    "high-ph-no-fizz",
                    "pH " + Decimal.show(ph.number(), 1)
                            + " and no fizz: carbonate does not explain it. Ask a laboratory for sodium.",
                    ph,
                    fizz);
        }
    }

    private void saltUnderAThrivingCrop(Map<String, At> spot) {
        At kept = spot.get("salinity.relativeYield");
        At plants = spot.get("plant-look.score");
        if (kept != null && plants != null && kept.number() < SENSITIVE_UNDER_PERCENT && plants.number() >= THRIVING) {
            ask(
                    "salt-under-thriving-crop",
                    "This crop should keep only " + Decimal.show(kept.number(), 0)
                            + " % on so much salt, and it thrives. Was the ratio or the probe's unit right?",
                    kept,
                    plants);
        }
    }

    /** A spot over 20 points from the middle of the others in every method that it and two others have, three at least. */
    private void spotUnlikeAllOthers() {
        Map<String, Map<String, At>> byMethod = new LinkedHashMap<>();
        bySpot.forEach((spot, values) -> values.forEach((key, at) -> {
            if (key.endsWith(".score")) {
                byMethod.computeIfAbsent(key, method -> new LinkedHashMap<>()).put(spot, at);
            }
        }));
        for (String spot : bySpot.keySet()) {
            List<At> unlike = new ArrayList<>();
            boolean everywhere = true;
            for (Map<String, At> scores : byMethod.values()) {
                List<Double> others = scores.entrySet().stream()
                        .filter(one -> !one.getKey().equals(spot))
                        .map(one -> one.getValue().number())
                        .toList();
                if (scores.containsKey(spot) && others.size() >= FEWEST - 1) {
                    double apart = Math.abs(scores.get(spot).number() - Numbers.median(others));
                    everywhere &= apart > UNLIKE_POINTS;
                    unlike.add(scores.get(spot));
                }
            }
            if (everywhere && unlike.size() >= FEWEST) {
                ask(
                        "spot-unlike-all",
                        "One spot is unlike all others in everything. Was it the right place?",
                        unlike.toArray(At[]::new));
            }
        }
    }
}
