package morphotera.ground;

/** How moist the soil is on the day, as a hand feels it. */
public enum Moisture implements Coded {
    DRY,
    MOIST,
    WET
}
