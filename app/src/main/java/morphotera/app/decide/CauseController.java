package morphotera.app.decide;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.people.Viewer;
import morphotera.decide.CauseTable;
import morphotera.decide.Causes;
import morphotera.decide.CrossChecks;
import morphotera.decide.Facts;
import morphotera.decide.GoodPatch;
import morphotera.decide.Judgement;
import morphotera.decide.Lift;
import morphotera.decide.NextTests;
import morphotera.decide.Plan;
import morphotera.ground.Coded;
import morphotera.ground.LandUse;
import morphotera.ground.Nullable;
import morphotera.ground.TextureGroup;
import morphotera.measure.methods.Methods;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the evidence says of each cause, and what to test next. */
@RestController
class CauseController {
    private final Judgements judgements;
    private final CauseTable table;

    CauseController(Judgements judgements, CauseTable table) {
        this.judgements = judgements;
        this.table = table;
    }

    /**
     * {@code text} says the finding; {@code value} whether it was seen; the number read stands beside it where there is one.
     *
     * @param yes {@code of}: at how many of how many spots; none of none where it does not rest on spots
     * @param half whether it counts half, because a card's error reaches the limit or the good patch has it too ({@code shared})
     */
    record Evidence(
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
            List<String> readings) {}

    /**
     * The one finding that would change a cause's word.
     *
     * @param ifSeen the answer that changes it to {@code word}
     * @param inDoubt whether it was answered already, by a reading whose error reaches the limit
     * @param methods that settle it; none where only eyes do
     */
    record Turn(String finding, String text, boolean ifSeen, Causes.Word word, boolean inDoubt, List<String> methods) {}

    record Cause(
            String id,
            String text,
            double belief,
            Causes.Word word,
            @Nullable String gate,
            List<Evidence> evidence,
            @Nullable Turn turn,
            List<String> remedies) {}

    record NextTest(
            String method,
            String methodName,
            double bits,
            double minutes,
            String finding,
            String findingText,
            String cause,
            String causeText) {}

    /** {@code lift}: the test that would make it evidence, and how. */
    record Blocked(String finding, String text, String method, String reason, String why, Lift lift) {}

    /** A finding on which the spots differ: no evidence, and worth a look as a zone. */
    record Patchy(String finding, String text, int yes, int of, List<String> spots) {}

    /** A remedy in its place in the plan; {@code struckBy} the rule it breaks, null where it stands. */
    record PlanStep(
            String remedy,
            List<PlanAfter> after,
            @Nullable String with,
            @Nullable String withText,
            @Nullable String struckBy,
            @Nullable String struckText) {}

    record PlanAfter(String remedy, String rule, String text) {}

    record Judged(
            String table,
            int tableVersion,
            String note,
            List<Cause> causes,
            List<NextTest> nextTests,
            List<Blocked> blocked,
            List<Patchy> patchy,
            List<CrossChecks.Question> questions,
            List<PlanStep> plan,
            Map<String, Map<String, Judgements.Known>> known) {}

    /** {@code zone}: an id, a name, or a kind where the field has one of it. */
    @GetMapping("/api/visits/{id}/causes")
    Judged ofVisit(@PathVariable UUID id, @RequestParam(defaultValue = "main") String zone) {
        Judgements.Judged judged = judgements.of(Viewer.current(), id, zone);
        return view(judged.judgement(), judged.plan(), judged.known());
    }

    record JudgeContext(
            @Nullable String use,
            @Nullable String textureGroup,
            @Nullable String climate,
            @Nullable Boolean coastal) {}

    record JudgeBody(
            @Nullable JudgeContext context,
            @Nullable Map<String, Boolean> findings,
            @Nullable List<String> halved) implements Checked {
        @Override
        public void check(Findings refused) {
            if (context != null) {
                refused.word("/context/use", context.use(), "land use", words(LandUse.values()));
                refused.word(
                        "/context/textureGroup", context.textureGroup(), "texture group", words(TextureGroup.values()));
                refused.word("/context/climate", context.climate(), "climate", List.of("humid", "arid"));
            }
        }

        private static List<String> words(Coded[] all) {
            return Arrays.stream(all).map(Coded::word).toList();
        }
    }

    @PostMapping("/api/causes/judge")
    Judged judge(@RequestBody JudgeBody body) {
        Findings refused = new Findings();
        Map<String, Facts.Answer> answers = new LinkedHashMap<>();
        if (body.findings() != null) {
            body.findings().forEach((finding, value) -> {
                if (isKnown(finding, "/findings/" + finding, refused) && value != null) {
                    answers.put(finding, Facts.Answer.plainly(value));
                }
            });
        }
        List<String> halved = body.halved() == null ? List.of() : body.halved();
        for (int i = 0; i < halved.size(); i++) {
            isKnown(halved.get(i), "/halved/" + i, refused);
        }
        refused.throwIfAny();
        JudgeContext context = body.context();
        Causes.Setting setting = context == null
                ? Causes.Setting.UNKNOWN
                : new Causes.Setting(
                        context.use(), context.textureGroup(), context.climate(), context.coastal(), false);
        Set<String> shared = Set.copyOf(halved);
        var seen = GoodPatch.seen(answers, shared);
        Judgement judgement = new Judgement(
                null,
                answers,
                shared,
                Causes.judge(table, setting, seen),
                Map.of(),
                NextTests.best(table, setting, seen, Judgement.minutes(List.of())),
                List.of(),
                List.of());
        return view(judgement, List.of(), Map.of());
    }

    private boolean isKnown(String finding, String path, Findings refused) {
        boolean known = finding != null && table.finding(finding).isPresent();
        if (!known) {
            refused.refuse(path, "unknown-word", "There is no finding '" + finding + "'.");
        }
        return known;
    }

    private Judged view(Judgement judgement, List<Plan.Step> plan, Map<String, Map<String, Judgements.Known>> known) {
        return new Judged(
                table.name(),
                table.version(),
                table.note(),
                judgement.causes().stream().map(one -> cause(one, judgement)).toList(),
                judgement.nextTests().stream().map(this::nextTest).toList(),
                judgement.blocked().stream()
                        .map(one -> new Blocked(
                                one.finding(), text(one.finding()), one.method(), one.reason(), one.text(), one.lift()))
                        .toList(),
                judgement.answers().entrySet().stream()
                        .filter(entry -> entry.getValue().value() == null
                                && entry.getValue().of() > 0)
                        .map(entry -> new Patchy(
                                entry.getKey(),
                                text(entry.getKey()),
                                entry.getValue().yes(),
                                entry.getValue().of(),
                                entry.getValue().spots()))
                        .toList(),
                judgement.questions(),
                plan.stream().map(CauseController::step).toList(),
                known);
    }

    private Cause cause(Causes.Judged judged, Judgement judgement) {
        List<Evidence> evidence = judged.evidence().stream()
                .map(weighed -> {
                    Facts.Answer answer = judgement.answers().get(weighed.finding());
                    return new Evidence(
                            weighed.finding(),
                            text(weighed.finding()),
                            weighed.value(),
                            weighed.weight(),
                            answer.yes(),
                            answer.of(),
                            weighed.half(),
                            judgement.shared().contains(weighed.finding()),
                            answer.number(),
                            answer.unit(),
                            answer.measure(),
                            answer.readings());
                })
                .toList();
        NextTests.Turn turn = judgement.turns().get(judged.cause().id());
        return new Cause(
                judged.cause().id(),
                judged.cause().text(),
                judged.belief(),
                judged.word(),
                judged.gate(),
                evidence,
                turn == null
                        ? null
                        : new Turn(
                                turn.finding(),
                                text(turn.finding()),
                                turn.ifSeen(),
                                turn.word(),
                                turn.inDoubt(),
                                table.finding(turn.finding()).orElseThrow().methods()),
                judged.cause().remedies());
    }

    private static PlanStep step(Plan.Step step) {
        return new PlanStep(
                step.remedy(),
                step.after().stream()
                        .map(after -> new PlanAfter(
                                after.remedy(),
                                after.rule().word(),
                                after.rule().text()))
                        .toList(),
                step.with() == null ? null : step.with().word(),
                step.with() == null ? null : step.with().text(),
                step.struckBy() == null ? null : step.struckBy().word(),
                step.struckBy() == null ? null : step.struckBy().text());
    }

    private NextTest nextTest(NextTests.Offer offer) {
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
                text(offer.finding()),
                offer.cause(),
                cause);
    }

    private String text(String finding) {
        return table.finding(finding).orElseThrow().text();
    }
}
