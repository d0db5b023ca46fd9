package morphotera.measure;

/** What water itself does. */
final class Water {
    private Water() {}

    /** Viscosity of water, Pa·s, from its temperature, °C: 2.414e-5·10^(247.8/(T + 133.15)); 1.002e-3 at 20 °C. */
    static double viscosityPaS(double celsius) {
        return 2.414e-5 * Math.pow(10, 247.8 / (celsius + 133.15));
    }
}
