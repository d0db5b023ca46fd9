package morphotera.app.decide;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.api.NotFound;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Zone;
import morphotera.app.papers.Paper;
import morphotera.app.papers.PaperKind;
import morphotera.app.papers.Papers;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.decide.CauseTable;
import morphotera.decide.Judgement;
import morphotera.decide.Outcomes;
import morphotera.decide.Ruling;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import org.springframework.stereotype.Service;

/** What people said of causes; what was confirmed or ruled out by more than opinion teaches the practice's own table. */
@Service
public class Rulings {
    private final Papers papers;
    private final Visits visits;
    private final Land land;
    private final Judgements judgements;
    private final CauseTable first;

    Rulings(Papers papers, Visits visits, Land land, Judgements judgements, CauseTable first) {
        this.papers = papers;
        this.visits = visits;
        this.land = land;
        this.judgements = judgements;
        this.first = first;
    }

    /**
     * A ruling as it is kept.
     *
     * @param word null where it was taken back
     * @param belief that was computed then, from these findings
     * @param beliefShipped the same by the table that ships; null where it was ruled before that was kept
     */
    record Kept(
            UUID visitId,
            UUID zoneId,
            String cause,
            @Nullable String word,
            @Nullable String by,
            @Nullable String why,
            double belief,
            @Nullable Double beliefShipped,
            Map<String, Boolean> findings) {
        boolean stands() {
            return word != null;
        }

        boolean teaches() {
            return ruling(0).teaches();
        }

        Ruling ruling(int version) {
            return new Ruling(
                    cause, Coded.of(Ruling.Word.values(), word), Coded.of(Ruling.By.values(), by), why, version);
        }
    }

    /** @param taught what it changed in the practice's table; empty where it teaches nothing or was taken back */
    record RulingView(
            UUID visitId,
            UUID zoneId,
            String cause,
            @Nullable String word,
            @Nullable String by,
            @Nullable String why,
            int version,
            double belief,
            String keptBy,
            Instant keptAt,
            List<Outcomes.Taught> taught) {}

    /** A ruling that stands, for the device. */
    public record OfVisit(UUID visitId, UUID zoneId, String cause, String word, String by, String why, int version) {}

    public List<OfVisit> standing(Viewer viewer, List<UUID> visitIds) {
        return papers.all(viewer, PaperKind.RULING, Kept.class).stream()
                .filter(one ->
                        one.body().stands() && visitIds.contains(one.body().visitId()))
                .map(one -> new OfVisit(
                        one.body().visitId(),
                        one.body().zoneId(),
                        one.body().cause(),
                        one.body().word(),
                        one.body().by(),
                        one.body().why(),
                        one.version()))
                .toList();
    }

    /**
     * A cause that was called with some belief, and what it turned out to be.
     *
     * @param beliefShipped what the table that ships would have said; null where it was not kept
     */
    public record Settled(
            String cause,
            String adviser,
            double belief,
            @Nullable Double beliefShipped,
            boolean present) {}

    /** Those that rest on more than opinion. */
    public List<Settled> settled(Viewer viewer) {
        return papers.all(viewer, PaperKind.RULING, Kept.class).stream()
                .filter(one -> one.body().stands() && one.body().teaches())
                .map(one -> new Settled(
                        one.body().cause(),
                        one.keptBy(),
                        one.body().belief(),
                        one.body().beliefShipped(),
                        Ruling.Word.CONFIRMED.word().equals(one.body().word())))
                .toList();
    }

    List<Ruling> of(Viewer viewer, UUID visitId, UUID zoneId) {
        return papers.all(viewer, PaperKind.RULING, Kept.class).stream()
                .filter(one -> one.body().stands()
                        && one.body().visitId().equals(visitId)
                        && one.body().zoneId().equals(zoneId))
                .map(one -> one.body().ruling(one.version()))
                .toList();
    }

    /** The practice's table: the first judgement, and all that was confirmed or ruled out since. */
    public CauseTable table(Viewer viewer) {
        return table(viewer, null);
    }

    private CauseTable table(Viewer viewer, @Nullable UUID but) {
        List<Outcomes.Outcome> outcomes = outcomes(viewer, but);
        return outcomes.isEmpty() ? first : Outcomes.learn(first, outcomes).table();
    }

    /** What all that was settled here changed in the table that ships. */
    public record Learned(String causeText, String findingText, Outcomes.Taught taught) {}

    public List<Learned> learned(Viewer viewer) {
        Map<String, String> causes =
                first.causes().stream().collect(Collectors.toMap(CauseTable.Cause::id, CauseTable.Cause::text));
        Map<String, String> findings =
                first.findings().stream().collect(Collectors.toMap(CauseTable.Finding::id, CauseTable.Finding::text));
        return Outcomes.learn(first, outcomes(viewer, null)).taught().stream()
                .map(one -> new Learned(causes.get(one.cause()), findings.get(one.finding()), one))
                .toList();
    }

    private List<Outcomes.Outcome> outcomes(Viewer viewer, @Nullable UUID but) {
        return papers.all(viewer, PaperKind.RULING, Kept.class).stream()
                .filter(one -> !one.id().equals(but))
                .map(Paper::body)
                .filter(one -> one.stands() && one.teaches())
                .map(Rulings::outcome)
                .toList();
    }

    private static Outcomes.Outcome outcome(Kept one) {
        return new Outcomes.Outcome(one.cause(), Ruling.Word.CONFIRMED.word().equals(one.word()), one.findings());
    }

    /** @param said null to take it back */
    RulingView put(Viewer viewer, UUID visitId, String cause, String zoneName, @Nullable Ruling said, int version) {
        if (first.causes().stream().noneMatch(one -> one.id().equals(cause))) {
            throw new NotFound("cause", cause);
        }
        Visit visit = visits.visit(viewer, visitId);
        Field field = land.field(viewer, visit.fieldId());
        Zone zone = field.zone(zoneName);
        UUID id = id(visitId, zone.id(), cause);
        // What it teaches itself does not speak for it: sent again it says the same.
        CauseTable table = table(viewer, id);
        Judgement judgement = judgements.judge(viewer, table, visit, field, zone);
        Map<String, Boolean> findings = new LinkedHashMap<>();
        judgement.answers().forEach((finding, answer) -> {
            if (answer.value() != null) {
                findings.put(finding, answer.value());
            }
        });
        double belief = belief(judgement, cause);
        double shipped = table == first ? belief : belief(judgements.judge(viewer, first, visit, field, zone), cause);
        Kept kept = new Kept(
                visitId,
                zone.id(),
                cause,
                said == null ? null : said.word().word(),
                said == null ? null : said.by().word(),
                said == null ? null : said.why(),
                belief,
                shipped,
                findings);
        return view(
                viewer,
                papers.keep(viewer, PaperKind.RULING, id, field.id(), version, kept, stands -> view(viewer, stands)));
    }

    private static double belief(Judgement judgement, String cause) {
        return judgement.causes().stream()
                .filter(one -> one.cause().id().equals(cause))
                .findFirst()
                .orElseThrow()
                .belief();
    }

    private RulingView view(Viewer viewer, Paper<Kept> paper) {
        Kept one = paper.body();
        return new RulingView(
                one.visitId(),
                one.zoneId(),
                one.cause(),
                one.word(),
                one.by(),
                one.why(),
                paper.version(),
                one.belief(),
                paper.keptBy(),
                paper.keptAt(),
                one.stands() && one.teaches() ? taught(viewer, paper) : List.of());
    }

    /** What it changes on top of what all the others taught. */
    private List<Outcomes.Taught> taught(Viewer viewer, Paper<Kept> paper) {
        return Outcomes.byOneMore(first, outcomes(viewer, paper.id()), outcome(paper.body()));
    }

    private static UUID id(UUID visitId, UUID zoneId, String cause) {
        return UUID.nameUUIDFromBytes((visitId + "/" + zoneId + "/" + cause).getBytes(StandardCharsets.UTF_8));
    }
}
