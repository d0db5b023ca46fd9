package morphotera.follow;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import morphotera.ground.Coded;
import morphotera.ground.DepthClass;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;
import morphotera.ground.StudentT;
import morphotera.measure.Taken;
import morphotera.measure.methods.Methods;
import morphotera.read.FieldScores;
import morphotera.read.MethodScore;

/**
 * Treated strips held against those left as they are, block by block and method by method. 90 % interval d ± t(0.95, n − 1)·√(max(s²,
 * 2e²/k)/n): s of the block differences (n − 1), n blocks, e an observer's spread as its floor over the k spots of a strip.
 */
public final class TrialVerdict {
    /** Strips of this treatment are what the others are held against. */
    public static final int UNTREATED = 0;

    private TrialVerdict() {}

    public enum Verdict implements Coded {
        BETTER,
        WORSE,
        NO_CLEAR_DIFFERENCE,
        ONE_BLOCK
    }

    /** A strip and what was read of it in one visit. */
    public record Strip(int treatment, int block, List<Taken> readings) {}

    /** The strips' means in one block, points. */
    public record Block(int block, double untreated, double treated) {
        double difference() {
            return treated - untreated;
        }
    }

    /**
     * One method's verdict on one treatment.
     *
     * @param depthClass null where the method has no depth
     * @param low of the 90 % interval; null where one block cannot tell, as is {@code high}
     * @param sd of the block differences; null for one block
     * @param spotsPerStrip in the mean
     */
    public record OfMethod(
            String method,
            @Nullable DepthClass depthClass,
            int treatment,
            List<Block> blocks,
            double difference,
            @Nullable Double low,
            @Nullable Double high,
            @Nullable Double sd,
            double spotsPerStrip,
            Verdict verdict) {

        /** How much strips of one treatment differ by themselves, points; null where it cannot be told. */
        public @Nullable Double stripSd() {
            if (sd == null) {
                return null;
            }
            double spots = spread(method) * spread(method) / spotsPerStrip;
            return Math.sqrt(Math.max(0, sd * sd / 2 - spots));
        }
    }

    private record Row(String method, @Nullable DepthClass depth) {}

    /** By treatment and method; only where a block has both. */
    public static List<OfMethod> of(List<Strip> strips) {
        Map<Integer, Map<Integer, Map<Row, MethodScore>>> byTreatment = new TreeMap<>();
        for (Strip strip : strips) {
            Map<Row, MethodScore> rows = new LinkedHashMap<>();
            for (MethodScore score : FieldScores.byDepth(strip.readings())) {
                if (score.n() > 0 && !score.mixed()) {
                    rows.put(new Row(score.method(), score.depthClass()), score);
                }
            }
            byTreatment
                    .computeIfAbsent(strip.treatment(), any -> new TreeMap<>())
                    .put(strip.block(), rows);
        }
        Map<Integer, Map<Row, MethodScore>> left = byTreatment.getOrDefault(UNTREATED, Map.of());
        List<OfMethod> verdicts = new ArrayList<>();
        byTreatment.forEach((treatment, blocks) -> {
            if (treatment != UNTREATED) {
                verdicts.addAll(of(treatment, left, blocks));
            }
        });
        return List.copyOf(verdicts);
    }

    private static List<OfMethod> of(
            int treatment, Map<Integer, Map<Row, MethodScore>> left, Map<Integer, Map<Row, MethodScore>> treated) {
        Map<Row, List<Block>> blocks = new LinkedHashMap<>();
        Map<Row, List<Double>> spots = new LinkedHashMap<>();
        treated.forEach((block, rows) -> rows.forEach((row, score) -> {
            MethodScore beside = left.getOrDefault(block, Map.of()).get(row);
            if (beside != null) {
                blocks.computeIfAbsent(row, any -> new ArrayList<>())
                        .add(new Block(block, beside.mean(), score.mean()));
                spots.computeIfAbsent(row, any -> new ArrayList<>()).add((score.n() + beside.n()) / 2.0);
            }
        }));
        List<OfMethod> verdicts = new ArrayList<>();
        blocks.forEach((row, all) -> verdicts.add(judge(row, treatment, all, Numbers.mean(spots.get(row)))));
        return verdicts;
    }

    private static OfMethod judge(Row row, int treatment, List<Block> blocks, double spots) {
        List<Double> differences = blocks.stream().map(Block::difference).toList();
        double mean = Numbers.mean(differences);
        Double sd = Numbers.sd(differences);
        if (sd == null) {
            return new OfMethod(
                    row.method(), row.depth(), treatment, blocks, mean, null, null, null, spots, Verdict.ONE_BLOCK);
        }
        int n = blocks.size();
        double floor = 2 * spread(row.method()) * spread(row.method()) / spots;
        double half = StudentT.quantile(n - 1, 0.95) * Math.sqrt(Math.max(sd * sd, floor) / n);
        Verdict verdict =
                mean - half > 0 ? Verdict.BETTER : mean + half < 0 ? Verdict.WORSE : Verdict.NO_CLEAR_DIFFERENCE;
        return new OfMethod(
                row.method(), row.depth(), treatment, blocks, mean, mean - half, mean + half, sd, spots, verdict);
    }

    /** Until practice specimens say better. */
    private static double spread(String method) {
        boolean judged = Methods.giving(method).description().judged();
        return Change.Observers.usual(judged, true).spread();
    }
}
