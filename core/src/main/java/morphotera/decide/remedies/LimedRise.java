package morphotera.decide.remedies;

import morphotera.decide.sheets.Sheets;

/** The lime sum read backward: by how much so much pure lime lifts the pH in water. */
public final class LimedRise {
    private static final double DEPTH_CM = 15;

    private LimedRise() {}

    /** @param depthCm that it is worked in; null: the usual 15 cm */
    public static double of(
            double pureTPerHa,
            double organicCarbonPercent,
            double clayPercent,
            double density,
            Double depthCm,
            Sheets sheets) {
        double mass = (depthCm == null ? DEPTH_CM : depthCm) * density * 100;
        return pureTPerHa / (sheets.buffer(organicCarbonPercent, clayPercent) * mass * Lime.T_PER_CHARGE);
    }
}
