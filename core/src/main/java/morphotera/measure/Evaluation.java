package morphotera.measure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.ground.Band;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.ground.Words;

/**
 * What comes of one reading. A measure whose value is null was looked for and not found; one that is missing was not
 * looked for, and so is a yes or no that is null. {@code hollow} names the keys that are shown and are no evidence, {@code
 * score} among them. {@code score} null: context only, or not to be scored, and a flag or reason says why.
 */
public record Evaluation(
        String method,
        Grade grade,
        Group group,
        List<Measure> measures,
        Map<String, Object> words,
        Double score,
        @Nullable Band band,
        List<Reason> because,
        List<Flag> flags,
        @Nullable Curves.Placed placed,
        List<String> hollow) {

    public static final String SCORE = "score";
    public static final String CONDITIONS = "conditions";

    /**
     * One number with its unit; a repeated one has an index from 0 or a depth.
     *
     * @param plusMinus where the reading is coarse
     * @param estimated whether it stands for a class and was not measured
     */
    public record Measure(
            String key,
            Double value,
            @Nullable String unit,
            Double depthCm,
            Integer index,
            Double plusMinus,
            boolean estimated) {}

    /** A reason: its code and its words. */
    public record Reason(String code, String text) {}

    /** How much a flag weighs. */
    public enum Level implements Coded {
        INFO,
        WARNING
    }

    /** Something to know about a reading; with a warning it is shown but is no evidence. */
    public record Flag(String code, Level level, String text) {}

    private static final Set<String> WARNINGS = Set.of(
            "conditions",
            "season",
            "water",
            "salt-hides",
            "moist-crumbs",
            "not-presoaked",
            "dry-hole",
            "estimated",
            "young",
            "approximate",
            "contradiction",
            "clay-not-settled",
            "hours",
            "char");

    /** Whether a flag of that code keeps a reading from being evidence. */
    public static boolean isWarning(String code) {
        return WARNINGS.contains(code);
    }

    /** The measure of that key that comes once; null where there is none. */
    public @Nullable Measure measure(String key) {
        for (Measure measure : measures) {
            if (measure.key().equals(key) && measure.depthCm() == null && measure.index() == null) {
                return measure;
            }
        }
        return null;
    }

    /** Whether what stands under this key may speak for or against a cause, enter a mean, a change. */
    public boolean counts(String key) {
        return !hollow.contains(key);
    }

    /** The first warning on it; it has one where anything of it is hollow. */
    public Flag warning() {
        return flags.stream()
                .filter(flag -> flag.level() == Level.WARNING)
                .findFirst()
                .orElseThrow();
    }

    /** The keys that these flags touch: the day's flag those that need the day, any other warning all of them. */
    public static List<String> hollow(Description description, List<Flag> flags) {
        boolean whole = false;
        boolean day = false;
        for (Flag flag : flags) {
            boolean ofTheDay = flag.code().equals(CONDITIONS);
            day |= ofTheDay;
            whole |= flag.level() == Level.WARNING && !ofTheDay && isWarning(flag.code());
        }
        List<String> keys = new ArrayList<>();
        for (Result result : description.results()) {
            if (whole || (day && result.needsDay())) {
                keys.add(result.key());
            }
        }
        if (whole || day) {
            keys.add(SCORE);
        }
        return List.copyOf(keys);
    }

    /** Collects what a method finds out. */
    public static final class Draft {
        private final Description description;
        private final List<Measure> measures = new ArrayList<>();
        private final Map<String, Object> words = new LinkedHashMap<>();
        private final List<Reason> because = new ArrayList<>();
        private final List<Flag> flags = new ArrayList<>();
        private final Set<String> touched = new LinkedHashSet<>();
        private Grade grade;
        private Double score;
        private Curves.Placed placed;

        Draft(Description description) {
            this.description = description;
            this.grade = description.grade();
        }

        public Draft measure(String key, Double value, String unit) {
            measures.add(new Measure(key, value, unit, null, null, null, false));
            return this;
        }

        public Draft coarse(String key, Double value, String unit, Double plusMinus) {
            measures.add(new Measure(key, value, unit, null, null, plusMinus, false));
            return this;
        }

        public Draft at(String key, double value, String unit, double depthCm) {
            measures.add(new Measure(key, value, unit, depthCm, null, null, false));
            return this;
        }

        public Draft each(String key, double value, String unit, int index) {
            measures.add(new Measure(key, value, unit, null, index, null, false));
            return this;
        }

        public Draft estimated(String key, Double value, String unit) {
            measures.add(new Measure(key, value, unit, null, null, null, true));
            return this;
        }

        /** The grade of this reading, where the way it was made decides. */
        public Draft grade(Grade of) {
            grade = of;
            return this;
        }

        /** A word, a yes/no or a list of words; null means looked for and not found. */
        public Draft word(String key, Object value) {
            words.put(key, value);
            return this;
        }

        public Draft score(double value) {
            score = value;
            return this;
        }

        public Draft score(Curves.Placed by) {
            placed = by;
            score = by.score();
            return this;
        }

        /** Keeps the score at or under a limit. */
        public Draft cap(double limit) {
            if (score != null) {
                score = Math.min(score, limit);
            }
            return this;
        }

        public Draft because(String code, Map<String, ?> values) {
            because.add(new Reason(code, Words.fill(template(code), values)));
            return this;
        }

        public Draft because(String code) {
            return because(code, Map.of());
        }

        public Draft flag(String code, Map<String, ?> values) {
            flags.add(new Flag(code, isWarning(code) ? Level.WARNING : Level.INFO, Words.fill(template(code), values)));
            return this;
        }

        public Draft flag(String code) {
            return flag(code, Map.of());
        }

        String method() {
            return description.id();
        }

        /** Whether it says anything under this key. */
        boolean has(String key) {
            return key.equals(SCORE)
                    ? score != null
                    : words.get(key) != null
                            || measures.stream().anyMatch(one -> one.key().equals(key) && one.value() != null);
        }

        /** A flag that keeps these keys alone from being evidence; none: something to know. */
        void flag(String code, List<String> keys, String text) {
            flags.add(new Flag(code, keys.isEmpty() ? Level.INFO : Level.WARNING, text));
            touched.addAll(keys);
        }

        /** The day did not suit the method: what needs it is shown and is no evidence. */
        void wrongDay() {
            List<String> named = new ArrayList<>();
            for (Result result : description.results()) {
                if (result.needsDay()) {
                    named.add("“" + result.label() + "”");
                }
            }
            boolean all = named.size() == description.results().size();
            flags.add(
                    new Flag(
                            CONDITIONS,
                            Level.WARNING,
                            all || named.isEmpty()
                                    ? "The soil was not right for this test that day: it is kept and shown, and is no evidence."
                                    : "The soil was not right that day for " + String.join(", ", named)
                                            + " and the score: they are kept and shown, and are no evidence. The rest counts."));
        }

        private String template(String code) {
            String text = description.words().get(code);
            if (text == null) {
                throw new IllegalArgumentException("method " + description.id() + " has no words for '" + code
                        + "'; it has: " + description.words().keySet());
            }
            return text;
        }

        Evaluation done() {
            return new Evaluation(
                    description.id(),
                    grade,
                    description.group(),
                    List.copyOf(measures),
                    words,
                    score,
                    score == null ? null : Band.of(score),
                    List.copyOf(because),
                    List.copyOf(flags),
                    placed,
                    hollow());
        }

        private List<String> hollow() {
            Set<String> keys = new LinkedHashSet<>(Evaluation.hollow(description, flags));
            touched.stream().filter(this::has).forEach(keys::add);
            return List.copyOf(keys);
        }
    }
}
