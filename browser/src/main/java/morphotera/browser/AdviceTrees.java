package morphotera.browser;

import static morphotera.browser.Trees.each;
import static morphotera.browser.Trees.of;
import static morphotera.browser.Trees.orNull;

import java.util.LinkedHashMap;
import java.util.Map;
import morphotera.decide.Advice;
import morphotera.decide.CrossChecks;
import morphotera.decide.Good;
import morphotera.decide.Lift;
import morphotera.decide.Ruling;
import morphotera.decide.Suits;

/** What the evidence comes to, as trees. */
final class AdviceTrees {
    private AdviceTrees() {}

    static Object advice(Advice one) {
        return of(
                "table",
                one.table(),
                "tableVersion",
                one.tableVersion(),
                "note",
                one.note(),
                "causes",
                each(one.causes(), AdviceTrees::cause),
                "nextTests",
                each(one.nextTests(), AdviceTrees::nextTest),
                "blocked",
                each(one.blocked(), AdviceTrees::blocked),
                "patchy",
                each(one.patchy(), AdviceTrees::patchy),
                "questions",
                each(one.questions(), AdviceTrees::question),
                "plan",
                each(one.plan(), AdviceTrees::planStep),
                "known",
                knowns(one.known()),
                "good",
                orNull(one.good(), AdviceTrees::good),
                "suits",
                orNull(one.suits(), AdviceTrees::suits));
    }

    private static Object suits(Suits one) {
        return of(
                "planting",
                orNull(
                        one.planting(),
                        planting -> of("word", planting.word(), "mmPerH", planting.mmPerH(), "text", planting.text())),
                "ece",
                one.ece(),
                "ph",
                one.ph(),
                "crops",
                each(
                        one.crops(),
                        crop -> of(
                                "crop",
                                crop.crop(),
                                "yieldPercent",
                                crop.yieldPercent(),
                                "phLow",
                                crop.phLow(),
                                "phHigh",
                                crop.phHigh(),
                                "acidity",
                                crop.acidity(),
                                "suits",
                                crop.suits(),
                                "why",
                                crop.why())),
                "limits",
                one.limits(),
                "covers",
                each(
                        one.covers(),
                        cover -> of(
                                "crop",
                                cover.crop(),
                                "servesPercent",
                                cover.servesPercent(),
                                "inSeason",
                                cover.inSeason(),
                                "caution",
                                cover.caution())),
                "missing",
                one.missing());
    }

    private static Object good(Good one) {
        return of(
                "strong",
                each(one.strong(), AdviceTrees::strength),
                "keep",
                each(one.keep(), keep -> of("group", keep.group(), "score", keep.score(), "text", keep.text())));
    }

    private static Object strength(Good.Strength one) {
        return of(
                "method",
                one.method(),
                "methodName",
                one.methodName(),
                "group",
                one.group(),
                "score",
                one.score(),
                "spots",
                one.spots());
    }

    static Object cause(Advice.Cause one) {
        return of(
                "id",
                one.id(),
                "text",
                one.text(),
                "prior",
                one.prior(),
                "belief",
                one.belief(),
                "word",
                one.word(),
                "gate",
                one.gate(),
                "evidence",
                each(one.evidence(), AdviceTrees::evidence),
                "turn",
                orNull(one.turn(), AdviceTrees::turn),
                "remedies",
                one.remedies(),
                "ruling",
                orNull(one.ruling(), AdviceTrees::ruling));
    }

    static Object ruling(Ruling one) {
        return of("cause", one.cause(), "word", one.word(), "by", one.by(), "why", one.why(), "version", one.version());
    }

    static Object evidence(Advice.Evidence one) {
        return of(
                "finding",
                one.finding(),
                "text",
                one.text(),
                "value",
                one.value(),
                "weight",
                one.weight(),
                "yes",
                one.yes(),
                "of",
                one.of(),
                "half",
                one.half(),
                "shared",
                one.shared(),
                "number",
                one.number(),
                "unit",
                one.unit(),
                "measure",
                one.measure(),
                "readings",
                one.readings(),
                "seenWith",
                one.seenWith(),
                "seenWithout",
                one.seenWithout());
    }

    static Object turn(Advice.Turn one) {
        return of(
                "finding",
                one.finding(),
                "text",
                one.text(),
                "ifSeen",
                one.ifSeen(),
                "word",
                one.word(),
                "inDoubt",
                one.inDoubt(),
                "methods",
                one.methods());
    }

    static Object nextTest(Advice.NextTest one) {
        return of(
                "method",
                one.method(),
                "methodName",
                one.methodName(),
                "bits",
                one.bits(),
                "minutes",
                one.minutes(),
                "finding",
                one.finding(),
                "findingText",
                one.findingText(),
                "cause",
                one.cause(),
                "causeText",
                one.causeText());
    }

    static Object blocked(Advice.Blocked one) {
        return of(
                "finding",
                one.finding(),
                "text",
                one.text(),
                "method",
                one.method(),
                "reason",
                one.reason(),
                "why",
                one.why(),
                "lift",
                orNull(one.lift(), AdviceTrees::lift));
    }

    static Object patchy(Advice.Patchy one) {
        return of("finding", one.finding(), "text", one.text(), "yes", one.yes(), "of", one.of(), "spots", one.spots());
    }

    static Object planStep(Advice.PlanStep one) {
        return of(
                "remedy",
                one.remedy(),
                "after",
                each(one.after(), AdviceTrees::planAfter),
                "with",
                one.with(),
                "withText",
                one.withText(),
                "struckBy",
                one.struckBy(),
                "struckText",
                one.struckText(),
                "from",
                one.from(),
                "to",
                one.to(),
                "doneIn",
                one.doneIn());
    }

    static Object planAfter(Advice.PlanAfter one) {
        return of("remedy", one.remedy(), "rule", one.rule(), "text", one.text());
    }

    static Object known(Advice.Known one) {
        return of(
                "value",
                one.value(),
                "spread",
                one.spread(),
                "words",
                one.words(),
                "measure",
                one.measure(),
                "readings",
                one.readings());
    }

    static Object question(CrossChecks.Question one) {
        return of("code", one.code(), "text", one.text(), "readings", one.readings());
    }

    static Object lift(Lift one) {
        return of("method", one.method(), "text", one.text());
    }

    private static Object knowns(Map<String, Map<String, Advice.Known>> byRemedy) {
        Map<String, Object> tree = new LinkedHashMap<>();
        byRemedy.forEach((remedy, byKey) -> {
            Map<String, Object> inner = new LinkedHashMap<>();
            byKey.forEach((key, known) -> inner.put(key, known(known)));
            tree.put(remedy, inner);
        });
        return tree;
    }
}
