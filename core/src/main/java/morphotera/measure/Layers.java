package morphotera.measure;

import static morphotera.ground.TextureClass.LOAMY_SAND;
import static morphotera.ground.TextureClass.SAND;
import static morphotera.measure.Entry.option;

import java.util.List;
import java.util.Map;
import morphotera.ground.TextureClass;

/** What block and pit have in common: layers from the surface down, and the scales by which an eye judges each. */
public final class Layers {
    private static final Map<String, Double> SHAPE = Map.of(
            "crumb",
            1.0,
            "granular",
            1.0,
            "rounded-blocks",
            0.7,
            "sharp-blocks",
            0.35,
            "plates",
            0.1,
            "massive",
            0.0,
            "single-grain",
            0.3);
    private static final double SINGLE_GRAIN_IN_SAND = 0.7;
    private static final double MOTTLES_TO_CM = 60;
    private static final double TOP_CM = 15;
    private static final List<String> ROOTS = List.of("none", "cracks-only", "some", "many");
    private static final Map<String, Double> MANY =
            Map.of("many", 1.0, "some", 0.65, "few", 0.3, "cracks-only", 0.3, "none", 0.0);

    private static final Entry SHAPES = Entry.choice(
                    "shape",
                    "Shape",
                    option("crumb", "Crumbs", "Soft, round, full of holes."),
                    option("granular", "Grains of soil", "Small round pieces, firm."),
                    option("rounded-blocks", "Rounded blocks", "Thumb-sized, edges blunt."),
                    option("sharp-blocks", "Sharp blocks", "Flat faces that fit together."),
                    option("plates", "Plates", "Lie flat, like a stack of slates."),
                    option("massive", "Massive", "No cracks of its own."),
                    option("single-grain", "Loose sand", "Runs through the fingers."))
            .drawn();

    /** Every shape, from the best built to the worst. */
    public static final List<String> SHAPE_WORDS =
            SHAPES.options().stream().map(Entry.Option::word).toList();

    private Layers() {}

    public static Entry shape() {
        return SHAPES;
    }

    public static Entry pores() {
        return Entry.choice(
                        "pores",
                        "Pores",
                        option("many", "Many", "Seen everywhere on a broken face."),
                        option("some", "Some", "Several on each face."),
                        option("few", "Few", "One has to look for them."),
                        option("none", "None", "A closed face."))
                .drawn();
    }

    public static Entry roots() {
        return Entry.choice(
                        "roots",
                        "Roots",
                        option("many", "Many", "Through the pieces, everywhere."),
                        option("some", "Some", "Through some pieces."),
                        option("cracks-only", "In cracks only", "Flattened between the pieces."),
                        option("none", "None", "No living root."))
                .drawn();
    }

    public static Entry moisture() {
        return Entry.choice(
                        "moisture",
                        "Moisture",
                        option("dry", "Dry", "Dusty, changes colour when wetted."),
                        option("moist", "Moist", "Cool, no colour change."),
                        option("wet", "Wet", "Leaves water on the hand."),
                        option("saturated", "Saturated", "Water runs out."))
                .drawn();
    }

    public static Entry mottles() {
        return Entry.choice(
                        "mottles",
                        "Colours of water",
                        option("none", "None", "One colour throughout."),
                        option("rust", "Rust", "Orange flecks."),
                        option("black", "Black", "Black flecks that rub off."),
                        option("grey", "Grey", "Grey or blue ground."),
                        option("yellow", "Straw-yellow", "Pale yellow flecks: sulphide may be near."))
                .drawn();
    }

    /** Whether a layer that starts above 60 cm has colours of water; null where none is seen and not all layers say. */
    public static Boolean mottled(List<Entered> layers) {
        boolean allSay = true;
        for (Entered layer : layers) {
            if (layer.number("topCm") < MOTTLES_TO_CM) {
                if (isMottled(layer)) {
                    return true;
                }
                allSay &= layer.has("mottles");
            }
        }
        return allSay ? Boolean.FALSE : null;
    }

    /** Whether there are colours of water above 15 cm and none in a layer from there down; null where that was not seen. */
    public static Boolean mottledTopOnly(List<Entered> layers) {
        boolean top = false;
        boolean topSaid = true;
        boolean deeperSeen = false;
        boolean deeperSaid = true;
        for (Entered layer : layers) {
            if (layer.number("topCm") >= TOP_CM) {
                if (isMottled(layer)) {
                    return false;
                }
                deeperSeen = true;
                deeperSaid &= layer.has("mottles");
            } else {
                top |= isMottled(layer);
                topSaid &= layer.has("mottles");
            }
        }
        if (!top) {
            return topSaid ? Boolean.FALSE : null;
        }
        return deeperSeen && deeperSaid ? Boolean.TRUE : null;
    }

    private static boolean isMottled(Entered layer) {
        return layer.has("mottles") && !layer.word("mottles").equals("none");
    }

    /** Refuses layers that do not begin at the surface, touch, and end below where they begin. */
    public static void check(List<Entered> layers, EntryCheck check) {
        Double bottomBefore = 0.0;
        for (int i = 0; i < layers.size(); i++) {
            String path = "/reading/layers/" + i;
            Double top = layers.get(i).numberOrNull("topCm");
            Double bottom = layers.get(i).numberOrNull("bottomCm");
            if (top != null && bottomBefore != null && !top.equals(bottomBefore)) {
                check.refuse(
                        path + "/topCm",
                        i == 0 ? "not-from-surface" : top < bottomBefore ? "overlapping" : "gap",
                        i == 0
                                ? "The first layer begins at the surface, 0 cm."
                                : "This layer must begin where the one above it ends.");
            }
            if (top != null && bottom != null && bottom <= top) {
                check.refuse(path + "/bottomCm", "backward", "A layer ends below where it begins.");
            }
            bottomBefore = bottom;
        }
    }

    /** How well a layer is built by its shape, 0 to 1; loose grains are as they should be in sand. */
    public static double built(Entered layer, TextureClass texture) {
        String shape = layer.word("shape");
        boolean sandy = texture == SAND || texture == LOAMY_SAND;
        return sandy && shape.equals("single-grain") ? SINGLE_GRAIN_IN_SAND : SHAPE.get(shape);
    }

    /** Pores or roots by the word chosen, 0 to 1. */
    public static double many(Entered layer, String key) {
        return MANY.get(layer.word(key));
    }

    /** Roots as a step of the scale, 0 none to 3 many. */
    public static int rootStep(Entered layer) {
        return ROOTS.indexOf(layer.word("roots"));
    }

    public static double thickness(Entered layer) {
        return layer.number("bottomCm") - layer.number("topCm");
    }

    /** A shape as it is called in the field. */
    public static String label(String shape) {
        return SHAPES.options().stream()
                .filter(option -> option.word().equals(shape))
                .findFirst()
                .orElseThrow()
                .label();
    }
}
