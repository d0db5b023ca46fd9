package morphotera.ground;

/** Texture classes that behave alike with water: coarse, medium, fine. */
public enum TextureGroup implements Coded {
    COARSE(1.5),
    MEDIUM(1.35),
    FINE(1.25);

    private final double densityGPerCm3;

    TextureGroup(double densityGPerCm3) {
        this.densityGPerCm3 = densityGPerCm3;
    }

    /** Bulk density to reckon with where none was measured, g/cm³, without stones. */
    public double densityGPerCm3() {
        return densityGPerCm3;
    }
}
