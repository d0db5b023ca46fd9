package morphotera.decide;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What confirmed and ruled-out causes teach the table: t = (20·t + seen)/(20 + looked) over the cases with the cause, f the same
 * over those without it. A Beta prior worth 20 cases, so that a few cases move the first judgement little.
 */
public final class Outcomes {
    private static final double PRIOR_CASES = 20;

    /** A cause that was later confirmed or ruled out, with the findings as they stood then. */
    public record Outcome(String cause, boolean present, Map<String, Boolean> findings) {}

    /** What a finding said of a cause before and after, and from how many cases with the cause and without. */
    public record Taught(
            String cause,
            String finding,
            double tBefore,
            double tAfter,
            double fBefore,
            double fAfter,
            int casesWith,
            int casesWithout) {}

    /** The table that was taught, one version on, and what changed in it. */
    public record Learned(CauseTable table, List<Taught> taught) {}

    private Outcomes() {}

    /** Always from the table as first judged and all outcomes there are, so that the order of cases does not matter. */
    public static Learned learn(CauseTable first, List<Outcome> outcomes) {
        List<Taught> taught = new ArrayList<>();
        List<CauseTable.Cause> causes = first.causes().stream()
                .map(cause -> learn(
                        cause,
                        outcomes.stream()
                                .filter(outcome -> outcome.cause().equals(cause.id()))
                                .toList(),
                        taught))
                .toList();
        CauseTable table = new CauseTable(
                first.name(), first.version() + 1, first.note(), first.clusters(), first.findings(), causes);
        return new Learned(table, List.copyOf(taught));
    }

    /** What one more case changes on top of the others: each finding it answers, before it and after. */
    public static List<Taught> byOneMore(CauseTable first, List<Outcome> others, Outcome one) {
        List<Outcome> all = new ArrayList<>(others);
        all.add(one);
        CauseTable before = learn(first, others).table();
        return learn(first, all).taught().stream()
                .filter(taught ->
                        taught.cause().equals(one.cause()) && one.findings().get(taught.finding()) != null)
                .map(taught -> {
                    CauseTable.Evidence was = evidence(before, taught.cause(), taught.finding());
                    return new Taught(
                            taught.cause(),
                            taught.finding(),
                            was.t(),
                            taught.tAfter(),
                            was.f(),
                            taught.fAfter(),
                            taught.casesWith(),
                            taught.casesWithout());
                })
                .toList();
    }

    private static CauseTable.Evidence evidence(CauseTable table, String cause, String finding) {
        return table.causes().stream()
                .filter(one -> one.id().equals(cause))
                .flatMap(one -> one.evidence().stream())
                .filter(one -> one.finding().equals(finding))
                .findFirst()
                .orElseThrow();
    }

    private static CauseTable.Cause learn(CauseTable.Cause cause, List<Outcome> outcomes, List<Taught> taught) {
        List<CauseTable.Evidence> evidence = new ArrayList<>();
        for (CauseTable.Evidence before : cause.evidence()) {
            List<Boolean> with = answers(outcomes, true, before.finding());
            List<Boolean> without = answers(outcomes, false, before.finding());
            CauseTable.Evidence after =
                    new CauseTable.Evidence(before.finding(), updated(before.t(), with), updated(before.f(), without));
            evidence.add(after);
            if (!with.isEmpty() || !without.isEmpty()) {
                taught.add(new Taught(
                        cause.id(),
                        before.finding(),
                        before.t(),
                        after.t(),
                        before.f(),
                        after.f(),
                        with.size(),
                        without.size()));
            }
        }
        return new CauseTable.Cause(
                cause.id(),
                cause.text(),
                cause.prior(),
                cause.priorWhen(),
                cause.decisive(),
                cause.decidesFalse(),
                cause.gate(),
                List.copyOf(evidence),
                cause.remedies());
    }

    /** Answers that were given; what was not looked at teaches nothing. */
    private static List<Boolean> answers(List<Outcome> outcomes, boolean present, String finding) {
        return outcomes.stream()
                .filter(outcome -> outcome.present() == present)
                .map(outcome -> outcome.findings().get(finding))
                .filter(answer -> answer != null)
                .toList();
    }

    private static double updated(double share, List<Boolean> answers) {
        if (answers.isEmpty()) {
            return share;
        }
        long seen = answers.stream().filter(Boolean::booleanValue).count();
        return (PRIOR_CASES * share + seen) / (PRIOR_CASES + answers.size());
    }
}
