package morphotera.measure;

import java.util.Map;

/**
 * A reading that was taken: where, when, how, what was entered and what came of it.
 *
 * @param visit its visit's id
 * @param day counted from any day, the same for all
 * @param yardstick what it was scored with, name and version
 * @param spot where: a spot's id, or that of a mixed sample
 * @param wet whether the time was wet enough for missing water to tell something
 * @param mixed whether it was read from soil of several spots mixed: the zone's one value
 */
public record Taken(
        String id,
        String visit,
        long day,
        String spot,
        Cell cell,
        Map<String, Object> entered,
        Evaluation evaluation,
        String yardstick,
        boolean wet,
        boolean mixed) {

    /** Of one visit, for sums that ask for no more. */
    public static Taken at(String spot, Cell cell, Evaluation evaluation) {
        return new Taken("", "", 0, spot, cell, Map.of(), evaluation, "", false, false);
    }
}
