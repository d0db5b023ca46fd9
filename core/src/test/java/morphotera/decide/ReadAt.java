package morphotera.decide;

import java.util.Map;
import morphotera.Tables;
import morphotera.measure.Cell;
import morphotera.measure.Taken;
import morphotera.measure.methods.Methods;

/** A reading at a spot, as it was entered. */
public final class ReadAt {
    private ReadAt() {}

    /** On a day counted from any, in a dry time. */
    public static Taken spot(
            String id, long day, String spot, String method, Map<String, Object> context, Map<String, Object> entered) {
        return spot(id, day, spot, method, context, entered, false);
    }

    public static Taken spot(
            String id,
            long day,
            String spot,
            String method,
            Map<String, Object> context,
            Map<String, Object> entered,
            boolean wet) {
        Cell cell = Cell.of(Methods.find(method).orElseThrow().description(), null, 1, entered);
        return new Taken(
                id,
                "visit " + day,
                day,
                spot,
                cell,
                entered,
                Tables.evaluate(method, context, entered),
                "",
                wet,
                false);
    }
}
