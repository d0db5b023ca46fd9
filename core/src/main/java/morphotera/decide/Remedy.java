package morphotera.decide;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.decide.sheets.Sheets;
import morphotera.ground.Chance;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;
import morphotera.ground.Refused;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.EntryCheck;
import morphotera.measure.Grade;

/** An action, with its sum where it has one: one file holds what it is, what it takes and how much of it. */
public interface Remedy {
    /** Draws that a range of answers is made of, and the seed that makes them the same each time. */
    int DRAWS = 500;

    long SEED = 20_311;
    String SPREAD = "spread";

    Description description();

    /** Refuses what single fields cannot know; values may be absent here. */
    default void check(Entered in, EntryCheck check) {}

    void calculate(Entered in, Draft out);

    /**
     * @param fields what the sum takes; none for an action without a sum
     * @param from where a value may be taken from, the first that is known: field key to {@code method.measure}, or
     *     what {@link Filled} knows of the field, its texture, the day and the causes
     * @param months when it is done, 1 to 12, in the northern half of the world; six later in the southern
     * @param cost made up and meant to be edited
     * @param effect how long until it shows
     * @param range where it holds
     * @param cautions what always goes with it
     * @param uses of the land that it is for; none named: any
     * @param decides who has the last word, where that is not the grower
     * @param example an input that calculates
     */
    record Description(
            String id,
            String name,
            String purpose,
            Grade grade,
            List<Entry> fields,
            Map<String, List<String>> from,
            List<Integer> months,
            Cost cost,
            String effect,
            String range,
            String source,
            List<String> cautions,
            List<String> watch,
            List<String> uses,
            @Nullable String decides,
            Map<String, Object> example) {

        /** Whether it is for land of this use. */
        public boolean isFor(String use) {
            return uses.isEmpty() || uses.contains(use);
        }

        public static Builder of(String id, String name) {
            return new Builder(id, name);
        }

        /** Says a remedy part by part; what is not said is empty. */
        public static final class Builder {
            private final String id;
            private final String name;
            private String purpose;
            private Grade grade;
            private List<Entry> fields = List.of();
            private Map<String, List<String>> from = Map.of();
            private List<Integer> months = List.of();
            private Cost cost;
            private String effect;
            private String range = "";
            private String source = "";
            private List<String> cautions = List.of();
            private List<String> watch = List.of();
            private List<String> uses = List.of();
            private String decides;
            private Map<String, Object> example = Map.of();

            private Builder(String id, String name) {
                this.id = id;
                this.name = name;
            }

            public Builder purpose(String says) {
                purpose = says;
                return this;
            }

            public Builder grade(Grade of) {
                grade = of;
                return this;
            }

            public Builder fields(Entry... all) {
                fields = List.of(all);
                return this;
            }

            public Builder from(Map<String, List<String>> places) {
                from = places;
                return this;
            }

            public Builder months(Integer... all) {
                return months(List.of(all));
            }

            public Builder months(List<Integer> all) {
                months = all;
                return this;
            }

            public Builder cost(Cost of) {
                cost = of;
                return this;
            }

            public Builder effect(String says) {
                effect = says;
                return this;
            }

            public Builder range(String says) {
                range = says;
                return this;
            }

            public Builder source(String says) {
                source = says;
                return this;
            }

            public Builder cautions(String... all) {
                return cautions(List.of(all));
            }

            public Builder cautions(List<String> all) {
                cautions = all;
                return this;
            }

            public Builder watch(String... all) {
                return watch(List.of(all));
            }

            public Builder watch(List<String> all) {
                watch = all;
                return this;
            }

            public Builder uses(List<String> all) {
                uses = all;
                return this;
            }

            public Builder decides(String says) {
                decides = says;
                return this;
            }

            public Builder example(Map<String, Object> input) {
                example = input;
                return this;
            }

            public Description build() {
                return new Description(
                        id, name, purpose, grade, fields, from, months, cost, effect, range, source, cautions, watch,
                        uses, decides, example);
            }
        }
    }

    /** A made-up price: so much for each tonne, hectare, sample or the like. */
    record Cost(double amount, String per) {}

    /** One line of the sum: the formula in words, and the same with the numbers in it. */
    record Line(String key, String label, String formula, String filled, double value, String unit) {}

    record Reason(String code, String text) {}

    /** Where an answer lies with nine chances of ten, given the spread of what went in. */
    record Range(double low, double high) {}

    /**
     * The answer, why, and what to mind.
     *
     * @param ranges by key of the answer, where the input carries a spread; empty else
     * @param narrowed by key of the input: the range of the last line if that one were known; the narrowest first
     */
    record Answer(
            String remedy,
            Grade grade,
            Map<String, Object> answer,
            Map<String, Range> ranges,
            Map<String, Range> narrowed,
            List<Line> lines,
            List<Reason> because,
            List<String> cautions) {}

    /** Collects an answer. */
    final class Draft {
        private final Sheets sheets;
        private final Map<String, Object> answer = new LinkedHashMap<>();
        private final List<Line> lines = new ArrayList<>();
        private final List<Reason> because = new ArrayList<>();
        private final List<String> cautions = new ArrayList<>();

        Draft(Sheets sheets) {
            this.sheets = sheets;
        }

        /** The tables the sum goes by. */
        public Sheets sheets() {
            return sheets;
        }

        public void line(String key, String label, String formula, String filled, double value, String unit) {
            answer.put(key, value);
            lines.add(new Line(key, label, formula, filled, value, unit));
        }

        /** Part of the answer that is no number: a word, a yes or no, a list. */
        public void say(String key, Object value) {
            answer.put(key, value);
        }

        public void because(String code, String text) {
            because.add(new Reason(code, text));
        }

        public void caution(String text) {
            cautions.add(text);
        }
    }

    /**
     * Calculates from an input; {@code spread} in it gives a standard deviation for any number of it, in that number's unit.
     *
     * @throws Refused with everything that is wrong
     */
    static Answer calculate(Remedy remedy, Map<String, ?> input) {
        return calculate(remedy, input, Sheets.SHIPPED);
    }

    /** The same by a practice's own tables. */
    static Answer calculate(Remedy remedy, Map<String, ?> input, Sheets sheets) {
        Description description = remedy.description();
        EntryCheck check = new EntryCheck();
        Entered in = check.object("", fields(description), input);
        remedy.check(in, check);
        if (!check.refusals().isEmpty()) {
            throw new Refused(check.refusals());
        }
        Draft out = new Draft(sheets);
        remedy.calculate(in, out);
        Map<String, Range> ranges = new LinkedHashMap<>();
        Map<String, Range> narrowed = new LinkedHashMap<>();
        if (in.has(SPREAD)) {
            ranges = ranges(remedy, in, List.of(), out);
            narrowed = narrowed(remedy, in, out, ranges);
        }
        List<String> cautions = new ArrayList<>(out.cautions);
        cautions.addAll(description.cautions());
        return new Answer(
                description.id(),
                description.grade(),
                out.answer,
                ranges,
                narrowed,
                List.copyOf(out.lines),
                List.copyOf(out.because),
                cautions);
    }

    /** What an input may hold: the remedy's own fields, and a spread for each number that stands by itself. */
    static List<Entry> fields(Description description) {
        Entry[] each = description.fields().stream()
                .filter(field -> field.kind() == Entry.Kind.NUMBER && !field.whole())
                .map(field -> Entry.number(
                                field.key(),
                                field.label() + ", spread",
                                field.unit(),
                                0,
                                field.range().max() - field.range().min())
                        .optional())
                .toArray(Entry[]::new);
        List<Entry> fields = new ArrayList<>(description.fields());
        if (each.length > 0) {
            fields.add(Entry.group(SPREAD, "Spread", each)
                    .optional()
                    .hint("Standard deviations, in each number's unit; the answer then has ranges."));
        }
        return fields;
    }

    /** What the last line's range would be, were one of the inputs known: what a laboratory's test of it is worth. */
    private static Map<String, Range> narrowed(Remedy remedy, Entered in, Draft out, Map<String, Range> ranges) {
        String last =
                out.lines.isEmpty() ? "" : out.lines.get(out.lines.size() - 1).key();
        Map<String, Range> narrowed = new LinkedHashMap<>();
        if (!ranges.containsKey(last)) {
            return narrowed;
        }
        Map<String, Range> found = new LinkedHashMap<>();
        Entered spread = in.group(SPREAD);
        for (Entry field : remedy.description().fields()) {
            if (spread.has(field.key()) && in.has(field.key())) {
                Range left = ranges(remedy, in, List.of(field.key()), new Draft(out.sheets))
                        .get(last);
                double value = (Double) out.answer.get(last);
                found.put(field.key(), left == null ? new Range(value, value) : left);
            }
        }
        found.entrySet().stream()
                .sorted(Comparator.comparingDouble(
                        one -> one.getValue().high() - one.getValue().low()))
                .forEach(one -> narrowed.put(one.getKey(), one.getValue()));
        return narrowed;
    }

    private static Map<String, Range> ranges(Remedy remedy, Entered in, List<String> known, Draft central) {
        Chance random = new Chance(SEED);
        Map<String, List<Double>> drawn = new LinkedHashMap<>();
        int nothing = 0;
        int unfit = 0;
        for (int i = 0; i < DRAWS; i++) {
            Entered draw = draw(remedy, in, known, random);
            EntryCheck check = new EntryCheck();
            remedy.check(draw, check);
            if (!check.refusals().isEmpty()) {
                boolean done = check.refusals().stream()
                        .anyMatch(refusal -> refusal.code().equals("nothing-to-do"));
                nothing += done ? 1 : 0;
                unfit += done ? 0 : 1;
                continue;
            }
            Draft out = new Draft(central.sheets);
            remedy.calculate(draw, out);
            out.lines.forEach(line ->
                    drawn.computeIfAbsent(line.key(), key -> new ArrayList<>()).add(line.value()));
        }
        if (nothing > 0) {
            central.because(
                    "nothing-in-some",
                    "In " + nothing + " of " + DRAWS
                            + " draws nothing was to be done; the range is that of the others.");
        }
        if (unfit > 0) {
            central.because(
                    "unfit-in-some",
                    "In " + unfit + " of " + DRAWS
                            + " draws the readings, each as far out as it may be, did not go together; the range is that of the others.");
        }
        Map<String, Range> ranges = new LinkedHashMap<>();
        drawn.forEach((key, values) -> {
            Range range = new Range(Numbers.quantile(values, 0.05), Numbers.quantile(values, 0.95));
            // What the spread does not touch has no range.
            if (range.low() < range.high()) {
                ranges.put(key, range);
            }
        });
        return ranges;
    }

    private static Entered draw(Remedy remedy, Entered in, List<String> known, Chance random) {
        Entered spread = in.group(SPREAD);
        Entered draw = in;
        for (Entry field : remedy.description().fields()) {
            if (spread.has(field.key()) && in.has(field.key())) {
                // Drawn for what is known as well, so that the others are drawn the same.
                double out = spread.number(field.key()) * random.nextGaussian();
                double x = in.number(field.key()) + (known.contains(field.key()) ? 0 : out);
                double low = field.range().min();
                draw = draw.with(
                        field.key(), Math.max(low, Math.min(field.range().max(), x)));
            }
        }
        return draw;
    }
}
