package morphotera.decide;

import java.util.List;
import morphotera.ground.Tree;

/** When a finding is true, as the cause table writes it. */
public sealed interface Condition {
    /** Reads {@code {any: […]}}, {@code {all: […]}}, {@code {ticked: true}} or {@code {measure, below|atLeast|atMost|is}}. */
    static Condition of(Tree when) {
        if (when.has("any")) {
            return new Any(when.at("any").each(Condition::of));
        } else if (when.has("all")) {
            return new All(when.at("all").each(Condition::of));
        } else if (when.has("ticked")) {
            return new Ticked();
        }
        String measure = when.at("measure").text();
        if (when.has("is")) {
            return new Is(measure, when.at("is").value());
        }
        for (Sense sense : Sense.values()) {
            if (when.has(sense.key)) {
                return new Limit(measure, sense, when.at(sense.key).number());
            }
        }
        throw new IllegalArgumentException(
                "no limit for '" + measure + "'; one of below, atLeast, atMost, is belongs there");
    }

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
        BELOW("below"),
        AT_LEAST("atLeast"),
        AT_MOST("atMost");

        private final String key;

        Sense(String key) {
            this.key = key;
        }

        boolean holds(double x, double limit) {
            return switch (this) {
                case BELOW -> x < limit;
                case AT_LEAST -> x >= limit;
                case AT_MOST -> x <= limit;
            };
        }
    }
}
