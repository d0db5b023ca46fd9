package morphotera.decide;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;

/**
 * What to test next: the expected drop in uncertainty, in bits, for each hands-on minute. For a finding not looked at,
 * P(true) = p·t + (1 − p)·f, and the drop of a cause is H(p) − P(true)·H(p|true) − P(false)·H(p|false), not under 0.
 */
public final class NextTests {
    private NextTests() {}

    /** A test worth doing: the finding and cause it would settle most. */
    public record Offer(String method, double bits, double minutes, String finding, String cause) {}

    /** What a finding would tell of one cause: expected bits, and whether an answer could move the cause's word. */
    private record Worth(double bits, boolean moves, String finding) {
        /** The better of two findings by bits; either may move the word. */
        Worth or(Worth other) {
            Worth best = other.bits() > bits ? other : this;
            return new Worth(best.bits(), moves || other.moves(), best.finding());
        }
    }

    /** What a method would tell of all causes so far. */
    private static final class Sum {
        private double bits;
        private boolean moves;
        private double most;
        private String finding;
        private String cause;

        void add(Worth worth, String ofCause) {
            bits += worth.bits();
            moves |= worth.moves();
            if (worth.bits() > most) {
                most = worth.bits();
                finding = worth.finding();
                cause = ofCause;
            }
        }
    }

    /** @param minutes hands-on minutes by method id, shared steps already done left out; only these methods are offered */
    public static List<Offer> best(
            CauseTable table, Causes.Setting setting, Map<String, Boolean> findings, Map<String, Double> minutes) {
        Map<String, Sum> sums = new LinkedHashMap<>();
        for (CauseTable.Cause cause : table.causes()) {
            byMethod(table, cause, setting, findings, minutes)
                    .forEach((method, worth) ->
                            sums.computeIfAbsent(method, m -> new Sum()).add(worth, cause.id()));
        }
        List<Offer> offers = new ArrayList<>();
        sums.forEach((method, sum) -> {
            if (sum.moves && sum.finding != null) {
                offers.add(new Offer(method, sum.bits, minutes.get(method), sum.finding, sum.cause));
            }
        });
        ToDoubleFunction<Offer> perMinute = offer -> -offer.bits() / offer.minutes();
        offers.sort(Comparator.comparingDouble(perMinute).thenComparing(Offer::method));
        return offers;
    }

    /** For one cause, the best open finding of each method. */
    private static Map<String, Worth> byMethod(
            CauseTable table,
            CauseTable.Cause cause,
            Causes.Setting setting,
            Map<String, Boolean> findings,
            Map<String, Double> minutes) {
        Map<String, Worth> best = new LinkedHashMap<>();
        Causes.Judged now = Causes.judge(table, cause, setting, findings);
        for (CauseTable.Evidence evidence : cause.evidence()) {
            if (findings.get(evidence.finding()) != null) {
                continue;
            }
            List<String> methods = table.finding(evidence.finding()).orElseThrow().methods().stream()
                    .filter(minutes::containsKey)
                    .toList();
            if (!methods.isEmpty()) {
                Worth worth = worth(table, cause, setting, findings, now, evidence);
                methods.forEach(method -> best.merge(method, worth, Worth::or));
            }
        }
        return best;
    }

    private static Worth worth(
            CauseTable table,
            CauseTable.Cause cause,
            Causes.Setting setting,
            Map<String, Boolean> findings,
            Causes.Judged now,
            CauseTable.Evidence evidence) {
        Map<String, Boolean> answered = new HashMap<>(findings);
        answered.put(evidence.finding(), true);
        Causes.Judged ifTrue = Causes.judge(table, cause, setting, answered);
        answered.put(evidence.finding(), false);
        Causes.Judged ifFalse = Causes.judge(table, cause, setting, answered);
        double p = now.belief();
        double seen = p * evidence.t() + (1 - p) * evidence.f();
        double drop = entropy(p) - seen * entropy(ifTrue.belief()) - (1 - seen) * entropy(ifFalse.belief());
        boolean moves = ifTrue.word() != now.word() || ifFalse.word() != now.word();
        return new Worth(Math.max(0, drop), moves, evidence.finding());
    }

    /** Binary entropy in bits. */
    static double entropy(double p) {
        return p <= 0 || p >= 1 ? 0 : -(p * Math.log(p) + (1 - p) * Math.log(1 - p)) / Math.log(2);
    }
}
