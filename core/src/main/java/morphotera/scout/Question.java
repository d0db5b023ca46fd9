package morphotera.scout;

import java.util.List;
import morphotera.ground.Coded;
import morphotera.measure.Methods;

/** What a visit is to answer, and the tests that answer it. A practice changes the set as it likes. */
public enum Question implements Coded {
    ROUTINE(
            "Routine check",
            "How the field stands; again in three to five years.",
            "structure-spade",
            "slaking",
            "penetration",
            "ph",
            "root-depth"),
    POOR_PATCH(
            "A poor patch",
            "What holds this place back; a good patch beside it.",
            "ph",
            "penetration",
            "root-depth",
            "structure-spade",
            "percolation-hole"),
    WET_GROUND("Wet ground", "Where the water stays, and why.", "percolation-hole", "penetration", "structure-spade"),
    NEW_GROUND("New bed or garden", "What the ground is, before anything is planted.", "percolation-hole", "ph"),
    RAIN_GARDEN("A rain garden", "Whether roof water can soak away here.", "percolation-hole"),
    TURF("Turf", "Roots, structure and what lies under the sward.", "structure-spade", "root-depth"),
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

    /** The tests for it that there are; none means those of the earlier visit. */
    public List<String> methods() {
        return methods.stream().filter(id -> Methods.find(id).isPresent()).toList();
    }
}
