package morphotera.decide;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import morphotera.ground.Band;
import morphotera.ground.Nullable;
import morphotera.measure.Group;
import morphotera.measure.methods.Methods;
import morphotera.read.FieldScores;
import morphotera.read.MethodScore;

/** What is good about ground that has no cause to mend, and what keeps it so. */
public record Good(List<Strength> strong, List<Keep> keep) {
    private static final int MOST = 6;

    /** A test that holds or thrives; {@code spots} it was read at. */
    public record Strength(String method, String methodName, Group group, double score, int spots) {}

    /** What keeps a group as it is. */
    public record Keep(Group group, double score, String text) {}

    /** Null where something is likely, possible or gated, or where nothing that holds was read. */
    static @Nullable Good of(List<Causes.Judged> causes, FieldScores scores) {
        boolean mends = causes.stream()
                .anyMatch(one ->
                        one.gate() != null || one.word() == Causes.Word.LIKELY || one.word() == Causes.Word.POSSIBLE);
        List<MethodScore> holding = scores.methods().stream()
                .filter(one -> one.inGroup() && one.n() > 0 && holds(one.mean()) && keeping(one.group()) != null)
                .sorted(Comparator.comparingDouble((MethodScore one) -> -one.mean())
                        .thenComparing(MethodScore::method))
                .toList();
        if (mends || holding.isEmpty()) {
            return null;
        }
        List<Keep> keep = new ArrayList<>();
        scores.groups().stream()
                .filter(one -> holds(one.score()))
                .sorted(Comparator.comparingDouble(one -> -one.score()))
                .forEach(one -> keep.add(new Keep(one.group(), one.score(), keeping(one.group()))));
        return new Good(
                holding.stream()
                        .limit(MOST)
                        .map(one -> new Strength(
                                one.method(), Methods.nameOf(one.method()), one.group(), one.mean(), one.n()))
                        .toList(),
                List.copyOf(keep));
    }

    private static boolean holds(double score) {
        Band band = Band.of(score);
        return band == Band.THRIVING || band == Band.HOLDING;
    }

    private static @Nullable String keeping(Group group) {
        return switch (group) {
            case WATER -> "Keep it covered, so that rain goes in where it falls: residue left, no bare month.";
            case STRUCTURE ->
                "Work it and drive on it only while it crumbles; wheels in lanes, stock off while it is wet.";
            case CHEMISTRY -> "Read pH and salt at each routine visit: small dressings in time save large ones.";
            case LIFE -> "Feed it every year with residue, manure or a green crop, and turn it as little as may be.";
            case ROOTS -> "Something deep-rooted every other year keeps the way down open.";
            case CARBON -> "Bring back as much as is taken: straw, manure, leys.";
            case PLANTS, CONTEXT -> null;
        };
    }
}
