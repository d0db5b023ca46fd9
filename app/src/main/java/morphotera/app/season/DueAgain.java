package morphotera.app.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.follow.Intervention;
import morphotera.app.follow.Interventions;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Zone;
import morphotera.app.measure.Readings;
import morphotera.app.people.Viewer;
import morphotera.app.read.Scores;
import morphotera.follow.Retests;
import morphotera.ground.Band;
import morphotera.read.FieldScores;
import org.springframework.stereotype.Service;

/** When the zones of all fields are to be read again. */
@Service
class DueAgain {
    private final SummaryMapper summaries;
    private final Land land;
    private final Readings readings;
    private final Interventions interventions;

    DueAgain(SummaryMapper summaries, Land land, Readings readings, Interventions interventions) {
        this.summaries = summaries;
        this.land = land;
        this.readings = readings;
        this.interventions = interventions;
    }

    List<RetestController.RetestView> between(Viewer viewer, LocalDate from, LocalDate to) {
        Map<UUID, Map<UUID, TreeMap<LocalDate, Set<String>>>> byField = new LinkedHashMap<>();
        Map<UUID, UUID> lastVisit = new LinkedHashMap<>();
        for (SummaryMapper.WasRead one : summaries.wasRead(viewer)) {
            byField.computeIfAbsent(one.fieldId(), id -> new LinkedHashMap<>())
                    .computeIfAbsent(one.zoneId(), id -> new TreeMap<>())
                    .computeIfAbsent(one.day(), day -> new LinkedHashSet<>())
                    .add(one.method());
            lastVisit.put(one.fieldId(), one.visitId());
        }
        Map<UUID, Field> fields = land.fields(viewer, List.copyOf(byField.keySet())).stream()
                .collect(Collectors.toMap(Field::id, field -> field));
        List<RetestController.RetestView> due = new ArrayList<>();
        byField.forEach((fieldId, zones) -> {
            Field field = fields.get(fieldId);
            List<Intervention> done = interventions.of(viewer, fieldId);
            zones.forEach((zoneId, days) -> {
                List<Retests.Act> log = done.stream()
                        .filter(one -> one.touches(zoneId))
                        .map(one -> new Retests.Act(one.doneOn(), one.kind()))
                        .toList();
                List<Retests.Read> reads = new ArrayList<>();
                days.forEach((day, methods) -> reads.add(new Retests.Read(day, methods)));
                boolean holds = holds(viewer, field, zoneId, lastVisit.get(fieldId));
                for (Retests.Due one : Retests.of(reads, log, holds)) {
                    if (!one.due().isBefore(from) && !one.due().isAfter(to)) {
                        due.add(new RetestController.RetestView(
                                fieldId,
                                zoneId,
                                one.why().word(),
                                one.due(),
                                new RetestController.Window(one.from(), one.to()),
                                one.methods()));
                    }
                }
            });
        });
        due.sort(Comparator.comparing(RetestController.RetestView::due)
                .thenComparing(RetestController.RetestView::field)
                .thenComparing(RetestController.RetestView::zone));
        return due;
    }

    /** Whether every group of a zone held when it was read last. */
    private boolean holds(Viewer viewer, Field field, UUID zoneId, UUID visitId) {
        Zone zone = field.zones().stream()
                .filter(one -> one.id().equals(zoneId))
                .findFirst()
                .orElseThrow();
        FieldScores scores = Scores.of(field, zone, readings.ofVisit(viewer, visitId));
        return !scores.groups().isEmpty()
                && scores.groups().stream()
                        .map(group -> Band.of(group.score()))
                        .allMatch(band -> band == Band.HOLDING || band == Band.THRIVING);
    }
}
