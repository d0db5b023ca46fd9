package morphotera.decide;

import java.util.ArrayList;
import java.util.List;
import morphotera.ground.Decimal;
import morphotera.ground.Nullable;
import morphotera.ground.Tree;
import morphotera.measure.SaltTable;

/** When a finding is true, as the cause table writes it. */
public sealed interface Condition {
    /**
     * Reads {@code {any: […]}}, {@code {all: […]}}, {@code {first: […]}}, {@code {ticked: true}} or {@code {measure,
     * below|atLeast|atMost|is}}, a limit with {@code narrowed}, {@code meanOf} or {@code spots}.
     */
    static Condition of(Tree when) {
        if (when.has("any")) {
            return new Any(when.at("any").each(Condition::of));
        } else if (when.has("all")) {
            return new All(when.at("all").each(Condition::of));
        } else if (when.has("first")) {
            return new First(when.at("first").each(Condition::of));
        } else if (when.has("ticked")) {
            return new Ticked();
        }
        String measure = when.at("measure").text();
        if (when.has("is")) {
            return new Is(measure, when.at("is").value());
        }
        for (Sense sense : Sense.values()) {
            if (when.has(sense.key)) {
                return new Limit(
                        measure,
                        sense,
                        when.at(sense.key).number(),
                        when.eachOrNone("narrowed", narrow -> Narrowed.of(narrow, sense)),
                        when.has("meanOf") ? (int) when.at("meanOf").number() : 0,
                        "quarter".equals(when.textOrNull("spots")));
            }
        }
        throw new IllegalArgumentException(
                "no limit for '" + measure + "'; one of below, atLeast, atMost, is belongs there");
    }

    /** The measures and words it reads, as {@code method.key}. */
    default List<String> measures() {
        List<String> measures = new ArrayList<>();
        if (this instanceof Limit limit) {
            measures.add(limit.measure());
        } else if (this instanceof Is is) {
            measures.add(is.measure());
        }
        for (Condition part : parts()) {
            measures.addAll(part.measures());
        }
        return measures;
    }

    /** What it is made of; none for a single limit, word or tick. */
    default List<Condition> parts() {
        return List.of();
    }

    /**
     * A number under, at or over a limit; measure as {@code method.key}.
     *
     * @param meanOf the zone's mean decides, of that many spots or more; 0 where each spot judges by itself
     * @param quarter a quarter of the spots, two at least, makes it true
     */
    record Limit(String measure, Sense sense, double limit, List<Narrowed> narrowed, int meanOf, boolean quarter)
            implements Condition {

        /** The limit for this crop and use: the first narrowing that fits, else the table's own. */
        double limitFor(Facts.Asked asked) {
            for (Narrowed one : narrowed) {
                if (one.fits(asked)) {
                    return one.limitFor(asked.bears());
                }
            }
            return limit;
        }

        boolean holds(double x, double against) {
            return sense.holds(Decimal.round(x, 9), Decimal.round(against, 9));
        }
    }

    /** A limit of a crop or a land use of its own. {@code limit} null: by the salt table, 10 % of the yield lost, 4 dS/m at most. */
    record Narrowed(
            @Nullable String crop,
            @Nullable String use,
            @Nullable Double limit) {
        private static final String OF_SALT_LIST = "of the salt list";
        private static final double MOST_DS_PER_M = 4;
        private static final double YIELD_LOST_PERCENT = 10;

        static Narrowed of(Tree narrow, Sense sense) {
            Object limit = narrow.at(sense.key).value();
            return new Narrowed(
                    narrow.textOrNull("crop"),
                    narrow.textOrNull("use"),
                    limit instanceof Number number ? Double.valueOf(number.doubleValue()) : null);
        }

        boolean fits(Facts.Asked asked) {
            boolean cropFits =
                    crop == null || (crop.equals(OF_SALT_LIST) ? asked.bears() != null : crop.equals(asked.crop()));
            return cropFits && (use == null || use.equals(asked.use()));
        }

        double limitFor(@Nullable SaltTable.Tolerance bears) {
            if (limit != null) {
                return limit;
            }
            return Math.min(MOST_DS_PER_M, bears.fromDSPerM() + YIELD_LOST_PERCENT / bears.percentPerDSPerM());
        }
    }

    /** A word or yes/no that is this value. */
    record Is(String measure, Object value) implements Condition {}

    /** True by one true part. */
    record Any(@Override List<Condition> parts) implements Condition {}

    /** True by all its parts. */
    record All(@Override List<Condition> parts) implements Condition {}

    /** Ways to one quantity, the better first: the first that is known decides. */
    record First(@Override List<Condition> parts) implements Condition {}

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
