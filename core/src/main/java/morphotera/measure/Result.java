package morphotera.measure;

import java.util.ArrayList;
import java.util.List;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;

/**
 * A measure or word that comes of a reading: the one home of its key. What is found, asked, drawn and filled in elsewhere
 * names keys declared here.
 *
 * @param unit of a number; null where it has none
 * @param words all that a word may be; none where it is a yes or no, or a number
 * @param needsDay whether it is evidence on a day only that suits the method ({@link Day})
 * @param followed whether it is drawn through the years: what a person would name of the method
 * @param formula in words, for "why"
 */
public record Result(
        String key,
        String label,
        Kind kind,
        Times times,
        @Nullable String unit,
        List<String> words,
        boolean needsDay,
        boolean followed,
        String formula) {

    /** What a result is; WORDS is a list of words. */
    public enum Kind implements Coded {
        NUMBER,
        YES_NO,
        WORD,
        WORDS
    }

    /** Whether it comes once, once for each part (pour, interval, layer) or once for each depth. */
    public enum Times implements Coded {
        ONCE,
        EACH,
        BY_DEPTH
    }

    public static Result number(String key, String label, @Nullable String unit, String formula) {
        return new Result(key, label, Kind.NUMBER, Times.ONCE, unit, List.of(), false, false, formula);
    }

    public static Result yesNo(String key, String label, String formula) {
        return new Result(key, label, Kind.YES_NO, Times.ONCE, null, List.of(), false, false, formula);
    }

    public static Result word(String key, String label, String formula, List<String> words) {
        return new Result(key, label, Kind.WORD, Times.ONCE, null, List.copyOf(words), false, false, formula);
    }

    /** A list of these words. */
    public static Result words(String key, String label, String formula, List<String> words) {
        return new Result(key, label, Kind.WORDS, Times.ONCE, null, List.copyOf(words), false, false, formula);
    }

    /** The same, once for each part of the reading. */
    public Result each() {
        return new Result(key, label, kind, Times.EACH, unit, words, needsDay, followed, formula);
    }

    /** The same, once for each depth. */
    public Result byDepth() {
        return new Result(key, label, kind, Times.BY_DEPTH, unit, words, needsDay, followed, formula);
    }

    /** The same, evidence only on a day that suits the method. */
    public Result onTheDay() {
        return new Result(key, label, kind, times, unit, words, true, followed, formula);
    }

    /** The same, drawn through the years. */
    public Result through() {
        return new Result(key, label, kind, times, unit, words, needsDay, true, formula);
    }

    /** The words of constants. */
    public static List<String> wordsOf(Coded[] constants) {
        List<String> words = new ArrayList<>();
        for (Coded one : constants) {
            words.add(one.word());
        }
        return List.copyOf(words);
    }
}
