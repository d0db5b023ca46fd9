package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.tool;

import java.util.List;
import java.util.Map;
import morphotera.measure.Context;
import morphotera.measure.Curves;
import morphotera.measure.Description;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.EntryCheck;
import morphotera.measure.Evaluation;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.Method;
import morphotera.measure.Result;
import morphotera.measure.Step;

/** How much paler the field is than an undisturbed reference of the same soil: field value − reference value, both wetted. */
final class SoilColour implements Method {
    private static final Description DESCRIPTION = Description.of("soil-colour", "Soil colour")
            .purpose("Whether the field is paler than undisturbed ground")
            .group(Group.CARBON)
            .grade(Grade.B)
            .judged()
            .ofSamples()
            .about(
                    "Soil of the field and of a reference, such as the fence line, both wetted, both held in open shade beside the "
                            + "colour chart. Organic matter darkens; what is paler has lost some.")
            .gear(tool("soil colour chart"), tool("water bottle"), tool("spade"))
            .variants(new Description.Variant(
                    "chart",
                    "Chart, field and reference",
                    List.of(
                            Step.field(
                                    "gather",
                                    "Take soil here and from the reference",
                                    "Not under a tree or a manured hedge.",
                                    40),
                            Step.field("wet", "Wet both", "Until the colour no longer changes.", 20)
                                    .watched(30, 60),
                            Step.field(
                                            "compare-in-shade",
                                            "Find both on the chart",
                                            "Open shade, no glasses that tint.",
                                            60)
                                    .enters("field", "reference"),
                            Step.field("enter", "Enter both", "Halves where it lies between two chips.", 15))))
            .fields(colour("field", "Field"), colour("reference", "Reference"))
            .checks(new Description.Check("same-soil", "Is the reference the same soil, undisturbed and not manured?"))
            .results(Result.number("paler", "Paler by", "value", "field value − reference value"))
            .curves("paler")
            .source("Colour value as a sign of organic matter after Alexander 1969")
            .words(Map.ofEntries(
                    entry("paler", "Paler than the reference by {steps} steps."),
                    entry("darker", "Darker than the reference by {steps} steps."),
                    entry("alike", "As dark as the reference.")))
            .build();

    private static Entry colour(String key, String label) {
        return Entry.group(
                        key,
                        label,
                        Entry.text("hue", "Hue").hint("A number and YR, Y or R: 10YR."),
                        Entry.number("value", "Value", null, 2, 8).hint("Dark 2, pale 8; halves allowed."),
                        Entry.number("chroma", "Chroma", null, 1, 8).hint("Grey 1, strong 8; halves allowed."))
                .by(Entry.Part.COLOURS);
    }

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        for (String which : List.of("field", "reference")) {
            Entered colour = in.group(which);
            String path = "/reading/" + which;
            if (colour.has("hue") && !isHue(colour.word("hue"))) {
                check.refuse(path + "/hue", "unknown-word", "A hue is a number to 10 and YR, Y or R, such as 10YR.");
            }
            for (String key : List.of("value", "chroma")) {
                if (colour.has(key) && 2 * colour.number(key) != Math.floor(2 * colour.number(key))) {
                    check.refuse(path + "/" + key, "not-half", "Whole numbers and halves only.");
                }
            }
        }
    }

    /** A number to 10, with one decimal at most, and YR, Y or R. */
    private static boolean isHue(String hue) {
        int letters = hue.endsWith("YR") ? 2 : hue.endsWith("Y") || hue.endsWith("R") ? 1 : 0;
        String number = hue.substring(0, hue.length() - letters);
        int dot = number.indexOf('.');
        String whole = dot < 0 ? number : number.substring(0, dot);
        boolean tenth = dot < 0 || areDigits(number.substring(dot + 1), 1);
        return letters > 0 && areDigits(whole, 2) && tenth && Double.parseDouble(number) <= 10;
    }

    private static boolean areDigits(String text, int most) {
        for (char sign : text.toCharArray()) {
            if (sign < '0' || sign > '9') {
                return false;
            }
        }
        return !text.isEmpty() && text.length() <= most;
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        double paler = in.group("field").number("value") - in.group("reference").number("value");
        out.measure("paler", paler, "value").score(curves.place("paler", context, paler));
        if (paler == 0) {
            out.because("alike");
        } else {
            out.because(paler > 0 ? "paler" : "darker", Map.of("steps", Math.abs(paler)));
        }
    }
}
