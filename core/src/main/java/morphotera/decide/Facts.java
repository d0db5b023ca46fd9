package morphotera.decide;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import morphotera.ground.Numbers;
import morphotera.measure.Evaluation;

/**
 * From the readings of a zone to findings: each true, false or not looked at (missing). A measure speaks from the newest
 * visit that has it. Numbers are the mean of the spots; words are true where at least half of the spots that looked say so.
 */
public final class Facts {
    private static final String NUTRIENT_LOWEST = "nutrient.lowest";
    private static final String BALANCE = "balance.difference";

    /** For these the worst spot speaks, not the mean. */
    private static final Set<String> WORST_SPOT = Set.of("salinity.ece", "ph.fall");

    /** Measures of several methods that are read as one: by method and key, the name they share. */
    private static final Map<String, String> READ_AS = Map.of(
            "texture-feel.group",
            "texture.group",
            "texture-jar.group",
            "texture.group",
            "nutrient-kit.lowest",
            NUTRIENT_LOWEST,
            "laboratory.lowest",
            NUTRIENT_LOWEST);

    private static final String TOO_COARSE =
            "Read by card, within half a unit of the limit: a meter or a laboratory settles it.";

    /** A limit not met says nothing about ground that was not probed. */
    private static final Map<String, String> SEEN_TO = Map.of("penetration.depthToLimit", "penetration.probedTo");

    /** One reading of the zone; {@code visit} sorts from oldest to newest. */
    public record Reading(String id, int visit, String spot, Evaluation evaluation) {}

    /** A finding's answer, the readings it rests on, and what was read: a number with its unit where it is one. */
    public record Answer(boolean value, List<String> readings, String measure, Double number, String unit) {}

    /** A finding that a reading could have settled and did not, why, and the test that lifts it. */
    public record Blocked(String finding, String method, String reason, String text, Lift lift) {}

    private record Value(String reading, String spot, Object value, Double plusMinus, String unit) {}

    private final Map<String, List<Value>> values = new LinkedHashMap<>();
    private final Map<String, Boolean> ticks;
    private final List<Reading> notEvidence;

    /**
     * @param ticks what eyes saw (true) or looked for and did not see (false), by finding id
     */
    public Facts(List<Reading> readings, Map<String, Boolean> ticks) {
        this(readings, ticks, null);
    }

    /**
     * @param balance soil less plants by the yardstick's school, points; null where either is missing
     */
    public Facts(List<Reading> readings, Map<String, Boolean> ticks, Double balance) {
        this.ticks = ticks;
        if (balance != null) {
            values.put(BALANCE, List.of(new Value("", "", balance, null, "points")));
        }
        this.notEvidence = readings.stream()
                .filter(reading -> !reading.evaluation().countsAsEvidence())
                .toList();
        Map<String, Integer> newest = new LinkedHashMap<>();
        for (Reading reading : readings) {
            if (reading.evaluation().countsAsEvidence()) {
                keys(reading).keySet().forEach(key -> newest.merge(key, reading.visit(), Math::max));
            }
        }
        for (Reading reading : readings) {
            if (reading.evaluation().countsAsEvidence()) {
                keys(reading).forEach((key, value) -> {
                    if (newest.get(key) == reading.visit()) {
                        values.computeIfAbsent(key, k -> new ArrayList<>()).add(value);
                    }
                });
            }
        }
    }

    private static Map<String, Value> keys(Reading reading) {
        Evaluation evaluation = reading.evaluation();
        Map<String, Value> keys = new LinkedHashMap<>();
        String method = evaluation.method() + ".";
        for (Evaluation.Measure measure : evaluation.measures()) {
            if (measure.depthCm() == null && measure.index() == null) {
                keys.put(
                        method + measure.key(),
                        new Value(reading.id(), reading.spot(), measure.value(), measure.plusMinus(), measure.unit()));
            }
        }
        evaluation
                .words()
                .forEach((key, value) ->
                        keys.put(method + key, new Value(reading.id(), reading.spot(), value, null, null)));
        if (evaluation.score() != null) {
            keys.put(method + "score", new Value(reading.id(), reading.spot(), evaluation.score(), null, "score"));
        }
        READ_AS.forEach((own, shared) -> {
            if (keys.containsKey(own)) {
                keys.put(shared, keys.get(own));
            }
        });
        return keys;
    }

    /** All findings of the table that could be settled. */
    public Map<String, Answer> answers(CauseTable table) {
        Map<String, Answer> answers = new LinkedHashMap<>();
        for (CauseTable.Finding finding : table.findings()) {
            Answer answer = answer(finding.when(), finding.id());
            if (answer != null) {
                answers.put(finding.id(), answer);
            }
        }
        return answers;
    }

    private Answer answer(Condition condition, String finding) {
        if (condition instanceof Condition.Limit limit) {
            return number(limit);
        } else if (condition instanceof Condition.Is is) {
            return word(is);
        } else if (condition instanceof Condition.Any any) {
            return combined(any.parts(), finding, true);
        } else if (condition instanceof Condition.All all) {
            return combined(all.parts(), finding, false);
        }
        Boolean seen = ticks.get(finding);
        return seen == null ? null : new Answer(seen, List.of(), null, null, null);
    }

    /** any: one true part settles it; all: one false part does. Else what is known decides, or nothing. */
    private Answer combined(List<Condition> parts, String finding, boolean settles) {
        List<Answer> known = parts.stream()
                .map(part -> answer(part, finding))
                .filter(Objects::nonNull)
                .toList();
        if (known.isEmpty()) {
            return null;
        }
        List<Answer> deciding =
                known.stream().filter(answer -> answer.value() == settles).toList();
        boolean settled = !deciding.isEmpty();
        if (!settled && !settles && known.size() < parts.size()) {
            return null;
        }
        List<Answer> spoke = settled ? deciding : known;
        Answer first = spoke.get(0);
        return new Answer(
                settled == settles,
                spoke.stream()
                        .flatMap(answer -> answer.readings().stream())
                        .distinct()
                        .toList(),
                first.measure(),
                first.number(),
                first.unit());
    }

    private Answer number(Condition.Limit limit) {
        List<Value> looked = values.getOrDefault(limit.measure(), List.of());
        String seenTo = SEEN_TO.get(limit.measure());
        List<Value> said = new ArrayList<>();
        List<Value> foundNothing = new ArrayList<>();
        for (Value value : looked) {
            if (value.value() != null) {
                said.add(value);
            } else if (seenTo == null || reaches(seenTo, value.reading(), limit.limit())) {
                foundNothing.add(value);
            }
        }
        if (said.isEmpty() && foundNothing.isEmpty()) {
            return null;
        }
        if (said.size() < foundNothing.size() || said.isEmpty()) {
            return new Answer(false, readings(looked), limit.measure(), null, null);
        }
        List<Double> spots = bySpot(limit.measure(), said);
        double x = WORST_SPOT.contains(limit.measure())
                ? limit.sense() == Condition.Sense.AT_LEAST ? Numbers.highest(spots) : Numbers.lowest(spots)
                : Numbers.mean(spots);
        double plusMinus = said.stream()
                .map(Value::plusMinus)
                .filter(Objects::nonNull)
                .mapToDouble(Double::doubleValue)
                .max()
                .orElse(0);
        if (plusMinus > 0 && Math.abs(x - limit.limit()) <= plusMinus + 1e-9) {
            return null;
        }
        return new Answer(
                limit.sense().holds(x, limit.limit()),
                readings(said),
                limit.measure(),
                x,
                said.get(0).unit());
    }

    /** One value for each spot: depths and repeats averaged, of several nutrients the lowest. */
    private static List<Double> bySpot(String measure, List<Value> values) {
        Map<String, List<Double>> bySpot = new LinkedHashMap<>();
        for (Value value : values) {
            bySpot.computeIfAbsent(value.spot(), spot -> new ArrayList<>()).add((Double) value.value());
        }
        return bySpot.values().stream()
                .map(all -> measure.equals(NUTRIENT_LOWEST) ? Numbers.lowest(all) : Numbers.mean(all))
                .toList();
    }

    /** The mean over the spots of a measure, as {@code method.key}; empty where none was read. */
    public Optional<Double> mean(String measure) {
        List<Value> said = values.getOrDefault(measure, List.of()).stream()
                .filter(value -> value.value() instanceof Double)
                .toList();
        return said.isEmpty() ? Optional.empty() : Optional.of(Numbers.mean(bySpot(measure, said)));
    }

    /** Findings left open although one of their tests was made. */
    public List<Blocked> blocked(CauseTable table) {
        Map<String, Answer> answers = answers(table);
        List<Blocked> blocked = new ArrayList<>();
        for (CauseTable.Finding finding : table.findings()) {
            if (!answers.containsKey(finding.id())) {
                Blocked why = whyOpen(finding);
                if (why != null) {
                    blocked.add(why);
                }
            }
        }
        return blocked;
    }

    private Blocked whyOpen(CauseTable.Finding finding) {
        for (Reading reading : notEvidence) {
            if (finding.methods().contains(reading.evaluation().method())) {
                Evaluation.Flag flag = reading.evaluation().flags().stream()
                        .filter(one -> one.level() == Evaluation.Level.WARNING)
                        .findFirst()
                        .orElseThrow();
                String method = reading.evaluation().method();
                return new Blocked(finding.id(), method, flag.code(), flag.text(), Lift.of(flag.code(), method));
            }
        }
        for (String method : finding.methods()) {
            boolean coarse = values.entrySet().stream()
                    .filter(entry -> entry.getKey().startsWith(method + "."))
                    .flatMap(entry -> entry.getValue().stream())
                    .anyMatch(value -> value.plusMinus() != null);
            if (coarse) {
                return new Blocked(finding.id(), method, "too-coarse", TOO_COARSE, Lift.of("too-coarse", method));
            }
        }
        return null;
    }

    private boolean reaches(String seenTo, String reading, double depth) {
        return values.getOrDefault(seenTo, List.of()).stream()
                .anyMatch(value -> value.reading().equals(reading) && (Double) value.value() >= depth);
    }

    private Answer word(Condition.Is is) {
        List<Value> looked = values.getOrDefault(is.measure(), List.of());
        if (looked.isEmpty()) {
            return null;
        }
        Map<String, Boolean> bySpot = looked.stream()
                .collect(Collectors.toMap(
                        Value::spot,
                        value -> is.value().equals(value.value()),
                        Boolean::logicalOr,
                        LinkedHashMap::new));
        long yes = bySpot.values().stream()
                .filter(Function.<Boolean>identity()::apply)
                .count();
        return new Answer(yes * 2 >= bySpot.size(), readings(looked), is.measure(), null, null);
    }

    private static List<String> readings(List<Value> values) {
        return values.stream()
                .map(Value::reading)
                .filter(id -> !id.isEmpty())
                .distinct()
                .toList();
    }
}
