package morphotera.app.devices;

import java.util.Random;

/**
 * A probe that stands in for one, real enough to need the rule of stability: it settles over 20 to 60 s, drifts with the warmth
 * of the soil, jumps when the wall is touched, and one in twenty never settles.
 *
 * @param low the range that its soil lies in, to {@code high}
 * @param noise from one instant to the next
 * @param start how far off it begins
 * @param perDegree how much it drifts for each degree
 */
record SimulatedProbe(
        String id,
        String name,
        String kind,
        String unit,
        double low,
        double high,
        double noise,
        double start,
        double perDegree)
        implements Probe {

    private static final double FASTEST_S = 20;
    private static final double SLOWEST_S = 60;
    /** After so many of its time constants it has come within a fiftieth. */
    private static final double SETTLED = 4;

    private static final double RESTLESS = 0.05;
    private static final double TOUCHED = 0.3;
    private static final double TOUCH_S = 2;
    private static final double RESTLESS_S = 7;

    @Override
    public boolean isStandIn() {
        return true;
    }

    @Override
    public Run begin(long seed) {
        Random chance = new Random(seed);
        double soil = low + (high - low) * chance.nextDouble();
        double constant = (FASTEST_S + (SLOWEST_S - FASTEST_S) * chance.nextDouble()) / SETTLED;
        double begins = start * (chance.nextBoolean() ? 1 : -1);
        boolean restless = chance.nextDouble() < RESTLESS;
        double touchedAt = chance.nextDouble() < TOUCHED ? 3 + 20 * chance.nextDouble() : -TOUCH_S;
        double warmth = 8 + 10 * chance.nextDouble();
        return atS -> {
            Random now = new Random(seed * 31 + (long) (atS * 1000));
            double temperature = warmth + 1.5 * Math.exp(-atS / 40);
            double value = soil
                    + begins * Math.exp(-atS / constant)
                    + perDegree * (temperature - warmth)
                    + noise * now.nextGaussian();
            if (restless) {
                value += start / 2 * Math.sin(2 * Math.PI * atS / RESTLESS_S);
            }
            if (atS >= touchedAt && atS < touchedAt + TOUCH_S) {
                value += 3 * start;
            }
            return new Instant(atS, Math.max(0, value), unit, temperature);
        };
    }
}
