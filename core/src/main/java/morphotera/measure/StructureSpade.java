package morphotera.measure;

import static java.util.Map.entry;
import static morphotera.ground.TextureClass.LOAMY_SAND;
import static morphotera.ground.TextureClass.SAND;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Field.option;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * How the soil is built, judged on a spade's block, layer by layer: 35·shape + 25·effort + 20·pores + 20·roots. The score is
 * the thickness-weighted mean; a layer under 25 caps it at 60, because roots must pass every layer.
 */
final class StructureSpade implements Method {
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
    private static final Map<String, Double> EFFORT = Map.of("falls", 1.0, "gentle", 0.75, "firm", 0.35, "hard", 0.0);
    private static final Map<String, Double> MANY =
            Map.of("many", 1.0, "some", 0.65, "few", 0.3, "cracks-only", 0.3, "none", 0.0);
    private static final double BAD_LAYER = 25;
    private static final double BAD_LAYER_CAP = 60;
    private static final double LIMITING_UNDER = 50;

    private static final Description DESCRIPTION = new Description(
            "structure-spade",
            "Soil block",
            "How the soil is built, layer by layer",
            Group.STRUCTURE,
            Grade.B,
            true,
            true,
            "A block cut on three sides and levered out, opened by hand along its own cracks. Each layer is judged by shape, "
                    + "by the effort to break it, by pores and by roots.",
            List.of(tool("spade"), tool("tray or sheet"), tool("ruler"), tool("knife")),
            List.of(),
            List.of(new Description.Variant(
                    "block",
                    "Block by hand",
                    List.of(
                            Step.block(),
                            Step.field(
                                    "lay-open",
                                    "Open it along its own cracks",
                                    "Bend it apart like bread. Set worms aside.",
                                    150),
                            Step.field(
                                            "judge-layers",
                                            "Judge each layer",
                                            "From the surface down. A new layer where shape or effort changes.",
                                            180)
                                    .enters("layers"),
                            Step.field("photo", "Photograph with the ruler", "In shade, zero at the surface.", 30),
                            Step.putBack()))),
            List.of(Field.list(
                    "layers",
                    "Layers",
                    1,
                    2,
                    Field.cm("topCm", "From"),
                    Field.cm("bottomCm", "To"),
                    Field.choice(
                            "shape",
                            "Shape",
                            option("crumb", "Crumbs", "Soft, round, full of holes."),
                            option("granular", "Grains of soil", "Small round pieces, firm."),
                            option("rounded-blocks", "Rounded blocks", "Thumb-sized, edges blunt."),
                            option("sharp-blocks", "Sharp blocks", "Flat faces that fit together."),
                            option("plates", "Plates", "Lie flat, like a stack of slates."),
                            option("massive", "Massive", "No cracks of its own."),
                            option("single-grain", "Loose sand", "Runs through the fingers.")),
                    Field.choice(
                            "effort",
                            "Effort to break",
                            option("falls", "Falls apart", "By itself, as it is laid out."),
                            option("gentle", "Gentle", "A light press of the fingers."),
                            option("firm", "Firm", "A strong press of one hand."),
                            option("hard", "Hard", "Both hands, or not at all.")),
                    Field.choice(
                            "pores",
                            "Pores",
                            option("many", "Many", "Seen everywhere on a broken face."),
                            option("some", "Some", "Several on each face."),
                            option("few", "Few", "One has to look for them."),
                            option("none", "None", "A closed face.")),
                    Field.choice(
                            "roots",
                            "Roots",
                            option("many", "Many", "Through the pieces, everywhere."),
                            option("some", "Some", "Through some pieces."),
                            option("cracks-only", "In cracks only", "Flattened between the pieces."),
                            option("none", "None", "No living root.")))),
            List.of(
                    new Description.Check("fourth-side", "Was the side you judged broken, not cut by the spade?"),
                    new Description.Check("depths", "Do the layers meet, from the surface down?")),
            List.of(
                    new Description.Result(
                            "layerScore", "Each layer", "score", "35 × shape + 25 × effort + 20 × pores + 20 × roots"),
                    new Description.Result(
                            "limitingTopCm",
                            "Limiting layer from",
                            "cm",
                            "top of the lowest layer, where it is under 50"),
                    new Description.Result(
                            "limitingShape",
                            "Limiting shape",
                            null,
                            "shape of the lowest layer, where it is under 50")),
            "A spade test of layers after Peerlkamp 1959 and its many heirs; weights are this product's own",
            Map.ofEntries(
                    entry("layers", "{n:0} layers, the lowest {lowest:0}."),
                    entry("limiting", "{shape} from {top} cm hold it back."),
                    entry("capped", "A layer under 25 caps the block at 60: roots must pass it.")));

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, FieldCheck check) {
        List<Entered> layers = in.list("layers");
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

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        boolean sandy = context.texture() == SAND || context.texture() == LOAMY_SAND;
        List<Entered> layers = in.list("layers");
        List<Double> scores = new ArrayList<>();
        double weighted = 0;
        double thickness = 0;
        int lowest = 0;
        for (int i = 0; i < layers.size(); i++) {
            Entered layer = layers.get(i);
            double score = layerScore(layer, sandy);
            scores.add(score);
            out.each("layerScore", score, "score", i);
            double thick = layer.number("bottomCm") - layer.number("topCm");
            weighted += score * thick;
            thickness += thick;
            lowest = score < scores.get(lowest) ? i : lowest;
        }
        double least = scores.get(lowest);
        boolean limiting = least < LIMITING_UNDER;
        Entered worst = layers.get(lowest);
        out.score(weighted / thickness)
                .word("limitingShape", limiting ? worst.word("shape") : null)
                .measure("limitingTopCm", limiting ? worst.number("topCm") : null, "cm")
                .because("layers", Map.of("n", layers.size(), "lowest", least));
        if (limiting) {
            out.because("limiting", Map.of("shape", label(worst.word("shape")), "top", worst.number("topCm")));
        }
        if (least < BAD_LAYER) {
            out.cap(BAD_LAYER_CAP).because("capped");
        }
    }

    private static double layerScore(Entered layer, boolean sandy) {
        String shape = layer.word("shape");
        double built = sandy && shape.equals("single-grain") ? SINGLE_GRAIN_IN_SAND : SHAPE.get(shape);
        return 35 * built
                + 25 * EFFORT.get(layer.word("effort"))
                + 20 * MANY.get(layer.word("pores"))
                + 20 * MANY.get(layer.word("roots"));
    }

    private static String label(String shape) {
        return DESCRIPTION.fields().get(0).fields().get(2).options().stream()
                .filter(option -> option.word().equals(shape))
                .findFirst()
                .orElseThrow()
                .label();
    }
}
