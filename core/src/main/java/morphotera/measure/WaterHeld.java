package morphotera.measure;

import morphotera.ground.TextureTriangle;

/**
 * Water a soil holds, by Saxton and Rawls (2006), from sand and clay and organic matter. Contents are shares of the
 * volume; the regression was made on soils of up to 60 % clay and 8 % organic matter, and is refused beyond. Standard
 * error of the source: about 0.02 to 0.05 for the contents; conductivity is good to a factor of two or three.
 *
 * @param wiltingPoint held at 1500 kPa, share of volume
 * @param fieldCapacity held at 33 kPa, share of volume
 * @param saturation all pores full, share of volume
 * @param conductivityMmPerH of the saturated soil
 */
public record WaterHeld(double wiltingPoint, double fieldCapacity, double saturation, double conductivityMmPerH) {
    public static final double MOST_CLAY_PERCENT = 60;
    public static final double MOST_ORGANIC_MATTER_PERCENT = 8;
    /** Reckoned with where no laboratory has told. */
    public static final double USUAL_ORGANIC_MATTER_PERCENT = 2.5;

    /** Whether the regression speaks of such a soil. */
    public static boolean knows(double clayPercent, double organicMatterPercent) {
        return clayPercent >= 0
                && clayPercent <= MOST_CLAY_PERCENT
                && organicMatterPercent >= 0
                && organicMatterPercent <= MOST_ORGANIC_MATTER_PERCENT;
    }

    public static WaterHeld of(TextureTriangle.Shares shares, double organicMatterPercent) {
        if (!knows(shares.clay(), organicMatterPercent)) {
            throw new IllegalArgumentException(
                    "up to 60 % clay and 8 % organic matter, was " + shares.clay() + " and " + organicMatterPercent);
        }
        double s = shares.sand() / 100;
        double c = shares.clay() / 100;
        double om = organicMatterPercent;
        double t = -0.024 * s + 0.487 * c + 0.006 * om + 0.005 * s * om - 0.013 * c * om + 0.068 * s * c + 0.031;
        double wilting = t + (0.14 * t - 0.02);
        double u = -0.251 * s + 0.195 * c + 0.011 * om + 0.006 * s * om - 0.027 * c * om + 0.452 * s * c + 0.299;
        double capacity = u + (1.283 * u * u - 0.374 * u - 0.015);
        double v = 0.278 * s + 0.034 * c + 0.022 * om - 0.018 * s * om - 0.027 * c * om - 0.584 * s * c + 0.078;
        double fast = v + (0.636 * v - 0.107);
        double saturation = capacity + fast - 0.097 * s + 0.043;
        double b = (Math.log(1500) - Math.log(33)) / (Math.log(capacity) - Math.log(wilting));
        double conductivity = 1930 * Math.pow(saturation - capacity, 3 - 1 / b);
        return new WaterHeld(wilting, capacity, saturation, conductivity);
    }

    /** What plants can take, mm in each mm of soil, without the stones. */
    public double available(double stoneShare) {
        return (fieldCapacity - wiltingPoint) * (1 - stoneShare);
    }
}
