package morphotera.measure;

import java.util.Map;
import morphotera.ground.DepthClass;
import morphotera.ground.Nullable;

/**
 * What tells readings of one method at one spot apart: the way it was done, how deep, where beside the crop, which plant, else
 * the how-many-th. Two readings alike in all of it are of one cell, and a person says which holds.
 *
 * @param repeat 1 to 9: a second block, a third ring
 */
public record Cell(
        @Nullable String variant,
        @Nullable Double depthCm,
        @Nullable String placement,
        @Nullable String plant,
        int repeat) {
    public static final int MOST_REPEATS = 9;
    public static final Cell PLAIN = new Cell(null, null, null, null, 1);

    public Cell {
        if (repeat < 1 || repeat > MOST_REPEATS) {
            throw new IllegalArgumentException("a repeat is 1 to " + MOST_REPEATS + ", was " + repeat);
        }
    }

    /** From what was entered: depth, placement and plant stand in the reading itself. */
    public static Cell of(Description method, @Nullable String variant, int repeat, Map<String, ?> entered) {
        Double depth = entered.get(Entry.SAMPLE_DEPTH.key()) instanceof Number number
                        && method.fields().contains(Entry.SAMPLE_DEPTH)
                ? Double.valueOf(number.doubleValue())
                : null;
        return new Cell(
                variant,
                depth,
                entered.get("placement") instanceof String placement ? placement : null,
                entered.get("plant") instanceof String plant ? plant : null,
                repeat);
    }

    /** The class of the depth it was taken at; null where the method has none or none was said. */
    public @Nullable DepthClass depthClass() {
        return DepthClass.of(depthCm);
    }

    /** The same for readings of one cell, and for no others. */
    public String key() {
        return variant + "|" + depthCm + "|" + placement + "|" + plant + "|" + repeat;
    }
}
