package morphotera.app.decide;

import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Zone;
import morphotera.app.measure.Reading;
import morphotera.app.measure.Readings;
import morphotera.app.people.Viewer;
import morphotera.app.read.Scores;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.decide.CauseTable;
import morphotera.decide.Causes;
import morphotera.decide.CrossChecks;
import morphotera.decide.Facts;
import morphotera.decide.Lift;
import morphotera.decide.NextTests;
import morphotera.decide.remedies.Remedies;
import morphotera.ground.Coded;
import morphotera.ground.LandUse;
import morphotera.ground.Nullable;
import morphotera.ground.TextureClass;
import morphotera.ground.TextureGroup;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;
import morphotera.measure.Step;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the evidence says of each cause, and what to test next. */
@RestController
class CauseController {
    private final Visits visits;
    private final Land land;
    private final Readings readings;
    private final CauseTable table;

    CauseController(Visits visits, Land land, Readings readings, CauseTable table) {
        this.visits = visits;
        this.land = land;
        this.readings = readings;
        this.table = table;
    }

    /** {@code text} says the finding; {@code value} whether it was seen; the number read stands beside it where there is one. */
    record Evidence(
            String finding,
            String text,
            boolean value,
            double weight,
            Double number,
            @Nullable String unit,
            @Nullable String measure,
            List<String> readings) {}

    record Cause(
            String id,
            String text,
            double belief,
            Causes.Word word,
            @Nullable String gate,
            List<Evidence> evidence,
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

    record Judgement(
            String table,
            int tableVersion,
            String note,
            List<Cause> causes,
            List<NextTest> nextTests,
            List<Blocked> blocked,
            List<CrossChecks.Question> questions,
            Map<String, Map<String, Double>> known) {}

    @GetMapping("/api/visits/{id}/causes")
    Judgement ofVisit(@PathVariable UUID id, @RequestParam(defaultValue = "main") String zone) {
        Viewer viewer = Viewer.current();
        Visit visit = visits.visit(viewer, id);
        Field field = land.field(viewer, visit.fieldId());
        Zone where = field.zone(zone);
        List<Reading> spoken = Scores.standing(field, where, readings.standing(viewer, field.id())).stream()
                .filter(reading -> !reading.visitDay().isAfter(visit.day()))
                .toList();
        List<Facts.Reading> read = facts(spoken);
        Facts facts = new Facts(
                read, visit.ticks().getOrDefault(where.id().toString(), Map.of()), balance(field, where, spoken));
        Map<String, Facts.Answer> answers = facts.answers(table);
        TextureGroup texture = texture(field);
        Causes.Setting setting = new Causes.Setting(
                field.use(), texture == null ? null : texture.word(), field.climate(), field.coastal());
        List<Reading> here = spoken.stream()
                .filter(reading -> reading.visitId().equals(visit.id()))
                .toList();
        Set<String> done = here.stream().map(Reading::method).collect(Collectors.toSet());
        return judgement(
                setting,
                answers,
                minutes(done),
                facts.blocked(table),
                CrossChecks.of(facts(here)),
                known(facts, field, texture));
    }

    /** Soil less plants in the newest visit that scored both. */
    private static Double balance(Field field, Zone where, List<Reading> spoken) {
        Map<UUID, List<Reading>> byVisit = spoken.stream()
                .sorted(Comparator.comparing(Reading::visitDay).reversed())
                .collect(Collectors.groupingBy(Reading::visitId, LinkedHashMap::new, Collectors.toList()));
        return byVisit.values().stream()
                .map(readings -> Scores.of(field, where, readings).difference())
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
    }

    private static TextureGroup texture(Field field) {
        return field.texture() == null
                ? null
                : Coded.of(TextureClass.values(), field.texture()).group();
    }

    private static List<Facts.Reading> facts(List<Reading> spoken) {
        List<UUID> order = spoken.stream()
                .sorted(Comparator.comparing(Reading::visitDay))
                .map(Reading::visitId)
                .distinct()
                .toList();
        return spoken.stream()
                .map(reading -> new Facts.Reading(
                        reading.id().toString(),
                        order.indexOf(reading.visitId()),
                        reading.spotId().toString(),
                        reading.evaluation()))
                .toList();
    }

    /** Hands-on minutes of each method, without the block or auger hole that stands open already. */
    private static Map<String, Double> minutes(Set<String> done) {
        Set<String> shared = Methods.ALL.stream()
                .filter(method -> done.contains(method.id()))
                .flatMap(method -> method.description().steps().stream())
                .map(Step::sharedAs)
                .filter(name -> name != null)
                .collect(Collectors.toSet());
        Map<String, Double> minutes = new LinkedHashMap<>();
        for (Method method : Methods.ALL) {
            minutes.put(method.id(), method.description().handsOnMinutes(shared));
        }
        return minutes;
    }

    /** What each remedy can take from the readings and the field, by its fields. */
    private static Map<String, Map<String, Double>> known(Facts facts, Field field, TextureGroup texture) {
        Map<String, Map<String, Double>> known = new LinkedHashMap<>();
        Remedies.ALL.forEach(remedy -> {
            Map<String, Double> values = new LinkedHashMap<>();
            remedy.description()
                    .from()
                    .forEach((key, sources) -> sources.stream()
                            .map(from -> taken(from, facts, field, texture))
                            .filter(Objects::nonNull)
                            .findFirst()
                            .ifPresent(value -> values.put(key, value)));
            known.put(remedy.description().id(), values);
        });
        return known;
    }

    private static Double taken(String from, Facts facts, Field field, TextureGroup texture) {
        return switch (from) {
            case "field.clayPercent" -> field.clayPercent();
            case "texture.density" -> texture == null ? null : texture.densityGPerCm3();
            default -> facts.mean(from).orElse(null);
        };
    }

    record JudgeContext(
            @Nullable String use,
            @Nullable String textureGroup,
            @Nullable String climate,
            Boolean coastal) {}

    record JudgeBody(
            @Nullable JudgeContext context, @Nullable Map<String, Boolean> findings) implements Checked {
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
    Judgement judge(@RequestBody JudgeBody body) {
        JudgeContext context = body.context() == null ? new JudgeContext(null, null, null, null) : body.context();
        Findings refused = new Findings();
        Map<String, Facts.Answer> answers = new LinkedHashMap<>();
        Map<String, Boolean> findings = body.findings() == null ? Map.of() : body.findings();
        findings.forEach((finding, value) -> {
            if (table.finding(finding).isEmpty()) {
                refused.refuse("/findings/" + finding, "unknown-word", "There is no finding '" + finding + "'.");
            } else if (value != null) {
                answers.put(finding, new Facts.Answer(value, List.of(), null, null, null));
            }
        });
        refused.throwIfAny();
        Causes.Setting setting =
                new Causes.Setting(context.use(), context.textureGroup(), context.climate(), context.coastal());
        return judgement(setting, answers, minutes(Set.of()), List.of(), List.of(), Map.of());
    }

    private Judgement judgement(
            Causes.Setting setting,
            Map<String, Facts.Answer> answers,
            Map<String, Double> minutes,
            List<Facts.Blocked> blocked,
            List<CrossChecks.Question> questions,
            Map<String, Map<String, Double>> known) {
        Map<String, Boolean> findings = new LinkedHashMap<>();
        answers.forEach((finding, answer) -> findings.put(finding, answer.value()));
        return new Judgement(
                table.name(),
                table.version(),
                table.note(),
                Causes.judge(table, setting, findings).stream()
                        .map(judged -> cause(judged, answers))
                        .toList(),
                NextTests.best(table, setting, findings, minutes).stream()
                        .map(this::nextTest)
                        .toList(),
                blocked.stream()
                        .map(one -> new Blocked(
                                one.finding(), text(one.finding()), one.method(), one.reason(), one.text(), one.lift()))
                        .toList(),
                questions,
                known);
    }

    private Cause cause(Causes.Judged judged, Map<String, Facts.Answer> answers) {
        List<Evidence> evidence = judged.evidence().stream()
                .map(weighed -> {
                    Facts.Answer answer = answers.get(weighed.finding());
                    return new Evidence(
                            weighed.finding(),
                            text(weighed.finding()),
                            weighed.value(),
                            weighed.weight(),
                            answer.number(),
                            answer.unit(),
                            answer.measure(),
                            answer.readings());
                })
                .toList();
        return new Cause(
                judged.cause().id(),
                judged.cause().text(),
                judged.belief(),
                judged.word(),
                judged.gate(),
                evidence,
                judged.cause().remedies());
    }

    private NextTest nextTest(NextTests.Offer offer) {
        String cause = table.causes().stream()
                .filter(one -> one.id().equals(offer.cause()))
                .findFirst()
                .orElseThrow()
                .text();
        return new NextTest(
                offer.method(),
                Methods.find(offer.method()).orElseThrow().description().name(),
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
