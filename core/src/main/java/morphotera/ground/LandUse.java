package morphotera.ground;

/** What a field is used for; limits differ by it. */
public enum LandUse implements Coded {
    ARABLE,
    PASTURE,
    ORCHARD,
    GARDEN,
    TURF
}
