package morphotera.measure;

import java.util.List;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;

/**
 * One thing entered in a reading: its key (with the unit in it), its words, its range. The same description checks a
 * reading, draws the bench and documents the API. {@code preset} stands in where nothing was entered.
 */
public record Field(
        String key,
        String label,
        Kind kind,
        boolean required,
        @Nullable String unit,
        @Nullable Range range,
        boolean whole,
        @Nullable Object preset,
        List<Option> options,
        List<Field> fields,
        int minItems,
        int startItems,
        @Nullable String hint) {

    /** The kinds of entry. */
    public enum Kind implements Coded {
        NUMBER,
        CHOICE,
        YES_NO,
        LIST,
        GROUP
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

    public static Field number(String key, String label, String unit, double min, double max) {
        return new Field(
                key,
                label,
                Kind.NUMBER,
                true,
                unit,
                new Range(min, max, false),
                false,
                null,
                List.of(),
                List.of(),
                0,
                0,
                null);
    }

    /** A length, height or depth in mm, 0 to 5000. */
    public static Field mm(String key, String label) {
        return number(key, label, "mm", 0, 5000);
    }

    /** A depth in cm, 0 to 300. */
    public static Field cm(String key, String label) {
        return number(key, label, "cm", 0, 300);
    }

    public static Field minutes(String key, String label) {
        return number(key, label, "min", 0, 2880);
    }

    public static Field share(String key, String label) {
        return number(key, label, "share", 0, 1);
    }

    public static Field celsius(String key, String label) {
        return number(key, label, "°C", -10, 60);
    }

    public static Field kPa(String key, String label) {
        return number(key, label, "kPa", 0, 10_000);
    }

    public static Field choice(String key, String label, Option... options) {
        return new Field(
                key, label, Kind.CHOICE, true, null, null, false, null, List.of(options), List.of(), 0, 0, null);
    }

    public static Field yesNo(String key, String label) {
        return new Field(key, label, Kind.YES_NO, true, null, null, false, null, List.of(), List.of(), 0, 0, null);
    }

    public static Field list(String key, String label, int minItems, int startItems, Field... fields) {
        return new Field(
                key,
                label,
                Kind.LIST,
                true,
                null,
                null,
                false,
                null,
                List.of(),
                List.of(fields),
                minItems,
                startItems,
                null);
    }

    public static Option option(String word, String label, String sentence) {
        return new Option(word, label, sentence);
    }

    /** The same, but it may be null or missing. */
    public Field optional() {
        return new Field(
                key, label, kind, false, unit, range, whole, preset, options, fields, minItems, startItems, hint);
    }

    /** The same, with a value for when nothing is entered. */
    public Field preset(Object value) {
        return new Field(
                key, label, kind, false, unit, range, whole, value, options, fields, minItems, startItems, hint);
    }

    /** The same, with zero refused. */
    public Field aboveZero() {
        return new Field(
                key,
                label,
                kind,
                required,
                unit,
                new Range(0, range.max(), true),
                whole,
                preset,
                options,
                fields,
                minItems,
                startItems,
                hint);
    }

    /** The same, whole numbers only. */
    public Field counted() {
        return new Field(
                key, label, kind, required, unit, range, true, preset, options, fields, minItems, startItems, hint);
    }

    /** The same, with a line of help beside it. */
    public Field hint(String text) {
        return new Field(
                key, label, kind, required, unit, range, whole, preset, options, fields, minItems, startItems, text);
    }
}
