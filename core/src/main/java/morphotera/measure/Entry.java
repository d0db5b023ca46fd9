package morphotera.measure;

import java.util.List;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;

/**
 * One thing entered in a reading: its key (with the unit in it), its words, its range. The same description checks a
 * reading, draws the bench and documents the API. {@code preset} stands in where nothing was entered;
 * {@code part} is what the bench makes it with.
 */
public record Entry(
        String key,
        String label,
        Kind kind,
        boolean required,
        @Nullable String unit,
        @Nullable Range range,
        boolean whole,
        @Nullable Object preset,
        List<Option> options,
        List<Entry> fields,
        int minItems,
        int startItems,
        Part part,
        @Nullable String hint) {

    /** How deep what is tested was taken, where a method has it: it tells readings of one cell apart. */
    public static final Entry SAMPLE_DEPTH = cm("depthCm", "Depth").optional();

    /** The kinds of entry; WORDS is a list of options, COUNTS a whole number by name, TEXT a line of the person's own. */
    public enum Kind implements Coded {
        NUMBER,
        CHOICE,
        YES_NO,
        TEXT,
        WORDS,
        COUNTS,
        LIST,
        GROUP
    }

    /** The part of the bench that an entry is made with; several marks or shares of one step are made together. */
    public enum Part implements Coded {
        NUMBER,
        COUNT,
        TIMED,
        LEVELS,
        LAYERS,
        PROFILE,
        SPECIMENS,
        DRAWN,
        MARKS,
        SHARES,
        COLOURS,
        YES_NO,
        WORDS,
        NOTE,
        PICTURE,
        CHART
    }

    /** From min to max; min itself is refused where {@code aboveMin}. */
    public record Range(double min, double max, boolean aboveMin) {
        boolean holds(double x) {
            return (aboveMin ? x > min : x >= min) && x <= max;
        }
    }

    /** One step of a scale: the word stored, its label, and the sentence that tells it from its neighbours. */
    public record Option(
            String word, String label, @Nullable String sentence) {}

    public static Entry number(String key, String label, @Nullable String unit, double min, double max) {
        Range range = new Range(min, max, false);
        return new Entry(
                key, label, Kind.NUMBER, true, unit, range, false, null, List.of(), List.of(), 0, 0, Part.NUMBER, null);
    }

    /** A length, height or depth in mm, 0 to 5000. */
    public static Entry mm(String key, String label) {
        return number(key, label, "mm", 0, 5000);
    }

    /** A depth in cm, 0 to 300. */
    public static Entry cm(String key, String label) {
        return number(key, label, "cm", 0, 300);
    }

    public static Entry seconds(String key, String label) {
        return number(key, label, "s", 0, 86_400).aboveZero();
    }

    public static Entry minutes(String key, String label) {
        return number(key, label, "min", 0, 2880);
    }

    public static Entry hours(String key, String label) {
        return number(key, label, "h", 0, 336).aboveZero();
    }

    public static Entry ml(String key, String label) {
        return number(key, label, "ml", 0, 100_000).aboveZero();
    }

    public static Entry percent(String key, String label) {
        return number(key, label, "%", 0, 100);
    }

    public static Entry share(String key, String label) {
        return number(key, label, "share", 0, 1);
    }

    public static Entry celsius(String key, String label) {
        return number(key, label, "°C", -10, 60);
    }

    public static Entry kPa(String key, String label) {
        return number(key, label, "kPa", 0, 10_000);
    }

    public static Entry pH(String key, String label) {
        return number(key, label, "pH", 2, 11);
    }

    /** Something counted, 0 to 10,000. */
    public static Entry count(String key, String label) {
        return number(key, label, null, 0, 10_000).counted();
    }

    public static Entry choice(String key, String label, Option... options) {
        return of(key, label, Kind.CHOICE, List.of(options), List.of(), 0, 0);
    }

    public static Entry yesNo(String key, String label) {
        return of(key, label, Kind.YES_NO, List.of(), List.of(), 0, 0);
    }

    /** A line of the person's own, {@value EntryCheck#LONGEST_TEXT} signs at most. */
    public static Entry text(String key, String label) {
        return of(key, label, Kind.TEXT, List.of(), List.of(), 0, 0);
    }

    /** A list of these words; one may stand there more than once. */
    public static Entry words(String key, String label, int minItems, Option... options) {
        return of(key, label, Kind.WORDS, List.of(options), List.of(), minItems, minItems);
    }

    /** A whole number by name; the options are names to begin with, others are welcome. */
    public static Entry counts(String key, String label, Option... names) {
        return of(key, label, Kind.COUNTS, List.of(names), List.of(), 1, names.length);
    }

    public static Entry list(String key, String label, int minItems, int startItems, Entry... fields) {
        return of(key, label, Kind.LIST, List.of(), List.of(fields), minItems, startItems);
    }

    public static Entry group(String key, String label, Entry... fields) {
        return of(key, label, Kind.GROUP, List.of(), List.of(fields), 0, 0);
    }

    private static Entry of(
            String key,
            String label,
            Kind kind,
            List<Option> options,
            List<Entry> fields,
            int minItems,
            int startItems) {
        return new Entry(
                key,
                label,
                kind,
                true,
                null,
                null,
                false,
                null,
                options,
                fields,
                minItems,
                startItems,
                usual(kind),
                null);
    }

    private static Part usual(Kind kind) {
        return switch (kind) {
            case NUMBER, LIST, GROUP -> Part.NUMBER;
            case COUNTS -> Part.COUNT;
            case CHOICE, WORDS -> Part.WORDS;
            case YES_NO -> Part.YES_NO;
            case TEXT -> Part.NOTE;
        };
    }

    public static Option option(String word, String label, String sentence) {
        return new Option(word, label, sentence);
    }

    /** The same, but it may be null or missing. */
    public Entry optional() {
        return with(false, range, whole, preset, part, hint);
    }

    /** The same, with a value for when nothing is entered. */
    public Entry preset(Object value) {
        return with(false, range, whole, value, part, hint);
    }

    /** The same, with zero refused. */
    public Entry aboveZero() {
        return with(required, new Range(0, range.max(), true), whole, preset, part, hint);
    }

    /** The same, whole numbers only. */
    public Entry counted() {
        return with(required, range, true, preset, Part.COUNT, hint);
    }

    /** The same, made with another part of the bench than its kind's usual one. */
    public Entry by(Part other) {
        return with(required, range, whole, preset, other, hint);
    }

    /** The same, a scale that an eye judges: each of its steps has a drawing. */
    public Entry drawn() {
        return by(Part.DRAWN);
    }

    /** The same, with a line of help beside it. */
    public Entry hint(String text) {
        return with(required, range, whole, preset, part, text);
    }

    private Entry with(
            boolean isRequired,
            @Nullable Range newRange,
            boolean isWhole,
            @Nullable Object newPreset,
            Part newPart,
            @Nullable String newHint) {
        return new Entry(
                key,
                label,
                kind,
                isRequired,
                unit,
                newRange,
                isWhole,
                newPreset,
                options,
                fields,
                minItems,
                startItems,
                newPart,
                newHint);
    }
}
