package morphotera.app.season;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import morphotera.app.follow.Intervention;
import morphotera.app.follow.InterventionMapper;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Zone;
import morphotera.app.measure.Readings;
import morphotera.app.people.Viewer;
import morphotera.app.read.Scores;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.follow.Retest;
import morphotera.ground.Band;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.read.FieldScores;
import morphotera.read.School;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** All fields as they stand, by stored summaries; those that something changed for are computed anew when they are asked for. */
@Service
class Season {
    private static final int MOST_AT_ONCE = 1000;
    private static final LocalDate NEVER = LocalDate.of(2200, 12, 31);

    private final SummaryMapper summaries;
    private final Land land;
    private final Visits visits;
    private final Readings readings;
    private final InterventionMapper interventions;
    private final Clock clock;

    Season(
            SummaryMapper summaries,
            Land land,
            Visits visits,
            Readings readings,
            InterventionMapper interventions,
            Clock clock) {
        this.summaries = summaries;
        this.land = land;
        this.visits = visits;
        this.readings = readings;
        this.interventions = interventions;
        this.clock = clock;
    }

    record VisitBrief(UUID id, LocalDate day, String state, String question) {
        static VisitBrief of(Visit visit) {
            return new VisitBrief(visit.id(), visit.day(), visit.state(), visit.question());
        }
    }

    /** A field with its newest score by its own school; {@code provisional}: too little measured to stand on. */
    record FieldCard(
            Field field,
            List<VisitBrief> visits,
            @Nullable VisitBrief scored,
            @Nullable Double score,
            @Nullable Band band,
            boolean provisional,
            @Nullable Retest lookAgain) {}

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
                    row.lookFrom() == null ? null : new Retest(row.lookFrom(), row.lookTo(), row.lookWhy())));
        }
        return cards;
    }

    private void bringUpToDate(Viewer viewer) {
        List<SummaryRow> old = summaries.old(viewer, MOST_AT_ONCE);
        while (!old.isEmpty()) {
            old.forEach(row -> summaries.save(viewer, compute(viewer, row)));
            old = old.size() < MOST_AT_ONCE ? List.of() : summaries.old(viewer, MOST_AT_ONCE);
        }
    }

    private SummaryRow compute(Viewer viewer, SummaryRow old) {
        Field field = land.field(viewer, old.fieldId());
        List<Visit> ofField = visits.ofField(viewer, field.id());
        Optional<UUID> read = readings.newestRead(viewer, field.id());
        Optional<Zone> main = field.zones().stream()
                .filter(zone -> zone.kind().equals("main"))
                .findFirst();
        FieldScores scores = read.isEmpty() || main.isEmpty()
                ? null
                : Scores.of(field, main.get(), readings.ofVisit(viewer, read.get()));
        Retest look = lookAgain(ofField, interventions.of(viewer, field.id()));
        return new SummaryRow(
                field.id(),
                old.changes(),
                old.computedAt(),
                needsOn(ofField, look),
                read.orElse(null),
                scores == null ? null : scores.soil().by(Coded.of(School.values(), field.school())),
                scores != null && scores.soil().provisional(),
                look == null ? null : look.from(),
                look == null ? null : look.to(),
                look == null ? null : look.why());
    }

    private static @Nullable Retest lookAgain(List<Visit> newestFirst, List<Intervention> done) {
        return newestFirst.stream()
                .filter(visit -> visit.state().equals("done"))
                .findFirst()
                .map(visit -> Retest.after(
                        visit.day(),
                        visit.question().equals("poor-patch"),
                        done.stream().anyMatch(one -> !one.doneOn().isBefore(visit.day()))))
                .orElse(null);
    }

    /** Today where a visit runs; else the next planned day or the first day to look again. */
    private LocalDate needsOn(List<Visit> visits, @Nullable Retest look) {
        LocalDate today = LocalDate.now(clock);
        if (visits.stream().anyMatch(visit -> visit.state().equals("running"))) {
            return today;
        }
        Optional<LocalDate> planned = visits.stream()
                .filter(visit -> visit.state().equals("planned"))
                .map(Visit::day)
                .min(Comparator.naturalOrder());
        return planned.orElse(look == null ? NEVER : look.from());
    }
}
