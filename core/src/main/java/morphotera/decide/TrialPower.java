package morphotera.decide;

import morphotera.ground.Nullable;
import morphotera.ground.StudentT;

/**
 * Whether strips would show a difference: compared as blocks, t = mean block difference / (its sd/√blocks); the variance of one is
 * 2·(strips² + max(spots², observer²)/spots of a strip). The power is that of the noncentral t, two-sided at 10 %.
 *
 * @param spotsPerStrip the least of 1 to 10 that reaches 80 %, else 10
 * @param differenceAt80 the difference that these strips show with four chances of five
 * @param replicatesNeeded the least of 3 to 20 that reach 80 % with ten spots each; null: none
 */
public record TrialPower(
        int spotsPerStrip,
        double power,
        double differenceAt80,
        @Nullable Integer replicatesNeeded) {
    public static final double ENOUGH = 0.8;
    public static final int MOST_SPOTS = 10;
    public static final int FEWEST_REPLICATES = 3;
    public static final int MOST_REPLICATES = 20;

    private static final double WITHIN = 0.95;
    /** Even, for Simpson's rule. */
    private static final int PARTS = 1000;

    private static final int HALVINGS = 40;
    private static final double TAIL = 9;

    /**
     * What is known of the ground and the eye, in points.
     *
     * @param stripSd from strip to strip of the same treatment
     */
    public record Noise(double spotSd, double observerSpread, double stripSd) {
        double ofADifference(int replicates, int spots) {
            double seen = Math.max(spotSd * spotSd, observerSpread * observerSpread);
            return Math.sqrt(2 * (stripSd * stripSd + seen / spots) / replicates);
        }
    }

    public static TrialPower of(int replicates, double difference, Noise noise) {
        Blocks blocks = new Blocks(replicates);
        int spots = MOST_SPOTS;
        for (int n = MOST_SPOTS; n >= 1; n--) {
            spots = blocks.power(n, difference, noise) >= ENOUGH ? n : spots;
        }
        return new TrialPower(
                spots,
                blocks.power(spots, difference, noise),
                blocks.differenceAt80(spots, noise),
                replicatesNeeded(difference, noise));
    }

    private static @Nullable Integer replicatesNeeded(double difference, Noise noise) {
        for (int replicates = FEWEST_REPLICATES; replicates <= MOST_REPLICATES; replicates++) {
            if (new Blocks(replicates).power(MOST_SPOTS, difference, noise) >= ENOUGH) {
                return replicates;
            }
        }
        return null;
    }

    /** The chance that a true difference of this size is found. */
    public static double power(int replicates, int spotsPerStrip, double difference, Noise noise) {
        return new Blocks(replicates).power(spotsPerStrip, difference, noise);
    }

    /** So many blocks: what the spread among them may come out as is the same whatever they are to show. */
    private static final class Blocks {
        private final int replicates;
        private final double limit;
        /** Of that spread, as a share of the true one: each part's weight by Simpson's rule and how likely it is. */
        private final double[] likely = new double[PARTS + 1];

        private final double step;

        Blocks(int replicates) {
            this.replicates = replicates;
            int degrees = replicates - 1;
            limit = StudentT.quantile(degrees, WITHIN);
            // √(χ²/degrees) lies round 1 with a sd of about 1/√(2·degrees).
            step = (1 + TAIL / Math.sqrt(2.0 * degrees) * 1.5) / PARTS;
            for (int i = 0; i <= PARTS; i++) {
                int weight = i == 0 || i == PARTS ? 1 : i % 2 == 1 ? 4 : 2;
                likely[i] = weight * density(degrees, i * step) * step / 3;
            }
        }

        double power(int spots, double difference, Noise noise) {
            double sd = noise.ofADifference(replicates, spots);
            if (sd == 0) {
                return difference > 0 ? 1 : 1 - 2 * (WITHIN - 0.5);
            }
            double shift = difference / sd;
            return 1 - cumulative(shift, limit) + cumulative(shift, -limit);
        }

        /** The share of the noncentral t under this: the normal's, over what the spread may have come out as. */
        private double cumulative(double shift, double under) {
            double sum = 0;
            for (int i = 0; i <= PARTS; i++) {
                sum += normal(under * i * step - shift) * likely[i];
            }
            return sum;
        }

        double differenceAt80(int spots, Noise noise) {
            double low = 0;
            double high = 1;
            while (power(spots, high, noise) < ENOUGH) {
                high *= 2;
            }
            for (int i = 0; i < HALVINGS; i++) {
                double middle = (low + high) / 2;
                if (power(spots, middle, noise) < ENOUGH) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            return (low + high) / 2;
        }
    }

    /** How likely a spread of s times the true one is. */
    private static double density(int degrees, double s) {
        if (s == 0) {
            return degrees == 1 ? 2 * Math.exp(Math.log(0.5) / 2 - logGammaHalf(1)) : 0;
        }
        double half = degrees / 2.0;
        return 2 * Math.exp(half * Math.log(half) - logGammaHalf(degrees) + (degrees - 1) * Math.log(s) - half * s * s);
    }

    /** ln Γ(n/2), exactly by steps of one from Γ(1/2) = √π or Γ(1) = 1. */
    private static double logGammaHalf(int n) {
        double log = n % 2 == 1 ? Math.log(Math.PI) / 2 : 0;
        for (double at = n % 2 == 1 ? 0.5 : 1; at < n / 2.0 - 0.25; at += 1) {
            log += Math.log(at);
        }
        return log;
    }

    /** The normal's share under z (West 2005 after Hart 1968), to fifteen digits. */
    private static double normal(double z) {
        double x = Math.abs(z);
        double share;
        if (x > 37) {
            share = 0;
        } else {
            double bell = Math.exp(-x * x / 2);
            if (x < 7.07106781186547) {
                double above = 3.52624965998911e-02 * x + 0.700383064443688;
                above = above * x + 6.37396220353165;
                above = above * x + 33.912866078383;
                above = above * x + 112.079291497871;
                above = above * x + 221.213596169931;
                above = above * x + 220.206867912376;
                double below = 8.83883476483184e-02 * x + 1.75566716318264;
                below = below * x + 16.064177579207;
                below = below * x + 86.7807322029461;
                below = below * x + 296.564248779674;
                below = below * x + 637.333633378831;
                below = below * x + 793.826512519948;
                below = below * x + 440.413735824752;
                share = bell * above / below;
            } else {
                double below = x + 0.65;
                below = x + 4 / below;
                below = x + 3 / below;
                below = x + 2 / below;
                below = x + 1 / below;
                share = bell / below / 2.506628274631;
            }
        }
        return z > 0 ? 1 - share : share;
    }
}
