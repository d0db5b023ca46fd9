package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Entry.option;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.ground.Coded;
import morphotera.ground.TextureClass;
import morphotera.measure.Context;
import morphotera.measure.Curves;
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
 * A pit read layer by layer to where roots stop and why. Score: thickness-weighted mean of 64·shape + 36·roots to 60 cm.
 * Roots stop at the first layer whose roots are two steps or more thinner than those above; a reason holds in that layer
 * and not in the one above it.
 */
final class RootPit implements Method {
    private static final double SCORED_TO_CM = 60;
    private static final double WATER_TO_CM = 100;
    private static final double ALONE_TO_CM = 100;
    private static final double JUMP_WITHIN_CM = 10;
    private static final double HARD_KPA = 2068;
    private static final double ACID_UNDER = 5.5;
    private static final double LIMITING_UNDER = 50;
    private static final Set<String> CLOSED = Set.of("plates", "massive");
    private static final Set<String> WET = Set.of("wet", "saturated");

    private static final Description DESCRIPTION = Description.of("root-pit", "Root pit")
            .purpose("Where roots stop, and what stops them")
            .group(Group.ROOTS)
            .grade(Grade.B)
            .judged()
            .about(
                    "A pit to 60 to 150 cm, its face cleaned and read layer by layer: shape, roots, moisture, colours of standing water, "
                            + "hardness and pH. It tells what no test from above can.")
            .gear(
                    tool("spade and pick, or a machine with its driver"),
                    tool("tape"),
                    tool("knife"),
                    tool("fence and signs"),
                    tool("water bottle"))
            .cautions(
                    "Ask the dig-safe service days ahead.",
                    "Two people. Nobody's head or chest below the rim.",
                    "Enter at most 1 m deep; deeper is read from above.",
                    "Spoil a metre back from the edge; the machine away from it.",
                    "Never enter with water in it, foul smell or after rain. Slope or bench the sides.",
                    "Fence it, and fill it the same day. Local law rules.")
            .heedFirst()
            .variants(
                    new Description.Variant("spade", "By spade", steps(1500)),
                    new Description.Variant("machine", "By machine, or deeper", steps(2700)))
            .fields(
                    Entry.cm("depthCm", "Depth of the pit").aboveZero(),
                    Entry.yesNo("fromAbove", "Read from above").preset(false),
                    Entry.number("people", "People at the pit", null, 1, 20)
                            .counted()
                            .preset(2.0),
                    Entry.list(
                                    "layers",
                                    "Layers",
                                    1,
                                    3,
                                    Entry.cm("topCm", "From"),
                                    Entry.cm("bottomCm", "To"),
                                    Layers.shape(),
                                    Layers.roots(),
                                    Layers.moisture(),
                                    Layers.mottles().preset("none"),
                                    Entry.choice("texture", "Texture", classes())
                                            .optional(),
                                    Entry.kPa("resistanceKpa", "Resistance").optional(),
                                    Entry.pH("ph", "pH, in water").optional(),
                                    Smell.SCALE.optional())
                            .by(Entry.Part.LAYERS),
                    Entry.cm("waterAtCm", "Water stands at").optional())
            .checks(
                    new Description.Check("face", "Was the face cleaned of what the spade or bucket smeared?"),
                    new Description.Check("filled", "Is the pit filled, or fenced and somebody by it?"))
            .results(
                    Result.number("layerScore", "Each layer", "score", "64 × shape + 36 × roots")
                            .each(),
                    Result.number("rootStop", "Roots stop at", "cm", "roots two steps thinner than above")
                            .through(),
                    Result.words(
                            "rootStopReasons",
                            "What stops them",
                            "holds there and not above",
                            List.of("structure", "hard", "texture", "wet", "acid")),
                    Result.yesNo("rootStopFound", "Roots stop", "seen"),
                    Result.yesNo("waterBelowStop", "Water below that", "moist below, dry just above"),
                    Result.yesNo("mottledWithin60", "Colours of water within 60 cm", "seen"),
                    Result.yesNo(
                            "mottledTopOnly",
                            "Colours of water in the top only",
                            "above 15 cm, none in a layer from 15 cm down"),
                    Result.yesNo("yellowMottles", "Straw-yellow colours", "seen"),
                    Result.yesNo("waterWithin100", "Water within 100 cm", "seen"),
                    Result.yesNo("textureJumps", "Texture jumps", "the group changes within 10 cm"),
                    Result.word(
                            "limitingShape",
                            "Limiting shape",
                            "of the lowest layer, where it is under 50",
                            Layers.SHAPE_WORDS))
            .source("Profile description after common soil survey guides; weights are this product's own")
            .words(Map.ofEntries(
                    entry("layers", "{n:0} layers to {depth:0} cm."),
                    entry("stop", "Roots thin out at {depth:0} cm: {reasons}."),
                    entry("no-stop", "Roots do not end at one depth."),
                    entry("limiting", "{shape} from {top:0} cm hold it back."),
                    entry("deep", "Over 100 cm: nobody goes in, it is read from above.")))
            .build();

    private static Entry.Option[] classes() {
        List<Entry.Option> options = new ArrayList<>();
        for (TextureClass texture : TextureClass.values()) {
            options.add(option(texture.word(), texture.word().replace('-', ' '), null));
        }
        return options.toArray(Entry.Option[]::new);
    }

    private static List<Step> steps(int digS) {
        return List.of(
                Step.dayBefore(
                        "dig-safe-booking", "Ask the dig-safe service", "As many working days ahead as it asks.", 600),
                Step.field("check-fence", "Look for marks, set the fence", "Lines, drains, overhead wires.", 120)
                        .byTwo()
                        .enters("people"),
                Step.field("dig", "Dig the pit", "Topsoil and subsoil on two heaps, a metre back.", digS)
                        .byTwo()
                        .enters("depthCm", "fromAbove"),
                Step.field("clean", "Clean one face", "Pick, do not cut.", 300).byTwo(),
                Step.field("photo-tape", "Photograph with the tape", "Zero at the surface, in shade.", 60)
                        .byTwo(),
                Step.field("describe-layers", "Describe each layer", "From the surface down.", 600)
                        .byTwo()
                        .enters("layers"),
                Step.field("water-read", "Read the water", "Has it risen?", 15)
                        .byTwo()
                        .enters("waterAtCm"),
                Step.field("backfill", "Fill the pit", "Subsoil first, tread it in layers.", 900)
                        .byTwo());
    }

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        List<Entered> layers = in.list("layers");
        Layers.check(layers, check);
        Double depth = in.numberOrNull("depthCm");
        for (int i = 0; i < layers.size(); i++) {
            Double bottom = layers.get(i).numberOrNull("bottomCm");
            if (depth != null && bottom != null && bottom > depth) {
                check.refuse("/reading/layers/" + i + "/bottomCm", "below-pit", "This layer ends below the pit.");
            }
        }
        Double people = in.numberOrNull("people");
        if (depth != null && depth > ALONE_TO_CM && people != null && people < 2 && !in.yes("fromAbove")) {
            check.refuse(
                    "/reading/depthCm", "alone", "Over 100 cm with one person: read it from above, or not at all.");
        }
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        List<Entered> layers = in.list("layers");
        out.because("layers", Map.of("n", layers.size(), "depth", in.number("depthCm")));
        score(layers, context.texture(), out);
        rootStop(layers, out);
        out.word("mottledWithin60", Layers.mottled(layers))
                .word("mottledTopOnly", Layers.mottledTopOnly(layers))
                .word(
                        "yellowMottles",
                        layers.stream().anyMatch(layer -> layer.word("mottles").equals("yellow")))
                .word("waterWithin100", in.has("waterAtCm") && in.number("waterAtCm") <= WATER_TO_CM);
        Boolean jumps = textureJumps(layers);
        if (jumps != null) {
            out.word("textureJumps", jumps);
        }
        if (in.number("depthCm") > ALONE_TO_CM && !in.yes("fromAbove")) {
            out.flag("deep");
        }
    }

    private static void score(List<Entered> layers, TextureClass field, Evaluation.Draft out) {
        double weighted = 0;
        double thickness = 0;
        double least = 101;
        Entered worst = null;
        for (int i = 0; i < layers.size(); i++) {
            Entered layer = layers.get(i);
            double score = 64 * Layers.built(layer, texture(layer, field)) + 36 * Layers.many(layer, "roots");
            out.each("layerScore", score, "score", i);
            double thick = Math.min(layer.number("bottomCm"), SCORED_TO_CM) - layer.number("topCm");
            if (thick > 0) {
                weighted += score * thick;
                thickness += thick;
            }
            if (score < least) {
                least = score;
                worst = layer;
            }
        }
        out.score(weighted / thickness).word("limitingShape", least < LIMITING_UNDER ? worst.word("shape") : null);
        if (least < LIMITING_UNDER) {
            out.because("limiting", Map.of("shape", Layers.label(worst.word("shape")), "top", worst.number("topCm")));
        }
    }

    private static TextureClass texture(Entered layer, TextureClass field) {
        return layer.has("texture") ? Coded.of(TextureClass.values(), layer.word("texture")) : field;
    }

    private static void rootStop(List<Entered> layers, Evaluation.Draft out) {
        for (int i = 1; i < layers.size(); i++) {
            Entered above = layers.get(i - 1);
            Entered here = layers.get(i);
            if (Layers.rootStep(above) - Layers.rootStep(here) >= 2) {
                List<String> reasons = reasons(above, here);
                // Where the ground above is moist too, moisture below says nothing of roots that cannot reach it.
                Boolean waterBelow = above.word("moisture").equals("dry")
                        ? layers.subList(i, layers.size()).stream()
                                .anyMatch(layer -> !layer.word("moisture").equals("dry"))
                        : null;
                out.measure("rootStop", here.number("topCm"), "cm")
                        .word("rootStopFound", true)
                        .word("rootStopReasons", reasons)
                        .word("waterBelowStop", waterBelow)
                        .because(
                                "stop",
                                Map.of(
                                        "depth",
                                        here.number("topCm"),
                                        "reasons",
                                        reasons.isEmpty()
                                                ? "nothing seen there explains it"
                                                : String.join(", ", reasons)));
                return;
            }
        }
        out.measure("rootStop", null, "cm")
                .word("rootStopFound", false)
                .word("rootStopReasons", List.of())
                .word("waterBelowStop", false)
                .because("no-stop");
    }

    private static List<String> reasons(Entered above, Entered here) {
        List<String> reasons = new ArrayList<>();
        if (CLOSED.contains(here.word("shape")) && !CLOSED.contains(above.word("shape"))) {
            reasons.add("structure");
        }
        if (isHard(here) && !isHard(above)) {
            reasons.add("hard");
        }
        if (here.has("texture") && above.has("texture") && group(here) != group(above)) {
            reasons.add("texture");
        }
        if (isWet(here) && !isWet(above)) {
            reasons.add("wet");
        }
        if (isAcid(here) && !isAcid(above)) {
            reasons.add("acid");
        }
        return List.copyOf(reasons);
    }

    private static boolean isHard(Entered layer) {
        return layer.has("resistanceKpa") && layer.number("resistanceKpa") >= HARD_KPA;
    }

    private static boolean isWet(Entered layer) {
        return WET.contains(layer.word("moisture")) || layer.word("mottles").equals("grey");
    }

    private static boolean isAcid(Entered layer) {
        return layer.has("ph") && layer.number("ph") < ACID_UNDER;
    }

    private static Object group(Entered layer) {
        return texture(layer, null).group();
    }

    /** Whether the texture group changes within 10 cm; null where fewer than two layers have a texture. */
    private static Boolean textureJumps(List<Entered> layers) {
        Entered before = null;
        Boolean jumps = null;
        for (Entered layer : layers) {
            if (!layer.has("texture")) {
                continue;
            }
            if (before != null) {
                boolean near = layer.number("topCm") - before.number("bottomCm") <= JUMP_WITHIN_CM;
                boolean changed = near && group(layer) != group(before);
                jumps = changed || Boolean.TRUE.equals(jumps);
            }
            before = layer;
        }
        return jumps;
    }
}
