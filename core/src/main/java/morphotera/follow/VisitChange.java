package morphotera.follow;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Stream;
import morphotera.ground.DepthClass;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;
import morphotera.ground.Sorted;
import morphotera.measure.Taken;
import morphotera.measure.methods.Methods;
import morphotera.read.FieldScores;
import morphotera.read.MethodScore;

/**
 * Two visits of a zone held against one another: like with like alone (one method, class of depth, preparation and plant), spots
 * with clean values in both, what was unlike named, and what an instrument may be out by in the interval.
 */
public final class VisitChange {
    /** One pack errs the same way twice, to about a half. */
    private static final double SAME_PACK = 0.5;

    private VisitChange() {}

    /** A spot's score before and after. */
    public record Pair(String spot, double before, double after) {}

    /**
     * One method's change.
     *
     * @param depthClass null where the method has no depth
     * @param preparation such as air-dry crumbs; null where there is none
     */
    public record OfMethod(
            String method,
            @Nullable DepthClass depthClass,
            @Nullable String preparation,
            @Nullable String plant,
            List<Pair> pairs,
            Change change,
            List<Unlike> unlike) {}

    private record Like(String method, String preparation, String plant) {}

    private record Row(String method, DepthClass depth) {}

    public static List<OfMethod> of(List<Taken> before, List<Taken> after, Practised practised) {
        Map<Like, List<Taken>> then = byLike(before);
        List<OfMethod> changes = new ArrayList<>();
        byLike(after).forEach((like, now) -> {
            List<Taken> old = then.getOrDefault(like, List.of());
            Map<Row, MethodScore> rows = rows(old);
            rows(now).forEach((row, score) -> {
                List<Pair> pairs = rows.containsKey(row) ? pairs(rows.get(row), score) : List.of();
                if (!pairs.isEmpty()) {
                    changes.add(change(like, row, pairs, at(old, row, pairs), at(now, row, pairs), practised));
                }
            });
        });
        return List.copyOf(changes);
    }

    /**
     * What each group came to then, by the tests that make it now at the spots they share. A group is left out where one of its
     * tests has nothing then to be held against.
     */
    public static List<FieldScores.GroupScore> groupsThen(FieldScores now, List<OfMethod> changes) {
        List<FieldScores.GroupScore> then = new ArrayList<>();
        for (FieldScores.GroupScore group : now.groups()) {
            List<Double> means = now.methods().stream()
                    .filter(one -> one.group() == group.group() && one.counts())
                    .map(one -> meanThen(one, changes))
                    .toList();
            if (!means.contains(null)) {
                then.add(new FieldScores.GroupScore(group.group(), Numbers.mean(means)));
            }
        }
        return List.copyOf(then);
    }

    private static @Nullable Double meanThen(MethodScore row, List<OfMethod> changes) {
        List<Double> before = changes.stream()
                .filter(one -> one.method().equals(row.method())
                        && (row.depthClass() == null || row.depthClass() == one.depthClass()))
                .flatMap(one -> one.pairs().stream())
                .map(Pair::before)
                .toList();
        return before.isEmpty() ? null : Numbers.mean(before);
    }

    private static Map<Like, List<Taken>> byLike(List<Taken> taken) {
        return Sorted.by(
                one -> new Like(
                        one.evaluation().method(),
                        Ways.preparation(one),
                        one.cell().plant()),
                taken);
    }

    private static Map<Row, MethodScore> rows(List<Taken> taken) {
        Map<Row, MethodScore> rows = new LinkedHashMap<>();
        for (MethodScore score : FieldScores.byDepth(taken)) {
            // A sample is mixed anew each time: it has no pair.
            if (!score.mixed()) {
                rows.put(new Row(score.method(), score.depthClass()), score);
            }
        }
        return rows;
    }

    private static List<Pair> pairs(MethodScore before, MethodScore after) {
        Map<String, Double> was = new LinkedHashMap<>();
        before.spots().stream().filter(spot -> !spot.hollow()).forEach(spot -> was.put(spot.spot(), spot.score()));
        return after.spots().stream()
                .filter(spot -> !spot.hollow() && was.containsKey(spot.spot()))
                .map(spot -> new Pair(spot.spot(), was.get(spot.spot()), spot.score()))
                .toList();
    }

    /** The readings that a row's pairs were made of. */
    private static List<Taken> at(List<Taken> taken, Row row, List<Pair> pairs) {
        return taken.stream()
                .filter(one -> one.cell().depthClass() == row.depth()
                        && pairs.stream().anyMatch(pair -> pair.spot().equals(one.spot())))
                .toList();
    }

    private static OfMethod change(
            Like like, Row row, List<Pair> pairs, List<Taken> before, List<Taken> after, Practised practised) {
        boolean judged = Methods.giving(row.method()).description().judged();
        double part = practised.sameObserver() && isOnePack(before, after) ? SAME_PACK : 1;
        boolean ownScore = row.method().equals(like.method());
        Change.Observers observers = practised
                .observers(row.method(), judged)
                .withInstruments(ownScore ? part * error(before) : 0, ownScore ? part * error(after) : 0);
        Change change = Change.judge(
                pairs.stream()
                        .map(pair -> new Change.Pair(pair.before(), pair.after()))
                        .toList(),
                observers);
        return new OfMethod(
                row.method(), row.depth(), like.preparation(), like.plant(), pairs, change, unlike(before, after));
    }

    private static boolean isOnePack(List<Taken> before, List<Taken> after) {
        TreeSet<String> packs = new TreeSet<>();
        for (Taken one : Stream.concat(before.stream(), after.stream()).toList()) {
            String pack = Ways.pack(one);
            if (pack == null) {
                return false;
            }
            packs.add(pack);
        }
        return packs.size() == 1;
    }

    private static double error(List<Taken> taken) {
        return taken.isEmpty()
                ? 0
                : Numbers.mean(taken.stream().map(Ways::instrumentError).toList());
    }

    private static List<Unlike> unlike(List<Taken> before, List<Taken> after) {
        List<Unlike> unlike = new ArrayList<>();
        for (Unlike.Code code : Unlike.Code.values()) {
            Unlike one = Unlike.way(code, way(before, code), way(after, code));
            if (one != null) {
                unlike.add(one);
            }
        }
        return unlike;
    }

    private static @Nullable String way(List<Taken> taken, Unlike.Code code) {
        TreeSet<String> ways = new TreeSet<>();
        for (Taken one : taken) {
            String way = Ways.way(one, code);
            if (way != null) {
                ways.add(way);
            }
        }
        return ways.isEmpty() ? null : String.join(" and ", ways);
    }
}
