package morphotera.decide;

import morphotera.ground.Coded;

/** What a person said of a cause, against or with what was computed. */
public record Ruling(String cause, Word word, By by, String why, int version) {

    /** {@code SET_ASIDE} only hides: a gate stands whatever is said. */
    public enum Word implements Coded {
        CONFIRMED,
        RULED_OUT,
        SET_ASIDE
    }

    /** What it rests on. */
    public enum By implements Coded {
        LABORATORY,
        TRIAL,
        OUTCOME,
        OPINION
    }

    /** Whether the table learns from it: somebody who saw the same findings teaches nothing new. */
    public boolean teaches() {
        return word != Word.SET_ASIDE && by != By.OPINION;
    }
}
