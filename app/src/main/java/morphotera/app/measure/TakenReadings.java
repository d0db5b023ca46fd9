package morphotera.app.measure;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.land.Field;
import morphotera.app.scout.Visit;
import morphotera.measure.Cell;
import morphotera.measure.Evaluation;
import morphotera.measure.Taken;
import morphotera.measure.methods.Methods;

/** Readings as the core's rules take them. */
public final class TakenReadings {
    private TakenReadings() {}

    /** Of one visit; the rules that ask for the season are given visits too. */
    public static Taken of(Reading reading) {
        return of(reading, false);
    }

    private static Taken of(Reading reading, boolean wet) {
        Cell cell = Cell.of(
                Methods.find(reading.method()).orElseThrow().description(),
                reading.variant(),
                reading.repeat(),
                reading.reading());
        return new Taken(
                reading.id().toString(),
                reading.visitId().toString(),
                reading.visitDay().toEpochDay(),
                reading.placeId().toString(),
                cell,
                reading.reading(),
                reading.evaluation(),
                reading.yardstick() + " " + reading.yardstickVersion(),
                wet,
                reading.sampleId() != null);
    }

    public static List<Taken> of(List<Reading> readings) {
        return readings.stream().map(TakenReadings::of).toList();
    }

    /** With whether each visit was made in a time wet enough for missing water to tell something. */
    public static List<Taken> of(List<Reading> readings, Field field, List<Visit> visits) {
        Map<UUID, Boolean> wet = visits.stream()
                .collect(Collectors.toMap(Visit::id, visit -> visit.on(field).wet()));
        return readings.stream()
                .map(reading -> of(reading, wet.getOrDefault(reading.visitId(), false)))
                .toList();
    }

    static Taken with(Taken before, Evaluation done) {
        return new Taken(
                before.id(),
                before.visit(),
                before.day(),
                before.spot(),
                before.cell(),
                before.entered(),
                done,
                before.yardstick(),
                before.wet(),
                before.mixed());
    }
}
