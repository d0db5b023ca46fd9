package morphotera.read;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.ground.DepthClass;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;
import morphotera.ground.Once;
import morphotera.measure.Curves;
import morphotera.measure.Description;
import morphotera.measure.Evaluation;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.Method;
import morphotera.measure.RootingDepth;
import morphotera.measure.Taken;
import morphotera.measure.methods.Methods;

/**
 * From the readings of a zone to a row for each method and class of depth. Depths are not mixed: the shallowest class read in
 * the zone makes the method's score, deeper ones have rows of their own outside the groups; salt is scored by the mean of the
 * root zone. Of two ways to one quantity at a spot the better speaks and the other stands beside it.
 */
final class SpotScores {
    private static final String SALINITY = "salinity";

    /** Of two ways to one quantity the better, with the measure that shows it was used, and the coarser. */
    private record Way(String better, String measure, String coarser) {}

    private static final List<Way> WAYS = List.of(
            new Way("laboratory", "ph", "ph"),
            new Way("laboratory", "ece", SALINITY),
            new Way("percolation-hole", "wallK", "drain-down"));

    /** One score of one reading, under its own method's id or one it gives beside. */
    private record Scored(
            String spot,
            String method,
            Group group,
            Grade grade,
            double score,
            @Nullable DepthClass depth,
            boolean hollow,
            boolean mixed,
            Evaluation by) {}

    private record Row(String method, @Nullable DepthClass depth, boolean mixed) {}

    private SpotScores() {}

    /** @param crop for the depth of the root zone */
    static List<MethodScore> rows(List<Taken> readings, @Nullable String crop) {
        List<MethodScore> rows = new ArrayList<>();
        byMethod(readings).forEach((method, all) -> {
            List<Scored> ofSpots = all.stream().filter(one -> !one.mixed()).toList();
            List<Scored> ofSamples = all.stream().filter(Scored::mixed).toList();
            Set<String> beside = besideAt(method, readings);
            rows.addAll(rows(method, ofSpots, crop, beside, true));
            // Spots say more than their mixture: it makes the group's score only where it stands alone.
            rows.addAll(rows(method, ofSamples, crop, beside, ofSpots.stream().allMatch(Scored::hollow)));
        });
        return List.copyOf(rows);
    }

    private static List<MethodScore> rows(
            String method, List<Scored> all, @Nullable String crop, Set<String> beside, boolean mayJoinGroup) {
        if (all.isEmpty()) {
            return List.of();
        }
        List<MethodScore> rows = new ArrayList<>();
        List<Scored> zones = method.equals(SALINITY) ? rootZones(all, crop) : List.of();
        DepthClass first = shallowest(all);
        if (!zones.isEmpty()) {
            rows.add(row(new Row(method, null, zones.get(0).mixed()), mayJoinGroup, zones, beside));
        }
        byDepth(all).forEach((row, ofRow) -> {
            boolean top = row.depth() == first;
            if (zones.isEmpty() || !top) {
                rows.add(row(row, mayJoinGroup && zones.isEmpty() && top, ofRow, beside));
            }
        });
        return rows;
    }

    /** A row for each method and class of depth, whatever else speaks for a spot: what two visits are compared by. */
    static List<MethodScore> rowsByDepth(List<Taken> readings) {
        List<MethodScore> rows = new ArrayList<>();
        byMethod(readings)
                .forEach((method, all) ->
                        byDepth(all).forEach((row, ofRow) -> rows.add(row(row, false, ofRow, Set.of()))));
        return List.copyOf(rows);
    }

    private static Map<String, List<Scored>> byMethod(List<Taken> readings) {
        Map<String, List<Scored>> byMethod = new LinkedHashMap<>();
        for (Taken read : readings) {
            for (Scored scored : scored(read)) {
                byMethod.computeIfAbsent(scored.method(), key -> new ArrayList<>())
                        .add(scored);
            }
        }
        return byMethod;
    }

    private static List<Scored> scored(Taken read) {
        Evaluation done = read.evaluation();
        DepthClass depth = read.cell().depthClass();
        List<Scored> scored = new ArrayList<>();
        if (done.score() != null) {
            scored.add(new Scored(
                    read.spot(),
                    done.method(),
                    done.group(),
                    done.grade(),
                    done.score(),
                    depth,
                    !done.counts(Evaluation.SCORE),
                    read.mixed(),
                    done));
        }
        for (Description.Beside beside :
                Methods.find(done.method()).map(Method::besides).orElse(List.of())) {
            for (Evaluation.Measure measure : done.measures()) {
                if (measure.key().equals(beside.measure()) && measure.value() != null) {
                    scored.add(new Scored(
                            read.spot(),
                            beside.id(),
                            beside.group(),
                            done.grade(),
                            measure.value(),
                            depth,
                            !done.counts(measure.key()),
                            read.mixed(),
                            done));
                }
            }
        }
        return scored;
    }

    /** The spots where a better way to this method's quantity was used. */
    private static Set<String> besideAt(String method, List<Taken> readings) {
        Set<String> spots = new LinkedHashSet<>();
        for (Way way : WAYS) {
            for (Taken read : readings) {
                if (way.coarser().equals(method)
                        && read.evaluation().method().equals(way.better())
                        && tells(read.evaluation(), way.measure())) {
                    spots.add(read.spot());
                }
            }
        }
        return spots;
    }

    private static boolean tells(Evaluation done, String key) {
        return done.counts(key)
                && done.measures().stream().anyMatch(measure -> measure.key().equals(key) && measure.value() != null);
    }

    /** Topmost first; a depth that was not said stands for the topsoil. */
    private static @Nullable DepthClass shallowest(List<Scored> all) {
        List<Scored> clean = all.stream().filter(one -> !one.hollow()).toList();
        DepthClass shallowest = DepthClass.BELOW_60;
        for (Scored one : clean.isEmpty() ? all : clean) {
            if (one.depth() == null) {
                return null;
            }
            shallowest = one.depth().ordinal() < shallowest.ordinal() ? one.depth() : shallowest;
        }
        return shallowest;
    }

    private static Map<Row, List<Scored>> byDepth(List<Scored> all) {
        Map<Row, List<Scored>> rows = new LinkedHashMap<>();
        for (Scored one : all) {
            rows.computeIfAbsent(new Row(one.method(), one.depth(), one.mixed()), key -> new ArrayList<>())
                    .add(one);
        }
        return rows;
    }

    private static MethodScore row(Row row, boolean mayJoinGroup, List<Scored> all, Set<String> beside) {
        Map<String, List<Scored>> bySpot = new LinkedHashMap<>();
        for (Scored one : all) {
            bySpot.computeIfAbsent(one.spot(), key -> new ArrayList<>()).add(one);
        }
        List<MethodScore.AtSpot> spots = new ArrayList<>();
        Grade grade = Grade.A;
        for (Map.Entry<String, List<Scored>> entry : bySpot.entrySet()) {
            List<Scored> best = best(entry.getValue());
            spots.add(new MethodScore.AtSpot(
                    entry.getKey(),
                    Numbers.mean(best.stream().map(Scored::score).toList()),
                    best.get(0).hollow(),
                    beside.contains(entry.getKey())));
            for (Scored one : best) {
                grade = one.grade().ordinal() > grade.ordinal() ? one.grade() : grade;
            }
        }
        return MethodScore.of(
                row.method(), row.depth(), mayJoinGroup, all.get(0).group(), grade, row.mixed(), spots);
    }

    /** Clean ones where there are any, of these the best grade: a meter before a card. Repeats stand together. */
    private static List<Scored> best(List<Scored> atSpot) {
        List<Scored> clean = atSpot.stream().filter(one -> !one.hollow()).toList();
        List<Scored> known = clean.isEmpty() ? atSpot : clean;
        Grade best = known.get(0).grade();
        for (Scored one : known) {
            best = one.grade().ordinal() < best.ordinal() ? one.grade() : best;
        }
        Grade grade = best;
        return known.stream().filter(one -> one.grade() == grade).toList();
    }

    /** Where salt was read at several depths, each spot's score by the root zone's mean and the curve of its readings; else none. */
    private static List<Scored> rootZones(List<Scored> all, @Nullable String crop) {
        if (Once.of(all.stream().map(Scored::depth)).size() < 2) {
            return List.of();
        }
        Map<String, List<Scored>> bySpot = new LinkedHashMap<>();
        for (Scored one : all) {
            if (!one.hollow()) {
                bySpot.computeIfAbsent(one.spot(), key -> new ArrayList<>()).add(one);
            }
        }
        List<Scored> zones = new ArrayList<>();
        bySpot.forEach((spot, atSpot) -> {
            List<RootZone.At> values = new ArrayList<>();
            for (Scored one : atSpot) {
                values.add(new RootZone.At(one.depth(), one.by().placed().x(), false));
            }
            RootZone zone = RootZone.of(values, RootingDepth.expectedCm(crop));
            if (zone != null) {
                Scored top = atSpot.get(0);
                Curves.Placed placed = top.by().placed();
                double score = new Curve(placed.curve(), placed.xMeaning(), placed.knots()).at(zone.ece());
                zones.add(new Scored(
                        spot, SALINITY, top.group(), top.grade(), score, null, false, top.mixed(), top.by()));
            }
        });
        return zones;
    }
}
