package morphotera.app.season;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import morphotera.app.api.Json;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Sample;
import morphotera.app.land.Zone;
import morphotera.app.measure.Reading;
import morphotera.app.measure.Readings;
import morphotera.app.people.Viewer;
import morphotera.app.read.Scores;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.ground.Band;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.read.FieldScores;
import morphotera.read.School;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** All fields as they stand, by stored summaries; those that something changed for are computed anew when they are asked for. */
@Service
public class Season {
    private static final int MOST_AT_ONCE = 1000;
    private static final LocalDate NEVER = LocalDate.of(2200, 12, 31);

    private static final TypeReference<List<Standing>> STANDINGS = new TypeReference<>() {};
    private static final TypeReference<List<DueAgain.Due>> DUE = new TypeReference<>() {};

    private final SummaryMapper summaries;
    private final Land land;
    private final Visits visits;
    private final Readings readings;
    private final DueAgain dueAgain;
    private final Json json;
    private final Clock clock;

    Season(
            SummaryMapper summaries,
            Land land,
            Visits visits,
            Readings readings,
            DueAgain dueAgain,
            Json json,
            Clock clock) {
        this.summaries = summaries;
        this.land = land;
        this.visits = visits;
        this.readings = readings;
        this.dueAgain = dueAgain;
        this.json = json;
        this.clock = clock;
    }

    record VisitBrief(UUID id, LocalDate day, String state, String question) {
        static VisitBrief of(Visit visit) {
            return new VisitBrief(visit.id(), visit.day(), visit.state(), visit.question());
        }
    }

    record OfGroup(String group, double score) {}

    /** How the main zone stood when it was read last in a year; {@code score}: the soil by the field's own school. */
    record Standing(int year, LocalDate day, @Nullable Double score, boolean provisional, List<OfGroup> groups) {}

    /**
     * A field with its newest score by its own school.
     *
     * @param provisional too little measured to stand on
     * @param standings newest year first
     * @param due when its zones are read again, soonest first
     */
    record FieldCard(
            Field field,
            List<VisitBrief> visits,
            @Nullable VisitBrief scored,
            @Nullable Double score,
            @Nullable Band band,
            boolean provisional,
            List<Standing> standings,
            List<DueAgain.Due> due) {}

    /**
     * Some of the fields, what needs someone first.
     *
     * @param after where the next ones begin; null where these are the last
     * @param of how many there are in all
     */
    record Page(List<FieldCard> fields, @Nullable String after, int of) {}

    @Transactional
    public Page page(Viewer viewer, int limit, @Nullable Cursor after) {
        bringUpToDate(viewer);
        List<SummaryRow> rows = summaries.page(
                viewer, after == null ? null : after.day(), after == null ? null : after.fieldId(), limit + 1);
        List<SummaryRow> shown = rows.subList(0, Math.min(limit, rows.size()));
        SummaryRow last = shown.isEmpty() ? null : shown.get(shown.size() - 1);
        return new Page(
                cards(viewer, shown),
                rows.size() > limit ? new Cursor(last.needsOn(), last.fieldId()).text() : null,
                summaries.count(viewer));
    }

    /** A place in the order of the season. */
    record Cursor(LocalDate day, UUID fieldId) {
        String text() {
            return day + "_" + fieldId;
        }

        /** Empty where this is no cursor of ours. */
        static Optional<Cursor> of(String text) {
            try {
                String[] parts = text.split("_", 2);
                return Optional.of(new Cursor(LocalDate.parse(parts[0]), UUID.fromString(parts[1])));
            } catch (RuntimeException notOurs) {
                return Optional.empty();
            }
        }
    }

    private List<FieldCard> cards(Viewer viewer, List<SummaryRow> rows) {
        List<UUID> ids = rows.stream().map(SummaryRow::fieldId).toList();
        Map<UUID, Field> fields =
                land.fields(viewer, ids).stream().collect(Collectors.toMap(Field::id, Function.identity()));
        Map<UUID, List<Visit>> byField =
                visits.ofFields(viewer, ids).stream().collect(Collectors.groupingBy(Visit::fieldId));
        List<FieldCard> cards = new ArrayList<>();
        for (SummaryRow row : rows) {
            List<Visit> ofField = byField.getOrDefault(row.fieldId(), List.of());
            Optional<Visit> scored = ofField.stream()
                    .filter(visit -> visit.id().equals(row.scoredVisitId()))
                    .findFirst();
            cards.add(new FieldCard(
                    fields.get(row.fieldId()),
                    ofField.stream().map(VisitBrief::of).toList(),
                    scored.map(VisitBrief::of).orElse(null),
                    row.score(),
                    row.score() == null ? null : Band.of(row.score()),
                    row.provisional(),
                    json.read(row.standingsJson(), STANDINGS),
                    json.read(row.dueJson(), DUE)));
        }
        return cards;
    }

    /** Computes anew whatever something changed for. */
    @Transactional
    public void bringUpToDate(Viewer viewer) {
        List<SummaryRow> old = summaries.old(viewer, MOST_AT_ONCE);
        while (!old.isEmpty()) {
            old.forEach(row -> summaries.save(viewer, compute(viewer, row)));
            old = old.size() < MOST_AT_ONCE ? List.of() : summaries.old(viewer, MOST_AT_ONCE);
        }
    }

    record DueOf(UUID field, DueAgain.Due due) {}

    /** What is due again between two days, soonest first. */
    @Transactional
    public List<DueOf> due(Viewer viewer, LocalDate from, LocalDate to) {
        bringUpToDate(viewer);
        return summaries.all(viewer).stream()
                .flatMap(row -> json.read(row.dueJson(), DUE).stream()
                        .filter(one -> !one.due().isBefore(from) && !one.due().isAfter(to))
                        .map(one -> new DueOf(row.fieldId(), one)))
                .sorted(Comparator.comparing((DueOf one) -> one.due().due())
                        .thenComparing(DueOf::field)
                        .thenComparing(one -> one.due().zone()))
                .toList();
    }

    private SummaryRow compute(Viewer viewer, SummaryRow old) {
        Field field = land.field(viewer, old.fieldId());
        List<Visit> ofField = visits.ofField(viewer, field.id());
        Map<UUID, List<Reading>> byVisit = readings.standing(viewer, field.id()).stream()
                .collect(Collectors.groupingBy(Reading::visitId, LinkedHashMap::new, Collectors.toList()));
        Optional<UUID> read = byVisit.keySet().stream().reduce((earlier, later) -> later);
        List<Standing> standings = standings(field, byVisit.values());
        List<DueAgain.Due> due =
                dueAgain.of(viewer, field, read.map(byVisit::get).orElse(List.of()));
        Optional<Standing> now = standings.stream().findFirst();
        return new SummaryRow(
                field.id(),
                old.changes(),
                old.computedAt(),
                needsOn(field, ofField, due),
                read.orElse(null),
                now.map(Standing::score).orElse(null),
                now.isPresent() && now.get().provisional(),
                json.write(standings),
                json.write(due));
    }

    /** Of each year the visit in which the main zone was read last: strips and patches read by themselves say nothing of it. */
    private static List<Standing> standings(Field field, Collection<List<Reading>> oldestFirst) {
        Optional<Zone> main = field.zones().stream()
                .filter(zone -> zone.kind().equals("main"))
                .findFirst();
        TreeMap<Integer, List<Reading>> lastOfYear = new TreeMap<>(Comparator.reverseOrder());
        main.ifPresent(zone -> oldestFirst.stream()
                .filter(ofVisit -> !Scores.standing(field, zone, ofVisit).isEmpty())
                .forEach(ofVisit -> lastOfYear.put(ofVisit.get(0).visitDay().getYear(), ofVisit)));
        return main.stream()
                .flatMap(zone -> lastOfYear.entrySet().stream()
                        .map(year -> standing(field, zone, year.getKey(), year.getValue())))
                .toList();
    }

    private static Standing standing(Field field, Zone zone, int year, List<Reading> ofVisit) {
        FieldScores scores = Scores.of(field, zone, ofVisit);
        return new Standing(
                year,
                ofVisit.get(0).visitDay(),
                scores.soil().by(Coded.of(School.values(), field.school())),
                scores.soil().provisional(),
                scores.groups().stream()
                        .map(one -> new OfGroup(one.group().word(), one.score()))
                        .toList());
    }

    /** Today where a visit runs or a sheet came back; else the next planned day or the first day to look again. */
    private LocalDate needsOn(Field field, List<Visit> visits, List<DueAgain.Due> due) {
        LocalDate today = LocalDate.now(clock);
        boolean cameBack = field.samples().stream().anyMatch(Sample::cameBack);
        if (cameBack || visits.stream().anyMatch(visit -> visit.state().equals("running"))) {
            return today;
        }
        Optional<LocalDate> planned = visits.stream()
                .filter(visit -> visit.state().equals("planned"))
                .map(Visit::day)
                .min(Comparator.naturalOrder());
        return planned.orElse(due.isEmpty() ? NEVER : due.get(0).due());
    }
}
