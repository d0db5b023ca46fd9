package morphotera.measure.picture;

import java.util.LinkedHashMap;
import java.util.Map;

/** Heights on a jar from marks on its photograph: a known length gives the scale, and they are measured along its line. */
public final class JarMarks {
    /** By mark, the field of the jar's reading that it gives; all are above the table. */
    private static final Map<String, String> FIELDS = fields();

    private JarMarks() {}

    private static Map<String, String> fields() {
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("base", "baseMm");
        fields.put("sandTop", "sandTopMm");
        fields.put("siltTop", "siltTopMm");
        fields.put("clayTop", "clayTopMm");
        fields.put("water", "waterHeightMm");
        return fields;
    }

    /**
     * Heights above the table in mm, by the fields of {@code texture-jar}.
     *
     * @param aspect the picture's height over its width, in pixels
     */
    public static Map<String, Double> heights(double aspect, Map<String, ?> body) {
        Map<?, ?> known = Places.object("/known", body.get("known"));
        Map<?, ?> marks = Places.object("/marks", body.get("marks"));
        Pixels.At from = Places.at("/known/from", known.get("from"));
        Pixels.At to = Places.at("/known/to", known.get("to"));
        Double mm = Places.number("/known/mm", known.get("mm"));
        if (mm == null || !(mm > 0 && mm <= 1000)) {
            throw Places.refused(
                    "/known/mm",
                    mm == null ? "missing" : "out-of-range",
                    "A known height of up to 1000 mm gives the scale.");
        }
        double dx = to.x() - from.x();
        double dy = (to.y() - from.y()) * aspect;
        double length = Math.sqrt(dx * dx + dy * dy);
        if (length < 1e-6) {
            throw Places.refused("/known/to", "same-place", "The known height goes from one place to another.");
        }
        Pixels.At table = Places.at("/marks/table", marks.get("table"));
        // Up is away from the table, whichever way the known height was drawn.
        double up = dy <= 0 ? 1 : -1;
        Map<String, Double> heights = new LinkedHashMap<>();
        FIELDS.forEach((mark, field) -> {
            Object value = marks.get(mark);
            if (value != null) {
                Pixels.At at = Places.at("/marks/" + mark, value);
                double along = ((at.x() - table.x()) * dx + (at.y() - table.y()) * aspect * dy) / length;
                heights.put(field, up * along * mm / length);
            }
        });
        rising("/marks", heights);
        return heights;
    }

    private static void rising(String path, Map<String, Double> heights) {
        Double before = null;
        for (Map.Entry<String, String> field : FIELDS.entrySet()) {
            Double height = heights.get(field.getValue());
            if (height != null && (height < 0 || (before != null && height < before))) {
                throw Places.refused(
                        path + "/" + field.getKey(),
                        "backward",
                        "The marks rise from the table: base, sand, silt, clay, water.");
            }
            before = height == null ? before : height;
        }
    }
}
