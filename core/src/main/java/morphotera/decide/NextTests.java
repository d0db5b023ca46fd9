package morphotera.decide;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
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

    private record Worth(double bits, boolean moves, String finding) {}

    /** @param minutes hands-on minutes by method id, shared steps already done left out; only these methods are offered */
    public static List<Offer> best(
            CauseTable table, Causes.Setting setting, Map<String, Boolean> findings, Map<String, Double> minutes) {
        List<Offer> offers = new ArrayList<>();
        for (Map.Entry<String, Double> method : minutes.entrySet()) {
            Offer offer = offer(table, setting, findings, method.getKey(), method.getValue());
            if (offer != null) {
                offers.add(offer);
            }
        }
        ToDoubleFunction<Offer> perMinute = offer -> -offer.bits() / offer.minutes();
        offers.sort(Comparator.comparingDouble(perMinute).thenComparing(Offer::method));
        return offers;
    }

    private static Offer offer(
            CauseTable table, Causes.Setting setting, Map<String, Boolean> findings, String method, double minutes) {
        double bits = 0;
        boolean moves = false;
        double most = 0;
        String finding = null;
        String causeId = null;
        for (CauseTable.Cause cause : table.causes()) {
            Worth worth = bestFinding(table, cause, setting, findings, method);
            if (worth == null) {
                continue;
            }
            bits += worth.bits();
            moves |= worth.moves();
            if (worth.bits() > most) {
                most = worth.bits();
                finding = worth.finding();
                causeId = cause.id();
            }
        }
        return moves && finding != null ? new Offer(method, bits, minutes, finding, causeId) : null;
    }

    private static Worth bestFinding(
            CauseTable table,
            CauseTable.Cause cause,
            Causes.Setting setting,
            Map<String, Boolean> findings,
            String method) {
        Worth best = null;
        Causes.Judged now = Causes.judge(table, cause, setting, findings);
        for (CauseTable.Evidence evidence : cause.evidence()) {
            boolean open = findings.get(evidence.finding()) == null
                    && table.finding(evidence.finding())
                            .map(finding -> finding.methods().contains(method))
                            .orElse(false);
            if (open) {
                Worth worth = worth(table, cause, setting, findings, now, evidence);
                // Which finding is best is a matter of bits; whether the test can move a word, of any of its findings.
                boolean moves = worth.moves() || (best != null && best.moves());
                best = best == null || worth.bits() > best.bits()
                        ? new Worth(worth.bits(), moves, worth.finding())
                        : new Worth(best.bits(), moves, best.finding());
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
