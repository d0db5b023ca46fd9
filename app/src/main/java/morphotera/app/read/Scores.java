package morphotera.app.read;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.land.Field;
import morphotera.app.land.Spot;
import morphotera.app.land.Zone;
import morphotera.app.measure.Reading;
import morphotera.app.measure.TakenReadings;
import morphotera.ground.Coded;
import morphotera.read.FieldScores;
import morphotera.read.School;

/** From the readings of a zone that stand to its scores. */
public final class Scores {
    private Scores() {}

    public static FieldScores of(Field field, Zone zone, List<Reading> readings) {
        return FieldScores.of(
                TakenReadings.of(standing(field, zone, readings)),
                Coded.of(School.values(), field.school()),
                field.crop());
    }

    /** The readings of a zone's spots and samples that neither were corrected since nor set aside. */
    public static List<Reading> standing(Field field, Zone zone, List<Reading> readings) {
        Set<UUID> places = field.spotsOf(zone).stream().map(Spot::id).collect(Collectors.toSet());
        field.samples().stream()
                .filter(sample -> sample.zoneId().equals(zone.id()))
                .forEach(sample -> places.add(sample.id()));
        return readings.stream()
                .filter(reading -> reading.stands() && places.contains(reading.placeId()))
                .toList();
    }
}
