package morphotera.ground;

/** What carbon in the soil says of its organic matter. */
public final class OrganicCarbon {
    /** van Bemmelen's: so much organic matter to one of carbon. */
    public static final double MATTER_PER_CARBON = 1.724;

    private OrganicCarbon() {}
}
