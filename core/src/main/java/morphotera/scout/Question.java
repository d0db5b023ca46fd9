package morphotera.scout;

import java.util.List;
import morphotera.ground.Coded;

/** What a visit is to answer, and the tests that answer it. A practice changes the set as it likes. */
public enum Question implements Coded {
    ROUTINE(
            "Routine check",
            "How the field stands; again in three to five years.",
            "texture-feel",
            "structure-spade",
            "earthworms",
            "slaking",
            "dispersion",
            "infiltration-ring",
            "penetration",
            "ph",
            "root-depth",
            "ground-cover",
            "laboratory"),
    POOR_PATCH(
            "A poor patch",
            "What holds this place back; a good patch beside it.",
            "ph",
            "salinity",
            "penetration",
            "root-pit",
            "infiltration-ring"),
    WET_GROUND(
            "Wet ground",
            "Where the water stays, and why.",
            "percolation-hole",
            "root-pit",
            "penetration",
            "texture-feel"),
    SALT(
            "Salt",
            "How much salt there is, where it lies, and whether water can take it.",
            "salinity",
            "ph",
            "dispersion",
            "percolation-hole"),
    NEW_GROUND(
            "New bed or garden",
            "What the ground is, before anything is planted.",
            "texture-jar",
            "percolation-hole",
            "ph",
            "earthworms",
            "nutrient-kit"),
    RAIN_GARDEN(
            "A rain garden",
            "Whether roof water can soak away here.",
            "drain-down",
            "percolation-hole",
            "texture-feel"),
    TURF(
            "Turf",
            "Roots, structure and what lies under the sward.",
            "structure-spade",
            "smell",
            "soil-colour",
            "root-depth",
            "ground-cover",
            "sap"),
    BEFORE_AND_AFTER("Before and after", "The same spots and tests as the earlier visit.");

    private final String label;
    private final String purpose;
    private final List<String> methods;

    Question(String label, String purpose, String... methods) {
        this.label = label;
        this.purpose = purpose;
        this.methods = List.of(methods);
    }

    public String label() {
        return label;
    }

    public String purpose() {
        return purpose;
    }

    /** The tests for it; none means those of the earlier visit. */
    public List<String> methods() {
        return methods;
    }
}
