package morphotera.decide;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import morphotera.ground.Nullable;

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
            CauseTable table, Causes.Setting setting, Map<String, Seen> findings, Map<String, Double> minutes) {
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
            Map<String, Seen> findings,
            Map<String, Double> minutes) {
        Map<String, Worth> best = new LinkedHashMap<>();
        Causes.Judged now = Causes.judge(table, cause, setting, findings);
        for (CauseTable.Evidence evidence : cause.evidence()) {
            // What was looked at and says neither was looked at all the same.
            if (findings.containsKey(evidence.finding())) {
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
            Map<String, Seen> findings,
            Causes.Judged now,
            CauseTable.Evidence evidence) {
        Answers answers = answers(table, cause, setting, findings, evidence);
        boolean moves =
                answers.ifTrue().word() != now.word() || answers.ifFalse().word() != now.word();
        return new Worth(answers.bits(now.belief(), evidence), moves, evidence.finding());
    }

    /** What a cause would be after each answer to one finding. */
    private record Answers(Causes.Judged ifTrue, Causes.Judged ifFalse) {
        double bits(double p, CauseTable.Evidence evidence) {
            double seen = p * evidence.t() + (1 - p) * evidence.f();
            return Math.max(0, entropy(p) - seen * entropy(ifTrue.belief()) - (1 - seen) * entropy(ifFalse.belief()));
        }
    }

    private static Answers answers(
            CauseTable table,
            CauseTable.Cause cause,
            Causes.Setting setting,
            Map<String, Seen> findings,
            CauseTable.Evidence evidence) {
        Map<String, Seen> answered = new LinkedHashMap<>(findings);
        answered.put(evidence.finding(), Seen.plainly(true));
        Causes.Judged ifTrue = Causes.judge(table, cause, setting, answered);
        answered.put(evidence.finding(), Seen.plainly(false));
        return new Answers(ifTrue, Causes.judge(table, cause, setting, answered));
    }

    /**
     * The one finding that would change a cause's word.
     *
     * @param ifSeen the answer that changes it, and {@code word} what it would be then
     * @param inDoubt whether it was answered already, by a reading whose error reaches the limit
     */
    public record Turn(String finding, boolean ifSeen, Causes.Word word, boolean inDoubt) {}

    /** Of the findings not looked at, and those whose reading's error reaches the limit, the one that tells most; null: none. */
    public static @Nullable Turn turn(
            CauseTable table,
            Causes.Judged now,
            Causes.Setting setting,
            Map<String, Seen> findings,
            Set<String> inDoubt) {
        Turn best = null;
        double most = -1;
        for (CauseTable.Evidence evidence : now.cause().evidence()) {
            boolean doubted = inDoubt.contains(evidence.finding());
            if (findings.containsKey(evidence.finding()) && !doubted) {
                continue;
            }
            Map<String, Seen> without = new LinkedHashMap<>(findings);
            without.remove(evidence.finding());
            Answers answers = answers(table, now.cause(), setting, without, evidence);
            Causes.Judged changed = answers.ifTrue().word() != now.word() ? answers.ifTrue() : answers.ifFalse();
            double bits = answers.bits(
                    Causes.judge(table, now.cause(), setting, without).belief(), evidence);
            if (changed.word() != now.word() && bits > most) {
                most = bits;
                best = new Turn(evidence.finding(), changed == answers.ifTrue(), changed.word(), doubted);
            }
        }
        return best;
    }

    /** Binary entropy in bits. */
    static double entropy(double p) {
        return p <= 0 || p >= 1 ? 0 : -(p * Math.log(p) + (1 - p) * Math.log(1 - p)) / Math.log(2);
    }
}
