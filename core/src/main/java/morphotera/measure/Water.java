package morphotera.measure;

import static morphotera.measure.Entry.option;

/** What water itself does, and what settles in it. */
public final class Water {
    private static final double GRAVITY_M_PER_S2 = 9.81;
    private static final double PARTICLE_KG_PER_M3 = 2650;
    private static final double WATER_KG_PER_M3 = 998;
    public static final double SMALLEST_SAND_M = 50e-6;
    public static final double SMALLEST_SILT_M = 2e-6;

    private Water() {}

    /** Which water crumbs are laid in. */
    public static Entry field() {
        return Entry.choice(
                        "water",
                        "Water",
                        option("rain", "Rain", "Collected clean."),
                        option("distilled", "Distilled", "From a bottle."),
                        option("tap", "Tap", "Its salts hold clay together."))
                .preset("rain");
    }

    /** Viscosity of water, Pa·s, from its temperature, °C: 2.414e-5·10^(247.8/(T + 133.15)); 1.002e-3 at 20 °C. */
    public static double viscosityPaS(double celsius) {
        return 2.414e-5 * Math.pow(10, 247.8 / (celsius + 133.15));
    }

    /** Seconds a grain takes to sink so far (Stokes 1851): 18·η·h/(g·(ρs − ρw)·d²). 50 µm, 100 mm, 20 °C: 44.5 s. */
    public static double settlingSeconds(double diameterM, double heightMm, double celsius) {
        return 18
                * viscosityPaS(celsius)
                * heightMm
                / 1000
                / (GRAVITY_M_PER_S2 * (PARTICLE_KG_PER_M3 - WATER_KG_PER_M3) * diameterM * diameterM);
    }
}
