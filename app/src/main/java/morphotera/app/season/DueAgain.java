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
import morphotera.app.follow.Promises;
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
    /** By which method a promised measure is read again; the structure group by its block. */
    private static final Map<String, String> METHODS = Map.of("ph.topsoil", "ph", "salinity.rootZoneEce", "salinity");

    private final SummaryMapper summaries;
    private final Land land;
    private final Readings readings;
    private final Interventions interventions;
    private final Promises promises;

    DueAgain(SummaryMapper summaries, Land land, Readings readings, Interventions interventions, Promises promises) {
        this.summaries = summaries;
        this.land = land;
        this.readings = readings;
        this.interventions = interventions;
        this.promises = promises;
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
            Map<UUID, Map<String, LocalDate>> missed = missed(viewer, field);
            zones.forEach((zoneId, days) -> {
                List<Retests.Act> log = done.stream()
                        .filter(one -> one.touches(zoneId))
                        .map(one -> new Retests.Act(one.doneOn(), one.kind()))
                        .toList();
                List<Retests.Read> reads = new ArrayList<>();
                days.forEach((day, methods) -> reads.add(new Retests.Read(day, methods)));
                boolean holds = holds(viewer, field, zoneId, lastVisit.get(fieldId));
                List<Retests.Due> all = new ArrayList<>(Retests.of(reads, log, holds));
                all.addAll(beforeSowing(reads, log));
                missed.getOrDefault(zoneId, Map.of())
                        .forEach((method, day) ->
                                all.add(Retests.afterMiss(reads.get(0).day(), day, method)));
                for (Retests.Due one : all) {
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

    /** Where the laboratory was asked before and something was sown. */
    private static List<Retests.Due> beforeSowing(List<Retests.Read> reads, List<Retests.Act> log) {
        boolean asked = reads.stream().anyMatch(one -> one.methods().contains("laboratory"));
        return log.stream()
                .filter(one -> asked && one.kind().equals("sowing"))
                .map(Retests.Act::day)
                .max(Comparator.naturalOrder())
                .map(day -> List.of(Retests.beforeSowing(day)))
                .orElse(List.of());
    }

    /** By zone and method the day of the newest reading that lay outside what was promised. */
    private Map<UUID, Map<String, LocalDate>> missed(Viewer viewer, Field field) {
        Map<UUID, Map<String, LocalDate>> missed = new LinkedHashMap<>();
        for (Promises.Band band : promises.bands(viewer, field, null)) {
            if (band.outcomes().isEmpty()) {
                continue;
            }
            Promises.Outcome newest = band.outcomes().get(band.outcomes().size() - 1);
            if (!newest.place().equals("inside")) {
                missed.computeIfAbsent(band.zone(), id -> new LinkedHashMap<>())
                        .put(METHODS.getOrDefault(band.measure(), "structure-spade"), newest.day());
            }
        }
        return missed;
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
