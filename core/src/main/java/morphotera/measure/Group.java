package morphotera.measure;

import java.util.List;
import morphotera.ground.Coded;

/** The job of the soil a method speaks of. Plants are kept apart; context is not scored. */
public enum Group implements Coded {
    WATER,
    STRUCTURE,
    CHEMISTRY,
    LIFE,
    ROOTS,
    CARBON,
    PLANTS,
    CONTEXT;

    /** The six that make the soil's score and its coverage. */
    public static final List<Group> OF_SOIL = List.of(WATER, STRUCTURE, CHEMISTRY, LIFE, ROOTS, CARBON);
}
