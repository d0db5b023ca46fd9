package morphotera.measure;

import static morphotera.ground.TextureClass.LOAMY_SAND;
import static morphotera.ground.TextureClass.SAND;
import static morphotera.measure.Field.option;

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
    private static final List<String> ROOTS = List.of("none", "cracks-only", "some", "many");
    private static final Map<String, Double> MANY =
            Map.of("many", 1.0, "some", 0.65, "few", 0.3, "cracks-only", 0.3, "none", 0.0);

    private static final Field SHAPES = Field.choice(
            "shape",
            "Shape",
            option("crumb", "Crumbs", "Soft, round, full of holes."),
            option("granular", "Grains of soil", "Small round pieces, firm."),
            option("rounded-blocks", "Rounded blocks", "Thumb-sized, edges blunt."),
            option("sharp-blocks", "Sharp blocks", "Flat faces that fit together."),
            option("plates", "Plates", "Lie flat, like a stack of slates."),
            option("massive", "Massive", "No cracks of its own."),
            option("single-grain", "Loose sand", "Runs through the fingers."));

    private Layers() {}

    public static Field shape() {
        return SHAPES;
    }

    public static Field pores() {
        return Field.choice(
                "pores",
                "Pores",
                option("many", "Many", "Seen everywhere on a broken face."),
                option("some", "Some", "Several on each face."),
                option("few", "Few", "One has to look for them."),
                option("none", "None", "A closed face."));
    }

    public static Field roots() {
        return Field.choice(
                "roots",
                "Roots",
                option("many", "Many", "Through the pieces, everywhere."),
                option("some", "Some", "Through some pieces."),
                option("cracks-only", "In cracks only", "Flattened between the pieces."),
                option("none", "None", "No living root."));
    }

    /** Refuses layers that do not begin at the surface, touch, and end below where they begin. */
    public static void check(List<Entered> layers, FieldCheck check) {
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
