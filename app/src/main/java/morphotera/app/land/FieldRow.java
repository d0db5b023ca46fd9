package morphotera.app.land;

import java.time.LocalDate;
import java.util.UUID;

/** A field as stored; the outline is JSON. */
public record FieldRow(
        UUID id,
        UUID practiceId,
        UUID holdingId,
        String holdingName,
        String name,
        String landUse,
        String texture,
        Double clayPercent,
        String crop,
        String purpose,
        String climate,
        Boolean coastal,
        Double buildingM,
        Double wellM,
        Double septicM,
        LocalDate sulphideClearOn,
        String school,
        UUID yardstickId,
        String outlineJson,
        String gateJson,
        String waterJson,
        String avoidJson,
        double areaHa,
        String timeZone,
        int version) {
    /** This row with what the database adds to it, so that the two can be held against each other. */
    FieldRow withWhatIsAdded(FieldRow known) {
        return new FieldRow(
                id,
                practiceId,
                holdingId,
                known.holdingName(),
                name,
                landUse,
                texture,
                clayPercent,
                crop,
                purpose,
                climate,
                coastal,
                buildingM,
                wellM,
                septicM,
                sulphideClearOn,
                school,
                yardstickId,
                outlineJson,
                gateJson,
                waterJson,
                avoidJson,
                areaHa,
                timeZone,
                known.version());
    }
}
