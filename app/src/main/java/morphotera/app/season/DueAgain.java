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
import morphotera.app.decide.Trials;
import morphotera.app.follow.Intervention;
import morphotera.app.follow.Interventions;
import morphotera.app.follow.Promises;
import morphotera.app.land.Field;
import morphotera.app.land.Zone;
import morphotera.app.measure.Reading;
import morphotera.app.people.Viewer;
import morphotera.app.read.Scores;
import morphotera.follow.Forecast;
import morphotera.follow.Retests;
import morphotera.ground.Band;
import morphotera.read.FieldScores;
import org.springframework.stereotype.Service;

/** When the zones of a field are to be read again. */
@Service
class DueAgain {
    /** By which method a promised measure is read again; the structure group by its block. */
    private static final Map<String, String> METHODS = Map.of("ph.topsoil", "ph", "salinity.rootZoneEce", "salinity");

    private final SummaryMapper summaries;
    private final Interventions interventions;
    private final Promises promises;
    private final Trials trials;

    DueAgain(SummaryMapper summaries, Interventions interventions, Promises promises, Trials trials) {
        this.summaries = summaries;
        this.interventions = interventions;
        this.promises = promises;
        this.trials = trials;
    }

    record Window(LocalDate from, LocalDate to) {}

    /**
     * @param why {@code routine}, {@code under-treatment}, {@code laboratory}, {@code forecast-missed} or {@code trial}
     * @param nth the how-many-th of its zone that is due for that reason
     */
    record Due(UUID zone, String why, int nth, LocalDate due, Window window, List<String> methods) {
        static Due of(UUID zone, Retests.Due due) {
            return new Due(zone, due.why().word(), 1, due.due(), new Window(due.from(), due.to()), due.methods());
        }

        Due counted(Map<String, Integer> soFar) {
            return new Due(zone, why, soFar.merge(zone + why, 1, Integer::sum), due, window, methods);
        }
    }

    /**
     * Soonest first.
     *
     * @param newest the readings of the visit that was read last
     */
    List<Due> of(Viewer viewer, Field field, List<Reading> newest) {
        Map<UUID, TreeMap<LocalDate, Set<String>>> zones = new LinkedHashMap<>();
        for (SummaryMapper.WasRead one : summaries.wasRead(viewer, field.id())) {
            zones.computeIfAbsent(one.zoneId(), id -> new TreeMap<>())
                    .computeIfAbsent(one.day(), day -> new LinkedHashSet<>())
                    .add(one.method());
        }
        if (zones.isEmpty()) {
            return List.of();
        }
        List<Intervention> done = interventions.of(viewer, field.id());
        Map<UUID, Map<String, LocalDate>> missed = missed(viewer, field);
        Map<UUID, LocalDate> inTrial = new LinkedHashMap<>();
        trials.running(viewer, field.id())
                .forEach(trial -> trial.strips().forEach(strip -> inTrial.put(strip.zoneId(), trial.begunOn())));
        List<Due> due = new ArrayList<>();
        zones.forEach((zone, days) -> {
            List<Retests.Act> log = done.stream()
                    .filter(one -> one.touches(zone))
                    .map(one -> new Retests.Act(one.doneOn(), one.kind()))
                    .toList();
            List<Retests.Read> reads = new ArrayList<>();
            days.forEach((day, methods) -> reads.add(new Retests.Read(day, methods)));
            List<Retests.Due> all = new ArrayList<>(
                    inTrial.containsKey(zone)
                            ? Retests.ofTrial(reads, inTrial.get(zone))
                            : Retests.of(reads, log, holds(field, zone, newest)));
            all.addAll(beforeSowing(reads, log));
            missed.getOrDefault(zone, Map.of())
                    .forEach((method, day) ->
                            all.add(Retests.afterMiss(reads.get(0).day(), day, method)));
            all.forEach(one -> due.add(Due.of(zone, one)));
        });
        due.sort(Comparator.comparing(Due::due).thenComparing(Due::zone));
        Map<String, Integer> counted = new LinkedHashMap<>();
        return due.stream().map(one -> one.counted(counted)).toList();
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
            if (newest.place() != Forecast.Held.INSIDE) {
                missed.computeIfAbsent(band.zone(), id -> new LinkedHashMap<>())
                        .put(METHODS.getOrDefault(band.measure(), "structure-spade"), newest.day());
            }
        }
        return missed;
    }

    /** Whether every group of a zone held when it was read last. */
    private static boolean holds(Field field, UUID zoneId, List<Reading> newest) {
        Zone zone = field.zones().stream()
                .filter(one -> one.id().equals(zoneId))
                .findFirst()
                .orElseThrow();
        FieldScores scores = Scores.of(field, zone, newest);
        return !scores.groups().isEmpty()
                && scores.groups().stream()
                        .map(group -> Band.of(group.score()))
                        .allMatch(band -> band == Band.HOLDING || band == Band.THRIVING);
    }
}
