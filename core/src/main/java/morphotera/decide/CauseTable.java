package morphotera.decide;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import morphotera.ground.Nullable;
import morphotera.ground.Tree;

/**
 * The versioned table of causes: how often each finding is seen where a cause is present ({@code t}) and where it is not
 * ({@code f}). A first expert judgement, meant to be edited.
 */
public record CauseTable(
        String name,
        int version,
        String note,
        List<List<String>> clusters,
        List<Finding> findings,
        List<Cause> causes) {

    /** Something that can be seen or computed; {@code methods} that settle it, none where only eyes do. */
    public record Finding(String id, String text, List<String> methods, Condition when) {
        public boolean isTicked() {
            return ticked(when);
        }

        private static boolean ticked(Condition condition) {
            return condition instanceof Condition.Ticked
                    || condition.parts().stream().anyMatch(Finding::ticked);
        }
    }

    /** How often the finding is seen with the cause and without it. */
    public record Evidence(String finding, double t, double f) {
        public Evidence {
            if (!(t > 0 && t < 1 && f > 0 && f < 1)) {
                throw new IllegalArgumentException(
                        "t and f of '" + finding + "' lie between 0 and 1, were " + t + ", " + f);
            }
        }

        /** Natural log of how many times likelier the answer is with the cause than without. */
        double weight(boolean seen) {
            return seen ? Math.log(t / f) : Math.log((1 - t) / (1 - f));
        }
    }

    /** A prior for where all of these hold. */
    public record PriorWhen(Map<String, Object> holds, double prior) {}

    /**
     * @param decisive the finding that settles it; null where none does
     * @param decidesFalse whether its being false settles it too
     * @param gate what must not be done first; null where nothing is gated
     */
    public record Cause(
            String id,
            String text,
            double prior,
            List<PriorWhen> priorWhen,
            @Nullable String decisive,
            boolean decidesFalse,
            @Nullable Gate gate,
            List<Evidence> evidence,
            List<String> remedies) {}

    /**
     * @param from how many findings raise it
     * @param in where it always stands, and one finding is enough; empty where nowhere
     */
    public record Gate(String text, int from, Map<String, Object> in) {}

    /** Reads the table as it ships: clusters, findings with their conditions, causes with prior and evidence. */
    public static CauseTable of(Object table) {
        Tree tree = Tree.of(table);
        return new CauseTable(
                tree.at("name").text(),
                (int) tree.at("version").number(),
                tree.at("note").text(),
                tree.at("clusters").each(cluster -> cluster.each(Tree::text)),
                tree.at("findings")
                        .each(one -> new Finding(
                                one.at("id").text(),
                                one.at("text").text(),
                                one.at("methods").each(Tree::text),
                                Condition.of(one.at("when")))),
                tree.at("causes").each(CauseTable::cause));
    }

    private static Cause cause(Tree one) {
        return new Cause(
                one.at("id").text(),
                one.at("text").text(),
                one.at("prior").number(),
                one.eachOrNone("priorWhen", CauseTable::priorWhen),
                one.textOrNull("decisive"),
                !"true".equals(one.textOrNull("decides")),
                one.has("gate") ? gate(one) : null,
                one.at("evidence")
                        .each(piece -> new Evidence(
                                piece.at("finding").text(),
                                piece.at("t").number(),
                                piece.at("f").number())),
                one.at("remedies").each(Tree::text));
    }

    private static Gate gate(Tree one) {
        return new Gate(
                one.at("gate").text(),
                one.has("gateFrom") ? (int) one.at("gateFrom").number() : 1,
                one.has("gateIn") ? one.at("gateIn").map() : Map.of());
    }

    private static PriorWhen priorWhen(Tree when) {
        Map<String, Object> holds = when.map();
        holds.remove("prior");
        return new PriorWhen(holds, when.at("prior").number());
    }

    public Optional<Finding> finding(String id) {
        return findings.stream().filter(finding -> finding.id().equals(id)).findFirst();
    }

    /** The causes that list this remedy. */
    public List<String> servedBy(String remedy) {
        return causes.stream()
                .filter(cause -> cause.remedies().contains(remedy))
                .map(Cause::id)
                .toList();
    }

    /** The cluster of findings that tell much the same story, or the finding's own id. */
    String clusterOf(String finding) {
        for (int i = 0; i < clusters.size(); i++) {
            if (clusters.get(i).contains(finding)) {
                return "#" + i;
            }
        }
        return finding;
    }
}
