package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Entry.option;

import java.util.List;
import java.util.Map;
import morphotera.ground.TextureClass;
import morphotera.ground.TextureTriangle;
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
import morphotera.measure.Step;
import morphotera.measure.Texture;

/** Texture by hand (after Thien 1979): no ball sand, no ribbon loamy sand, then by the ribbon's length and how it feels. */
final class TextureFeel implements Method {
    private static final double SHORT_MM = 25;
    private static final double LONG_MM = 50;
    private static final Map<String, TextureClass> SHORT =
            Map.of("gritty", TextureClass.SANDY_LOAM, "smooth", TextureClass.SILT_LOAM, "neither", TextureClass.LOAM);
    private static final Map<String, TextureClass> MIDDLE = Map.of(
            "gritty",
            TextureClass.SANDY_CLAY_LOAM,
            "smooth",
            TextureClass.SILTY_CLAY_LOAM,
            "neither",
            TextureClass.CLAY_LOAM);
    private static final Map<String, TextureClass> LONG =
            Map.of("gritty", TextureClass.SANDY_CLAY, "smooth", TextureClass.SILTY_CLAY, "neither", TextureClass.CLAY);

    private static final Description DESCRIPTION = Description.of("texture-feel", "Texture by feel")
            .purpose("What the soil is made of")
            .group(Group.CONTEXT)
            .grade(Grade.A)
            .judged()
            .about(
                    "A palmful without roots and stones, wetted until it is most sticky, kneaded for two minutes, balled and pressed "
                            + "out between thumb and finger into a ribbon until it breaks by its own weight.")
            .gear(tool("water bottle"), tool("cloth"), tool("ruler"))
            .variants(new Description.Variant(
                    "ribbon",
                    "Ball and ribbon",
                    List.of(
                            Step.field(
                                            "gather-pick",
                                            "Take a palmful, pick out roots and stones",
                                            "From the depth in hand.",
                                            45)
                                    .enters("depthCm"),
                            Step.field("wet-knead", "Wet and knead for two minutes", "To where it sticks most.", 120)
                                    .enters("ball"),
                            Step.field(
                                            "ribbon-three-times",
                                            "Press out a ribbon, three times",
                                            "Until it breaks by its own weight.",
                                            60)
                                    .enters("ribbonMm"),
                            Step.field("judge-enter", "Rub it and judge", "Wetter still, between thumb and palm.", 30)
                                    .enters("feel", "cracksWhenPressed"))))
            .fields(
                    Entry.yesNo("ball", "Makes a ball"),
                    Entry.number("ribbonMm", "Ribbon", "mm", 0, 300).hint("The middle of three; 0 where none forms."),
                    Entry.choice(
                                    "feel",
                                    "Feels",
                                    option("gritty", "Gritty", "Grains one can count."),
                                    option("smooth", "Smooth", "Like flour or soap."),
                                    option("neither", "Neither", "Some of both."))
                            .drawn(),
                    Entry.choice(
                                    "cracksWhenPressed",
                                    "Pressed flat",
                                    option("none", "No cracks", "A smooth edge."),
                                    option("some", "Some cracks", "A ragged edge."),
                                    option("many", "Many cracks", "It falls apart."))
                            .drawn()
                            .optional(),
                    Entry.SAMPLE_DEPTH)
            .checks(
                    new Description.Check("kneaded", "Was it kneaded two minutes, without dry lumps?"),
                    new Description.Check("three", "Is the ribbon the middle one of three?"))
            .results(Texture.results("middle of the class's area"))
            .source("Thien 1979; water by Saxton and Rawls 2006")
            .words(Map.ofEntries(
                    entry("ribbon", "A ribbon of {ribbon:0} mm, {feel}: {texture}."),
                    entry("no-ball", "No ball forms: sand."),
                    entry("no-ribbon", "A ball and no ribbon: loamy sand."),
                    entry(
                            "contradiction",
                            "Ribbon and cracks contradict: organic matter can hold a sand together, too wet hides cracks. Knead again, or use the jar."),
                    entry("held", Texture.HELD),
                    entry("not-held", Texture.NOT_HELD)))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        if (in.has("ball") && !in.yes("ball") && in.has("ribbonMm") && in.number("ribbonMm") > 0) {
            check.refuse("/reading/ribbonMm", "no-ball", "What makes no ball makes no ribbon: 0 belongs here.");
        }
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        double ribbon = in.number("ribbonMm");
        TextureClass texture = texture(in.yes("ball"), ribbon, in.word("feel"));
        TextureTriangle.Shares middle = TextureTriangle.middleOf(texture);
        out.estimated("sand", middle.sand(), "%")
                .estimated("silt", middle.silt(), "%")
                .estimated("clay", middle.clay(), "%");
        if (!in.yes("ball")) {
            out.because("no-ball");
        } else if (ribbon == 0) {
            out.because("no-ribbon");
        } else {
            out.because(
                    "ribbon",
                    Map.of(
                            "ribbon",
                            ribbon,
                            "feel",
                            in.word("feel").equals("neither") ? "neither gritty nor smooth" : in.word("feel"),
                            "texture",
                            texture.word().replace('-', ' ')));
        }
        Texture.tell(texture, middle, out);
        String cracks = in.wordOrNull("cracksWhenPressed");
        boolean tooLittle = in.yes("ball") && ribbon < SHORT_MM && "none".equals(cracks);
        if (tooLittle || (ribbon > LONG_MM && "many".equals(cracks))) {
            out.flag("contradiction");
        }
    }

    private static TextureClass texture(boolean ball, double ribbon, String feel) {
        if (!ball) {
            return TextureClass.SAND;
        } else if (ribbon == 0) {
            return TextureClass.LOAMY_SAND;
        }
        return (ribbon < SHORT_MM ? SHORT : ribbon <= LONG_MM ? MIDDLE : LONG).get(feel);
    }
}
