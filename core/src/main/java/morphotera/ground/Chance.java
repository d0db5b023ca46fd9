package morphotera.ground;

/**
 * Seeded chance, the same on every machine and in the browser: Steele, Lea and Flood's SplitMix64 (2014), normal draws by
 * Marsaglia's polar method.
 */
public final class Chance {
    private static final long GOLDEN = 0x9e3779b97f4a7c15L;
    /** 2⁻⁵³: the step between two doubles under 1. */
    private static final double STEP = 1.0 / (1L << 53);

    private long state;
    private Double spare;

    public Chance(long seed) {
        this.state = seed;
    }

    private long next() {
        state += GOLDEN;
        long mixed = (state ^ (state >>> 30)) * 0xbf58476d1ce4e5b9L;
        mixed = (mixed ^ (mixed >>> 27)) * 0x94d049bb133111ebL;
        return mixed ^ (mixed >>> 31);
    }

    /** From 0 up to, and without, 1. */
    public double nextDouble() {
        return (next() >>> 11) * STEP;
    }

    /** Normal, with mean 0 and standard deviation 1. */
    public double nextGaussian() {
        if (spare != null) {
            double kept = spare;
            spare = null;
            return kept;
        }
        while (true) {
            double x = 2 * nextDouble() - 1;
            double y = 2 * nextDouble() - 1;
            double square = x * x + y * y;
            if (square < 1 && square > 0) {
                double stretch = Math.sqrt(-2 * Math.log(square) / square);
                spare = y * stretch;
                return x * stretch;
            }
        }
    }
}
