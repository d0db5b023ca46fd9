package morphotera.read;

import morphotera.ground.Coded;

/** Ways to show a score to those used to other scales. Never stored: the score stays 0 to 100. */
public enum Lens implements Coded {
    /** 0 to 100. */
    PERCENT,
    /** 0 to 10. */
    TEN_POINT,
    /** 1 is best: 5 − floor(score/20), and 100 gives 1. */
    FIVE_STEP,
    /** 2 from 75, 1 from 40, else 0, as in the tally. */
    THREE_STEP;

    static final double GOOD = 75;
    static final double FAIR = 40;

    public double of(double score) {
        if (!(score >= 0 && score <= 100)) {
            throw new IllegalArgumentException("a score lies in 0 to 100, was " + score);
        }
        return switch (this) {
            case PERCENT -> score;
            case TEN_POINT -> score / 10;
            case FIVE_STEP -> Math.max(1, 5 - Math.floor(score / 20));
            case THREE_STEP -> points(score);
        };
    }

    /** What a method gives to the tally. */
    static double points(double score) {
        return score >= GOOD ? 2 : score >= FAIR ? 1 : 0;
    }
}
