package morphotera.decide.remedies;

import static morphotera.measure.Entry.option;

import java.util.List;
import java.util.Map;
import morphotera.decide.Remedy;
import morphotera.ground.Decimal;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.EntryCheck;
import morphotera.measure.Grade;

/** Breaking a pan: tine depth = pan base + 5 cm, at most 45 cm, and only where the soil crumbles at that depth. */
final class Compaction implements Remedy {
    private static final double BELOW_BASE_CM = 5;
    private static final double DEEPEST_CM = 45;

    private static final Description DESCRIPTION = Description.of("compaction", "Break the pan")
            .purpose("How deep a tine must go, and whether today is the day")
            .grade(Grade.B)
            .fields(
                    Entry.number("panPeakCm", "Pan hardest at", "cm", 5, 100),
                    Entry.number("panBaseCm", "Pan ends at", "cm", 5, 150),
                    Entry.choice(
                            "moistureAtDepth",
                            "Soil at that depth",
                            option("dry", "Dry", "Breaks with a crack."),
                            option("moist", "Moist", "Crumbles when rolled; no worm forms."),
                            option("wet", "Wet", "Rolls into a worm, smears.")))
            .from(Map.of(
                    "panPeakCm", List.of("penetration.panPeak"),
                    "panBaseCm", List.of("penetration.panBase")))
            .months(7, 8, 9)
            .cost(new Cost(95, "hectare"))
            .effect("The first crop feels it; without roots after it and controlled traffic it closes again.")
            .range("Pans that end above 40 cm; deeper ones are only opened in part.")
            .source("Field rule for subsoiling: work just below the pan (Spoor and Godwin 1978)")
            .cautions(
                    "Buried services and existing drains first: ask the dig-safe service.",
                    "Sow a deep root at once and keep wheels to their tracks, or the pan closes again.",
                    "Dig a hole behind the first run: the soil must have lifted and crumbled, not been cut.")
            .watch("depth to the root limit", "root depth", "plates in the block")
            .example(Map.of("panPeakCm", 28, "panBaseCm", 33, "moistureAtDepth", "moist"))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Entered in, EntryCheck check) {
        Double peak = in.numberOrNull("panPeakCm");
        Double base = in.numberOrNull("panBaseCm");
        if (peak != null && base != null && base < peak) {
            check.refuse("/panBaseCm", "above-peak", "The pan cannot end above the depth where it is hardest.");
        }
        if ("wet".equals(in.wordOrNull("moistureAtDepth"))) {
            check.refuse(
                    "/moistureAtDepth",
                    "too-wet",
                    "In wet soil a tine smears and makes the next pan. Wait until soil from that depth crumbles.");
        }
    }

    @Override
    public void calculate(Entered in, Draft out) {
        double base = in.number("panBaseCm");
        double depth = Math.min(base + BELOW_BASE_CM, DEEPEST_CM);
        out.line(
                "depthCm",
                "Tine depth",
                "pan base + 5 cm, at most 45 cm",
                Decimal.show(base, 1) + " + 5 = " + Decimal.show(base + BELOW_BASE_CM, 1)
                        + (base + BELOW_BASE_CM > DEEPEST_CM ? ", held at 45" : ""),
                depth,
                "cm");
        if (base + BELOW_BASE_CM > DEEPEST_CM) {
            out.because("deeper-than-tines", "The pan goes on below 45 cm: a tine opens only its upper part.");
        }
        if (in.word("moistureAtDepth").equals("dry")) {
            out.because("dry", "Dry ground shatters well and pulls hard; big blocks may come up.");
        }
    }
}
