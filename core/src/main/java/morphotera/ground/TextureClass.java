package morphotera.ground;

import static morphotera.ground.TextureGroup.COARSE;
import static morphotera.ground.TextureGroup.FINE;
import static morphotera.ground.TextureGroup.MEDIUM;

/** The twelve USDA texture classes, each with its group. */
public enum TextureClass implements Coded {
    SAND(COARSE),
    LOAMY_SAND(COARSE),
    SANDY_LOAM(COARSE),
    LOAM(MEDIUM),
    SILT_LOAM(MEDIUM),
    SILT(MEDIUM),
    SANDY_CLAY_LOAM(MEDIUM),
    CLAY_LOAM(FINE),
    SILTY_CLAY_LOAM(FINE),
    SANDY_CLAY(FINE),
    SILTY_CLAY(FINE),
    CLAY(FINE);

    private final TextureGroup group;

    TextureClass(TextureGroup group) {
        this.group = group;
    }

    public TextureGroup group() {
        return group;
    }
}
