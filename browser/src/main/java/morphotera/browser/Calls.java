package morphotera.browser;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import morphotera.decide.Advice;
import morphotera.decide.Remedy;
import morphotera.decide.StopRule;
import morphotera.decide.remedies.Remedies;
import morphotera.follow.Change;
import morphotera.follow.Unlike;
import morphotera.follow.VisitChange;
import morphotera.ground.Coded;
import morphotera.ground.Figure;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import morphotera.ground.Tree;
import morphotera.measure.Bench;
import morphotera.measure.ColourChart;
import morphotera.measure.Known;
import morphotera.measure.Method;
import morphotera.measure.Site;
import morphotera.measure.Steady;
import morphotera.measure.Taken;
import morphotera.measure.VisitDay;
import morphotera.measure.methods.Methods;
import morphotera.measure.picture.Cover;
import morphotera.measure.picture.JarMarks;
import morphotera.measure.picture.Paler;
import morphotera.measure.picture.Pixels;
import morphotera.read.Cut;
import morphotera.read.FieldScores;
import morphotera.read.School;

/** JSON in, a core function, JSON out. */
public final class Calls {
    private static final LastGround GROUND = new LastGround();
    private static final LastSheet SHEET = new LastSheet();

    private Calls() {}

    public static String evaluate(String method, String body) {
        return answer(body, in -> {
            Optional<Method> known = Methods.find(method);
            if (known.isEmpty()) {
                return notHere("There is no method '" + method + "' here.");
            }
            return Trees.evaluation(Bench.evaluate(
                    known.get(), object(in, "context"), object(in, "reading"), Shipped.yardstick(School.BALANCED)));
        });
    }

    /**
     * A reading at a spot of a visit, in the context that its neighbours there give it.
     *
     * @param ground a copy as small as need be: field, visits, readings; while somebody types it is the same and read once
     * @param body the visit, the spot, the method, what was read, and the reading it would stand in for
     */
    public static String evaluateAt(String ground, String body) {
        return answer(body, in -> {
            Bundle bundle = GROUND.of(ground);
            Site site = bundle.site();
            VisitDay visit = bundle.visit(String.valueOf(in.get("visitId")));
            String spot = String.valueOf(in.get("spotId"));
            Optional<Method> known = Methods.find(String.valueOf(in.get("method")));
            if (known.isEmpty()
                    || (site.sample(spot).isEmpty()
                            && site.spots().stream().noneMatch(one -> one.id().equals(spot)))) {
                return notHere("There is no such method, spot or sample here.");
            }
            List<Taken> others = bundle.standing().stream()
                    .filter(one -> one.visit().equals(visit.id()) && one.spot().equals(spot))
                    .filter(one -> !one.id().equals(in.get("corrects")))
                    .toList();
            Map<String, Object> context =
                    site.context(spot, visit, Known.of(known.get().description().id(), others));
            return Trees.evaluation(Bench.evaluate(known.get(), context, object(in, "reading"), bundle.yardstick()));
        });
    }

    /** @param body with {@code text} as typed and the {@code unit} it is kept in */
    public static String readUnit(String body) {
        return answer(body, in -> {
            try {
                Figure figure = Figure.read(String.valueOf(in.get("text")), String.valueOf(in.get("unit")));
                return Trees.of("value", figure.value(), "unit", figure.unit(), "as", figure.as());
            } catch (Figure.Unread fault) {
                Map<String, Object> problem = Trees.refused(List.of(fault.refusal()));
                if (!fault.offers().isEmpty()) {
                    problem.put("offers", fault.offers());
                }
                return problem;
            }
        });
    }

    /** @param body the {@code kind} of a probe and its {@code stream}, the newest last: whether it holds still, and why not */
    public static String judge(String body) {
        return answer(body, in -> {
            List<Steady.At> stream = new ArrayList<>();
            for (Object one : (List<?>) in.get("stream")) {
                Map<?, ?> at = (Map<?, ?>) one;
                stream.add(new Steady.At(
                        ((Number) at.get("atS")).doubleValue(), ((Number) at.get("value")).doubleValue()));
            }
            Steady steady = Steady.of(Coded.of(Steady.Kind.values(), (String) in.get("kind")), stream);
            return Trees.of(
                    "stable",
                    steady.stable(),
                    "value",
                    steady.value(),
                    "spread",
                    steady.spread(),
                    "slopePerMin",
                    steady.slopePerMin(),
                    "why",
                    steady.why() == null ? null : steady.why().word());
        });
    }

    /** @param body the {@code method}, {@code scores} of its spots, how many {@code more} and {@code minutesPerSpot}: what more spots would narrow */
    public static String stop(String body) {
        return answer(body, in -> {
            List<Double> scores = new ArrayList<>();
            ((List<?>) in.get("scores")).forEach(one -> scores.add(((Number) one).doubleValue()));
            boolean judged =
                    Methods.giving((String) in.get("method")).description().judged();
            StopRule rule = StopRule.of(
                    scores,
                    Change.Observers.usual(judged, true).spread(),
                    ((Number) in.get("more")).intValue(),
                    ((Number) in.get("minutesPerSpot")).doubleValue());
            return Trees.of(
                    "mean",
                    Numbers.mean(scores),
                    "plusMinusNow",
                    rule.plusMinusNow(),
                    "plusMinusThen",
                    rule.plusMinusThen(),
                    "minutes",
                    rule.minutes());
        });
    }

    /** @param body a chart's {@code steps}, and how it is read: {@code step}, {@code between} and {@code share}, or {@code colour} */
    public static String readChart(String body) {
        return answer(body, in -> {
            List<ColourChart.Step> steps = new ArrayList<>();
            for (Object one : (List<?>) in.get("steps")) {
                Map<?, ?> step = (Map<?, ?>) one;
                steps.add(new ColourChart.Step(
                        ((Number) step.get("value")).doubleValue(), (String) step.get("label"), (String)
                                step.get("swatch")));
            }
            ColourChart.Read read = ColourChart.of(steps)
                    .read(
                            whole(in.get("step")),
                            whole(in.get("between")),
                            in.get("share") == null ? null : ((Number) in.get("share")).doubleValue(),
                            (String) in.get("colour"));
            return Trees.of(
                    "value", read.value(), "between", read.between(), "share", read.share(), "offBy", read.offBy());
        });
    }

    private static Integer whole(Object number) {
        return number == null ? null : ((Number) number).intValue();
    }

    /** What covers the ground on a picture, and each pixel looked at by its kind: a digit, in rows. */
    public static String cover(int[] rgba, int width, int height, String body) {
        return answer(body, in -> {
            Cover.Asked asked = Cover.asked(in);
            Cover.Counted counted = Cover.counted(pixels(rgba, width, height), asked);
            Cover.Found found = counted.found();
            StringBuilder kinds = new StringBuilder(counted.mask().kinds().length);
            for (Cover.Kind kind : counted.mask().kinds()) {
                kinds.append((char) ('0' + kind.ordinal()));
            }
            return Trees.of(
                    "live", found.live(),
                    "litter", found.litter(),
                    "stone", found.stone(),
                    "bare", found.bare(),
                    "greenLimit", found.greenLimit(),
                    "confidence", found.confidence(),
                    "why", found.why(),
                    "mask",
                            Trees.of(
                                    "width", counted.mask().width(),
                                    "height", counted.mask().height(),
                                    "kinds", kinds.toString()));
        });
    }

    /** A canvas's pixels as the core has them. */
    private static Pixels pixels(int[] rgba, int width, int height) {
        int[] rgb = new int[rgba.length];
        for (int i = 0; i < rgb.length; i++) {
            int one = rgba[i];
            rgb[i] = (one & 255) << 16 | one & 0xff00 | one >> 16 & 255;
        }
        return new Pixels(rgb, width, height);
    }

    /** @param body the marks on a jar's picture, and {@code aspect}: its height over its width */
    public static String jar(String body) {
        return answer(body, in -> {
            Map<String, Object> heights = Trees.of();
            heights.putAll(JarMarks.heights(((Number) in.get("aspect")).doubleValue(), in));
            return heights;
        });
    }

    /** How much paler the field's soil is than its reference, by a grey card in the picture. */
    public static String paler(int[] rgba, int width, int height, String body) {
        return answer(body, in -> {
            Paler.Found found = Paler.of(pixels(rgba, width, height), Paler.asked(in));
            return Trees.of(
                    "fieldValue",
                    found.fieldValue(),
                    "referenceValue",
                    found.referenceValue(),
                    "paler",
                    found.paler(),
                    "plusMinus",
                    found.plusMinus());
        });
    }

    public static String remedy(String id, String input) {
        return answer(input, in -> {
            Optional<Remedy> known = Remedies.find(id);
            return known.isEmpty()
                    ? notHere("There is no remedy '" + id + "' here.")
                    : Trees.answer(Remedy.calculate(known.get(), in));
        });
    }

    /** In a copy, a visit and a zone of it. */
    private record Asked(Bundle bundle, VisitDay visit, Site.Zone zone) {
        static Asked of(Map<String, Object> in, @Nullable String copy) {
            List<Refusal> missing = new ArrayList<>();
            for (String key : copy == null ? List.of("bundle", "visitId") : List.of("visitId")) {
                if (in.get(key) == null) {
                    missing.add(new Refusal("/" + key, "missing", "This is needed here."));
                }
            }
            if (!missing.isEmpty()) {
                throw new Refused(missing);
            }
            Bundle bundle = copy == null ? new Bundle(Tree.of(in.get("bundle"))) : GROUND.of(copy);
            String zone = in.get("zone") instanceof String named ? named : "main";
            return new Asked(bundle, bundle.visit(String.valueOf(in.get("visitId"))), bundle.zone(zone));
        }
    }

    /**
     * @param body the visit and its zone, the main one where none is named; the {@code bundle}, a field's copy, where it is not beside
     * @param copy the bundle as text: the pages of a visit ask several questions of the same, which is read once
     */
    public static String scores(String body, @Nullable String copy) {
        return answer(body, in -> {
            Asked asked = Asked.of(in, copy);
            List<Taken> here =
                    asked.bundle().standing(asked.zone(), asked.visit().id());
            return ScoreTrees.scores(
                    scores(asked.bundle().site(), here), asked.bundle().usedBy(here));
        });
    }

    private static FieldScores scores(Site site, List<Taken> here) {
        return FieldScores.of(here, Coded.of(School.values(), site.school()), site.crop());
    }

    public static String section(String body, @Nullable String copy) {
        return answer(body, in -> {
            Asked asked = Asked.of(in, copy);
            Bundle bundle = asked.bundle();
            return ScoreTrees.cut(
                    Cut.of(bundle.site(), asked.zone(), asked.visit(), bundle.visits(), bundle.standing()));
        });
    }

    /** @param body also with {@code today}, the day on which it is decided; the visit's where it is missing */
    public static String causes(String body, @Nullable String copy) {
        return answer(body, in -> {
            Asked asked = Asked.of(in, copy);
            Bundle bundle = asked.bundle();
            return AdviceTrees.advice(Advice.of(
                    bundle.causes(),
                    Remedies.ALL,
                    bundle.site(),
                    asked.zone(),
                    asked.visit(),
                    in.get("today") instanceof String today
                            ? Days.of(today)
                            : asked.visit().day(),
                    bundle.standing(),
                    bundle.log(),
                    bundle.rulings(asked.visit().id(), asked.zone().id()),
                    bundle.sheets()));
        });
    }

    /** @param body also with {@code since}, the id of the visit before */
    public static String change(String body, @Nullable String copy) {
        return answer(body, in -> {
            Asked asked = Asked.of(in, copy);
            Bundle bundle = asked.bundle();
            VisitDay before = bundle.visit(String.valueOf(in.get("since")));
            Tree then = bundle.visitTree(before.id());
            Tree now = bundle.visitTree(asked.visit().id());
            String thenDay = then.at("day").text();
            String nowDay = now.at("day").text();
            List<Taken> here = bundle.standing(asked.zone(), asked.visit().id());
            List<VisitChange.OfMethod> changes =
                    VisitChange.of(bundle.standing(asked.zone(), before.id()), here, bundle.practised(then, now));
            return Trees.of(
                    "before", before.id(),
                    "beforeDay", thenDay,
                    "after", asked.visit().id(),
                    "afterDay", nowDay,
                    "methods", Trees.each(changes, ChangeTrees::ofMethod),
                    "groups",
                            Trees.each(
                                    VisitChange.groupsThen(scores(bundle.site(), here), changes),
                                    ScoreTrees::groupScore),
                    "unlike",
                            Trees.each(
                                    Unlike.visits(
                                            Days.month(thenDay),
                                            Days.month(nowDay),
                                            before.moisture(),
                                            asked.visit().moisture(),
                                            then.textOrNull("observerName"),
                                            now.textOrNull("observerName")),
                                    ChangeTrees::unlike));
        });
    }

    public static String planRunSheet(String body) {
        return answer(
                body,
                in -> SheetTrees.sheet(SHEET.of(SheetTrees.asked(Tree.of(in)).outing())));
    }

    public static String packKit(String body) {
        return answer(
                body, in -> SheetTrees.kit(SheetTrees.kitAsked(Tree.of(in)).kit(SHEET::of)));
    }

    private interface Sum {
        Object of(Map<String, Object> in);
    }

    @SuppressWarnings("unchecked")
    private static String answer(String body, Sum sum) {
        Object in;
        try {
            in = JsonReader.read(body);
        } catch (IllegalArgumentException fault) {
            return notReadable();
        }
        if (!(in instanceof Map)) {
            return notReadable();
        }
        return said(() -> sum.of((Map<String, Object>) in));
    }

    private static String said(Supplier<Object> tree) {
        try {
            return JsonWriter.write(tree.get());
        } catch (Refused refused) {
            return JsonWriter.write(Trees.refused(refused.refusals()));
        } catch (IllegalArgumentException fault) {
            return JsonWriter.write(Trees.problem(
                    400, "not-readable", "Not readable", "The copy cannot be read: " + fault.getMessage(), List.of()));
        }
    }

    private static String notReadable() {
        return JsonWriter.write(Trees.problem(
                400, "not-readable", "Not readable", "The body is not JSON that can be read here.", List.of()));
    }

    private static Map<String, Object> notHere(String detail) {
        return Trees.problem(404, "not-here", "Not here", detail, List.of());
    }

    /** A part that is an object; nothing where it is missing. */
    @SuppressWarnings("unchecked")
    static Map<String, Object> object(Map<String, Object> in, String key) {
        return in.get(key) instanceof Map ? (Map<String, Object>) in.get(key) : Map.of();
    }
}
