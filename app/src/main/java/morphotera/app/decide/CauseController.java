package morphotera.app.decide;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.land.Field;
import morphotera.app.land.Zone;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.decide.Advice;
import morphotera.decide.CauseTable;
import morphotera.decide.Causes;
import morphotera.decide.Facts;
import morphotera.decide.GoodPatch;
import morphotera.decide.Judgement;
import morphotera.decide.NextTests;
import morphotera.decide.Ruling;
import morphotera.ground.Coded;
import morphotera.ground.LandUse;
import morphotera.ground.Nullable;
import morphotera.ground.TextureGroup;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the evidence says of each cause, and what to test next. */
@RestController
class CauseController {
    private final Judgements judgements;
    private final Rulings rulings;
    private final CauseTable table;

    CauseController(Judgements judgements, Rulings rulings, CauseTable table) {
        this.judgements = judgements;
        this.rulings = rulings;
        this.table = table;
    }

    /** {@code zone}: an id, a name, or a kind where the field has one of it. */
    @GetMapping("/api/visits/{id}/causes")
    Advice ofVisit(@PathVariable UUID id, @RequestParam(defaultValue = "main") String zone) {
        Viewer viewer = Viewer.current();
        Visit visit = judgements.visit(viewer, id);
        Field field = judgements.field(viewer, visit.fieldId());
        Zone where = field.zone(zone);
        return judgements.advice(
                viewer, rulings.table(viewer), visit, field, where, rulings.of(viewer, id, where.id()));
    }

    /** @param word {@code confirmed}, {@code ruled-out} or {@code set-aside} */
    record RulingBody(String zone, String word, String by, String why, int version) implements Checked {
        private static final int SHORTEST = 3;
        private static final int LONGEST = 500;

        @Override
        public void check(Findings refused) {
            refused.needed("/zone", zone, "The zone");
            refused.needed("/word", word, "What you say of it");
            refused.word("/word", word, "a ruling", words(Ruling.Word.values()));
            refused.needed("/by", by, "What it rests on");
            refused.word("/by", by, "grounds", words(Ruling.By.values()));
            refused.text("/why", why, "The reason", LONGEST);
            if (why != null && !why.isBlank() && why.strip().length() < SHORTEST) {
                refused.refuse("/why", "too-short", "The reason takes 3 characters at least.");
            }
        }
    }

    @PutMapping("/api/visits/{id}/causes/{cause}/ruling")
    Rulings.RulingView rule(@PathVariable UUID id, @PathVariable String cause, @RequestBody RulingBody body) {
        Ruling said = new Ruling(
                cause,
                Coded.of(Ruling.Word.values(), body.word()),
                Coded.of(Ruling.By.values(), body.by()),
                body.why().strip(),
                body.version());
        return rulings.put(Viewer.writing(), id, cause, body.zone(), said, body.version());
    }

    /** Taken back: the table forgets what it taught. */
    @DeleteMapping("/api/visits/{id}/causes/{cause}/ruling")
    Rulings.RulingView takeBack(
            @PathVariable UUID id,
            @PathVariable String cause,
            @RequestParam(defaultValue = "main") String zone,
            @RequestParam int version) {
        return rulings.put(Viewer.writing(), id, cause, zone, null, version);
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
    }

    private static List<String> words(Coded[] all) {
        return Arrays.stream(all).map(Coded::word).toList();
    }

    @PostMapping("/api/causes/judge")
    Advice judge(@RequestBody JudgeBody body) {
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
        return Advice.of(table, judgement);
    }

    private boolean isKnown(String finding, String path, Findings refused) {
        boolean known = finding != null && table.finding(finding).isPresent();
        if (!known) {
            refused.refuse(path, "unknown-word", "There is no finding '" + finding + "'.");
        }
        return known;
    }
}
