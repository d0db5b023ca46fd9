package morphotera.app.measure;

import java.util.List;
import morphotera.app.api.Findings;
import morphotera.ground.Nullable;
import morphotera.measure.Cell;
import morphotera.measure.Description;
import morphotera.measure.methods.Methods;

/** What tells readings, drafts and clocks of one cell apart, held against the method's description. */
final class CellCheck {
    private CellCheck() {}

    /** The first of its cell, where it is not said which. */
    static int repeatOrFirst(@Nullable Integer repeat) {
        return repeat == null ? 1 : repeat;
    }

    static void variantAndRepeat(Findings findings, String method, String variant, Integer repeat) {
        Methods.find(method == null ? "" : method).ifPresent(known -> {
            List<String> variants = known.description().variants().stream()
                    .map(Description.Variant::id)
                    .toList();
            findings.word("/variant", variant, "way of doing it", variants);
        });
        if (repeat != null && (repeat < 1 || repeat > Cell.MOST_REPEATS)) {
            findings.refuse("/repeat", "out-of-range", "A repeat goes from 1 to " + Cell.MOST_REPEATS + ".");
        }
    }
}
