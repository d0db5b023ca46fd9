package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.perSpot;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Description.water;
import static morphotera.measure.Entry.option;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.ground.Decimal;
import morphotera.ground.Numbers;
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
import morphotera.measure.Method;
import morphotera.measure.Result;
import morphotera.measure.Step;

/**
 * How fast water enters the surface: a ring, a measured pour, the time until the last glint. Rate = (depth − left)/time,
 * mm/h; the last pour speaks of the soil. Read by level, I = S·√t + A·t (Philip 1957) by least squares, t in hours. The
 * soil's own conductivity after Reynolds and Elrick (1990): q/(H/L + 1/(α·L) + 1), L = 0.316·π·d + 0.184·π·a, in cm.
 */
final class InfiltrationRing implements Method {
    private static final double ALPHA_COARSE = 0.36;
    private static final Map<String, Double> ALPHA =
            Map.of("structured", 0.12, "unstructured", 0.04, "compacted", 0.01);
    private static final double SURE_HEAD_MM = 50;
    private static final double SURE_INSERTION_MM = 30;
    private static final double LATE = 2.0 / 3;
    private static final int FEWEST_LEVELS = 3;

    private static final Description DESCRIPTION = Description.of("infiltration-ring", "Infiltration ring")
            .purpose("How fast water enters the surface")
            .group(Group.WATER)
            .grade(Grade.A)
            .day(Day.MOIST_SOIL)
            .about(
                    "A ring pushed into the ground, a measured pour, and the time until the surface shows no free water. The second "
                            + "pour speaks of the soil; the first also of how dry it was.")
            .gear(
                    tool("ring, 150 mm wide and 125 high"),
                    tool("mallet and block"),
                    tool("bottle of known volume"),
                    perSpot("film to pour on", 1, null),
                    water("water, two pours of 25 mm", new Description.Fill("ringDiameterMm", 150, "pourMm", 25, 2)))
            .cautions("Firm the inner edge: a leak up the wall is the commonest fault.")
            .variants(
                    new Description.Variant(
                            "pours",
                            "Two pours",
                            List.of(
                                    place(),
                                    Step.field(
                                                    "pour-1",
                                                    "Pour, and draw the film away",
                                                    "The clock starts as the film comes off, and stops at the last glint.",
                                                    20)
                                            .watched(60, 3600)
                                            .expect(300, 600, 1500)
                                            .enters("pours"),
                                    Step.field(
                                                    "pour-2",
                                                    "Pour again at once",
                                                    "Not soaked in after an hour: enter the level left.",
                                                    20)
                                            .watched(120, 3600)
                                            .expect(600, 1800, 3600)
                                            .enters("pours"),
                                    lift())),
                    new Description.Variant("levels", "By level", byLevel()))
            .fields(
                    Entry.mm("ringDiameterMm", "Ring width").aboveZero(),
                    Entry.mm("insertionMm", "Ring in the ground"),
                    Entry.SAMPLE_DEPTH,
                    Entry.mm("headMm", "Water standing in it")
                            .optional()
                            .hint("Left open, half of the last pour's depth is taken."),
                    Entry.choice(
                                    "soilState",
                                    "The ground",
                                    option(
                                            "structured",
                                            "Structured",
                                            "Crumbs and worm holes; most soils in good order."),
                                    option("unstructured", "Unstructured", "Fine and even, few pores to be seen."),
                                    option("compacted", "Compacted", "Dense and closed."))
                            .drawn(),
                    Entry.list(
                                    "pours",
                                    "Pours",
                                    0,
                                    2,
                                    Entry.ml("volumeMl", "Poured"),
                                    Entry.seconds("seconds", "Gone after"),
                                    Entry.mm("leftMm", "Left standing").preset(0.0))
                            .by(Entry.Part.TIMED)
                            .optional(),
                    Entry.list(
                                    "levels",
                                    "Levels",
                                    0,
                                    0,
                                    Entry.minutes("minutes", "After"),
                                    Entry.mm("mm", "Soaked in so far"))
                            .by(Entry.Part.LEVELS)
                            .optional()
                            .hint("In place of pours: the whole depth soaked in since the start."))
            .checks(
                    new Description.Check("leak", "Did no water come up outside the ring?"),
                    new Description.Check("clock", "Did the clock start when the film came off?"))
            .results(
                    Result.number("pourDepth", "Each pour", "mm", "volume ÷ area of the ring")
                            .each(),
                    Result.number("pourRate", "Rate of each pour", "mm/h", "(depth − left) ÷ hours")
                            .each()
                            .onTheDay(),
                    Result.number(
                                    "steadyRate",
                                    "Steady rate",
                                    "mm/h",
                                    "the last pour's rate, or the last third by level")
                            .through()
                            .onTheDay(),
                    Result.number("sorptivity", "Drawn in by dryness", "mm/√h", "S of I = S × √t + A × t")
                            .onTheDay(),
                    Result.number("transmissivity", "Carried on", "mm/h", "A of I = S × √t + A × t")
                            .onTheDay(),
                    Result.number("fit", "Fit of the line", "share", "1 − Σ e² ÷ Σ (I − mean I)²")
                            .onTheDay(),
                    Result.number("fieldK", "Soil's own rate", "mm/h", "steady rate ÷ (H ÷ L + 1 ÷ (α × L) + 1)")
                            .onTheDay())
            .curves("infiltration")
            .source(
                    "Philip 1957; Reynolds and Elrick 1990; alpha by texture and structure after Elrick and Reynolds 1992")
            .words(Map.ofEntries(
                    entry("last-pour", "The last pour went in at {rate} mm/h."),
                    entry("last-third", "Over the last third of the time it fell at {rate} mm/h."),
                    entry("soils-part", "Of that {k} mm/h is the soil's own; the rest is the ring's edge and head."),
                    entry("no-head", "By level the soil's own rate needs the depth of water standing in the ring."),
                    entry("single-pour", "One pour: how dry the soil was is still in it."),
                    entry(
                            "approximate-k",
                            "Under 50 mm of head or 30 mm in the ground the soil's own rate is rough; the steady rate is not."),
                    entry("needs-texture", "The soil's own rate needs the field's texture.")))
            .build();

    private static Step place() {
        return Step.field(
                        "place-ring",
                        "Trim plants, drive the ring in to the mark",
                        "Firm the inner edge with a finger. Lay the film.",
                        150)
                .enters("ringDiameterMm", "insertionMm", "depthCm", "soilState");
    }

    private static Step lift() {
        return Step.field("lift-rinse", "Lift the ring and rinse it", "Look how deep the water went.", 45)
                .enters("headMm");
    }

    private static List<Step> byLevel() {
        List<Step> steps = new ArrayList<>();
        steps.add(place());
        steps.add(Step.field("fill", "Fill it and read the level", "Keep the film down until the ring is full.", 30)
                .waits(120, 600)
                .enters("levels"));
        for (int read = 1; read <= 6; read++) {
            steps.add(Step.field("read-" + read, "Read the level", "Each 2 to 10 min, as the fall asks.", 15)
                    .waits(120, 600)
                    .enters("levels"));
        }
        steps.add(lift());
        return List.copyOf(steps);
    }

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        List<Entered> pours = in.list("pours");
        List<Entered> levels = in.list("levels");
        if (pours.isEmpty() == levels.isEmpty()) {
            check.refuse(
                    "/reading/pours",
                    pours.isEmpty() ? "empty-list" : "given-twice",
                    "Give pours or levels, one of them.");
        }
        for (int i = 0; i < pours.size(); i++) {
            Entered pour = pours.get(i);
            if (in.has("ringDiameterMm")
                    && pour.has("volumeMl")
                    && pour.has("leftMm")
                    && pour.number("leftMm") > depth(pour, in)) {
                check.refuse(
                        "/reading/pours/" + i + "/leftMm",
                        "over-pour",
                        "More is left than was poured: " + Decimal.show(depth(pour, in), 1) + " mm.");
            }
        }
        checkLevels(levels, check);
    }

    private static void checkLevels(List<Entered> levels, EntryCheck check) {
        Entered before = null;
        int later = 0;
        for (int i = 0; i < levels.size(); i++) {
            Entered level = levels.get(i);
            String path = "/reading/levels/" + i;
            Double minutes = level.numberOrNull("minutes");
            Double mm = level.numberOrNull("mm");
            if (before != null && minutes != null && before.has("minutes") && minutes <= before.number("minutes")) {
                check.refuse(path + "/minutes", "backward", "Each time must be later than the one before it.");
            }
            if (before != null && mm != null && before.has("mm") && mm < before.number("mm")) {
                check.refuse(path + "/mm", "backward", "What has soaked in cannot come back.");
            }
            if (minutes != null && minutes == 0 && mm != null && mm > 0) {
                check.refuse(path + "/mm", "not-zero", "At the start nothing has soaked in yet.");
            }
            later += minutes != null && minutes > 0 ? 1 : 0;
            before = level;
        }
        if (!levels.isEmpty() && later < FEWEST_LEVELS) {
            check.refuse("/reading/levels", "too-few", "Three levels or more after the start are needed.");
        }
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        List<Entered> pours = in.list("pours");
        boolean poured = !pours.isEmpty();
        double steady = poured ? pours(pours, in, out) : levels(in.list("levels"), out);
        out.measure("steadyRate", steady, "mm/h")
                .because(poured ? "last-pour" : "last-third", Map.of("rate", steady))
                .score(curves.place("infiltration", context, steady));
        Double head = in.numberOrNull("headMm");
        if (head == null && poured) {
            head = depth(pours.get(pours.size() - 1), in) / 2;
        }
        fieldK(context, in, steady, head, out);
        if (pours.size() == 1) {
            out.flag("single-pour");
        }
    }

    private static double depth(Entered pour, Entered in) {
        double radius = in.number("ringDiameterMm") / 2;
        return pour.number("volumeMl") * 1000 / (Math.PI * radius * radius);
    }

    private static double pours(List<Entered> pours, Entered in, Evaluation.Draft out) {
        double rate = 0;
        for (int i = 0; i < pours.size(); i++) {
            Entered pour = pours.get(i);
            double depth = depth(pour, in);
            rate = (depth - pour.number("leftMm")) / (pour.number("seconds") / 3600);
            out.each("pourDepth", depth, "mm", i).each("pourRate", rate, "mm/h", i);
        }
        return rate;
    }

    /** The fall over the last third of the time, from the latest reading at or before two thirds of it. */
    private static double levels(List<Entered> levels, Evaluation.Draft out) {
        Entered last = levels.get(levels.size() - 1);
        double until = last.number("minutes") * LATE * (1 + 1e-12);
        double fromMinutes = 0;
        double fromMm = 0;
        for (Entered level : levels) {
            if (level.number("minutes") <= until) {
                fromMinutes = level.number("minutes");
                fromMm = level.number("mm");
            }
        }
        philip(levels, out);
        return (last.number("mm") - fromMm) / ((last.number("minutes") - fromMinutes) / 60);
    }

    private static void philip(List<Entered> levels, Evaluation.Draft out) {
        double t1 = 0;
        double t15 = 0;
        double t2 = 0;
        double byRoot = 0;
        double byTime = 0;
        List<Double> soaked = new ArrayList<>();
        List<Double> hours = new ArrayList<>();
        for (Entered level : levels) {
            double t = level.number("minutes") / 60;
            if (t > 0) {
                double mm = level.number("mm");
                hours.add(t);
                soaked.add(mm);
                t1 += t;
                t15 += t * Math.sqrt(t);
                t2 += t * t;
                byRoot += mm * Math.sqrt(t);
                byTime += mm * t;
            }
        }
        double determinant = t1 * t2 - t15 * t15;
        double s = (byRoot * t2 - byTime * t15) / determinant;
        double a = (t1 * byTime - t15 * byRoot) / determinant;
        double mean = Numbers.mean(soaked);
        double left = 0;
        double all = 0;
        for (int i = 0; i < soaked.size(); i++) {
            double error = soaked.get(i) - s * Math.sqrt(hours.get(i)) - a * hours.get(i);
            left += error * error;
            all += (soaked.get(i) - mean) * (soaked.get(i) - mean);
        }
        out.measure("sorptivity", s, "mm/√h")
                .measure("transmissivity", a, "mm/h")
                .measure("fit", all == 0 ? null : 1 - left / all, "share");
    }

    private static void fieldK(Context context, Entered in, double steady, Double headMm, Evaluation.Draft out) {
        TextureClass texture = context.texture();
        if (texture == null || headMm == null) {
            out.measure("fieldK", null, "mm/h");
            if (texture == null) {
                out.flag("needs-texture");
            }
            if (headMm == null) {
                out.because("no-head");
            }
            return;
        }
        boolean sandy = texture == TextureClass.SAND || texture == TextureClass.LOAMY_SAND;
        double alpha = sandy ? ALPHA_COARSE : ALPHA.get(in.word("soilState"));
        double insertionCm = in.number("insertionMm") / 10;
        double radiusCm = in.number("ringDiameterMm") / 20;
        double reach = 0.316 * Math.PI * insertionCm + 0.184 * Math.PI * radiusCm;
        double k = steady / (headMm / 10 / reach + 1 / (alpha * reach) + 1);
        out.measure("fieldK", k, "mm/h").because("soils-part", Map.of("k", k));
        if (headMm < SURE_HEAD_MM || in.number("insertionMm") < SURE_INSERTION_MM) {
            out.flag("approximate-k");
        }
    }
}
