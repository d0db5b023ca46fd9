package morphotera.decide;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.ground.Coded;
import morphotera.ground.Decimal;
import morphotera.ground.Nullable;

/**
 * How likely each cause is: logit p = logit prior + Σ weights, a true finding ln(t/f), a false one ln((1 − t)/(1 − f)).
 * Findings of one cluster tell much the same story, so within a cluster and sign the heaviest counts whole, the next half,
 * then a quarter. Causes are judged one by one; several may hold.
 */
public final class Causes {
    private static final double DECIDED_TRUE = 0.8;
    private static final double DECIDED_FALSE = 0.45;
    private static final double GATE = 0.5;
    private static final double HALF = 0.5;

    private Causes() {}

    /**
     * Where the field lies and what it is; every part may be null: not known.
     *
     * @param coastal coastal, reclaimed, mine or peat ground
     * @param sulphideClear whether a laboratory's sulphide test to drain depth came back clear
     */
    public record Setting(
            @Nullable String use,
            @Nullable String textureGroup,
            @Nullable String climate,
            @Nullable Boolean coastal,
            boolean sulphideClear) {
        public static final Setting UNKNOWN = new Setting(null, null, null, null, false);

        boolean fits(Map<String, Object> holds) {
            return holds.entrySet().stream().allMatch(entry -> entry.getValue().equals(of(entry.getKey())));
        }

        private Object of(String key) {
            return switch (key) {
                case "use" -> use;
                case "textureGroup" -> textureGroup;
                case "climate" -> climate;
                case "coastal" -> coastal;
                default ->
                    throw new IllegalArgumentException(
                            "no '" + key + "' in a setting; it has use, textureGroup, climate, coastal");
            };
        }
    }

    /** How sure a belief is, in a word. */
    public enum Word implements Coded {
        LIKELY,
        POSSIBLE,
        OPEN,
        UNLIKELY;

        static Word of(double belief) {
            double p = Decimal.round(belief, 9);
            return p >= 0.8 ? LIKELY : p >= 0.5 ? POSSIBLE : p >= 0.2 ? OPEN : UNLIKELY;
        }
    }

    /** One piece of evidence with the weight it was given, after the cluster rule; {@code half} where it counts half before it. */
    public record Weighed(String finding, boolean value, double weight, boolean half) {}

    /** A cause's belief, from its prior here, heaviest evidence first; {@code gate} is what must not be done first, where one is raised. */
    public record Judged(
            CauseTable.Cause cause,
            double prior,
            double belief,
            Word word,
            @Nullable String gate,
            List<Weighed> evidence) {}

    /** All causes, likeliest first; a raised gate stands above everything. Findings that are missing were not looked at. */
    public static List<Judged> judge(CauseTable table, Setting setting, Map<String, Seen> findings) {
        return table.causes().stream()
                .map(cause -> judge(table, cause, setting, findings))
                .sorted(Comparator.comparing((Judged judged) -> judged.gate() == null)
                        .thenComparing(Judged::belief, Comparator.reverseOrder())
                        .thenComparing(judged -> judged.cause().id()))
                .toList();
    }

    static Judged judge(CauseTable table, CauseTable.Cause cause, Setting setting, Map<String, Seen> findings) {
        List<Weighed> evidence = weigh(table, cause, findings);
        double prior = cause.priorWhen().stream()
                .filter(when -> setting.fits(when.holds()))
                .findFirst()
                .map(CauseTable.PriorWhen::prior)
                .orElse(cause.prior());
        double logit = Math.log(prior / (1 - prior));
        for (Weighed one : evidence) {
            logit += one.weight();
        }
        double belief = decided(cause, findings, 1 / (1 + Math.exp(-logit)));
        CauseTable.Gate gate = cause.gate();
        if (gate == null) {
            return new Judged(cause, prior, belief, Word.of(belief), null, evidence);
        }
        long raising = cause.evidence().stream()
                .map(one -> findings.get(one.finding()))
                .filter(seen -> seen != null && seen.raisesGate())
                .count();
        boolean inside = !gate.in().isEmpty() && setting.fits(gate.in()) && !setting.sulphideClear();
        boolean raised = raising >= (inside ? 1 : gate.from());
        belief = raised ? Math.max(belief, GATE) : belief;
        return new Judged(cause, prior, belief, Word.of(belief), raised || inside ? gate.text() : null, evidence);
    }

    private static double decided(CauseTable.Cause cause, Map<String, Seen> findings, double belief) {
        Seen decides = cause.decisive() == null ? null : findings.get(cause.decisive());
        if (decides == null || decides.value() == null || !decides.decides()) {
            return belief;
        } else if (decides.value()) {
            return Math.max(belief, DECIDED_TRUE);
        }
        return cause.decidesFalse() ? Math.min(belief, DECIDED_FALSE) : belief;
    }

    private static List<Weighed> weigh(CauseTable table, CauseTable.Cause cause, Map<String, Seen> findings) {
        List<Weighed> heaviestFirst = new ArrayList<>();
        for (CauseTable.Evidence evidence : cause.evidence()) {
            Seen seen = findings.get(evidence.finding());
            if (seen != null && seen.value() != null) {
                double weight = evidence.weight(seen.value()) * (seen.half() ? HALF : 1);
                heaviestFirst.add(new Weighed(evidence.finding(), seen.value(), weight, seen.half()));
            }
        }
        Comparator<Weighed> heaviest = Comparator.<Weighed>comparingDouble(one -> -Math.abs(one.weight()))
                .thenComparing(Weighed::finding);
        heaviestFirst.sort(heaviest);
        Map<String, Double> share = new LinkedHashMap<>();
        List<Weighed> weighed = new ArrayList<>();
        for (Weighed one : heaviestFirst) {
            String story = table.clusterOf(one.finding()) + (one.weight() > 0 ? "+" : "-");
            double counts = share.merge(story, 1.0, (before, first) -> before / 2);
            weighed.add(new Weighed(one.finding(), one.value(), one.weight() * counts, one.half()));
        }
        weighed.sort(heaviest);
        return weighed;
    }
}
