package morphotera.follow;

import java.util.List;
import java.util.Map;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;

/**
 * What practice specimens say of who made two visits, method by method; where they say nothing, the usual holds.
 *
 * @param before skills of the first visit's observer by method; {@code after} of the second's
 */
public record Practised(boolean sameObserver, Map<String, Skill> before, Map<String, Skill> after) {

    /**
     * How well somebody judges by one method, in points of its score.
     *
     * @param n specimens judged
     * @param lean mean error: above zero, they judge too kindly
     * @param spread e: the standard deviation of their errors
     * @param bias b: how far off their whole day may be, from the lean and from how well so few specimens tell it
     */
    public record Skill(int n, double lean, double spread, double bias) {
        /** Fewer specimens tell a person from chance too badly. */
        public static final int FEWEST = 5;

        /** Null where there are too few errors. */
        public static @Nullable Skill of(List<Double> errors) {
            if (errors.size() < FEWEST) {
                return null;
            }
            double lean = Numbers.mean(errors);
            double spread = Numbers.sd(errors);
            return new Skill(errors.size(), lean, spread, Math.sqrt(lean * lean + spread * spread / errors.size()));
        }
    }

    public static Practised nobody(boolean sameObserver) {
        return new Practised(sameObserver, Map.of(), Map.of());
    }

    /** What both add to a change of this method. One observer leans the same way twice: it cancels. */
    Change.Observers observers(String method, boolean judged) {
        Change.Observers usual = Change.Observers.usual(judged, sameObserver);
        Skill then = before.get(method);
        Skill now = after.get(method);
        double was = then == null ? usual.spread() : then.spread();
        double is = now == null ? usual.spread() : now.spread();
        return new Change.Observers(
                Math.sqrt((was * was + is * is) / 2),
                sameObserver ? 0 : then == null ? usual.biasBefore() : then.bias(),
                sameObserver ? 0 : now == null ? usual.biasAfter() : now.bias());
    }
}
