package morphotera.ground;

import java.util.List;

/** Depths that may be compared with one another: to 10 cm, over 10 to 30, over 30 to 60, over 60. A slice counts by its middle. */
public enum DepthClass implements Coded {
    TO_10("0-10", 0, 10),
    TO_30("10-30", 10, 30),
    TO_60("30-60", 30, 60),
    BELOW_60("60+", 60, Double.POSITIVE_INFINITY);

    public static final List<String> WORDS = List.of("0-10", "10-30", "30-60", "60+");

    private final String word;
    private final double fromCm;
    private final double toCm;

    DepthClass(String word, double fromCm, double toCm) {
        this.word = word;
        this.fromCm = fromCm;
        this.toCm = toCm;
    }

    /** The class of a depth in cm, 0 or more; null where no depth is known. */
    public static @Nullable DepthClass of(@Nullable Double cm) {
        if (cm == null) {
            return null;
        }
        for (DepthClass one : values()) {
            if (cm <= one.toCm) {
                return one;
            }
        }
        throw new IllegalArgumentException("a depth is 0 cm or more, was " + cm);
    }

    @Override
    public String word() {
        return word;
    }

    public double fromCm() {
        return fromCm;
    }

    /** How much of it lies above a depth in cm. */
    public double thicknessTo(double cm) {
        return Math.max(0, Math.min(cm, toCm) - fromCm);
    }
}
