package morphotera.ground;

/**
 * Student's t for whole degrees of freedom, by the finite sums of Abramowitz and Stegun (1964), 26.7.3 and 26.7.4: plain
 * arithmetic, so that a change is judged alike on a server and a phone.
 */
public final class StudentT {
    private static final int STEPS = 200;

    private StudentT() {}

    /** The t that a share p of the distribution lies under; p from 0.5 up to, and without, 1. */
    public static double quantile(int degrees, double p) {
        if (degrees < 1 || p < 0.5 || p >= 1) {
            throw new IllegalArgumentException("t of " + p + " with " + degrees + " degrees of freedom");
        }
        // The share bends downward all along, so that Newton's steps from below never pass the t that is looked for.
        double t = 0;
        for (int i = 0; i < STEPS; i++) {
            double next = t + (p - cumulative(degrees, t)) / density(degrees, t);
            if (next <= t) {
                break;
            }
            t = next;
        }
        return t;
    }

    /** How thick the distribution lies at t, its Γ by their recursion from 1 or 2 degrees. */
    private static double density(int degrees, double t) {
        double square = degrees / (degrees + t * t);
        boolean odd = degrees % 2 == 1;
        double density = odd ? square / Math.PI : Math.sqrt(square) / 2;
        for (int k = odd ? 1 : 2; k < degrees; k += 2) {
            density *= square * (k + 1) / k;
        }
        return density * (odd ? 1 : square) / Math.sqrt(degrees);
    }

    /** The share of the distribution that lies under t, for t from 0. */
    static double cumulative(int degrees, double t) {
        double square = degrees / (degrees + t * t);
        double sine = t / Math.sqrt(degrees + t * t);
        double cosine = Math.sqrt(square);
        boolean odd = degrees % 2 == 1;
        double term = odd ? cosine : 1;
        double sum = degrees == 1 ? 0 : term;
        for (int k = odd ? 3 : 2; k <= degrees - 2; k += 2) {
            term *= square * (k - 1) / k;
            sum += term;
        }
        double within = odd ? 2 / Math.PI * (Math.atan(t / Math.sqrt(degrees)) + sine * sum) : sine * sum;
        return (1 + within) / 2;
    }
}
