package morphotera.read;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import morphotera.ground.Coded;
import morphotera.ground.DepthClass;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;
import morphotera.ground.Once;
import morphotera.measure.Evaluation;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.Method;
import morphotera.measure.Result;
import morphotera.measure.Taken;
import morphotera.measure.methods.Methods;

/**
 * Zones of one visit beside each other: a row for each method and class of depth, in the order of their difference; the first
 * three say where to look. What was unlike in how they were read is said before anything else.
 */
public record Beside(List<Row> rows, List<String> first, List<Depth> depths, List<Unlike> unlike) {
    private static final int FIRST = 3;

    /** What the zones were read unlike in. */
    public enum Code implements Coded {
        PEOPLE,
        BASIS,
        PREPARATION,
        YARDSTICK
    }

    public record Unlike(Code code, String method) {}

    /** A measure over the spots of each zone; null where a zone has none. */
    public record Measure(
            String key, @Nullable String unit, @Nullable Double depthCm, List<Double> means) {}

    /** A depth below the surface, by method and key. */
    public record Depth(String key, String unit, List<Double> means) {}

    /**
     * One method at one class of depth.
     *
     * @param means by zone; null where a zone has no clean value; missing for methods that are context only
     * @param spread highest less lowest mean; null for under two
     * @param words of context methods, by zone, each word once
     */
    public record Row(
            String method,
            @Nullable DepthClass depthClass,
            Group group,
            Grade grade,
            @Nullable List<Double> means,
            List<Integer> n,
            @Nullable Double spread,
            List<Measure> measures,
            @Nullable List<List<String>> words) {}

    private record Key(String method, @Nullable DepthClass depth) {}

    /** Who took a reading, beside the reading. */
    public record By(Taken taken, String person) {}

    /** @param zones the readings of each that stand, in the order asked for */
    public static Beside of(List<List<By>> zones, @Nullable String crop) {
        List<List<Taken>> taken = zones.stream()
                .map(zone -> zone.stream().map(By::taken).toList())
                .toList();
        List<Row> rows = new ArrayList<>(scored(taken, crop));
        rows.addAll(context(taken));
        rows.sort(Comparator.comparing((Row row) -> row.spread() == null)
                .thenComparing(row -> row.spread() == null ? 0 : -row.spread())
                .thenComparing(Row::method)
                .thenComparing(
                        row -> row.depthClass() == null ? -1 : row.depthClass().ordinal()));
        List<String> first = rows.stream()
                .filter(row -> row.spread() != null && row.spread() > 0)
                .limit(FIRST)
                .map(Row::method)
                .toList();
        return new Beside(List.copyOf(rows), first, depths(taken), unlike(zones));
    }

    private static List<Row> scored(List<List<Taken>> zones, @Nullable String crop) {
        Map<Key, List<MethodScore>> byKey = new LinkedHashMap<>();
        for (int zone = 0; zone < zones.size(); zone++) {
            for (MethodScore score : SpotScores.rows(zones.get(zone), crop)) {
                List<MethodScore> all =
                        byKey.computeIfAbsent(new Key(score.method(), score.depthClass()), key -> new ArrayList<>());
                while (all.size() < zone) {
                    all.add(null);
                }
                // The spots' row comes before that of their mixture.
                if (all.size() == zone) {
                    all.add(score);
                }
            }
        }
        List<Row> rows = new ArrayList<>();
        byKey.forEach((key, scores) -> rows.add(row(key, scores, zones)));
        return rows;
    }

    private static Row row(Key key, List<MethodScore> scores, List<List<Taken>> zones) {
        List<Double> means = new ArrayList<>();
        List<Integer> n = new ArrayList<>();
        MethodScore any = null;
        for (int zone = 0; zone < zones.size(); zone++) {
            MethodScore score = zone < scores.size() ? scores.get(zone) : null;
            any = any == null ? score : any;
            means.add(score == null || score.hollow() ? null : Double.valueOf(score.mean()));
            n.add(score == null ? 0 : score.n());
        }
        return new Row(
                key.method(),
                key.depth(),
                any.group(),
                any.grade(),
                means,
                n,
                spread(means),
                measures(key, zones),
                null);
    }

    private static @Nullable Double spread(List<Double> means) {
        List<Double> known = means.stream().filter(mean -> mean != null).toList();
        return known.size() < 2 ? null : Double.valueOf(Numbers.highest(known) - Numbers.lowest(known));
    }

    private static List<Measure> measures(Key key, List<List<Taken>> zones) {
        List<Measure> measures = new ArrayList<>();
        Method method = Methods.find(key.method()).orElse(null);
        if (method == null) {
            return measures;
        }
        for (Result result : method.description().results()) {
            TreeMap<Double, List<Double>> byDepth = new TreeMap<>();
            for (int zone = 0; zone < zones.size(); zone++) {
                for (Map.Entry<Double, Double> mean :
                        means(key, result.key(), zones.get(zone)).entrySet()) {
                    List<Double> all = byDepth.computeIfAbsent(mean.getKey(), depth -> nulls(zones.size()));
                    all.set(zone, mean.getValue());
                }
            }
            byDepth.forEach((depth, means) ->
                    measures.add(new Measure(result.key(), result.unit(), depth < 0 ? null : depth, means)));
        }
        return measures;
    }

    private static List<Double> nulls(int size) {
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            all.add(null);
        }
        return all;
    }

    /** By depth, −1 where there is none: the mean over the spots of what counts. */
    private static Map<Double, Double> means(Key key, String result, List<Taken> zone) {
        Map<Double, Map<String, List<Double>>> found = new LinkedHashMap<>();
        for (Taken one : zone) {
            Evaluation done = one.evaluation();
            if (!done.method().equals(key.method()) || one.cell().depthClass() != key.depth() || !done.counts(result)) {
                continue;
            }
            for (Evaluation.Measure measure : done.measures()) {
                if (measure.key().equals(result) && measure.value() != null && measure.index() == null) {
                    found.computeIfAbsent(
                                    measure.depthCm() == null ? -1 : measure.depthCm(), depth -> new LinkedHashMap<>())
                            .computeIfAbsent(one.spot(), spot -> new ArrayList<>())
                            .add(measure.value());
                }
            }
        }
        Map<Double, Double> means = new LinkedHashMap<>();
        found.forEach((depth, bySpot) -> means.put(
                depth, Numbers.mean(bySpot.values().stream().map(Numbers::mean).toList())));
        return means;
    }

    /** What of a method without a score was found, in words. */
    private static List<Row> context(List<List<Taken>> zones) {
        List<Row> rows = new ArrayList<>();
        for (Method method : Methods.ALL) {
            if (method.description().group() != Group.CONTEXT) {
                continue;
            }
            List<List<String>> words =
                    zones.stream().map(zone -> words(method, zone)).toList();
            if (words.stream().allMatch(List::isEmpty)) {
                continue;
            }
            List<Integer> n = zones.stream()
                    .map(zone -> Once.of(zone.stream()
                                    .filter(one -> one.evaluation().method().equals(method.id()))
                                    .map(Taken::spot))
                            .size())
                    .toList();
            rows.add(new Row(
                    method.id(),
                    null,
                    Group.CONTEXT,
                    method.description().grade(),
                    null,
                    n,
                    null,
                    measures(new Key(method.id(), null), zones),
                    words));
        }
        return rows;
    }

    private static List<String> words(Method method, List<Taken> zone) {
        TreeSet<String> words = new TreeSet<>();
        for (Taken one : zone) {
            if (!one.evaluation().method().equals(method.id())) {
                continue;
            }
            for (Result result : method.description().results()) {
                Object said = one.evaluation().words().get(result.key());
                if (said instanceof String word && one.evaluation().counts(result.key())) {
                    words.add(word);
                    break; // Its first word is what it is called by; the others say the same more widely.
                }
            }
        }
        return List.copyOf(words);
    }

    /** All that is a depth below the surface, in cm. */
    private static List<Depth> depths(List<List<Taken>> zones) {
        List<Depth> depths = new ArrayList<>();
        for (Method method : Methods.ALL) {
            for (Result result : method.description().results()) {
                if (!"cm".equals(result.unit())) {
                    continue;
                }
                List<Double> means = new ArrayList<>();
                for (List<Taken> zone : zones) {
                    means.add(mean(method.id(), result.key(), zone));
                }
                if (means.stream().anyMatch(mean -> mean != null)) {
                    depths.add(new Depth(method.id() + "." + result.key(), "cm", means));
                }
            }
        }
        return depths;
    }

    private static @Nullable Double mean(String method, String key, List<Taken> zone) {
        Map<String, List<Double>> bySpot = new LinkedHashMap<>();
        for (Taken one : zone) {
            Evaluation.Measure measure = one.evaluation().measure(key);
            if (one.evaluation().method().equals(method)
                    && one.evaluation().counts(key)
                    && measure != null
                    && measure.value() != null) {
                bySpot.computeIfAbsent(one.spot(), spot -> new ArrayList<>()).add(measure.value());
            }
        }
        return bySpot.isEmpty()
                ? null
                : Numbers.mean(bySpot.values().stream().map(Numbers::mean).toList());
    }

    private static List<Unlike> unlike(List<List<By>> zones) {
        List<Unlike> unlike = new ArrayList<>();
        for (Method method : Methods.ALL) {
            for (Code code : Code.values()) {
                TreeSet<String> ways = new TreeSet<>();
                int with = 0;
                for (List<By> zone : zones) {
                    TreeSet<String> here = new TreeSet<>();
                    zone.stream()
                            .filter(one -> one.taken().evaluation().method().equals(method.id()))
                            .map(one -> way(one, code))
                            .forEach(here::add);
                    with += here.isEmpty() ? 0 : 1;
                    if (!here.isEmpty()) {
                        ways.add(String.join(" and ", here));
                    }
                }
                if (with > 1 && ways.size() > 1) {
                    unlike.add(new Unlike(code, method.id()));
                }
            }
        }
        return unlike;
    }

    private static String way(By one, Code code) {
        Map<String, Object> entered = one.taken().entered();
        return switch (code) {
            case PEOPLE -> one.person();
            case YARDSTICK -> one.taken().yardstick();
            case PREPARATION -> word(entered.get("crumbState")) + word(entered.get("prep"));
            case BASIS -> word(entered.get("ratio")) + bases(entered.get("points"));
        };
    }

    private static String word(@Nullable Object value) {
        return value instanceof String word ? word : "";
    }

    private static String bases(@Nullable Object points) {
        TreeSet<String> bases = new TreeSet<>();
        if (points instanceof List<?> list) {
            for (Object point : list) {
                if (point instanceof Map<?, ?> map) {
                    bases.add(word(map.get("basis")));
                }
            }
        }
        return String.join(" and ", bases);
    }
}
