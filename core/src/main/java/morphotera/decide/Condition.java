package morphotera.decide;

import java.util.List;

/** When a finding is true, as the cause table writes it. */
public sealed interface Condition {
    /** A number under, at or over a limit; measure as {@code method.key}. */
    record Limit(String measure, Sense sense, double limit) implements Condition {}

    /** A word or yes/no that is this value. */
    record Is(String measure, Object value) implements Condition {}

    record Any(List<Condition> parts) implements Condition {}

    record All(List<Condition> parts) implements Condition {}

    /** What only eyes see. */
    record Ticked() implements Condition {}

    /** Which side of the limit makes it true. */
    enum Sense {
        BELOW,
        AT_LEAST,
        AT_MOST;

        boolean holds(double x, double limit) {
            return switch (this) {
                case BELOW -> x < limit;
                case AT_LEAST -> x >= limit;
                case AT_MOST -> x <= limit;
            };
        }
    }
}
