package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Entry.option;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import morphotera.ground.Numbers;
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
 * How hard the soil is to a cone, by depth, against the limit few roots pass, 2068.427 kPa (300 psi; Taylor, Roberson and
 * Parker 1966). The mean profile is over the probes. Ground too hard to push through must not drop out of the mean: below a
 * probe stopped hard its depths count as the larger of its last reading and the limit; stopped by a stone they are missing.
 */
final class Penetration implements Method {
    static final double LIMIT_KPA = 2068.427;
    private static final double HARD_TOP_CM = 15;
    /** A peak with nothing read this far below it may or may not be a pan. */
    private static final double BELOW_PEAK_CM = 10;

    private static final double SOFTER_BELOW = 0.75;
    private static final double SHALLOW_CM = 45;
    private static final Map<String, Double> ROD_KPA =
            Map.of("slides", 500.0, "push", 1200.0, "lean", 1900.0, "stops", 2600.0);

    private static final Description DESCRIPTION = Description.of("penetration", "Cone")
            .purpose("Where the ground becomes too hard for roots")
            .group(Group.STRUCTURE)
            .grade(Grade.A)
            .day(Day.MOIST_SOIL)
            .about(
                    "A cone pushed in steadily, about 2.5 cm a second, read each 7.5 cm, at three places or more about the spot, ten "
                            + "better. Dry soil reads hard, so the day counts.")
            .gear(tool("cone penetrometer with both tips, or a rod"), tool("cloth"))
            .cautions("Never push over buried lines: ask the dig-safe service.")
            .variants(new Description.Variant(
                    "cone",
                    "Push and read",
                    List.of(
                            Step.field(
                                            "choose-cone-zero",
                                            "Choose the tip, set it to zero",
                                            "Small tip for hard ground. Read the scale of that tip.",
                                            30)
                                    .enters("cone"),
                            Step.field(
                                            "push-read-ten",
                                            "Push slowly and read each 7.5 cm",
                                            "About 2.5 cm a second. Stopped? Say by stone or by hard ground.",
                                            450)
                                    .enters("probes"),
                            Step.field("enter-wipe", "Wipe the cone", "Soil on the tip reads as hard ground.", 75))))
            .fields(
                    Entry.choice(
                                    "cone",
                                    "Tip",
                                    option("small", "Small cone", "About 13 mm wide, for hard ground."),
                                    option("large", "Large cone", "About 20 mm wide, for soft ground."),
                                    option("rod", "Rod, by feel", "No scale: how it goes in."))
                            .drawn(),
                    Entry.list(
                                    "probes",
                                    "Pushes",
                                    1,
                                    3,
                                    Entry.list(
                                            "points",
                                            "Readings",
                                            0,
                                            6,
                                            Entry.cm("depthCm", "Depth"),
                                            Entry.kPa("kPa", "Resistance").optional(),
                                            Entry.choice(
                                                            "felt",
                                                            "Felt",
                                                            option(
                                                                    "slides",
                                                                    "slides",
                                                                    "By its own weight and a finger."),
                                                            option("push", "push", "A steady push of one hand."),
                                                            option("lean", "lean", "Leaning on it."),
                                                            option("stops", "stops", "Not with all your weight."))
                                                    .drawn()
                                                    .optional()),
                                    Entry.cm("stoppedAtCm", "Stopped at").optional(),
                                    Entry.choice(
                                                    "stoppedBy",
                                                    "Stopped by",
                                                    option("stone", "Stone", "A knock; beside it the cone goes on."),
                                                    option("hard", "Hard ground", "No knock; beside it the same."))
                                            .drawn()
                                            .optional())
                            .by(Entry.Part.PROFILE))
            .checks(
                    new Description.Check(
                            "scale", "Is this the scale of the tip you pushed? The wrong one is 2.5 times out."),
                    new Description.Check("steady", "Was it pushed steadily, about 2.5 cm a second?"))
            .results(
                    Result.number("meanAt", "Mean by depth", "kPa", "mean over the pushes at each depth")
                            .byDepth()
                            .onTheDay(),
                    Result.number(
                                    "depthToLimit",
                                    "Root limit met at",
                                    "cm",
                                    "where the mean first reaches 2068 kPa, by straight line")
                            .through()
                            .onTheDay(),
                    Result.number("probedTo", "Probed to", "cm", "the deepest depth read"),
                    Result.number(
                                    "shareOverLimit",
                                    "At or over the limit",
                                    "%",
                                    "readings at or over 2068 kPa ÷ all readings")
                            .onTheDay(),
                    Result.number("panPeak", "Pan hardest at", "cm", "depth of the highest mean, where it is a pan")
                            .onTheDay(),
                    Result.number("panBase", "Pan ends at", "cm", "where the mean falls back through the limit")
                            .onTheDay(),
                    Result.yesNo(
                                    "pan",
                                    "Pan",
                                    "peak at or over the limit, at 15 cm or deeper, softer by a quarter below")
                            .onTheDay(),
                    Result.yesNo("hardTop", "Hard from the top", "the limit is met above 15 cm")
                            .onTheDay())
            .curves("penetration")
            .source("Limit after Taylor, Roberson and Parker 1966")
            .words(Map.ofEntries(
                    entry("limit-met", "The mean meets the root limit at {depth} cm."),
                    entry("limit-not-met", "The mean stays under the root limit to {depth} cm."),
                    entry("pan", "Hardest at {peak} cm, softer again below: a pan."),
                    entry("estimated", "A rod by feel, not a scale: an estimate."),
                    entry("shallow", "Probed to under 45 cm: what lies deeper is not known.")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        String cone = in.wordOrNull("cone");
        List<Entered> probes = in.list("probes");
        int readings = 0;
        for (int p = 0; p < probes.size(); p++) {
            Entered probe = probes.get(p);
            String path = "/reading/probes/" + p;
            List<Entered> points = probe.list("points");
            readings += points.size();
            if (points.isEmpty() && !probe.has("stoppedBy")) {
                check.refuse(
                        path + "/points", "empty-list", "This push has no readings; say them, or what stopped it.");
            }
            Double before = null;
            for (int i = 0; i < points.size(); i++) {
                Entered point = points.get(i);
                Double depth = point.numberOrNull("depthCm");
                if (depth != null && before != null && depth <= before) {
                    check.refuse(
                            path + "/points/" + i + "/depthCm", "backward", "Depths go downward, each below the last.");
                }
                before = depth == null ? before : depth;
                String wrong = cone == null ? null : wrongScale(cone, point);
                if (wrong != null) {
                    boolean missing = !point.has(wrong);
                    check.refuse(
                            path + "/points/" + i + "/" + wrong,
                            missing ? "missing" : "not-here",
                            missing
                                    ? "This reading has no '" + wrong + "'."
                                    : "With this tip a reading has no '" + wrong + "'.");
                }
            }
            checkStop(probe, before, path, check);
        }
        if (!probes.isEmpty() && readings == 0) {
            check.refuse("/reading/probes", "no-readings", "No push has a reading; a profile needs one at least.");
        }
    }

    /** The key that is there and does not belong to this tip, or belongs and is not there; null where all is well. */
    private static String wrongScale(String cone, Entered point) {
        boolean rod = cone.equals("rod");
        String wanted = rod ? "felt" : "kPa";
        String other = rod ? "kPa" : "felt";
        return point.has(other) ? other : point.has(wanted) ? null : wanted;
    }

    private static void checkStop(Entered probe, Double deepest, String path, EntryCheck check) {
        if (probe.has("stoppedBy") && !probe.has("stoppedAtCm")) {
            check.refuse(path + "/stoppedAtCm", "missing", "Say at what depth it stopped.");
        }
        if (probe.has("stoppedAtCm") && !probe.has("stoppedBy")) {
            check.refuse(path + "/stoppedBy", "missing", "Say what stopped it: a stone, or hard ground.");
        }
        if (deepest != null && probe.has("stoppedAtCm") && probe.number("stoppedAtCm") < deepest) {
            check.refuse(path + "/stoppedAtCm", "backward", "It stopped above its deepest reading.");
        }
    }

    private record At(double depthCm, double kPa) {}

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        boolean rod = in.word("cone").equals("rod");
        List<Entered> probes = in.list("probes");
        List<At> counted = new ArrayList<>();
        List<At> profile = profile(probes, rod, counted);
        for (At at : profile) {
            out.at("meanAt", at.kPa(), "kPa", at.depthCm());
        }
        Double limitAt = depthToLimit(profile);
        double probedTo = profile.get(profile.size() - 1).depthCm();
        long over = counted.stream().filter(at -> at.kPa() >= LIMIT_KPA).count();
        Integer peak = pan(profile);
        out.measure("depthToLimit", limitAt, "cm")
                .measure("probedTo", probedTo, "cm")
                .measure("shareOverLimit", 100.0 * over / counted.size(), "%")
                .measure("panPeak", peak == null ? null : profile.get(peak).depthCm(), "cm")
                .measure("panBase", peak == null ? null : panBase(profile, peak), "cm")
                .word("pan", isPan(profile, peak))
                .word("hardTop", limitAt != null && limitAt < HARD_TOP_CM);
        out.score(curves.place("penetration", Curves.Narrowing.of(context), limitAt == null ? probedTo : limitAt));
        if (limitAt != null) {
            out.because("limit-met", Map.of("depth", limitAt));
        } else {
            out.because("limit-not-met", Map.of("depth", probedTo));
        }
        if (peak != null) {
            out.because("pan", Map.of("peak", profile.get(peak).depthCm()));
        }
        if (rod) {
            out.flag("estimated");
        }
        if (limitAt == null && probedTo < SHALLOW_CM) {
            out.flag("shallow");
        }
    }

    /** One push: its readings downward, and where hard ground stopped it. */
    private record Push(List<At> points, Double stoppedHardAtCm) {
        static Push of(Entered probe, boolean rod) {
            List<At> points = new ArrayList<>();
            for (Entered point : probe.list("points")) {
                double kPa = rod ? ROD_KPA.get(point.word("felt")) : point.number("kPa");
                points.add(new At(point.number("depthCm"), kPa));
            }
            boolean hard = "hard".equals(probe.wordOrNull("stoppedBy"));
            return new Push(points, hard ? probe.numberOrNull("stoppedAtCm") : null);
        }

        /** What it read there; below where it stopped hard, the larger of its last reading and the limit; else null. */
        Double at(double depthCm) {
            for (At point : points) {
                if (point.depthCm() == depthCm) {
                    return point.kPa();
                }
            }
            return stoppedHardAtCm != null && depthCm >= stoppedHardAtCm
                    ? Double.valueOf(Math.max(LIMIT_KPA, last()))
                    : null;
        }

        /** A push that stopped hard before its first reading met the limit there. */
        double last() {
            return points.isEmpty() ? LIMIT_KPA : points.get(points.size() - 1).kPa();
        }
    }

    /** The mean by depth; every value that counts, filled ones too, is added to {@code counted}. */
    private static List<At> profile(List<Entered> probes, boolean rod, List<At> counted) {
        List<Push> pushes = new ArrayList<>();
        TreeSet<Double> depths = new TreeSet<>();
        boolean allHard = true;
        for (Entered probe : probes) {
            Push push = Push.of(probe, rod);
            pushes.add(push);
            push.points().forEach(point -> depths.add(point.depthCm()));
            allHard &= push.stoppedHardAtCm() != null;
        }
        List<At> profile = new ArrayList<>();
        for (double depth : depths) {
            double sum = 0;
            int n = 0;
            for (Push push : pushes) {
                Double value = push.at(depth);
                if (value != null) {
                    sum += value;
                    n++;
                    counted.add(new At(depth, value));
                }
            }
            if (n > 0) {
                profile.add(new At(depth, sum / n));
            }
        }
        if (allHard) {
            double end = Numbers.mean(pushes.stream().map(Push::stoppedHardAtCm).toList());
            double last = Numbers.mean(pushes.stream().map(Push::last).toList());
            if (end > depths.last()) {
                profile.add(new At(end, Math.max(LIMIT_KPA, last)));
            }
        }
        return profile;
    }

    private static Double depthToLimit(List<At> profile) {
        for (int i = 0; i < profile.size(); i++) {
            At here = profile.get(i);
            if (here.kPa() >= LIMIT_KPA) {
                return i == 0 ? here.depthCm() : crossing(profile.get(i - 1), here);
            }
        }
        return null;
    }

    /** Where a straight line between two depths passes the limit. */
    private static double crossing(At a, At b) {
        return a.depthCm() + (b.depthCm() - a.depthCm()) * (LIMIT_KPA - a.kPa()) / (b.kPa() - a.kPa());
    }

    /** Where the mean peaks, if that is a pan: at or over the limit, 15 cm or deeper, softer by a quarter somewhere below. */
    private static Integer pan(List<At> profile) {
        At top = hardest(profile);
        int peak = profile.indexOf(top);
        if (top.kPa() < LIMIT_KPA || top.depthCm() < HARD_TOP_CM) {
            return null;
        }
        boolean softer =
                profile.subList(peak + 1, profile.size()).stream().anyMatch(at -> at.kPa() <= SOFTER_BELOW * top.kPa());
        return softer ? peak : null;
    }

    /** True for a pan, false where the ground below the hardest was read and is no softer; null where nothing can be said. */
    private static Boolean isPan(List<At> profile, Integer peak) {
        if (peak != null) {
            return true;
        }
        At top = hardest(profile);
        boolean couldBe = top.kPa() >= LIMIT_KPA && top.depthCm() >= HARD_TOP_CM;
        double deepest = profile.get(profile.size() - 1).depthCm();
        return couldBe && deepest < top.depthCm() + BELOW_PEAK_CM ? null : Boolean.FALSE;
    }

    private static At hardest(List<At> profile) {
        At hardest = profile.get(0);
        for (At at : profile) {
            hardest = at.kPa() > hardest.kPa() ? at : hardest;
        }
        return hardest;
    }

    private static double panBase(List<At> profile, int peak) {
        for (int i = peak + 1; i < profile.size(); i++) {
            if (profile.get(i).kPa() < LIMIT_KPA) {
                return crossing(profile.get(i - 1), profile.get(i));
            }
        }
        return profile.get(profile.size() - 1).depthCm();
    }
}
