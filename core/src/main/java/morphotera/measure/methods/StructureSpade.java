package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Entry.option;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.ground.TextureClass;
import morphotera.measure.Context;
import morphotera.measure.Curves;
import morphotera.measure.Day;
import morphotera.measure.Description;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.EntryCheck;
import morphotera.measure.Evaluation;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.Layers;
import morphotera.measure.Method;
import morphotera.measure.Result;
import morphotera.measure.Step;

/**
 * How the soil is built, judged on a spade's block, layer by layer: 35·shape + 25·effort + 20·pores + 20·roots. The score is
 * the thickness-weighted mean; a layer under 25 caps it at 60, because roots must pass every layer.
 */
final class StructureSpade implements Method {
    private static final Map<String, Double> EFFORT = Map.of("falls", 1.0, "gentle", 0.75, "firm", 0.35, "hard", 0.0);
    private static final double BAD_LAYER = 25;
    private static final double BAD_LAYER_CAP = 60;
    private static final double LIMITING_UNDER = 50;

    private static final Description DESCRIPTION = Description.of("structure-spade", "Soil block")
            .purpose("How the soil is built, layer by layer")
            .group(Group.STRUCTURE)
            .grade(Grade.B)
            .day(Day.MOIST_SOIL)
            .judged()
            .about(
                    "A block cut on three sides and levered out, opened by hand along its own cracks. Each layer is judged by shape, "
                            + "by the effort to break it, by pores and by roots.")
            .gear(tool("spade"), tool("tray or sheet"), tool("ruler"), tool("knife"))
            .variants(new Description.Variant(
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
                            Step.putBack())))
            .fields(Entry.list(
                            "layers",
                            "Layers",
                            1,
                            2,
                            Entry.cm("topCm", "From"),
                            Entry.cm("bottomCm", "To"),
                            Layers.shape(),
                            Entry.choice(
                                            "effort",
                                            "Effort to break",
                                            option("falls", "Falls apart", "By itself, as it is laid out."),
                                            option("gentle", "Gentle", "A light press of the fingers."),
                                            option("firm", "Firm", "A strong press of one hand."),
                                            option("hard", "Hard", "Both hands, or not at all."))
                                    .drawn(),
                            Layers.pores(),
                            Layers.roots(),
                            Layers.mottles().optional(),
                            Layers.moisture().optional())
                    .by(Entry.Part.LAYERS))
            .checks(
                    new Description.Check("fourth-side", "Was the side you judged broken, not cut by the spade?"),
                    new Description.Check("depths", "Do the layers meet, from the surface down?"))
            .results(
                    Result.number(
                                    "layerScore",
                                    "Each layer",
                                    "score",
                                    "35 × shape + 25 × effort + 20 × pores + 20 × roots")
                            .each()
                            .onTheDay(),
                    Result.number(
                            "limitingTopCm",
                            "Limiting layer from",
                            "cm",
                            "top of the lowest layer, where it is under 50"),
                    Result.word(
                            "limitingShape",
                            "Limiting shape",
                            "shape of the lowest layer, where it is under 50",
                            Layers.SHAPE_WORDS),
                    Result.yesNo("mottled", "Colours of water within 60 cm", "in a layer that starts above 60 cm"),
                    Result.yesNo(
                            "mottledTopOnly",
                            "Colours of water in the top only",
                            "above 15 cm, none in a layer from 15 cm down"))
            .source("A spade test of layers after Peerlkamp 1959 and its many heirs; weights are this product's own")
            .words(Map.ofEntries(
                    entry("layers", "{n:0} layers, the lowest {lowest:0}."),
                    entry("limiting", "{shape} from {top} cm hold it back."),
                    entry("capped", "A layer under 25 caps the block at 60: roots must pass it.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        Layers.check(in.list("layers"), check);
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        List<Entered> layers = in.list("layers");
        List<Double> scores = new ArrayList<>();
        double weighted = 0;
        double thickness = 0;
        int lowest = 0;
        for (int i = 0; i < layers.size(); i++) {
            Entered layer = layers.get(i);
            double score = layerScore(layer, context.texture());
            scores.add(score);
            out.each("layerScore", score, "score", i);
            double thick = Layers.thickness(layer);
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
                .word("mottled", Layers.mottled(layers))
                .word("mottledTopOnly", Layers.mottledTopOnly(layers))
                .because("layers", Map.of("n", layers.size(), "lowest", least));
        if (limiting) {
            out.because("limiting", Map.of("shape", Layers.label(worst.word("shape")), "top", worst.number("topCm")));
        }
        if (least < BAD_LAYER) {
            out.cap(BAD_LAYER_CAP).because("capped");
        }
    }

    private static double layerScore(Entered layer, TextureClass texture) {
        return 35 * Layers.built(layer, texture)
                + 25 * EFFORT.get(layer.word("effort"))
                + 20 * Layers.many(layer, "pores")
                + 20 * Layers.many(layer, "roots");
    }
}
