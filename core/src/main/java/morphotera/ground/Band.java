package morphotera.ground;

/** A score's condition: thriving from 75, holding from 50, slipping from 25, spent below. The raw score decides. */
public enum Band implements Coded {
    THRIVING(75),
    HOLDING(50),
    SLIPPING(25),
    SPENT(0);

    private final double from;

    Band(double from) {
        this.from = from;
    }

    /** The lowest score in it. */
    public double from() {
        return from;
    }

    public static Band of(double score) {
        if (!(score >= 0 && score <= 100)) {
            throw new IllegalArgumentException("a score lies between 0 and 100, was " + score);
        }
        for (Band band : values()) {
            if (score >= band.from) {
                return band;
            }
        }
        return SPENT;
    }
}
