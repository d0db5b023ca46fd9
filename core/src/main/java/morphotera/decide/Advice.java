package morphotera.decide;

import java.util.List;
import java.util.Map;
import morphotera.decide.sheets.Sheets;
import morphotera.ground.Coded;
import morphotera.ground.Months;
import morphotera.ground.Nullable;
import morphotera.ground.TextureGroup;
import morphotera.measure.Site;
import morphotera.measure.Taken;
import morphotera.measure.VisitDay;
import morphotera.measure.methods.Methods;
import morphotera.read.FieldScores;
import morphotera.read.School;

/**
 * What a zone's evidence comes to in one visit, in words: causes with what speaks for them, what to test next, what to do in
 * which order, and what each sum can be filled in with.
 *
 * @param known by remedy and key; {@code water-budget} beside the remedies
 * @param good where nothing is to be mended
 * @param suits what grows on the ground as it is; null with no field behind it
 */
public record Advice(
        String table,
        int tableVersion,
        String note,
        List<Cause> causes,
        List<NextTest> nextTests,
        List<Blocked> blocked,
        List<Patchy> patchy,
        List<CrossChecks.Question> questions,
        List<PlanStep> plan,
        Map<String, Map<String, Known>> known,
        @Nullable Good good,
        @Nullable Suits suits) {

    /**
     * What a sum can be filled in with: the best reading's value and how far it may be out, or what stands already for a choice.
     *
     * @param value null where it is {@code words} that are known
     */
    public record Known(
            @Nullable Double value,
            @Nullable Double spread,
            List<String> words,
            String measure,
            List<String> readings) {}

    /** Something that was done to the field. */
    public record Log(String kind, long day, @Nullable String zoneId) {
        boolean touches(Site.Zone zone) {
            return zoneId == null || zoneId.equals(zone.id());
        }
    }

    /**
     * {@code text} says the finding; {@code value} whether it was seen; the number read stands beside it where there is one.
     *
     * @param yes {@code of}: at how many of how many spots; none of none where it does not rest on spots
     * @param half whether it counts half, because a card's error reaches the limit or the good patch has it too ({@code shared})
     * @param seenWith share of fields with the cause in which the finding is seen; {@code seenWithout} of those without it
     */
    public record Evidence(
            String finding,
            String text,
            boolean value,
            double weight,
            int yes,
            int of,
            boolean half,
            boolean shared,
            @Nullable Double number,
            @Nullable String unit,
            @Nullable String measure,
            List<String> readings,
            double seenWith,
            double seenWithout) {}

    /**
     * The one finding that would change a cause's word.
     *
     * @param ifSeen the answer that changes it to {@code word}
     * @param inDoubt whether it was answered already, by a reading whose error reaches the limit
     * @param methods that settle it; none where only eyes do
     */
    public record Turn(
            String finding, String text, boolean ifSeen, Causes.Word word, boolean inDoubt, List<String> methods) {}

    /**
     * @param prior how often fields like this one have it, before anything was looked at
     * @param ruling what a person said of it; the belief computed stays beside it
     */
    public record Cause(
            String id,
            String text,
            double prior,
            double belief,
            Causes.Word word,
            @Nullable String gate,
            List<Evidence> evidence,
            @Nullable Turn turn,
            List<String> remedies,
            @Nullable Ruling ruling) {}

    public record NextTest(
            String method,
            String methodName,
            double bits,
            double minutes,
            String finding,
            String findingText,
            String cause,
            String causeText) {}

    /** {@code lift}: the test that would make it evidence, and how. */
    public record Blocked(String finding, String text, String method, String reason, String why, Lift lift) {}

    /** A finding on which the spots differ: no evidence, and worth a look as a zone. */
    public record Patchy(String finding, String text, int yes, int of, List<String> spots) {}

    /**
     * A remedy in its place in the plan; {@code struckBy} the rule it breaks, null where it stands.
     *
     * @param doneIn the month in which the log says that it was done last, such as 2031-06
     */
    public record PlanStep(
            String remedy,
            List<PlanAfter> after,
            @Nullable String with,
            @Nullable String withText,
            @Nullable String struckBy,
            @Nullable String struckText,
            @Nullable String from,
            @Nullable String to,
            @Nullable String doneIn) {}

    public record PlanAfter(String remedy, String rule, String text) {}

    /**
     * @param today on which it is decided: whatever is to be done begins in this month or, for a visit that is to come, in that one's
     * @param readings of all the field's visits, those that stand, each with whether its time was wet
     */
    public static Advice of(
            CauseTable table,
            List<Remedy> remedies,
            Site site,
            Site.Zone zone,
            VisitDay visit,
            long today,
            List<Taken> readings,
            List<Log> log,
            List<Ruling> rulings,
            Sheets sheets) {
        TextureGroup texture = site.textureGroupOf(zone);
        Judgement judgement = judge(table, site, zone, visit, readings, log, sheets);
        int from = Months.of(Math.max(visit.day(), today));
        int month = from % Months.A_YEAR + 1;
        return of(
                table,
                judgement,
                rulings,
                Called.of(judgement, rulings)
                        .steps(
                                remedies,
                                new Called.Here(site.use(), site.latitude() < 0, from, done(log, zone, today))),
                new Filled(judgement, site, zone, texture, sheets, month).of(remedies),
                Good.of(
                        judgement.causes(),
                        FieldScores.of(
                                site.ofZone(zone, readings).stream()
                                        .filter(one -> one.visit().equals(visit.id()))
                                        .toList(),
                                Coded.of(School.values(), site.school()),
                                site.crop())),
                Suits.of(judgement, sheets, month, site.latitude() < 0));
    }

    private static List<Log> done(List<Log> log, Site.Zone zone, long today) {
        return log.stream()
                .filter(one -> one.touches(zone) && one.day() <= today)
                .toList();
    }

    /** What a zone's evidence comes to, before it is put in words. */
    public static Judgement judge(
            CauseTable table,
            Site site,
            Site.Zone zone,
            VisitDay visit,
            List<Taken> readings,
            List<Log> log,
            Sheets sheets) {
        TextureGroup texture = site.textureGroupOf(zone);
        Facts.Asked asked = new Facts.Asked(
                visit.day(),
                site.use(),
                site.crop(),
                visit.wet(),
                log.stream()
                        .filter(one -> one.touches(zone))
                        .map(one -> new Facts.Done(one.kind(), one.day()))
                        .toList(),
                null,
                sheets.bears(site.crop()));
        return Judgement.of(
                table,
                setting(site, texture, visit),
                Coded.of(School.values(), site.school()),
                visit.id(),
                asked,
                zone(site, zone, visit, readings),
                good(site, zone, visit, readings));
    }

    /** A judgement by itself, with no field behind it. */
    public static Advice of(CauseTable table, Judgement judgement) {
        return of(table, judgement, List.of(), List.of(), Map.of(), null, null);
    }

    private static Advice of(
            CauseTable table,
            Judgement judgement,
            List<Ruling> rulings,
            List<PlanStep> plan,
            Map<String, Map<String, Known>> known,
            @Nullable Good good,
            @Nullable Suits suits) {
        return new Advice(
                table.name(),
                table.version(),
                table.note(),
                judgement.causes().stream()
                        .map(one -> cause(table, one, judgement, rulings))
                        .toList(),
                judgement.nextTests().stream().map(one -> nextTest(table, one)).toList(),
                judgement.blocked().stream()
                        .map(one -> new Blocked(
                                one.finding(),
                                text(table, one.finding()),
                                one.method(),
                                one.reason(),
                                one.text(),
                                one.lift()))
                        .toList(),
                judgement.answers().entrySet().stream()
                        .filter(entry -> entry.getValue().value() == null
                                && entry.getValue().of() > 0)
                        .map(entry -> new Patchy(
                                entry.getKey(),
                                text(table, entry.getKey()),
                                entry.getValue().yes(),
                                entry.getValue().of(),
                                entry.getValue().spots()))
                        .toList(),
                judgement.questions(),
                plan,
                known,
                good,
                suits);
    }

    private static Judgement.Zone zone(Site site, Site.Zone zone, VisitDay visit, List<Taken> readings) {
        return new Judgement.Zone(site.ofZone(zone, readings), visit.ticks().getOrDefault(zone.id(), Map.of()));
    }

    /** What a poor patch is held against: the good one of the field, or its reference. */
    private static Judgement.Zone good(Site site, Site.Zone poor, VisitDay visit, List<Taken> readings) {
        if (!poor.kind().equals("poor")) {
            return null;
        }
        for (String kind : List.of("good", "reference")) {
            for (Site.Zone other : site.zones()) {
                if (other.kind().equals(kind)) {
                    return zone(site, other, visit, readings);
                }
            }
        }
        return null;
    }

    private static Causes.Setting setting(Site site, @Nullable TextureGroup texture, VisitDay visit) {
        boolean clear = site.sulphideClearDay() != null && site.sulphideClearDay() <= visit.day();
        return new Causes.Setting(
                site.use(), texture == null ? null : texture.word(), site.climate(), site.coastal(), clear);
    }

    private static Cause cause(CauseTable table, Causes.Judged judged, Judgement judgement, List<Ruling> rulings) {
        List<Evidence> evidence = judged.evidence().stream()
                .map(weighed -> {
                    Facts.Answer answer = judgement.answers().get(weighed.finding());
                    return new Evidence(
                            weighed.finding(),
                            text(table, weighed.finding()),
                            weighed.value(),
                            weighed.weight(),
                            answer.yes(),
                            answer.of(),
                            weighed.half(),
                            judgement.shared().contains(weighed.finding()),
                            answer.number(),
                            answer.unit(),
                            answer.measure(),
                            answer.readings(),
                            odds(judged.cause(), weighed).t(),
                            odds(judged.cause(), weighed).f());
                })
                .toList();
        NextTests.Turn turn = judgement.turns().get(judged.cause().id());
        return new Cause(
                judged.cause().id(),
                judged.cause().text(),
                judged.prior(),
                judged.belief(),
                judged.word(),
                judged.gate(),
                evidence,
                turn == null
                        ? null
                        : new Turn(
                                turn.finding(),
                                text(table, turn.finding()),
                                turn.ifSeen(),
                                turn.word(),
                                turn.inDoubt(),
                                table.finding(turn.finding()).orElseThrow().methods()),
                judged.cause().remedies(),
                rulings.stream()
                        .filter(one -> one.cause().equals(judged.cause().id()))
                        .findFirst()
                        .orElse(null));
    }

    private static CauseTable.Evidence odds(CauseTable.Cause cause, Causes.Weighed weighed) {
        return cause.evidence().stream()
                .filter(one -> one.finding().equals(weighed.finding()))
                .findFirst()
                .orElseThrow();
    }

    private static NextTest nextTest(CauseTable table, NextTests.Offer offer) {
        String cause = table.causes().stream()
                .filter(one -> one.id().equals(offer.cause()))
                .findFirst()
                .orElseThrow()
                .text();
        return new NextTest(
                offer.method(),
                Methods.nameOf(offer.method()),
                offer.bits(),
                offer.minutes(),
                offer.finding(),
                text(table, offer.finding()),
                offer.cause(),
                cause);
    }

    private static String text(CauseTable table, String finding) {
        return table.finding(finding).orElseThrow().text();
    }
}
